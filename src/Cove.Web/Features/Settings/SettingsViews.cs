namespace Cove.Web.Features.Settings;

/// <summary>What an owner chooses.</summary>
public sealed record SettingsRequest
{
    /// <summary>The unit of distances.</summary>
    public required DistanceUnit Distance { get; init; }

    /// <summary>The unit of what is in bottles: millilitres, US or imperial fluid ounces.</summary>
    public required VolumeUnit Volume { get; init; }

    /// <summary>The unit of temperatures.</summary>
    public required TemperatureUnit Temperature { get; init; }

    /// <summary>How the time of day is written.</summary>
    public required HourClock Hours { get; init; }

    /// <summary>The sign or the letters of the currency; empty for amounts without one.</summary>
    [Note(OwnerSettings.LongestCurrency)]
    public string Currency { get; init; } = string.Empty;

    internal OwnerSettings ToSettings() => new(Distance, Volume, Temperature, Hours, Currency.Trim());
}

/// <summary>What the owner has chosen, and how each quantity reads by it.</summary>
/// <param name="IsChosen">Whether the owner has chosen; while not, everything is as usual and may be proposed otherwise.</param>
/// <param name="Chosen">What holds.</param>
/// <param name="DistanceScale">How kilometres read.</param>
/// <param name="VolumeScale">How millilitres read.</param>
/// <param name="TemperatureScale">How degrees Celsius read.</param>
/// <param name="Today">The day of the owner's clock, by which dates of this year are told from others.</param>
internal sealed record SettingsView(
    bool IsChosen,
    SettingsRequest Chosen,
    UnitScale DistanceScale,
    UnitScale VolumeScale,
    UnitScale TemperatureScale,
    DateOnly Today
)
{
    public static SettingsView Of(OwnerSettings settings, bool isChosen, DateOnly today) =>
        new(
            isChosen,
            new SettingsRequest
            {
                Distance = settings.Distance,
                Volume = settings.Volume,
                Temperature = settings.Temperature,
                Hours = settings.Hours,
                Currency = settings.Currency,
            },
            UnitScale.Of(settings.Distance),
            UnitScale.Of(settings.Volume),
            UnitScale.Of(settings.Temperature),
            today
        );
}
