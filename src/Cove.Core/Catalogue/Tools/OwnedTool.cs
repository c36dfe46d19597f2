namespace Cove.Core.Catalogue.Tools;

/// <summary>A kind of tool that the owner has.</summary>
/// <param name="Tool">What it is; one of <see cref="Ownable"/>.</param>
/// <param name="Count">How many; from 1 to <see cref="MostOfAKind"/>.</param>
/// <param name="Note">The owner's note, such as which nozzles; may be empty.</param>
public sealed record OwnedTool(Tool Tool, int Count, string Note)
{
    /// <summary>The day it was new; null when nobody said.</summary>
    public DateOnly? Since { get; init; }

    /// <summary>The most of one kind.</summary>
    public const int MostOfAKind = 99;

    /// <summary>The longest note, in characters.</summary>
    public const int LongestNote = 80;

    /// <summary>The tools that are kept, apart from towels.</summary>
    public static IReadOnlyList<Tool> Ownable { get; } =
    [
        Tool.Vacuum,
        Tool.SoftBrush,
        Tool.StiffBrush,
        Tool.Gel,
        Tool.Blower,
        Tool.CompressedAir,
        Tool.Steamer,
        Tool.Extractor,
        Tool.ReachTool,
        Tool.Scraper,
        Tool.Applicator,
        Tool.Chamois,
        Tool.MelamineSponge,
    ];
}

/// <summary>Towels of one role.</summary>
/// <param name="Role">What they are kept for.</param>
/// <param name="Colour">The colour by which the owner tells them; may be empty.</param>
/// <param name="Count">How many; from 0 to <see cref="OwnedTool.MostOfAKind"/>.</param>
public sealed record OwnedTowels(TowelRole Role, string Colour, int Count)
{
    /// <summary>The day they were new; null when nobody said.</summary>
    public DateOnly? Since { get; init; }

    /// <summary>The longest name of a colour, in characters.</summary>
    public const int LongestColour = 30;
}

/// <summary>What a towel is kept for.</summary>
public enum TowelRole
{
    /// <summary>The first, damp towel on glass.</summary>
    GlassWet,

    /// <summary>The second, dry towel on glass.</summary>
    GlassDry,

    /// <summary>Cleaning of plastics, leather and cloth.</summary>
    InteriorClean,

    /// <summary>Buffing dry.</summary>
    Buff,

    /// <summary>Screens and nothing else.</summary>
    Screens,

    /// <summary>Pedals, door shuts and whatever is dirtiest.</summary>
    Dirty,

    /// <summary>Mats.</summary>
    Mats,
}

/// <summary>What tools and towels are called.</summary>
public static class ToolWords
{
    /// <summary>The name of a tool.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such tool.</exception>
    public static string NameOf(Tool tool) =>
        tool switch
        {
            Tool.MicrofibreTowel => "Soft towel",
            Tool.GlassTowel => "Glass towel",
            Tool.UsedTowel => "Used towel",
            Tool.PaperTowel => "Paper",
            Tool.Chamois => "Synthetic chamois",
            Tool.Applicator => "Applicator pad",
            Tool.SoftBrush => "Soft brush",
            Tool.StiffBrush => "Stiff brush",
            Tool.Gel => "Cleaning gel",
            Tool.Vacuum => "Vacuum",
            Tool.Blower => "Blower",
            Tool.CompressedAir => "Compressed air",
            Tool.Steamer => "Steamer",
            Tool.Extractor => "Extractor",
            Tool.ReachTool => "Reach tool",
            Tool.Scraper => "Scraper",
            Tool.MelamineSponge => "Melamine sponge",
            Tool.RubberGlove => "Rubber glove",
            _ => throw new ArgumentOutOfRangeException(nameof(tool), tool, "There is no such tool."),
        };

    /// <summary>The name of a role of towels.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such role.</exception>
    public static string NameOf(TowelRole role) =>
        role switch
        {
            TowelRole.GlassWet => "Glass, wet",
            TowelRole.GlassDry => "Glass, dry",
            TowelRole.InteriorClean => "Interior, cleaning",
            TowelRole.Buff => "Buffing",
            TowelRole.Screens => "Screens",
            TowelRole.Dirty => "Dirty work",
            TowelRole.Mats => "Mats",
            _ => throw new ArgumentOutOfRangeException(nameof(role), role, "There is no such role."),
        };
}
