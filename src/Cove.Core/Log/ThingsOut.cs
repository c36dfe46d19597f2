namespace Cove.Core.Log;

/// <summary>What was carried out of a car for a session and has not come back: child seats, covers, liners.</summary>
/// <remarks>It follows from the log alone, so neither a run that is broken off nor a restart loses it, and whoever drives next can be told. Mats that dry are followed up by <see cref="Reminders"/>.</remarks>
/// <param name="Since">When they were carried out.</param>
/// <param name="ChildSeats">Whether child seats are among them, where the car has any.</param>
public sealed record ThingsOut(DateTimeOffset Since, bool ChildSeats)
{
    /// <summary>The chore that carries everything out.</summary>
    public static readonly TaskId Out = "things-out";

    /// <summary>The chore that brings everything back.</summary>
    public static readonly TaskId Back = "things-back";

    /// <summary>The chore that brings the child seats back alone.</summary>
    public static readonly TaskId SeatsBack = "seats-back";

    /// <summary>Reads what is out; null when nothing is.</summary>
    /// <param name="log">The log of a car, at least its chores; in any order. Undone entries do not count.</param>
    public static ThingsOut? Of(IEnumerable<LogEntry> log)
    {
        ChoreDone[] chores = [.. log.OfType<ChoreDone>().Where(entry => entry.Counts)];
        DateTimeOffset? since = Last(Out);
        return since is not { } at || Last(Back) >= at
            ? null
            : new ThingsOut(at, ChildSeats: !(Last(SeatsBack) >= at));

        DateTimeOffset? Last(TaskId chore) =>
            chores.Where(entry => entry.ChoreId == chore).Max(entry => (DateTimeOffset?)entry.At);
    }

    /// <summary>Says in one sentence what is out.</summary>
    /// <param name="seats">How many child seats the car has; 0 or more.</param>
    public string InWords(int seats) =>
        !ChildSeats || seats == 0 ? "Covers or liners are out of the car."
        : seats == 1 ? "The child seat is out of the car."
        : $"{seats} child seats are out of the car.";
}
