namespace Cove.Core.Upkeep.Use;

/// <summary>The distance a car is driven in a week, in kilometres.</summary>
public readonly record struct WeeklyDistance
{
    /// <summary>The most that is accepted: a car driven day and night.</summary>
    public const double MaximumKilometres = 10_000;

    private WeeklyDistance(double kilometres) => Kilometres = kilometres;

    /// <summary>Kilometres in a week; from 0 to <see cref="MaximumKilometres"/>.</summary>
    public double Kilometres { get; }

    /// <summary>The distance for which the baseline intervals hold: 240 km a week. Cove's own choice.</summary>
    public static WeeklyDistance Reference => FromKilometres(240);

    /// <summary>Makes a weekly distance.</summary>
    /// <exception cref="ArgumentOutOfRangeException">Below 0, above <see cref="MaximumKilometres"/> or not a number.</exception>
    public static WeeklyDistance FromKilometres(double kilometres) =>
        kilometres is >= 0 and <= MaximumKilometres
            ? new WeeklyDistance(kilometres)
            : throw new ArgumentOutOfRangeException(
                nameof(kilometres),
                kilometres,
                "A weekly distance lies between 0 and 10,000 km."
            );
}
