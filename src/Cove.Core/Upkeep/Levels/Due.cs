namespace Cove.Core.Upkeep;

/// <summary>When a task reaches its mark on a surface, and why then.</summary>
/// <param name="Level">The level now.</param>
/// <param name="DueAt">The instant the level reaches the mark; in the past when it is over the mark already, null when it is more than ten years off.</param>
/// <param name="BaselineDays">Days from fresh to the mark at reference use, on the most used surface.</param>
/// <param name="Effects">What makes it otherwise here, in days; adding them to the baseline gives <see cref="IntervalDays"/>.</param>
/// <param name="IntervalDays">Days from fresh to the mark at the present use; infinite when it never gets there.</param>
public sealed record Due(
    Level Level,
    DateTimeOffset? DueAt,
    double BaselineDays,
    IReadOnlyList<DueEffect> Effects,
    double IntervalDays
)
{
    /// <summary>Computes the due instant and its decomposition.</summary>
    /// <param name="state">Where the level stood when it last changed.</param>
    /// <param name="soiling">How fast it rises.</param>
    /// <param name="usage">How the car is used.</param>
    /// <param name="now">The instant to count from.</param>
    public static Due Compute(CareState state, Soiling soiling, Usage usage, DateTimeOffset now)
    {
        Level level = state.LevelAt(now, soiling, usage);
        DateTimeOffset? dueAt = soiling.WhenRisenBy(usage, state.At, 1 - state.Level.Value);
        UsageEntry use = usage.At(now);
        double baseline = soiling.Baseline.TotalDays;

        var effects = new List<DueEffect>();
        double days = baseline;
        Step("Place in the car", baseline / soiling.Exposure.Value);
        Step(
            string.Create(
                System.Globalization.CultureInfo.InvariantCulture,
                $"Distance, {use.Distance.Kilometres:0} km a week"
            ),
            1 / (soiling with { Multiplier = 1 }).PerDay(use)
        );
        Step("Learnt from this car", 1 / soiling.PerDay(use));
        return new Due(level, dueAt, baseline, effects, days);

        // Each cause is switched on in turn, so the differences add up to the whole exactly.
        void Step(string cause, double with)
        {
            if (Math.Abs(with - days) > 0.005)
            {
                effects.Add(new DueEffect(cause, with - days));
            }

            days = with;
        }
    }

    /// <summary>Whole days from today until the due date, negative when it is past, null when it is never.</summary>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public int? DaysLeft(DateTimeOffset now, TimeZoneInfo zone) =>
        DueDate(zone) is { } date ? date.DayNumber - DateIn(now, zone).DayNumber : null;

    /// <summary>The first day on which the level is at the mark, null when it is never.</summary>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public DateOnly? DueDate(TimeZoneInfo zone) => DueAt is { } at ? DateIn(at, zone) : null;

    private static DateOnly DateIn(DateTimeOffset instant, TimeZoneInfo zone) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(instant, zone).DateTime);
}

/// <summary>One cause that makes an interval longer or shorter than its baseline.</summary>
/// <param name="Cause">The cause in a few words.</param>
/// <param name="Days">Days it adds; negative when it shortens the interval.</param>
public sealed record DueEffect(string Cause, double Days);
