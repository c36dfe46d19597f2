using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Learning;

/// <summary>Learns from looks how fast the levels of a car rise.</summary>
/// <remarks>
/// Two levels, both normal on the log scale: <c>log m(task) = car + task</c>, where the car effect is shared by all
/// tasks and each task has one of its own. Looks are normal round log m(task). The posterior is that of the
/// textbook normal-normal model, in closed form, so the order of the evidence does not matter.
/// </remarks>
public static class RateLearning
{
    /// <summary>How far cars differ: standard deviation of the car effect. Cove's own choice.</summary>
    public const double CarStdDev = 0.4;

    /// <summary>How far tasks of one car differ beside it: standard deviation of a task effect. Cove's own choice.</summary>
    public const double TaskStdDev = 0.3;

    private const double CarVariance = CarStdDev * CarStdDev;
    private const double TaskVariance = TaskStdDev * TaskStdDev;

    /// <summary>Learns from all evidence on one car.</summary>
    /// <param name="evidence">What each look says, with the task it is about; in any order.</param>
    public static LearntRates Learn(IEnumerable<(TaskId TaskId, RateEvidence Evidence)> evidence) =>
        Learn(RateTally.Empty.With(evidence));

    /// <summary>Learns from all evidence on one car.</summary>
    /// <param name="tally">What its looks say, summed up.</param>
    public static LearntRates Learn(RateTally tally)
    {
        TaskEvidence[] tasks = [.. tally.Tasks.OrderBy(task => task.TaskId)];

        // Seen from the car, a task tells of the car effect with its own effect and its scatter as noise.
        double precision = (1 / CarVariance) + tasks.Sum(task => 1 / (task.Variance + TaskVariance));
        double carMean = tasks.Sum(task => task.Mean / (task.Variance + TaskVariance)) / precision;
        double carVariance = 1 / precision;
        int looks = tasks.Sum(task => task.Looks);
        return new LearntRates(
            new RateBelief(carMean, Math.Sqrt(carVariance + TaskVariance), looks),
            tasks.ToDictionary(task => task.TaskId, Belief)
        );

        RateBelief Belief(TaskEvidence task)
        {
            // How much of what was seen of the task is the task's own: the rest is drawn to the car.
            double own = TaskVariance / (TaskVariance + task.Variance);
            return new RateBelief(
                carMean + (own * (task.Mean - carMean)),
                Math.Sqrt((TaskVariance * (1 - own)) + ((1 - own) * (1 - own) * carVariance)),
                task.Looks
            );
        }
    }
}
