namespace Cove.Core.Safety;

/// <summary>The answer to a <see cref="SafetyCase"/>.</summary>
/// <param name="Verdict">The worst of the reasons that count.</param>
/// <param name="Reasons">Every reason, those that count first and the worst in front; at least one.</param>
public sealed record Judgement(Verdict Verdict, IReadOnlyList<Reason> Reasons)
{
    /// <summary>The reason that decides.</summary>
    public Reason Decisive => Reasons[0];

    /// <summary>What has to be done otherwise, the gravest first. Where something is not to be done at all, only what to do instead.</summary>
    public IReadOnlyList<string> Changes =>
        [
            .. Reasons
                .Where(reason =>
                    reason.Counts && (Verdict != Verdict.KeepOff || reason.Verdict == Verdict.KeepOff)
                )
                .Select(reason => reason.Change)
                .OfType<string>()
                .Distinct(StringComparer.Ordinal),
        ];

    /// <summary>What to wear or do for one's own safety.</summary>
    public IReadOnlyList<Gear> Gear =>
        [.. Reasons.Where(reason => reason.Counts).SelectMany(reason => reason.Gear).Distinct().Order()];

    /// <summary>Whether it may be done, if need be with care.</summary>
    public bool MayBeDone => Verdict <= Verdict.WithCare;
}

/// <summary>Why a verdict is as it is.</summary>
/// <param name="Rule">The id of the rule.</param>
/// <param name="Verdict">What follows from it.</param>
/// <param name="Harm">What it guards.</param>
/// <param name="Source">Where it comes from.</param>
/// <param name="Sentence">Why, as one sentence to the owner.</param>
/// <param name="Change">What to do instead; null when there is no way or no need.</param>
/// <param name="Gear">What to wear or do for one's own safety.</param>
/// <param name="LiftedBy">What took its force; null when it counts.</param>
public sealed record Reason(
    string Rule,
    Verdict Verdict,
    Harm Harm,
    Source Source,
    string Sentence,
    string? Change,
    IReadOnlyList<Gear> Gear,
    Source? LiftedBy = null
)
{
    /// <summary>Whether it counts towards the verdict.</summary>
    public bool Counts => LiftedBy is null;
}
