using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Log;
using Cove.Core.Methods;
using Cove.Core.Methods.Steps;

namespace Cove.Core.Stock;

/// <summary>How far a tool, or the towels of a role, have come since they were new.</summary>
/// <remarks>Counted from the log, one for each session in which a method that takes the tool was used; towels share their sessions. The signs are common practice, the numbers of sessions are Cove's own choice: it is the sign that decides.</remarks>
/// <param name="Tool">The tool; null for towels.</param>
/// <param name="Towels">The role of the towels; null for a tool.</param>
/// <param name="Since">The day they were new; null when nobody said, and the whole log counts.</param>
/// <param name="Sessions">In how many sessions each of them was used.</param>
/// <param name="Lasts">In how many sessions one usually lasts; 1 or more.</param>
/// <param name="Sign">What tells that it has done its work, as words that follow "when".</param>
public sealed record ToolWear(
    Tool? Tool,
    TowelRole? Towels,
    DateOnly? Since,
    int Sessions,
    int Lasts,
    string Sign
)
{
    private static readonly Dictionary<Tool, (int Lasts, string Sign)> OfTools = new()
    {
        [Catalogue.Tools.Tool.Gel] = (25, "it is dark or sticky"),
        [Catalogue.Tools.Tool.SoftBrush] = (150, "its bristles splay"),
        [Catalogue.Tools.Tool.StiffBrush] = (120, "its bristles splay"),
        [Catalogue.Tools.Tool.Applicator] = (20, "it is loaded or stiff"),
        [Catalogue.Tools.Tool.MelamineSponge] = (3, "it crumbles"),
        [Catalogue.Tools.Tool.Chamois] = (120, "it drags or smells"),
    };

    private const int TowelLasts = 60;

    /// <summary>Whether it is time to look whether it has done its work.</summary>
    public bool IsDue => Sessions >= Lasts;

    /// <summary>How it stands, as one sentence.</summary>
    public string Sentence =>
        Sessions == 0 ? $"Not used yet; lasts about {Lasts} sessions."
        : IsDue ? $"{Count(Sessions)}: retire {(Tool is null ? "them" : "it")} when {Sign}."
        : $"{Sessions} of about {Lasts} sessions; done when {Sign}.";

    /// <summary>How everything that ages stands, in the order of the shelf.</summary>
    /// <param name="shelf">The owner's tools and towels.</param>
    /// <param name="log">What was done on all cars, in any order.</param>
    public static IReadOnlyList<ToolWear> Of(Shelf shelf, IReadOnlyCollection<TaskDone> log) =>
        [
            .. shelf
                .Tools.Where(owned => OfTools.ContainsKey(owned.Tool))
                .Select(owned => new ToolWear(
                    owned.Tool,
                    null,
                    owned.Since,
                    SessionsSince(log, owned.Since, method => method.Tools.Contains(owned.Tool), owned.Count),
                    OfTools[owned.Tool].Lasts,
                    OfTools[owned.Tool].Sign
                )),
            .. shelf
                .Towels.Where(towels => towels.Count > 0)
                .Select(towels => new ToolWear(
                    null,
                    towels.Role,
                    towels.Since,
                    SessionsSince(
                        log,
                        towels.Since,
                        method => method.Steps.Any(step => step.Towel?.Role == towels.Role),
                        towels.Count
                    ),
                    TowelLasts,
                    "they smear or have met softener"
                )),
        ];

    private static int SessionsSince(
        IEnumerable<TaskDone> log,
        DateOnly? since,
        Func<Method, bool> takesIt,
        int shared
    ) =>
        log.Where(done =>
                done.Counts
                && (since is null || DateOnly.FromDateTime(done.At.UtcDateTime) >= since)
                && done.Methods.Any(used =>
                    MethodLibrary.Find(used.MethodId) is { } method && takesIt(method)
                )
            )
            .Select(done => (done.RunId, Day: done.RunId is null ? done.At.UtcDateTime.Date : default))
            .Distinct()
            .Count() / Math.Max(1, shared);

    private static string Count(int sessions) => sessions == 1 ? "1 session" : $"{sessions} sessions";
}
