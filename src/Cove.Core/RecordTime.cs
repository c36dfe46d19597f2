namespace Cove.Core;

/// <summary>Which times a record may name.</summary>
public static class RecordTime
{
    /// <summary>Nothing on record is older: few cars that are kept so carefully are, and a clock that was never set shows 1970.</summary>
    public static readonly DateTimeOffset Earliest = new(1990, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>Nothing on record is later, however wrong a clock is: beyond it, dates could no longer be counted on.</summary>
    public static readonly DateTimeOffset Latest = new(2199, 12, 31, 0, 0, 0, TimeSpan.Zero);

    /// <summary>What to say of a time that no record may name.</summary>
    public const string HowToGive = "Give a time from 1990 on that is not in the future.";

    /// <summary>What a clock of another machine may be ahead. Cove's own choice.</summary>
    public static readonly TimeSpan Leeway = TimeSpan.FromDays(1);

    /// <summary>Whether a record may name an instant.</summary>
    /// <param name="at">The instant.</param>
    /// <param name="latest">The present, or a little later for what another machine wrote.</param>
    public static bool IsFit(DateTimeOffset at, DateTimeOffset latest) => at >= Earliest && at <= latest;

    /// <summary>An instant without what is finer than a millisecond, as it is stored: what is written down equals what is read back.</summary>
    public static DateTimeOffset ToStored(DateTimeOffset instant) =>
        DateTimeOffset.FromUnixTimeMilliseconds(instant.ToUnixTimeMilliseconds());

    /// <summary>When a day begins on the owner's calendar.</summary>
    public static DateTimeOffset StartOf(DateOnly day, TimeZoneInfo zone)
    {
        DateTime midnight = day.ToDateTime(TimeOnly.MinValue);
        return new DateTimeOffset(midnight, zone.GetUtcOffset(midnight));
    }
}
