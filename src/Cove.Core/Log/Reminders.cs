using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Log;

/// <summary>What an owner has to be reminded of after a session. It follows from the log, so no restart loses it.</summary>
public static class Reminders
{
    /// <summary>What takes this long to dry outlasts a session and has to be put back another day.</summary>
    private static readonly TimeSpan Overnight = TimeSpan.FromHours(12);

    /// <summary>From this hour of the next day on it is asked how the glass was in the dark. Cove's own choice.</summary>
    private const int EveningHour = 17;

    /// <summary>After this many days nobody remembers how the glass was.</summary>
    private const int NightsToAsk = 4;

    /// <summary>How far back the log has to be read.</summary>
    public static readonly TimeSpan Reach = TimeSpan.FromDays(14);

    /// <summary>The reminders that stand at an instant, the earliest first. Some may not be due yet; see <see cref="Reminder.IsDueAt"/>.</summary>
    /// <param name="done">The care done within <see cref="Reach"/>.</param>
    /// <param name="lastNightCheck">When the windscreen was last looked through in the dark; null for never.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public static IReadOnlyList<Reminder> Of(
        IEnumerable<CareDone> done,
        DateTimeOffset? lastNightCheck,
        DateTimeOffset now,
        TimeZoneInfo zone
    )
    {
        CareDone[] all = [.. done];
        IEnumerable<Reminder> drying = all.Where(entry =>
                !entry.Settled && CareTasks.Find(entry.TaskId) is { } task && task.Drying >= Overnight
            )
            .Select(entry => new Reminder(
                ReminderKind.Dry,
                entry.EntryId,
                entry.TaskId,
                entry.At + CareTasks.Find(entry.TaskId)!.Drying
            ));
        // Only the last cleaning can be judged, whether it was answered or not.
        IEnumerable<Reminder> night = all.Where(entry => entry.TaskId == "windscreen")
            .OrderByDescending(entry => entry.At)
            .Take(1)
            .Where(entry => !entry.Settled && !(lastNightCheck > entry.At))
            .Select(entry => new Reminder(
                ReminderKind.NightCheck,
                entry.EntryId,
                entry.TaskId,
                EveningAfter(entry.At, zone)
            ))
            .Where(reminder => now < reminder.From + TimeSpan.FromDays(NightsToAsk));
        return [.. drying.Concat(night).OrderBy(reminder => reminder.From)];
    }

    private static DateTimeOffset EveningAfter(DateTimeOffset at, TimeZoneInfo zone)
    {
        DateTime evening = TimeZoneInfo.ConvertTime(at, zone).Date.AddDays(1).AddHours(EveningHour);
        return new DateTimeOffset(evening, zone.GetUtcOffset(evening));
    }
}

/// <summary>A care task that was done.</summary>
/// <param name="EntryId">Its entry in the log.</param>
/// <param name="TaskId">The task.</param>
/// <param name="At">When.</param>
/// <param name="Settled">Whether the owner has answered what there was to ask.</param>
public readonly record struct CareDone(Guid EntryId, string TaskId, DateTimeOffset At, bool Settled);

/// <summary>Something to be reminded of.</summary>
/// <param name="Kind">What.</param>
/// <param name="EntryId">The entry of the log it follows from.</param>
/// <param name="TaskId">The task that was done.</param>
/// <param name="From">From when on it is due.</param>
public sealed record Reminder(ReminderKind Kind, Guid EntryId, string TaskId, DateTimeOffset From)
{
    /// <summary>Whether it is due.</summary>
    public bool IsDueAt(DateTimeOffset now) => now >= From;
}

/// <summary>What there is to be reminded of.</summary>
public enum ReminderKind
{
    /// <summary>Something left out to dry is dry, such as belts that may be reeled in.</summary>
    Dry,

    /// <summary>How the glass is in the dark.</summary>
    NightCheck,
}
