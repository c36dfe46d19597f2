using Cove.Core.Vehicles.Surfaces;

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

/// <summary>What each ground of a label is on a car.</summary>
public static class LabelGrounds
{
    /// <summary>Whether a surface, or a part of it, is such a ground.</summary>
    /// <param name="ground">The ground.</param>
    /// <param name="make">What the surface is.</param>
    public static bool Covers(this LabelGround ground, SurfaceMake make) =>
        ground switch
        {
            LabelGround.TintFilm => make.Facts.HasFlag(SurfaceFacts.TintFilm),
            LabelGround.Screens => make.Kind == SurfaceKind.Screen,
            LabelGround.Headliner => make.Kind == SurfaceKind.Headliner,
            LabelGround.Belts => make.Kind == SurfaceKind.Belts,
            LabelGround.GlossTrim => make.Finish == Finish.Gloss,
            LabelGround.Wood => make.Finish == Finish.WoodVeneer,
            LabelGround.Metal => make.Finish == Finish.BrushedMetal || make.Parts.Contains(Material.Metal),
            _ => make.Parts.Any(part => MaterialsOf(ground).Contains(part)),
        };

    private static ReadOnlySpan<Material> MaterialsOf(LabelGround ground) =>
        ground switch
        {
            LabelGround.Glass => [Material.Glass],
            LabelGround.ClearPlastic => [Material.ClearPlastic],
            LabelGround.Plastic => [Material.Plastic, Material.ClearPlastic],
            LabelGround.Leather => [Material.CoatedLeather, Material.UncoatedLeather],
            LabelGround.UncoatedLeather => [Material.UncoatedLeather],
            LabelGround.Suede => [Material.Microsuede],
            LabelGround.SyntheticLeather => [Material.SyntheticLeather],
            LabelGround.Fabric => [Material.WovenFabric, Material.LiningCloth],
            LabelGround.Carpet => [Material.Pile],
            LabelGround.Rubber => [Material.Rubber],
            _ => [],
        };
}

/// <summary>What the label of a product says of where it may be used. Nothing is said where both are empty.</summary>
/// <param name="NotOn">What it must not be used on.</param>
/// <param name="OnlyOn">The only grounds it is for; any where empty.</param>
public sealed record LabelLimits(IReadOnlyList<LabelGround> NotOn, IReadOnlyList<LabelGround> OnlyOn)
{
    /// <summary>The label says nothing of it.</summary>
    public static LabelLimits None { get; } = new([], []);

    /// <summary>Whether the label speaks against use on a surface.</summary>
    public bool Forbid(SurfaceMake make) =>
        NotOn.Any(ground => ground.Covers(make))
        || (OnlyOn.Count > 0 && !OnlyOn.Any(ground => ground.Covers(make)));
}
