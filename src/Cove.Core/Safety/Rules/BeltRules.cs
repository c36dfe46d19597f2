using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Belts and harnesses hold people: nothing may weaken them.</summary>
internal static class BeltRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "belts.weaken",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Belts, SurfaceKind.ChildSeat)
                && c.Product is not null
                && (
                    c.Bleaches
                    || c.InUse.Solvent
                    || c.InUse.Ammonia
                    || c.InUse.Acid
                    || c.InUse.AlcoholPercent >= 5
                    || (c.IsAlkaline && !IsForTheCover(c))
                    || c.InUse.Ph <= 5
                ),
            "Bleach, solvent, alcohol, acid and strong cleaners weaken belts and harnesses."
        )
        {
            Change = "Mild soapy water on belts; water alone on a child's harness.",
        },
        new(
            "belts.coat",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Belts, SurfaceKind.ChildSeat) && c.Stays,
            "What stays on the webbing makes it slip through buckle and reel."
        ),
        new(
            "belts.soak",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Belts, SurfaceKind.ChildSeat) && (c.IsSoaked || c.With(Tool.Steamer)),
            "Water or steam in reel, buckle and tensioner can keep them from working."
        )
        {
            Change = "Damp brush on the webbing only, pulled fully out.",
        },
        new(
            "belts.rub",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Belts, SurfaceKind.ChildSeat) && (c.IsAbrasive || c.With(Tool.Scraper)),
            "It cuts or frays the fibres that hold a person."
        ),
        new(
            "belts.stiff",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Belts, SurfaceKind.ChildSeat) && c.With(Tool.StiffBrush),
            "A stiff brush raises and frays the weave."
        )
        {
            Change = "Soft brush, along the weave only.",
        },
        new(
            "belts.only-soap",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Belts) && c.IsWet && !c.Is(ProductClass.Water, ProductClass.SoapWater),
            "Belts are washed with mild soapy water and nothing else, unless the maker says so."
        )
        {
            Change = "Mild soapy water instead.",
        },
        new(
            "belts.spray",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Belts) && c.RunsOn,
            "What is sprayed runs into the reel."
        )
        {
            Change = "On the brush, not on the belt; a day to dry before it reels in.",
        },
        new(
            "child.maker",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.ChildSeat) && c.IsWet && !c.Is(ProductClass.Water),
            "Harness and buckle of a child seat take only what its maker allows, mostly water."
        )
        {
            Change = "Shell and cover only, as the maker says; plain water on the harness.",
        },
    ];

    /// <summary>Whether it is a mild cleaner of cloth, which the makers of some child seats allow on the cover; see <c>child.maker</c>.</summary>
    private static bool IsForTheCover(SafetyCase c) =>
        c.On(SurfaceKind.ChildSeat) && c.Is(ProductClass.FabricCleaner) && !c.IsStrong;
}
