using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Spots;

/// <summary>What a spot is on, as far as first aid goes by it.</summary>
public enum SpotGround
{
    /// <summary>Plastic, metal, rubber, lacquer: it takes nothing in.</summary>
    Hard,

    /// <summary>Woven cloth, carpet, mats.</summary>
    Cloth,

    /// <summary>Coated or synthetic leather.</summary>
    Leather,

    /// <summary>Suede, of any make, and leather without a coat.</summary>
    Suede,

    /// <summary>The lining overhead.</summary>
    Lining,

    /// <summary>Seat belts.</summary>
    Webbing,

    /// <summary>Panes.</summary>
    Glass,

    /// <summary>Screens and lenses.</summary>
    Screen,

    /// <summary>Vents, switches, slots: what lies behind must stay dry.</summary>
    Opening,
}

/// <summary>Says what a spot is on.</summary>
public static class SpotGrounds
{
    /// <summary>Whether there can be a spot on a kind of surface.</summary>
    public static bool CanHappenTo(SurfaceKind kind) => kind != SurfaceKind.Air;

    /// <summary>The ground of a surface.</summary>
    public static SpotGround Of(SurfaceMake make) =>
        make.Kind switch
        {
            SurfaceKind.Windscreen or SurfaceKind.Glass => SpotGround.Glass,
            SurfaceKind.Screen or SurfaceKind.ClusterLens => SpotGround.Screen,
            SurfaceKind.Vents or SurfaceKind.Switches or SurfaceKind.ShifterSlot => SpotGround.Opening,
            SurfaceKind.Belts => SpotGround.Webbing,
            SurfaceKind.Headliner => SpotGround.Lining,
            _ => make.Parts[0] switch
            {
                Material.WovenFabric or Material.Pile or Material.LiningCloth => SpotGround.Cloth,
                Material.CoatedLeather or Material.SyntheticLeather => SpotGround.Leather,
                Material.Microsuede or Material.UncoatedLeather => SpotGround.Suede,
                Material.Webbing => SpotGround.Webbing,
                _ => SpotGround.Hard,
            },
        };
}
