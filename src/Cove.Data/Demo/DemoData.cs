namespace Cove.Data;

/// <summary>Fills an empty database with an invented owner's cars and half a year of their upkeep.</summary>
/// <remarks>The history is laid down backwards from the present and is the same for the same present, so the demo is always alive and always alike.</remarks>
public sealed class DemoData
{
    private const int WeeksOfHistory = 26;

    private static readonly TimeSpan UsualStart = new(9, 30, 0);

    private static readonly CabinLayout Estate = CabinLayout.Usual(BodyType.Estate) with
    {
        SeatMaterial = Material.FabricWithMicrosuede,
        FrontMats = Material.Rubber,
        Trim = Finish.Gloss,
        Boot = Material.Rubber,
        TintedRear = true,
    };

    private static readonly CabinLayout Runabout = CabinLayout.Usual(BodyType.CityCar) with
    {
        SeatMaterial = Material.SyntheticLeather,
        WheelMaterial = Material.SyntheticLeather,
        FrontMats = Material.Rubber,
        Screens = 2,
    };

    /// <summary>A hobby beekeeper on a windy coast: a smoker's smoke on the clothes, hives in the boot, salt on the winter roads.</summary>
    private static readonly CarUse Beekeeping = new()
    {
        Distance = WeeklyDistance.FromKilometres(220),
        Smoke = SmokeHabit.Around,
        GritMonths = MonthSet.Of(12, 1, 2),
        SunCreamMonths = MonthSet.Of(6, 7, 8),
        DustyWork = Often.Sometimes,
        Preventions = Preventions.AllWeatherMats | Preventions.BootLiner,
    };

    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly ShelfStore shelves;
    private readonly LevelStore levels;

    internal DemoData(CoveContext context, VehicleStore vehicles, ShelfStore shelves, LevelStore levels)
    {
        this.shelves = shelves;
        this.context = context;
        this.vehicles = vehicles;
        this.levels = levels;
    }

    /// <summary>Lays the demo down, unless the database holds a vehicle already.</summary>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">Where the invented owner lives.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task LayDown(DateTimeOffset now, TimeZoneInfo zone, CancellationToken cancel = default)
    {
        if (await context.Vehicles.AnyAsync(cancel))
        {
            return;
        }

        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        IReadOnlyList<DateTimeOffset> slots = Slots(now, zone);
        await Furnish(slots[0] - TimeSpan.FromDays(3), cancel);
        SavedVehicle estate = await vehicles.Add(
            "Kestrin Marram",
            "2021 five-door estate",
            Estate,
            Beekeeping,
            task => FirstLook.LivedIn.StartingLevel(task),
            slots[0] - TimeSpan.FromDays(3),
            cancel
        );
        await Try(estate.Id, now, zone, cancel);
        await Simulate(
            estate.Id,
            [.. slots.Where((_, week) => week % 9 != 8 || week == slots.Count - 1)],
            DemoEvents.OfTheEstate(now, zone),
            cancel
        );

        await Keep(estate.Id, slots[0], now, zone, cancel);
        SavedVehicle runabout = await vehicles.Add(
            "Kestrin Pip",
            "2023 two-seat electric runabout",
            Runabout,
            CarUse.Reference with
            {
                Distance = WeeklyDistance.FromKilometres(90),
                People = 1,
            },
            task => FirstLook.LivedIn.StartingLevel(task),
            slots[0] - TimeSpan.FromDays(2),
            cancel
        );
        await Simulate(runabout.Id, [.. slots.Where((_, week) => week % 3 == 1)], [], cancel);
        await scope.CommitAsync(cancel);
    }

