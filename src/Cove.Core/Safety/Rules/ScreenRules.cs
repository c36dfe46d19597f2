using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Schools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Screens and the lens over the instruments: the gentlest thing that works, one step at a time.</summary>
internal static class ScreenRules
{
    private const string Gentle = "A clean towel kept for screens: dry first, then barely damp with water.";

    /// <summary>1 fl oz in 32 fl oz.</summary>
    private const double VeryDilute = 1.0 / 33;
    private const double TraceInWater = 0.1;

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "screen.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                IsFace(c)
                && (
                    c.InUse.Ammonia
                    || c.InUse.Acid
                    || c.InUse.Solvent
                    || c.Bleaches
                    || c.IsAlkaline
                    || c.InUse.Ph <= 5
                    || c.InUse.AlcoholPercent >= 20
                ),
            "Anything strong strips the coating of a screen and clouds a lens."
        )
        {
            Change = Gentle,
        },
        new(
            "screen.scratches",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                IsFace(c)
                && (c.IsAbrasive || c.With(Tool.StiffBrush, Tool.Scraper, Tool.PaperTowel, Tool.UsedTowel)),
            "Paper, stiff bristles and towels that have met cleaner or grit scratch it."
        )
        {
            Change = Gentle,
        },
        new(
            "screen.spray",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsFace(c) && (c.RunsOn || c.IsSoaked),
            "Liquid runs behind the edge and into the electronics."
        )
        {
            Change = "On the towel, not on the screen.",
        },
        new(
            "screen.steam",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsFace(c) && c.With(Tool.Steamer),
            "Heat and water get into screen and instruments."
        ),
        new(
            "screen.dressing",
            KeepOff,
            Harm.Result,
            Source.Practice,
            c => IsFace(c) && c.Dresses,
            "It leaves a smeary film that hides what the screen shows."
        ),
        new(
            "screen.film",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => IsFace(c) && c.InUse.LeavesFilm && !c.Dresses,
            "It leaves a thin film."
        )
        {
            Change = "Wipe after it with a damp towel, then dry.",
        },
        new(
            "screen.cleaner",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Screen)
                && c.IsWet
                && !c.Is(
                    ProductClass.Water,
                    ProductClass.SoapWater,
                    ProductClass.RinselessWash,
                    ProductClass.AlcoholDetailer,
                    ProductClass.GlassCleaner,
                    ProductClass.InteriorDetailer,
                    ProductClass.CleaningGel
                ),
            "A cleaner for other surfaces is too strong for the coating of a screen."
        )
        {
            Change = Gentle,
        },
        new(
            "screen.ladder",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => c.On(SurfaceKind.Screen) && c.IsWet && Rung(c) >= 3 && Rung(c) > Highest(c.Context.Screens),
            "This is a step too far for a screen, unless its maker advises it."
        )
        {
            Change = Gentle,
        },
        new(
            "screen.school",
            WithCare,
            Harm.Result,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Screen)
                && c.IsWet
                && Rung(c) is 1 or 2
                && Rung(c) > Highest(c.Context.Screens),
            "You chose not to go this far with screens."
        )
        {
            Change = Gentle,
        },
        new(
            "screen.gentler-first",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.On(SurfaceKind.Screen) && c.IsWet && Rung(c) >= 3 && !c.Context.GentlerTried,
            "Something gentler may do."
        )
        {
            Change = "Dry first, then damp; this only where a mark stays.",
        },
        new(
            "screen.dilute",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Screen)
                && c.IsWet
                && c.Is(ProductClass.RinselessWash)
                && c.Strength.Share > VeryDilute + 1e-9,
            "Rinseless wash has to be very thin for screens."
        )
        {
            Change = "1 part to 32 parts water or thinner.",
        },
        new(
            "lens.neat",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c =>
                c.On(SurfaceKind.ClusterLens)
                && c.IsWet
                && !c.Is(ProductClass.Water)
                && c.Strength.Share > TraceInWater,
            "A lens takes water, or water with a trace of cleaner, no more."
        )
        {
            Change = "Water on a soft cloth, one mark at a time with a fingertip.",
        },
        new(
            "lens.pressure",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => c.On(SurfaceKind.ClusterLens) && c.Rubs && !c.With(Tool.SoftBrush),
            "A lens scratches under the lightest pressure."
        )
        {
            Change = "Draw the dust off with a very soft brush and the vacuum first; then no pressure.",
        },
        new(
            "lens.brush",
            WithCare,
            Harm.Surface,
            Source.Memory,
            c => c.On(SurfaceKind.ClusterLens) && c.With(Tool.SoftBrush) && c.IsWet,
            "A wet brush drags grit over the lens."
        )
        {
            Change = "Brush it dry, with the vacuum beside it.",
        },
    ];

    private static bool IsFace(SafetyCase c) => c.On(SurfaceKind.Screen, SurfaceKind.ClusterLens);

    /// <summary>How far up the ladder a product stands; 0 for what stands on none of its steps.</summary>
    private static int Rung(SafetyCase c) =>
        c.Product?.Class switch
        {
            ProductClass.Water => 1,
            ProductClass.RinselessWash => 2,
            ProductClass.InteriorDetailer or ProductClass.AlcoholDetailer => 3,
            ProductClass.GlassCleaner => 4,
            _ => 0,
        };

    /// <summary>The highest step that a school takes.</summary>
    private static int Highest(ScreenSchool school) =>
        school switch
        {
            ScreenSchool.DryOnly => 0,
            ScreenSchool.Water => 1,
            ScreenSchool.AlcoholDetailer => 3,
            ScreenSchool.GlassCleaner => 4,
            _ => 2,
        };
}
