using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Schools;

namespace Cove.Core.Catalogue;

/// <summary>Everything an owner has to work with, and how they like to work with it.</summary>
/// <param name="Products">The products, in the order they were added.</param>
/// <param name="Tools">The tools. None at all means that nobody has listed them yet, and they are taken to be there.</param>
/// <param name="Towels">The towels.</param>
/// <param name="Ways">How the owner likes to work.</param>
public sealed record Shelf(
    IReadOnlyList<Product> Products,
    IReadOnlyList<OwnedTool> Tools,
    IReadOnlyList<OwnedTowels> Towels,
    WaysOfWorking Ways
)
{
    /// <summary>A shelf with nothing on it.</summary>
    public static Shelf Empty { get; } = new([], [], [], WaysOfWorking.Default);

    /// <summary>The products at hand: those on the shelf, and water from the tap.</summary>
    public IEnumerable<Product> AtHand => Products.Append(Product.TapWater);

    /// <summary>Everything that can be worked with: what is at hand, and last what every household can mix.</summary>
    public IEnumerable<Product> WithHomely => AtHand.Append(Product.HomelySoap);

    /// <summary>Whether a tool has been listed as there. Ask this for what is dangerous without practice. Gel is there as well where it stands among the products.</summary>
    public bool Owns(Tool tool) =>
        Tools.Any(owned => owned.Tool == tool)
        || (tool == Tool.Gel && Products.Any(product => product.Make.Class == ProductClass.CleaningGel));

    /// <summary>Whether a tool is there.</summary>
    public bool Has(Tool tool) =>
        Tools.Count == 0 || !OwnedTool.Ownable.Contains(tool) || Tools.Any(owned => owned.Tool == tool);
}
