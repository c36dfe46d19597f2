using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;

namespace Cove.Core.Stock;

/// <summary>What to buy, by when and why: what lacks, and what runs out. What a household mixes by itself is mixed, not bought.</summary>
public static class ShoppingList
{
    /// <summary>How far ahead to buy, in days. Cove's own choice: two months, the round in which everything comes up once.</summary>
    public const int HorizonDays = 60;

    private static readonly ProductClass[] Mixed = [ProductClass.Water, ProductClass.SoapWater];

    /// <summary>What lacks, without what runs out.</summary>
    /// <param name="missing">Tasks that lack a product.</param>
    /// <param name="today">The owner's present day.</param>
    public static IReadOnlyList<ShoppingItem> Lacking(IEnumerable<MissingProduct> missing, DateOnly today) =>
        Make([], missing, today);

    /// <summary>Makes the list, the most urgent first.</summary>
    /// <param name="outlooks">The products.</param>
    /// <param name="missing">Tasks that lack a product.</param>
    /// <param name="today">The owner's present day.</param>
    public static IReadOnlyList<ShoppingItem> Make(
        IEnumerable<StockOutlook> outlooks,
        IEnumerable<MissingProduct> missing,
        DateOnly today
    ) =>
        [
            .. missing
                .Where(missing => !Mixed.Contains(missing.Buy))
                .GroupBy(missing => missing.Buy)
                .Select(group => new ShoppingItem(
                    ClassPresets.Of(group.Key).Name,
                    null,
                    group.Key,
                    today,
                    null,
                    $"Nothing on the shelf is safe and enough for: {string.Join(", ", group.Select(one => one.Task.ShortName).Distinct(StringComparer.Ordinal))}."
                ))
                .Concat(
                    outlooks
                        .Where(outlook =>
                            outlook.RunsOut <= today.AddDays(HorizonDays)
                            && !Mixed.Contains(outlook.Product.Make.Class)
                        )
                        .Select(outlook => new ShoppingItem(
                            outlook.Product.Name,
                            outlook.Product.Id,
                            outlook.Product.Make.Class,
                            outlook.RunsOut!.Value,
                            outlook.Product.Bottles.LastOrDefault(bottle => bottle.Price is not null)?.Price,
                            outlook.ProductLeft > Quantity.Zero
                                ? "Runs out on the present routine."
                                : "Used up."
                        ))
                )
                .OrderBy(item => item.By)
                .ThenBy(item => item.Name, StringComparer.Ordinal),
        ];
}

/// <summary>Something to buy.</summary>
/// <param name="Name">What.</param>
/// <param name="ProductId">The product on the shelf; null for one that is not there yet.</param>
/// <param name="Class">Its class.</param>
/// <param name="By">The day by which it is needed.</param>
/// <param name="Price">What it cost last time, in the owner's currency; null when unknown.</param>
/// <param name="Why">Why, as a sentence.</param>
public sealed record ShoppingItem(
    string Name,
    ProductId? ProductId,
    ProductClass Class,
    DateOnly By,
    decimal? Price,
    string Why
);
