namespace Cove.Core.Tests.Routine;

/// <summary>Invents cars with a full shelf, and routines for them.</summary>
internal static class AnyRoutine
{
    public static readonly Shelf FullShelf = new(
        [
            .. Enum.GetValues<ProductClass>()
                .Select(
                    (known, at) =>
                        Product.OfClass(new(new Guid(at + 1, 0, 0, new byte[8])), $"{known}", known)
                ),
        ],
        [],
        [],
        WaysOfWorking.Default
    );

    /// <summary>A slot.</summary>
    public static Slot Slot(string rule, DateOnly from, int minutes, Standing standing = Standing.AnHour) =>
        new(
            new SlotId(new Guid(from.DayNumber, (short)minutes, (short)standing, new byte[8])),
            RecurrenceRule.Parse(rule),
            from,
            new TimeOnly(9, 30),
            minutes
        )
        {
            Place = SlotPlace.Usual with { Standing = standing },
        };

    /// <summary>A routine with fewer minutes than a usual car asks for, so that it matters what they go to: every week, and longer now and then with the car left to dry.</summary>
    public static CarRoutine Scarce(Random random, DateOnly today)
    {
        int[] weeks = [6, 8, 13];
        return new CarRoutine([
            Slot("FREQ=WEEKLY", today.AddDays(random.Next(7)), 5 * random.Next(2, 4)),
            Slot(
                $"FREQ=WEEKLY;INTERVAL={weeks[random.Next(weeks.Length)]}",
                today.AddDays(random.Next(30)),
                15 * random.Next(2, 4),
                Standing.UntilTomorrow
            ),
        ]);
    }
}

/// <summary>A usual car of any body, used about as most are, in any state, whose days can go on.</summary>
internal sealed class UsualCar
{
    private readonly Vehicle vehicle;
    private readonly Usage usage;
    private readonly Dictionary<CareKey, CareState> states = [];

    public UsualCar(Random random)
    {
        BodyType[] bodies = Enum.GetValues<BodyType>();
        Now = new DateTimeOffset(2026, 1, 3, 8, 0, 0, TimeSpan.Zero).AddDays(random.Next(365));
        vehicle = AnyCar.Of(CabinLayout.Usual(bodies[random.Next(bodies.Length)]));
        usage = new Usage([
            new UsageEntry(
                Now.AddDays(-400),
                CarUse.Reference with
                {
                    Children = random.Next(3) == 0 ? 1 : 0,
                    Eating = (Often)random.Next(3),
                    OpenWindows = (Often)random.Next(3),
                }
            ),
        ]);
        foreach (CareItem item in CareBook.For(vehicle))
        {
            foreach (Surface surface in item.Surfaces)
            {
                states[new CareKey(item.Task.Id, surface.Id)] = new CareState(
                    Now,
                    new Level(random.NextDouble() * 1.1)
                );
            }
        }
    }

    public DateTimeOffset Now { get; private set; }

    /// <summary>How it is used.</summary>
    public CarUse Use => usage.At(Now).Use;

    public CarYear Year => YearOf(new CareLedger(vehicle, usage, states, null, AnyRoutine.FullShelf.Ways));

    /// <summary>The same car if it were used otherwise from now on.</summary>
    public CarYear YearUsedAs(CarUse use) =>
        YearOf(new CareLedger(vehicle, usage, states, null, AnyRoutine.FullShelf.Ways).UsedAs(use, Now));

    private CarYear YearOf(CareLedger ledger) =>
        new(
            new CarShelf(ledger, AnyRoutine.FullShelf, ShelfRecords.None),
            OwnerPaces.Nothing,
            Now,
            TimeZoneInfo.Utc
        );

    /// <summary>A day of a slot passes on which some tasks came clean, or none did.</summary>
    public void Pass(PlannedDay day, bool done)
    {
        DateTimeOffset at = day.Day.StartsAt(TimeZoneInfo.Utc);
        foreach (PlannedVisit visit in done ? day.Tasks : [])
        {
            foreach (Surface surface in visit.Item.Surfaces)
            {
                states[new CareKey(visit.Item.Task.Id, surface.Id)] = new CareState(at, Level.Fresh);
            }
        }

        Now = at.AddDays(1);
    }
}
