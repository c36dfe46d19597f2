using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Panes, with tint film, heater lines and aerials.</summary>
internal static class GlassRules
{
    private const string FilmSafe =
        "Mild soapy water or a cleaner whose label says it is safe on film, and a soft towel.";

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        Tint("tint.ammonia", c => c.InUse.Ammonia, "Ammonia turns tint film hazy and loosens it."),
        Tint("tint.acid", c => c.InUse.Acid || c.InUse.Ph <= 4, "Vinegar and other acids attack tint film."),
        Tint("tint.alcohol", c => c.InUse.AlcoholPercent > 0, "Alcohol attacks tint film and its glue."),
        Tint(
            "tint.solvent",
            c => c.InUse.Solvent || c.Bleaches || c.InUse.Ph >= 10,
            "Solvents, bleach and strong cleaners dissolve tint film and its glue."
        ),
        Tint("tint.abrasive", c => c.IsAbrasive, "An abrasive scratches tint film for good."),
        Tint("tint.scraper", c => c.With(Tool.Scraper), "A scraper cuts into tint film."),
        Tint("tint.brush", c => c.With(Tool.StiffBrush), "Stiff bristles scratch tint film."),
        Tint("tint.steam", c => c.With(Tool.Steamer), "Steam lifts tint film off the glass."),
        new(
            "tint.label",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c =>
                IsTinted(c)
                && c.IsWet
                && !c.Is(ProductClass.Water, ProductClass.SoapWater, ProductClass.RinselessWash),
            "Tint film takes only what is made for it."
        )
        {
            Change = FilmSafe,
        },
        new(
            "tint.paper",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsTinted(c) && c.With(Tool.PaperTowel),
            "Paper leaves fine scratches in tint film."
        )
        {
            Change = "A soft glass towel.",
        },
        new(
            "lines.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => HasLines(c) && (c.IsAbrasive || c.With(Tool.Scraper, Tool.StiffBrush)),
            "It cuts the heater or aerial lines, and they do not work again."
        ),
        new(
            "lines.alcohol",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => HasLines(c) && (c.InUse.AlcoholPercent >= 20 || c.InUse.Solvent),
            "Alcohol and solvents wear printed heater and aerial lines off."
        )
        {
            Change = "Mild soapy water or a cleaner without alcohol, along the lines.",
        },
        new(
            "lines.along",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => HasLines(c) && c.Rubs,
            "Wiping across the lines can tear them."
        )
        {
            Change = "Wipe along the lines, without pressure.",
        },
        ClearPlastic(
            "clear-plastic.crazes",
            c => c.InUse.Ammonia || c.InUse.AlcoholPercent >= 5 || c.InUse.Solvent || c.Bleaches,
            "Ammonia, alcohol, bleach and solvents craze clear plastic: fine cracks that stay."
        ),
        ClearPlastic(
            "clear-plastic.scratches",
            c => c.IsAbrasive || c.With(Tool.Scraper, Tool.StiffBrush, Tool.PaperTowel, Tool.UsedTowel),
            "Clear plastic scratches at once."
        ),
        ClearPlastic(
            "clear-plastic.steam",
            c => c.With(Tool.Steamer),
            "Steam warps and clouds clear plastic."
        ),
        new(
            "glass.soak",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.IsPane && c.IsSoaked,
            "Water runs down into dash and doors, where the electrics are."
        )
        {
            Change = "On the towel, not on the glass.",
        },
        new(
            "glass.spray",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.IsPane && c.RunsOn,
            "What is sprayed at the glass runs and drifts onto dash, doors and screens."
        )
        {
            Change = "On the towel, not on the glass.",
        },
        new(
            "windscreen.gel",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Windscreen) && c.IsGel,
            "Gel leaves a smear where the driver looks through, and light breaks in it at night."
        )
        {
            Change = "A glass towel with water or glass cleaner.",
        },
        new(
            "glass.abrasive",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsBare(c) && c.IsAbrasive,
            "An abrasive is for oily film on bare, clear glass only."
        )
        {
            Change = "Damp, in circles, without pressure; dry at once.",
        },
        new(
            "glass.scraper",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsBare(c) && c.With(Tool.Scraper),
            "A scraper is for stuck bits on bare, clear glass only."
        )
        {
            Change = "Soft plastic, flat to the wet glass; no blade.",
        },
        new(
            "glass.steam",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsBare(c) && c.With(Tool.Steamer),
            "Steam on cold glass can crack it."
        )
        {
            Change = "Only on glass that is not cold, from a distance, in practised hands.",
        },
        new(
            "glass.brush",
            WithCare,
            Harm.Surface,
            Source.Memory,
            c => IsBare(c) && c.With(Tool.StiffBrush),
            "Grit in a stiff brush scratches glass."
        )
        {
            Change = "A glass towel.",
        },
        new(
            "glass.lint",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => c.IsPane && c.With(Tool.PaperTowel, Tool.UsedTowel),
            "Paper leaves lint, and a towel that has touched the dash smears."
        )
        {
            Change = "A clean glass towel; turn to a dry face to finish.",
        },
        new(
            "glass.cleaner",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => c.IsPane && c.IsWet && c.Is(ProductClass.InteriorCleaner, ProductClass.AllPurposeCleaner),
            "A cleaner for plastics leaves a film on glass."
        )
        {
            Change = "Wipe after it with water or glass cleaner.",
        },
    ];

    private static bool IsTinted(SafetyCase c) => c.IsPane && c.Has(SurfaceFacts.TintFilm);

    private static bool HasLines(SafetyCase c) =>
        c.IsPane && c.Has(SurfaceFacts.HeaterLines | SurfaceFacts.Aerial);

    private static bool IsBare(SafetyCase c) =>
        c.IsPane && c.Of(Material.Glass) && !c.Has(SurfaceFacts.TintFilm);

    private static SafetyRule Tint(string id, Func<SafetyCase, bool> when, string sentence) =>
        new(id, KeepOff, Harm.Surface, Source.Practice, c => IsTinted(c) && when(c), sentence)
        {
            Change = FilmSafe,
        };

    private static SafetyRule ClearPlastic(string id, Func<SafetyCase, bool> when, string sentence) =>
        new(
            id,
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => c.Of(Material.ClearPlastic) && !c.On(SurfaceKind.Screen) && when(c),
            sentence
        )
        {
            Change = "Water on a very soft towel.",
        };
}
