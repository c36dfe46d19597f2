using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Sun and heat.</summary>
internal static class HeatRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "heat.dries",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => (c.Context.SurfaceHot || c.Context.InSun) && c.IsWet && !c.Is(ProductClass.Water),
            "On a hot or sunlit surface it dries to stains and streaks before it is wiped."
        )
        {
            Change = "Work in shade on a cool surface, or use plain water and dry at once.",
        },
        new(
            "heat.gel",
            WithCare,
            Harm.Result,
            Source.Practice,
            c =>
                (c.Is(ProductClass.CleaningGel) || c.With(Tool.Gel))
                && (c.Context.SurfaceHot || c.Context.CabinHot),
            "Warm gel turns soft and stays behind in the seams."
        )
        {
            Change = "Keep the gel cool and wait until the surface is.",
        },
    ];
}
