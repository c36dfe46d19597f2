using Cove.Web.Features.Cars;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Today;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Runs;

internal static class RunEndpoints
{
    private const string UnknownRun = "There is no such run. Start one from Today.";

    public static void MapRuns(this RouteGroupBuilder api)
    {
        api.MapPost("/vehicles/{vehicleId:guid}/runs", Start)
            .WithName("StartRun")
            .WithSummary(
                "Starts a run of the session that Today showed; refused when another one would be planned now. Needs an Idempotency-Key header."
            )
            // A start that was refused because the plan had changed is asked for again under its key; the first may still come.
            .WithMetadata(new KeepsItsKeys(asked => $"{asked.OfType<NewRun>().Single().Minutes} minutes"))
            .Produces<RunView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
        api.MapGet("/runs/{runId:guid}", Get)
            .WithName("GetRun")
            .WithSummary("A run and how far it has come.")
            .Produces<RunView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapPost("/runs/{runId:guid}/events", Append)
            .WithName("SayInRun")
            .WithSummary(
                "Takes something said during a run. Needs an Idempotency-Key header; the answer means it is stored."
            )
            .WithMetadata(new KeepsItsKeys())
            .Produces<RunView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
        api.MapPost("/runs/{runId:guid}/plan", Plan)
            .WithName("ReplanRun")
            .WithSummary(
                "Plans what is left of a run anew for the minutes that are left. Needs an Idempotency-Key header."
            )
            .WithMetadata(new KeepsItsKeys())
            .Produces<RunView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static async Task<IResult> Start(
        VehicleId vehicleId,
        NewRun request,
        HttpRequest http,
        CarsAtHand cars,
        CarSources sources,
        RunStore runs,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.KeyOfChange() is not { } key)
        {
            return Preconditions.MissingKey();
        }

        SessionAsk ask = request.Ask ?? new SessionAsk();
        if (ask.Refusal() is { } refusal)
        {
            return refusal;
        }

        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        SlotToday? slot = request.OfSlot ? await routines.SlotOfToday(vehicleId, cancel) : null;
        PlannedSession session = car.Use(day =>
            SlotToday.Offered(slot, day.Asked(ask.ToRequest()), request.Minutes).Session
        );
        if (session.Steps.Count == 0)
        {
            return Problems.Conflict(
                "Nothing that fits these minutes is worth doing now. Come back another day."
            );
        }

        if (session.Tag != request.Plan && !await runs.IsStarted(key, cancel))
        {
            return Problems.Conflict(
                "The plan has changed since you saw it, with the time or with what is on record. Here is the new one: start it if it suits you."
            );
        }

        Changed<SavedRun> started = await runs.Start(
            vehicleId,
            session.Plan.WholeMinutes,
            session.Steps,
            key,
            clock.Now,
            cancel
        );
        return started.Outcome == ChangeOutcome.Refused
            ? Problems.Conflict(started.Reason!)
            : Results.Created(
                $"/api/runs/{started.Value!.Id}",
                new RunPage(car.Day.Ledger, car.Day.Car.Shelf.Towels, clock).Show(started.Value)
            );
    }

    private static async Task<IResult> Get(
        RunId runId,
        VehicleStore vehicles,
        ShelfStore shelves,
        RunStore runs,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await runs.Find(runId, cancel) is { } run
            ? Results.Ok(await Show(run, vehicles, shelves, clock, cancel))
            : Problems.NotFound(UnknownRun);

    private static async Task<IResult> Append(
        RunId runId,
        NewRunEvent request,
        HttpRequest http,
        VehicleStore vehicles,
        ShelfStore shelves,
        RunStore runs,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.KeyOfChange() is not { } key)
        {
            return Preconditions.MissingKey();
        }

        if (request.Kind is (RunEventKind.FaceTurned or RunEventKind.TowelRetired) && request.Towel is null)
        {
            return Problems.Field("towel", "Say which towel it is about.");
        }

        if (request.Kind == RunEventKind.Replanned)
        {
            return Problems.Field(
                "kind",
                "Ask for a new plan under /plan, which says how many minutes are left."
            );
        }

        DateTimeOffset at = request.At is { } given && given < clock.Now ? given : clock.Now;
        var answer = new RunEvent(request.Kind, request.Step, RecordTime.ToStored(at), request.Towel);
        Changed<SavedRun> taken = await runs.Append(runId, answer, key, cancel);
        return taken.Outcome switch
        {
            ChangeOutcome.NotFound => Problems.NotFound(UnknownRun),
            ChangeOutcome.Refused => Problems.Conflict(taken.Reason!),
            _ => Results.Ok(await Show(taken.Value!, vehicles, shelves, clock, cancel)),
        };
    }

    private static async Task<IResult> Plan(
        RunId runId,
        MinutesLeft request,
        HttpRequest http,
        CarsAtHand cars,
        CarSources sources,
        RunStore runs,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.KeyOfChange() is not { } key)
        {
            return Preconditions.MissingKey();
        }

        if (
            await runs.Find(runId, cancel) is not { } run
            || await cars.Get(run.VehicleId, sources, cancel) is not { } car
        )
        {
            return Problems.NotFound(UnknownRun);
        }

        Changed<SavedRun> planned = await runs.Replan(
            runId,
            progress => car.Use(day => Replan.Of(day, progress, request.Minutes)),
            request.Minutes,
            key,
            clock.Now,
            cancel
        );
        return planned.Outcome switch
        {
            ChangeOutcome.NotFound => Problems.NotFound(UnknownRun),
            ChangeOutcome.Refused => Problems.Conflict(planned.Reason!),
            _ => Results.Ok(
                new RunPage(car.Day.Ledger, car.Day.Car.Shelf.Towels, clock).Show(planned.Value!)
            ),
        };
    }

    private static async Task<RunView> Show(
        SavedRun run,
        VehicleStore vehicles,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        CareLedger ledger = (await vehicles.Ledger(run.VehicleId, cancel))!;
        return new RunPage(ledger, await shelves.Towels(cancel), clock).Show(run);
    }
}
