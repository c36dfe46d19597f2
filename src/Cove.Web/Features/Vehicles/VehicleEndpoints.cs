namespace Cove.Web.Features.Vehicles;

internal static class VehicleEndpoints
{
    public const string UnknownVehicle = "There is no such vehicle. Choose one from the list of vehicles.";

    public static void MapVehicles(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicles = api.MapGroup("/vehicles");
        vehicles
            .MapGet(
                "/",
                async (VehicleStore store, CancellationToken cancel) =>
                    (await store.All(cancel)).Select(VehicleInListView.Of).ToArray()
            )
            .WithName("ListVehicles")
            .WithSummary("The owner's vehicles, archived ones included, in the order they were added.");
        vehicles
            .MapGet("/choices", () => BuilderChoices.All)
            .WithName("GetVehicleChoices")
            .WithSummary("Everything that can be chosen for a vehicle, its surfaces and its use.");
        vehicles
            .MapPost("/preview", Preview)
            .WithName("PreviewCabin")
            .WithSummary("Draws the cabin of a layout without storing anything.")
            .WithMetadata(new ChangesNothing())
            .Produces<CabinPreviewView>()
            .ProducesValidationProblem();
        vehicles
            .MapPost(
                "/layout",
                (LayoutChange change) =>
                    change.Problem() is { } error ? Problems.Errors([error]) : Results.Ok(change.Made())
            )
            .WithName("ChangeLayout")
            .WithSummary("A layout in another body or with other rows of seats, and what follows from that.")
            .WithMetadata(new ChangesNothing())
            .Produces<CabinLayout>()
            .ProducesValidationProblem();
        vehicles
            .MapPost("/", Add)
            .WithName("AddVehicle")
            .WithSummary("Adds a vehicle with surfaces and levels that follow from its layout.")
            .Produces<VehicleView>(StatusCodes.Status201Created)
            .ProducesValidationProblem();

        RouteGroupBuilder vehicle = vehicles.MapGroup("/{vehicleId:guid}");
        vehicle
            .MapGet("/", Detail)
            .WithName("GetVehicle")
            .WithSummary(
                "A vehicle with everything that can be changed on it; its version is in the ETag header."
            )
            .Produces<VehicleDetailView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPut("/", Change)
            .WithName("ChangeVehicle")
            .WithSummary("Changes name and layout. Needs the version of the vehicle in an If-Match header.")
            .ProducesVehicleChange();
        vehicle
            .MapPost(
                "/archive",
                (VehicleId vehicleId, VehicleStore store, OwnerClock clock, CancellationToken cancel) =>
                    Archive(store, vehicleId, clock.Now, cancel)
            )
            .WithName("ArchiveVehicle")
            .WithSummary("Puts a vehicle into the archive: it keeps everything but is not offered any more.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost(
                "/unarchive",
                (VehicleId vehicleId, VehicleStore store, CancellationToken cancel) =>
                    Archive(store, vehicleId, null, cancel)
            )
            .WithName("UnarchiveVehicle")
            .WithSummary("Takes a vehicle out of the archive.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapDelete("/", Delete)
            .WithName("DeleteVehicle")
            .WithSummary(
                "Puts a vehicle into the wastebasket with everything recorded of it; it can be brought back for 30 days. Needs the version of the vehicle in an If-Match header."
            )
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
    }

    /// <summary>What every endpoint answers that changes a vehicle.</summary>
    public static RouteHandlerBuilder ProducesVehicleChange(this RouteHandlerBuilder route) =>
        route
            .Produces<VehicleInListView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);

    private static IResult Preview(CabinLayout layout)
    {
        if (layout.Problems() is { Count: > 0 } errors)
        {
            return Problems.Errors(errors);
        }

        Core.Vehicles.Plan.Cabin cabin = CabinBuilder.Build(layout);
        return Results.Ok(
            new CabinPreviewView(
                cabin.Plan,
                [.. cabin.Surfaces.Select(surface => new NamedView(surface.Id.Value, surface.Name))],
                cabin.Surfaces.Count,
                cabin.Surfaces.Sum(surface => surface.Area.SquareMetres),
                FirstUse.SentenceOf(layout)
            )
        );
    }

