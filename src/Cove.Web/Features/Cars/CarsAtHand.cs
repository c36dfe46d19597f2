namespace Cove.Web.Features.Cars;

/// <summary>Keeps the cars that were last asked for as they were computed, as long as nothing is stored and the clock shows the same minute.</summary>
internal sealed class CarsAtHand(DataStamp stamp, OwnerClock clock)
{
    /// <summary>A household looks at few cars at a time.</summary>
    private const int MostKept = 8;

    private readonly Lock turn = new();
    private readonly LinkedList<Kept> kept = new();

    /// <summary>A car as it stands now. Null when the owner has none of that id.</summary>
    /// <param name="vehicleId">The car.</param>
    /// <param name="services">Where it is read from when it is not at hand.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<CarAtHand?> Get(VehicleId vehicleId, CarSources services, CancellationToken cancel)
    {
        // Asked before reading: what is stored meanwhile makes the next request read anew.
        var state = (stamp.Now(), clock.Now.ToUnixTimeSeconds() / 60);
        lock (turn)
        {
            if (kept.FirstOrDefault(car => car.VehicleId == vehicleId && car.State == state) is { } found)
            {
                return found.Car;
            }
        }

        if (await services.Vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return null;
        }

        CarShelf shelf = await services.Shelves.For(ledger, cancel);
        DateTimeOffset now = clock.Now;
        Workplace place = await PlaceOf(vehicleId, services, now, cancel);
        var today = new DayConditions(
            place,
            Supplies.Of(shelf.Shelf.Products, await services.Shelves.Uses(shelf.Shelf, cancel), clock.Today),
            DampSurfaces.Of(
                await services.Log.DoneSince(vehicleId, now - DampSurfaces.Reach, cancel),
                ledger.Vehicle.InCare(),
                now
            ),
            new SpotBook(
                await services.Log.Spots(vehicleId, cancel),
                ledger.Vehicle.InCare(),
                now,
                new SpotSurroundings(place.DryingTimes, () => ledger.Vehicle.ToCabin().Plan)
            )
        )
        {
            Hair = AnimalHair.On(
                await services.Log.HairSince(vehicleId, now - AnimalHair.Reach, cancel),
                ledger.Vehicle.InCare()
            ),
        };
        var car = new CarAtHand(new DayPlan(shelf, await services.Reminders.Paces(cancel), now, today));
        lock (turn)
        {
            foreach (Kept old in kept.Where(car => car.VehicleId == vehicleId).ToArray())
            {
                kept.Remove(old);
            }

            kept.AddFirst(new Kept(vehicleId, state, car));
            if (kept.Count > MostKept)
            {
                kept.RemoveLast();
            }
        }

        return car;
    }

    /// <summary>Where the owner works: as they said today; if they did not, where the slot of today is.</summary>
    private async Task<Workplace> PlaceOf(
        VehicleId vehicleId,
        CarSources services,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        Workplace said = await services.Places.Find(vehicleId, now, cancel) ?? Workplace.Usual;
        if (said.WasSaidToday || await services.Routines.Find(vehicleId, cancel) is not { } routine)
        {
            return said;
        }

        return routine.Routine.Days(clock.Today, clock.Today, clock.Zone) is [var day, ..]
            ? day.Slot.Place.ToWorkplace()
            : said;
    }

    private sealed record Kept(Guid VehicleId, (long, long) State, CarAtHand Car);
}

/// <summary>Where a car is read from.</summary>
/// <param name="Vehicles">The car itself.</param>
/// <param name="Shelves">What serves it.</param>
/// <param name="Reminders">How fast its owner works.</param>
/// <param name="Places">Where its owner works.</param>
/// <param name="Log">What was done lately.</param>
/// <param name="Routines">Where the slots of its routine are.</param>
internal sealed record CarSources(
    VehicleStore Vehicles,
    ShelfStore Shelves,
    ReminderStore Reminders,
    PlaceStore Places,
    LogStore Log,
    RoutineStore Routines
);
