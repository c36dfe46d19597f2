namespace Cove.Core.Catalogue.Products;

/// <summary>How a product leaves its container.</summary>
public enum ProductForm
{
    /// <summary>A liquid that is poured or measured.</summary>
    Liquid,

    /// <summary>A liquid in a bottle with a trigger or pump.</summary>
    Spray,

    /// <summary>A can under pressure.</summary>
    Aerosol,

    /// <summary>Foam from a pump or can.</summary>
    Foam,

    /// <summary>A cream, wax or paste.</summary>
    Cream,

    /// <summary>A gel or putty.</summary>
    Gel,

    /// <summary>Cloths soaked by the maker.</summary>
    Wipes,

    /// <summary>A solid thing, such as a sponge or a scent pad.</summary>
    Solid,
}
