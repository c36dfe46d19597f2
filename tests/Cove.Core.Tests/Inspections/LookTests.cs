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

    private static readonly LevelBand NothingComesUp = InspectionTable.Find("pat") is { } pat
        ? pat.BandOf(pat.Results[0])
        : throw new InvalidOperationException();

    // Seen: "nothing rises", a day after cleaning, made a seat a quarter dirty.
    [Fact]
    public void Nothing_comes_up_says_at_most_so_much()
    {
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Observed(Start.AddDays(1), NothingComesUp, 0.35),
        ]);

        Assert.Equal(1 / 7.0, history.LevelAt(Start.AddDays(1)).Value, 9);
        Assert.Equal(4 / 7.0, history.LevelAt(Start.AddDays(4)).Value, 9);
    }

    // Seen: a look that found just what Cove had forecast still moved the level and the rate.
    [Property]
    public Property A_look_that_agrees_leaves_level_and_rate_as_they_are() =>
        Prop.ForAll(
            (
                from days in Gen.Choose(3, 60)
                from less in Gen.Choose(0, 200)
                from more in Gen.Choose(0, 200)
                from open in Gen.Choose(0, 3)
                from rate in Gen.Choose(-100, 100)
                from earlier in Gen.Choose(1, 400)
                select (days / 4.0, less / 100.0, more / 100.0, open, Math.Exp(rate / 100.0), earlier / 100.0)
            ).ToArbitrary(),
            said =>
            {
                var (days, less, more, open, rate, earlier) = said;
                var key = new TaskId("vacuum-seats");
                RateTally tally = RateTally.Empty.With([(key, new RateEvidence(Start, Math.Log(rate), 0.3))]);
                LearntRates before = RateLearning.Learn(tally);
                RateBelief belief = before.Of(key);
                CareChange[] past =
                [
                    new Cleaned(Start, Share.All),
                    new Observed(Start.AddDays(3), new Level(earlier), 0.3),
                ];
                CareHistory history = HistoryOf(past, belief.LogStdDev, belief.Median);
                DateTimeOffset at = Start.AddDays(3 + days);
                double expected = history.LevelAt(at).Value;
                var look = new Observed(
                    at,
                    new LevelBand(
                        open == 0 ? 0 : expected * Math.Exp(-less),
                        open == 1 ? double.PositiveInfinity : expected * Math.Exp(more)
                    ),
                    0.3
                );
                CareHistory seen = HistoryOf([.. past, look], belief.LogStdDev, belief.Median);
                LearntRates after = RateLearning.Learn(tally.With([(key, history.EvidenceOf(look))]));

                return Math.Abs(seen.LevelAt(at).Value - expected) < 1e-12
                    && Math.Abs(seen.LevelAt(at.AddDays(5)).Value - history.LevelAt(at.AddDays(5)).Value)
                        < 1e-9
                    && Math.Abs(after.Of(key).LogMean - belief.LogMean) < 1e-9
                    && Math.Abs(after.Car.LogMean - before.Car.LogMean) < 1e-9
                    && after.Of(key).Looks == belief.Looks + 1
                    && after.Of(key).LogStdDev <= belief.LogStdDev
                    && seen.PointAt(at).LogStdDev <= history.PointAt(at).LogStdDev + 1e-12;
            }
        );

    [Theory]
    [InlineData(1.2)]
    [InlineData(0.1)]
    public void A_look_that_differs_draws_the_level_towards_what_was_seen_and_does_not_replace_it(double seen)
    {
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Observed(Start.AddDays(3), new Level(seen), 0.3),
        ]);

        double expected = 3 / 7.0;
        double level = history.LevelAt(Start.AddDays(3)).Value;

        Assert.InRange(level, Math.Min(seen, expected) + 0.001, Math.Max(seen, expected) - 0.001);
        Assert.True(Math.Abs(Math.Log(level / seen)) < Math.Abs(Math.Log(level / expected)));
        Assert.Equal(level + (2 / 7.0), history.LevelAt(Start.AddDays(5)).Value, 9);
    }

    [Fact]
    public void The_more_a_test_scatters_the_less_it_draws()
    {
        double LevelAfter(double scatter) =>
            HistoryOf([
                    new Cleaned(Start, Share.All),
                    new Observed(Start.AddDays(3), new Level(0.8), scatter),
                ])
                .LevelAt(Start.AddDays(3))
                .Value;

        Assert.True(LevelAfter(0.1) > LevelAfter(0.3) && LevelAfter(0.3) > LevelAfter(0.8));
    }

    [Fact]
    public void What_nobody_told_of_is_believed_when_it_is_seen()
    {
        // Just cleaned, and yet the surface is plainly due: sand, say.
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Observed(Start.AddDays(1), new Level(1.4), 0.35),
        ]);

        Assert.InRange(history.LevelAt(Start.AddDays(1)).Value, 1.2, 1.4);
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

        // Two independent sources together, by any statistics textbook.
        Assert.Equal(0.5, before.LogStdDev, 6);
        Assert.Equal(Math.Sqrt(1 / ((1 / 0.25) + (1 / 0.04))), at.LogStdDev, 6);
        Assert.True(later.High.Value - later.Low.Value > at.High.Value - at.Low.Value);
        Assert.True(before.Low < before.Level && before.Level < before.High);
    }

    [Fact]
    public void Bands_of_a_test_leave_no_gap_and_do_not_overlap()
    {
        Assert.All(
            InspectionTable.All,
            inspection =>
            {
                LevelBand[] bands = [.. inspection.Results.Select(inspection.BandOf)];
                Assert.Equal(0, bands[0].Least);
                Assert.Equal(double.PositiveInfinity, bands[^1].Most);
                Assert.All(
                    bands.Zip(bands.Skip(1)),
                    pair => Assert.Equal(pair.First.Most, pair.Second.Least)
                );
                Assert.All(
                    inspection.Results.Zip(bands),
                    pair => Assert.Equal(pair.First.Level.Value, pair.Second.Nearest(pair.First.Level.Value))
                );
            }
        );
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
                return one.PointAt(Start.AddDays(9)) == other.PointAt(Start.AddDays(9));
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

        Assert.Equal(one.PointAt(Start.AddDays(8)), other.PointAt(Start.AddDays(8)));
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
                RateEvidence evidence = history.EvidenceOf(
                    new Observed(Start.AddDays(140), new Level(0.5), 0.3)
                );
                RateBelief belief = RateLearning
                    .Learn([(new TaskId("vacuum-seats"), evidence)])
                    .Of("vacuum-seats");
                LevelPoint end = history.PointAt(Start.AddDays(200));
                return double.IsFinite(evidence.LogRatio)
                    && evidence.LogStdDev > 0
                    && double.IsFinite(belief.Median)
                    && belief.Low > 0
                    && double.IsFinite(end.High.Value)
                    && end.Low <= end.Level;
            }
        );

    // Seen: after a check on the evening of the cleaning, Cove went on saying that nobody had looked.
    [Fact]
    public void A_look_too_soon_after_cleaning_corrects_the_level_and_counts_but_teaches_next_to_nothing()
    {
        CareHistory clean = HistoryOf([new Cleaned(Start, Share.All)]);
        var look = new Observed(Start.AddHours(3), new Level(0.7), 0.3);
        CareHistory history = HistoryOf([new Cleaned(Start, Share.All), look]);

        LearntRates learnt = RateLearning.Learn([("vacuum-seats", clean.EvidenceOf(look))]);

        Assert.InRange(history.LevelAt(Start.AddHours(3)).Value, 0.6, 0.7);
        Assert.Equal(1, learnt.Of("vacuum-seats").Median, 9);
        Assert.Contains(
            "from 1 check",
            RateWords.Of(CareTasks.Find("vacuum-seats")!, learnt),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_result_that_the_rate_cannot_explain_weighs_little()
    {
        // A spill raised the level by two; a look then finds less than the spill alone.
        CareHistory history = HistoryOf([
            new Cleaned(Start, Share.All),
            new Jumped(Start.AddDays(1), 2, "spill"),
        ]);

        RateEvidence evidence = history.EvidenceOf(new Observed(Start.AddDays(3), new Level(0.6), 0.3));
        RateBelief belief = RateLearning.Learn([("vacuum-seats", evidence)]).Of("vacuum-seats");

        Assert.True(evidence.LogStdDev > 1.5);
        Assert.InRange(belief.Median, 0.8, 1);
    }

    private static CareHistory HistoryOf(
        IEnumerable<CareChange> changes,
        double rateStdDev = 0,
        double multiplier = 1
    ) =>
        new(
            new CareState(Start.AddDays(-1), new Level(0.6)),
            Weekly with
            {
                Multiplier = multiplier,
            },
            Usage.Reference,
            changes,
            rateStdDev
        );
}
