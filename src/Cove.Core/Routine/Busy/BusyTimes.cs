using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Busy;

/// <summary>The times at which the owner has something else to do.</summary>
/// <param name="Spans">The spells, in any order; they may overlap.</param>
public sealed record BusyTimes(IReadOnlyList<BusySpan> Spans)
{
    /// <summary>The most spells that are kept.</summary>
    public const int MostSpans = 4000;

    /// <summary>The owner's day for work on a car begins and ends at these hours. Cove's own choice: neighbours sleep.</summary>
    private static readonly TimeOnly Opens = new(8, 0);

    private static readonly TimeOnly Closes = new(20, 0);

    /// <summary>So many days before or after a session a free time is still near.</summary>
    private const int Near = 3;

    /// <summary>Another day is as far as so many hours of the same day. Cove's own choice.</summary>
    private const int HoursOfADay = 4;

    /// <summary>Nothing else to do.</summary>
    public static BusyTimes None { get; } = new([]);

    /// <summary>The spell that a session would collide with; null when there is none. Of several, the first to begin.</summary>
    /// <param name="day">The session.</param>
    /// <param name="zone">The owner's time zone.</param>
    public BusySpan? Over(SlotDay day, TimeZoneInfo zone) => Over(day.StartsAt(zone), day.Minutes);

    /// <summary>The free time nearest to a session that collides: another hour of the same day, or a day nearby that has no session of its own.</summary>
    /// <param name="day">The session.</param>
    /// <param name="others">The other sessions.</param>
    /// <param name="now">The present instant; what is over is not offered.</param>
    /// <param name="zone">The owner's time zone.</param>
    /// <returns>Null when there is none within three days.</returns>
    public (DateOnly Day, TimeOnly Time)? FreeNear(
        SlotDay day,
        IReadOnlyList<SlotDay> others,
        DateTimeOffset now,
        TimeZoneInfo zone
    )
    {
        HashSet<DateOnly> taken = [.. others.Where(other => other != day).Select(other => other.Day)];
        var open = new List<(DateOnly Day, TimeOnly Time, double Far)>();
        for (int offset = -Near; offset <= Near; offset++)
        {
            DateOnly on = day.Day.AddDays(offset);
            if (taken.Contains(on))
            {
                continue;
            }

            foreach (TimeOnly time in Times(day))
            {
                double hours = Math.Abs((time - day.Time).TotalHours);
                hours = Math.Min(hours, 24 - hours);
                DateTimeOffset starts = LocalTime.InstantOf(on, time, zone);
                if (starts > now && Over(starts, day.Minutes) is null)
                {
                    open.Add((on, time, hours + (Math.Abs(offset) * HoursOfADay)));
                }
            }
        }

        return open.Count == 0
            ? null
            : open.OrderBy(free => free.Far)
                .ThenBy(free => free.Day)
                .ThenBy(free => free.Time)
                .Select(free => ((DateOnly, TimeOnly)?)(free.Day, free.Time))
                .First();
    }

    /// <summary>The session's own time, and each half hour at which it would still end in good time.</summary>
    private static IEnumerable<TimeOnly> Times(SlotDay day)
    {
        yield return day.Time;
        for (
            TimeOnly time = Opens;
            time.ToTimeSpan() + TimeSpan.FromMinutes(day.Minutes) <= Closes.ToTimeSpan();
            time = time.AddMinutes(30)
        )
        {
            yield return time;
        }
    }

    private BusySpan? Over(DateTimeOffset starts, int minutes)
    {
        DateTimeOffset ends = starts.AddMinutes(minutes);
        return Spans.Where(span => span.Start < ends && span.End > starts).MinBy(span => span.Start);
    }
}

/// <summary>A spell in which the owner has something else to do. What it is, Cove does not ask.</summary>
/// <param name="Start">When it begins.</param>
/// <param name="End">When it ends; after its beginning.</param>
public sealed record BusySpan(DateTimeOffset Start, DateTimeOffset End);
