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
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(car.Use(day => SmallestOf(day, clock.Today)))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static SmallestShelfView SmallestOf(DayPlan day, DateOnly today) =>
        SmallestShelfView.Of(
            day.Car.Smallest,
            ShoppingList.Lacking(
                RoutineDemand
                    .Of(day.Ledger, day.Car.Chooser, day.Now, day.Car.MethodsAt(day.Now, OwnerPaces.Nothing))
                    .Missing,
                today
            )
        );
}
