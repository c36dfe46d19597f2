using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>What has to be clean and dry first.</summary>
internal static class CleanFirstRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "clean.protect",
            KeepOff,
            Harm.Result,
            Source.Practice,
            c => c.Dresses && !c.Is(ProductClass.LeatherBalm, ProductClass.Scent) && c.Context.Unclean,
            "It would seal the dirt in. Protect only what is clean."
        )
        {
            Change = "Clean it first and let it dry.",
        },
        new(
            "clean.dry",
            KeepOff,
            Harm.Result,
            Source.Practice,
            c => c.Dresses && !c.Is(ProductClass.Scent) && c.Context.Damp,
            "It does not take on a damp surface, and seals the damp in."
        )
        {
            Change = "Let it dry: cloth for half an hour at least.",
        },
        new(
            "clean.vacuum-damp",
            KeepOff,
            Harm.Result,
            Source.Practice,
            c => c.With(Tool.Vacuum) && c.Context.Damp && c.IsTextile,
            "A dry vacuum packs damp dirt into the pile and clogs its filter."
        )
        {
            Change = "Let it dry first, or use a vacuum made for wet work.",
        },
        new(
            "clean.grit",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c =>
                c.Context.Unclean
                && c.Rubs
                && (
                    c.On(SurfaceKind.Screen, SurfaceKind.ClusterLens)
                    || c.Of(
                        Material.CoatedLeather,
                        Material.UncoatedLeather,
                        Material.SyntheticLeather,
                        Material.ClearPlastic
                    )
                ),
            "Grit under a towel or brush works as an abrasive."
        )
        {
            Change = "Vacuum or lift the dust first.",
        },
    ];
}
