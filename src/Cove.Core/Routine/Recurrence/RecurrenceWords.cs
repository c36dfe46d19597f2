using System.Globalization;

namespace Cove.Core.Routine.Recurrence;

/// <summary>Says a rule as a person would.</summary>
public static class RecurrenceWords
{
    private static readonly string[] Ordinals = ["first", "second", "third", "fourth", "fifth"];

    /// <summary>The rule in a few words, without its weekday where that is the same each time: "Every week", "Every 8th week", "Second Saturday of the month", "Each April".</summary>
    public static string Of(RecurrenceRule rule) =>
        rule switch
        {
            { Frequency: Frequency.Daily, Interval: 1 } => "Every day",
            { Frequency: Frequency.Daily } => $"Every {rule.Interval} days",
            { Frequency: Frequency.Weekly } => Weekly(rule),
            { Frequency: Frequency.Monthly, Weekdays: [{ Which: { } which } day] } =>
                $"{Which(which)} {Name(day.Weekday)} {Months(rule)}",
            { Frequency: Frequency.Monthly, Weekdays: [] } => Monthly(rule),
            { Frequency: Frequency.Yearly, Months: { Count: > 0 } months } => Yearly(rule, months),
            { Frequency: Frequency.Yearly, Interval: 1, Weekdays: [], Months: [] } => "Once a year",
            _ => "By a rule of its own",
        };

    private static string Weekly(RecurrenceRule rule)
    {
        string weeks = rule.Interval switch
        {
            1 => "Every week",
            2 => "Every second week",
            3 => "Every third week",
            _ => $"Every {rule.Interval}th week",
        };
        return rule.Weekdays.Count > 1
            ? $"{weeks}, {string.Join(" and ", rule.Weekdays.Select(day => Name(day.Weekday)))}"
            : weeks;
    }

    private static string Monthly(RecurrenceRule rule) =>
        rule.Interval == 1 ? "Once a month" : $"Every {rule.Interval} months";

    private static string Months(RecurrenceRule rule) =>
        rule.Interval == 1 ? "of the month" : $"every {rule.Interval} months";

    private static string Yearly(RecurrenceRule rule, IReadOnlyList<int> months)
    {
        string names = string.Join(
            " and ",
            months.Select(month => CultureInfo.InvariantCulture.DateTimeFormat.GetMonthName(month))
        );
        return rule.Interval == 1 ? $"Each {names}" : $"{names}, every {rule.Interval} years";
    }

    private static string Which(int which) =>
        which is >= 1 and <= 5 ? char.ToUpperInvariant(Ordinals[which - 1][0]) + Ordinals[which - 1][1..]
        : which == -1 ? "Last"
        : which < 0 ? $"{-which}th last"
        : $"{which}th";

    private static string Name(DayOfWeek day) => $"{day}";
}
