using Cove.Core.Catalogue.Amounts;
using Cove.Data.Rows;

namespace Cove.Data;

/// <summary>What befell the beekeeper's estate, and what its owner saw of it.</summary>
internal static class DemoEvents
{
    public static IReadOnlyList<LogRow> OfTheEstate(DateTimeOffset now, TimeZoneInfo zone) =>
        [
            Event(now, zone, 61, 17.5, "spill", "wax flakes", "boot"),
            Event(now, zone, 4, 18.2, "mud-and-sand", "clay from the track", "driver-mat", "front-carpet"),
            Event(now, zone, 3, 16.6, "smoke", "smoke film", "windscreen"),
            Event(now, zone, 4, 11.4, "spill", "sugar syrup", "rear-seat-passenger-side"),
            Event(now, zone, 2, 17.1, "mud-and-sand", "sand and wax", "boot"),
            // Looks of Friday evenings: a car that soils its carpets faster than most, and its dash slower.
            Look(now, zone, 134, "pat", "puff", "front-carpet"),
            Look(now, zone, 106, "pat", "puff", "front-carpet"),
            Look(now, zone, 85, "finger-swipe", "grey", "dash"),
            Look(now, zone, 78, "pat", "cloud", "front-carpet"),
            Look(now, zone, 50, "pat", "specks", "driver-seat"),
            Look(now, zone, 50, "finger-swipe", "grey", "dash"),
            Look(now, zone, 36, "sheen", "matte", "wheel"),
            Look(now, zone, 22, "pat", "puff", "front-carpet"),
            Look(now, zone, 22, "finger-swipe", "clean", "dash"),
            Look(now, zone, 2, "towel-colour", "brown", "driver-mat"),
        ];

    /// <summary>What the owner tried on a hidden spot of the seats: fabric cleaner passed, strong all-purpose cleaner did not.</summary>
    public static IReadOnlyList<LogRow> SpotTests(DateTimeOffset now, TimeZoneInfo zone) =>
        [
            SpotTest(now, zone, 170, 5, "Fabric cleaner concentrate", 8, LogStore.SpotPassed),
            SpotTest(now, zone, 168, 2, "All-purpose concentrate", 10, LogStore.SpotFailed),
        ];

    private static LogRow SpotTest(
        DateTimeOffset now,
        TimeZoneInfo zone,
        int daysAgo,
        int product,
        string name,
        double waterParts,
        string result
    )
    {
        Guid id = DemoShelf.IdOf(product);
        LogRow row = Event(
            now,
            zone,
            daysAgo,
            18.5,
            $"{id}",
            "under the rear bench",
            "driver-seat",
            "passenger-seat",
            "rear-seat-driver-side",
            "rear-seat-centre",
            "rear-seat-passenger-side"
        );
        row.Kind = LogEntryKind.SpotTest;
        row.Result = result;
        row.Products.Add(
            new ProductUseRow
            {
                ProductId = id,
                Name = name,
                Strength = Strength.FromWaterParts(waterParts).Share,
            }
        );
        return row;
    }

    private static LogRow Look(
        DateTimeOffset now,
        TimeZoneInfo zone,
        int daysAgo,
        string inspection,
        string result,
        string surface
    )
    {
        LogRow row = Event(now, zone, daysAgo, 19.2, inspection, string.Empty, surface);
        row.Kind = LogEntryKind.Look;
        row.Result = result;
        return row;
    }

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
