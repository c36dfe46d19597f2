using MathNet.Numerics.LinearAlgebra;

namespace Cove.Core.Tests.Learning;

public sealed class RateLearningTests
{
    private static readonly DateTimeOffset Day = new(2026, 3, 14, 9, 0, 0, TimeSpan.Zero);

    private static readonly Gen<(TaskId TaskId, RateEvidence Evidence)[]> Evidence = (
        from task in Gen.Elements<TaskId>("a", "b", "c", "d")
        from ratio in Gen.Choose(-200, 200)
        from logStdDev in Gen.Choose(10, 200)
        select (task, new RateEvidence(Day, ratio / 100.0, logStdDev / 100.0))
    )
        .ListOf()
        .Select(list => list.ToArray());

    // Reference: the normal-normal model in matrices by MathNet.Numerics. With log m(task) = car + task effect,
    // prior covariance V and looks y = H x + e, the posterior mean is V H' (H V H' + R)^-1 y.
    [Property]
    public Property The_posterior_is_that_of_the_textbook_model() =>
        Prop.ForAll(
            Evidence.Where(evidence => evidence.Length > 0).ToArbitrary(),
            evidence =>
            {
                TaskId[] tasks = ["a", "b", "c", "d"];
                double car = RateLearning.CarStdDev * RateLearning.CarStdDev;
                double own = RateLearning.TaskStdDev * RateLearning.TaskStdDev;
                Matrix<double> v = Matrix<double>.Build.Dense(4, 4, (i, j) => car + (i == j ? own : 0));
                Matrix<double> h = Matrix<double>.Build.Dense(
                    evidence.Length,
                    4,
                    (row, column) => evidence[row].TaskId == tasks[column] ? 1 : 0
                );
                Matrix<double> r = Matrix<double>.Build.Diagonal(
                    evidence.Length,
                    evidence.Length,
                    row => Math.Pow(evidence[row].Evidence.LogStdDev, 2)
                );
                Vector<double> y = Vector<double>.Build.Dense([
                    .. evidence.Select(one => one.Evidence.LogRatio),
                ]);
                Matrix<double> gain = v * h.Transpose() * ((h * v * h.Transpose()) + r).Inverse();
                Vector<double> mean = gain * y;
                Matrix<double> covariance = v - (gain * h * v);

                LearntRates learnt = RateLearning.Learn(evidence);

                return tasks
                    .Select((task, index) => (Belief: learnt.Of(task), index))
                    .All(one =>
                        Math.Abs(one.Belief.LogMean - mean[one.index]) < 1e-9
                        && Math.Abs(one.Belief.LogStdDev - Math.Sqrt(covariance[one.index, one.index])) < 1e-9
                    );
            }
        );

    [Property]
    public Property The_order_of_the_evidence_does_not_matter() =>
        Prop.ForAll(
            Evidence.ToArbitrary(),
            Gen.Choose(0, 10_000).ToArbitrary(),
            (evidence, seed) =>
            {
                var shuffled = evidence.ToArray();
                new Random(seed).Shuffle(shuffled);
                LearntRates one = RateLearning.Learn(evidence);
                LearntRates other = RateLearning.Learn(shuffled);
                return one.Car == other.Car
                    && one.Tasks.Count == other.Tasks.Count
                    && one.Tasks.All(task => other.Of(task.Key) == task.Value);
            }
        );

    [Fact]
    public void Before_any_look_the_table_holds_with_a_wide_band()
    {
        RateBelief belief = LearntRates.Nothing.Of("vacuum-seats");

        Assert.Equal(1, belief.Median);
        Assert.Equal(0, belief.Looks);
        Assert.True(belief.Low < 0.5 && belief.High > 2);
    }

    [Fact]
    public void What_is_seen_of_one_task_tells_a_little_of_the_others()
    {
        LearntRates learnt = RateLearning.Learn(
            Enumerable.Repeat((new TaskId("vacuum-seats"), new RateEvidence(Day, Math.Log(2), 0.3)), 6)
        );

        double seen = learnt.Of("vacuum-seats").Median;
        double unseen = learnt.Of("windscreen").Median;
        Assert.InRange(seen, 1.6, 2);
        Assert.InRange(unseen, 1.2, seen - 0.1);
        Assert.True(learnt.Of("windscreen").LogStdDev > learnt.Of("vacuum-seats").LogStdDev);
        Assert.Equal(6, learnt.Of("vacuum-seats").Looks);
        Assert.Equal(0, learnt.Of("windscreen").Looks);
    }

    [Fact]
    public void What_was_learnt_is_said_with_its_band_and_its_looks()
    {
        LearntRates learnt = RateLearning.Learn(
            Enumerable.Repeat((new TaskId("vacuum-carpets"), new RateEvidence(Day, Math.Log(1.4), 0.35)), 4)
        );

        string sentence = RateWords.Of(CareTasks.Find("vacuum-carpets")!, learnt);

        Assert.Equal(
            "This car soils its carpets 1.3 times as fast as usual (1.0 to 1.8), from 4 checks.",
            sentence
        );
        Assert.Contains(
            "No checks of the windscreen",
            RateWords.Of(CareTasks.Find("windscreen")!, learnt),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No checks of this car",
            RateWords.OfCar(LearntRates.Nothing),
            StringComparison.Ordinal
        );
    }
}
