namespace Cove.Core.Safety;

/// <summary>One rule of what may touch what.</summary>
/// <remarks>Rules are data. The worst verdict of all that hold decides, so a rule only ever makes a verdict worse, and none needs to know another.</remarks>
/// <param name="Id">Short and stable, with the subject in front: <c>tint.ammonia</c>.</param>
/// <param name="Verdict">What follows when it holds.</param>
/// <param name="Harm">What it guards.</param>
/// <param name="Source">Where it comes from.</param>
/// <param name="When">Whether it holds.</param>
/// <param name="Sentence">Why, as one sentence to the owner.</param>
public sealed record SafetyRule(
    string Id,
    Verdict Verdict,
    Harm Harm,
    Source Source,
    Func<SafetyCase, bool> When,
    string Sentence
)
{
    /// <summary>What to do instead, as an instruction; null when there is no way.</summary>
    public string? Change { get; init; }

    /// <summary>What to wear or do for one's own safety.</summary>
    public IReadOnlyList<Gear> Gear { get; init; } = [];
}
