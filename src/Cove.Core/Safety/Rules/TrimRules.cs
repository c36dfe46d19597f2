using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Decorative finishes, wherever they are.</summary>
internal static class TrimRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "gloss.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsGloss(c) && (c.IsAbrasive || c.With(Tool.StiffBrush, Tool.Scraper)),
            "Gloss trim scratches at once and stays dull."
        )
        {
            Change = "Lift the dust with gel, then dab with a soft, damp towel.",
        },
        new(
            "gloss.paper",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsGloss(c) && c.With(Tool.PaperTowel, Tool.UsedTowel),
            "Paper and towels that carry grit leave hairlines in gloss trim."
        )
        {
            Change = "A clean, very soft towel.",
        },
        new(
            "gloss.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsGloss(c) && (c.InUse.Solvent || c.IsStrong || c.InUse.Chlorine),
            "Solvents and strong cleaners etch gloss lacquer."
        )
        {
            Change = "Water or a detailer with little alcohol.",
        },
        new(
            "gloss.ammonia",
            TestFirst,
            Harm.Surface,
            Source.Memory,
            c => IsGloss(c) && (c.InUse.Ammonia || c.HasMuchAlcohol),
            "Ammonia and much alcohol can cloud gloss lacquer."
        )
        {
            Change = "Water or a detailer with little alcohol.",
        },
        new(
            "gloss.dry",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsGloss(c) && c.Application == Application.Dry && RubsWithCloth(c),
            "Dry rubbing marks gloss trim, even with microfibre."
        )
        {
            Change = "Lift the dust with gel first; then damp, without rubbing.",
        },
        new(
            "gloss.dusty",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsGloss(c) && c.Context.Unclean && c.Rubs,
            "The dust on it works as an abrasive."
        )
        {
            Change = "Lift the dust with gel first.",
        },
        new(
            "gloss.smears",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => IsGloss(c) && c.Dresses,
            "A dressing smears on gloss trim and shows every finger."
        )
        {
            Change = "Leave it bare.",
        },
        new(
            "satin.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Memory,
            c =>
                c.Surface.Finish is Finish.Satin or Finish.Matte or Finish.BrushedMetal
                && (c.IsAbrasive || c.With(Tool.Scraper)),
            "It polishes a shiny patch into the finish."
        ),
        new(
            "metal.strong",
            TestFirst,
            Harm.Surface,
            Source.Memory,
            c => c.Surface.Finish == Finish.BrushedMetal && (c.IsStrong || c.InUse.Acid || c.Bleaches),
            "Acid and strong cleaners stain brushed metal, which is mostly a lacquered film."
        ),
        new(
            "veneer.strong",
            KeepOff,
            Harm.Surface,
            Source.Memory,
            c =>
                c.Surface.Finish == Finish.WoodVeneer
                && (
                    c.InUse.Solvent
                    || c.IsStrong
                    || c.HasMuchAlcohol
                    || c.InUse.Ammonia
                    || c.Bleaches
                    || c.IsAbrasive
                    || c.IsSoaked
                    || c.With(Tool.Steamer, Tool.StiffBrush, Tool.Scraper)
                ),
            "It takes the lacquer off wood or lets water under it."
        )
        {
            Change = "A barely damp towel, dried at once.",
        },
    ];

    private static bool IsGloss(SafetyCase c) => c.Surface.Finish == Finish.Gloss;

    private static bool RubsWithCloth(SafetyCase c) =>
        c.With(Tool.MicrofibreTowel, Tool.GlassTowel, Tool.Chamois, Tool.Applicator);
}
