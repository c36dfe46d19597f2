namespace Cove.Web.Hosting;

/// <summary>The present as the owner's wall clock shows it.</summary>
/// <param name="time">Where the time comes from.</param>
internal sealed class OwnerClock(TimeProvider time)
{
    /// <summary>Where the owner's days begin and end.</summary>
    public TimeZoneInfo Zone => time.LocalTimeZone;

    /// <summary>The present instant, in UTC and as fine as it can be stored.</summary>
    public DateTimeOffset Now => RecordTime.ToStored(time.GetUtcNow());

    /// <summary>The owner's present day.</summary>
    public DateOnly Today => DateOnly.FromDateTime(OnTheWall(Now).DateTime);

    /// <summary>An instant with the owner's offset, so that its date and hour read as on the owner's wall.</summary>
    public DateTimeOffset OnTheWall(DateTimeOffset instant) => TimeZoneInfo.ConvertTime(instant, Zone);
}
