namespace Cove.Core.Tests.Upkeep;

public sealed class CareTableTests
{
    [Fact]
    public void Every_name_in_the_table_leads_somewhere()
    {
        Assert.Equal(CareTasks.All.Count, CareTasks.All.Select(task => task.Id).Distinct().Count());
        Assert.All(
            CareTasks.All,
            task =>
            {
                Assert.True(
                    task.Requires is null || CareTasks.Find(task.Requires.Value) is not null,
                    task.Id.Value
                );
                Assert.All(task.AfterDryingOf, other => Assert.NotNull(CareTasks.Find(other)));
                Assert.True(task.Drying == TimeSpan.Zero || task.DryingWhat.Length > 0, task.Id.Value);
            }
        );
        // Water and broken glass soil nothing.
        Assert.All(
            CareEvents.All.Where(happening => happening.Spot is not (SpotKind.Water or SpotKind.BrokenGlass)),
            happening => Assert.NotEmpty(happening.Jumps)
        );
    }

    /// <summary>Says of a new task what is still missing.</summary>
    [Fact]
    public void Every_task_is_whole()
    {
        var missing = new List<string>();
        foreach (CareTask task in CareTasks.All)
        {
            Needs(task, task.Checks.Count > 0, "a check that tells its level");
            Needs(task, task.Drivers.Count > 0, "what drives it beside time");
            Needs(
                task,
                task.Checks.All(id => InspectionTable.Find(id) is not null),
                "only checks that the table of inspections has"
            );
            Needs(
                task,
                task.RaisedBy.All(rise => CareEvents.Find(rise.EventId) is not null && rise.Amount > 0),
                "only events that the table of events has"
            );
            Needs(
                task,
                task.Products.Count == 0 || task.Products.Any(one => one.UpTo >= TaskOption.Routine),
                "a class of product that reaches routine soil"
            );
            Needs(
                task,
                task.Products.Any(one => one.Class != ProductClass.Scent) == task.Mixture.Millilitres > 0,
                "how much of its product it takes, or no amount where it is done dry"
            );
            Needs(
                task,
                task.Stage == Stage.Glass || MethodLibrary.All.Any(one => one.TaskIds.Contains(task.Id)),
                "a method"
            );
        }

        Assert.Empty(missing);

        void Needs(CareTask task, bool has, string what)
        {
            if (!has)
            {
                missing.Add($"{task.Id} needs {what}.");
            }
        }
    }

    // Common practice, no single source: what is done weekly, fortnightly, monthly and every two to three months.
    [Theory]
    [InlineData("vacuum-seats", 7)]
    [InlineData("vacuum-carpets", 7)]
    [InlineData("wipe-dash", 7)]
    [InlineData("brush-vents", 14)]
    [InlineData("clean-wheel", 14)]
    [InlineData("clean-leather", 30)]
    public void Intervals_are_those_of_the_trade(string taskId, double days) =>
        Assert.Equal(days, CareTasks.Find(taskId)!.Interval.TotalDays);

    // Common practice: seal leather and change the scent every two to three months.
    [Theory]
    [InlineData("seal-leather")]
    [InlineData("scent")]
    public void Some_things_come_round_every_two_to_three_months(string taskId) =>
        Assert.InRange(CareTasks.Find(taskId)!.Interval.TotalDays, 60, 92);

    // Common practice: half a minute of dwell on mats and carpet foam, 30 to 50 s on a headliner, a day for belts,
    // fabric clean and dry for half an hour before it is protected, 15 to 20 minutes between two coats.
    [Fact]
    public void Dwell_and_drying_times_are_those_of_the_trade()
    {
        Assert.Equal(30, DwellOf("wash-rubber-mats"));
        Assert.Equal(30, DwellOf("foam-carpets"));
        Assert.InRange(DwellOf("headliner"), 30, 50);
        Assert.InRange(CareTasks.Find("protect-fabric")!.SecondCoatAfter.TotalMinutes, 15, 20);
        Assert.Equal(TimeSpan.FromHours(24), CareTasks.Find("seat-belts")!.Drying);
        Assert.Equal(TimeSpan.FromMinutes(30), CareTasks.Find("clean-fabric-seats")!.Drying);
        Assert.Contains("clean-fabric-seats", CareTasks.Find("protect-fabric")!.AfterDryingOf);

        static double DwellOf(string taskId) =>
            MethodLibrary
                .All.Where(one => one.TaskIds.Contains(taskId))
                .SelectMany(one => one.Method.Steps)
                .First(step => step.Wait is not null)
                .Wait!.Length.TotalSeconds;
    }

    [Fact]
    public void A_larger_car_takes_longer_and_the_reference_car_takes_the_minutes_of_the_table()
    {
        IReadOnlyList<CareItem> reference = CareBook.For(AnyCar.Of(CareBook.ReferenceLayout));
        IReadOnlyList<CareItem> city = CareBook.For(
            AnyCar.Of(CabinLayout.Usual(BodyType.CityCar) with { FrontMats = Material.Rubber })
        );

        Assert.All(
            reference,
            item =>
                Assert.InRange(
                    item.Work.TotalMinutes,
                    item.Task.Work.TotalMinutes - 0.5,
                    item.Task.Work.TotalMinutes + 0.5
                )
        );
        Assert.All(
            city,
            item =>
                Assert.True(
                    item.Work <= reference.Single(other => other.Task == item.Task).Work,
                    item.Task.Id.Value
                )
        );
    }
}
