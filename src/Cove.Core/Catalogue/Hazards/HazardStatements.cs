namespace Cove.Core.Catalogue.Hazards;

/// <summary>The hazard and precautionary statements a label may carry, as far as car-care products do.</summary>
/// <remarks>Codes and texts are those of the Globally Harmonized System of the United Nations (GHS, "Purple Book"), annex 3. Where a label says more, the label counts.</remarks>
public static class HazardStatements
{
    /// <summary>Every statement, by code.</summary>
    public static IReadOnlyList<HazardStatement> All { get; } =
    [
        new("H222", "Extremely flammable aerosol", HazardKind.Flammable),
        new("H225", "Highly flammable liquid and vapour", HazardKind.Flammable),
        new("H226", "Flammable liquid and vapour", HazardKind.Flammable),
        new("H229", "Pressurized container: may burst if heated", HazardKind.Pressure),
        new("H304", "May be fatal if swallowed and enters airways", HazardKind.Swallowing),
        new("H314", "Causes severe skin burns and eye damage", HazardKind.Corrosive),
        new("H315", "Causes skin irritation", HazardKind.Skin),
        new("H317", "May cause an allergic skin reaction", HazardKind.Skin),
        new("H318", "Causes serious eye damage", HazardKind.Eyes),
        new("H319", "Causes serious eye irritation", HazardKind.Eyes),
        new("H335", "May cause respiratory irritation", HazardKind.Breathing),
        new("H336", "May cause drowsiness or dizziness", HazardKind.Breathing),
        new("P102", "Keep out of reach of children.", HazardKind.Precaution),
        new(
            "P210",
            "Keep away from heat, hot surfaces, sparks, open flames and other ignition sources. No smoking.",
            HazardKind.Precaution
        ),
        new("P271", "Use only outdoors or in a well-ventilated area.", HazardKind.Precaution),
        new(
            "P280",
            "Wear protective gloves/protective clothing/eye protection/face protection.",
            HazardKind.Precaution
        ),
    ];

    private static readonly Dictionary<string, HazardStatement> ByCode = All.ToDictionary(
        statement => statement.Code,
        StringComparer.Ordinal
    );

    /// <summary>Tells an owner which statements can be given.</summary>
    public static string HowToGive { get; } =
        $"Give the statements by their codes. Cove knows {string.Join(", ", All.Select(one => one.Code))}.";

    /// <summary>Finds a statement; null when there is none of that code.</summary>
    public static HazardStatement? Find(string code) => ByCode.GetValueOrDefault(code);

    /// <summary>The statements whose code or text holds every word of a search, in any case.</summary>
    /// <param name="words">Words parted by spaces; nothing finds all.</param>
    public static IReadOnlyList<HazardStatement> Search(string words) =>
        [
            .. All.Where(statement =>
                words
                    .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    .All(word =>
                        statement.Code.Contains(word, StringComparison.OrdinalIgnoreCase)
                        || statement.Text.Contains(word, StringComparison.OrdinalIgnoreCase)
                    )
            ),
        ];
}

/// <summary>A statement on a label.</summary>
/// <param name="Code">Its code, such as <c>H225</c>.</param>
/// <param name="Text">Its text, as the system words it.</param>
/// <param name="Kind">What it warns of.</param>
public sealed record HazardStatement(string Code, string Text, HazardKind Kind);

/// <summary>What a statement warns of.</summary>
public enum HazardKind
{
    /// <summary>It burns easily.</summary>
    Flammable,

    /// <summary>Its container may burst when hot.</summary>
    Pressure,

    /// <summary>It must not be swallowed.</summary>
    Swallowing,

    /// <summary>It burns skin and eyes.</summary>
    Corrosive,

    /// <summary>It irritates skin or causes allergies.</summary>
    Skin,

    /// <summary>It harms eyes.</summary>
    Eyes,

    /// <summary>It should not be breathed in.</summary>
    Breathing,

    /// <summary>No hazard by itself but what to do about one.</summary>
    Precaution,
}
