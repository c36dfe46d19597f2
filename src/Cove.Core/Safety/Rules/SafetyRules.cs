using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Safety.Rules;

/// <summary>The rules, and how they are read.</summary>
public static class SafetyRules
{
    private const string MakerForbids = "maker.forbids";
    private const string LabelForbids = "label.forbids";
    private const string SpotFailed = "spot.failed";

    /// <summary>Every rule, by subject.</summary>
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        .. PersonRules.All,
        .. MixingRules.All,
        .. GripAndSightRules.All,
        .. BeltRules.All,
        .. GlassRules.All,
        .. ScreenRules.All,
        .. TrimRules.All,
        .. OpeningRules.All,
        .. LeatherRules.All,
        .. TextileRules.All,
        .. PlasticRules.All,
        .. RubberAndPaintRules.All,
        .. HeatRules.All,
        .. CleanFirstRules.All,
        .. PurposeRules.All,
    ];

    /// <summary>Answers a case for each part of a surface of several materials, such as leather with inserts: what is good on one may be kept off the other.</summary>
    /// <param name="question">The case; its whole is judged by <see cref="Judge"/>, as bad as its worst part.</param>
    /// <returns>A part and its answer each; none for a surface of one material.</returns>
    public static IReadOnlyList<(Material Part, Judgement Judgement)> JudgeParts(SafetyCase question) =>
        question.Surface.Parts.Count < 2
            ? []
            :
            [
                .. question.Surface.Parts.Select(part =>
                    (
                        part,
                        Judge(
                            new SafetyCase(
                                question.Surface with
                                {
                                    Material = part,
                                },
                                question.Product,
                                question.Strength,
                                question.Application,
                                question.Tool,
                                question.Context
                            )
                        )
                    )
                ),
            ];

    /// <summary>Answers a case.</summary>
    /// <remarks>There is an answer to every case: a product that no rule speaks against is good for the reason of what it is sold for.</remarks>
    public static Judgement Judge(SafetyCase question)
    {
        var reasons = new List<Reason>();
        foreach (SafetyRule rule in All)
        {
            if (rule.When(question))
            {
                reasons.Add(ReasonOf(rule, LiftOf(rule, question.Context)));
            }
        }

        if (question.Context.Maker == MakerSays.Forbids)
        {
            reasons.Add(
                new Reason(
                    MakerForbids,
                    Verdict.KeepOff,
                    Harm.Surface,
                    Source.Maker,
                    "The maker's instruction that you recorded forbids it.",
                    null,
                    []
                )
            );
        }

        if (question.Context.LabelForbids)
        {
            reasons.Add(
                new Reason(
                    LabelForbids,
                    Verdict.KeepOff,
                    Harm.Surface,
                    Source.Maker,
                    "Its label says not to use it on this, or names only other things.",
                    null,
                    []
                )
            );
        }

        if (question.Context.SpotTest == SpotResult.Failed)
        {
            reasons.Add(
                new Reason(
                    SpotFailed,
                    Verdict.KeepOff,
                    Harm.Surface,
                    Source.SpotTest,
                    "The spot test on this surface failed: the towel took colour or the spot changed.",
                    null,
                    []
                )
            );
        }

        if (!reasons.Exists(reason => reason.Counts))
        {
            reasons.Add(Purposes.WhyGood(question));
        }

        Reason[] inOrder =
        [
            .. reasons.OrderByDescending(reason => reason.Counts).ThenByDescending(reason => reason.Verdict),
        ];
        return new Judgement(inOrder[0].Verdict, inOrder);
    }

    /// <summary>What takes the force of a rule: the maker's word any harm to the surface, a passed spot test what was to be tested.</summary>
    private static Source? LiftOf(SafetyRule rule, UseContext context) =>
        rule.Harm != Harm.Surface ? null
        : context.Maker == MakerSays.Allows ? Source.Maker
        : rule.Verdict == Verdict.TestFirst && context.SpotTest == SpotResult.Passed ? Source.SpotTest
        : null;

    private static Reason ReasonOf(SafetyRule rule, Source? liftedBy) =>
        new(rule.Id, rule.Verdict, rule.Harm, rule.Source, rule.Sentence, rule.Change, rule.Gear, liftedBy);
}
