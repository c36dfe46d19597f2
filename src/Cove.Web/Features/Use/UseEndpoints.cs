using Cove.Web.Features.Vehicles;

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
            .WithSummary(
                "Changes how a vehicle is used, from now on, and says which dates moved. Needs the version of the use in an If-Match header."
            )
            .ProducesUseChange();
        vehicle
            .MapPost("/use/preview", Preview)
            .WithName("PreviewUse")
            .WithSummary("Says which dates a change of use would move, without storing anything.")
            .WithMetadata(new ChangesNothing())
            .ProducesMoves();
        vehicle
            .MapPut("/distance", ChangeDistance)
            .WithName("ChangeDistance")
            .WithSummary(
                "Changes how far a vehicle is driven, from now on, and says which dates moved. Needs the version of the use in an If-Match header."
            )
            .ProducesUseChange();
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

    private static void ProducesUseChange(this RouteHandlerBuilder route) =>
        route
            .ProducesMoves()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);

    private static RouteHandlerBuilder ProducesMoves(this RouteHandlerBuilder route) =>
        route
            .Produces<MovesView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        HttpResponse response,
        UseStore uses,
        VehicleStore vehicles,
        IOdometerFeed feed,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await uses.Find(vehicleId, cancel) is not { } saved
            || await vehicles.Ledger(vehicleId, cancel) is not { } ledger
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        var readings = await uses.Readings(vehicleId, cancel);
        WeeklyDistance now = ledger.Usage.At(clock.Now).Distance;
        response.Headers.ETag = $"\"{saved.Version}\"";
        return Results.Ok(
            new UseView(
                UseDocument.Of(saved.Use),
                saved.Version,
                readings.Count > 1 && now != saved.Use.Distance ? now.Kilometres : null,
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
        VehicleId vehicleId,
        UseDocument request,
        HttpRequest http,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    ) => Store(vehicleId, _ => request.ToUse(), http, uses, vehicles, clock, cancel);

    private static Task<IResult> ChangeDistance(
        VehicleId vehicleId,
        NewDistance request,
        HttpRequest http,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        Store(
            vehicleId,
            use => use with { Distance = WeeklyDistance.FromKilometres(request.KilometresAWeek) },
            http,
            uses,
            vehicles,
            clock,
            cancel
        );

    /// <summary>Stores what follows from the last use on record, if that is the one the owner saw.</summary>
    private static async Task<IResult> Store(
        VehicleId vehicleId,
        Func<CarUse, CarUse> change,
        HttpRequest http,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await uses.Find(vehicleId, cancel) is not { } saved
            || await vehicles.Ledger(vehicleId, cancel) is not { } before
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        Changed<SavedUse> changed = await uses.Change(
            vehicleId,
            version,
            change(saved.Use),
            clock.Now,
            cancel
        );
        switch (changed.Outcome)
        {
            case ChangeOutcome.Made:
                http.HttpContext.Response.Headers.ETag = $"\"{changed.Value!.Version}\"";
                return await Moved(before, vehicles, clock, cancel);
            case ChangeOutcome.Stale:
                return Problems.Stale();
            case ChangeOutcome.Refused:
                return Problems.Conflict(changed.Reason!);
            default:
                return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }
    }

    private static async Task<IResult> Preview(
        VehicleId vehicleId,
        UseDocument request,
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
            MovesView.Of(MovedDate.Between(ledger, ledger.UsedAs(request.ToUse(), now), now, clock.Zone))
        );
    }

    private static Task<IResult> AddReading(
        VehicleId vehicleId,
        NewReading request,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        request.At is { } at && !RecordTime.IsFit(at, clock.Now)
            ? Task.FromResult(Problems.Field("at", RecordTime.HowToGive))
            : Take(
                vehicleId,
                new SavedReading(request.At ?? clock.Now, request.Kilometres, Simulated: false),
                uses,
                vehicles,
                clock,
                cancel
            );

    private static Task<IResult> ReadFeed(
        VehicleId vehicleId,
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
        VehicleId vehicleId,
        SavedReading reading,
        UseStore uses,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } before)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        Changed<SavedReading> taken = await uses.AddReading(vehicleId, reading, cancel);
        return taken.Outcome == ChangeOutcome.Refused
            ? Problems.Field("kilometres", taken.Reason!)
            : await Moved(before, vehicles, clock, cancel);
    }

    private static async Task<IResult> RemoveReading(
        VehicleId vehicleId,
        DateTimeOffset at,
        UseStore uses,
        CancellationToken cancel
    ) =>
        await uses.RemoveReading(vehicleId, at, cancel)
            ? Results.NoContent()
            : Problems.NotFound("There is no reading at that time. Reload the readings.");

    /// <summary>Says which dates a change moved.</summary>
    private static async Task<IResult> Moved(
        CareLedger before,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        CareLedger after = (await vehicles.Ledger(before.Vehicle.Id, cancel))!;
        return Results.Ok(MovesView.Of(MovedDate.Between(before, after, clock.Now, clock.Zone)));
    }
}
