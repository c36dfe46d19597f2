using System.Globalization;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Routine.Proposals;

/// <summary>Says in words what another routine would change.</summary>
public static class RoutineDifference
{
    /// <summary>Fewer days than this are not worth a word.</summary>
    private const double WorthSaying = 5;

    private const int Names = 3;

    /// <summary>The difference, in one to three sentences.</summary>
    /// <param name="minutesNow">The minutes a week as it is.</param>
    /// <param name="now">The days overdue in the year of each task as it is.</param>
    /// <param name="minutesThen">The minutes a week as it would be.</param>
    /// <param name="then">The days overdue in the year of each task as it would be.</param>
    public static string InWords(
        double minutesNow,
        IReadOnlyDictionary<CareTask, double> now,
        double minutesThen,
        IReadOnlyDictionary<CareTask, double> then
    )
    {
        double days = then.Values.Sum() - now.Values.Sum();
        var changes = then.Select(task =>
                (Task: task.Key, Days: task.Value - now.GetValueOrDefault(task.Key))
            )
            .ToArray();
        string[] better = NamesOf(changes.Where(change => change.Days <= -WorthSaying));
        string[] worse = NamesOf(changes.Where(change => change.Days >= WorthSaying));
        string[] sentences =
        [
            $"{Minutes(minutesThen - minutesNow)} {(IsLittle(minutesThen - minutesNow) && !IsLittle(days) ? "but" : "and")} {Days(days)}.",
            better.Length > 0 ? $"Less often overdue: {string.Join("; ", better)}." : string.Empty,
            worse.Length > 0 ? $"More often overdue: {string.Join("; ", worse)}." : string.Empty,
        ];
        return string.Join(' ', sentences.Where(sentence => sentence.Length > 0));
    }

    private static bool IsLittle(double amount) => Math.Abs(amount) < 0.5;

    private static string Minutes(double minutes) =>
        IsLittle(minutes)
            ? "As many minutes a week"
            : string.Create(
                CultureInfo.InvariantCulture,
                $"{Count(minutes, "minute")} a week {(minutes > 0 ? "more" : "less")}"
            );

    private static string Days(double days) =>
        IsLittle(days)
            ? "as many days overdue in the year"
            : string.Create(
                CultureInfo.InvariantCulture,
                $"{Math.Round(Math.Abs(days))} {(days > 0 ? "more" : "fewer")} {(IsOne(days) ? "day" : "days")} overdue in the year"
            );

    private static string Count(double amount, string what) =>
        $"{Math.Round(Math.Abs(amount)).ToString(CultureInfo.InvariantCulture)} {what}{(IsOne(amount) ? string.Empty : "s")}";

    private static bool IsOne(double amount) => (int)Math.Round(Math.Abs(amount)) == 1;

    private static string[] NamesOf(IEnumerable<(CareTask Task, double Days)> changes) =>
        [
            .. changes
                .OrderByDescending(change => Math.Abs(change.Days))
                .Take(Names)
                .Select(change => change.Task.ShortName.ToLowerInvariant()),
        ];
}
