using Cove.Core.Outlook;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Outlooks;

/// <summary>The year ahead of a car, as its routine has it and as it would be if something were otherwise.</summary>
internal static class OutlookEndpoints
{
    public static void MapOutlook(this RouteGroupBuilder api)
    {
        RouteGroupBuilder outlook = api.MapGroup("/vehicles/{vehicleId:guid}/outlook");
        outlook
            .MapGet("", Get)
            .WithName("GetOutlook")
            .WithSummary("How clean each part will be in the year ahead, and what it takes.")
            .Produces<OutlookView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        outlook
            .MapPost("", WhatIf)
            .WithName("AskWhatIf")
            .WithSummary(
                "The same if the use or the routine were otherwise, with the difference in words. Nothing is stored."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<OutlookView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is var (_, plan)
        && await routines.Find(vehicleId, cancel) is var (_, car)
            ? Results.Ok(OutlookView.Of(Outlook(plan, car, clock), string.Empty))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> WhatIf(
        VehicleId vehicleId,
        WhatIfRequest request,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is not var (saved, kept)
            || await routines.Find(vehicleId, cancel) is not var (_, car)
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CarRoutine? routine = saved.Routine;
        if (
            request.Routine is { } asked
            && asked.Read(clock.Today, clock.Zone, out routine) is { Count: > 0 } errors
        )
        {
            return Problems.Paths(
                errors.Select(error => error with { Property = $"routine.{error.Property}" })
            );
        }

        RoutinePlan then = await routines.WhatIf(
            vehicleId,
            request.Use?.ToUse(),
            routine!,
            saved,
            kept,
            car,
            cancel
        );
        return Results.Ok(OutlookView.Of(Outlook(then, car, clock), PlannedRoutines.Difference(kept, then)));
    }

    private static YearOutlook Outlook(RoutinePlan plan, CarAtHand car, OwnerClock clock) =>
        YearOutlook.Of(
            plan,
            clock.Today,
            car.Day.Car.Shelf.Products.Where(product => product.UnitPrice is not null)
                .ToDictionary(product => product.Id, product => product.UnitPrice!.Value)
        );
}

/// <summary>What if: everything that is left out stays as it is.</summary>
internal sealed record WhatIfRequest
{
    /// <summary>Another use; null for the present one.</summary>
    public UseDocument? Use { get; init; }

    /// <summary>Another routine; null for the present one.</summary>
    public RoutineDocument? Routine { get; init; }
}
