using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;

namespace Cove.Core.Choice;

/// <summary>What is left of each product, as far as the owner has measured it.</summary>
/// <remarks>A product without bottles on record has never been measured and counts as enough. What is counted is product as it was bought: of a bottle mixed at home, the product in it.</remarks>
public sealed class Supplies
{
    private readonly IReadOnlyDictionary<ProductId, Supply> known;

    private Supplies(IReadOnlyDictionary<ProductId, Supply> known) => this.known = known;

    /// <summary>Nothing has been measured.</summary>
    public static Supplies Unmeasured { get; } = new(new Dictionary<ProductId, Supply>());

    /// <summary>Adds up what is left on a day.</summary>
    /// <param name="products">The products.</param>
    /// <param name="uses">What was used of each since its bottles were measured.</param>
    /// <param name="today">The owner's present day.</param>
    public static Supplies Of(
        IEnumerable<Product> products,
        ILookup<ProductId, ProductUse> uses,
        DateOnly today
    ) =>
        new(
            products
                .Where(product => product.Bottles.Count > 0)
                .ToDictionary(product => product.Id, product => Of(product, uses[product.Id], today))
        );

    /// <summary>What is left of a product.</summary>
    public Supply Of(Product product) => known.GetValueOrDefault(product.Id, Supply.NotMeasured);

    /// <summary>What is left when some of it has been promised to other work.</summary>
    public Supplies Without(IReadOnlyDictionary<ProductId, Quantity> promised) =>
        promised.Keys.Any(known.ContainsKey)
            ? new Supplies(
                known.ToDictionary(
                    entry => entry.Key,
                    entry => entry.Value.After(promised.GetValueOrDefault(entry.Key))
                )
            )
            : this;

    private static Supply Of(Product product, IEnumerable<ProductUse> uses, DateOnly today)
    {
        Quantity left = Quantity.Zero;
        bool fresh = false;
        IReadOnlyList<Quantity> inBottles = BottleStock.Left(product, uses);
        foreach (var (i, bottle) in product.Bottles.Index())
        {
            if (bottle.TooOldFrom(product.ShelfLifeMonths) is { } day && day <= today)
            {
                continue;
            }

            fresh = true;
            left += (bottle with { Left = inBottles[i] }).ProductLeft;
        }

        return new Supply(fresh ? left : null, !fresh);
    }
}

/// <summary>What is left of a product.</summary>
/// <param name="Left">What its bottles that still keep hold; null when that is not known, or none keeps.</param>
/// <param name="TooOld">Whether every bottle is too old to rely on.</param>
public readonly record struct Supply(Quantity? Left, bool TooOld)
{
    /// <summary>Nobody has measured it.</summary>
    public static Supply NotMeasured => default;

    /// <summary>Whether it holds some amount.</summary>
    public bool Covers(Quantity amount) => !TooOld && (Left is not { } left || left >= amount);

    /// <summary>What is left when some of it was taken.</summary>
    public Supply After(Quantity amount) => Left is { } left ? this with { Left = left - amount } : this;
}
