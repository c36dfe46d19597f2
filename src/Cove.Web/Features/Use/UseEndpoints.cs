using Cove.Core.Upkeep;
using Cove.Data;
using Cove.Web.Features.Vehicles;
using Cove.Web.Hosting;

namespace Cove.Web.Features.Use;

internal static class UseEndpoints
{
    public static void MapUse(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}");
        vehicle
            .MapGet("/use", Get)
            .WithName("GetUse")
            .WithSummary("How a vehicle is used, and what its odometer says.")
            .Produces<UseView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPut("/use", Change)
            .WithName("ChangeUse")
            .WithSummary("Changes how a vehicle is used, from now on, and says which dates moved.")
            .ProducesMoves();
        vehicle
            .MapPost("/use/preview", Preview)
            .WithName("PreviewUse")
            .WithSummary("Says which dates a change of use would move, without storing anything.")
            .ProducesMoves();
        vehicle
            .MapPut("/distance", ChangeDistance)
            .WithName("ChangeDistance")
            .WithSummary("Changes how far a vehicle is driven, from now on, and says which dates moved.")
            .ProducesMoves();
        vehicle
            .MapPost("/odometer", AddReading)
            .WithName("AddReading")
            .WithSummary(
                "Takes a reading of the odometer. Between two readings the distance is known, so levels follow."
            )
            .ProducesMoves();
        vehicle
            .MapPost("/odometer/feed", ReadFeed)
            .WithName("ReadFeed")
            .WithSummary("Asks the odometer feed for a reading. The one that ships with Cove is simulated.")
            .ProducesMoves();
        vehicle
            .MapDelete("/odometer/{at}", RemoveReading)
            .WithName("RemoveReading")
            .WithSummary("Takes a reading back.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static void ProducesMoves(this RouteHandlerBuilder route) =>
        route
            .Produces<MovesView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Get(
        Guid vehicleId,
        UseStore uses,
        VehicleStore vehicles,
        IOdometerFeed feed,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await uses.Said(vehicleId, cancel) is not { } said
            || await vehicles.Ledger(vehicleId, cancel) is not { } ledger
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        var readings = await uses.Readings(vehicleId, cancel);
        WeeklyDistance now = ledger.Usage.At(clock.Now).Distance;
        return Results.Ok(
            new UseView(
                UseDocument.Of(said),
                readings.Count > 1 && now != said.Distance ? now.Kilometres : null,
                [
                    .. readings.Select(reading => new ReadingView(
                        clock.OnTheWall(reading.At),
                        reading.Kilometres,
                        reading.Simulated
                    )),
                ],
                feed.Name
            )
        );
    }

    private static Task<IResult> Change(
        Guid vehicleId,
        UseDocument wish,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        Moving(
            vehicleId,
            vehicles,
            clock,
            () => uses.Change(vehicleId, wish.ToUse(), clock.Now, cancel),
            cancel
        );

    private static async Task<IResult> ChangeDistance(
        Guid vehicleId,
        NewDistance wish,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await uses.Said(vehicleId, cancel) is not { } said)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CarUse next = said with { Distance = WeeklyDistance.FromKilometres(wish.KilometresAWeek) };
        return await Moving(
            vehicleId,
            vehicles,
            clock,
            () => uses.Change(vehicleId, next, clock.Now, cancel),
            cancel
        );
    }

    private static async Task<IResult> Preview(
        Guid vehicleId,
        UseDocument wish,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        DateTimeOffset now = clock.Now;
        return Results.Ok(
            MovesView.Of(MovedDate.Between(ledger, ledger.UsedAs(wish.ToUse(), now), now, clock.Zone))
        );
    }

    private static Task<IResult> AddReading(
        Guid vehicleId,
        NewReading wish,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        wish.At > clock.Now
            ? Task.FromResult(Problems.Field("at", "Give a time that is not in the future."))
            : Take(
                vehicleId,
                new SavedReading(wish.At ?? clock.Now, wish.Kilometres, Simulated: false),
                uses,
                vehicles,
                clock,
                cancel
            );

    private static Task<IResult> ReadFeed(
        Guid vehicleId,
        IOdometerFeed feed,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        OdometerReading read = feed.Read(vehicleId, clock.Now);
        return Take(
            vehicleId,
            new SavedReading(read.At, read.Kilometres, Simulated: true),
            uses,
            vehicles,
            clock,
            cancel
        );
    }

    private static async Task<IResult> Take(
        Guid vehicleId,
        SavedReading reading,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        string? refusal = null;
        IResult answer = await Moving(
            vehicleId,
            vehicles,
            clock,
            async () =>
            {
                Changed<SavedReading> taken = await uses.AddReading(vehicleId, reading, cancel);
                refusal = taken.Reason;
                return taken.Outcome == ChangeOutcome.Made;
            },
            cancel
        );
        return refusal is null ? answer : Problems.Field("kilometres", refusal);
    }

    private static async Task<IResult> RemoveReading(
        Guid vehicleId,
        DateTimeOffset at,
        UseStore uses,
        CancellationToken cancel
    ) =>
        await uses.RemoveReading(vehicleId, at, cancel)
            ? Results.NoContent()
            : Problems.NotFound("There is no reading at that time. Reload the readings.");

    /// <summary>Changes something, and says which dates that moved.</summary>
    private static async Task<IResult> Moving(
        Guid vehicleId,
        VehicleStore vehicles,
        OwnerClock clock,
        Func<Task<bool>> change,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } before || !await change())
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CareLedger after = (await vehicles.Ledger(vehicleId, cancel))!;
        return Results.Ok(MovesView.Of(MovedDate.Between(before, after, clock.Now, clock.Zone)));
    }
}
