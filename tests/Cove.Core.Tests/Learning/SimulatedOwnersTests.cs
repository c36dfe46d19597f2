using MathNet.Numerics.Distributions;

namespace Cove.Core.Tests.Learning;

/// <summary>Owners that are made up: each car has a true pace for each task, and is looked at with scatter, as the model supposes.</summary>
public sealed class SimulatedOwnersTests
{
    private const int Cars = 2000;
    private static readonly TaskId[] Tasks =
    [
        "vacuum-seats",
        "vacuum-carpets",
        "wipe-dash",
        "windscreen",
        "clean-wheel",
    ];
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 9, 0, 0, TimeSpan.Zero);

    [Fact]
    public void The_band_of_nine_in_ten_holds_the_true_pace_in_nine_of_ten()
    {
        var random = new Random(2026);
        int held = 0;
        int unseenHeld = 0;
        int all = 0;
        for (int car = 0; car < Cars; car++)
        {
            double carEffect = Normal.Sample(random, 0, RateLearning.CarStdDev);
            double[] truth =
            [
                .. Tasks.Select(_ => Math.Exp(carEffect + Normal.Sample(random, 0, RateLearning.TaskStdDev))),
            ];
            LearntRates learnt = LearntFrom([
                .. Tasks
                    .Take(Tasks.Length - 1)
                    .Select(
                        (task, index) => (task, Life(task, truth[index], random, looks: 1 + random.Next(5)))
                    ),
            ]);

            for (int task = 0; task < Tasks.Length - 1; task++)
            {
                all++;
                held += Holds(learnt.Of(Tasks[task]), truth[task]) ? 1 : 0;
            }

            unseenHeld += Holds(learnt.Of(Tasks[^1]), truth[^1]) ? 1 : 0;
        }

        Assert.InRange((double)held / all, 0.85, 0.95);
        Assert.InRange((double)unseenHeld / Cars, 0.85, 0.95);
    }

    [Theory]
    [InlineData(0.6)]
    [InlineData(1)]
    [InlineData(1.7)]
    public void Many_looks_come_to_the_true_pace(double truth)
    {
        var random = new Random(7);

        LearntRates learnt = LearntFrom([("vacuum-seats", Life("vacuum-seats", truth, random, looks: 80))]);

        RateBelief belief = learnt.Of("vacuum-seats");
        Assert.InRange(belief.Median, truth * 0.9, truth * 1.1);
        Assert.True(belief.High / belief.Low < 1.25);
        Assert.True(Holds(belief, truth) || Math.Abs(Math.Log(belief.Median / truth)) < 0.1);
    }

    // Owners answer in a few words, not in numbers: the band that the seen level lies in still leads to the true pace.
    [Theory]
    [InlineData(0.7)]
    [InlineData(1.5)]
    public void Results_in_words_lead_to_the_true_pace(double truth)
    {
        LearntRates learnt = LearntFrom([
            ("vacuum-seats", LifeInWords("vacuum-seats", truth, new Random(12), looks: 60)),
        ]);

        Assert.InRange(learnt.Of("vacuum-seats").Median, truth * 0.8, truth * 1.2);
    }

    [Fact]
    public void The_band_holds_the_true_pace_when_owners_answer_in_words()
    {
        var random = new Random(11);
        int held = 0;
        for (int car = 0; car < Cars; car++)
        {
            double truth = Math.Exp(
                Normal.Sample(random, 0, RateLearning.CarStdDev)
                    + Normal.Sample(random, 0, RateLearning.TaskStdDev)
            );
            LearntRates learnt = LearntFrom([
                ("vacuum-seats", LifeInWords("vacuum-seats", truth, random, looks: 1 + random.Next(8))),
            ]);
            held += Holds(learnt.Of("vacuum-seats"), truth) ? 1 : 0;
        }

        Assert.InRange((double)held / Cars, 0.85, 0.95);
    }

    private static bool Holds(RateBelief belief, double truth) => belief.Low <= truth && truth <= belief.High;

    /// <summary>Follows the lives of the tasks of one car side by side, each look against what was expected by then.</summary>
    private static LearntRates LearntFrom(
        IReadOnlyList<(TaskId TaskId, IReadOnlyList<CareChange> Changes)> lives
    )
    {
        RateTally tally = RateTally.Empty;
        foreach (
            var (taskId, look, before) in lives
                .SelectMany(life =>
                    life.Changes.Select(
                        (change, at) => (life.TaskId, Look: change as Observed, Before: life.Changes.Take(at))
                    )
                )
                .Where(step => step.Look is not null)
                .OrderBy(step => step.Look!.At)
        )
        {
            RateBelief belief = RateLearning.Learn(tally).Of(taskId);
            tally = tally.With([(taskId, HistoryOf(taskId, before, belief).EvidenceOf(look!))]);
        }

        return RateLearning.Learn(tally);
    }

    /// <summary>Cleaned now and then, looked at in between; every second look follows another without cleaning.</summary>
    private static List<CareChange> Life(TaskId taskId, double truth, Random random, int looks)
    {
        double scatter = 0.2 + (0.2 * random.NextDouble());
        return Life(
            taskId,
            truth,
            random,
            looks,
            (at, level) =>
                new Observed(at, new Level(level * Math.Exp(Normal.Sample(random, 0, scatter))), scatter)
        );
    }

    private static List<CareChange> LifeInWords(TaskId taskId, double truth, Random random, int looks)
    {
        Inspection pat = InspectionTable.Find("pat")!;
        return Life(
            taskId,
            truth,
            random,
            looks,
            (at, level) =>
            {
                double seen = level * Math.Exp(Normal.Sample(random, 0, pat.LogStdDev));
                LevelBand band = pat.Results.Select(pat.BandOf).First(band => seen <= band.Most);
                return new Observed(at, band, pat.LogStdDev);
            }
        );
    }

    private static List<CareChange> Life(
        TaskId taskId,
        double truth,
        Random random,
        int looks,
        Func<DateTimeOffset, double, Observed> see
    )
    {
        double baseline = CareTasks.Find(taskId)!.Interval.TotalDays;
        var changes = new List<CareChange> { new Cleaned(Start.AddDays(1), Share.All) };
        DateTimeOffset at = Start.AddDays(1);
        double level = 0;
        for (int look = 0; look < looks; look++)
        {
            double days = baseline * (0.3 + random.NextDouble());
            at = at.AddDays(days);
            level += truth * days / baseline;
            changes.Add(see(at, level));
            if (look % 2 == 0)
            {
                at = at.AddHours(1);
                changes.Add(new Cleaned(at, Share.All));
                level = 0;
            }
        }

        return changes;
    }

    private static CareHistory HistoryOf(TaskId taskId, IEnumerable<CareChange> changes, RateBelief belief) =>
        new(
            new CareState(Start, new Level(0.6)),
            new Soiling(
                CareTasks.Find(taskId)!.Interval,
                CareTasks.Find(taskId)!.Shares,
                Share.All,
                belief.Median
            ),
            Usage.Reference,
            changes,
            belief.LogStdDev
        );
}
