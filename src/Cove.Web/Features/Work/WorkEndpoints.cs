using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Work;

/// <summary>Work that was done without a run, and what there is to say of it.</summary>
internal static class WorkEndpoints
{
    public static void MapWork(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}/work");
        vehicle
            .MapGet("/", Get)
            .WithName("GetWork")
            .WithSummary(
                "The tasks of a car with their surfaces, and the products they may have been done with."
            )
            .Produces<WorkChoicesView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/", Record)
            .WithName("RecordWork")
            .WithSummary(
                "Records tasks that were done without a run; levels and the routine follow. What is on record for that day already is refused unless it is said to be another time."
            )
            .Produces<WorkRecorded>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(car.Use(day => WorkChoicesView.Of(day, clock)))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Record(
        VehicleId vehicleId,
        NewWork request,
        CarsAtHand cars,
        CarSources sources,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (
            request.Day is { } day
            && (day > clock.Today || day < DateOnly.FromDateTime(RecordTime.Earliest.DateTime))
        )
        {
            return Problems.Field("day", "Give a day from 1990 on that is not in the future.");
        }

        if (request.Tasks.Any(id => CareTasks.Find(new TaskId(id ?? string.Empty)) is null))
        {
            return Problems.Field("tasks", "Name tasks of this car.");
        }

        if ((request.Surfaces ?? []).Any(string.IsNullOrEmpty))
        {
            return Problems.Field("surfaces", "Name the surfaces by their ids.");
        }

        // Of another day only the day is known.
        DateTimeOffset at =
            request.Day is { } other && other < clock.Today
                ? RecordTime.StartOf(other, clock.Zone).AddHours(12)
                : clock.Now;
        WorkWithoutRun work = request.ToWork(RecordTime.ToStored(at));
        IReadOnlyList<TaskDone> entries = car.Use(work.EntriesOn);
        if (entries.Count == 0)
        {
            return Problems.Field("tasks", "None of these tasks applies to these surfaces of this car.");
        }

        if (!request.AnotherTime)
        {
            IReadOnlyList<LogEntry> known = await log.DoneSince(vehicleId, at.AddDays(-2), cancel);
            if (work.OnRecordAlready(known, clock.Zone) is [var first, ..])
            {
                return Problems.Conflict(
                    $"“{RunStep.NameOf(first, putsBack: false)}” is on record for that day already. Record it only if it was done another time."
                );
            }
        }

        Changed<IReadOnlyList<SavedEntry>> saved = await log.AppendWork(car.Day.Ledger, entries, cancel);
        return saved.Outcome == ChangeOutcome.Refused
            ? Problems.Field("day", saved.Reason!)
            : Results.Created(
                $"/api/vehicles/{vehicleId}/log",
                new WorkRecorded([.. saved.Value!.Select(entry => entry.Entry.Id.Value)])
            );
    }
}
