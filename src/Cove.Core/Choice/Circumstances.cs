using Cove.Core.Catalogue.Products;
using Cove.Core.Safety;

namespace Cove.Core.Choice;

/// <summary>What a choice of product has to fit, beside task and surface.</summary>
/// <param name="Context">The circumstances of the work.</param>
/// <param name="Session">Products that the same session uses already.</param>
/// <param name="Supplies">What is left of each product.</param>
public sealed record Circumstances(UseContext Context, IReadOnlyList<ProductMake> Session, Supplies Supplies)
{
    /// <summary>Nothing special, nothing used yet, nothing measured.</summary>
    public static Circumstances Usual { get; } = new(UseContext.Usual, [], Supplies.Unmeasured);
}
