namespace Cove.Core.Tests.Advice;

/// <summary>A household drawn at random: a car in any state, whatever stands on its shelf, a place to work, and what was done lately.</summary>
internal sealed class AnyHousehold
{
    private static readonly TaskId[] LatelyDone =
    [
        "clean-leather",
        "clean-fabric-seats",
        "foam-carpets",
        "seat-belts",
        "wipe-dash",
        "wash-rubber-mats",
        "raise-nap",
    ];

    private readonly Random random;

    private AnyHousehold(int seed, CabinLayout layout, CarUse use)
    {
        random = new Random(seed);
        Seed = seed;
        Now = new DateTimeOffset(2026, 1, 10, 9, 30, 0, TimeSpan.Zero).AddDays(random.Next(365));
        Shelf = new Shelf([.. Products()], [.. Tools()], [], Ways());
        double height = random.NextDouble() * 2.2;
        Ledger = AnyCar.Ledger(
            Worn(AnyCar.Of(layout)),
            new Usage([new UsageEntry(Now.AddDays(-400), use)]),
            _ => new CareState(Now, new Level(random.NextDouble() * height)),
            Shelf.Ways
        );
        Place = new Workplace
        {
            Tap = random.Next(4) > 0,
            Power = random.Next(4) > 0,
            Standing = (Standing)random.Next(3),
            AtGlass = new GlassConditions(
                random.Next(6) == 0,
                (GlassTouch)(random.Next(5) == 0 ? random.Next(3) : 0),
                random.Next(8) == 0
            ),
        };
        Log = [.. Lately(), .. Happenings()];
        Day = new DayPlan(
            new CarShelf(Ledger, Shelf, ShelfRecords.None),
            OwnerPaces.Nothing,
            Now,
            new DayConditions(
                Place,
                Supplies.Of(
                    Shelf.Products,
                    Array.Empty<ProductUse>().ToLookup(taken => taken.ProductId),
                    Today
                ),
                DampSurfaces.Of(Log, Ledger.Vehicle.InCare(), Now),
                new SpotBook(
                    Log,
                    Ledger.Vehicle.InCare(),
                    Now,
                    new SpotSurroundings(Place.DryingTimes, () => Ledger.Vehicle.ToCabin().Plan)
                )
            )
        );
    }

    public int Seed { get; }

    public DateTimeOffset Now { get; }

    public DateOnly Today => DateOnly.FromDateTime(Now.DateTime);

    public Shelf Shelf { get; }

    public CareLedger Ledger { get; }

    public Workplace Place { get; }

    public IReadOnlyList<LogEntry> Log { get; }

    public DayPlan Day { get; }

    /// <summary>Any household.</summary>
    public static Gen<AnyHousehold> All { get; } =
        from layout in AnyCar.Layouts
        from use in AnyCar.Uses
        from seed in Gen.Choose(0, int.MaxValue)
        select new AnyHousehold(seed, layout, use);

    public override string ToString() =>
        $"seed {Seed}, {Ledger.Vehicle.Layout}, {Place}, shelf: {string.Join(", ", Shelf.Products.Select(product => product.Make.Class))}";

    /// <summary>The car with something worn here and there.</summary>
    private Vehicle Worn(Vehicle car) =>
        car with
        {
            Surfaces =
            [
                .. car.Surfaces.Select(surface =>
                    random.Next(8) == 0 ? surface with { Wear = "rubbed" } : surface
                ),
            ],
        };

    private WaysOfWorking Ways() =>
        random.Next(3) == 0
            ? WaysOfWorking.Default
            : new WaysOfWorking
            {
                Dust = Any<DustSchool>(),
                Glass = Any<GlassTurn>(),
                Zones = Any<ZoneSchool>(),
                Products = Any<ProductSchool>(),
                Screens = Any<ScreenSchool>(),
                GlassLiquid = Any<GlassLiquid>(),
                Fabric = Any<FabricSchool>(),
                Finish = Any<FinishSchool>(),
                Leather = Any<LeatherSchool>(),
                Drying = Any<DryingSchool>(),
                Steam = Any<SteamSchool>(),
                Pile = Any<PileSchool>(),
                Scent = Any<ScentSchool>(),
                Fold = Any<FoldSchool>(),
                Outside = Any<OutsideSchool>(),
            };

    private IEnumerable<Product> Products()
    {
        ProductClass[] classes =
        [
            .. Enum.GetValues<ProductClass>().Where(known => known != ProductClass.Water),
        ];
        double chance = random.NextDouble();
        foreach (ProductClass known in classes.Where(_ => random.NextDouble() < chance))
        {
            Product product = Product.OfClass(new ProductId(Fresh()), $"{known}", known);
            yield return product with
            {
                Bottles = [.. Enumerable.Range(0, random.Next(3)).Select(_ => Bottle(product))],
            };
        }
    }

    private Bottle Bottle(Product product)
    {
        var size = new Quantity(product.Unit == QuantityUnit.Pieces ? 4 : 500, product.Unit);
        return new Bottle(
            new BottleId(Fresh()),
            size,
            size * (random.Next(3) == 0 ? random.NextDouble() * 0.1 : random.NextDouble()),
            Now.AddDays(-30)
        )
        {
            Opened = random.Next(2) == 0 ? Today.AddDays(-random.Next(1200)) : null,
        };
    }

    private IEnumerable<OwnedTool> Tools() =>
        random.Next(2) == 0
            ? []
            : OwnedTool
                .Ownable.Where(_ => random.Next(4) > 0)
                .Select(tool => new OwnedTool(tool, 1, string.Empty));

    private IEnumerable<LogEntry> Lately() =>
        LatelyDone
            .Where(_ => random.Next(5) == 0)
            .Select(task => new TaskDone(
                new EntryId(Fresh()),
                Now.AddMinutes(-random.Next(1, 300)),
                task,
                Share.All
            ));

    private IEnumerable<LogEntry> Happenings()
    {
        CareEvent[] spots = [.. CareEvents.All.Where(known => known.Spot is not null)];
        Surface[] surfaces =
        [
            .. Ledger.Vehicle.InCare().Where(surface => SpotGrounds.CanHappenTo(surface.Kind)),
        ];
        for (int i = random.Next(4); i > 0; i--)
        {
            CareEvent happening = spots[random.Next(spots.Length)];
            SurfaceId surface = surfaces[random.Next(surfaces.Length)].Id;
            DateTimeOffset at = Now.AddMinutes(-random.Next(1, 3000));
            yield return new Happened(new EntryId(Fresh()), at, happening.Id, [surface]);
            if (random.Next(2) == 0)
            {
                yield return new SpotTreated(
                    new EntryId(Fresh()),
                    at + ((Now - at) * random.NextDouble()),
                    happening.Id,
                    surface,
                    Any<SpotOutcome>()
                );
            }

            if (random.Next(3) == 0)
            {
                yield return new ClosureChanged(
                    new EntryId(Fresh()),
                    at + ((Now - at) * random.NextDouble()),
                    Any<ClosureState>(),
                    [surface]
                );
            }
        }
    }

    private T Any<T>()
        where T : struct, Enum => Enum.GetValues<T>()[random.Next(Enum.GetValues<T>().Length)];

    private Guid Fresh()
    {
        byte[] bytes = new byte[16];
        random.NextBytes(bytes);
        return new Guid(bytes);
    }
}
