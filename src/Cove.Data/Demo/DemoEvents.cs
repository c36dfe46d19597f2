namespace Cove.Data;

/// <summary>What befell the beekeeper's estate, and what its owner saw of it.</summary>
internal static class DemoEvents
{
    public static IReadOnlyList<LogEntry> OfTheEstate(DateTimeOffset now, TimeZoneInfo zone) =>
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
    public static IReadOnlyList<LogEntry> SpotTests(DateTimeOffset now, TimeZoneInfo zone) =>
        [
            SpotTest(now, zone, 170, 5, "Fabric cleaner concentrate", 8, passed: true),
            SpotTest(now, zone, 168, 2, "All-purpose concentrate", 10, passed: false),
        ];

    private static SpotTested SpotTest(
        DateTimeOffset now,
        TimeZoneInfo zone,
        int daysAgo,
        int product,
        string name,
        double waterParts,
        bool passed
    )
    {
        DateTimeOffset at = At(now, zone, daysAgo, 18.5);
        return new SpotTested(
            EntryId.New(at),
            at,
            DemoShelf.IdOf(product),
            name,
            Strength.FromWaterParts(waterParts),
            [
                "driver-seat",
                "passenger-seat",
                "rear-seat-driver-side",
                "rear-seat-centre",
                "rear-seat-passenger-side",
            ],
            passed
        )
        {
            Note = "under the rear bench",
        };
    }

    private static Checked Look(
        DateTimeOffset now,
        TimeZoneInfo zone,
        int daysAgo,
        InspectionId inspection,
        string result,
        SurfaceId surface
    )
    {
        DateTimeOffset at = At(now, zone, daysAgo, 19.2);
        return new Checked(EntryId.New(at), at, inspection, result, [surface]);
    }

    private static Happened Event(
        DateTimeOffset now,
        TimeZoneInfo zone,
        int daysAgo,
        double hour,
        EventId happening,
        string note,
        params SurfaceId[] surfaces
    )
    {
        DateTimeOffset at = At(now, zone, daysAgo, hour);
        return new Happened(EntryId.New(at), at, happening, surfaces) { Note = note };
    }

    private static DateTimeOffset At(DateTimeOffset now, TimeZoneInfo zone, int daysAgo, double hour)
    {
        DateTime local = TimeZoneInfo.ConvertTime(now, zone).Date.AddDays(-daysAgo).AddHours(hour);
        return new DateTimeOffset(local, zone.GetUtcOffset(local));
    }
}
