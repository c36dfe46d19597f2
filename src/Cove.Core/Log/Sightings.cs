using Cove.Core.Catalogue.Amounts;
using Cove.Core.Choice;

namespace Cove.Core.Log;

/// <summary>Something happened to the car that raises levels at once; see <see cref="Upkeep.CareEvent"/>.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When.</param>
/// <param name="EventId">What happened.</param>
/// <param name="SurfaceIds">The surfaces it touched.</param>
public sealed record Happened(
    EntryId Id,
    DateTimeOffset At,
    EventId EventId,
    IReadOnlyList<SurfaceId> SurfaceIds
) : LogEntry(Id, At)
{
    /// <inheritdoc/>
    public override bool MovesLevels => true;
}

/// <summary>The owner checked a surface: what was seen corrects its levels, and the rates learn from it; see <see cref="Upkeep.Levels.Observed"/>.</summary>
/// <remarks>The night check after glass is one of these; it judges the cleaning rather than what has settled since, as its <see cref="Inspections.Inspection"/> says.</remarks>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When.</param>
/// <param name="InspectionId">What was done.</param>
/// <param name="ResultId">What was seen.</param>
/// <param name="SurfaceIds">Where.</param>
public sealed record Checked(
    EntryId Id,
    DateTimeOffset At,
    InspectionId InspectionId,
    string ResultId,
    IReadOnlyList<SurfaceId> SurfaceIds
) : LogEntry(Id, At)
{
    /// <inheritdoc/>
    public override bool MovesLevels => true;
}

/// <summary>The owner tried a product on a hidden spot. It changes no level; what it says of safety is read by <see cref="ShelfRecords"/>.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When.</param>
/// <param name="ProductId">The product.</param>
/// <param name="ProductName">What it was called then.</param>
/// <param name="Strength">The strength that was tried.</param>
/// <param name="SurfaceIds">The surfaces it speaks for: the one it was made on, and others of the same make.</param>
/// <param name="Passed">Whether towel and spot stayed as they were.</param>
public sealed record SpotTested(
    EntryId Id,
    DateTimeOffset At,
    ProductId ProductId,
    string ProductName,
    Strength Strength,
    IReadOnlyList<SurfaceId> SurfaceIds,
    bool Passed
) : LogEntry(Id, At)
{
    /// <summary>The test as the shelf keeps it.</summary>
    public SpotTest Test => new(SurfaceIds, ProductId, Strength, Passed, At);
}

/// <summary>The owner found out on which side of a pane a streak is; see <see cref="Methods.Glass.StreakTest"/>. It changes no level.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When.</param>
/// <param name="FindingId">What was found.</param>
/// <param name="SurfaceIds">The pane.</param>
public sealed record StreakTested(
    EntryId Id,
    DateTimeOffset At,
    string FindingId,
    IReadOnlyList<SurfaceId> SurfaceIds
) : LogEntry(Id, At);

/// <summary>The owner recorded what a maker says of a product or a surface. It changes no level; what it means for safety is read by <see cref="ShelfRecords"/>.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When it was recorded.</param>
/// <param name="Instruction">What it says.</param>
public sealed record InstructionRecorded(EntryId Id, DateTimeOffset At, MakerInstruction Instruction)
    : LogEntry(Id, At);
