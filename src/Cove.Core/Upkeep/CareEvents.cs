using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep;

/// <summary>Something that happens to a car and raises levels at once.</summary>
/// <param name="Id">Short and stable; it is stored with log entries.</param>
/// <param name="Name">What happened, as an owner would say it.</param>
/// <param name="Jumps">How much each task rises on the surfaces the event touches.</param>
/// <param name="WholeCar">Whether it usually touches the whole car rather than one place.</param>
public sealed record CareEvent(string Id, string Name, IReadOnlyList<EventJump> Jumps, bool WholeCar = false);

/// <summary>What an event does to the level of one task.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Amount">By how much its level rises; above 0.</param>
public sealed record EventJump(string TaskId, double Amount)
{
    /// <summary>On glass, how much of it is oily film.</summary>
    public Share Oily { get; init; }
}

/// <summary>The table of events. The amounts are Cove's own choice.</summary>
public static class CareEvents
{
    /// <summary>Every event on offer.</summary>
    public static IReadOnlyList<CareEvent> All { get; } =
    [
        new(
            "spill",
            "Something was spilled",
            [
                new("clean-fabric-seats", 0.8),
                new("clean-leather", 0.8),
                new("clean-synthetic", 0.8),
                new("vacuum-seats", 0.3),
                new("foam-carpets", 0.8),
                new("foam-fabric-mats", 0.8),
                new("cup-holders", 0.8),
                new("wipe-dash", 0.6),
                new("boot", 0.6),
            ]
        ),
        new(
            "mud-and-sand",
            "Mud or clay was carried in",
            [
                new("vacuum-carpets", 0.8),
                new("vacuum-seats", 0.4),
                new("wash-rubber-mats", 0.5),
                new("foam-fabric-mats", 0.3),
                new("boot", 0.5),
                new("door-shuts", 0.4),
                new("pedals", 0.3),
            ]
        ),
        new(
            "smoke",
            "Smoke got into the car",
            [
                new("windscreen", 0.5) { Oily = Share.All },
                new("other-glass", 0.4) { Oily = Share.All },
                new("headliner", 0.15),
                new("scent", 0.3),
            ],
            WholeCar: true
        ),
        new(
            "beach",
            "A day at the beach",
            [
                new("vacuum-carpets", 0.9),
                new("vacuum-seats", 0.7),
                new("wash-rubber-mats", 0.5),
                new("foam-fabric-mats", 0.3),
                new("boot", 0.6),
                new("door-shuts", 0.4),
                new("pedals", 0.3),
                new("clean-wheel", 0.4),
                new("clean-leather", 0.3),
                new("clean-synthetic", 0.3),
                new("clean-fabric-seats", 0.2),
                new("raise-nap", 0.3),
                new("wipe-dash", 0.3),
            ],
            WholeCar: true
        ),
        new(
            "move",
            "Moved house or carried loads",
            [
                new("boot", 1),
                new("vacuum-carpets", 0.4),
                new("vacuum-seats", 0.4),
                new("wipe-dash", 0.5),
                new("door-shuts", 0.5),
                new("headliner", 0.1),
            ],
            WholeCar: true
        ),
        new(
            "pet",
            "An animal rode along",
            [
                new("vacuum-seats", 0.6),
                new("vacuum-carpets", 0.3),
                new("boot", 0.4),
                new("other-glass", 0.4),
                new("clean-fabric-seats", 0.15),
                new("raise-nap", 0.3),
                new("pet-cover", 0.5),
                new("scent", 0.3),
            ]
        ),
        new(
            "sickness",
            "Someone was sick aboard",
            [
                new("clean-fabric-seats", 1),
                new("clean-leather", 1),
                new("clean-synthetic", 1),
                new("raise-nap", 1),
                new("foam-carpets", 1),
                new("foam-fabric-mats", 1),
                new("wash-rubber-mats", 1),
                new("child-seat", 1),
                new("seat-belts", 0.6),
                new("wipe-dash", 0.6),
                new("scent", 0.6),
            ]
        ),
        new(
            "winter-trip",
            "A winter trip: snow, grit and salt",
            [
                new("vacuum-carpets", 0.5),
                new("wash-rubber-mats", 0.8),
                new("foam-fabric-mats", 0.5),
                new("foam-carpets", 0.2),
                new("boot", 0.3),
                new("door-shuts", 0.6),
                new("pedals", 0.4),
                new("windscreen", 0.3),
                new("other-glass", 0.2),
                new("protect-seals", 0.1),
            ],
            WholeCar: true
        ),
    ];

    /// <summary>Finds an event; null when there is none of that id.</summary>
    public static CareEvent? Find(string id) => All.FirstOrDefault(happening => happening.Id == id);

    /// <summary>The levels an event raises.</summary>
    /// <param name="happening">The event.</param>
    /// <param name="surfaces">The surfaces it touches.</param>
    /// <returns>One jump for each task that tends one of them.</returns>
    public static IReadOnlyList<(CareKey Key, double Amount)> JumpsOf(
        CareEvent happening,
        IEnumerable<Surface> surfaces
    ) =>
        [
            .. surfaces.SelectMany(surface =>
                happening
                    .Jumps.Where(jump => CareTasks.Find(jump.TaskId)!.Tends(surface))
                    .Select(jump => (new CareKey(jump.TaskId, surface.Id), jump.Amount))
            ),
        ];
}
