namespace Cove.Data;

/// <summary>The word for a kind of entry, as rows and vehicle files have it.</summary>
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

    /// <summary>First aid was given to a spot, or the owner looked at it again.</summary>
    Spot,

    /// <summary>The owner closed surfaces to routine work or opened them again.</summary>
    Closure,

    /// <summary>The car was cleaned deeply.</summary>
    DeepClean,
}

/// <summary>Tells kinds of entries by their words.</summary>
public static class LogEntryKinds
{
    /// <summary>The word for an entry.</summary>
    /// <exception cref="ArgumentException">It is kept elsewhere than in the log: where a level begins, what was forgotten, what a maker says.</exception>
    public static LogEntryKind Of(LogEntry entry) =>
        entry switch
        {
            TaskDone => LogEntryKind.Care,
            Happened => LogEntryKind.Event,
            Checked => LogEntryKind.Look,
            SpotTested => LogEntryKind.SpotTest,
            StreakTested => LogEntryKind.Note,
            ChoreDone => LogEntryKind.Chore,
            SpotTreated => LogEntryKind.Spot,
            ClosureChanged => LogEntryKind.Closure,
            DeepCleaned => LogEntryKind.DeepClean,
            _ => throw new ArgumentException($"{entry.GetType().Name} has no row of the log.", nameof(entry)),
        };
}
