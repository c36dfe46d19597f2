namespace Cove.Core.Log;

/// <summary>First aid was given to a spot, or the owner looked at it again. It changes no level: the event that made the spot has raised them.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When.</param>
/// <param name="EventId">The event that made the spot. What is said holds for every spot of it that the surface has by then.</param>
/// <param name="SurfaceId">The surface.</param>
/// <param name="Outcome">How it stands.</param>
public sealed record SpotTreated(
    EntryId Id,
    DateTimeOffset At,
    EventId EventId,
    SurfaceId SurfaceId,
    SpotOutcome Outcome
) : LogEntry(Id, At);

/// <summary>How a spot stands after somebody saw to it.</summary>
public enum SpotOutcome
{
    /// <summary>It was treated and is looked at again when it is dry.</summary>
    LookAgain,

    /// <summary>It is gone.</summary>
    Gone,

    /// <summary>It stays, and nothing more is done about it at home.</summary>
    Stays,
}

/// <summary>The owner closed surfaces to routine work, or opened them again. It changes no level.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When.</param>
/// <param name="State">How they stand now.</param>
/// <param name="SurfaceIds">The surfaces.</param>
public sealed record ClosureChanged(
    EntryId Id,
    DateTimeOffset At,
    ClosureState State,
    IReadOnlyList<SurfaceId> SurfaceIds
) : LogEntry(Id, At);

/// <summary>Whether a surface is open to routine work, as its owner says.</summary>
public enum ClosureState
{
    /// <summary>It is open.</summary>
    Open,

    /// <summary>It is with a professional, or will be.</summary>
    WithProfessional,
}
