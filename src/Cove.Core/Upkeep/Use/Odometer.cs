namespace Cove.Core.Upkeep.Use;

/// <summary>What a car's odometer showed at an instant.</summary>
/// <param name="At">When it was read.</param>
/// <param name="Kilometres">What it showed; from 0 to <see cref="Odometer.MostKilometres"/>.</param>
public readonly record struct OdometerReading(DateTimeOffset At, double Kilometres);

/// <summary>Turns readings of an odometer into the distance driven in a week.</summary>
/// <remarks>Between two readings the distance is known, so it takes the place of what the owner said; after the last one the latest pace goes on. What was said holds before the first reading.</remarks>
public static class Odometer
{
    /// <summary>The most an odometer can show.</summary>
    public const double MostKilometres = 3_000_000;

    /// <summary>Readings closer together than this say nothing reliable of a week's distance; the later one waits for the next.</summary>
    public static readonly TimeSpan Shortest = TimeSpan.FromDays(3);

    /// <summary>Says what is wrong with a reading beside those before it; null when nothing is.</summary>
    /// <param name="known">The readings on record.</param>
    /// <param name="reading">The new one.</param>
    public static string? Refusal(IReadOnlyList<OdometerReading> known, OdometerReading reading)
    {
        if (!(reading.Kilometres is >= 0 and <= MostKilometres))
        {
            return "Give what the odometer shows. No odometer shows less than 0 or as much as that.";
        }

        if (known.Any(other => other.At <= reading.At && other.Kilometres > reading.Kilometres))
        {
            return "An odometer does not run backwards. Give at least what it showed before, or take the other reading back.";
        }

        if (known.Any(other => other.At >= reading.At && other.Kilometres < reading.Kilometres))
        {
            return "A later reading shows less. Give at most what it shows, or take the later reading back.";
        }

        return known.Any(other => WeekBetween(other, reading) > WeeklyDistance.MaximumKilometres)
            ? "No car is driven that far in a week. Check the reading."
            : null;
    }

    /// <summary>The use with what the readings say of the distance.</summary>
    /// <param name="usage">What the owner said.</param>
    /// <param name="readings">The readings, in any order; those that contradict others must have been refused.</param>
    public static Usage Apply(Usage usage, IEnumerable<OdometerReading> readings)
    {
        OdometerReading[] spaced = [.. Spaced(readings)];
        if (spaced.Length < 2)
        {
            return usage;
        }

        var entries = usage.Entries.Where(entry => entry.From < spaced[0].At).ToList();
        for (int i = 1; i < spaced.Length; i++)
        {
            DateTimeOffset from = spaced[i - 1].At;
            DateTimeOffset to = i == spaced.Length - 1 ? DateTimeOffset.MaxValue : spaced[i].At;
            WeeklyDistance distance = WeeklyDistance.FromKilometres(WeekBetween(spaced[i - 1], spaced[i]));
            entries.Add(new UsageEntry(from, usage.At(from).Use with { Distance = distance }));
            entries.AddRange(
                usage
                    .Entries.Where(entry => entry.From > from && entry.From < to)
                    .Select(entry => entry with { Use = entry.Use with { Distance = distance } })
            );
        }

        return new Usage(entries);
    }

    private static IEnumerable<OdometerReading> Spaced(IEnumerable<OdometerReading> readings)
    {
        OdometerReading? last = null;
        foreach (OdometerReading reading in readings.OrderBy(reading => reading.At))
        {
            if (last is null || reading.At - last.Value.At >= Shortest)
            {
                yield return reading;
                last = reading;
            }
        }
    }

    /// <summary>Readings that lie close together count as if they lay <see cref="Shortest"/> apart: a long day's drive is no week of such days.</summary>
    private static double WeekBetween(OdometerReading a, OdometerReading b)
    {
        double days = Math.Max(Shortest.TotalDays, Math.Abs((b.At - a.At).TotalDays));
        return Math.Abs(b.Kilometres - a.Kilometres) / days * 7;
    }
}
