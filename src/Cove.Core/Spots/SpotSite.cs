using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Safety;
using Cove.Core.Safety.Rules;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Spots.SpotGround;

namespace Cove.Core.Spots;

/// <summary>One plain material of a surface with a spot on it, and what the verdicts allow there.</summary>
/// <param name="Make">The surface as if it were of this material alone.</param>
/// <param name="Ground">What that is, as far as first aid goes by it.</param>
internal sealed record SpotSite(SurfaceMake Make, SpotGround Ground)
{
    /// <summary>The sites of a surface, one for each ground it is composed of, the larger part first.</summary>
    public static IReadOnlyList<SpotSite> Of(SurfaceMake make) =>
        [
            .. make
                .Parts.Select(part => make with { Material = part })
                .Select(part => new SpotSite(part, SpotGrounds.Of(part)))
                .DistinctBy(site => site.Ground),
        ];

    /// <summary>What a ground is at its plainest, where no more is known.</summary>
    public static SpotSite Of(SpotGround ground) =>
        new(
            ground switch
            {
                Cloth => new(SurfaceKind.Seat, Material.WovenFabric),
                Leather => new(SurfaceKind.Seat, Material.CoatedLeather),
                Suede => new(SurfaceKind.Seat, Material.Microsuede),
                Lining => new(SurfaceKind.Headliner, Material.LiningCloth),
                Webbing => new(SurfaceKind.Belts, Material.Webbing),
                SpotGround.Glass => new(SurfaceKind.Glass, Material.Glass),
                Screen => new(SurfaceKind.Screen, Material.Glass),
                Opening => new(SurfaceKind.Vents, Material.Plastic),
                _ => new(SurfaceKind.DoorCard, Material.Plastic),
            },
            ground
        );

    /// <summary>Whether a tool may be used on it dry.</summary>
    public bool Takes(Tool tool) =>
        SafetyRules
            .Judge(new SafetyCase(Make, null, Strength.Neat, Application.Dry, tool, UseContext.Usual))
            .MayBeDone;

    /// <summary>Whether a blunt plastic card may be pushed under what sticks to it. It is judged as a scraper is, which it is less than; woven cloth alone bears the one and not the other. Common practice.</summary>
    public bool TakesAnEdge => Ground == Cloth || Takes(Tool.Scraper);
}
