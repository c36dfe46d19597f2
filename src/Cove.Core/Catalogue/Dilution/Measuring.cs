using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Dilution;

/// <summary>Rounds a mixture to what can be measured out by hand.</summary>
public static class Measuring
{
    /// <summary>The finest step of the usual measure.</summary>
    public static readonly Volume Step = Volume.FromMillilitres(5);

    /// <summary>What is to be added, as it can be measured: the product in steps, or in drops where it is less than half a step; the rest is water.</summary>
    /// <param name="added">Product and water to add, as computed.</param>
    /// <param name="held">What is in the bottle already; null for an empty one.</param>
    /// <returns>What results of what is added, and how to measure the product.</returns>
    /// <remarks>It never rounds up past the volume to add, never down to nothing, and never so far down that the bottle would be thinner than a strength can be (<see cref="Strength.MostWater"/>). Drops are counted at <see cref="VolumeUnits.DropsToTheMillilitre"/>.</remarks>
    public static Measured ByHand(Mixture added, Mixture? held = null)
    {
        // Only one of the two is added: there is nothing to round against.
        if (added.Product == Volume.Zero || added.Water == Volume.Zero)
        {
            return new Measured(added, null);
        }

        bool inDrops = added.Product.Millilitres < Step.Millilitres / 2;
        double unit = inDrops ? VolumeUnit.Drop.InMillilitres() : Step.Millilitres;
        double count = Math.Max(
            1,
            Math.Round(added.Product.Millilitres / unit, MidpointRounding.AwayFromZero)
        );
        double leastInAll = (added.Total + (held?.Total ?? Volume.Zero)).Millilitres * Strength.LeastShare;
        if ((held?.Product.Millilitres ?? 0) + (count * unit) < leastInAll)
        {
            count++;
        }

        Volume product = Volume.FromMillilitres(Math.Min(count * unit, added.Total.Millilitres));
        return new Measured(new Mixture(product, added.Total - product), inDrops ? (int)count : null);
    }
}

/// <summary>A mixture measured out by hand.</summary>
/// <param name="Mixture">What results.</param>
/// <param name="Drops">The product in drops; null when it is measured in steps, or there is nothing to round.</param>
public sealed record Measured(Mixture Mixture, int? Drops);
