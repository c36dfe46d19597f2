namespace Cove.Core.Tests.Inspections;

/// <summary>What a look does to a level and to what is learnt.</summary>
public sealed class LookTests
{
    private static readonly DateTimeOffset Start = new(2026, 3, 1, 9, 0, 0, TimeSpan.Zero);
    private static readonly Soiling Weekly = new(
        TimeSpan.FromDays(7),
        DriverShares.WithDistance(0.4),
        Share.All
    );

    [Fact]
    public void After_a_look_the_level_is_what_was_seen_and_rises_from_there()
    {
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Observed(Start.AddDays(4), new Level(1.2), 0.3),
        ]);

        Assert.Equal(4 / 7.0, history.LevelAt(Start.AddDays(4).AddSeconds(-1)).Value, 4);
        Assert.Equal(1.2, history.LevelAt(Start.AddDays(4)).Value, 9);
        Assert.Equal(1.2 + (2 / 7.0), history.LevelAt(Start.AddDays(6)).Value, 9);
    }

    [Fact]
    public void The_band_narrows_at_a_look_and_widens_after_it()
    {
        CareHistory history = HistoryOf(
            [new Cleaned(Start, Share.All), new Observed(Start.AddDays(5), new Level(0.8), 0.2)],
            rateStdDev: 0.5
        );

        LevelPoint before = history.PointAt(Start.AddDays(5).AddSeconds(-1));
        LevelPoint at = history.PointAt(Start.AddDays(5));
        LevelPoint later = history.PointAt(Start.AddDays(12));

        Assert.Equal(0.5, before.LogStdDev, 6);
        Assert.Equal(0.2, at.LogStdDev, 6);
        Assert.True(later.High.Value - later.Low.Value > at.High.Value - at.Low.Value);
        Assert.True(before.Low < before.Level && before.Level < before.High);
    }

    [Property]
    public Property Looks_of_one_day_may_come_in_any_order() =>
        Prop.ForAll(
            Gen.Choose(5, 300).Zip(Gen.Choose(10, 60)).ListOf().ToArbitrary(),
            Gen.Choose(0, 10_000).ToArbitrary(),
            (results, seed) =>
            {
                var random = new Random(seed);
                CareChange[] looks =
                [
                    .. results.Select(result => new Observed(
                        Start.AddDays(6),
                        new Level(result.Item1 / 100.0),
                        result.Item2 / 100.0
                    )),
                ];
                CareChange[] shuffled = [.. looks];
                random.Shuffle(shuffled);
                CareHistory one = HistoryOf(looks.Append(new Cleaned(Start, Share.All)));
                CareHistory other = HistoryOf(shuffled.Prepend(new Cleaned(Start, Share.All)));
                return one.PointAt(Start.AddDays(9)) == other.PointAt(Start.AddDays(9))
                    && one.Evidence().SequenceEqual(other.Evidence());
            }
        );

    [Fact]
    public void Looks_within_hours_of_each_other_are_one_in_whatever_order_their_times_stand()
    {
        Observed low = new(Start.AddDays(6).AddHours(1), new Level(0.5), 0.3);
        Observed high = new(Start.AddDays(6).AddHours(3), new Level(1.1), 0.2);

        CareHistory one = HistoryOf([new Cleaned(Start, Share.All), low, high]);
        CareHistory other = HistoryOf([
            new Cleaned(Start, Share.All),
            low with
            {
                At = high.At,
            },
            high with
            {
                At = low.At,
            },
        ]);

        RateEvidence evidence = Assert.Single(one.Evidence());
        Assert.Equal(2, evidence.Looks);
        Assert.Equal(one.LevelAt(Start.AddDays(8)), other.LevelAt(Start.AddDays(8)));
        Assert.Equal(one.Evidence(), other.Evidence());
    }

    [Property]
    public Property Contradictory_and_extreme_results_are_kept_and_never_break_the_estimate() =>
        Prop.ForAll(
            (
                from days in Gen.Choose(0, 3000)
                from level in Gen.Elements(1e-9, 0.001, 0.2, 1, 3, 50, 1000)
                from kind in Gen.Choose(0, 3)
                select (days, level, kind)
            )
                .ListOf()
                .ToArbitrary(),
            said =>
            {
                var changes = said.Select(one =>
                    one.kind switch
                    {
                        0 => (CareChange)new Cleaned(Start.AddHours(one.days), Share.All),
                        1 => new Jumped(Start.AddHours(one.days), Math.Min(one.level, 5), "spill"),
                        _ => new Observed(Start.AddHours(one.days), new Level(one.level), 0.3),
                    }
                );
                CareHistory history = HistoryOf(changes);
                var evidence = history.Evidence();
                RateBelief belief = RateLearning
                    .Learn(evidence.Select(one => (new TaskId("vacuum-seats"), one)))
                    .Of("vacuum-seats");
                LevelPoint end = history.PointAt(Start.AddDays(200));
                return evidence.All(one => double.IsFinite(one.LogRatio) && one.LogStdDev > 0)
                    && double.IsFinite(belief.Median)
                    && belief.Low > 0
                    && double.IsFinite(end.High.Value)
                    && end.Low <= end.Level;
            }
        );

    [Fact]
    public void A_look_too_soon_after_cleaning_corrects_the_level_but_teaches_nothing()
    {
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Observed(Start.AddHours(3), new Level(0.7), 0.3),
        ]);

        Assert.Empty(history.Evidence());
        Assert.Equal(0.7, history.LevelAt(Start.AddHours(3)).Value, 9);
    }

    [Fact]
    public void A_result_that_the_rate_cannot_explain_weighs_little()
    {
        // A spill raised the level by two; a look then finds less than the spill alone.
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Jumped(Start.AddDays(1), 2, "spill"),
            new Observed(Start.AddDays(3), new Level(0.6), 0.3),
        ]);

        RateEvidence evidence = Assert.Single(history.Evidence());
        RateBelief belief = RateLearning.Learn([("vacuum-seats", evidence)]).Of("vacuum-seats");

        Assert.True(evidence.LogStdDev > 1.5);
        Assert.InRange(belief.Median, 0.8, 1);
    }

    private static CareHistory HistoryOf(IEnumerable<CareChange> changes, double rateStdDev = 0) =>
        new(new CareState(Start.AddDays(-1), new Level(0.6)), Weekly, Usage.Reference, changes, rateStdDev);
}
