using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Towels;

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

    /// <summary>Plans the glass of a car: the cheapest set of kits that gets every pane as clear as it can get.</summary>
    /// <remarks>Exact: with six methods there are sixty-three sets of kits, and each is tried. A pane for which nothing will do now is left out.</remarks>
    /// <param name="advices">What was advised for each pane, in walking order.</param>
    public static GlassPlan Of(IReadOnlyList<GlassAdvice> advices)
    {
        GlassAdvice[] panes = [.. advices.Where(advice => advice.Chosen is not null)];
        PlannedPane[] best = [];
        TimeSpan least = TimeSpan.MaxValue;
        for (int set = 1; set < 1 << GlassMethods.All.Count; set++)
        {
            PlannedPane[] planned = [.. panes.Select(advice => Within(advice, set)).OfType<PlannedPane>()];
            TimeSpan takes = HandsOf(planned) + (KitsOf(planned) * KitChange);
            if (planned.Length == panes.Length && takes < least)
            {
                (best, least) = (planned, takes);
            }
        }

        PlannedPane[] inOrder = [.. best.GroupBy(pane => pane.Option.Glass).SelectMany(kit => kit)];
        return new GlassPlan(inOrder, panes.Length == 0 ? TimeSpan.Zero : least, TowelsFor(inOrder));
    }

    /// <summary>The cheapest sufficient method of a set; for a pane that nothing gets clear, only what was chosen for it.</summary>
    private static PlannedPane? Within(GlassAdvice advice, int set)
    {
        GlassOption? option = advice
            .Options.Where(
                (able, index) => (set & (1 << index)) != 0 && (able.IsEnough || able == advice.Chosen)
            )
            .MinBy(able => able.Takes);
        return option is null ? null : new PlannedPane(advice.Pane, option, advice);
    }

    /// <summary>What the panes take, changes of kit not included.</summary>
    public static TimeSpan HandsOf(IEnumerable<PlannedPane> panes) =>
        panes.Aggregate(TimeSpan.Zero, (sum, pane) => sum + pane.Option.Takes);

    private static int KitsOf(PlannedPane[] panes) =>
        panes.Select(pane => pane.Option.Glass).Distinct().Count();

    private static Dictionary<TowelRole, int> TowelsFor(PlannedPane[] panes) =>
        Enum.GetValues<TowelRole>()
            .Select(role => (role, faces: panes.Sum(pane => pane.Option.Faces(role, pane.Pane))))
            .Where(need => need.faces > 0)
            .ToDictionary(need => need.role, need => TowelFold.TowelsFor(need.faces));
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
