namespace Cove.Core.Products;

/// <summary>Rounds a mixture to what can be measured out by hand.</summary>
public static class Measuring
{
    /// <summary>The finest step of the usual measure.</summary>
    public static readonly Volume Step = Volume.FromMillilitres(5);

    /// <summary>The mixture as it can be measured: the product in steps, or in drops where it is less than half a step; the rest of the total is water.</summary>
    /// <param name="exact">The mixture as computed.</param>
    /// <returns>The mixture that results, with its true strength, and how to measure the product.</returns>
    /// <remarks>It never rounds up past the total, and never down to nothing. Drops are counted at <see cref="VolumeUnits.DropsToTheMillilitre"/>.</remarks>
    public static Measured ByHand(Mixture exact)
    {
        bool inDrops = exact.Product.Millilitres < Step.Millilitres / 2;
        double unit = inDrops ? VolumeUnit.Drop.InMillilitres() : Step.Millilitres;
        double count = Math.Max(
            1,
            Math.Round(exact.Product.Millilitres / unit, MidpointRounding.AwayFromZero)
        );
        Volume product = Volume.FromMillilitres(Math.Min(count * unit, exact.Total.Millilitres));
        // Neat stays neat: there is no water to round against.
        Mixture mixture = exact.Water == Volume.Zero ? exact : new Mixture(product, exact.Total - product);
        return new Measured(mixture, inDrops ? (int)count : null);
    }
}

/// <summary>A mixture measured out by hand.</summary>
/// <param name="Mixture">What results.</param>
/// <param name="Drops">The product in drops; null when it is measured in steps.</param>
public sealed record Measured(Mixture Mixture, int? Drops);
