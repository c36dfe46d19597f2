using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Edits;

/// <summary>What a surface of a kind can be made of, how it can be finished, and which facts can hold of it.</summary>
/// <remarks>One table for everything an owner can choose; files that are read in are held to it too.</remarks>
/// <param name="Materials">The materials, the usual one first.</param>
/// <param name="Finishes">The finishes, the usual one first.</param>
/// <param name="Facts">The facts that can hold.</param>
public sealed record SurfaceOptions(
    IReadOnlyList<Material> Materials,
    IReadOnlyList<Finish> Finishes,
    SurfaceFacts Facts
)
{
    private const SurfaceFacts OfGlass =
        SurfaceFacts.TintFilm | SurfaceFacts.HeaterLines | SurfaceFacts.Aerial;

    private static readonly Finish[] Plain = [Finish.Plain];
    private static readonly Finish[] OfTrim =
    [
        Finish.Gloss,
        Finish.Satin,
        Finish.BrushedMetal,
        Finish.WoodVeneer,
    ];
    private static readonly Finish[] OfPanels = [Finish.Plain, Finish.Matte, .. OfTrim];
    private static readonly Material[] OfPadding =
    [
        Material.Plastic,
        Material.SyntheticLeather,
        Material.CoatedLeather,
        Material.WovenFabric,
        Material.Microsuede,
    ];

    /// <summary>What holds for a kind.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such kind.</exception>
    public static SurfaceOptions Of(SurfaceKind kind) =>
        kind switch
        {
            SurfaceKind.Dash => new(CabinLayout.DashMaterials, OfPanels, SurfaceFacts.AirbagBehind),
            SurfaceKind.Screen => new(
                [Material.ClearPlastic, Material.Glass],
                [Finish.CoatedDisplay, Finish.Plain],
                SurfaceFacts.None
            ),
            SurfaceKind.ClusterLens => new(CabinLayout.ClusterMaterials, Plain, SurfaceFacts.None),
            SurfaceKind.Vents => new([Material.Plastic, Material.Metal], OfPanels, SurfaceFacts.None),
            SurfaceKind.Trim => new([Material.Plastic, Material.Metal], OfTrim, SurfaceFacts.None),
            SurfaceKind.Switches => new([Material.Plastic, Material.Metal], OfPanels, SurfaceFacts.None),
            SurfaceKind.TouchPoints => new([Material.Plastic, Material.Metal], OfPanels, SurfaceFacts.None),
            SurfaceKind.CupHolders => new([Material.Plastic, Material.Rubber], Plain, SurfaceFacts.None),
            SurfaceKind.Armrest => new(OfPadding, OfPanels, SurfaceFacts.None),
            SurfaceKind.ShifterSlot => new(
                [Material.Plastic, Material.CoatedLeather, Material.SyntheticLeather],
                Plain,
                SurfaceFacts.None
            ),
            SurfaceKind.Wheel => new(
                CabinLayout.WheelMaterials,
                Plain,
                SurfaceFacts.AirbagBehind | SurfaceFacts.Heated
            ),
            SurfaceKind.Pedals => new([Material.Rubber, Material.Metal], Plain, SurfaceFacts.None),
            SurfaceKind.Seat => new(
                CabinLayout.SeatMaterials,
                Plain,
                SurfaceFacts.AirbagBehind | SurfaceFacts.Heated
            ),
            SurfaceKind.Belts => new([Material.Webbing], Plain, SurfaceFacts.None),
            SurfaceKind.ChildSeat => new([Material.WovenFabric], Plain, SurfaceFacts.None),
            SurfaceKind.PetCover => new(
                [Material.WovenFabric, Material.SyntheticLeather],
                Plain,
                SurfaceFacts.None
            ),
            SurfaceKind.DoorCard => new(OfPadding, OfPanels, SurfaceFacts.AirbagBehind),
            SurfaceKind.DoorShuts => new([Material.Metal, Material.Plastic], Plain, SurfaceFacts.None),
            SurfaceKind.DoorSeals => new([Material.Rubber], Plain, SurfaceFacts.None),
            SurfaceKind.Carpet => new(CabinLayout.FloorMaterials, Plain, SurfaceFacts.None),
            SurfaceKind.Mat => new([Material.Rubber, Material.Pile], Plain, SurfaceFacts.None),
            SurfaceKind.Boot => new(CabinLayout.BootMaterials, Plain, SurfaceFacts.None),
            SurfaceKind.Headliner => new(CabinLayout.HeadlinerMaterials, Plain, SurfaceFacts.AirbagBehind),
            SurfaceKind.Windscreen => new([Material.Glass], Plain, OfGlass),
            SurfaceKind.Glass => new([Material.Glass, Material.ClearPlastic], Plain, OfGlass),
            SurfaceKind.Air => new([Material.None], Plain, SurfaceFacts.None),
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "No such kind of surface."),
        };
}
