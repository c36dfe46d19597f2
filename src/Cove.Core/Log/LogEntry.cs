namespace Cove.Core.Log;

/// <summary>One thing on record of a car: what was done, what happened, what was seen or said. The log is the truth; levels, rates and reminders follow from it by <see cref="Replay"/>.</summary>
/// <remarks>The set is closed: each kind of entry is a record of its own with what belongs to it. An entry may lie in the past or in an imagined future; nothing in it tells the two apart.</remarks>
public abstract record LogEntry
{
    private protected LogEntry(EntryId id, DateTimeOffset at) => (Id, At) = (id, at);

    /// <summary>Identifies the entry.</summary>
    public EntryId Id { get; init; }

    /// <summary>When it was done, happened or was seen.</summary>
    public DateTimeOffset At { get; init; }

    /// <summary>The run it was made in; null when it was not made in one.</summary>
    public RunId? RunId { get; init; }

    /// <summary>The owner's note; may be empty.</summary>
    public string Note { get; init; } = string.Empty;

    /// <summary>When the owner undid it; null while it counts. An undone entry is as good as never made, but can be restored.</summary>
    public DateTimeOffset? UndoneAt { get; init; }

    /// <summary>Whether it counts: it was not undone.</summary>
    public bool Counts => UndoneAt is null;

    /// <summary>Whether levels or what was learnt may change by it; see <see cref="Replay"/>.</summary>
    public virtual bool MovesLevels => false;
}
