namespace Cove.Core.Learning;

/// <summary>What has been learnt of how fast the levels of one car rise beside the table: one multiplier for each task, and one for the car as a whole.</summary>
/// <remarks>Made by <see cref="RateLearning"/>.</remarks>
public sealed class LearntRates
{
    private readonly IReadOnlyDictionary<TaskId, RateBelief> tasks;

    /// <summary>Puts together what was learnt.</summary>
    /// <param name="car">What holds for a task that was never looked at.</param>
    /// <param name="tasks">What holds for those that were, by task id.</param>
    public LearntRates(RateBelief car, IReadOnlyDictionary<TaskId, RateBelief> tasks)
    {
        Car = car;
        this.tasks = tasks;
    }

    /// <summary>Before any look: the table holds, with the spread between cars and tasks.</summary>
    public static LearntRates Nothing { get; } = RateLearning.Learn([]);

    /// <summary>What holds for a task that was never looked at. Its looks are those of the whole car.</summary>
    public RateBelief Car { get; }

    /// <summary>What is believed of each task that was looked at, by task id.</summary>
    public IReadOnlyDictionary<TaskId, RateBelief> Tasks => tasks;

    /// <summary>What is believed of a task.</summary>
    public RateBelief Of(TaskId taskId) => tasks.GetValueOrDefault(taskId, Car with { Looks = 0 });
}

/// <summary>What is believed of a multiplier: a log-normal distribution.</summary>
/// <param name="LogMean">Mean of its natural logarithm; 0 for the rate of the table.</param>
/// <param name="LogStdDev">Standard deviation of its logarithm; 0 or more.</param>
/// <param name="Looks">From how many looks at the thing itself.</param>
public sealed record RateBelief(double LogMean, double LogStdDev, int Looks)
{
    /// <summary>Standard normal quantile that leaves 5 % on either side.</summary>
    private const double BandWidth = 1.6449;

    /// <summary>As likely too high as too low; what is computed with.</summary>
    public double Median => Math.Exp(LogMean);

    /// <summary>The lower end of the band that holds nine cases of ten.</summary>
    public double Low => Math.Exp(LogMean - (BandWidth * LogStdDev));

    /// <summary>The upper end of that band.</summary>
    public double High => Math.Exp(LogMean + (BandWidth * LogStdDev));
}
