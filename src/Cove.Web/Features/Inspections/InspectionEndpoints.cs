using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Inspections;

internal static class InspectionEndpoints
{
    public static void MapInspections(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}");
        vehicle
            .MapGet("/walk-round", Round)
            .WithName("GetWalkRound")
            .WithSummary(
                "The looks that tell most about what to do next, in walking order, in under three minutes."
            )
            .Produces<WalkRoundView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/looks", Look)
            .WithName("RecordLook")
            .WithSummary(
                "Records what the owner saw. What agrees with what was expected leaves levels and rates as they are; anything else corrects both."
            )
            .Produces<LookView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapGet("/learnt", Learnt)
            .WithName("GetLearnt")
            .WithSummary("What looks have taught of how fast this car soils.")
            .Produces<LearntView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapDelete("/learnt", Forget)
            .WithName("ForgetLearnt")
            .WithSummary("Lets looks up to now teach nothing any more. What was seen still corrects levels.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Round(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        LevelStore levels,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        WalkRoundPlan plan = await car.Once(
            "walk round",
            async () =>
                PlanOf(car.Day, await levels.Histories(car.Day.Ledger, clock.Now, cancel: cancel), clock.Now)
        );
        return Results.Ok(
            new WalkRoundView(
                plan.Takes.TotalSeconds,
                [
                    .. plan.Looks.Select(look => new WalkRoundLookView(
                        look.Surface.Id.Value,
                        look.Surface.Name,
                        look.Zone.Name,
                        CareTasks.Find(look.DecidesTaskId)!.Name,
                        InspectionView.Of(look.Inspection, look.Surface)
                    )),
                ]
            )
        );
    }

    private static WalkRoundPlan PlanOf(
        DayPlan car,
        IReadOnlyDictionary<CareKey, CareHistory> histories,
        DateTimeOffset now
    ) =>
        WalkRound.Plan(
            [
                .. histories
                    .Where(pair => !WalkRound.IsFresh(pair.Value.LookedAt, now))
                    .Select(pair => new UncertainLevel(
                        pair.Key,
                        pair.Value.LevelAt(now + SessionRules.NextSession),
                        pair.Value.PointAt(now).LogStdDev,
                        car.Ledger.MarkOf(pair.Key, now)
                    )),
            ],
            car.Cabin
        );

    private static async Task<IResult> Look(
        VehicleId vehicleId,
        NewLook request,
        VehicleStore vehicles,
        LevelStore levels,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (InspectionTable.Find(request.Inspection) is not { } inspection)
        {
            return Problems.Field("inspection", "Choose one of the inspections on offer.");
        }

        if (inspection.Result(request.Result) is not { } result)
        {
            return Problems.Field("result", "Choose one of the results of the inspection.");
        }

        if (
            ledger.Vehicle.InCare().FirstOrDefault(surface => surface.Id == request.SurfaceId)
            is not { } surface
        )
        {
            return Problems.Field("surfaceId", "Name a surface of this vehicle.");
        }

        CareTask[] tasks = [.. inspection.TasksOn(surface)];
        if (!inspection.TellsOf(surface))
        {
            return Problems.Field(
                "inspection",
                "This inspection tells nothing of that surface. Choose another."
            );
        }

        DateTimeOffset now = clock.Now;
        EmbeddedBook? embedded = inspection.TellsOfEmbedded
            ? await levels.Embedded(ledger, now, cancel)
            : null;
        SavedEntry saved = await log.Append(
            ledger,
            new Checked(EntryId.New(now), now, inspection.Id, result.Id, [surface.Id])
            {
                Note = request.Note.Trim(),
            },
            cancel
        );
        CareLedger after = (await vehicles.Ledger(vehicleId, cancel))!;
        return Results.Created(
            $"/api/log/{saved.Entry.Id}",
            new LookView(
                saved.Entry.Id,
                saved.Version,
                embedded is null
                    ? [.. tasks.Select(task => Looked(task, surface, ledger, after, clock))]
                    : [LookedDeep(surface, embedded, await levels.Embedded(after, now, cancel))]
            )
        );
    }

    private static LookedTaskView LookedDeep(Surface surface, EmbeddedBook before, EmbeddedBook after)
    {
        return new LookedTaskView(
            "deep-clean",
            "Settled deep",
            LevelIn(before),
            LevelIn(after),
            null,
            DeepCleanWords.OfPressing(after.Pressing)
        );

        double LevelIn(EmbeddedBook book) =>
            book.Surfaces.FirstOrDefault(soil => soil.Surface.Id == surface.Id)?.Level ?? 0;
    }

    private static LookedTaskView Looked(
        CareTask task,
        Surface surface,
        CareLedger before,
        CareLedger after,
        OwnerClock clock
    )
    {
        Due due = DueOf(after);
        return new LookedTaskView(
            task.Id.Value,
            task.Name,
            DueOf(before).Level.Value,
            due.Level.Value,
            due.DaysLeft(clock.Now, clock.Zone),
            RateWords.Of(task, after.Learnt)
        );

        Due DueOf(CareLedger ledger) =>
            ledger
                .StatusOf(ledger.Items.First(item => item.Task.Id == task.Id), clock.Now)
                .Surfaces.First(status => status.Surface.Id == surface.Id)
                .Due;
    }

    private static async Task<IResult> Learnt(
        VehicleId vehicleId,
        VehicleStore vehicles,
        ReminderStore reminders,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        OwnerPaces paces = await reminders.Paces(cancel);
        return Results.Ok(
            new LearntView(
                RateWords.OfCar(ledger.Learnt),
                ledger.Learnt.Car.Looks,
                [
                    .. ledger
                        .Learnt.Tasks.OrderByDescending(rate => Math.Abs(rate.Value.LogMean))
                        .Select(rate =>
                        {
                            CareTask task = CareTasks.Find(rate.Key)!;
                            return new LearntTaskView(
                                task.Id.Value,
                                task.Name,
                                rate.Value.Median,
                                rate.Value.Low,
                                rate.Value.High,
                                rate.Value.Looks,
                                RateWords.Of(task, ledger.Learnt)
                            );
                        }),
                ],
                PaceWords.OfPerson(paces),
                [
                    .. paces
                        .Tasks.OrderByDescending(pace => Math.Abs(pace.Value.LogMean))
                        .ThenBy(pace => pace.Key)
                        .Select(pace => new LearntTaskView(
                            pace.Key.Value,
                            RunStep.NameOf(pace.Key, putsBack: false),
                            pace.Value.Median,
                            pace.Value.Low,
                            pace.Value.High,
                            pace.Value.Looks,
                            PaceWords.Of(pace.Value)
                        )),
                ]
            )
        );
    }

    private static async Task<IResult> Forget(
        VehicleId vehicleId,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await vehicles.ForgetLearnt(vehicleId, clock.Now, cancel)
            ? Results.NoContent()
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}
