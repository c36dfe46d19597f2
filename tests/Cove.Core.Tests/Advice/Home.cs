namespace Cove.Core.Tests.Advice;

/// <summary>A household as a test describes it: a car at some level of soil, what its owner has, and where they work.</summary>
internal sealed record Home
{
    public static readonly DateTimeOffset Now = new(2026, 6, 13, 9, 30, 0, TimeSpan.Zero);

    public CabinLayout Layout { get; init; } = CabinLayout.Usual(BodyType.Estate);

    public double Soil { get; init; } = 1.1;

    /// <summary>The soil where it is another one; null for <see cref="Soil"/>.</summary>
    public Func<CareKey, double?> SoilOf { get; init; } = _ => null;

    /// <summary>The surfaces that their owner marked as worn.</summary>
    public SurfaceId[] Worn { get; init; } = [];

    public ProductClass[] Shelf { get; init; } = [];

    /// <summary>How much is left in the one bottle of each product; null for not measured.</summary>
    public Quantity? LeftOfEach { get; init; }

    public Tool[] Tools { get; init; } = [];

    public WaysOfWorking Ways { get; init; } = WaysOfWorking.Default;

    public CarUse Use { get; init; } = CarUse.Reference;

    public Workplace Place { get; init; } = Workplace.Usual;

    public LogEntry[] Log { get; init; } = [];

    public DayPlan Day
    {
        get
        {
            Vehicle whole = AnyCar.Of(Layout);
            Vehicle vehicle = whole with
            {
                Surfaces =
                [
                    .. whole.Surfaces.Select(surface =>
                        Worn.Contains(surface.Id) ? surface with { Wear = "rubbed bolster" } : surface
                    ),
                ],
            };
            CareLedger own = AnyCar.Ledger(
                vehicle,
                new Usage([new UsageEntry(Now.AddDays(-400), Use)]),
                key => new CareState(Now, new Level(SoilOf(key) ?? Soil)),
                Ways
            );
            var shelf = new Shelf(
                [
                    .. Shelf.Select(
                        (known, at) =>
                            Product.OfClass(new(new Guid(at + 1, 0, 0, new byte[8])), $"{known}", known) with
                            {
                                Bottles = LeftOfEach is { } left
                                    ?
                                    [
                                        new Bottle(
                                            new BottleId(new Guid(at + 1, 1, 0, new byte[8])),
                                            left,
                                            left,
                                            Now
                                        ),
                                    ]
                                    : [],
                            }
                    ),
                ],
                [.. Tools.Select(tool => new OwnedTool(tool, 1, string.Empty))],
                [],
                Ways
            );
            return new DayPlan(
                new CarShelf(own, shelf, ShelfRecords.None),
                OwnerPaces.Nothing,
                Now,
                new DayConditions(
                    Place,
                    Supplies.Of(
                        shelf.Products,
                        Array.Empty<ProductUse>().ToLookup(_ => default(ProductId)),
                        DateOnly.FromDateTime(Now.Date)
                    ),
                    DampSurfaces.Of(Log, own.Vehicle.InCare(), Now),
                    new SpotBook(Log, own.Vehicle.InCare(), Now)
                )
            );
        }
    }

    /// <summary>Why a task is held back; null when it is not.</summary>
    public HeldBack? Held(TaskId taskId) =>
        Day.Offer.Held.FirstOrDefault(held => held.Status.Item.Task.Id == taskId);

    /// <summary>The session for some minutes.</summary>
    public SessionPlan Session(int minutes) => Day.Session(minutes).Plan;
}
