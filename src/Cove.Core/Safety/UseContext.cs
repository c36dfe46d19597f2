using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Schools;

namespace Cove.Core.Safety;

/// <summary>The circumstances of the work. What is not said does not hold.</summary>
public sealed record UseContext
{
    /// <summary>Nothing special: a cool, open car and a surface that is clean enough.</summary>
    public static UseContext Usual { get; } = new();

    /// <summary>The surface is hot to the touch.</summary>
    public bool SurfaceHot { get; init; }

    /// <summary>The sun shines on the surface.</summary>
    public bool InSun { get; init; }

    /// <summary>The cabin is hot.</summary>
    public bool CabinHot { get; init; }

    /// <summary>Doors and windows are shut and no fan runs.</summary>
    public bool CabinClosed { get; init; }

    /// <summary>There is a flame, a spark, a smoker or something glowing near.</summary>
    public bool IgnitionNear { get; init; }

    /// <summary>Dust or grit still lies on the surface.</summary>
    public bool Unclean { get; init; }

    /// <summary>The surface is still damp.</summary>
    public bool Damp { get; init; }

    /// <summary>The coat of the leather is old and worn.</summary>
    public bool CoatWorn { get; init; }

    /// <summary>Something gentler has been tried and the mark stays.</summary>
    public bool GentlerTried { get; init; }

    /// <summary>What kind of soil is to come off.</summary>
    public Soil Soil { get; init; }

    /// <summary>How far the owner goes with screens.</summary>
    public ScreenSchool Screens { get; init; }

    /// <summary>What the owner recorded of a maker's instruction for this surface or product.</summary>
    public MakerSays Maker { get; init; }

    /// <summary>The label of the product says not to use it on such a surface, or only on others.</summary>
    public bool LabelForbids { get; init; }

    /// <summary>The strongest use that the label of the product names; null when that is not known.</summary>
    public Strength? StrongestOnLabel { get; init; }

    /// <summary>What spot tests on this surface with this product say of this strength.</summary>
    public SpotResult SpotTest { get; init; }

    /// <summary>Other products used in the same session, as they are sold.</summary>
    public IReadOnlyList<ProductMake> Session { get; init; } = [];

    /// <summary>Other products that are or were in the same bottle.</summary>
    public IReadOnlyList<ProductMake> SameBottle { get; init; } = [];
}

/// <summary>What kind of soil is to come off.</summary>
public enum Soil
{
    /// <summary>Everyday dust and touch.</summary>
    Light,

    /// <summary>Dirt that has built up.</summary>
    Heavy,

    /// <summary>Blood, vomit, droppings, mould over a wide area, sewage or flood water.</summary>
    Biological,

    /// <summary>Broken glass or needles.</summary>
    Sharp,
}

/// <summary>What a maker's instruction says.</summary>
public enum MakerSays
{
    /// <summary>Nothing is recorded.</summary>
    Nothing,

    /// <summary>The maker allows it. This overrides harm to the surface, never harm to a person.</summary>
    Allows,

    /// <summary>The maker forbids it.</summary>
    Forbids,
}

/// <summary>What a spot test came to.</summary>
public enum SpotResult
{
    /// <summary>None was made.</summary>
    None,

    /// <summary>The towel took no colour and the spot dried as it was.</summary>
    Passed,

    /// <summary>The towel took colour, or the spot changed.</summary>
    Failed,
}
