using Cove.Core.Catalogue.Tools;

namespace Cove.Core.Safety;

/// <summary>What to say of verdicts, and of how products are put on.</summary>
public static class SafetyWords
{
    /// <summary>The name of a verdict.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such verdict.</exception>
    public static string NameOf(Verdict verdict) =>
        verdict switch
        {
            Verdict.Good => "Good",
            Verdict.WithCare => "With care",
            Verdict.TestFirst => "Test first",
            Verdict.KeepOff => "Keep off",
            _ => throw new ArgumentOutOfRangeException(nameof(verdict), verdict, "There is no such verdict."),
        };

    /// <summary>What to wear or do, as an instruction.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such gear.</exception>
    public static string NameOf(Gear gear) =>
        gear switch
        {
            Gear.Gloves => "Wear gloves.",
            Gear.EyeProtection => "Protect your eyes.",
            Gear.FreshAir => "Open the doors or run the fan on fresh air.",
            _ => throw new ArgumentOutOfRangeException(nameof(gear), gear, "There is no such gear."),
        };

    /// <summary>How a product gets onto a surface, in a few words.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such application.</exception>
    public static string NameOf(Application application) =>
        application switch
        {
            Application.Dry => "Dry",
            Application.OnTowel => "On the towel",
            Application.OnApplicator => "On the applicator",
            Application.OnBrush => "On the brush",
            Application.Foam => "As foam on the surface",
            Application.DirectSpray => "Sprayed on the surface",
            Application.Soak => "Poured on",
            _ => throw new ArgumentOutOfRangeException(
                nameof(application),
                application,
                "There is no such application."
            ),
        };

    /// <summary>What to bear in mind when something is done by a judgement: for one's own safety first, then what has to be done otherwise.</summary>
    public static IReadOnlyList<string> CautionsOf(Judgement judgement) =>
        [.. judgement.Gear.Select(NameOf), .. judgement.Changes.Where(change => !IsSaid(change, judgement))];

    /// <summary>Fresh air is asked for once.</summary>
    private static bool IsSaid(string change, Judgement judgement) =>
        judgement.Gear.Contains(Gear.FreshAir)
        && change.StartsWith("Open the doors or run the fan", StringComparison.Ordinal);
}
