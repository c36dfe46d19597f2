namespace Cove.Core.Vehicles.Surfaces;

/// <summary>One thing in the cabin that gets dirty and is cared for as a whole.</summary>
/// <param name="Id">Short and stable within its vehicle, such as <c>driver-seat</c>.</param>
/// <param name="Name">The name in full, such as "Driver's seat".</param>
/// <param name="ShortName">A name of one or two words for the chart.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Finish">How it is finished.</param>
/// <param name="Area">What has to be worked on.</param>
/// <param name="ZoneId">The <see cref="Plan.Zone"/> from which it is reached.</param>
/// <param name="Exposure">How much use it gets beside the most used surface of its kind, which has 1. Must be above 0.</param>
/// <param name="Facts">What else matters for its care.</param>
public sealed record Surface(
    SurfaceId Id,
    string Name,
    string ShortName,
    SurfaceKind Kind,
    Material Material,
    Finish Finish,
    Area Area,
    ZoneId ZoneId,
    Share Exposure,
    SurfaceFacts Facts = SurfaceFacts.None
)
{
    /// <summary>What it is, apart from which car it is in.</summary>
    public SurfaceMake Make => new(Kind, Material, Finish, Facts);

    /// <summary>The surface this one was cut from; null for a whole one. A surface that has parts is cared for by its parts only.</summary>
    public SurfaceId? PartOf { get; init; }

    /// <summary>Whether this car has no such surface after all. It is kept so that it can be put back.</summary>
    public bool Absent { get; init; }

    /// <summary>What is worn on it, in the owner's words: marks that stay after cleaning and are not dirt. Null when nothing is.</summary>
    /// <remarks>A worn surface is still vacuumed, wiped and protected, but left out of work that rubs it; see <see cref="Upkeep.Tasks.CareTask.Rubs"/>.</remarks>
    public string? Wear { get; init; }
}
