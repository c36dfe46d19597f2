namespace Cove.Core.Upkeep;

/// <summary>How a car is used, over time: each entry holds from its instant until the next one, the last one for good.</summary>
/// <remarks>Before the first entry the first entry holds. Usage says what drives soiling; what a task makes of it is <see cref="Soiling"/>.</remarks>
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
        new([new UsageEntry(DateTimeOffset.UnixEpoch, WeeklyDistance.Reference)]);

    /// <summary>The entries, oldest first; never empty.</summary>
    public IReadOnlyList<UsageEntry> Entries => entries;

    /// <summary>What holds at an instant.</summary>
    public UsageEntry At(DateTimeOffset instant) =>
        entries.LastOrDefault(entry => entry.From <= instant) ?? entries[0];

    /// <summary>Cuts a span of time into stretches of unchanging use, in order and without gaps.</summary>
    /// <param name="from">The beginning.</param>
    /// <param name="to">The end; nothing is returned unless it is later than the beginning.</param>
    public IEnumerable<UsageStretch> Between(DateTimeOffset from, DateTimeOffset to)
    {
        DateTimeOffset start = from;
        foreach (UsageEntry entry in entries)
        {
            if (entry.From <= start)
            {
                continue;
            }

            if (entry.From >= to)
            {
                break;
            }

            yield return new UsageStretch(start, entry.From, At(start));
            start = entry.From;
        }

        if (start < to)
        {
            yield return new UsageStretch(start, to, At(start));
        }
    }
}

/// <summary>How a car is used from an instant on.</summary>
/// <param name="From">When this use began.</param>
/// <param name="Distance">The distance driven in a week.</param>
public sealed record UsageEntry(DateTimeOffset From, WeeklyDistance Distance)
{
    /// <summary>The pace of a driver beside reference use, where it is 1.</summary>
    public double Pace(Driver driver) =>
        driver switch
        {
            Driver.Time => 1,
            Driver.Distance => Distance.Kilometres / WeeklyDistance.Reference.Kilometres,
            _ => throw new ArgumentOutOfRangeException(nameof(driver), driver, "No such driver."),
        };
}

/// <summary>A stretch of time in which use does not change.</summary>
/// <param name="From">The beginning.</param>
/// <param name="To">The end, later than the beginning.</param>
/// <param name="Use">The use that holds.</param>
public sealed record UsageStretch(DateTimeOffset From, DateTimeOffset To, UsageEntry Use)
{
    /// <summary>Length in days, with fractions.</summary>
    public double Days => (To - From).TotalDays;
}
