namespace Cove.Core.Sessions.Planning;

/// <summary>What can be chosen from when minutes are short: candidates with what each is worth and costs.</summary>
/// <param name="Candidates">The tasks to choose from.</param>
/// <param name="KitFetch">Half minutes that fetching each kit costs, once, however many chosen tasks use it. At most <see cref="MaximumKits"/> kits.</param>
/// <remarks>Time is counted in whole half minutes, so that sums are exact.</remarks>
public sealed record TriageProblem(IReadOnlyList<TriageCandidate> Candidates, IReadOnlyList<int> KitFetch)
{
    /// <summary>The most kits a problem may have; the work doubles with each.</summary>
    public const int MaximumKits = 16;
}

/// <summary>One task that may be chosen.</summary>
/// <param name="HalfMinutes">What it costs in hands, fetching not included; above 0.</param>
/// <param name="Benefit">What it is worth, in points; above 0.</param>
/// <param name="Kits">Indices into <see cref="TriageProblem.KitFetch"/> of the kits it needs.</param>
/// <param name="Requires">Index of a candidate that must be chosen with it, or null.</param>
public sealed record TriageCandidate(int HalfMinutes, int Benefit, IReadOnlyList<int> Kits, int? Requires);
