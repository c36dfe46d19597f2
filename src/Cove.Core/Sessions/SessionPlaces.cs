using Cove.Core.Upkeep;
using Cove.Core.Vehicles;

namespace Cove.Core.Sessions;

/// <summary>Turns zones of a cabin into positions on the way round it, in seconds of walking.</summary>
/// <param name="cabin">The cabin.</param>
public sealed class SessionPlaces(Cabin cabin)
{
    private readonly double secondsAUnit = cabin.Plan.Scale.MetresOfLoop / SessionRules.WalkingPace;

    /// <summary>Seconds to walk all the way round.</summary>
    public double LoopLength => cabin.Plan.Loop.Length * secondsAUnit;

    /// <summary>Where a session begins: at the driver's door, the first zone.</summary>
    public double Start => PositionOf(cabin.Zones[0]);

    /// <summary>The zones of a task, each once and in the order they lie along the way; none for work on the air of the cabin.</summary>
    public IReadOnlyList<Zone> ZonesOf(CareItem item) =>
        [
            .. cabin
                .Zones.Where(zone =>
                    item.Surfaces.Any(surface => surface.ZoneId == zone.Id && surface.Kind != SurfaceKind.Air)
                )
                .OrderBy(PositionOf),
        ];

    /// <summary>The position of a zone.</summary>
    public double PositionOf(Zone zone) => cabin.Plan.Loop.PositionOf(zone.Stand) * secondsAUnit;

    /// <summary>Seconds of walking between two positions, the shorter way.</summary>
    public double Between(double from, double to)
    {
        double way = Math.Abs(to - from) % LoopLength;
        return Math.Min(way, LoopLength - way);
    }

    /// <summary>The zone at a position; the nearest where none is exactly there.</summary>
    public Zone ZoneAt(double position) => cabin.Zones.MinBy(zone => Math.Abs(PositionOf(zone) - position))!;
}
