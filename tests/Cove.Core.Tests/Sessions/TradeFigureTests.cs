namespace Cove.Core.Tests.Sessions;

/// <summary>Common practice, no single source: what a routine takes in whole sessions.</summary>
public sealed class TradeFigureTests
{
    private const int Weeks = 26;

    private static readonly DateTimeOffset FirstSlot = new(2026, 1, 3, 9, 30, 0, TimeSpan.Zero);

    // The demo's estate: fabric seats, rubber mats in front, pile mats behind.
    private static readonly CabinLayout DemoSized = CareBook.ReferenceLayout with
    {
        RearMats = Material.Pile,
        SeatMaterial = Material.FabricWithMicrosuede,
        ChildSeats = 0,
    };

    // Practice: a weekly session of 5 to 10 minutes keeps vacuuming, wiping and screens under their marks.
    [Fact]
    public void A_weekly_session_of_five_to_ten_minutes_keeps_up()
    {
        IReadOnlyList<Slot> slots = LiveThrough();
        TaskId[] kept = ["vacuum-seats", "vacuum-carpets", "wipe-dash", "wipe-screens"];

        Assert.All(slots, slot => Assert.Superset(kept.ToHashSet(), slot.Done.ToHashSet()));
        Assert.All(
            slots.SelectMany(slot => slot.Before.Where(level => kept.Contains(level.Key))),
            level => Assert.InRange(level.Value, 0, 1 + 1e-9)
        );
        Slot[] quiet =
        [
            .. slots.Where(slot => slot.Done.All(task => CareTasks.Find(task)!.Interval.TotalDays == 7)),
        ];
        Assert.NotEmpty(quiet);
        Assert.All(quiet, slot => Assert.InRange(slot.Busy.TotalMinutes, 5, 10));
    }

    // Practice: about half an hour more every couple of months, for what comes round that seldom.
    [Fact]
    public void Every_two_months_about_half_an_hour_appears()
    {
        TimeSpan twoMonthly = SessionOf(task => task.Interval.TotalDays == 60);

        Assert.InRange(twoMonthly.TotalMinutes, 25, 35);
        Slot[] withFoam = [.. LiveThrough().Where(slot => slot.Done.Contains("foam-carpets"))];
        Assert.InRange(withFoam.Length, 2, 4);
        Assert.All(
            withFoam.Zip(withFoam.Skip(1)),
            pair => Assert.InRange((pair.Second.At - pair.First.At).TotalDays, 49, 66)
        );
    }

    // Practice: about an hour for everything, that is, for all that comes round within two months.
    [Fact]
    public void A_full_round_takes_about_an_hour() =>
        Assert.InRange(SessionOf(task => task.Interval.TotalDays <= 60).TotalMinutes, 50, 75);

    // Practice: vacuuming gives most of the visible result, so it is what a short session is made of.
    [Fact]
    public void The_shortest_session_is_vacuuming()
    {
        CareLedger ledger = AnyCar.Ledger(DemoSized, Usage.Reference, FirstSlot, 1);
        SessionPlan plan = new SessionPlanner(ledger.At(FirstSlot), CabinBuilder.Build(DemoSized)).Plan(
            SessionRules.ShortestMinutes
        );

        Assert.True(plan.Has("vacuum-seats"));
        Assert.True(plan.Has("vacuum-carpets"));
    }

    private static TimeSpan SessionOf(Func<CareTask, bool> chosen)
    {
        CareItem[] items = [.. CareBook.For(AnyCar.Of(DemoSized)).Where(item => chosen(item.Task))];
        return RunningOrder.Solve(AnyCar.Session(DemoSized, items)).Busy;
    }

    /// <summary>Half a year of Saturdays at reference use, on each of which everything is done that would reach its mark before the next.</summary>
    private static List<Slot> LiveThrough()
    {
        Cabin cabin = CabinBuilder.Build(DemoSized);
        var done = new Dictionary<TaskId, DateTimeOffset>();
        var slots = new List<Slot>();
        for (int week = 1; week <= Weeks; week++)
        {
            DateTimeOffset at = FirstSlot.AddDays(7 * week);
            CareLedger ledger = AnyCar.Ledger(
                DemoSized,
                Usage.Reference,
                key => new CareState(done.GetValueOrDefault(key.TaskId, FirstSlot), Level.Fresh)
            );
            IReadOnlyList<CareStatus> statuses = ledger.At(at);
            var offer = new SessionOffer(new SessionPlanner(statuses, cabin), at);
            CareItem[] items = [.. offer.ComingDue.Select(status => status.Item)];
            RunningOrder order = RunningOrder.Solve(AnyCar.Session(DemoSized, items));
            slots.Add(
                new Slot(
                    at,
                    [.. items.Select(item => item.Task.Id)],
                    order.Busy,
                    statuses.ToDictionary(status => status.Item.Task.Id, status => status.Level.Value)
                )
            );
            foreach (CareItem item in items)
            {
                done[item.Task.Id] = at;
            }
        }

        return slots;
    }

    private sealed record Slot(
        DateTimeOffset At,
        IReadOnlyList<TaskId> Done,
        TimeSpan Busy,
        IReadOnlyDictionary<TaskId, double> Before
    );
}