    /// <summary>The routine that the history follows: Saturdays, and the garage every eighth week; belts in the month in which the garage comes next.</summary>
    private async Task Keep(
        VehicleId vehicleId,
        DateTimeOffset begun,
        DateTimeOffset now,
        TimeZoneInfo zone,
        CancellationToken cancel
    )
    {
        var first = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(begun, zone).DateTime);
        var start = TimeOnly.FromTimeSpan(UsualStart);
        var garageSlot = new Slot(
            SlotId.New(begun),
            RecurrenceRule.Parse("FREQ=WEEKLY;INTERVAL=8"),
            first.AddDays(36),
            new TimeOnly(10, 0),
            75
        )
        {
            Place = new SlotPlace(SlotGround.Garage, true, true, true, Standing.UntilTomorrow),
        };
        DateOnly today = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime);
        DateOnly garage = new CarRoutine([garageSlot]).Days(today, today.AddDays(60), zone)[0].Day;
        var routine = new CarRoutine([
            new Slot(SlotId.New(begun), RecurrenceRule.Parse("FREQ=WEEKLY"), first, start, 25)
            {
                // An evening put in between that nothing came of.
                Changes =
                [
                    new SlotChange(today.AddDays(-3), SlotChangeKind.Added)
                    {
                        Time = new TimeOnly(18, 0),
                        Minutes = 15,
                    },
                ],
            },
            garageSlot,
        ])
        {
            Pins = [new Pin("seat-belts", PinKind.InMonths) { Months = [garage.Month] }],
        };
        VehicleRow row = await context.Vehicles.SingleAsync(known => known.Id == vehicleId, cancel);
        row.Routine = RoutineDocument.Of(routine);
        row.RoutineVersion = 1;
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Saturday mornings, the last of them more than four days ago so that there is something to do.</summary>
    private static IReadOnlyList<DateTimeOffset> Slots(DateTimeOffset now, TimeZoneInfo zone)
    {
        DateOnly day = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime).AddDays(-5);
        while (day.DayOfWeek != DayOfWeek.Saturday)
        {
            day = day.AddDays(-1);
        }

        return
        [
            .. Enumerable
                .Range(0, WeeksOfHistory)
                .Select(week =>
                {
                    DateTime local =
                        day.AddDays(-7 * (WeeksOfHistory - 1 - week)).ToDateTime(default) + UsualStart;
                    return new DateTimeOffset(local, zone.GetUtcOffset(local)).ToUniversalTime();
                }),
        ];
    }

    private async Task Furnish(DateTimeOffset begun, CancellationToken cancel)
    {
        context.Products.AddRange(
            new DemoShelf(begun).Products.Select(
                (product, position) =>
                    new ProductRow
                    {
                        Id = product.Id,
                        Position = position,
                        DetailsJson = string.Empty,
                        Product = product,
                        Version = 1,
                    }
            )
        );
        context.Kits.Add(
            new KitRow
            {
                Id = Guid.CreateVersion7(begun),
                KitJson = string.Empty,
                Kit = DemoShelf.Kit,
                Version = 1,
            }
        );
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Two spot tests on the seats, and what the handbook says of the screens.</summary>
    private async Task Try(
        VehicleId vehicleId,
        DateTimeOffset now,
        TimeZoneInfo zone,
        CancellationToken cancel
    )
    {
        context.Log.AddRange(DemoEvents.SpotTests(now, zone).Select(test => LogRows.Of(test, vehicleId)));

        context.Instructions.Add(
            new InstructionRow
            {
                Id = Guid.CreateVersion7(now),
                VehicleId = vehicleId,
                SurfaceId = "screen",
                ProductId = DemoShelf.IdOf(3),
                Allows = true,
                Note = "Handbook, chapter on care: ammonia-free glass cleaner on a cloth is allowed.",
                At = now - TimeSpan.FromDays(100),
            }
        );
        await context.SaveChangesAsync(cancel);
    }

    private async Task Simulate(
        VehicleId vehicleId,
        IReadOnlyList<DateTimeOffset> slots,
        IReadOnlyList<LogEntry> happenings,
        CancellationToken cancel
    )
    {
        CareLedger ledger = (await vehicles.Ledger(vehicleId, cancel))!;
        List<CareStateRow> states = await context
            .CareStates.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId)
            .ToListAsync(cancel);
        CarShelf car = await shelves.For(ledger, cancel);
        var life = new DemoLife(car, [.. states.Select(state => state.Beginning)]);
        context.Log.AddRange(life.Simulate(slots, happenings).Select(entry => LogRows.Of(entry, vehicleId)));
        await context.SaveChangesAsync(cancel);
        await levels.Refresh(ledger, cancel);
    }
}
