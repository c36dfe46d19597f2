using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Today;

internal static class TodayEndpoints
{
    public static void MapToday(this RouteGroupBuilder api) =>
        api.MapGet("/vehicles/{vehicleId:guid}/today", Today)
            .WithName("GetToday")
            .WithSummary(
                "The session for a number of minutes: what to do, in which order, and what more time would bring."
            )
            .Produces<TodayView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Today(
        VehicleId vehicleId,
        [Range(
            SessionRules.ShortestMinutes,
            SessionRules.LongestMinutes,
            ErrorMessage = "Say between 5 and 120 minutes."
        )]
            int minutes,
        CarsAtHand cars,
        CarSources sources,
        RunStore runs,
        UseStore uses,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel,
        bool slot = false
    )
    {
        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        Guid? underWay = await runs.UnderWay(vehicleId, cancel);
        int useVersion = (await uses.Find(vehicleId, cancel))!.Version;
        PlannedSession? planned = slot ? await routines.SessionOfToday(vehicleId, cancel) : null;
        bool ofSlot = planned?.Plan.Minutes == minutes;
        return Results.Ok(
            car.Use(at =>
                new TodayPage(at, clock).Show(
                    ofSlot ? planned! : at.Session(minutes),
                    ofSlot,
                    underWay,
                    useVersion
                )
            )
        );
    }
}
