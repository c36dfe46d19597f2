using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Plastics and vinyl trim.</summary>
internal static class PlasticRules
{
    private const string Interior = "Interior cleaner on the towel.";

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "plastic.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsPlastic(c) && (c.InUse.Solvent || c.IsExtreme || c.InUse.Chlorine),
            "Solvents, bleach and very strong cleaners whiten plastic and make it brittle."
        )
        {
            Change = Interior,
        },
        new(
            "plastic.alkaline",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsPlastic(c) && c.IsStronglyAlkaline,
            "This strong, it streaks plastic when it dries."
        )
        {
            Change = "Thin it to 1 to 2 %, or wipe it off with water before it dries.",
        },
        new(
            "plastic.acid",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsPlastic(c) && c.IsStronglyAcid,
            "Acid dulls plastic and its print when it is left on."
        )
        {
            Change = "Interior cleaner instead, or wiped off with water at once.",
        },
        new(
            "plastic.alcohol",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => IsPlastic(c) && (c.HasMuchAlcohol || c.InUse.Ammonia || c.InUse.Peroxide),
            "Much alcohol, ammonia and peroxide can dull plastic and its print."
        )
        {
            Change = Interior,
        },
        new(
            "plastic.abrasive-soft",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsPlastic(c) && c.On(SurfaceKind.Dash) && (c.IsAbrasive || c.With(Tool.Scraper)),
            "It takes the soft coat and the grain off the dash."
        )
        {
            Change = Interior,
        },
        new(
            "plastic.abrasive",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => IsPlastic(c) && (c.IsAbrasive || c.With(Tool.Scraper)),
            "An abrasive leaves a shiny or a dull patch on grained plastic."
        )
        {
            Change = Interior,
        },
        new(
            "plastic.stiff",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c =>
                IsPlastic(c)
                && c.On(SurfaceKind.Dash, SurfaceKind.DoorCard, SurfaceKind.Armrest, SurfaceKind.Trim)
                && c.With(Tool.StiffBrush),
            "Stiff bristles scratch what hands and eyes rest on."
        )
        {
            Change = "A soft brush.",
        },
        new(
            "plastic.oily",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => IsPlastic(c) && (c.InUse.Oil || c.Product is { Sheen: Sheen.Gloss }),
            "Oil and gloss draw dust and speed the film on the glass."
        )
        {
            Change = "A matte, water-based protectant.",
        },
        new(
            "plastic.silica",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => c.Is(ProductClass.SilicaSpray) && c.Strength.Share > 0.26,
            "Silica spray this strong is for tyres and outside trim; inside it streaks and shines."
        )
        {
            Change = "1 part to 5 parts water.",
        },
        new(
            "plastic.smears",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => IsPlastic(c) && c.With(Tool.PaperTowel, Tool.UsedTowel),
            "Paper sheds lint, and a used towel spreads what it holds."
        )
        {
            Change = "A clean microfibre towel; turn the face when it is loaded.",
        },
    ];

    private static bool IsPlastic(SafetyCase c) => c.Of(Material.Plastic);
}
