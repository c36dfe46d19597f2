using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>Whether a product may be mixed to a strength at all.</summary>
public static class MixingAdvice
{
    /// <summary>Why a product must not be mixed to a strength; null when it may be.</summary>
    /// <param name="product">The product.</param>
    /// <param name="target">The strength wanted.</param>
    public static string? Refusal(Product product, Strength target)
    {
        if (
            product.Make.Form
            is ProductForm.Aerosol
                or ProductForm.Solid
                or ProductForm.Gel
                or ProductForm.Wipes
        )
        {
            return "This product is used as it comes; there is nothing to mix.";
        }

        if (!target.IsNeat && product.IsReadyToUse)
        {
            return "This product is sold ready to use. Thinned, nobody has tested what it does; if its label allows it, enter the strengths first.";
        }

        return target > product.Strongest
            ? $"That is stronger than this product is used: at most {product.Strongest.InWords()}. Go by the label."
            : null;
    }

    /// <summary>What to bear in mind with a strength that may be mixed; null when there is nothing.</summary>
    /// <param name="product">The product.</param>
    /// <param name="target">The strength wanted.</param>
    public static string? Remark(Product product, Strength target) =>
        target < product.Weakest
            ? $"That is thinner than this product is used: {product.Weakest.InWords()} at least. It may not clean."
            : null;
}
