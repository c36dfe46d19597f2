namespace Cove.Core.Routine.Recurrence;

/// <summary>Works out the days of a rule, one day, week, month or year after another.</summary>
/// <remarks>Within a period a day belongs to the rule when it holds to every part of it; what the rule leaves open is that of its first day. That is what the table of RFC 5545 section 3.3.10 comes to where all that recurs is days.</remarks>
internal static class Periods
{
    /// <summary>A rule is given up when it names no day in this many years: a leap day comes within 8 of them, on a given weekday within 40.</summary>
    private const int YearsWithoutAny = 41;

    /// <summary>The days in order, without regard to an end that the rule itself names.</summary>
    public static IEnumerable<DateOnly> Days(RuleParts rule, DateOnly start, DateOnly last)
    {
        DateOnly giveUp = Later(start, YearsWithoutAny);
        for (int step = 0; ; step++)
        {
            if (Period(rule, start, step) is not { } period || period.First > last || period.First > giveUp)
            {
                yield break;
            }

            foreach (DateOnly day in DaysOf(rule, start, period))
            {
                if (day > last)
                {
                    yield break;
                }

                if (day >= start)
                {
                    giveUp = Later(day, YearsWithoutAny);
                    yield return day;
                }
            }
        }
    }

    private static DateOnly Later(DateOnly day, int years) =>
        day.Year + years > DateOnly.MaxValue.Year ? DateOnly.MaxValue : day.AddYears(years);

    /// <summary>The first and last day of a period; null beyond the end of the calendar.</summary>
    private static (DateOnly First, DateOnly Last)? Period(RuleParts rule, DateOnly start, int step)
    {
        long by = (long)step * rule.Interval;
        switch (rule.Frequency)
        {
            case Frequency.Daily:
                return Span(start.DayNumber + by, 1);
            case Frequency.Weekly:
                int into = ((int)start.DayOfWeek - (int)rule.WeekStart + 7) % 7;
                return Span(start.DayNumber - into + (by * 7), 7);
            case Frequency.Monthly:
                long month = (start.Year * 12L) + start.Month - 1 + by;
                if (month / 12 > DateOnly.MaxValue.Year)
                {
                    return null;
                }

                var first = new DateOnly((int)(month / 12), (int)(month % 12) + 1, 1);
                return (first, new DateOnly(first.Year, first.Month, DaysIn(first)));
            default:
                return start.Year + by > DateOnly.MaxValue.Year
                    ? null
                    : (
                        new DateOnly((int)(start.Year + by), 1, 1),
                        new DateOnly((int)(start.Year + by), 12, 31)
                    );
        }
    }

    private static (DateOnly First, DateOnly Last)? Span(long first, int days) =>
        first + days - 1 > DateOnly.MaxValue.DayNumber
            ? null
            : (
                DateOnly.FromDayNumber((int)Math.Max(0, first)),
                DateOnly.FromDayNumber((int)(first + days - 1))
            );

    private static List<DateOnly> DaysOf(
        RuleParts rule,
        DateOnly start,
        (DateOnly First, DateOnly Last) period
    )
    {
        var days = new List<DateOnly>();
        for (int number = period.First.DayNumber; number <= period.Last.DayNumber; number++)
        {
            var day = DateOnly.FromDayNumber(number);
            if (Holds(rule, start, day))
            {
                days.Add(day);
            }
        }

        return rule.BySetPosition.Length == 0
            ? days
            :
            [
                .. rule
                    .BySetPosition.Select(position => position > 0 ? position - 1 : days.Count + position)
                    .Where(at => at >= 0 && at < days.Count)
                    .Distinct()
                    .Order()
                    .Select(at => days[at]),
            ];
    }

    private static bool Holds(RuleParts rule, DateOnly start, DateOnly day) =>
        (rule.ByMonth.Length == 0 || rule.ByMonth.Contains(day.Month))
        && (rule.ByYearDay.Length == 0 || Names(rule.ByYearDay, day.DayOfYear, DaysInYear(day)))
        && (rule.ByMonthDay.Length == 0 || Names(rule.ByMonthDay, day.Day, DaysIn(day)))
        && (rule.ByWeekNumber.Length == 0 || InWeek(rule, day))
        && (rule.ByDay.Length == 0 ? HoldsToStart(rule, start, day) : OnWeekday(rule, day));

    /// <summary>What a rule that names no weekday leaves open.</summary>
    private static bool HoldsToStart(RuleParts rule, DateOnly start, DateOnly day)
    {
        bool daysSaid = rule.ByMonthDay.Length > 0 || rule.ByYearDay.Length > 0;
        return rule.Frequency switch
        {
            Frequency.Daily => true,
            Frequency.Weekly => day.DayOfWeek == start.DayOfWeek,
            Frequency.Monthly => daysSaid || day.Day == start.Day,
            _ when daysSaid => true,
            _ when rule.ByWeekNumber.Length > 0 => day.DayOfWeek == start.DayOfWeek,
            _ => day.Day == start.Day && (rule.ByMonth.Length > 0 || day.Month == start.Month),
        };
    }

    private static bool OnWeekday(RuleParts rule, DateOnly day)
    {
        // Which one is counted in the month, unless a rule by years names no month.
        bool inYear = rule.Frequency == Frequency.Yearly && rule.ByMonth.Length == 0;
        int into = inYear ? day.DayOfYear : day.Day;
        int length = inYear ? DaysInYear(day) : DaysIn(day);
        int fromStart = ((into - 1) / 7) + 1;
        int fromEnd = -(((length - into) / 7) + 1);
        return rule.ByDay.Any(named =>
            named.Weekday == day.DayOfWeek
            && (named.Which is not { } which || which == fromStart || which == fromEnd)
        );
    }

    private static bool InWeek(RuleParts rule, DateOnly day)
    {
        DateOnly firstWeek = FirstWeekOf(day.Year, rule.WeekStart);
        DateOnly next = FirstWeekOf(day.Year + 1, rule.WeekStart);
        int weeks = (next.DayNumber - firstWeek.DayNumber) / 7;
        int number = (int)Math.Floor((day.DayNumber - firstWeek.DayNumber) / 7.0) + 1;
        return number >= 1 && number <= weeks && Names(rule.ByWeekNumber, number, weeks);
    }

    /// <summary>The first day of week one: the first week with four days or more in the year.</summary>
    private static DateOnly FirstWeekOf(int year, DayOfWeek weekStart)
    {
        var first = new DateOnly(Math.Min(year, DateOnly.MaxValue.Year), 1, 1);
        int into = ((int)first.DayOfWeek - (int)weekStart + 7) % 7;
        return into <= 3 ? first.AddDays(-into) : first.AddDays(7 - into);
    }

    private static bool Names(int[] named, int number, int length) =>
        named.Contains(number) || named.Contains(number - length - 1);

    private static int DaysIn(DateOnly day) => DateTime.DaysInMonth(day.Year, day.Month);

    private static int DaysInYear(DateOnly day) => DateTime.IsLeapYear(day.Year) ? 366 : 365;
}