    private static async Task<IResult> Add(
        NewVehicle request,
        VehicleStore store,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (request.Layout.Problems() is { Count: > 0 } errors)
        {
            return Problems.Errors(errors, "layout.");
        }

        SavedVehicle added = await store.Add(
            request.Name.Trim(),
            request.Description.Trim(),
            request.Layout,
            FirstUse.Of(request.Use.ToUse(), request.Layout),
            task => request.Look.StartingLevel(task),
            clock.Now,
            cancel
        );
        return Results.Created(
            $"/api/vehicles/{added.Id}",
            new VehicleView(added.Id, added.Name, added.Description)
        );
    }

    private static async Task<IResult> Detail(
        VehicleId vehicleId,
        HttpResponse response,
        VehicleStore store,
        CancellationToken cancel
    )
    {
        if (
            await store.Find(vehicleId, cancel) is not { } saved
            || await store.Ledger(vehicleId, cancel) is not { } ledger
        )
        {
            return Problems.NotFound(UnknownVehicle);
        }

        Vehicle vehicle = ledger.Vehicle;
        var drawn = CabinBuilder.Build(vehicle.Layout).Surfaces.Select(surface => surface.Id).ToHashSet();
        var cut = vehicle.Surfaces.Select(surface => surface.PartOf).OfType<SurfaceId>().ToHashSet();
        response.Headers.ETag = $"\"{saved.Version}\"";
        return Results.Ok(
            new VehicleDetailView(
                saved.Id,
                saved.Name,
                saved.Description,
                saved.Version,
                saved.ArchivedAt is not null,
                vehicle.Layout,
                [.. vehicle.ToCabin().Zones.Select(zone => new NamedView(zone.Id.Value, zone.Name))],
                [
                    .. vehicle.Surfaces.Select(surface => new SurfaceRecordView(
                        surface.Id.Value,
                        surface.Name,
                        surface.ShortName,
                        surface.Kind,
                        surface.Material,
                        surface.Finish,
                        surface.Area.SquareMetres,
                        surface.ZoneId.Value,
                        SurfaceDocument.FactsOf(surface.Facts),
                        surface.PartOf?.Value,
                        cut.Contains(surface.Id.Value),
                        surface.Absent,
                        surface.Wear,
                        surface.PartOf is null && !drawn.Contains(surface.Id)
                    )),
                ]
            )
        );
    }

    private static Task<IResult> Change(ChangedVehicle request, [AsParameters] VehicleChange change) =>
        change.Make(
            vehicle =>
                CabinRebuild.Of(
                    vehicle with
                    {
                        Name = request.Name.Trim(),
                        Description = request.Description.Trim(),
                    },
                    request.Layout
                ),
            "layout."
        );

    private static async Task<IResult> Archive(
        VehicleStore store,
        VehicleId vehicleId,
        DateTimeOffset? at,
        CancellationToken cancel
    ) => await store.Archive(vehicleId, at, cancel) ? Results.NoContent() : Problems.NotFound(UnknownVehicle);

    private static async Task<IResult> Delete(
        VehicleId vehicleId,
        HttpRequest http,
        VehicleStore store,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await store.Find(vehicleId, cancel) is null ? Problems.NotFound(UnknownVehicle)
        : http.IfMatch() is not { } version ? Problems.MissingVersion()
        : await store.Discard(vehicleId, version, clock.Now, cancel) switch
        {
            ChangeOutcome.Made => Results.NoContent(),
            ChangeOutcome.Stale => Problems.Stale(),
            _ => Problems.NotFound(UnknownVehicle),
        };
}
