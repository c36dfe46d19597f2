using Cove.Data.Rows;

namespace Cove.Data;

/// <summary>What befell the beekeeper's estate.</summary>
internal static class DemoEvents
{
    public static IReadOnlyList<LogRow> OfTheEstate(DateTimeOffset now) =>
        [
            Event(now, 61, "spill", "wax flakes", "boot"),
            Event(now, 3.6, "mud-and-sand", "clay from the track", "driver-mat", "front-carpet"),
            Event(now, 3.3, "smoke", "smoke film", "windscreen"),
            Event(now, 4.1, "spill", "sugar syrup", "rear-seat-passenger-side"),
            Event(now, 2.3, "mud-and-sand", "sand and wax", "boot"),
        ];

    private static LogRow Event(
        DateTimeOffset now,
        double daysAgo,
        string happening,
        string note,
        params string[] surfaces
    )
    {
        DateTimeOffset at = now - TimeSpan.FromDays(daysAgo);
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
