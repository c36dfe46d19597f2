using Cove.Data.Rows;

namespace Cove.Data;

/// <summary>What befell the beekeeper's estate.</summary>
internal static class DemoEvents
{
    public static IReadOnlyList<LogRow> OfTheEstate(DateTimeOffset now, TimeZoneInfo zone) =>
        [
            Event(now, zone, 61, 17.5, "spill", "wax flakes", "boot"),
            Event(now, zone, 4, 18.2, "mud-and-sand", "clay from the track", "driver-mat", "front-carpet"),
            Event(now, zone, 3, 16.6, "smoke", "smoke film", "windscreen"),
            Event(now, zone, 4, 11.4, "spill", "sugar syrup", "rear-seat-passenger-side"),
            Event(now, zone, 2, 17.1, "mud-and-sand", "sand and wax", "boot"),
        ];

    private static LogRow Event(
        DateTimeOffset now,
        TimeZoneInfo zone,
        int daysAgo,
        double hour,
        string happening,
        string note,
        params string[] surfaces
    )
    {
        DateTime local = TimeZoneInfo.ConvertTime(now, zone).Date.AddDays(-daysAgo).AddHours(hour);
        var at = new DateTimeOffset(local, zone.GetUtcOffset(local));
        return new LogRow
        {
            Id = Guid.CreateVersion7(at),
            Kind = LogEntryKind.Event,
            Subject = happening,
            SurfaceIds = string.Join('\n', surfaces),
            At = at,
            Note = note,
        };
    }
}
