using Cove.Core.Sessions;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Data;
using Cove.Web.Features.Vehicles;
using Cove.Web.Hosting;

namespace Cove.Web.Features.Cabin;

internal static class CabinEndpoints
{
    private static readonly TimeSpan NotesKept = TimeSpan.FromDays(28);

    public static void MapCabin(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/cabin", Chart)
            .WithName("GetCabin")
            .WithSummary("The cabin as a chart: the plan, and how each surface stands.")
            .Produces<CabinView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapGet("/vehicles/{vehicleId:guid}/surfaces/{surfaceId}", Surface)
            .WithName("GetSurface")
            .WithSummary("One surface: its tasks with level, history, next date and why.")
            .Produces<SurfaceView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Chart(
        Guid vehicleId,
        VehicleStore vehicles,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        DateTimeOffset now = clock.Now;
        var events = await log.Events(vehicleId, now - NotesKept, cancel);
        var statuses = ledger.At(now);
        SurfaceOnChartView[] surfaces =
        [
            .. ledger
                .Vehicle.Surfaces.Select(surface => OnChart(ledger.Vehicle, surface, statuses, events, clock))
                .OfType<SurfaceOnChartView>(),
        ];
        int overMark = surfaces.Count(surface => surface.OverMark);
        int week = (int)SessionRules.NextSession.TotalDays;
        return Results.Ok(
            new CabinView(
                VehicleView.Of(ledger.Vehicle),
                clock.OnTheWall(now),
                ledger.Usage.At(now).Distance.Kilometres,
                CabinBuilder.Build(ledger.Vehicle.Layout).Plan,
                CabinPlan.CentimetresAlong,
                CabinPlan.CentimetresAcross,
                surfaces,
                overMark,
                surfaces.Count(surface => !surface.OverMark && surface.DaysLeft <= week)
            )
        );
    }

    private static SurfaceOnChartView? OnChart(
        Vehicle vehicle,
        Surface surface,
        IReadOnlyList<CareStatus> statuses,
        IReadOnlyList<LogEntry> events,
        OwnerClock clock
    )
    {
        var (task, status) = InOrder(statuses, surface.Id).FirstOrDefault();
        if (status is null)
        {
            return null;
        }

        LogEntry? last = events.FirstOrDefault(entry =>
            entry.SurfaceIds.Contains(surface.Id, StringComparer.Ordinal)
        );
        string what =
            last is null ? string.Empty
            : last.Note.Length > 0 ? last.Note
            : CareEvents.Find(last.Subject)!.Name;
        return new SurfaceOnChartView(
            surface.Id,
            surface.Name,
            surface.ShortName,
            vehicle.Zones.First(zone => zone.Id == surface.ZoneId).Name,
            status.Due.Level.Value,
            status.Due.DaysLeft(clock.Now, clock.Zone),
            status.Due.Level.IsAtMark,
            task!.Name,
            surface.Facts.HasFlag(SurfaceFacts.TintFilm),
            what
        );
    }

    private static async Task<IResult> Surface(
        Guid vehicleId,
        string surfaceId,
        VehicleStore vehicles,
        CareReplay replay,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (ledger.Vehicle.Surfaces.FirstOrDefault(surface => surface.Id == surfaceId) is not { } surface)
        {
            return Problems.NotFound("This vehicle has no such surface. Choose one from its chart.");
        }

        var tasks = new List<SurfaceTaskView>();
        foreach (var (task, status) in InOrder(ledger.At(clock.Now), surfaceId))
        {
            CareHistory history = (await replay.History(ledger, new CareKey(task.Id, surfaceId), cancel))!;
            CareItem item = ledger.Items.First(item => item.Task.Id == task.Id);
            tasks.Add(new SurfacePage(clock).Task(item, status, history));
        }

        return Results.Ok(
            new SurfaceView(
                surface.Id,
                surface.Name,
                SurfaceWords.About(surface),
                ledger.Vehicle.Zones.First(zone => zone.Id == surface.ZoneId).Name,
                surface.Area.SquareMetres,
                clock.OnTheWall(clock.Now),
                tasks
            )
        );
    }

    /// <summary>The tasks that tend a surface, the one that comes due first in front.</summary>
    private static IEnumerable<(CareTask Task, SurfaceStatus Status)> InOrder(
        IReadOnlyList<CareStatus> statuses,
        string surfaceId
    ) =>
        statuses
            .SelectMany(status =>
                status
                    .Surfaces.Where(surface => surface.Surface.Id == surfaceId)
                    .Select(surface => (status.Item.Task, surface))
            )
            .OrderBy(pair => pair.surface.Due.DueAt ?? DateTimeOffset.MaxValue);
}
