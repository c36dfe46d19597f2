using System.ComponentModel.DataAnnotations;
using Cove.Core.Methods;
using Cove.Core.Products;
using Cove.Core.Sessions;
using Cove.Data;
using Cove.Web.Features.Vehicles;
using Cove.Web.Hosting;

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
        Guid vehicleId,
        [Range(
            SessionRules.ShortestMinutes,
            SessionRules.LongestMinutes,
            ErrorMessage = "Say between 5 and 120 minutes."
        )]
            int minutes,
        VehicleStore vehicles,
        ShelfStore shelves,
        ReminderStore reminders,
        RunStore runs,
        UseStore uses,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        Guid? underWay = await runs.UnderWay(vehicleId, cancel);
        DateTimeOffset now = clock.Now;
        var cabin = ledger.Vehicle.ToCabin();
        var statuses = ledger.At(now);
        CarShelf car = await shelves.For(ledger, cancel);
        MethodBook book = car.MethodsAt(now, await reminders.Paces(cancel));
        var offer = new SessionOffer(new SessionPlanner(statuses, cabin, book), now);
        return Results.Ok(new TodayPage(car, statuses, cabin, offer, clock).Show(minutes, underWay, (await uses.Said(vehicleId, cancel))!.Version));
    }
}
