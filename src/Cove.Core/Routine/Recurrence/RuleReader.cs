using System.Globalization;

namespace Cove.Core.Routine.Recurrence;

/// <summary>Reads the text of a rule.</summary>
internal static class RuleReader
{
    /// <summary>Reads it.</summary>
    /// <returns>What to give instead; null when it was read.</returns>
    public static string? Read(string text, out RuleParts? parts)
    {
        parts = null;
        var said = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (string part in text.Split(';', StringSplitOptions.RemoveEmptyEntries))
        {
            string[] pair = part.Split('=');
            if (pair.Length != 2 || pair[1].Length == 0 || !said.TryAdd(pair[0], pair[1]))
            {
                return $"“{part}” is no part of a rule. Each part is said once, as NAME=VALUE.";
            }
        }

        if (!said.Remove("FREQ", out string? frequency))
        {
            return "Say how it repeats: FREQ=DAILY, WEEKLY, MONTHLY or YEARLY.";
        }

        if (frequency is "HOURLY" or "MINUTELY" or "SECONDLY")
        {
            return "A slot comes once a day at most: repeat it by days, weeks, months or years.";
        }

        Frequency? by = frequency switch
        {
            "DAILY" => Frequency.Daily,
            "WEEKLY" => Frequency.Weekly,
            "MONTHLY" => Frequency.Monthly,
            "YEARLY" => Frequency.Yearly,
            _ => null,
        };
        if (by is not { } repeats)
        {
            return "Say how it repeats: FREQ=DAILY, WEEKLY, MONTHLY or YEARLY.";
        }

        var read = new RuleParts(repeats);
        foreach (var (name, value) in said)
        {
            if (With(read, name, value, out RuleParts more) is { } problem)
            {
                return problem;
            }

            read = more;
        }

        parts = read;
        return Check(read);
    }

    private static string? With(RuleParts parts, string name, string value, out RuleParts more)
    {
        more = parts;
        switch (name)
        {
            case "INTERVAL":
                return Number(value, 1, 1000, out int interval)
                    ? Nothing(more = parts with { Interval = interval })
                    : "INTERVAL is a number from 1 to 1000.";
            case "COUNT":
                return Number(value, 1, 10_000, out int count)
                    ? Nothing(more = parts with { Count = count })
                    : "COUNT is a number from 1 to 10000.";
            case "UNTIL":
                return End(parts, value, out more);
            case "WKST":
                return RuleDay.TryParse(value, out RuleDay day) && day.Which is null
                    ? Nothing(more = parts with { WeekStart = day.Weekday })
                    : "WKST is a weekday: MO, TU, WE, TH, FR, SA or SU.";
            case "BYDAY":
                var days = new List<RuleDay>();
                foreach (string one in value.Split(','))
                {
                    if (!RuleDay.TryParse(one, out RuleDay weekday))
                    {
                        return "BYDAY names weekdays, such as SA, or 2SA for the second Saturday.";
                    }

                    days.Add(weekday);
                }

                more = parts with { ByDay = [.. days] };
                return null;
            case "BYMONTH":
                return Numbers(value, 1, 12, false, out int[] months)
                    ? Nothing(more = parts with { ByMonth = months })
                    : "BYMONTH names months from 1 to 12.";
            case "BYMONTHDAY":
                return Numbers(value, 1, 31, true, out int[] monthDays)
                    ? Nothing(more = parts with { ByMonthDay = monthDays })
                    : "BYMONTHDAY names days from 1 to 31, or -1 to -31 from the end.";
            case "BYYEARDAY":
                return Numbers(value, 1, 366, true, out int[] yearDays)
                    ? Nothing(more = parts with { ByYearDay = yearDays })
                    : "BYYEARDAY names days from 1 to 366, or -1 to -366 from the end.";
            case "BYWEEKNO":
                return Numbers(value, 1, 53, true, out int[] weeks)
                    ? Nothing(more = parts with { ByWeekNumber = weeks })
                    : "BYWEEKNO names weeks from 1 to 53, or -1 to -53 from the end.";
            case "BYSETPOS":
                return Numbers(value, 1, 366, true, out int[] positions)
                    ? Nothing(more = parts with { BySetPosition = positions })
                    : "BYSETPOS names places from 1 to 366, or -1 to -366 from the end.";
            case "BYHOUR" or "BYMINUTE" or "BYSECOND":
                return "The time of day is said beside the rule, not in it.";
            default:
                return $"“{name}” is no part of a rule.";
        }
    }

    private static string? Nothing(RuleParts _) => null;

    private static string? End(RuleParts parts, string value, out RuleParts more)
    {
        more = parts;
        if (
            DateOnly.TryParseExact(
                value,
                "yyyyMMdd",
                CultureInfo.InvariantCulture,
                DateTimeStyles.None,
                out DateOnly day
            )
        )
        {
            more = parts with { Until = day };
            return null;
        }

        if (
            DateTime.TryParseExact(
                value,
                ["yyyyMMdd'T'HHmmss'Z'", "yyyyMMdd'T'HHmmss"],
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
                out DateTime instant
            )
        )
        {
            more = parts with { UntilInstant = new DateTimeOffset(instant) };
            return null;
        }

        return "UNTIL is a day such as 20271231, or an instant such as 20271231T090000Z.";
    }

    private static string? Check(RuleParts parts)
    {
        if (parts.Count is not null && (parts.Until is not null || parts.UntilInstant is not null))
        {
            return "Say COUNT or UNTIL, not both.";
        }

        bool counted = parts.ByDay.Any(day => day.Which is not null);
        if (counted && parts.Frequency is Frequency.Daily or Frequency.Weekly)
        {
            return "Only a rule by months or years can say which one of the weekdays.";
        }

        if (counted && parts.ByWeekNumber.Length > 0)
        {
            return "With BYWEEKNO the weekdays stand without numbers.";
        }

        if (parts.Frequency != Frequency.Yearly && parts.ByWeekNumber.Length > 0)
        {
            return "BYWEEKNO goes with FREQ=YEARLY only.";
        }

        if (
            parts.ByYearDay.Length > 0
            && parts.Frequency is Frequency.Daily or Frequency.Weekly or Frequency.Monthly
        )
        {
            return "BYYEARDAY goes with FREQ=YEARLY only.";
        }

        if (parts.ByMonthDay.Length > 0 && parts.Frequency == Frequency.Weekly)
        {
            return "BYMONTHDAY does not go with FREQ=WEEKLY.";
        }

        bool chosen =
            parts.ByDay.Length
                + parts.ByMonth.Length
                + parts.ByMonthDay.Length
                + parts.ByYearDay.Length
                + parts.ByWeekNumber.Length
            > 0;
        return parts.BySetPosition.Length > 0 && !chosen
            ? "BYSETPOS needs another part to choose from, such as BYDAY."
            : null;
    }

    private static bool Number(string text, int least, int most, out int number) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out number)
        && number >= least
        && number <= most;

    private static bool Numbers(string text, int least, int most, bool signed, out int[] numbers)
    {
        string[] each = text.Split(',');
        numbers = new int[each.Length];
        for (int i = 0; i < each.Length; i++)
        {
            bool read = int.TryParse(
                each[i],
                signed ? NumberStyles.AllowLeadingSign : NumberStyles.None,
                CultureInfo.InvariantCulture,
                out numbers[i]
            );
            if (!read || Math.Abs(numbers[i]) < least || Math.Abs(numbers[i]) > most)
            {
                return false;
            }
        }

        return true;
    }
}
