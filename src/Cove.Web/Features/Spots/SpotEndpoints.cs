using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Spots;

/// <summary>First aid for fresh spots, and surfaces that are closed to routine work.</summary>
internal static class SpotEndpoints
{
    public static void MapSpots(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}");
        vehicle
            .MapGet("/spots", Show)
            .WithName("GetSpots")
            .WithSummary("The spots that come before anything else, with first aid, and the closed surfaces.")
            .Produces<SpotsView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/spots/answers", Answer)
            .WithName("AnswerSpot")
            .WithSummary("Says that first aid was given to a spot, that it is gone, or that it stays.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/closures", Close)
            .WithName("ChangeClosure")
            .WithSummary(
                "Gives surfaces to a professional, which closes them to routine work, or opens them again."
            )
            .Produces(StatusCodes.Status204NoContent)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Show(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(car.Use(day => SpotsView.Of(day, clock)))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Answer(
        VehicleId vehicleId,
        SpotAnswer request,
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
            car.Day.Spots.Spots.FirstOrDefault(spot =>
                spot.EventId == request.Event && spot.Surface.Id == request.SurfaceId
            )
            is not { } open
        )
        {
            return Problems.Field("surfaceId", "There is no open spot of this kind there. Reload the page.");
        }

        DateTimeOffset now = clock.Now;
        await log.Append(
            car.Day.Ledger,
            new SpotTreated(EntryId.New(now), now, open.EventId, open.Surface.Id, request.Outcome),
            cancel
        );
        return Results.NoContent();
    }

    private static async Task<IResult> Close(
        VehicleId vehicleId,
        ClosureAnswer request,
        VehicleStore vehicles,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        SurfaceId[] known =
        [
            .. ledger
                .Vehicle.InCare()
                .Select(surface => surface.Id)
                .Where(id => request.SurfaceIds.Contains(id.Value, StringComparer.Ordinal)),
        ];
        if (known.Length != request.SurfaceIds.Count)
        {
            return Problems.Field("surfaceIds", "Name surfaces of this vehicle, each once.");
        }

        DateTimeOffset now = clock.Now;
        await log.Append(ledger, new ClosureChanged(EntryId.New(now), now, request.State, known), cancel);
        return Results.NoContent();
    }
}
