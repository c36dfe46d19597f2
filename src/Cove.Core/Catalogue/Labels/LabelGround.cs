namespace Cove.Core.Catalogue.Labels;

/// <summary>What a label may say a product is not for, or only for, in the words of labels.</summary>
public enum LabelGround
{
    /// <summary>Panes and mirrors.</summary>
    Glass,

    /// <summary>Film on glass.</summary>
    TintFilm,

    /// <summary>Screens and displays.</summary>
    Screens,

    /// <summary>Clear plastics, such as the lens of the instruments.</summary>
    ClearPlastic,

    /// <summary>Gloss lacquer and painted trim.</summary>
    GlossTrim,

    /// <summary>Plastics of any kind.</summary>
    Plastic,

    /// <summary>Leather of any kind.</summary>
    Leather,

    /// <summary>Leather without a coat.</summary>
    UncoatedLeather,

    /// <summary>Suede and what imitates it.</summary>
    Suede,

    /// <summary>Vinyl and other synthetic leather.</summary>
    SyntheticLeather,

    /// <summary>Woven cloth and lining.</summary>
    Fabric,

    /// <summary>Carpets and mats of pile.</summary>
    Carpet,

    /// <summary>The lining of the roof.</summary>
    Headliner,

    /// <summary>Rubber.</summary>
    Rubber,

    /// <summary>Seat belts.</summary>
    Belts,

    /// <summary>Metal.</summary>
    Metal,

    /// <summary>Wood and veneer.</summary>
    Wood,
}

/// <summary>What the label of a product says of where it may be used. Nothing is said where both are empty.</summary>
/// <param name="NotOn">What it must not be used on.</param>
/// <param name="OnlyOn">The only grounds it is for; any where empty.</param>
public sealed record LabelLimits(IReadOnlyList<LabelGround> NotOn, IReadOnlyList<LabelGround> OnlyOn)
{
    /// <summary>The label says nothing of it.</summary>
    public static LabelLimits None { get; } = new([], []);
}
