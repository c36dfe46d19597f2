namespace Cove.Core.Upkeep;

/// <summary>How the soiling of one care task divides among the drivers. The shares add up to 1.</summary>
/// <remarks>At reference use every driver runs at its reference pace, so the division does not matter there; it decides how strongly the task answers when one driver changes. The divisions in <see cref="CareTasks"/> are Cove's own choice.</remarks>
public sealed record DriverShares
{
    private DriverShares(Share distance) => Distance = distance;

    /// <summary>The part that comes with the distance driven.</summary>
    public Share Distance { get; }

    /// <summary>The part that comes with the days, whatever the distance.</summary>
    public Share Time => Distance.Rest;

    /// <summary>Divides soiling between distance and time.</summary>
    /// <param name="distance">The part that comes with distance, from 0 to 1; the rest comes with time.</param>
    public static DriverShares WithDistance(double distance) => new(new Share(distance));

    /// <summary>The share of one driver.</summary>
    public Share Of(Driver driver) =>
        driver switch
        {
            Driver.Time => Time,
            Driver.Distance => Distance,
            _ => throw new ArgumentOutOfRangeException(nameof(driver), driver, "No such driver."),
        };
}
