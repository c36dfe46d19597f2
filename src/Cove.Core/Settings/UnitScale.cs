using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Settings;

/// <summary>How a quantity that Cove keeps in kilometres, millilitres or degrees Celsius reads in a unit of the owner's.</summary>
/// <param name="Name">What the unit is called in the plural, such as "miles".</param>
/// <param name="Sign">What stands behind a number, such as "fl oz".</param>
/// <param name="Size">One unit in what Cove keeps; above 0.</param>
/// <param name="Zero">What the unit shows where Cove's own shows 0; 0 for everything but degrees Fahrenheit.</param>
public sealed record UnitScale(string Name, string Sign, double Size, double Zero)
{
    /// <summary>The scale of a unit of distance.</summary>
    /// <remarks>One mile is 1.609344 km: international yard and pound agreement of 1959.</remarks>
    /// <exception cref="ArgumentOutOfRangeException">There is no such unit.</exception>
    public static UnitScale Of(DistanceUnit unit) =>
        unit switch
        {
            DistanceUnit.Kilometre => new UnitScale("kilometres", "km", 1, 0),
            DistanceUnit.Mile => new UnitScale("miles", "mi", 1.609344, 0),
            _ => throw new ArgumentOutOfRangeException(
                nameof(unit),
                unit,
                "There is no such unit of distance."
            ),
        };

    /// <summary>The scale of a unit of volume in which bottles are measured.</summary>
    /// <param name="unit">Millilitres or fluid ounces.</param>
    /// <exception cref="ArgumentOutOfRangeException">No unit in which bottles are measured: see <see cref="OwnerSettings.Volumes"/>.</exception>
    public static UnitScale Of(VolumeUnit unit) =>
        unit switch
        {
            VolumeUnit.Millilitre => new UnitScale("millilitres", "ml", unit.InMillilitres(), 0),
            VolumeUnit.UsFluidOunce => new UnitScale("fluid ounces (US)", "fl oz", unit.InMillilitres(), 0),
            VolumeUnit.ImperialFluidOunce => new UnitScale(
                "fluid ounces (imperial)",
                "fl oz",
                unit.InMillilitres(),
                0
            ),
            VolumeUnit.Litre or VolumeUnit.Drop or _ => throw new ArgumentOutOfRangeException(
                nameof(unit),
                unit,
                "Bottles are not measured in that unit."
            ),
        };

    /// <summary>The scale of a unit of temperature.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such unit.</exception>
    public static UnitScale Of(TemperatureUnit unit) =>
        unit switch
        {
            TemperatureUnit.Celsius => new UnitScale("degrees Celsius", "°C", 1, 0),
            TemperatureUnit.Fahrenheit => new UnitScale("degrees Fahrenheit", "°F", 5.0 / 9, 32),
            _ => throw new ArgumentOutOfRangeException(
                nameof(unit),
                unit,
                "There is no such unit of temperature."
            ),
        };
}
