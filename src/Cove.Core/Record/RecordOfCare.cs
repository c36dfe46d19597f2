using Cove.Core.Log;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Record;

/// <summary>What was done to a car in all its time, for whoever takes it over: facts of the log, without prices and notes.</summary>
/// <param name="From">The first day that is on record; null when nothing is.</param>
/// <param name="Until">The last one.</param>
/// <param name="Sessions">The days on which it was cared for.</param>
/// <param name="Tasks">Each task that was done, those of most sessions first.</param>
/// <param name="DeepCleans">The deep cleans, the latest first.</param>
/// <param name="Products">What was used, by name, in alphabetical order.</param>
public sealed record RecordOfCare(
    DateOnly? From,
    DateOnly? Until,
    int Sessions,
    IReadOnlyList<TaskRecord> Tasks,
    IReadOnlyList<DeepCleanRecord> DeepCleans,
    IReadOnlyList<string> Products
)
{
    /// <summary>Reads a log.</summary>
    /// <param name="entries">The log, in any order; undone entries do not count.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public static RecordOfCare Of(IEnumerable<LogEntry> entries, TimeZoneInfo zone)
    {
        LogEntry[] log = [.. entries.Where(entry => entry.Counts && entry is TaskDone or DeepCleaned)];
        TaskDone[] done = [.. log.OfType<TaskDone>().Where(entry => entry.Counts)];
        DeepCleaned[] deep = [.. log.OfType<DeepCleaned>().Where(entry => entry.Counts)];
        DateOnly[] days = [.. done.Cast<LogEntry>().Concat(deep).Select(DayOf).Order()];
        return new RecordOfCare(
            days.Length > 0 ? days[0] : null,
            days.Length > 0 ? days[^1] : null,
            done.Select(DayOf).Distinct().Count(),
            [
                .. done.GroupBy(entry => entry.TaskId)
                    .Select(group => new TaskRecord(
                        CareTasks.Find(group.Key)!,
                        group.Select(DayOf).Distinct().Count(),
                        group.Max(DayOf)
                    ))
                    .OrderByDescending(record => record.Times)
                    .ThenBy(record => record.Task.Name, StringComparer.Ordinal),
            ],
            [
                .. deep.OrderByDescending(entry => entry.At)
                    .Select(entry => new DeepCleanRecord(DayOf(entry), entry.By, entry.Parts)),
            ],
            [
                .. done.SelectMany(entry => entry.Products)
                    .Select(product => product.Name)
                    .Distinct(StringComparer.OrdinalIgnoreCase)
                    .Order(StringComparer.OrdinalIgnoreCase),
            ]
        );

        DateOnly DayOf(LogEntry entry) =>
            DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(entry.At, zone).DateTime);
    }
}

/// <summary>How often a task was done.</summary>
/// <param name="Task">The task.</param>
/// <param name="Times">The days on which it was.</param>
/// <param name="Last">The last of them.</param>
public sealed record TaskRecord(CareTask Task, int Times, DateOnly Last);

/// <summary>A deep clean.</summary>
/// <param name="Day">Its day.</param>
/// <param name="By">By whom.</param>
/// <param name="Parts">What was done.</param>
public sealed record DeepCleanRecord(DateOnly Day, DeepCleanBy By, DeepCleanParts Parts);
