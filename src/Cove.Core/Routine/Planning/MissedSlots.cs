using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Planning;

/// <summary>Finds the days of slots that passed without a session.</summary>
public static class MissedSlots
{
    /// <summary>So far back it is worth saying. Cove's own choice.</summary>
    private const int Days = 28;

    /// <summary>The days of slots since the car was last cared for, the earliest first; today's is still to come.</summary>
    /// <param name="routine">The routine.</param>
    /// <param name="lastCare">The last day on which something was done; null when nothing ever was.</param>
    /// <param name="today">The owner's present day.</param>
    /// <param name="zone">The owner's time zone.</param>
    /// <remarks>Work on another day counts: whoever was early or late has missed nothing since.</remarks>
    public static IReadOnlyList<DateOnly> Since(
        CarRoutine routine,
        DateOnly? lastCare,
        DateOnly today,
        TimeZoneInfo zone
    )
    {
        DateOnly earliest = today.AddDays(-Days);
        DateOnly from = lastCare is { } care && care >= earliest ? care.AddDays(1) : earliest;
        return [.. routine.Days(from, today.AddDays(-1), zone).Select(day => day.Day).Distinct()];
    }
}
