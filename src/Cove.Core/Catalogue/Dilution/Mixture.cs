using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Dilution;

/// <summary>Product and water together.</summary>
/// <param name="Product">The product in it.</param>
/// <param name="Water">The water in it.</param>
public sealed record Mixture(Volume Product, Volume Water)
{
    /// <summary>Product and water together. The small change that volumes lose when they mix is left out.</summary>
    public Volume Total => Product + Water;

    /// <summary>Its strength.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no product in it, or next to none.</exception>
    public Strength Strength => Strength.FromShare(Product.Millilitres / Total.Millilitres);
}
