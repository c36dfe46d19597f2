using Cove.Core.Record;

namespace Cove.Web.Features.Log;

/// <summary>What each year came to.</summary>
/// <param name="Years">The years, the latest first.</param>
/// <param name="Currency">The owner's currency; empty for amounts without one.</param>
internal sealed record LogYearsView(IReadOnlyList<LogYearView> Years, string Currency);

/// <summary>What one calendar year of care came to.</summary>
/// <param name="Year">The year.</param>
/// <param name="Sessions">The days on which the car was cared for.</param>
/// <param name="Minutes">The minutes taken.</param>
/// <param name="Millilitres">The products used, without water.</param>
/// <param name="Cost">What products and deep cleans cost, as far as that is known.</param>
/// <param name="DeepCleans">How many deep cleans there were.</param>
/// <param name="OverdueDays">The days tasks were overdue, all added.</param>
/// <param name="LongestWeeks">The most weeks in a row with a session in each.</param>
internal sealed record LogYearView(
    int Year,
    int Sessions,
    double Minutes,
    double Millilitres,
    decimal Cost,
    int DeepCleans,
    double OverdueDays,
    int LongestWeeks
)
{
    public static LogYearView Of(YearTotals totals) =>
        new(
            totals.Year,
            totals.Sessions,
            Math.Round(totals.Minutes),
            Math.Round(totals.Millilitres),
            Math.Round(totals.ProductCost + totals.DeepCleanCost, 2),
            totals.DeepCleans,
            Math.Round(totals.OverdueDays),
            totals.LongestWeeks
        );
}

/// <summary>What was done to a car in all its time.</summary>
/// <param name="Vehicle">What its owner calls it.</param>
/// <param name="Description">A line that tells it apart; may be empty.</param>
/// <param name="Written">The day on which this was written.</param>
/// <param name="From">The first day on record; null when nothing is.</param>
/// <param name="Until">The last one.</param>
/// <param name="Sessions">The days on which it was cared for.</param>
/// <param name="Tasks">Each task that was done, those of most sessions first.</param>
/// <param name="DeepCleans">The deep cleans, the latest first.</param>
/// <param name="Products">What was used, by name.</param>
internal sealed record RecordOfCareView(
    string Vehicle,
    string Description,
    DateOnly Written,
    DateOnly? From,
    DateOnly? Until,
    int Sessions,
    IReadOnlyList<TaskRecordView> Tasks,
    IReadOnlyList<DeepCleanRecordView> DeepCleans,
    IReadOnlyList<string> Products
)
{
    public static RecordOfCareView Of(Vehicle vehicle, RecordOfCare record, DateOnly today) =>
        new(
            vehicle.Name,
            vehicle.Description,
            today,
            record.From,
            record.Until,
            record.Sessions,
            [.. record.Tasks.Select(task => new TaskRecordView(task.Task.Name, task.Times, task.Last))],
            [
                .. record.DeepCleans.Select(deep => new DeepCleanRecordView(
                    deep.Day,
                    DeepCleanWords.By(deep.By),
                    deep.Parts.HasFlag(DeepCleanParts.Extracted)
                )),
            ],
            record.Products
        );
}

/// <summary>How often a task was done.</summary>
/// <param name="Name">The task.</param>
/// <param name="Times">The days on which it was.</param>
/// <param name="Last">The last of them.</param>
internal sealed record TaskRecordView(string Name, int Times, DateOnly Last);

/// <summary>A deep clean.</summary>
/// <param name="Day">Its day.</param>
/// <param name="Words">By whom, in words.</param>
/// <param name="Extracted">Whether cloth and pile were extracted.</param>
internal sealed record DeepCleanRecordView(DateOnly Day, string Words, bool Extracted);

/// <summary>What came of bringing a log in.</summary>
/// <param name="Added">How many entries were new.</param>
/// <param name="Known">How many were there already.</param>
internal sealed record LogImportView(int Added, int Known);
