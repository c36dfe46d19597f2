using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Log;

/// <summary>What an owner has to be reminded of after a session. It follows from the log, so no restart loses it.</summary>
public static class Reminders
{
    /// <summary>What takes this long to dry outlasts a session and has to be put back another day.</summary>
    private static readonly TimeSpan Overnight = TimeSpan.FromHours(12);

    /// <summary>For this long somebody is reminded of what was left out to dry during a session and can come back in. Cove's own choice.</summary>
    private static readonly TimeSpan BringingBack = TimeSpan.FromDays(2);

    /// <summary>From this hour of the next day on it is asked how the glass was in the dark. Cove's own choice.</summary>
    private const int EveningHour = 17;

    /// <summary>After this many days nobody remembers how the glass was.</summary>
    private const int NightsToAsk = 4;

    /// <summary>How far back the log has to be read.</summary>
    public static readonly TimeSpan Reach = TimeSpan.FromDays(14);

    /// <summary>The task whose cleaning shows only in the dark.</summary>
    private static readonly TaskId NightTask = "windscreen";

    /// <summary>The pane that is looked through in the dark.</summary>
    private static readonly SurfaceId NightPane = "windscreen";

    /// <summary>The reminders that stand at an instant, the earliest first. Some may not be due yet; see <see cref="Reminder.IsDueAt"/>.</summary>
    /// <param name="log">The log of a car, at least what lies within <see cref="Reach"/>; in any order.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public static IReadOnlyList<Reminder> Of(IEnumerable<LogEntry> log, DateTimeOffset now, TimeZoneInfo zone)
    {
        LogEntry[] recent = [.. log.Where(entry => entry.Counts && entry.At >= now - Reach)];
        TaskDone[] done = [.. recent.OfType<TaskDone>()];
        IEnumerable<Reminder> drying = done.Where(entry => entry.AnsweredAt is null)
            .Select(entry => (Entry: entry, Task: CareTasks.Find(entry.TaskId)))
            .Where(pair => pair.Task is not null)
            .Select(pair =>
                (pair.Entry, Task: pair.Task!, DryAt: pair.Entry.At + DryingTime.Of(pair.Entry, pair.Task!))
            )
            .Where(wet =>
                wet.Task.Drying >= Overnight
                || (wet.Task.PutBack > TimeSpan.Zero && now < wet.DryAt + BringingBack)
            )
            .Select(wet => new Reminder(ReminderKind.Dry, wet.Entry.Id, wet.Entry.TaskId, wet.DryAt));
        DateTimeOffset? lookedThrough = recent
            .OfType<Checked>()
            .Where(TellsOfTheNight)
            .Max(look => (DateTimeOffset?)look.At);
        // Only the last cleaning can be judged, whether it was answered or not.
        IEnumerable<Reminder> night = done.Where(entry => entry.TaskId == NightTask)
            .OrderByDescending(entry => entry.At)
            .Take(1)
            .Where(entry => entry.AnsweredAt is null && !(lookedThrough > entry.At))
            .Select(entry => new Reminder(
                ReminderKind.NightCheck,
                entry.Id,
                entry.TaskId,
                EveningAfter(entry.At, zone)
            ))
            .Where(reminder => now < reminder.From + TimeSpan.FromDays(NightsToAsk));
        return [.. drying.Concat(night).OrderBy(reminder => reminder.From)];
    }

    /// <summary>Whether a check answers how the glass is in the dark: the night check itself, or a glance through the windscreen at a lamp.</summary>
    private static bool TellsOfTheNight(Checked look) =>
        LevelChanges.JudgesCleaning(look)
        || (look.InspectionId == "glare" && look.SurfaceIds is [var pane] && pane == NightPane);

    private static DateTimeOffset EveningAfter(DateTimeOffset at, TimeZoneInfo zone)
    {
        DateTime evening = TimeZoneInfo.ConvertTime(at, zone).Date.AddDays(1).AddHours(EveningHour);
        return new DateTimeOffset(evening, zone.GetUtcOffset(evening));
    }
}

/// <summary>Something to be reminded of.</summary>
/// <param name="Kind">What.</param>
/// <param name="EntryId">The entry of the log it follows from.</param>
/// <param name="TaskId">The task that was done.</param>
/// <param name="From">From when on it is due.</param>
public sealed record Reminder(ReminderKind Kind, EntryId EntryId, TaskId TaskId, DateTimeOffset From)
{
    /// <summary>Whether it is due.</summary>
    public bool IsDueAt(DateTimeOffset now) => now >= From;
}

/// <summary>What there is to be reminded of.</summary>
public enum ReminderKind
{
    /// <summary>Something left out to dry is dry, such as belts that may be reeled in or mats that may come back in.</summary>
    Dry,

    /// <summary>How the glass is in the dark.</summary>
    NightCheck,
}
