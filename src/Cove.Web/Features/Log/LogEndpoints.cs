using Cove.Web.Features.Inspections;
using Cove.Web.Features.Photos;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Log;

internal static class LogEndpoints
{
    private const string UnknownEntry = "There is no such entry. Reload the log.";
    private const int PageSize = 100;

    public static void MapLog(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/log", Newest)
            .WithName("GetLog")
            .WithSummary("Up to 100 entries of the log that are looked for, newest first.")
            .Produces<LogView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapGet(
                "/events",
                () =>
                    CareEvents
                        .All.Select(careEvent => new EventChoiceView(
                            careEvent.Id.Value,
                            careEvent.Name,
                            careEvent.WholeCar,
                            careEvent.Spot is not null,
                            careEvent.Spot is { } kind && FirstAid.ClosesFor(kind)
                        ))
                        .ToArray()
            )
            .WithName("ListEvents")
            .WithSummary("The events that can be recorded.");
        api.MapPost("/vehicles/{vehicleId:guid}/events", RecordEvent)
            .WithName("RecordEvent")
            .WithSummary("Records that something happened to surfaces now; their levels rise at once.")
            .Produces<LogEntryView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);

        RouteGroupBuilder entry = api.MapGroup("/log/{entryId:guid}");
        MapChange(entry.MapPut("/", Correct), "CorrectLogEntry", "Corrects an entry; levels follow.")
            .ProducesValidationProblem();
        MapChange(entry.MapPost("/undo", Undo), "UndoLogEntry", "Undoes an entry; levels follow.");
        MapChange(
            entry.MapPost("/restore", Restore),
            "RestoreLogEntry",
            "Lets an undone entry count again; levels follow."
        );
    }

    private static RouteHandlerBuilder MapChange(RouteHandlerBuilder route, string name, string summary) =>
        route
            .WithName(name)
            .WithSummary($"{summary} Needs the version of the entry in an If-Match header.")
            .Produces<LogEntryView>()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);

    private static async Task<IResult> Newest(
        VehicleId vehicleId,
        [AsParameters] LogQuery query,
        LogStore log,
        PhotoStore photos,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        var (entries, total) = await log.Newest(
            vehicleId,
            query.ToFilter(ledger.Vehicle, clock),
            query.Skip ?? 0,
            PageSize,
            cancel
        );
        ILookup<Guid, SavedPhoto> taken = await photos.Of(
            [.. entries.Select(entry => entry.Entry.Id.Value)],
            cancel
        );
        return Results.Ok(
            new LogView(
                [
                    .. entries.Select(entry =>
                        View(entry, ledger.Vehicle, clock) with
                        {
                            Photos = [.. taken[entry.Entry.Id].Select(PhotoView.Of)],
                        }
                    ),
                ],
                total,
                clock.OnTheWall(clock.Now)
            )
        );
    }

    private static async Task<IResult> RecordEvent(
        VehicleId vehicleId,
        NewEvent request,
        LogStore log,
        VehicleStore vehicles,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (CareEvents.Find(request.Event) is not { } happening)
        {
            return Problems.Field("event", "Choose one of the events on offer.");
        }

        Surface[] touched =
        [
            .. ledger.Vehicle.InCare().Where(surface => Touches(request, happening, surface)),
        ];
        if (request.SurfaceIds.Count > 0 && touched.Length != request.SurfaceIds.Count)
        {
            return Problems.Field("surfaceIds", "Name surfaces of this vehicle, each once.");
        }

        if (
            happening.Spot is not null
            && (
                request.SurfaceIds.Count == 0
                || touched.Any(surface => !SpotGrounds.CanHappenTo(surface.Kind))
            )
        )
        {
            return Problems.Field("surfaceIds", "Say where it happened: name one surface or more.");
        }

        if (happening.Spot is null && CareEvents.JumpsOf(happening, touched).Count == 0)
        {
            return Problems.Field("event", "This event raises nothing on those surfaces. Choose another.");
        }

        DateTimeOffset now = clock.Now;
        SavedEntry saved = await log.Append(
            ledger,
            new Happened(EntryId.New(now), now, happening.Id, [.. touched.Select(surface => surface.Id)])
            {
                Note = request.Note.Trim(),
            },
            cancel
        );
        return Results.Created($"/api/log/{saved.Entry.Id}", View(saved, ledger.Vehicle, clock));
    }

    /// <summary>The surfaces that were named; where none was, all that the event raises anything on.</summary>
    private static bool Touches(NewEvent request, CareEvent happening, Surface surface) =>
        request.SurfaceIds.Count > 0
            ? request.SurfaceIds.Contains(surface.Id.Value, StringComparer.Ordinal)
            : CareEvents.JumpsOf(happening, [surface]).Count > 0;

    private static Task<IResult> Correct(
        EntryId entryId,
        LogCorrection request,
        HttpRequest http,
        LogStore log,
        VehicleStore vehicles,
        PhotoStore photos,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        !RecordTime.IsFit(request.At, clock.Now)
            ? Task.FromResult(Problems.Field("at", RecordTime.HowToGive))
            : Change(
                http,
                vehicles,
                photos,
                clock,
                version =>
                    log.Correct(entryId, version, request.At, entry => Corrected(entry, request), cancel),
                cancel
            );

    /// <summary>What a correction makes of an entry, but for its time.</summary>
    private static LogEntry Corrected(LogEntry entry, LogCorrection request)
    {
        var taken = TimeSpan.FromMinutes(request.TakenMinutes);
        LogEntry corrected = entry switch
        {
            TaskDone done => done with
            {
                Taken = taken,
                Removed = request.CameClean ? Share.All : SessionRules.RemovedWhenNotClean,
            },
            ChoreDone chore => chore with { Taken = taken },
            DeepCleaned deep => deep with { Taken = taken },
            _ => entry,
        };
        return corrected with { Note = request.Note.Trim() };
    }

    private static Task<IResult> Undo(
        EntryId entryId,
        HttpRequest http,
        LogStore log,
        VehicleStore vehicles,
        PhotoStore photos,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        Change(
            http,
            vehicles,
            photos,
            clock,
            version => log.Undo(entryId, version, clock.Now, cancel),
            cancel
        );

    private static Task<IResult> Restore(
        EntryId entryId,
        HttpRequest http,
        LogStore log,
        VehicleStore vehicles,
        PhotoStore photos,
        OwnerClock clock,
        CancellationToken cancel
    ) => Change(http, vehicles, photos, clock, version => log.Restore(entryId, version, cancel), cancel);

    private static async Task<IResult> Change(
        HttpRequest http,
        VehicleStore vehicles,
        PhotoStore photos,
        OwnerClock clock,
        Func<int, Task<Changed<SavedEntry>>> change,
        CancellationToken cancel
    )
    {
        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        Changed<SavedEntry> changed = await change(version);
        if (changed.Outcome != ChangeOutcome.Made)
        {
            return changed.Outcome switch
            {
                ChangeOutcome.Stale => Problems.Stale(),
                ChangeOutcome.Refused => Problems.Field("at", changed.Reason!),
                _ => Problems.NotFound(UnknownEntry),
            };
        }

        SavedEntry saved = changed.Value!;
        CareLedger ledger = (await vehicles.Ledger(saved.VehicleId, cancel))!;
        http.HttpContext.Response.Headers.ETag = $"\"{saved.Version}\"";
        return Results.Ok(
            View(saved, ledger.Vehicle, clock) with
            {
                Photos =
                [
                    .. (await photos.Of([saved.Entry.Id], cancel))[saved.Entry.Id].Select(PhotoView.Of),
                ],
            }
        );
    }

    private static LogEntryView View(SavedEntry saved, Vehicle vehicle, OwnerClock clock)
    {
        LogEntry entry = saved.Entry;
        IReadOnlyList<SurfaceId> surfaceIds = SurfacesOf(entry);
        var (planned, taken) = entry switch
        {
            TaskDone done => (done.Planned, done.Taken),
            ChoreDone chore => (chore.Planned, chore.Taken),
            DeepCleaned deep => (TimeSpan.Zero, deep.Taken),
            _ => (TimeSpan.Zero, TimeSpan.Zero),
        };
        return new LogEntryView(
            entry.Id,
            saved.Version,
            LogEntryKinds.Of(entry),
            EntryWords.Of(entry),
            [
                .. vehicle
                    .Surfaces.Where(surface => surfaceIds.Contains(surface.Id))
                    .Select(surface => surface.Name),
            ],
            clock.OnTheWall(entry.At),
            Math.Round(planned.TotalMinutes, 1),
            Math.Round(taken.TotalMinutes, 1),
            entry is not TaskDone { CameClean: false },
            entry.Note,
            [
                .. (entry is TaskDone work ? work.Products : []).Select(product => new LoggedProductView(
                    product.Name,
                    $"{product.Strength}",
                    product.Amount.Value
                )),
            ],
            [],
            !entry.Counts,
            entry.RunId?.Value
        );
    }

    private static IReadOnlyList<SurfaceId> SurfacesOf(LogEntry entry) =>
        entry switch
        {
            Happened happened => happened.SurfaceIds,
            Checked look => look.SurfaceIds,
            SpotTested test => test.SurfaceIds,
            StreakTested streak => streak.SurfaceIds,
            TaskDone done => done.SurfaceIds,
            SpotTreated treated => [treated.SurfaceId],
            ClosureChanged changed => changed.SurfaceIds,
            DeepCleaned deep => deep.SurfaceIds,
            _ => [],
        };
}
