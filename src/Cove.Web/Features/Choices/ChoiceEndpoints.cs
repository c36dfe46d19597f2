using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Choices;

/// <summary>What to work with.</summary>
internal static class ChoiceEndpoints
{
    public static void MapChoices(this RouteGroupBuilder api) =>
        api.MapGet("/vehicles/{vehicleId:guid}/smallest-shelf", Smallest)
            .WithName("GetSmallestShelf")
            .WithSummary("The fewest products of the shelf that do every task of a car safely.")
            .Produces<SmallestShelfView>()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Smallest(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        CancellationToken cancel
    ) =>
        await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(car.Use(at => SmallestShelfView.Of(at.Car.Smallest)))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}
