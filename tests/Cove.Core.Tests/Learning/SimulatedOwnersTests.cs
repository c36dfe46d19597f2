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
            var evidence = Tasks
                .Take(Tasks.Length - 1)
                .SelectMany(
                    (task, index) =>
                        Life(task, truth[index], random, looks: 1 + random.Next(5))
                            .Evidence()
                            .Select(one => (task, one))
                );

            LearntRates learnt = RateLearning.Learn(evidence);

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

        LearntRates learnt = RateLearning.Learn(
            Life("vacuum-seats", truth, random, looks: 80)
                .Evidence()
                .Select(one => (new TaskId("vacuum-seats"), one))
        );

        RateBelief belief = learnt.Of("vacuum-seats");
        Assert.InRange(belief.Median, truth * 0.9, truth * 1.1);
        Assert.True(belief.High / belief.Low < 1.25);
        Assert.True(Holds(belief, truth) || Math.Abs(Math.Log(belief.Median / truth)) < 0.1);
    }

    // Owners answer in a few words, not in numbers: the nearest result still leads to the true pace.
    [Theory]
    [InlineData(0.7)]
    [InlineData(1.5)]
    public void Results_in_words_lead_to_the_true_pace(double truth)
    {
        var random = new Random(12);
        Inspection pat = InspectionTable.Find("pat")!;
        var changes = new List<CareChange>();
        DateTimeOffset at = Start;
        for (int look = 0; look < 60; look++)
        {
            changes.Add(new Cleaned(at, Share.All));
            at = at.AddDays(2 + (8 * random.NextDouble()));
            double level = truth * (at - changes[^1].At).TotalDays / 7;
            double seen = level * Math.Exp(Normal.Sample(random, 0, pat.LogStdDev / 2));
            InspectionResult nearest = pat.Results.MinBy(result =>
                Math.Abs(Math.Log(result.Level.Value / seen))
            )!;
            changes.Add(new Observed(at, nearest.Level, pat.LogStdDev));
        }

        LearntRates learnt = RateLearning.Learn(
            HistoryOf("vacuum-seats", changes).Evidence().Select(one => (new TaskId("vacuum-seats"), one))
        );

        Assert.InRange(learnt.Of("vacuum-seats").Median, truth * 0.8, truth * 1.2);
    }

    private static bool Holds(RateBelief belief, double truth) => belief.Low <= truth && truth <= belief.High;

    /// <summary>Cleaned now and then, looked at in between; every second look follows another without cleaning.</summary>
    private static CareHistory Life(TaskId taskId, double truth, Random random, int looks)
    {
        double baseline = CareTasks.Find(taskId)!.Interval.TotalDays;
        double scatter = 0.2 + (0.2 * random.NextDouble());
        var changes = new List<CareChange> { new Cleaned(Start.AddDays(1), Share.All) };
        DateTimeOffset at = Start.AddDays(1);
        double level = 0;
        for (int look = 0; look < looks; look++)
        {
            double days = baseline * (0.3 + random.NextDouble());
            at = at.AddDays(days);
            level += truth * days / baseline;
            changes.Add(
                new Observed(at, new Level(level * Math.Exp(Normal.Sample(random, 0, scatter))), scatter)
            );
            if (look % 2 == 0)
            {
                at = at.AddHours(1);
                changes.Add(new Cleaned(at, Share.All));
                level = 0;
            }
        }

        return HistoryOf(taskId, changes);
    }

    private static CareHistory HistoryOf(TaskId taskId, IEnumerable<CareChange> changes) =>
        new(
            new CareState(Start, new Level(0.6)),
            new Soiling(CareTasks.Find(taskId)!.Interval, CareTasks.Find(taskId)!.Shares, Share.All),
            Usage.Reference,
            changes
        );
}
