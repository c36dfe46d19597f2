using Cove.Web.Features.Cars;

namespace Cove.Web.Features.Routines;

/// <summary>Plans routines for those who ask over the network: brings together what is stored and the planner.</summary>
internal sealed class PlannedRoutines(
    RoutineStore store,
    CarsAtHand cars,
    CarSources sources,
    BusyStore busy,
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

    /// <summary>Plans a routine that takes the place of the one that is kept, and changes of its plan what has to be.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="routine">The routine.</param>
    /// <param name="saved">The one that is kept.</param>
    /// <param name="kept">The plan of that.</param>
    /// <param name="car">The car.</param>
    /// <param name="cancel">Gives up.</param>
    public Task<RoutinePlan> Instead(
        VehicleId vehicleId,
        CarRoutine routine,
        SavedRoutine saved,
        RoutinePlan kept,
        CarAtHand car,
        CancellationToken cancel
    ) =>
        Plan(
            vehicleId,
            routine,
            RoutineChange.IsOfSlots(saved.Routine, routine) ? null : StandingPlan.Of(kept),
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
        IReadOnlyList<CalendarDay> days = car.Use(day =>
        {
            CarYear year = YearOf(day);
            return RoutineCalendar
                .Days(plan, clock.Today)
                .Select(planned => new CalendarDay(planned, Ordered(year, planned)))
                .ToArray();
        });
        IReadOnlyDictionary<string, DayRevision> revisions = await store.Revise(
            vehicleId,
            days.ToDictionary(
                day => day.Uid,
                day => RoutineCalendar.ContentOf(day, name, clock.Zone),
                StringComparer.Ordinal
            ),
            clock.Now,
            cancel
        );
        return RoutineCalendar.Write(days, revisions, name, start, clock.Zone);
    }

    /// <summary>When the owner has something else to do.</summary>
    public Task<BusyTimes> Busy(CancellationToken cancel) => busy.All(cancel);

    /// <summary>Lays out the patterns of slots that can be compared on a car, and reads what its owner has done lately.</summary>
    public async Task<(Frontier Frontier, DoneLately? Lately)> Compare(
        VehicleId vehicleId,
        CarRoutine routine,
        CarAtHand car,
        CancellationToken cancel
    )
    {
        Dictionary<TaskId, DateOnly> lastDone = await LastDone(vehicleId, cancel);
        IReadOnlyList<LogEntry> log = await sources.Log.DoneSince(
            vehicleId,
            clock.Now.AddDays(-DoneLately.Reach),
            cancel
        );
        return car.Use(day =>
        {
            var year = YearOf(day);
            var frontier = new Frontier(year, routine, lastDone, clock.Zone);
            return (frontier, frontier.Lately(log, year));
        });
    }

    /// <summary>What slipped and how it is made good; null when the owner has no vehicle of that id.</summary>
    public async Task<FoundCatchUp?> CatchUp(VehicleId vehicleId, CancellationToken cancel)
    {
        if (await Find(vehicleId, cancel) is not var (saved, car))
        {
            return null;
        }

        IReadOnlyList<DateOnly> missed = await Missed(vehicleId, saved.Routine, cancel);
        if (missed.Count == 0)
        {
            return new FoundCatchUp(saved.Routine, missed, null, null, string.Empty);
        }

        Dictionary<TaskId, DateOnly> lastDone = await LastDone(vehicleId, cancel);
        IEnumerable<DateTimeOffset> cared = (
            await sources.Log.CareSince([vehicleId], clock.Now.AddDays(-SmallerRoutine.Reach), cancel)
        )[vehicleId];
        HashSet<DateOnly> days = [.. cared.Select(at => DateOnly.FromDateTime(clock.OnTheWall(at).DateTime))];
        return car.Use(day =>
        {
            var planner = new RoutinePlanner(YearOf(day), lastDone, clock.Zone);
            var smaller = SmallerRoutine.For(saved.Routine, days, clock.Today, clock.Zone);
            return new FoundCatchUp(
                saved.Routine,
                missed,
                Cove.Core.Routine.Planning.CatchUp.Find(
                    planner,
                    saved.Routine,
                    saved.Standing,
                    missed,
                    clock.Today
                ),
                smaller,
                smaller is null
                    ? string.Empty
                    : Difference(
                        planner.Plan(saved.Routine, UsualMonths, saved.Standing),
                        planner.Plan(smaller.Routine, UsualMonths)
                    )
            );
        });
    }

    /// <summary>Some tasks as a session at a place; null when the owner has no vehicle of that id.</summary>
    public async Task<OrderedSession?> Order(
        VehicleId vehicleId,
        SlotPlace place,
        IReadOnlyCollection<TaskId> taskIds,
        int minutes,
        CancellationToken cancel
    ) =>
        await cars.Get(vehicleId, sources, cancel) is { } car
            ? car.Use(day => OrderedSession.Of(YearOf(day).WorkAt(place), taskIds, minutes))
            : null;

    private static OrderedSession Ordered(CarYear year, PlannedDay planned) =>
        OrderedSession.Of(
            year.WorkAt(planned.Day.Slot.Place),
            [.. planned.Tasks.Select(visit => visit.Item.Task.Id)],
            planned.Day.Minutes
        );

    /// <summary>What one plan would change beside another, in words.</summary>
    public static string Difference(RoutinePlan now, RoutinePlan then) =>
        RoutineDifference.InWords(now.GivenAWeek, Days(now), then.GivenAWeek, Days(then));

    private static Dictionary<CareTask, double> Days(RoutinePlan plan) =>
        plan.Tasks.ToDictionary(task => task.Item.Task, task => task.OverdueDays);

    private CarYear YearOf(DayPlan day) => new(day.Car, day.Methods.Paces, day.Now, clock.Zone);

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
            new RoutinePlanner(YearOf(day), lastDone, clock.Zone).Plan(routine, months, standing, from)
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

/// <summary>What slipped and how it is made good.</summary>
/// <param name="Routine">The routine that is kept.</param>
/// <param name="Missed">The days of slots that passed without a session since the car was last cared for.</param>
/// <param name="CatchUp">The cheapest way to make it good; null when nothing is overdue.</param>
/// <param name="Smaller">A smaller routine; null when this one is kept well enough.</param>
/// <param name="Difference">What that would change, in words.</param>
internal sealed record FoundCatchUp(
    CarRoutine Routine,
    IReadOnlyList<DateOnly> Missed,
    CatchUp? CatchUp,
    SmallerRoutine? Smaller,
    string Difference
);

/// <summary>A coming session in its running order.</summary>
/// <param name="Session">The session.</param>
/// <param name="LeftOut">The tasks that do not fit after all, as an owner would say them.</param>
internal sealed record OrderedSession(PlannedSession Session, IReadOnlyList<string> LeftOut)
{
    /// <summary>What to mix for it, one sentence each. What is left in the bottles is asked on the day.</summary>
    public IReadOnlyList<string> Mixtures =>
        [
            .. SessionMixture
                .Of(Session.Steps, _ => null)
                .Where(mixture => mixture.IsMixed)
                .Select(mixture => mixture.Sentence),
        ];

    /// <summary>What to beware of: the first caution of each method, each once.</summary>
    public IReadOnlyList<string> Cautions =>
        [
            .. Session
                .Steps.SelectMany(step => step.Methods)
                .Select(used => MethodLibrary.Find(used.MethodId)?.Cautions[0])
                .OfType<string>()
                .Distinct(StringComparer.Ordinal),
        ];

    public static OrderedSession Of(WorkAtMark work, IReadOnlyCollection<TaskId> taskIds, int minutes)
    {
        PlannedSession session = work.Session(taskIds, minutes);
        HashSet<TaskId> done = [.. session.Steps.Select(step => step.TaskId)];
        return new OrderedSession(
            session,
            [
                .. taskIds
                    .Where(task => !done.Contains(task))
                    .Select(task => CareTasks.Find(task)?.Name)
                    .OfType<string>(),
            ]
        );
    }
}
