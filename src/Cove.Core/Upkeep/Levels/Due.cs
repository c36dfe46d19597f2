using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>When a task reaches its mark on a surface, and why then.</summary>
/// <param name="Soil">The soil there is now.</param>
/// <param name="Level">How near the task is to being due now.</param>
/// <param name="DueAt">The instant the level reaches the mark; in the past when it is over the mark already, null when it is more than ten years off.</param>
/// <param name="Baseline">From fresh to the mark at reference use, on the most used surface and to everyday taste.</param>
/// <param name="Effects">What makes it otherwise here, one after the other; adding them to the baseline gives <see cref="Interval"/>.</param>
/// <param name="Interval">From fresh to the mark at the present use and time of year; null when it does not get there within <see cref="Longest"/>.</param>
/// <param name="Mark">The soil at which the task counts as due.</param>
public sealed record Due(
    Level Soil,
    DueLevel Level,
    DateTimeOffset? DueAt,
    TimeSpan Baseline,
    IReadOnlyList<DueEffect> Effects,
    TimeSpan? Interval,
    Level Mark
)
{
    /// <summary>What takes longer than a century never comes.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromDays(36525);

    /// <summary>Computes the due instant and its decomposition.</summary>
    /// <param name="state">Where the level stood when it last changed.</param>
    /// <param name="soiling">How fast it rises.</param>
    /// <param name="usage">How the car is used.</param>
    /// <param name="now">The instant to count from.</param>
    /// <param name="mark">The soil that counts as due; above fresh. See <see cref="Tasks.Tidinesses"/>.</param>
    public static Due Compute(CareState state, Soiling soiling, Usage usage, DateTimeOffset now, Level mark)
    {
        Level soil = state.LevelAt(now, soiling, usage);
        DateTimeOffset? dueAt = soiling.WhenRisenBy(usage, state.At, mark.Value - state.Level.Value);
        Soiling present = soiling.AsAt(now);
        IReadOnlyList<DueEffect> effects = DueEffects.Of(present, usage.ConditionsAt(now), mark);
        return new Due(
            soil,
            soil.Beside(mark),
            dueAt,
            soiling.Baseline,
            effects,
            IntervalTo(mark, present, usage.ConditionsAt(now)),
            mark
        );
    }

    /// <summary>From fresh to a mark under fixed conditions; null when it does not get there within <see cref="Longest"/>.</summary>
    public static TimeSpan? IntervalTo(Level mark, Soiling soiling, Conditions conditions)
    {
        double days = mark.Value / soiling.PerDay(conditions);
        return days < Longest.TotalDays ? TimeSpan.FromDays(days) : null;
    }

    /// <summary>Whole days from today until the due date, negative when it is past, null when it is never.</summary>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public int? DaysLeft(DateTimeOffset now, TimeZoneInfo zone) =>
        DueDate(zone) is { } date ? date.DayNumber - DateIn(now, zone).DayNumber : null;

    /// <summary>The first day on which the level is at the mark, null when it is never.</summary>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public DateOnly? DueDate(TimeZoneInfo zone) => DueAt is { } at ? DateIn(at, zone) : null;

    /// <summary>What comes due soonest first, and last what never does; those due on one day keep their order.</summary>
    /// <typeparam name="T">What is put in order.</typeparam>
    /// <param name="all">All of it.</param>
    /// <param name="daysLeft">Days until one is due; null when it never is.</param>
    public static IEnumerable<T> SoonestFirst<T>(IEnumerable<T> all, Func<T, int?> daysLeft) =>
        all.OrderBy(item => daysLeft(item) is null).ThenBy(daysLeft);

    private static DateOnly DateIn(DateTimeOffset instant, TimeZoneInfo zone) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(instant, zone).DateTime);
}
