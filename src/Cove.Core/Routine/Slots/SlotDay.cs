namespace Cove.Core.Routine.Slots;

/// <summary>One day of a slot.</summary>
/// <param name="Slot">The slot.</param>
/// <param name="RuleDay">The day on which the rule has it, which names it for ever.</param>
/// <param name="Day">The day on which it takes place.</param>
/// <param name="Time">When it begins, on the owner's clock.</param>
/// <param name="Minutes">How long it is.</param>
public sealed record SlotDay(Slot Slot, DateOnly RuleDay, DateOnly Day, TimeOnly Time, int Minutes)
{
    /// <summary>Whether it takes place on another day than the rule has it.</summary>
    public bool IsMoved => Day != RuleDay;

    /// <summary>The instant at which it begins.</summary>
    /// <param name="zone">The owner's time zone.</param>
    /// <remarks>A time that the clock leaves out when summer time begins is the same time after the jump; one that comes twice is the first of them.</remarks>
    public DateTimeOffset StartsAt(TimeZoneInfo zone) => LocalTime.InstantOf(Day, Time, zone);
}

/// <summary>Turns a time on the owner's clock into an instant.</summary>
public static class LocalTime
{
    /// <summary>The instant.</summary>
    /// <param name="day">The day.</param>
    /// <param name="time">The time on that day.</param>
    /// <param name="zone">The time zone.</param>
    /// <remarks>As RFC 5545 has it in section 3.3.5: a time that is left out is read with the offset before the jump, one that comes twice is the first.</remarks>
    public static DateTimeOffset InstantOf(DateOnly day, TimeOnly time, TimeZoneInfo zone)
    {
        DateTime local = day.ToDateTime(time);
        if (zone.IsInvalidTime(local))
        {
            return new DateTimeOffset(local, zone.GetUtcOffset(local.AddHours(-3))).ToUniversalTime();
        }

        TimeSpan offset = zone.IsAmbiguousTime(local)
            ? zone.GetAmbiguousTimeOffsets(local).Max()
            : zone.GetUtcOffset(local);
        return new DateTimeOffset(local, offset).ToUniversalTime();
    }
}
