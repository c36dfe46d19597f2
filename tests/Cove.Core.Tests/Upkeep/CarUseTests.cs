namespace Cove.Core.Tests.Upkeep;

/// <summary>What the use of a car does to levels, for every task of the table.</summary>
public sealed class CarUseTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 10, 9, 0, 0, TimeSpan.Zero);

    /// <summary>Each thing an owner can say more of, as a step from a use to one that soils at least as much.</summary>
    private static readonly (string Name, Func<CarUse, CarUse> More)[] Steps =
    [
        ("distance", use => use with { Distance = Further(use.Distance) }),
        ("people", use => use with { People = Math.Min(CarUse.MostPeople, use.People + 1) }),
        ("children", use => use with { Children = Math.Min(CarUse.MostChildren, use.Children + 1) }),
        ("eating", use => use with { Eating = Next(use.Eating) }),
        ("pets", use => use with { Pets = Next(use.Pets) }),
        ("smoke", use => use with { Smoke = Next(use.Smoke) }),
        ("windows", use => use with { OpenWindows = Next(use.OpenWindows) }),
        ("grit", use => use with { GritMonths = MonthSet.Of([.. use.GritMonths.Months, 2]) }),
        ("sun cream", use => use with { SunCreamMonths = MonthSet.Of([.. use.SunCreamMonths.Months, 2]) }),
        ("sun", use => use with { ParkedInSun = new Share(Math.Min(1, use.ParkedInSun.Value + 0.2)) }),
        ("dusty work", use => use with { DustyWork = Next(use.DustyWork) }),
        ("colour", use => use with { Colour = Next(use.Colour) }),
        ("less prevention", use => use with { Preventions = use.Preventions & (use.Preventions - 1) }),
    ];

    [Property]
    public Property Saying_more_of_anything_never_lowers_a_level() =>
        Prop.ForAll(
            AnyCar.Uses.ToArbitrary(),
            Gen.Choose(1, 400).ToArbitrary(),
            (use, days) =>
                Steps.All(step =>
                {
                    CarUse more = step.More(use);
                    return CareTasks.All.All(task => Rise(task, use, days) <= Rise(task, more, days) + 1e-12);
                })
        );

    [Fact]
    public void At_reference_use_every_task_takes_its_baseline()
    {
        Assert.All(
            CareTasks.All,
            task => Assert.Equal(1, Rise(task, CarUse.Reference, task.Interval.TotalDays), 9)
        );
    }

    [Fact]
    public void Every_driver_moves_some_task_and_the_shares_of_each_add_up()
    {
        Assert.All(
            Steps.Where(step => step.Name != "less prevention"),
            step =>
                Assert.Contains(
                    CareTasks.All,
                    task => Rise(task, step.More(CarUse.Reference), 60) > Rise(task, CarUse.Reference, 60)
                )
        );
        Assert.All(
            CareTasks.All,
            task => Assert.Equal(1, task.Shares.Drivers.Sum(driver => task.Shares.Of(driver).Value), 12)
        );
    }

    [Fact]
    public void Each_prevention_slows_the_tasks_it_names_and_no_other()
    {
        foreach (PreventionEffect effect in PreventionTable.All)
        {
            CarUse with = CarUse.Reference with { Preventions = effect.Prevention };
            foreach (CareTask task in CareTasks.All)
            {
                bool slower = Rise(task, with, 30) < Rise(task, CarUse.Reference, 30) - 1e-12;
                Assert.True(
                    slower == task.HeldBackBy.Contains(effect.Prevention),
                    $"{effect.Name}: {task.Id}"
                );
            }
        }
    }

    [Fact]
    public void Salt_months_hasten_the_floor_only_while_they_last()
    {
        CarUse salted = CarUse.Reference with { GritMonths = MonthSet.Of(1, 2) };
        var soiling = SoilingOf(CareTasks.Find("wash-rubber-mats")!);
        var usage = new Usage([new UsageEntry(Start, salted)]);
        DateTimeOffset march = new(2026, 3, 1, 0, 0, 0, TimeSpan.Zero);

        // Grit has three parts in ten of the mats' soiling and runs at three times its pace: 1.6 times as fast.
        Assert.Equal(1.6 / 28 * (march - Start).TotalDays, soiling.Rise(usage, Start, march), 9);
        Assert.Equal(10 / 28.0, soiling.Rise(usage, march, march.AddDays(10)), 9);
        Assert.Equal(
            soiling.Rise(usage, Start, Start.AddDays(90)),
            soiling.Rise(usage, Start, march) + soiling.Rise(usage, march, Start.AddDays(90)),
            12
        );
    }

    [Fact]
    public void Taste_moves_marks_but_never_those_of_sight_and_grip()
    {
        foreach (Tidiness taste in Enum.GetValues<Tidiness>())
        {
            Assert.Equal(Level.Everyday, taste.MarkFor(Stakes.SightAndGrip));
        }

        Assert.Equal(Level.Everyday, Tidiness.Everyday.MarkFor(Stakes.Looks));
        Assert.True(Tidiness.Particular.MarkFor(Stakes.Looks) < Level.Everyday);
        Assert.True(Tidiness.Relaxed.MarkFor(Stakes.HygieneAndTouch) > Level.Everyday);
    }

    [Fact]
    public void A_date_says_every_cause_and_the_days_add_up()
    {
        CarUse use = CarUse.Reference with
        {
            Distance = WeeklyDistance.FromKilometres(400),
            Children = 2,
            Pets = Often.Daily,
            Preventions = Preventions.AllWeatherMats,
            Tidiness = Tidiness.Particular,
        };
        var soiling = SoilingOf(CareTasks.Find("vacuum-carpets")!) with { Multiplier = 1.3 };

        Due due = Due.Compute(
            new CareState(Start, Level.Fresh),
            soiling,
            new Usage([new UsageEntry(Start, use)]),
            Start,
            use.Tidiness.MarkFor(Stakes.HygieneAndTouch)
        );

        Assert.Equal(
            due.Interval!.Value.TotalDays,
            due.Baseline.TotalDays + due.Effects.Sum(effect => effect.Adds.TotalDays),
            9
        );
        Assert.Equal(
            [
                "Distance, 400 km a week",
                "Children",
                "Pets",
                "Prevention in place",
                "How tidy is tidy enough here",
                "What checks say of this car",
            ],
            due.Effects.Select(effect => effect.Cause)
        );
        Assert.Equal(due.Interval!.Value.TotalDays, (due.DueAt!.Value - Start).TotalDays, 6);
    }

    [Fact]
    public void Changing_use_says_which_dates_moved_and_which_way()
    {
        DateTimeOffset now = Start.AddDays(2);
        CareLedger before = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Start, 0.2);

        CareLedger after = before.UsedAs(
            CarUse.Reference with
            {
                Children = 2,
                GritMonths = MonthSet.Of(1, 2),
            },
            now
        );
        var moved = MovedDate.Between(before, after, now, TimeZoneInfo.Utc);

        Assert.NotEmpty(moved);
        Assert.All(moved, one => Assert.True(one.Days < 0));
        Assert.Contains(moved, one => one.Task.Id == "wash-rubber-mats");
        Assert.DoesNotContain(moved, one => one.Task.Id == "protect-plastics");
        Assert.Equal(moved.Select(one => one.Days).Order(), moved.Select(one => one.Days));
        // What rose before the change stays as it was.
        Assert.Equal(
            before.At(now).Select(status => status.Level.Value),
            after.At(now).Select(status => status.Level.Value)
        );
    }

    [Property]
    public Property A_set_of_months_is_what_was_put_in() =>
        Prop.ForAll(
            Gen.Choose(1, 12).ListOf().ToArbitrary(),
            months =>
                MonthSet.Of(months).Months.SequenceEqual(months.Distinct().Order())
                && MonthSet.Of(months) == MonthSet.Of(months.OrderDescending())
        );

    [Fact]
    public void Use_out_of_range_is_refused()
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => CarUse.Reference with { People = 0 });
        Assert.Throws<ArgumentOutOfRangeException>(() => CarUse.Reference with { Children = 7 });
        Assert.Throws<ArgumentOutOfRangeException>(() => MonthSet.Of(13));
    }

    private static double Rise(CareTask task, CarUse use, double days) =>
        SoilingOf(task).Rise(new Usage([new UsageEntry(Start, use)]), Start, Start.AddDays(days));

    private static Soiling SoilingOf(CareTask task) =>
        new(task.Interval, task.Shares, Share.All) { Preventions = PreventionTable.Of(task.HeldBackBy) };

    private static WeeklyDistance Further(WeeklyDistance distance) =>
        WeeklyDistance.FromKilometres(Math.Min(WeeklyDistance.MaximumKilometres, distance.Kilometres + 100));

    private static T Next<T>(T value)
        where T : struct, Enum
    {
        T[] all = Enum.GetValues<T>();
        return all[Math.Min(all.Length - 1, Array.IndexOf(all, value) + 1)];
    }
}
