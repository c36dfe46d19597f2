namespace Cove.Core.Vehicles.Surfaces;

/// <summary>What a surface is, apart from which car it is in: all that a verdict depends on.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Finish">How it is finished.</param>
/// <param name="Facts">What else matters for its care.</param>
public readonly record struct SurfaceMake(
    SurfaceKind Kind,
    Material Material,
    Finish Finish = Finish.Plain,
    SurfaceFacts Facts = SurfaceFacts.None
)
{
    /// <summary>The plain materials it is composed of; more than one for seats with inserts.</summary>
    public IReadOnlyList<Material> Parts =>
        Material switch
        {
            Material.FabricWithMicrosuede => [Material.WovenFabric, Material.Microsuede],
            Material.LeatherWithMicrosuede => [Material.CoatedLeather, Material.Microsuede],
            _ => [Material],
        };
}
