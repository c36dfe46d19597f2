using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Today;

internal static class TodayEndpoints
{
    public static void MapToday(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/today/why/{taskId}", Why)
            .WithName("GetWhy")
            .WithSummary(
                "Why a task is in the session, or why it is not: the same minutes with it and without it."
            )
            .Produces<WhyView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapGet("/vehicles/{vehicleId:guid}/today", Today)
            .WithName("GetToday")
            .WithSummary(
                "The session for a number of minutes: what to do, in which order, and what more time would bring."
            )
            .Produces<TodayView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

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
        [AsParameters] SessionAsk ask,
        CancellationToken cancel,
        bool slot = false
    )
    {
        if (ask.Refusal() is { } refusal)
        {
            return refusal;
        }

        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        Guid? underWay = await runs.UnderWay(vehicleId, cancel);
        int useVersion = (await uses.Find(vehicleId, cancel))!.Version;
        SessionRequest request = ask.ToRequest();
        SlotToday? known = slot ? await routines.SlotOfToday(vehicleId, cancel) : null;
        return Results.Ok(
            car.Use(day =>
            {
                DayPlan at = day.Asked(request);
                (PlannedSession session, bool ofSlot) = SlotToday.Offered(known, at, minutes);
                return new TodayPage(at, clock).Show(session, ofSlot, underWay, useVersion);
            })
        );
    }

    private static async Task<IResult> Why(
        VehicleId vehicleId,
        TaskId taskId,
        [Range(
            SessionRules.ShortestMinutes,
            SessionRules.LongestMinutes,
            ErrorMessage = "Say between 5 and 120 minutes."
        )]
            int minutes,
        CarsAtHand cars,
        CarSources sources,
        PlannedRoutines routines,
        [AsParameters] SessionAsk ask,
        CancellationToken cancel,
        bool slot = false
    )
    {
        if (ask.Refusal() is { } refusal)
        {
            return refusal;
        }

        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (CareTasks.Find(taskId) is null)
        {
            return Problems.NotFound("There is no such task. Ask of one that Today shows.");
        }

        SessionRequest request = ask.ToRequest();
        SlotToday? known = slot ? await routines.SlotOfToday(vehicleId, cancel) : null;
        return Results.Ok(
            car.Use(day =>
            {
                if (known is not null && known.Planned.Day.Minutes == minutes)
                {
                    return new WhyView(
                        taskId.Value,
                        known.Session(day.Asked(request)).Plan.Has(taskId),
                        known.Why(day, request, taskId)
                    );
                }

                bool isIn = day.Asked(request).Session(minutes).Plan.Has(taskId);
                return new WhyView(
                    taskId.Value,
                    isIn,
                    RowReason.Of(day, request, minutes, taskId).Sentence(isIn)
                );
            })
        );
    }
}
