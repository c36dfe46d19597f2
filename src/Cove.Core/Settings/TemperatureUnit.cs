namespace Cove.Core.Settings;

/// <summary>A unit in which an owner reads temperatures. Cove reckons in degrees Celsius whatever is chosen.</summary>
public enum TemperatureUnit
{
    /// <summary>Degrees Celsius.</summary>
    Celsius,

    /// <summary>Degrees Fahrenheit.</summary>
    Fahrenheit,
}
