namespace Cove.Core.Upkeep.Use;

/// <summary>How the soiling of one care task divides among the drivers. The shares add up to 1.</summary>
/// <remarks>At reference use every driver runs at its reference pace, so the division does not matter there; it decides how strongly the task answers when one driver changes. How each task divides stands with it and is Cove's own choice.</remarks>
public sealed class DriverShares
{
    private static readonly Driver[] All = Enum.GetValues<Driver>();

    private readonly double[] shares;

    private DriverShares(double[] shares) => this.shares = shares;

    /// <summary>Every driver with a share above nothing, in their order.</summary>
    public IReadOnlyList<Driver> Drivers => [.. All.Where(driver => shares[(int)driver] > 0)];

    /// <summary>Divides soiling between distance and time.</summary>
    /// <param name="distance">The part that comes with distance, from 0 to 1; the rest comes with time.</param>
    public static DriverShares WithDistance(double distance)
    {
        double[] divided = new double[All.Length];
        divided[(int)Driver.Distance] = new Share(distance).Value;
        divided[(int)Driver.Time] = 1 - distance;
        return new DriverShares(divided);
    }

    /// <summary>Gives a driver a share of what came with time before.</summary>
    /// <param name="driver">Any driver but time.</param>
    /// <param name="share">Its share of the whole.</param>
    /// <exception cref="ArgumentOutOfRangeException">Less than that is left with time.</exception>
    public DriverShares With(Driver driver, double share)
    {
        double[] next = [.. shares];
        next[(int)driver] += new Share(share).Value;
        next[(int)Driver.Time] -= share;
        // A rest of a few parts in 10^16 is arithmetic, not a share.
        if (next[(int)Driver.Time] < -1e-12 || driver == Driver.Time)
        {
            throw new ArgumentOutOfRangeException(nameof(share), share, "The shares of a task add up to 1.");
        }

        next[(int)Driver.Time] = Math.Max(0, next[(int)Driver.Time]);
        return new DriverShares(next);
    }

    /// <summary>The share of one driver.</summary>
    public Share Of(Driver driver) =>
        Enum.IsDefined(driver)
            ? new Share(shares[(int)driver])
            : throw new ArgumentOutOfRangeException(nameof(driver), driver, "No such driver.");
}
