namespace Cove.Core.Tests.Sessions;

public sealed class SessionRulesTests
{
    [Property]
    public Property A_higher_level_is_never_worth_less() =>
        Prop.ForAll(
            Gen.Elements<CareTask>(CareTasks.All).ToArbitrary(),
            Gen.Choose(0, 5000).Two().ToArbitrary(),
            (task, levels) =>
            {
                var lower = new DueLevel(Math.Min(levels.Item1, levels.Item2) / 1000.0);
                var higher = new DueLevel(Math.Max(levels.Item1, levels.Item2) / 1000.0);
                return TaskWorth.Of(task, lower) <= TaskWorth.Of(task, higher);
            }
        );

    [Fact]
    public void At_the_mark_the_worth_is_the_stakes()
    {
        CareTask screens = CareTasks.Find("wipe-screens")!;

        Assert.Equal(5000, TaskWorth.Of(screens, DueLevel.Due));
        Assert.Equal(1250, TaskWorth.Of(screens, new DueLevel(0.5)));
        Assert.Equal(15_000, TaskWorth.Of(screens, new DueLevel(2)));
    }

    // Common practice: what is at stake goes by sight and grip, then touch, then wear, then looks.
    [Fact]
    public void Graver_stakes_weigh_more() =>
        Assert.True(
            Stakes.SightAndGrip.Weight() > Stakes.HygieneAndTouch.Weight()
                && Stakes.HygieneAndTouch.Weight() > Stakes.Wear.Weight()
                && Stakes.Wear.Weight() > Stakes.Looks.Weight()
        );

    [Theory]
    [InlineData(4)]
    [InlineData(121)]
    public void Sessions_are_offered_from_five_minutes_to_two_hours(int minutes)
    {
        DateTimeOffset now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, now, 1);
        var planner = new SessionPlanner(ledger.At(now), CabinBuilder.Build(CareBook.ReferenceLayout));

        Assert.Throws<ArgumentOutOfRangeException>(() => planner.Plan(minutes));
    }
}
