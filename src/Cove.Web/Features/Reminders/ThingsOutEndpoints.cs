using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Reminders;

/// <summary>What was carried out of a car and has to come back before anybody rides in it.</summary>
internal static class ThingsOutEndpoints
{
    public static void MapThingsOut(this RouteGroupBuilder api)
    {
        RouteGroupBuilder things = api.MapGroup("/vehicles/{vehicleId:guid}/things-out");
        things
            .MapGet("", Get)
            .WithName("GetThingsOut")
            .WithSummary("What a session has carried out of the car and not brought back.")
            .Produces<ThingsOutView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        things
            .MapPost("/back", Back)
            .WithName("BringThingsBack")
            .WithSummary("Says that everything is back in the car. Where nothing was out, nothing changes.")
            .Produces<ThingsOutView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        VehicleStore vehicles,
        ReminderStore reminders,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await vehicles.Ledger(vehicleId, cancel) is { } ledger
            ? Results.Ok(await View(ledger, reminders, clock, cancel))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Back(
        VehicleId vehicleId,
        VehicleStore vehicles,
        ReminderStore reminders,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (await reminders.Out(vehicleId, cancel) is { } things)
        {
            // A clock that has jumped back must not leave them out for ever.
            DateTimeOffset at = clock.Now > things.Since ? clock.Now : things.Since;
            await log.Append(ledger, new ChoreDone(EntryId.New(at), at, ThingsOut.Back), cancel);
        }

        return Results.Ok(await View(ledger, reminders, clock, cancel));
    }

    private static async Task<ThingsOutView> View(
        CareLedger ledger,
        ReminderStore reminders,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await reminders.Out(ledger.Vehicle.Id, cancel) is not { } things)
        {
            return new ThingsOutView(false, string.Empty, string.Empty);
        }

        int seats = LooseThings.Of(ledger.Vehicle, ledger.Usage.At(clock.Now).Use).ChildSeats;
        return new ThingsOutView(
            true,
            things.InWords(seats),
            things.ChildSeats && seats > 0
                ? "Fix each by its maker's manual and pull at it to test it, before anybody rides."
                : "Lay them in once they and what they lie on are dry."
        );
    }
}

/// <summary>What is out of a car.</summary>
/// <param name="AreOut">Whether anything is.</param>
/// <param name="What">What, as one sentence; empty when nothing is.</param>
/// <param name="WhatToDo">How it comes back, as one sentence; empty when nothing is out.</param>
internal sealed record ThingsOutView(bool AreOut, string What, string WhatToDo);
