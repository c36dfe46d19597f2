using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>What is in a product, as far as it decides where it may be used. All of it is read from the label or the safety data sheet.</summary>
/// <remarks>A property that is set means "yes, or possibly": where a label is silent, take the class's preset in <see cref="ClassPresets"/>. Setting one more never makes a verdict better.</remarks>
public sealed record Chemistry
{
    /// <summary>Plain water: neutral and nothing else.</summary>
    public static Chemistry Water { get; } = new();

    /// <summary>Acidity as it is sold, from 0 (acid) by 7 (neutral) to 14 (alkaline).</summary>
    public double Ph { get; init; } = 7;

    /// <summary>Contains ammonia.</summary>
    public bool Ammonia { get; init; }

    /// <summary>Contains an acid, such as vinegar or citric acid.</summary>
    public bool Acid { get; init; }

    /// <summary>Alcohol by volume as it is sold, in percent from 0 to 100.</summary>
    public double AlcoholPercent { get; init; }

    /// <summary>Contains chlorine bleach (hypochlorite).</summary>
    public bool Chlorine { get; init; }

    /// <summary>Contains peroxide or another oxygen bleach.</summary>
    public bool Peroxide { get; init; }

    /// <summary>Contains an organic solvent other than alcohol.</summary>
    public bool Solvent { get; init; }

    /// <summary>Contains oil, wax or silicone that stays behind.</summary>
    public bool Oil { get; init; }

    /// <summary>Rubs: a polish, a scouring agent, or a hard foam.</summary>
    public bool Abrasive { get; init; }

    /// <summary>Leaves a film on purpose: a protectant, dressing or sealant.</summary>
    public bool LeavesFilm { get; init; }

    /// <summary>The same as it comes out when thinned with water.</summary>
    /// <remarks>Alcohol thins with the volume. Acidity moves towards neutral by one unit for each tenfold thinning, which holds for an unbuffered solution (general chemistry); buffered products keep more, so a label that names the acidity in use comes first. What is only there or not is still there when thinned.</remarks>
    /// <param name="strength">The strength in use.</param>
    public Chemistry At(Strength strength)
    {
        double thinning = Math.Log10(strength.Share);
        double distance = Math.Max(0, Math.Abs(Ph - 7) + thinning);
        return this with
        {
            Ph = strength.IsNeat ? Ph : 7 + (Math.Sign(Ph - 7) * distance),
            AlcoholPercent = AlcoholPercent * strength.Share,
        };
    }
}
