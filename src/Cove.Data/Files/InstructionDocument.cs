using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>A maker's instruction as it stands in a file.</summary>
public sealed record InstructionDocument
{
    /// <summary>When it was recorded.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>The surface it is about; null for every surface of the vehicle.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Use the id of a surface.")]
    public string? Surface { get; init; }

    /// <summary>The product it is about, which need not be on the shelf any more; null for every product.</summary>
    public Guid? Product { get; init; }

    /// <summary>Whether it allows or forbids.</summary>
    public required bool Allows { get; init; }

    /// <summary>Where it stands and what it says.</summary>
    [Name(MakerInstruction.LongestNote, ErrorMessage = "Use 1 to 300 characters for the note, on one line.")]
    public required string Note { get; init; }
}
