using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Places;

/// <summary>Where the owner works, and what the day is like there.</summary>
internal static class PlaceEndpoints
{
    public static void MapPlaces(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/place", Get)
            .WithName("GetPlace")
            .WithSummary("Where the owner works on a vehicle today, as far as what was said still holds.")
            .Produces<PlaceDocument>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapPut("/vehicles/{vehicleId:guid}/place", KeepPlace)
            .WithName("SayPlace")
            .WithSummary(
                "Says where the owner works: water and power stay as said, the rest holds for the day. Sessions and glass go by it."
            )
            .Produces<PlaceDocument>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlaceStore places,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await places.Find(vehicleId, clock.Now, cancel) is { } place
            ? Results.Ok(PlaceDocument.Of(place))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> KeepPlace(
        VehicleId vehicleId,
        PlaceDocument request,
        PlaceStore places,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await places.Keep(vehicleId, request.ToPlace(), clock.Now, cancel)
            ? Results.Ok(request)
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}
