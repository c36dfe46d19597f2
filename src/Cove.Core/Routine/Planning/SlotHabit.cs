using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Planning;

/// <summary>How often an owner's slots pass without a session, as far as the log shows.</summary>
/// <remarks>For the days themselves, and only those since the car was last cared for, see <see cref="MissedSlots"/>.</remarks>
/// <param name="Missed">The days of slots that passed without a session; 0 or more.</param>
/// <param name="Of">Out of how many; 0 when nothing is known yet.</param>
public readonly record struct SlotHabit(int Missed, int Of)
{
    /// <summary>How far back it looks, in days: half a year. Cove's own choice.</summary>
    public const int Reach = 182;

    /// <summary>So near to its day, in days, a session still counts for it. Cove's own choice.</summary>
    private const int Near = 3;

    /// <summary>What is expected of a new owner weighs as much as so many days that were kept. Cove's own choice.</summary>
    private const int KeptBefore = 4;

    /// <summary>The share of slots that will pass without a session, if it goes on like this; from 0 to below 1.</summary>
    public double ShareMissed => Missed / (double)(Of + KeptBefore);

    /// <summary>Reads it off the days on which something was done.</summary>
    /// <param name="routine">The routine, with the slots the car is cared for in.</param>
    /// <param name="cared">The days on which the car was cared for in the last <see cref="Reach"/> days.</param>
    /// <param name="today">The owner's present day, which is still to come.</param>
    /// <param name="zone">The owner's time zone.</param>
    /// <remarks>Nothing before the first of these days counts: whoever begins has missed nothing.</remarks>
    public static SlotHabit In(
        CarRoutine routine,
        IReadOnlyCollection<DateOnly> cared,
        DateOnly today,
        TimeZoneInfo zone
    )
    {
        if (cared.Count == 0)
        {
            return default;
        }

        DateOnly reach = today.AddDays(-Reach);
        DateOnly first = cared.Min();
        SlotDay[] days = [.. routine.Days(first < reach ? reach : first, today.AddDays(-1), zone)];
        return new SlotHabit(days.Count(day => IsMissed(day, cared)), days.Length);
    }

    /// <summary>Whether the day of a slot passed without a session.</summary>
    /// <param name="day">The day of the slot.</param>
    /// <param name="cared">The days on which the car was cared for.</param>
    internal static bool IsMissed(SlotDay day, IReadOnlyCollection<DateOnly> cared) =>
        !cared.Any(care => Math.Abs(care.DayNumber - day.Day.DayNumber) <= Near);
}
