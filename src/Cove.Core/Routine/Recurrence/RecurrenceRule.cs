using System.Globalization;

namespace Cove.Core.Routine.Recurrence;

/// <summary>A rule by which days recur, as RFC 5545 section 3.3.10 has it: every week on some days, the second Saturday of a month, each April.</summary>
/// <remarks>
/// A rule knows days, not times: it repeats by day, week, month or year. Rules that repeat by the hour, minute or second,
/// or name times of the day, are refused, since a session takes place once a day at most. The time of day and the zone stand
/// with <see cref="Slots.Slot"/>. The text is kept as it was read, so that it can be handed to a calendar again.
/// </remarks>
public sealed class RecurrenceRule : IEquatable<RecurrenceRule>
{
    /// <summary>The most characters a rule may have.</summary>
    public const int MostCharacters = 200;

    private readonly RuleParts parts;

    private RecurrenceRule(string text, RuleParts parts)
    {
        Text = text;
        this.parts = parts;
    }

    /// <summary>The rule as text, in capitals and without the name <c>RRULE:</c>.</summary>
    public string Text { get; }

    /// <summary>By what it repeats.</summary>
    public Frequency Frequency => parts.Frequency;

    /// <summary>Every how many days, weeks, months or years; 1 or more.</summary>
    public int Interval => parts.Interval;

    /// <summary>The weekdays it names, with which one of them; none when it names none.</summary>
    public IReadOnlyList<RuleDay> Weekdays => parts.ByDay;

    /// <summary>The months it names, 1 to 12; none when it names none.</summary>
    public IReadOnlyList<int> Months => parts.ByMonth;

    /// <summary>Reads a rule.</summary>
    /// <param name="text">The rule, with or without the name <c>RRULE:</c> before it.</param>
    /// <param name="rule">The rule; null when it cannot be read.</param>
    /// <returns>What to give instead, as a sentence to the owner; null when it was read.</returns>
    public static string? Read(string? text, out RecurrenceRule? rule)
    {
        rule = null;
        string bare = (text ?? string.Empty).Trim().ToUpperInvariant();
        if (bare.StartsWith("RRULE:", StringComparison.Ordinal))
        {
            bare = bare["RRULE:".Length..];
        }

        if (bare.Length is 0 or > MostCharacters)
        {
            return $"Give a rule of 1 to {MostCharacters} characters, such as FREQ=WEEKLY;BYDAY=SA.";
        }

        if (RuleReader.Read(bare, out RuleParts? parts) is { } problem)
        {
            return problem;
        }

        rule = new RecurrenceRule(bare, parts!);
        return null;
    }

    /// <summary>Reads a rule that is known to be one.</summary>
    /// <exception cref="FormatException">It is none.</exception>
    public static RecurrenceRule Parse(string text) =>
        Read(text, out RecurrenceRule? rule) is { } problem ? throw new FormatException(problem) : rule!;

    /// <summary>The days of the rule, in order, from its first day on.</summary>
    /// <param name="start">The day from which it is counted. It belongs to the days only where the rule itself names it.</param>
    /// <param name="last">No day after this one is given.</param>
    /// <param name="isPast">Whether a day lies behind the end that the rule itself names with a time; a rule that names a day needs none.</param>
    public IEnumerable<DateOnly> Days(
        DateOnly start,
        DateOnly last,
        Func<DateOnly, DateTimeOffset, bool>? isPast = null
    )
    {
        int given = 0;
        foreach (DateOnly day in Periods.Days(parts, start, last))
        {
            if (
                given == parts.Count
                || day > parts.Until
                || (parts.UntilInstant is { } end && (isPast?.Invoke(day, end) ?? IsAfter(day, end)))
            )
            {
                yield break;
            }

            given++;
            yield return day;
        }
    }

    /// <inheritdoc/>
    public bool Equals(RecurrenceRule? other) =>
        other is not null && string.Equals(Text, other.Text, StringComparison.Ordinal);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as RecurrenceRule);

    /// <inheritdoc/>
    public override int GetHashCode() => StringComparer.Ordinal.GetHashCode(Text);

    /// <inheritdoc/>
    public override string ToString() => Text;

    private static bool IsAfter(DateOnly day, DateTimeOffset end) =>
        day > DateOnly.FromDateTime(end.UtcDateTime);
}

/// <summary>By what a rule repeats.</summary>
public enum Frequency
{
    /// <summary>By days.</summary>
    Daily,

    /// <summary>By weeks.</summary>
    Weekly,

    /// <summary>By months.</summary>
    Monthly,

    /// <summary>By years.</summary>
    Yearly,
}

/// <summary>A weekday in a rule.</summary>
/// <param name="Weekday">The weekday.</param>
/// <param name="Which">Which one of the month or year: 1 the first, −1 the last; null for each of them.</param>
public readonly record struct RuleDay(DayOfWeek Weekday, int? Which)
{
    private static readonly string[] Codes = ["SU", "MO", "TU", "WE", "TH", "FR", "SA"];

    /// <summary>Reads one as it stands in a rule: <c>SA</c>, <c>2SA</c>, <c>-1FR</c>.</summary>
    internal static bool TryParse(string text, out RuleDay day)
    {
        day = default;
        if (text.Length < 2)
        {
            return false;
        }

        int weekday = Array.IndexOf(Codes, text[^2..]);
        string which = text[..^2];
        if (weekday < 0)
        {
            return false;
        }

        if (which.Length == 0)
        {
            day = new RuleDay((DayOfWeek)weekday, null);
            return true;
        }

        bool read = int.TryParse(
            which,
            NumberStyles.AllowLeadingSign,
            CultureInfo.InvariantCulture,
            out int number
        );
        day = new RuleDay((DayOfWeek)weekday, number);
        return read && Math.Abs(number) is >= 1 and <= 53;
    }
}
