using Cove.Core;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Sessions.Runs;

namespace Cove.Data;

/// <summary>What an entry of the log records.</summary>
public enum LogEntryKind
{
    /// <summary>A care task was done.</summary>
    Care,

    /// <summary>Something happened to the car.</summary>
    Event,

    /// <summary>The owner looked at a surface.</summary>
    Look,

    /// <summary>The owner tried a product on a hidden spot.</summary>
    SpotTest,

    /// <summary>Something was found out that changes no level, such as the side of a pane a streak is on.</summary>
    Note,

    /// <summary>A chore of a session was done: getting ready or setting back.</summary>
    Chore,
}

/// <summary>One entry of the log.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="VehicleId">The vehicle.</param>
/// <param name="RunId">The run it was made in; null when it was not made in one.</param>
/// <param name="Kind">What it records.</param>
/// <param name="Subject">Id of the care task, the event, the inspection, the product tested, the test or the chore, by kind.</param>
/// <param name="SurfaceIds">The surfaces an event touched or a look was at; empty for everything the task tends.</param>
/// <param name="Result">Id of the result of an inspection, <c>passed</c> or <c>failed</c> for a spot test; empty for other kinds.</param>
/// <param name="At">When it was done or happened.</param>
/// <param name="Planned">How long it was planned to take; zero for events and looks.</param>
/// <param name="Taken">How long it took; zero for events and looks.</param>
/// <param name="Removed">The share of the level that was removed.</param>
/// <param name="Note">The owner's note; may be empty.</param>
/// <param name="Products">The products that were used, or the one that was tested.</param>
/// <param name="UndoneAt">When the owner undid it; null while it counts.</param>
/// <param name="Version">Counts its changes.</param>
public sealed record LogEntry(
    Guid Id,
    Guid VehicleId,
    Guid? RunId,
    LogEntryKind Kind,
    string Subject,
    IReadOnlyList<string> SurfaceIds,
    string Result,
    DateTimeOffset At,
    TimeSpan Planned,
    TimeSpan Taken,
    Share Removed,
    string Note,
    IReadOnlyList<LoggedProduct> Products,
    DateTimeOffset? UndoneAt,
    int Version
)
{
    /// <summary>How it was done; none for other kinds than care and for care from before methods were kept.</summary>
    public IReadOnlyList<StepMethod> Methods { get; init; } = [];
}

/// <summary>A product as an entry of the log names it.</summary>
/// <param name="ProductId">The product. It may have left the shelf since.</param>
/// <param name="Name">What it was called then.</param>
/// <param name="Strength">The strength.</param>
/// <param name="Amount">How much of the product was used, without water; nothing for a test.</param>
public sealed record LoggedProduct(Guid ProductId, string Name, Strength Strength, Quantity Amount);
