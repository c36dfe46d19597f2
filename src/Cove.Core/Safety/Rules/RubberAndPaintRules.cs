using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Rubber, and the painted edges of doors.</summary>
internal static class RubberAndPaintRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "rubber.solvent",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.Rubber) && c.InUse.Solvent,
            "Solvents swell rubber and dry it out."
        )
        {
            Change = "A water-based product.",
        },
        new(
            "rubber.bleach",
            TestFirst,
            Harm.Surface,
            Source.Memory,
            c => c.Of(Material.Rubber) && c.InUse.Chlorine,
            "Bleach makes rubber brittle."
        )
        {
            Change = "Rubber-mat cleaner, or all-purpose cleaner thinned.",
        },
        new(
            "rubber.strong",
            WithCare,
            Harm.Surface,
            Source.Memory,
            c => c.Of(Material.Rubber) && c.IsExtreme,
            "Very strong cleaners left on it make rubber brittle."
        )
        {
            Change = "Rinse it off with plenty of water.",
        },
        new(
            "rubber.floor-soak",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.On(SurfaceKind.Carpet) && c.Of(Material.Rubber) && c.IsSoaked,
            "A floor that stays in the car has edges and holes; what runs below it stays there, at plugs and padding."
        )
        {
            Change = "Wiped wet with a wrung towel, then dried.",
        },
        new(
            "seals.oil",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.On(SurfaceKind.DoorSeals) && c.InUse.Oil,
            "Oil other than silicone swells seals and marks clothes."
        )
        {
            Change = "Water-based protectant, thin, buffed dry.",
        },
        new(
            "seals.rub",
            WithCare,
            Harm.Surface,
            Source.Memory,
            c => c.On(SurfaceKind.DoorSeals) && (c.IsAbrasive || c.With(Tool.StiffBrush, Tool.Scraper)),
            "Seals tear and lose their flock."
        )
        {
            Change = "A towel or an applicator.",
        },
        new(
            "paint.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsPaint(c) && (c.IsAbrasive || c.With(Tool.Scraper)),
            "It takes the shine off paint."
        )
        {
            Change = "All-purpose cleaner, thinned, on a cloth.",
        },
        new(
            "paint.stiff",
            WithCare,
            Harm.Surface,
            Source.Memory,
            c => IsPaint(c) && c.With(Tool.StiffBrush),
            "Stiff bristles leave hairlines in paint."
        )
        {
            Change = "A cloth or a soft brush.",
        },
        new(
            "paint.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.Metal) && !c.On(SurfaceKind.Pedals) && (c.IsExtreme || c.InUse.Chlorine),
            "Bleach and very strong cleaners dull paint and start rust."
        )
        {
            Change = "All-purpose cleaner, thinned, on a cloth.",
        },
        new(
            "paint.alkaline",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.Metal) && c.IsStrong,
            "This strong, it must not dry on paint or metal."
        )
        {
            Change = "Wipe it off with water before it dries.",
        },
        new(
            "paint.solvent",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.Metal) && c.InUse.Solvent,
            "Solvents can soften paint and lacquer."
        ),
    ];

    private static bool IsPaint(SafetyCase c) => c.On(SurfaceKind.DoorShuts);
}
