using Cove.Core.Safety;

namespace Cove.Core.Products;

/// <summary>Everything an owner has to work with, and how they like to work with it.</summary>
/// <param name="Products">The products, in the order they were added.</param>
/// <param name="Tools">The tools. None at all means that nobody has listed them yet, and they are taken to be there.</param>
/// <param name="Towels">The towels.</param>
/// <param name="Schools">Choices between sound ways of working.</param>
public sealed record Shelf(
    IReadOnlyList<Product> Products,
    IReadOnlyList<OwnedTool> Tools,
    IReadOnlyList<OwnedTowels> Towels,
    ShelfSchools Schools
)
{
    /// <summary>A shelf with nothing on it.</summary>
    public static Shelf Empty { get; } = new([], [], [], new ShelfSchools());

    /// <summary>The products at hand: those on the shelf, and water from the tap.</summary>
    public IEnumerable<Product> AtHand => Products.Append(Product.TapWater);

    /// <summary>Whether a tool is there.</summary>
    public bool Has(Tool tool) =>
        Tools.Count == 0 || !OwnedTool.Ownable.Contains(tool) || Tools.Any(owned => owned.Tool == tool);
}

/// <summary>Choices between sound ways of working that concern products.</summary>
public sealed record ShelfSchools
{
    /// <summary>How many products to work with.</summary>
    public ProductSchool Products { get; init; }

    /// <summary>How far to go with screens.</summary>
    public ScreenSchool Screens { get; init; }
}

/// <summary>How many products an owner likes to work with.</summary>
public enum ProductSchool
{
    /// <summary>The fewest that do everything safely.</summary>
    FewProducts,

    /// <summary>The gentlest of all for each material.</summary>
    OnePerMaterial,
}
