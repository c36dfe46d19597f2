using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>Fills a bottle at home.</summary>
public static class Bottling
{
    /// <summary>The product with one bottle more: a mixture, for which the product is taken out of those it was bought in.</summary>
    /// <param name="product">The product.</param>
    /// <param name="left">What is left in each of its bottles now, in order.</param>
    /// <param name="volume">How much is mixed.</param>
    /// <param name="strength">How strong.</param>
    /// <param name="id">The id of the new bottle.</param>
    /// <param name="now">The present instant: every bottle counts as measured then.</param>
    /// <param name="today">The owner's present day.</param>
    /// <returns>The product. What its bottles do not hold is not missed: the owner had more than was on record.</returns>
    public static Product Mix(
        Product product,
        IReadOnlyList<Quantity> left,
        Volume volume,
        Strength strength,
        BottleId id,
        DateTimeOffset now,
        DateOnly today
    )
    {
        Product measured = product.Measured(left, now);
        Product bought = measured with
        {
            Bottles = [.. measured.Bottles.Where(bottle => bottle.Mixed is null)],
        };
        var taken = new ProductUse(product.Id, now, Quantity.Of(volume * strength.Share));
        var rest = new Queue<Quantity>(BottleStock.Left(bought, [taken]));
        var size = Quantity.Of(volume);
        return measured with
        {
            Bottles =
            [
                .. measured.Bottles.Select(bottle =>
                    bottle.Mixed is null ? bottle with { Left = rest.Dequeue() } : bottle
                ),
                new Bottle(id, size, size, now) { Mixed = strength, MixedOn = today },
            ],
        };
    }
}
