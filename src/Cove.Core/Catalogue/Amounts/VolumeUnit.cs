namespace Cove.Core.Catalogue.Amounts;

/// <summary>A unit in which an owner may give a volume.</summary>
public enum VolumeUnit
{
    /// <summary>Millilitre.</summary>
    Millilitre,

    /// <summary>Litre.</summary>
    Litre,

    /// <summary>US fluid ounce.</summary>
    UsFluidOunce,

    /// <summary>Imperial fluid ounce.</summary>
    ImperialFluidOunce,

    /// <summary>Drop: 20 to the millilitre.</summary>
    Drop,
}

/// <summary>What units of volume are worth.</summary>
public static class VolumeUnits
{
    /// <summary>The assumption behind drops. Droppers differ; count how many fill 5 ml to know yours.</summary>
    public const int DropsToTheMillilitre = 20;

    /// <summary>One unit in millilitres.</summary>
    /// <remarks>Fluid ounces by NIST Handbook 44, appendix C (US) and the UK Weights and Measures Act 1985 (imperial). A drop is a convention, not a measure.</remarks>
    /// <exception cref="ArgumentOutOfRangeException">There is no such unit.</exception>
    public static double InMillilitres(this VolumeUnit unit) =>
        unit switch
        {
            VolumeUnit.Millilitre => 1,
            VolumeUnit.Litre => 1000,
            VolumeUnit.UsFluidOunce => 29.5735295625,
            VolumeUnit.ImperialFluidOunce => 28.4130625,
            VolumeUnit.Drop => 1.0 / DropsToTheMillilitre,
            _ => throw new ArgumentOutOfRangeException(
                nameof(unit),
                unit,
                "There is no such unit of volume."
            ),
        };
}
