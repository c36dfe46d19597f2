using Cove.Core.Catalogue.Amounts;
using Cove.Core.Settings;

namespace Cove.Core.Tests.Settings;

public sealed class UnitScaleTests
{
    /// <summary>Published values: international yard and pound agreement of 1959 (mile), NIST Handbook 44 appendix C (US fluid ounce), UK Weights and Measures Act 1985 (imperial fluid ounce).</summary>
    [Fact]
    public void Distances_and_volumes_are_worth_what_is_published()
    {
        Assert.Equal(1.609344, UnitScale.Of(DistanceUnit.Mile).Size);
        Assert.Equal(29.5735295625, UnitScale.Of(VolumeUnit.UsFluidOunce).Size);
        Assert.Equal(28.4130625, UnitScale.Of(VolumeUnit.ImperialFluidOunce).Size);
    }

    /// <summary>Published values: freezing and boiling of water at one atmosphere, and where both scales meet.</summary>
    [Theory]
    [InlineData(0, 32)]
    [InlineData(100, 212)]
    [InlineData(-40, -40)]
    public void Fahrenheit_meets_celsius_where_it_should(double celsius, double fahrenheit)
    {
        UnitScale scale = UnitScale.Of(TemperatureUnit.Fahrenheit);

        Assert.Equal(fahrenheit, (celsius / scale.Size) + scale.Zero, 1e-9);
    }

    [Fact]
    public void Every_unit_that_can_be_chosen_has_a_scale()
    {
        Assert.All(Enum.GetValues<DistanceUnit>(), unit => Assert.NotEmpty(UnitScale.Of(unit).Name));
        Assert.All(Enum.GetValues<TemperatureUnit>(), unit => Assert.NotEmpty(UnitScale.Of(unit).Name));
        Assert.All(OwnerSettings.Volumes, unit => Assert.NotEmpty(UnitScale.Of(unit).Name));
        Assert.Throws<ArgumentOutOfRangeException>(() => UnitScale.Of(VolumeUnit.Drop));
    }
}
