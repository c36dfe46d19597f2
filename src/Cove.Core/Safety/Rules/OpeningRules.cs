using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Places where liquid runs in: vents, switches, slots, and what stands beside them.</summary>
internal static class OpeningRules
{
    private const string OnTowel = "On the towel or the brush head, not on the surface.";

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "openings.wet",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsOpen(c) && (c.RunsOn || c.IsSoaked),
            "Liquid runs in and harms what is behind: contacts, motors, louvres."
        )
        {
            Change = OnTowel,
        },
        new(
            "openings.steam",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => (IsOpen(c) || c.On(SurfaceKind.Trim)) && c.With(Tool.Steamer),
            "Steam condenses inside switches, vents and connectors."
        )
        {
            Change = "Soft brush, gel or a damp towel.",
        },
        new(
            "openings.stiff",
            WithCare,
            Harm.Surface,
            Source.Memory,
            c => IsOpen(c) && c.With(Tool.StiffBrush, Tool.Scraper),
            "Stiff tools break louvres and rub off symbols."
        )
        {
            Change = "A soft brush.",
        },
        new(
            "openings.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Memory,
            c => c.On(SurfaceKind.Vents, SurfaceKind.Switches) && c.IsAbrasive,
            "It rubs off symbols and the grain."
        ),
        new(
            "openings.soak-panel",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                c.On(
                    SurfaceKind.Dash,
                    SurfaceKind.DoorCard,
                    SurfaceKind.Armrest,
                    SurfaceKind.Trim,
                    SurfaceKind.TouchPoints,
                    SurfaceKind.Wheel
                ) && c.IsSoaked,
            "Behind it are switches and wiring."
        )
        {
            Change = OnTowel,
        },
        new(
            "openings.spray-panel",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c =>
                c.On(
                    SurfaceKind.Dash,
                    SurfaceKind.DoorCard,
                    SurfaceKind.Armrest,
                    SurfaceKind.Trim,
                    SurfaceKind.TouchPoints,
                    SurfaceKind.Wheel
                ) && c.IsDirect,
            "Spray drifts onto glass and screens, runs into switches and leaves drips."
        )
        {
            Change = "On the towel, not on the surface; if sprayed at all, low and away from glass.",
        },
    ];

    private static bool IsOpen(SafetyCase c) =>
        c.On(SurfaceKind.Vents, SurfaceKind.Switches, SurfaceKind.ShifterSlot);
}
