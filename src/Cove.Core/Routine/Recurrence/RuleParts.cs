namespace Cove.Core.Routine.Recurrence;

/// <summary>What a rule says, part by part; the names are those of RFC 5545.</summary>
internal sealed record RuleParts(Frequency Frequency)
{
    public int Interval { get; init; } = 1;

    public int? Count { get; init; }

    /// <summary>The last day; null when none is named.</summary>
    public DateOnly? Until { get; init; }

    /// <summary>The last instant; null when none is named.</summary>
    public DateTimeOffset? UntilInstant { get; init; }

    public DayOfWeek WeekStart { get; init; } = DayOfWeek.Monday;

    public RuleDay[] ByDay { get; init; } = [];

    public int[] ByMonth { get; init; } = [];

    public int[] ByMonthDay { get; init; } = [];

    public int[] ByYearDay { get; init; } = [];

    public int[] ByWeekNumber { get; init; } = [];

    public int[] BySetPosition { get; init; } = [];
}
