namespace Cove.Core.Tests;

/// <summary>Makes logs for tests.</summary>
internal static class AnyLog
{
    /// <summary>When the records of all levels begin.</summary>
    public static readonly DateTimeOffset Start = new(2025, 1, 4, 9, 0, 0, TimeSpan.Zero);

    private const int Days = 400;

    /// <summary>A level begun for every task and surface of a car.</summary>
    public static IReadOnlyList<LogEntry> Beginnings(Vehicle vehicle, double level = 0.6) =>
        [
            .. CareBook
                .For(vehicle)
                .SelectMany(item =>
                    item.Surfaces.Select(surface => new LevelBegan(
                        new(Guid.NewGuid()),
                        Start,
                        new CareKey(item.Task.Id, surface.Id),
                        new Level(level)
                    ))
                ),
        ];

    /// <summary>Anything that can be logged of a car, in any order, some of it at one instant.</summary>
    public static Gen<IReadOnlyList<LogEntry>> Of(Vehicle vehicle) =>
        Entry(vehicle).ListOf().Select(entries => (IReadOnlyList<LogEntry>)[.. entries]);

    /// <summary>One entry.</summary>
    public static Gen<LogEntry> Entry(Vehicle vehicle)
    {
        IReadOnlyList<CareItem> items = CareBook.For(vehicle);
        return Gen.OneOf(
            Done(items),
            Done([.. items.Where(item => item.Task.Stage == Stage.Glass)]),
            Happening(vehicle),
            Check(vehicle),
            Deep(vehicle),
            from at in Instants
            from id in Ids
            select (LogEntry)new ChoreDone(id, at, "set-up")
        );
    }

    /// <summary>Instants of the record. Few hours of the day, so that some coincide and some checks are of one occasion.</summary>
    public static Gen<DateTimeOffset> Instants { get; } =
        from day in Gen.Choose(0, Days)
        from hour in Gen.Elements(0, 3, 20)
        select Start.AddDays(day).AddHours(hour);

    private static Gen<EntryId> Ids { get; } = Gen.Constant(0).Select(_ => new EntryId(Guid.NewGuid()));

    private static Gen<LogEntry> Done(IReadOnlyList<CareItem> items) =>
        from item in Gen.Elements(items.ToArray())
        from at in Instants
        from id in Ids
        from removed in Gen.Elements(1.0, 1.0, 0.5)
        from methods in Gen.Elements(true, true, false)
        from glass in Gen.Elements(GlassMethods.All.ToArray())
        from rounds in Gen.Choose(1, 2)
        from coat in Gen.Choose(0, 7)
        from some in Gen.SubListOf<SurfaceId>([.. item.Surfaces.Select(surface => surface.Id)])
        select (LogEntry)
            new TaskDone(id, at, item.Task.Id, new Share(removed))
            {
                SurfaceIds = [.. some],
                Coat = (CoatTraits)coat,
                Methods = methods
                    ?
                    [
                        new MethodUsed(
                            item.Task.Stage == Stage.Glass
                                ? glass.Method.Id
                                : MethodLibrary.For(item.Task, item.Surfaces[0].Make)[0].Id,
                            rounds,
                            [.. item.Surfaces.Select(surface => surface.Id)]
                        ),
                    ]
                    : [],
            };

    private static Gen<LogEntry> Happening(Vehicle vehicle) =>
        from happening in Gen.Elements(CareEvents.All.ToArray())
        from surfaces in Gen.SubListOf<SurfaceId>([.. vehicle.InCare().Select(surface => surface.Id)])
        from at in Instants
        from id in Ids
        select (LogEntry)new Happened(id, at, happening.Id, [.. surfaces]);

    private static Gen<LogEntry> Deep(Vehicle vehicle) =>
        from parts in Gen.Choose(1, 31)
        from who in Gen.Elements(Enum.GetValues<DeepCleanBy>())
        from surfaces in Gen.SubListOf<SurfaceId>([.. vehicle.InCare().Select(surface => surface.Id)])
        from at in Instants
        from id in Ids
        select (LogEntry)new DeepCleaned(id, at, who, (DeepCleanParts)parts) { SurfaceIds = [.. surfaces] };

    private static Gen<LogEntry> Check(Vehicle vehicle) =>
        from surface in Gen.Elements(vehicle.InCare().ToArray())
        from inspection in Gen.Elements(InspectionTable.For(surface).ToArray())
        from result in Gen.Elements(inspection.Results.ToArray())
        from at in Instants
        from id in Ids
        select (LogEntry)new Checked(id, at, inspection.Id, result.Id, [surface.Id]);
}
