namespace Cove.Core.Tests.Upkeep;

public sealed class CareHistoryTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 9, 0, 0, TimeSpan.Zero);

    private static readonly Soiling TenDays = new(
        TimeSpan.FromDays(10),
        DriverShares.WithDistance(0.5),
        Share.All
    );

    [Fact]
    public void A_clean_task_starts_afresh_and_a_half_clean_one_keeps_half()
    {
        CareHistory history = History(
            new Cleaned(Start.AddDays(5), Share.All),
            new Cleaned(Start.AddDays(15), new Share(0.5))
        );

        Assert.Equal(0, history.LevelAt(Start.AddDays(5)).Value, 9);
        Assert.Equal(0.5, history.LevelAt(Start.AddDays(15)).Value, 9);
        Assert.Equal(0.6, history.LevelAt(Start.AddDays(16)).Value, 9);
    }

    [Fact]
    public void An_event_raises_the_level_at_once_and_cleaning_takes_it_back()
    {
        CareHistory history = History(
            new Jumped(Start.AddDays(2), 0.8, "spill"),
            new Cleaned(Start.AddDays(3), Share.All)
        );

        Assert.Equal(0.2, history.LevelAt(Start.AddDays(2).AddSeconds(-1)).Value, 4);
        Assert.Equal(1.0, history.LevelAt(Start.AddDays(2)).Value, 9);
        Assert.Equal(0, history.LevelAt(Start.AddDays(3)).Value, 9);
    }

    [Fact]
    public void The_stored_state_gives_the_same_level_as_the_whole_history()
    {
        CareHistory history = History(
            new Cleaned(Start.AddDays(5), new Share(0.5)),
            new Jumped(Start.AddDays(7), 0.3, "mud")
        );
        DateTimeOffset later = Start.AddDays(21);

        CareState state = history.StateAt(later);

        Assert.Equal(history.LevelAt(later).Value, state.LevelAt(later, TenDays, Usage.Reference).Value, 12);
    }

    [Fact]
    public void The_order_in_which_changes_are_told_does_not_matter()
    {
        CareChange[] changes =
        [
            new Cleaned(Start.AddDays(4), Share.All),
            new Jumped(Start.AddDays(6), 0.4, "mud"),
            new Cleaned(Start.AddDays(9), new Share(0.5)),
        ];

        Level told = History(changes).LevelAt(Start.AddDays(12));
        Level backwards = History([.. changes.Reverse()]).LevelAt(Start.AddDays(12));

        Assert.Equal(told, backwards);
    }

    [Fact]
    public void The_saw_tooth_has_both_ends_of_every_change()
    {
        IReadOnlyList<LevelPoint> trace = History(new Cleaned(Start.AddDays(8), Share.All))
            .Trace(Start.AddDays(4), Start.AddDays(10));

        Assert.Equal([0.4, 0.8, 0, 0.2], trace.Select(point => Math.Round(point.Level.Value, 9)));
    }

    [Theory]
    [InlineData(-0.1)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_level_is_a_finite_number_of_0_or_more(double value) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => new Level(value));

    private static CareHistory History(params CareChange[] changes) =>
        new(new CareState(Start, Level.Fresh), TenDays, Usage.Reference, changes);
}
