namespace Cove.Core.Upkeep.Use;

/// <summary>How a car is used, over time: each entry holds from its instant until the next one, the last one for good.</summary>
/// <remarks>Before the first entry the first entry holds. Usage says what drives soiling; what a task makes of it is <see cref="Levels.Soiling"/>. Seasons turn at midnight UTC on the first of a month.</remarks>
public sealed class Usage
{
    private readonly IReadOnlyList<UsageEntry> entries;

    /// <summary>Makes a usage from entries in any order.</summary>
    /// <exception cref="ArgumentException">There is no entry.</exception>
    public Usage(IEnumerable<UsageEntry> entries)
    {
        this.entries = [.. entries.OrderBy(entry => entry.From)];
        if (this.entries.Count == 0)
        {
            throw new ArgumentException("A usage needs at least one entry.", nameof(entries));
        }
    }

    /// <summary>The use for which the baseline intervals hold, for all time.</summary>
    public static Usage Reference { get; } =
        new([new UsageEntry(DateTimeOffset.UnixEpoch, CarUse.Reference)]);

    /// <summary>The entries, oldest first; never empty.</summary>
    public IReadOnlyList<UsageEntry> Entries => entries;

    /// <summary>What holds at an instant.</summary>
    public UsageEntry At(DateTimeOffset instant) => entries[IndexAt(instant)];

    /// <summary>The use and the time of year at an instant.</summary>
    public Conditions ConditionsAt(DateTimeOffset instant) => new(At(instant).Use, instant.UtcDateTime.Month);

    /// <summary>Cuts a span of time into stretches of unchanging conditions, in order and without gaps.</summary>
    /// <param name="from">The beginning.</param>
    /// <param name="to">The end; nothing is returned unless it is later than the beginning.</param>
    public IEnumerable<UsageStretch> Between(DateTimeOffset from, DateTimeOffset to)
    {
        DateTimeOffset start = from;
        for (int i = IndexAt(from); start < to; i++)
        {
            DateTimeOffset end = i + 1 < entries.Count && entries[i + 1].From < to ? entries[i + 1].From : to;
            foreach (UsageStretch stretch in BySeason(entries[i].Use, start, end))
            {
                yield return stretch;
            }

            start = end;
        }
    }

    /// <summary>The place of the entry that holds at an instant.</summary>
    private int IndexAt(DateTimeOffset instant)
    {
        int low = 0;
        int high = entries.Count - 1;
        while (low < high)
        {
            int middle = (low + high + 1) / 2;
            (low, high) = entries[middle].From <= instant ? (middle, high) : (low, middle - 1);
        }

        return low;
    }

    private static IEnumerable<UsageStretch> BySeason(CarUse use, DateTimeOffset from, DateTimeOffset to)
    {
        for (DateTimeOffset start = from; start < to; )
        {
            DateTimeOffset turn = use.IsSeasonal ? NextMonth(start) : to;
            DateTimeOffset end = turn < to ? turn : to;
            yield return new UsageStretch(start, end, new Conditions(use, start.UtcDateTime.Month));
            start = end;
        }
    }

    private static DateTimeOffset NextMonth(DateTimeOffset instant)
    {
        DateTime day = instant.UtcDateTime;
        return new DateTimeOffset(day.Year, day.Month, 1, 0, 0, 0, TimeSpan.Zero).AddMonths(1);
    }
}

/// <summary>How a car is used from an instant on.</summary>
/// <param name="From">When this use began.</param>
/// <param name="Use">The use.</param>
public sealed record UsageEntry(DateTimeOffset From, CarUse Use)
{
    /// <summary>Reference use but for the distance driven in a week.</summary>
    public UsageEntry(DateTimeOffset from, WeeklyDistance distance)
        : this(from, CarUse.Reference with { Distance = distance }) { }

    /// <summary>The distance driven in a week.</summary>
    public WeeklyDistance Distance => Use.Distance;
}

/// <summary>How a car is used, and the time of year: all that the rate of a level depends on.</summary>
/// <param name="Use">The use.</param>
/// <param name="Month">The month of the year, from 1 to 12.</param>
public readonly record struct Conditions(CarUse Use, int Month)
{
    /// <summary>The pace of a driver beside reference use, where it is 1.</summary>
    public double Pace(Driver driver) => Use.Pace(driver, Month);
}

/// <summary>A stretch of time in which conditions do not change.</summary>
/// <param name="From">The beginning.</param>
/// <param name="To">The end, later than the beginning.</param>
/// <param name="Conditions">What holds.</param>
public sealed record UsageStretch(DateTimeOffset From, DateTimeOffset To, Conditions Conditions)
{
    /// <summary>Length in days, with fractions.</summary>
    public double Days => (To - From).TotalDays;
}
