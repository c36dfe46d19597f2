using Cove.Core.Methods.Steps;

namespace Cove.Core.Methods.Glass;

/// <summary>Finds out on which side of a pane a streak is: one side is wiped across, the other upright, and the streak runs the way of its own side. Common practice.</summary>
public static class StreakTest
{
    /// <summary>The subject under which its result stands in the log.</summary>
    public const string Id = "which-side";

    /// <summary>What to do, in order.</summary>
    public static IReadOnlyList<MethodStep> Steps { get; } =
    [
        new("Inside", "Wipe the inside of the pane from left to right only.", Stroke.Across),
        new("Outside", "Wipe the outside up and down only.", Stroke.Upright),
        new("Look", "Look through it against a lamp or low sun. Which way do the streaks run?", Stroke.Still),
    ];

    /// <summary>The results there are.</summary>
    public static IReadOnlyList<StreakFinding> Findings { get; } =
    [
        new("inside", "Runs across", "It is inside.", "A dry face, one more pass inside."),
        new("outside", "Runs upright", "It is outside.", "Wipe the outside, or leave it for the wash."),
        new("both", "Both ways", "It is on both sides.", "Outside first, then the inside again."),
        new(
            "neither",
            "Gone, or neither way",
            "It is neither wet side.",
            "If something stays, it is in the glass, in the film or between layers: wiping does not help."
        ),
    ];

    /// <summary>Finds a result; null when there is none of that id.</summary>
    public static StreakFinding? Find(string id) => Findings.FirstOrDefault(finding => finding.Id == id);
}

/// <summary>What the test came to.</summary>
/// <param name="Id">Short and stable; it is stored with log entries.</param>
/// <param name="Sees">What one sees.</param>
/// <param name="Means">What that means, as one sentence.</param>
/// <param name="Then">What to do, as one sentence.</param>
public sealed record StreakFinding(string Id, string Sees, string Means, string Then);
