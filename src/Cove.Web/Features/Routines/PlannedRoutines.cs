using Cove.Web.Features.Cars;

namespace Cove.Web.Features.Routines;

/// <summary>Plans routines for those who ask over the network: brings together what is stored and the planner.</summary>
internal sealed class PlannedRoutines(
    RoutineStore store,
    CarsAtHand cars,
    CarSources sources,
    OwnerClock clock
)
{
    /// <summary>How many months are planned unless somebody asks for others.</summary>
    public const int UsualMonths = 12;

    /// <summary>The routine that is kept and the plan of it; null when the owner has no vehicle of that id.</summary>
    public async Task<(SavedRoutine Saved, RoutinePlan Plan)?> Kept(
        VehicleId vehicleId,
        int months,
        CancellationToken cancel
    )
    {
        if (await Find(vehicleId, cancel) is not var (saved, car))
        {
            return null;
        }

        RoutinePlan plan = await car.Once(
            $"routine {saved.Version} {months}",
            () => Plan(vehicleId, saved.Routine, saved.Standing, months, car, CancellationToken.None)
        );
        return (saved, plan);
    }

    /// <summary>The routine that is kept, and the car; null when the owner has no vehicle of that id.</summary>
    public async Task<(SavedRoutine Saved, CarAtHand Car)?> Find(
        VehicleId vehicleId,
        CancellationToken cancel
    ) =>
        await store.Find(vehicleId, cancel) is { } saved
        && await cars.Get(vehicleId, sources, cancel) is { } car
            ? (saved, car)
            : null;

    /// <summary>Plans a routine that takes the place of the one that is kept.</summary>
    public Task<RoutinePlan> Instead(
        VehicleId vehicleId,
        CarRoutine routine,
        SavedRoutine saved,
        CarAtHand car,
        CancellationToken cancel
    ) =>
        Plan(
            vehicleId,
            routine,
            RoutineChange.IsOfSlots(saved.Routine, routine) ? null : saved.Standing,
            UsualMonths,
            car,
            cancel
        );

    /// <summary>The days of slots that passed without a session since a vehicle was last cared for.</summary>
    public async Task<IReadOnlyList<DateOnly>> Missed(
        VehicleId vehicleId,
        CarRoutine routine,
        CancellationToken cancel
    )
    {
        Dictionary<TaskId, DateOnly> lastDone = await LastDone(vehicleId, cancel);
        return MissedSlots.Since(
            routine,
            lastDone.Count > 0 ? lastDone.Values.Max() : null,
            clock.Today,
            clock.Zone
        );
    }

    /// <summary>The session that is planned for the slot of today; null when there is no slot today, or nothing of it can be done.</summary>
    public async Task<PlannedSession?> SessionOfToday(VehicleId vehicleId, CancellationToken cancel)
    {
        if (
            await Kept(vehicleId, UsualMonths, cancel) is not var (_, plan)
            || await cars.Get(vehicleId, sources, cancel) is not { } car
            || plan.Slots.FirstOrDefault(slot => slot.Day.Day == clock.Today) is not { } slot
        )
        {
            return null;
        }

        TaskId[] tasks = [.. slot.Tasks.Select(visit => visit.Item.Task.Id)];
        PlannedSession session = car.Use(day => day.SlotSession(tasks, slot.Day.Minutes));
        return session.Steps.Count > 0 ? session : null;
    }

    /// <summary>The calendar of a vehicle; null when the owner has none of that id.</summary>
    public async Task<string?> Calendar(VehicleId vehicleId, Uri start, CancellationToken cancel)
    {
        if (
            await Kept(vehicleId, UsualMonths, cancel) is not var (_, plan)
            || await cars.Get(vehicleId, sources, cancel) is not { } car
        )
        {
            return null;
        }

        string name = car.Day.Ledger.Vehicle.Name;
        IReadOnlyList<PlannedDay> days = RoutineCalendar.Days(plan, clock.Today);
        IReadOnlyDictionary<string, DayRevision> revisions = await store.Revise(
            vehicleId,
            days.ToDictionary(
                RoutineCalendar.UidOf,
                day => RoutineCalendar.ContentOf(day, name, clock.Zone),
                StringComparer.Ordinal
            ),
            clock.Now,
            cancel
        );
        return RoutineCalendar.Write(days, revisions, name, start, clock.Zone);
    }

    private async Task<RoutinePlan> Plan(
        VehicleId vehicleId,
        CarRoutine routine,
        StandingPlan? standing,
        int months,
        CarAtHand car,
        CancellationToken cancel
    )
    {
        Dictionary<TaskId, DateOnly> lastDone = await LastDone(vehicleId, cancel);
        // Whoever has cleaned today has used the slot of today.
        DateOnly from = lastDone.ContainsValue(clock.Today) ? clock.Today.AddDays(1) : clock.Today;
        return car.Use(day =>
            new RoutinePlanner(
                new CarYear(day.Car, day.Methods.Paces, day.Now, clock.Zone),
                lastDone,
                clock.Zone
            ).Plan(routine, months, standing, from)
        );
    }

    private async Task<Dictionary<TaskId, DateOnly>> LastDone(
        VehicleId vehicleId,
        CancellationToken cancel
    ) =>
        (await sources.Log.LastDone(vehicleId, cancel)).ToDictionary(
            task => task.Key,
            task => DateOnly.FromDateTime(clock.OnTheWall(task.Value).DateTime)
        );
}
