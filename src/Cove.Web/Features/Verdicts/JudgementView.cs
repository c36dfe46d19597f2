using System.ComponentModel;

namespace Cove.Web.Features.Verdicts;

/// <summary>The answers to the cases of a request.</summary>
/// <param name="Results">One for each case, in the order they were given.</param>
internal sealed record EvaluateView(IReadOnlyList<JudgementView> Results);

/// <summary>Whether something may be done, and why.</summary>
/// <param name="Verdict">The worst of the reasons that count.</param>
/// <param name="Reasons">Every reason, those that count first and the worst in front.</param>
/// <param name="Changes">What has to be done otherwise, the gravest first.</param>
/// <param name="Gear">What to wear or do for one's own safety.</param>
/// <param name="Parts">The same for each part of a surface of several materials, such as leather with inserts; none for one of one material.</param>
internal sealed record JudgementView(
    [property: Description(
        "'good' (go ahead), 'withCare' (go ahead with the changes and gear named), 'testFirst' (on a hidden spot first), 'keepOff' (do not)."
    )]
        Verdict Verdict,
    IReadOnlyList<ReasonView> Reasons,
    IReadOnlyList<string> Changes,
    IReadOnlyList<Gear> Gear,
    IReadOnlyList<PartJudgementView> Parts
)
{
    public static JudgementView Of(SafetyCase question)
    {
        Judgement judgement = SafetyRules.Judge(question);
        return new JudgementView(
            judgement.Verdict,
            [.. judgement.Reasons.Select(ReasonView.Of)],
            judgement.Changes,
            judgement.Gear,
            [.. SafetyRules.JudgeParts(question).Select(PartJudgementView.Of)]
        );
    }
}

/// <summary>The answer for one part of a surface of several materials.</summary>
/// <param name="Material">The part.</param>
/// <param name="Name">The same in words.</param>
/// <param name="Verdict">The verdict there.</param>
/// <param name="Sentence">The reason that decides.</param>
internal sealed record PartJudgementView(Material Material, string Name, Verdict Verdict, string Sentence)
{
    public static PartJudgementView Of((Material Part, Judgement Judgement) part) =>
        new(
            part.Part,
            SurfaceWords.NameOf(part.Part),
            part.Judgement.Verdict,
            part.Judgement.Decisive.Sentence
        );
}

/// <summary>One reason for a verdict.</summary>
/// <param name="Rule">The rule, such as <c>tint.ammonia</c>.</param>
/// <param name="Verdict">What follows from it alone.</param>
/// <param name="Sentence">Why.</param>
/// <param name="Harm">What it guards: the surface, a person, or the result.</param>
/// <param name="SourceKind">How well founded it is.</param>
/// <param name="Source">Where it comes from.</param>
/// <param name="LiftedBy">What took its force; null when it counts.</param>
internal sealed record ReasonView(
    string Rule,
    Verdict Verdict,
    string Sentence,
    Harm Harm,
    SourceKind SourceKind,
    string Source,
    string? LiftedBy
)
{
    public static ReasonView Of(Reason reason) =>
        new(
            reason.Rule,
            reason.Verdict,
            reason.Sentence,
            reason.Harm,
            reason.Source.Kind,
            reason.Source.Name,
            reason.LiftedBy?.Name
        );
}
