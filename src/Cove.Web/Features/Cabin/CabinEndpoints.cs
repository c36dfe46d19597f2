using System.Text.Json;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Inspections;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Cabin;

internal static class CabinEndpoints
{
    private const int NotesShown = 8;

    private static readonly TimeSpan NotesKept = TimeSpan.FromDays(28);

    public static void MapCabin(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/cabin", Chart)
            .WithName("GetCabin")
            .WithSummary(
                "The cabin as a chart: the plan, and how each surface stands; for one kind of work, if asked."
            )
            .Produces<CabinView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapGet("/vehicles/{vehicleId:guid}/surfaces/{surfaceId}", Surface)
            .WithName("GetSurface")
            .WithSummary(
                "One surface: its tasks with level, history, next date and why, and what can be looked at."
            )
            .Produces<SurfaceView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Chart(
        VehicleId vehicleId,
        VehicleStore vehicles,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel,
        string? work = null
    )
    {
        if (
            await vehicles.Find(vehicleId, cancel) is not { } saved
            || await vehicles.Ledger(vehicleId, cancel) is not { } ledger
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (work is not null && KindOf(work) is null)
        {
            return Problems.Field("work", $"Choose one of: {string.Join(", ", WorkNames)}.");
        }

        DateTimeOffset now = clock.Now;
        var events = await log.Events(vehicleId, now - NotesKept, cancel);
        CareStatus[] statuses =
        [
            .. ledger
                .At(now)
                .Where(status => work is null || status.Item.Task.Stage.KindOfWork() == KindOf(work)),
        ];
        Core.Vehicles.Plan.Cabin cabin = ledger.Vehicle.ToCabin();
        SurfaceOnChartView[] surfaces =
        [
            .. cabin
                .Surfaces.Select(surface => OnChart(cabin, surface, statuses, events, clock))
                .OfType<SurfaceOnChartView>(),
        ];
        int overMark = surfaces.Count(surface => surface.OverMark);
        int week = (int)SessionRules.NextSession.TotalDays;
        return Results.Ok(
            new CabinView(
                VehicleView.Of(ledger.Vehicle),
                clock.OnTheWall(now),
                ledger.Usage.At(now).Distance.Kilometres,
                cabin.Plan,
                saved.Version,
                [.. cabin.Zones.Select(zone => new NamedView(zone.Id.Value, zone.Name))],
                surfaces,
                overMark,
                surfaces.Count(surface => !surface.OverMark && surface.DaysLeft <= week),
                [.. Due.SoonestFirst(surfaces, surface => surface.DaysLeft).Select(surface => surface.Id)]
            )
        );
    }

    private static IEnumerable<string> WorkNames =>
        Enum.GetNames<WorkKind>().Select(JsonNamingPolicy.CamelCase.ConvertName);

    private static WorkKind? KindOf(string work) =>
        WorkNames.Contains(work, StringComparer.Ordinal)
            ? Enum.Parse<WorkKind>(work, ignoreCase: true)
            : null;

    private static SurfaceOnChartView? OnChart(
        Core.Vehicles.Plan.Cabin cabin,
        Surface surface,
        IReadOnlyList<CareStatus> statuses,
        IReadOnlyList<Happened> events,
        OwnerClock clock
    )
    {
        var (task, status) = InOrder(statuses, surface.Id).FirstOrDefault();
        if (status is null)
        {
            return null;
        }

        Happened? last = events.FirstOrDefault(entry => entry.SurfaceIds.Contains(surface.Id));
        string what =
            last is null ? string.Empty
            : last.Note.Length > 0 ? last.Note
            : CareEvents.Find(last.EventId)!.Name;
        return new SurfaceOnChartView(
            surface.Id.Value,
            surface.Name,
            surface.ShortName,
            cabin.Zones.First(zone => zone.Id == surface.ZoneId).Name,
            surface.ZoneId.Value,
            status.Due.Level.Value,
            status.Due.DaysLeft(clock.Now, clock.Zone),
            status.Due.Level.IsDue,
            task!.Name,
            surface.Facts.HasFlag(SurfaceFacts.TintFilm),
            surface.Wear is not null,
            what
        );
    }

    private static async Task<IResult> Surface(
        VehicleId vehicleId,
        SurfaceId surfaceId,
        VehicleStore vehicles,
        CarsAtHand cars,
        CarSources sources,
        LogStore log,
        LevelStore levels,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await vehicles.Find(vehicleId, cancel) is not { } saved
            || await cars.Get(vehicleId, sources, cancel) is not { } car
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CareLedger ledger = car.Day.Ledger;
        Core.Vehicles.Plan.Cabin cabin = car.Day.Cabin;
        if (cabin.Surfaces.FirstOrDefault(surface => surface.Id == surfaceId) is not { } surface)
        {
            return Problems.NotFound("This vehicle has no such surface. Choose one from its chart.");
        }

        var histories = await car.Once(
            $"histories of {surfaceId}",
            () => levels.Histories(ledger, clock.Now - SurfacePage.Past, surfaceId, cancel)
        );
        var page = new SurfacePage(car.Day.Car, clock);
        var items = ledger.Items.ToDictionary(item => item.Task.Id);
        SurfaceTaskView[] tasks = car.Use(at =>
            InOrder(at.Statuses, surfaceId)
                .Select(pair =>
                    page.Task(
                        items[pair.Task.Id],
                        pair.Status,
                        histories[new CareKey(pair.Task.Id, surfaceId)]
                    )
                )
                .ToArray()
        );
        return Results.Ok(
            new SurfaceView(
                surface.Id.Value,
                surface.Name,
                saved.Version,
                SurfaceWords.About(surface),
                cabin.Zones.First(zone => zone.Id == surface.ZoneId).Name,
                surface.Area.SquareMetres,
                surface.Wear,
                ledger.Vehicle.Surfaces.FirstOrDefault(whole => whole.Id == surface.PartOf)?.Name,
                surface.PartOf?.Value,
                clock.OnTheWall(clock.Now),
                tasks,
                [
                    .. InspectionTable
                        .For(surface)
                        .Select(inspection => InspectionView.Of(inspection, surface)),
                ],
                [
                    .. (await log.OfSurface(vehicleId, surfaceId, NotesShown, cancel)).Select(entry =>
                        Note(entry, clock)
                    ),
                ]
            )
        );
    }

    private static SurfaceNoteView Note(SavedEntry saved, OwnerClock clock)
    {
        LogEntry entry = saved.Entry;
        string words = EntryWords.Of(entry);
        return new SurfaceNoteView(
            entry.Id,
            saved.Version,
            clock.OnTheWall(entry.At),
            entry is Checked,
            entry.Note.Length > 0 ? $"{words}: {entry.Note}" : words
        );
    }

    /// <summary>The tasks that tend a surface, the one that comes due first in front.</summary>
    private static IEnumerable<(CareTask Task, SurfaceStatus Status)> InOrder(
        IReadOnlyList<CareStatus> statuses,
        SurfaceId surfaceId
    ) =>
        statuses
            .SelectMany(status =>
                status
                    .Surfaces.Where(surface => surface.Surface.Id == surfaceId)
                    .Select(surface => (status.Item.Task, surface))
            )
            .OrderBy(pair => pair.surface.Due.DueAt ?? DateTimeOffset.MaxValue);
}
