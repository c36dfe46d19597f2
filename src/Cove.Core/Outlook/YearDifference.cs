using System.Globalization;
using Cove.Core.DeepCleaning;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Proposals;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Outlook;

/// <summary>A year as it would be beside the year as it is, in words.</summary>
public static class YearDifference
{
    /// <summary>Less than this is not worth a word, in the owner's currency.</summary>
    private const decimal WorthSaying = 1;

    /// <summary>The difference in minutes, days overdue, money and the next deep clean.</summary>
    /// <param name="now">The year as it is.</param>
    /// <param name="then">The year as it would be.</param>
    /// <param name="currency">The owner's currency; empty for amounts without one.</param>
    public static string InWords(PlannedYear now, PlannedYear then, string currency)
    {
        string[] sentences =
        [
            RoutineDifference.InWords(
                now.Plan.GivenAWeek,
                Days(now.Plan),
                then.Plan.GivenAWeek,
                Days(then.Plan)
            ),
            Money(then.Outlook.Cost - now.Outlook.Cost, currency),
            DeepCleanWords.Shift(now.DeepClean.Due, then.DeepClean.Due),
        ];
        return string.Join(' ', sentences.Where(sentence => sentence.Length > 0));
    }

    private static string Money(decimal more, string currency)
    {
        if (Math.Abs(more) < WorthSaying)
        {
            return string.Empty;
        }

        string amount = Math.Round(Math.Abs(more)).ToString(CultureInfo.InvariantCulture);
        string money = currency.Length > 0 ? $"{amount} {currency}" : amount;
        return $"Products cost {money} a year {(more > 0 ? "more" : "less")}.";
    }

    private static Dictionary<CareTask, double> Days(RoutinePlan plan) =>
        plan.Tasks.ToDictionary(task => task.Item.Task, task => task.OverdueDays);
}

/// <summary>A plan with what it brings.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Outlook">The year it brings.</param>
/// <param name="DeepClean">When a deep clean will be due.</param>
public sealed record PlannedYear(RoutinePlan Plan, YearOutlook Outlook, DeepCleanForecast DeepClean);
