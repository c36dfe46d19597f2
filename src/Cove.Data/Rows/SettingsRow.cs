namespace Cove.Data.Rows;

/// <summary>How an owner reads quantities, times and money, whatever the vehicle.</summary>
internal sealed class SettingsRow : OwnedRow
{
    /// <summary>The sign or the letters of the owner's currency; empty for amounts without one.</summary>
    public string Currency { get; set; } = string.Empty;

    public DistanceUnit Distance { get; set; }

    public VolumeUnit Volume { get; set; }

    public TemperatureUnit Temperature { get; set; }

    public HourClock Hours { get; set; }
}
