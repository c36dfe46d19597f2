using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Cloth: woven, napped, pile, and the lining overhead.</summary>
internal static class TextileRules
{
    private const string FabricCleaner = "Fabric cleaner on a cloth, or as foam with a soft brush.";

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "textile.oil",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && (c.InUse.Oil || c.Shines),
            "Oil and shine stain cloth and hold on to dirt."
        )
        {
            Change = FabricCleaner,
        },
        new(
            "textile.film",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && c.InUse.LeavesFilm && !c.Is(ProductClass.FabricProtector),
            "A film for smooth surfaces stiffens cloth and holds on to dirt."
        )
        {
            Change = "A protector made for fabric.",
        },
        new(
            "textile.bleach",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && c.InUse.Chlorine,
            "Chlorine takes the colour out and rots the fibre."
        )
        {
            Change = FabricCleaner,
        },
        new(
            "textile.extreme",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && c.IsExtreme,
            "This strong, it takes colour and fibre."
        )
        {
            Change = FabricCleaner,
        },
        new(
            "textile.colour",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c =>
                c.IsTextile
                && (
                    c.InUse.Peroxide
                    || c.InUse.Ammonia
                    || c.InUse.Acid
                    || c.InUse.Solvent
                    || c.InUse.AlcoholPercent >= 20
                ),
            "It can take the colour with it."
        )
        {
            Change = FabricCleaner,
        },
        new(
            "textile.gel",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                c.IsGel
                && (
                    c.IsTextile
                    || c.Of(Material.UncoatedLeather)
                    || c.On(SurfaceKind.Belts, SurfaceKind.ChildSeat, SurfaceKind.Headliner)
                ),
            "Gel stays behind in pile, nap and weave, and pulls linings off."
        )
        {
            Change = "A brush and the vacuum; gel is for hard louvres, switches and seams.",
        },
        new(
            "woven.acid",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.WovenFabric, Material.Microsuede) && c.IsStronglyAcid,
            "This acid, it can take the colour of woven cloth and leave rings."
        )
        {
            Change = FabricCleaner,
        },
        new(
            "woven.strong",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.WovenFabric, Material.Microsuede) && c.IsStronglyAlkaline,
            "Strong cleaners fade woven cloth and leave rings."
        )
        {
            Change = "Thin it to 1 to 2 %, or use fabric cleaner.",
        },
        new(
            "pile.strong",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.Pile) && c.IsStronglyAlkaline,
            "Strong cleaner left in the pile draws new dirt."
        )
        {
            Change = "Thinner, and lifted out with a damp towel.",
        },
        new(
            "pile.acid",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.Pile) && c.IsStronglyAcid,
            "Acid left in the pile can fade it."
        )
        {
            Change = "Little of it, and rinsed out with a damp towel.",
        },
        new(
            "textile.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && (c.IsAbrasive || c.With(Tool.Scraper)),
            "It breaks the fibres and leaves crumbs."
        )
        {
            Change = FabricCleaner,
        },
        new(
            "woven.stiff",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.WovenFabric) && c.With(Tool.StiffBrush),
            "Stiff bristles fuzz woven cloth."
        )
        {
            Change = "An upholstery brush, or a towel wrapped round one.",
        },
        new(
            "textile.soak",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                c.IsTextile
                && !c.On(SurfaceKind.Mat, SurfaceKind.PetCover)
                && c.IsWet
                && c.Application == Application.Soak,
            "Soaked cloth rings, stays damp below and grows mildew; heaters, sensors and wiring lie under it."
        )
        {
            Change = "Foam or a damp cloth; dry within a day.",
        },
        new(
            "textile.soak-mat",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && c.On(SurfaceKind.Mat) && c.IsWet && c.Application == Application.Soak,
            "A soaked mat takes long to dry."
        )
        {
            Change = "Only outside the car, and back when it is dry on both sides.",
        },
        new(
            "textile.extractor",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.IsTextile && c.With(Tool.Extractor),
            "Extraction is a deep clean, not routine: it leaves the padding wet."
        )
        {
            Change = "Only where embedded dirt calls for it; two slow dry passes, then air for a day.",
        },
        new(
            "heated.spray",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.Has(SurfaceFacts.Heated) && c.IsDirect,
            "Heating wires lie under the cover."
        )
        {
            Change = "On the cloth or the brush, not on the seat.",
        },
        new(
            "microsuede.nap",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsNapped(c) && c.With(Tool.StiffBrush, Tool.Extractor),
            "It crushes the nap of microsuede for good."
        )
        {
            Change = "Damp cloth with the nap, then a soft brush to raise it.",
        },
        new(
            "microsuede.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsNapped(c) && (c.IsStrong || c.InUse.Solvent),
            "Strong cleaners and solvents harden the nap of microsuede."
        )
        {
            Change = "Damp cloth with the nap.",
        },
        new(
            "microsuede.wet",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsNapped(c) && c.RunsOn,
            "Over-wetting leaves rings and a flat nap."
        )
        {
            Change = "On the cloth, with the nap; let it dry and raise it with a soft brush.",
        },
        new(
            "microsuede.steam",
            TestFirst,
            Harm.Surface,
            Source.Memory,
            c => IsNapped(c) && c.With(Tool.Steamer),
            "Steam can flatten the nap of microsuede."
        ),
        new(
            "lining.soak",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsOverhead(c) && (c.IsDirect || c.IsSoaked || c.With(Tool.Steamer)),
            "The glue of the headliner lets go when it gets wet or hot, and the lining sags."
        )
        {
            Change = "A little foam on the brush, light circles, one wipe, then stop.",
        },
        new(
            "lining.glue",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsOverhead(c) && (c.InUse.Solvent || c.IsStrong || c.InUse.AlcoholPercent >= 20),
            "It dissolves the glue behind the headliner."
        )
        {
            Change = "A little fabric cleaner as foam on the brush.",
        },
        new(
            "lining.rub",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsOverhead(c) && c.With(Tool.StiffBrush, Tool.UsedTowel),
            "Stiff bristles tear the lining, and a used towel rubs its dirt in."
        )
        {
            Change = "A soft brush and a clean, light-coloured towel.",
        },
        new(
            "lining.little",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsOverhead(c) && c.IsWet,
            "The headliner takes very little liquid, and only where it is marked."
        )
        {
            Change =
                "A little foam on the brush, circles for 30 to 50 seconds, one wipe with a white towel, then stop.",
            Gear = [Gear.EyeProtection],
        },
    ];

    private static bool IsNapped(SafetyCase c) => c.Of(Material.Microsuede);

    private static bool IsOverhead(SafetyCase c) => c.On(SurfaceKind.Headliner);
}
