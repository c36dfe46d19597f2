using Cove.Core;

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
}

/// <summary>One entry of the log.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="VehicleId">The vehicle.</param>
/// <param name="RunId">The run it was made in; null when it was not made in one.</param>
/// <param name="Kind">What it records.</param>
/// <param name="Subject">Id of the care task, the event or the inspection, by kind.</param>
/// <param name="SurfaceIds">The surfaces an event touched or a look was at; empty for everything the task tends.</param>
/// <param name="Result">Id of the result of an inspection; empty for other kinds.</param>
/// <param name="At">When it was done or happened.</param>
/// <param name="Planned">How long it was planned to take; zero for events and looks.</param>
/// <param name="Taken">How long it took; zero for events and looks.</param>
/// <param name="Removed">The share of the level that was removed.</param>
/// <param name="Note">The owner's note; may be empty.</param>
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
    DateTimeOffset? UndoneAt,
    int Version
);
