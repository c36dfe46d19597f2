using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>What is left in the bottles of a product.</summary>
public static class BottleStock
{
    /// <summary>Whether someone who says how much is left only repeats what was shown, to within half a unit.</summary>
    public static bool IsAsShown(Quantity shown, Quantity given) =>
        shown.Unit == given.Unit && Math.Abs(shown.Value - given.Value) <= 0.5;

    /// <summary>What is left in each bottle after what was used since it was measured.</summary>
    /// <param name="product">The product.</param>
    /// <param name="uses">What was used of it, in any order.</param>
    /// <returns>One figure for each bottle, in order: what is in it, mixed or not.</returns>
    /// <remarks>Each use is taken from mixed bottles first, then from opened ones, then from shut ones; among equals from the one begun first. A bottle is not charged for what was used before it was measured. What was counted in another unit, before the owner said that the product is of another form, says nothing of these bottles. What no bottle holds is lost from view: the owner had more than was on record.</remarks>
    public static IReadOnlyList<Quantity> Left(Product product, IEnumerable<ProductUse> uses)
    {
        Quantity[] left = [.. product.Bottles.Select(bottle => bottle.Left)];
        int[] order =
        [
            .. Enumerable
                .Range(0, left.Length)
                .OrderBy(i => product.Bottles[i].Mixed is null ? 1 : 0)
                .ThenBy(i => product.Bottles[i].MixedOn ?? product.Bottles[i].Opened ?? DateOnly.MaxValue)
                .ThenBy(i => product.Bottles[i].Bought ?? DateOnly.MaxValue),
        ];
        foreach (ProductUse use in uses.Where(use => use.Amount.Unit == product.Unit).OrderBy(use => use.At))
        {
            Quantity open = use.Amount;
            foreach (int i in order)
            {
                Bottle bottle = product.Bottles[i];
                if (open <= Quantity.Zero || bottle.MeasuredAt > use.At)
                {
                    continue;
                }

                double share = bottle.Mixed?.Share ?? 1;
                Quantity wanted = open * (1 / share);
                Quantity taken = wanted < left[i] ? wanted : left[i];
                left[i] -= taken;
                open -= taken * share;
            }
        }

        return left;
    }
}

/// <summary>Some of a product that was used.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="At">When.</param>
/// <param name="Amount">How much of the product itself, without the water it was thinned with.</param>
public sealed record ProductUse(ProductId ProductId, DateTimeOffset At, Quantity Amount);
