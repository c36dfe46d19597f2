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
    ) => await KeptCars(vehicleId, months, cancel) is { } kept ? (kept.Saved, kept.Plans.Own) : null;

    /// <summary>The same with the plan of the car with which it shares slots.</summary>
    public async Task<KeptRoutine?> KeptCars(VehicleId vehicleId, int months, CancellationToken cancel)
    {
        if (await Find(vehicleId, cancel) is not var (saved, car))
        {
            return null;
        }

        // Where slots are shared, what the other car's owner decided counts as well.
        SharedSlots? shared = await Shared(vehicleId, saved, car, cancel);
        PlannedCars plans = await car.Once(
            $"routine {saved.Version} {shared?.Other.Saved.Version} {months}",
            () =>
                Plan(
                    vehicleId,
                    saved.Routine,
                    (saved.Standing, shared?.Other.Saved.Standing),
                    months,
                    car,
                    shared,
                    YearOf,
                    default
                )
        );
        return new KeptRoutine(saved, car, plans);
    }

    /// <summary>With which car a car shares slots; null when it has them for itself.</summary>
    public async Task<SharedSlots?> Shared(
        VehicleId vehicleId,
        SavedRoutine saved,
        CarAtHand car,
        CancellationToken cancel
    )
    {
        IReadOnlyList<OtherRoutine> others = await store.Others(vehicleId, cancel);
        // A car that is a guest itself has no slots to share, whatever else says so.
        OtherRoutine? host = others.FirstOrDefault(other =>
            other.VehicleId == saved.Routine.SlotsOf && other.Saved.Routine.SlotsOf is null
        );
        OtherRoutine? guest = others.FirstOrDefault(other => other.Saved.Routine.SlotsOf == vehicleId);
        return
            (host ?? guest) is { } other
            && await cars.Get(other.VehicleId, sources, cancel) is { } otherCar
            && SharedPlanner.Fits(YearOf(car.Day), YearOf(otherCar.Day))
            ? new SharedSlots(other, otherCar, IsHost: host is null)
            : null;
    }

    /// <summary>The cars in whose slots a car could be cared for too: those that have slots and share them with no other.</summary>
    public async Task<IReadOnlyList<OtherRoutine>> Hosts(VehicleId vehicleId, CancellationToken cancel)
    {
        IReadOnlyList<OtherRoutine> others = await store.Others(vehicleId, cancel);
        bool isHost = others.Any(other => other.Saved.Routine.SlotsOf == vehicleId);
        HashSet<VehicleId?> taken = [.. others.Select(other => other.Saved.Routine.SlotsOf)];
        return isHost
            ? []
            :
            [
                .. others.Where(other =>
                    other.Saved.Routine.Slots.Count > 0 && !taken.Contains(other.VehicleId)
                ),
            ];
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
    public async Task<PlannedCars> Instead(
        VehicleId vehicleId,
        CarRoutine routine,
        SavedRoutine saved,
        PlannedCars kept,
        CarAtHand car,
        CancellationToken cancel
    ) =>
        await Plan(
            vehicleId,
            routine,
            StandingFor(routine, saved, kept),
            UsualMonths,
            car,
            await Shared(vehicleId, saved with { Routine = routine }, car, cancel),
            YearOf,
            cancel
        );

    /// <summary>What stands of a plan for a routine in the place of the one it was made for: nothing where the slots are others.</summary>
    private static (StandingPlan? Own, StandingPlan? Other) StandingFor(
        CarRoutine routine,
        SavedRoutine saved,
        PlannedCars kept
    ) =>
        RoutineChange.IsOfSlots(saved.Routine, routine) || saved.Routine.SlotsOf != routine.SlotsOf
            ? (null, null)
            : (StandingPlan.Of(kept.Own), kept.Other is var (_, other) ? StandingPlan.Of(other) : null);

    /// <summary>The days of slots that passed without a session since a vehicle was last cared for.</summary>
    public async Task<IReadOnlyList<DateOnly>> Missed(
        VehicleId vehicleId,
        CarRoutine routine,
        CancellationToken cancel
    )
    {
        (CarRoutine slots, IReadOnlyList<VehicleId> sharing) = await Slots(vehicleId, routine, cancel);
        List<DateOnly> cared = [];
        foreach (VehicleId car in sharing)
        {
            cared.AddRange((await LastDone(car, cancel)).Values);
        }

        return MissedSlots.Since(slots, cared.Select(day => (DateOnly?)day).Max(), clock.Today, clock.Zone);
    }

    /// <summary>How often the slots of a vehicle pass without a session.</summary>
    public async Task<SlotHabit> Habit(VehicleId vehicleId, CarRoutine routine, CancellationToken cancel)
    {
        (CarRoutine slots, IReadOnlyList<VehicleId> sharing) = await Slots(vehicleId, routine, cancel);
        return SlotHabit.In(slots, await CareDays(sharing, SlotHabit.Reach, cancel), clock.Today, clock.Zone);
    }

    /// <summary>The routine whose slots a vehicle is cared for in, and all vehicles that are: a slot that was given to the other car was not missed.</summary>
    private async Task<(CarRoutine Routine, IReadOnlyList<VehicleId> Sharing)> Slots(
        VehicleId vehicleId,
        CarRoutine routine,
        CancellationToken cancel
    )
    {
        List<VehicleId> sharing = [vehicleId];
        foreach (OtherRoutine other in await store.Others(vehicleId, cancel))
        {
            bool isHost = other.VehicleId == routine.SlotsOf;
            if (isHost || other.Saved.Routine.SlotsOf == vehicleId)
            {
                sharing.Add(other.VehicleId);
                routine = isHost ? other.Saved.Routine : routine;
            }
        }

        return (routine, sharing);
    }

    private async Task<HashSet<DateOnly>> CareDays(
        IReadOnlyList<VehicleId> vehicleIds,
        int reach,
        CancellationToken cancel
    )
    {
        ILookup<VehicleId, DateTimeOffset> cared = await sources.Log.CareSince(
            vehicleIds,
            clock.Now.AddDays(-reach),
            cancel
        );
        return
        [
            .. vehicleIds
                .SelectMany(id => cared[id])
                .Select(at => DateOnly.FromDateTime(clock.OnTheWall(at).DateTime)),
        ];
    }

    /// <summary>The slot of today as it is planned; null when there is none, or no vehicle of that id.</summary>
    public async Task<SlotToday?> SlotOfToday(VehicleId vehicleId, CancellationToken cancel) =>
        await Kept(vehicleId, UsualMonths, cancel) is var (_, plan) ? SlotToday.Of(plan, clock.Today) : null;

    /// <summary>The calendar of a vehicle; null when the owner has none of that id.</summary>
    public async Task<string?> Calendar(VehicleId vehicleId, Uri start, CancellationToken cancel)
    {
        if (
            await Kept(vehicleId, UsualMonths, cancel) is not var (saved, plan)
            || await cars.Get(vehicleId, sources, cancel) is not { } car
        )
        {
            return null;
        }

        string guest = saved.Routine.SlotsOf is null ? string.Empty : $"-{vehicleId}";
        string name = car.Day.Ledger.Vehicle.Name;
        IReadOnlyList<CalendarDay> days = car.Use(day =>
        {
            CarYear year = YearOf(day);
            return RoutineCalendar
                .Days(plan, clock.Today)
                .Select(planned => new CalendarDay(planned, Ordered(year, planned), guest))
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
        // Shared slots are planned for both cars at once, and the plan says when each has its turn.
        if (missed.Count == 0 || await Shared(vehicleId, saved, car, cancel) is not null)
        {
            return new FoundCatchUp(saved.Routine, missed, null, null, string.Empty);
        }

        Dictionary<TaskId, DateOnly> lastDone = await LastDone(vehicleId, cancel);
        HashSet<DateOnly> days = await CareDays([vehicleId], SmallerRoutine.Reach, cancel);
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

    /// <summary>Plans a car as it would be if it were used otherwise, or had another routine; the car it shares slots with stays as it is.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="use">Another use; null for the present one.</param>
    /// <param name="ways">Other ways of working; null for the present ones.</param>
    /// <param name="routine">The routine.</param>
    /// <param name="kept">The one that is kept, and its plan.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<RoutinePlan> WhatIf(
        VehicleId vehicleId,
        CarUse? use,
        WaysOfWorking? ways,
        CarRoutine routine,
        KeptRoutine kept,
        CancellationToken cancel
    )
    {
        SharedSlots? shared = await Shared(
            vehicleId,
            kept.Saved with
            {
                Routine = routine,
            },
            kept.Car,
            cancel
        );
        (StandingPlan? Own, StandingPlan? Other) standing = StandingFor(routine, kept.Saved, kept.Plans);
        if (ways is not null && standing.Own is { } stands)
        {
            // Who works otherwise takes other minutes.
            standing.Own = stands with
            {
                HalfMinutes = new Dictionary<TaskId, int>(),
            };
        }

        PlannedCars plans = await Plan(
            vehicleId,
            routine,
            standing,
            UsualMonths,
            kept.Car,
            shared,
            YearIf,
            cancel
        );
        return plans.Own;

        CarYear YearIf(DayPlan day)
        {
            CareLedger ledger = use is null ? day.Ledger : day.Ledger.UsedAs(use, day.Now);
            CarShelf shelf =
                ways is not null
                    ? new CarShelf(ledger.WorkedAs(ways), day.Car.Shelf with { Ways = ways }, day.Car.Records)
                : use is not null ? new CarShelf(ledger, day.Car.Shelf, day.Car.Records, day.Car.Ways)
                : day.Car;
            return new CarYear(shelf, day.Methods.Paces, day.Now, clock.Zone);
        }
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

    private async Task<PlannedCars> Plan(
        VehicleId vehicleId,
        CarRoutine routine,
        (StandingPlan? Own, StandingPlan? Other) standing,
        int months,
        CarAtHand car,
        SharedSlots? shared,
        Func<DayPlan, CarYear> yearOf,
        CancellationToken cancel
    )
    {
        Dictionary<TaskId, DateOnly> lastDone = await LastDone(vehicleId, cancel);
        // Whoever has cleaned today has used the slot of today.
        DateOnly from = lastDone.ContainsValue(clock.Today) ? clock.Today.AddDays(1) : clock.Today;
        if (shared is null)
        {
            return new PlannedCars(
                car.Use(day =>
                    new RoutinePlanner(yearOf(day), lastDone, clock.Zone).Plan(
                        routine,
                        months,
                        standing.Own,
                        from
                    )
                ),
                null
            );
        }

        OtherRoutine other = shared.Other;
        Dictionary<TaskId, DateOnly> otherDone = await LastDone(other.VehicleId, cancel);
        from = otherDone.ContainsValue(clock.Today) ? clock.Today.AddDays(1) : from;
        return CarAtHand.UseBoth(
            (vehicleId, car),
            (other.VehicleId, shared.Car),
            (ownDay, otherDay) =>
            {
                var own = new RoutinePlanner(yearOf(ownDay), lastDone, clock.Zone);
                var others = new RoutinePlanner(YearOf(otherDay), otherDone, clock.Zone);
                var (host, guest) = shared.IsHost
                    ? new SharedPlanner(own, others, clock.Zone).Plan(
                        routine,
                        other.Saved.Routine,
                        months,
                        standing is ({ } hostStands, { } guestStands) ? (hostStands, guestStands) : null,
                        from
                    )
                    : new SharedPlanner(others, own, clock.Zone).Plan(
                        other.Saved.Routine,
                        routine,
                        months,
                        standing is ({ } ownStands, { } otherStands) ? (otherStands, ownStands) : null,
                        from
                    );
                return shared.IsHost
                    ? new PlannedCars(host, (other.VehicleId, guest))
                    : new PlannedCars(guest, (other.VehicleId, host));
            }
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
        PlannedSession session = work.Session(taskIds, Math.Max(SessionRules.ShortestMinutes, minutes));
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

/// <summary>The car with which a car shares slots.</summary>
/// <param name="Other">That car and its routine.</param>
/// <param name="Car">That car.</param>
/// <param name="IsHost">Whether the slots are the first car's, and not that one's.</param>
internal sealed record SharedSlots(OtherRoutine Other, CarAtHand Car, bool IsHost);

/// <summary>The plan of a car, and that of the car with which it shares slots.</summary>
/// <param name="Own">The plan.</param>
/// <param name="Other">The other car's; null when slots are not shared.</param>
internal sealed record PlannedCars(RoutinePlan Own, (VehicleId VehicleId, RoutinePlan Plan)? Other);

/// <summary>A routine that is kept, with its plan.</summary>
/// <param name="Saved">The routine.</param>
/// <param name="Car">The car.</param>
/// <param name="Plans">Its plan, and that of the car with which it shares slots.</param>
internal sealed record KeptRoutine(SavedRoutine Saved, CarAtHand Car, PlannedCars Plans);
