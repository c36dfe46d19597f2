using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>What a product is, apart from whose it is: all that a verdict depends on besides the strength.</summary>
/// <param name="Class">What it is sold as.</param>
/// <param name="Form">How it leaves its container.</param>
/// <param name="Chemistry">What is in it, as sold.</param>
/// <param name="Sheen">The look it leaves behind.</param>
/// <param name="Hazards">The codes of the hazard statements on its label, such as <c>H319</c>, each of <see cref="Hazards.HazardStatements"/>.</param>
public sealed record ProductMake(
    ProductClass Class,
    ProductForm Form,
    Chemistry Chemistry,
    Sheen Sheen,
    IReadOnlyList<string> Hazards
)
{
    /// <summary>The unit it is counted in.</summary>
    public QuantityUnit Unit =>
        Form is ProductForm.Solid or ProductForm.Wipes ? QuantityUnit.Pieces : QuantityUnit.Millilitres;
}
