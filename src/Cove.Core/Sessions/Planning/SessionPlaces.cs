using Cove.Core.Schools;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Planning;

/// <summary>Where the work of a session is done: the zones of a cabin and the way round it.</summary>
/// <param name="cabin">The cabin.</param>
/// <param name="school">In which order its owner likes to visit its places.</param>
public sealed class SessionPlaces(Cabin cabin, ZoneSchool school = ZoneSchool.ShortestWalk)
{
    /// <summary>The way round the car.</summary>
    public WayRound Way { get; } = WayOf(cabin);

    /// <summary>Where a session begins: at the driver's door, the first zone.</summary>
    public Zone Start => cabin.Zones[0];

    /// <summary>Every zone in the order in which it is visited.</summary>
    public IReadOnlyList<Zone> Zones { get; } = InOrder(cabin, school);

    /// <summary>Whether an owner wants the zones visited in this order, rather than the shortest way.</summary>
    public bool InFixedOrder => school != ZoneSchool.ShortestWalk;

    /// <summary>The zones of a task, each once and in the order of <see cref="Zones"/>; none for work on the air of the cabin.</summary>
    public IReadOnlyList<Zone> ZonesOf(CareItem item) =>
        [
            .. Zones.Where(zone =>
                item.Surfaces.Any(surface => surface.ZoneId == zone.Id && surface.Kind != SurfaceKind.Air)
            ),
        ];

    private static WayRound WayOf(Cabin cabin)
    {
        double metresAUnit = cabin.Plan.Scale.MetresOfLoop;
        return new WayRound(
            cabin.Plan.Loop.Length * metresAUnit,
            cabin.Zones.Select(zone => (zone, cabin.Plan.Loop.PositionOf(zone.Stand) * metresAUnit))
        );
    }

    private static Zone[] InOrder(Cabin cabin, ZoneSchool school) =>
        school switch
        {
            // Along the length of the plan, from the nose; across it, from the driver's side.
            ZoneSchool.NoseToTail =>
            [
                .. cabin.Zones.OrderBy(zone => zone.Stand.X).ThenBy(zone => FromDriver(cabin, zone)),
            ],
            ZoneSchool.BootForward =>
            [
                .. cabin
                    .Zones.OrderByDescending(zone => zone.Stand.X)
                    .ThenByDescending(zone => FromDriver(cabin, zone)),
            ],
            // The generated order of zones: driver, passenger, rear doors, boot.
            ZoneSchool.DriverFirst => [.. cabin.Zones],
            _ => [.. cabin.Zones.OrderBy(zone => cabin.Plan.Loop.PositionOf(zone.Stand))],
        };

    private static double FromDriver(Cabin cabin, Zone zone) =>
        Math.Abs(zone.Stand.Y - cabin.Zones[0].Stand.Y);
}
