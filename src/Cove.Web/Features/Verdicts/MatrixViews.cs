using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Verdicts;

/// <summary>Every product of the shelf against every surface of a car.</summary>
/// <param name="Vehicle">The vehicle.</param>
/// <param name="Zones">The zones, in walking order.</param>
/// <param name="Tasks">The care tasks that use a product.</param>
/// <param name="Surfaces">The columns: surfaces of one make together, in walking order.</param>
/// <param name="Rows">The rows: one for each product, in the order of the shelf; water from the tap last.</param>
internal sealed record MatrixView(
    VehicleView Vehicle,
    IReadOnlyList<NamedView> Zones,
    IReadOnlyList<NamedView> Tasks,
    IReadOnlyList<MatrixSurfaceView> Surfaces,
    IReadOnlyList<MatrixRowView> Rows
);

/// <summary>A column: surfaces that every rule and every record treats alike.</summary>
/// <param name="Id">The first of them.</param>
/// <param name="Name">What they are called together.</param>
/// <param name="ShortName">The same in short.</param>
/// <param name="About">What they are made of and what to know about them.</param>
/// <param name="SurfaceIds">All of them.</param>
/// <param name="SurfaceNames">Their names.</param>
/// <param name="ZoneIds">The zones they are reached from.</param>
/// <param name="TaskIds">The care tasks that tend them.</param>
internal sealed record MatrixSurfaceView(
    string Id,
    string Name,
    string ShortName,
    IReadOnlyList<string> About,
    IReadOnlyList<string> SurfaceIds,
    IReadOnlyList<string> SurfaceNames,
    IReadOnlyList<string> ZoneIds,
    IReadOnlyList<string> TaskIds
);

/// <summary>A row.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="ClassName">The name of its class.</param>
/// <param name="Strength">Its usual strength.</param>
/// <param name="Cells">One for each column, in order.</param>
internal sealed record MatrixRowView(
    Guid ProductId,
    string Name,
    string ClassName,
    string Strength,
    IReadOnlyList<MatrixCellView> Cells
);

/// <summary>A cell: the verdict on the product put on in its usual way, or more gently where that is needed.</summary>
/// <param name="Verdict">The verdict.</param>
/// <param name="Why">The reason that decides.</param>
internal sealed record MatrixCellView(Verdict Verdict, string Why);

/// <summary>A question about a product of the shelf on a surface of a car.</summary>
public sealed record NewQuestion
{
    /// <summary>The product.</summary>
    public required Guid ProductId { get; init; }

    /// <summary>The surface.</summary>
    [StringLength(60, ErrorMessage = "Name a surface of this vehicle.")]
    public required string SurfaceId { get; init; }

    /// <summary>The strength; the usual one when left out.</summary>
    [StringLength(20, ErrorMessage = Core.Catalogue.Amounts.Strength.HowToWrite)]
    public string? Strength { get; init; }

    /// <summary>How it is put on; the usual way when left out.</summary>
    public Application? Application { get; init; }

    /// <summary>What the hand works with; the usual tool when left out.</summary>
    public Tool? Tool { get; init; }

    /// <summary>The surface is hot, or the sun shines on it.</summary>
    public bool Hot { get; init; }

    /// <summary>Doors and windows are shut and no fan runs.</summary>
    public bool Closed { get; init; }

    /// <summary>Dust or grit still lies on the surface.</summary>
    public bool Unclean { get; init; }

    /// <summary>The surface is still damp.</summary>
    public bool Damp { get; init; }
}

/// <summary>The answer to a question about a product on a surface.</summary>
/// <param name="ProductName">What the product is called.</param>
/// <param name="SurfaceName">What the surface is called.</param>
/// <param name="About">What the surface is made of and what to know about it.</param>
/// <param name="Strength">The strength judged.</param>
/// <param name="StrengthInWords">The strength in words that cannot be misread.</param>
/// <param name="Application">How it is put on.</param>
/// <param name="Tool">What the hand works with.</param>
/// <param name="Judgement">The verdict with its reasons.</param>
/// <param name="Tests">Spot tests on record.</param>
/// <param name="Alike">Other surfaces of the same make, by name, for which a spot test may speak too.</param>
/// <param name="Instructions">Makers' instructions on record.</param>
internal sealed record AnswerView(
    string ProductName,
    string SurfaceName,
    IReadOnlyList<string> About,
    string Strength,
    string StrengthInWords,
    Application Application,
    Tool Tool,
    JudgementView Judgement,
    IReadOnlyList<SpotTestView> Tests,
    IReadOnlyList<string> Alike,
    IReadOnlyList<InstructionView> Instructions
);

/// <summary>A spot test on record.</summary>
/// <param name="At">When.</param>
/// <param name="Strength">The strength tested.</param>
/// <param name="Passed">Whether it passed.</param>
internal sealed record SpotTestView(DateTimeOffset At, string Strength, bool Passed);

/// <summary>A maker's instruction on record.</summary>
/// <param name="Id">Identifies it.</param>
/// <param name="Allows">Whether it allows or forbids.</param>
/// <param name="Note">Where it stands and what it says.</param>
/// <param name="OfSurface">Whether it is about this surface only.</param>
/// <param name="OfProduct">Whether it is about this product only.</param>
/// <param name="At">When it was recorded.</param>
internal sealed record InstructionView(
    Guid Id,
    bool Allows,
    string Note,
    bool OfSurface,
    bool OfProduct,
    DateTimeOffset At
);

/// <summary>A spot test to record.</summary>
public sealed record NewSpotTest
{
    /// <summary>The product.</summary>
    public required Guid ProductId { get; init; }

    /// <summary>The surface it was made on.</summary>
    [StringLength(60, ErrorMessage = "Name a surface of this vehicle.")]
    public required string SurfaceId { get; init; }

    /// <summary>Whether it speaks for every surface of the same make in this car.</summary>
    public bool ForAllAlike { get; init; }

    /// <summary>The strength that was tried.</summary>
    [StringLength(20, ErrorMessage = Core.Catalogue.Amounts.Strength.HowToWrite)]
    public required string Strength { get; init; }

    /// <summary>Whether the towel took no colour and the spot dried as it was.</summary>
    public required bool Passed { get; init; }

    /// <summary>A note; up to 500 characters.</summary>
    [Note(500, Lines = true)]
    public string Note { get; init; } = string.Empty;
}

/// <summary>A maker's instruction to record.</summary>
public sealed record NewInstruction
{
    /// <summary>The surface it is about; null for every surface of every car.</summary>
    [StringLength(60, ErrorMessage = "Name a surface of this vehicle.")]
    public string? SurfaceId { get; init; }

    /// <summary>The product it is about; null for every product.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>Whether it allows or forbids.</summary>
    public required bool Allows { get; init; }

    /// <summary>Where it stands and what it says; 1 to 300 characters.</summary>
    [StringLength(
        MakerInstruction.LongestNote,
        MinimumLength = 1,
        ErrorMessage = "Say in 1 to 300 characters where the instruction stands and what it says."
    )]
    public required string Note { get; init; }
}
