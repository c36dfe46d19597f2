using Cove.Core.Catalogue.Labels;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Safety;

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

    /// <summary>Whether a label speaks against use on a surface.</summary>
    /// <param name="limits">What the label says.</param>
    /// <param name="make">What the surface is.</param>
    public static bool Forbid(this LabelLimits limits, SurfaceMake make) =>
        limits.NotOn.Any(ground => ground.Covers(make))
        || (limits.OnlyOn.Count > 0 && !limits.OnlyOn.Any(ground => ground.Covers(make)));
}
