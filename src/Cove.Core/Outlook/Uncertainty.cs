using Cove.Core.Learning;

namespace Cove.Core.Outlook;

/// <summary>How uncertain the level and pace of a task are.</summary>
/// <param name="LogStart">The standard deviation of the logarithm of its level today; 0 or more.</param>
/// <param name="LogRate">The standard deviation of the logarithm of how fast it rises; 0 or more.</param>
public readonly record struct Uncertainty(double LogStart, double LogRate)
{
    /// <summary>How much of the uncertainty of a rate is the car's, and so shared by all its tasks.</summary>
    private const double OfCar =
        RateLearning.CarStdDev
        * RateLearning.CarStdDev
        / (
            (RateLearning.CarStdDev * RateLearning.CarStdDev)
            + (RateLearning.TaskStdDev * RateLearning.TaskStdDev)
        );

    /// <summary>How far level and rate are off in one of the futures that may come.</summary>
    /// <param name="seed">Names the set of futures.</param>
    /// <param name="future">The future.</param>
    /// <param name="taskId">The task. What it draws depends on nothing else, so that another plan or use finds the same futures.</param>
    public (double Start, double Rate) Drawn(int seed, int future, TaskId taskId)
    {
        double car = Normal(seed, future, string.Empty);
        double own = Normal(seed, future, taskId.Value);
        double start = Normal(seed, future, $"{taskId}, today");
        double rate = (Math.Sqrt(OfCar) * car) + (Math.Sqrt(1 - OfCar) * own);
        return (Math.Exp(LogStart * start), Math.Exp(LogRate * rate));
    }

    /// <summary>Whether something that happens by chance happens in one of the futures that may come.</summary>
    /// <param name="seed">Names the set of futures.</param>
    /// <param name="future">The future.</param>
    /// <param name="what">What may happen. A greater chance has it happen wherever a smaller one did.</param>
    /// <param name="chance">How often, as a share of all futures.</param>
    internal static bool Happens(int seed, int future, string what, double chance) =>
        Drawing(seed, future, what).NextDouble() < chance;

    /// <summary>A standard normal number that follows from what it is for (Box and Muller).</summary>
    private static double Normal(int seed, int future, string what)
    {
        Random random = Drawing(seed, future, what);
        double radius = Math.Sqrt(-2 * Math.Log(1 - random.NextDouble()));
        return radius * Math.Cos(2 * Math.PI * random.NextDouble());
    }

    private static Random Drawing(int seed, int future, string what)
    {
        // A hash that is the same in every process: FNV-1a.
        uint hash = 2_166_136_261;
        foreach (char letter in what)
        {
            hash = (hash ^ letter) * 16_777_619;
        }

        return new Random(unchecked((int)hash ^ (seed * 7_919) ^ (future * 104_729)));
    }
}
