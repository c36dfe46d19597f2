namespace Cove.Core.Catalogue.Products;

/// <summary>The look a product leaves behind, dullest first. Not the finish of a surface; that is <see cref="Cove.Core.Vehicles.Surfaces.Finish"/>.</summary>
public enum Sheen
{
    /// <summary>None: the surface looks as it did.</summary>
    None,

    /// <summary>A soft shine.</summary>
    Satin,

    /// <summary>A wet shine that reflects.</summary>
    Gloss,
}
