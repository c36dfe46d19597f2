using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;

namespace Cove.Core.Stock;

/// <summary>How long a product lasts and what it costs.</summary>
/// <param name="Product">The product.</param>
/// <param name="Left">What is left in each of its bottles, in order.</param>
/// <param name="ProductLeft">The product in all of them together, without water.</param>
/// <param name="PerDay">What the routine takes a day.</param>
/// <param name="RunsOut">The day on which it is used up at that rate; null when the routine does not use it or it lasts more than ten years.</param>
/// <param name="UnitPrice">The price of one millilitre or piece; null when no price is known.</param>
public sealed record StockOutlook(
    Product Product,
    IReadOnlyList<Quantity> Left,
    Quantity ProductLeft,
    Quantity PerDay,
    DateOnly? RunsOut,
    decimal? UnitPrice
)
{
    private const double Longest = 3653;

    /// <summary>What a year of the routine costs in this product; null when no price is known.</summary>
    public decimal? CostPerYear => UnitPrice * (decimal)(PerDay.Value * 365.25);

    /// <summary>Looks ahead for one product.</summary>
    /// <param name="product">The product.</param>
    /// <param name="uses">What was used of it.</param>
    /// <param name="perDay">What the routine takes a day.</param>
    /// <param name="today">The owner's present day.</param>
    public static StockOutlook Of(
        Product product,
        IEnumerable<ProductUse> uses,
        Quantity perDay,
        DateOnly today
    )
    {
        IReadOnlyList<Quantity> left = BottleStock.Left(product, uses);
        Quantity neat = product
            .Bottles.Select((bottle, i) => left[i] * (bottle.Mixed?.Share ?? 1))
            .Aggregate(Quantity.Zero, (sum, next) => sum + next);
        double days = perDay > Quantity.Zero ? neat / perDay : double.PositiveInfinity;
        return new StockOutlook(
            product,
            left,
            neat,
            perDay,
            days <= Longest ? today.AddDays((int)days) : null,
            product.UnitPrice
        );
    }
}
