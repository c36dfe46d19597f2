using System.Collections.Immutable;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Learning;

/// <summary>What all looks of a car have said so far of how fast its levels rise, summed up by task.</summary>
/// <remarks>Unchanging. Sums are all that <see cref="RateLearning"/> asks for, so a long log costs no more to learn from than a short one.</remarks>
public sealed class RateTally
{
    private readonly ImmutableDictionary<TaskId, TaskEvidence> tasks;

    private RateTally(ImmutableDictionary<TaskId, TaskEvidence> tasks) => this.tasks = tasks;

    /// <summary>Before any look.</summary>
    public static RateTally Empty { get; } = new(ImmutableDictionary<TaskId, TaskEvidence>.Empty);

    /// <summary>The tasks that were looked at, in no order.</summary>
    public IEnumerable<TaskEvidence> Tasks => tasks.Values;

    /// <summary>The tally with more evidence.</summary>
    /// <param name="evidence">What looks say, with the task they are about; what is handed over at once may come in any order.</param>
    public RateTally With(IEnumerable<(TaskId TaskId, RateEvidence Evidence)> evidence)
    {
        ImmutableDictionary<TaskId, TaskEvidence>.Builder sums = tasks.ToBuilder();

        // Summed in an order of their own, so that not even rounding tells who came first.
        foreach (
            var (taskId, look) in evidence
                .OrderBy(one => one.Evidence.LogRatio)
                .ThenBy(one => one.Evidence.LogStdDev)
        )
        {
            TaskEvidence sum = sums.GetValueOrDefault(taskId) ?? new TaskEvidence(taskId, 0, 0, 0);
            double precision = 1 / (look.LogStdDev * look.LogStdDev);
            sums[taskId] = sum with
            {
                Precision = sum.Precision + precision,
                Weighed = sum.Weighed + (look.LogRatio * precision),
                Looks = sum.Looks + look.Looks,
            };
        }

        return new RateTally(sums.ToImmutable());
    }
}

/// <summary>All looks at one task as one.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Precision">One over the variance of what they say; above 0.</param>
/// <param name="Weighed">The logarithms of the ratios they saw, each times its precision.</param>
/// <param name="Looks">How many looks.</param>
public sealed record TaskEvidence(TaskId TaskId, double Precision, double Weighed, int Looks)
{
    /// <summary>The mean of the logarithms, weighed by precision.</summary>
    public double Mean => Weighed / Precision;

    /// <summary>The variance of that mean.</summary>
    public double Variance => 1 / Precision;
}
