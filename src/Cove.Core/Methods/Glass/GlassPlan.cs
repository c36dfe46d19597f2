using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Towels;
using Cove.Core.Schools;

namespace Cove.Core.Methods.Glass;

/// <summary>The glass of a whole car: which method for which pane, in which order, and what to carry.</summary>
/// <param name="Panes">The panes in the order to do them, each with what was chosen for it.</param>
/// <param name="Takes">All of it, changes of kit included, the outside not.</param>
/// <param name="Towels">Towels to carry, by role.</param>
public sealed record GlassPlan(
    IReadOnlyList<PlannedPane> Panes,
    TimeSpan Takes,
    IReadOnlyDictionary<TowelRole, int> Towels
)
{
    /// <summary>Taking up another kit for glass. Cove's own choice.</summary>
    public static readonly TimeSpan KitChange = TimeSpan.FromSeconds(30);

    /// <summary>More kits than these are not weighed against each other; the work doubles with each.</summary>
    private const int MostKits = 14;

    /// <summary>Plans the glass of a car: the cheapest set of kits that gets every pane as clear as it can get.</summary>
    /// <remarks>Exact: every set of the kits that could be used is tried. A kit is what has to be fetched, so that two methods with the same liquid are one. A pane for which nothing will do now is left out.</remarks>
    /// <param name="advices">What was advised for each pane, in walking order.</param>
    /// <param name="fold">How towels are folded.</param>
    public static GlassPlan Of(IReadOnlyList<GlassAdvice> advices, FoldSchool fold = FoldSchool.Quarters)
    {
        GlassAdvice[] panes = [.. advices.Where(advice => advice.Chosen is not null)];
        string[] kits = KitsFor(panes, AbleOn);
        kits = kits.Length > MostKits ? KitsFor(panes, advice => [advice.Chosen!]) : kits;
        PlannedPane[] best = [];
        TimeSpan least = TimeSpan.MaxValue;
        for (int set = 1; set < 1 << kits.Length; set++)
        {
            PlannedPane[] planned =
            [
                .. panes.Select(advice => Within(advice, kits, set)).OfType<PlannedPane>(),
            ];
            TimeSpan takes = HandsOf(planned) + (KitsOf(planned) * KitChange);
            if (planned.Length == panes.Length && takes < least)
            {
                (best, least) = (planned, takes);
            }
        }

        PlannedPane[] inOrder =
        [
            .. best.GroupBy(pane => pane.Option.Kit, StringComparer.Ordinal)
                .SelectMany(kit => kit.GroupBy(pane => pane.Option.Glass).SelectMany(method => method)),
        ];
        return new GlassPlan(inOrder, panes.Length == 0 ? TimeSpan.Zero : least, TowelsFor(inOrder, fold));
    }

    private static string[] KitsFor(
        GlassAdvice[] panes,
        Func<GlassAdvice, IEnumerable<GlassOption>> optionsOn
    ) => [.. panes.SelectMany(optionsOn).Select(option => option.Kit).Distinct(StringComparer.Ordinal)];

    /// <summary>The methods that get a pane clear; where none does, only what was chosen for it.</summary>
    private static IEnumerable<GlassOption> AbleOn(GlassAdvice advice) =>
        advice.Options.Where(able => able.IsEnough || able == advice.Chosen);

    /// <summary>The cheapest way to do a pane with the kits of a set; null when there is none.</summary>
    private static PlannedPane? Within(GlassAdvice advice, string[] kits, int set)
    {
        GlassOption? option = AbleOn(advice)
            .Where(able => Array.IndexOf(kits, able.Kit) is var kit && kit >= 0 && (set & (1 << kit)) != 0)
            .MinBy(able => able.Takes);
        return option is null ? null : new PlannedPane(advice.Pane, option, advice);
    }

    /// <summary>What the panes take, changes of kit not included.</summary>
    public static TimeSpan HandsOf(IEnumerable<PlannedPane> panes) =>
        panes.Aggregate(TimeSpan.Zero, (sum, pane) => sum + pane.Option.Takes);

    private static int KitsOf(PlannedPane[] panes) =>
        panes.Select(pane => pane.Option.Kit).Distinct(StringComparer.Ordinal).Count();

    private static Dictionary<TowelRole, int> TowelsFor(PlannedPane[] panes, FoldSchool fold) =>
        Enum.GetValues<TowelRole>()
            .Select(role => (role, faces: panes.Sum(pane => pane.Option.Faces(role, pane.Pane))))
            .Where(need => need.faces > 0)
            .ToDictionary(need => need.role, need => TowelFold.TowelsFor(need.faces, fold));
}

/// <summary>A pane with the method planned for it.</summary>
/// <param name="Pane">The pane.</param>
/// <param name="Option">The method.</param>
/// <param name="Advice">What it was chosen from.</param>
public sealed record PlannedPane(Pane Pane, GlassOption Option, GlassAdvice Advice)
{
    /// <summary>Whether another method would be quicker on this pane alone, but not with its kit.</summary>
    public bool ForOneKit => Advice.Chosen != Option;
}
