using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Settings;

/// <summary>How an owner reads quantities, times and money. Nothing that Cove works out depends on it.</summary>
/// <param name="Distance">The unit of distances.</param>
/// <param name="Volume">The unit of what is in bottles; one of <see cref="Volumes"/>.</param>
/// <param name="Temperature">The unit of temperatures.</param>
/// <param name="Hours">How the time of day is written.</param>
/// <param name="Currency">The sign or the letters of the currency, up to <see cref="LongestCurrency"/> characters; empty for amounts without one.</param>
public sealed record OwnerSettings(
    DistanceUnit Distance,
    VolumeUnit Volume,
    TemperatureUnit Temperature,
    HourClock Hours,
    string Currency
)
{
    /// <summary>The most characters of a currency.</summary>
    public const int LongestCurrency = 6;

    /// <summary>What holds while an owner has chosen nothing: metric, 24 hours, no currency.</summary>
    public static OwnerSettings Usual { get; } =
        new(
            DistanceUnit.Kilometre,
            VolumeUnit.Millilitre,
            TemperatureUnit.Celsius,
            HourClock.TwentyFour,
            string.Empty
        );

    /// <summary>The units in which bottles can be measured. Litres and drops are for the bench, where each amount has a unit of its own.</summary>
    public static IReadOnlyList<VolumeUnit> Volumes { get; } =
    [VolumeUnit.Millilitre, VolumeUnit.UsFluidOunce, VolumeUnit.ImperialFluidOunce];
}
