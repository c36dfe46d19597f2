using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Routines;

/// <summary>How much is enough: what more or fewer minutes would come to.</summary>
internal static class FrontierEndpoints
{
    public static void MapFrontier(this RouteGroupBuilder api)
    {
        RouteGroupBuilder frontier = api.MapGroup("/vehicles/{vehicleId:guid}/routine/frontier");
        frontier
            .MapGet("", Get)
            .WithName("GetFrontier")
            .WithSummary("The patterns of slots that were compared so far. Begin with a POST.")
            .Produces<FrontierView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        frontier
            .MapPost("", Begin)
            .WithName("BeginFrontier")
            .WithSummary(
                "Compares sixty patterns of slots in the background, unless that was done already. Nothing is stored."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<FrontierView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        frontier
            .MapDelete("", Cancel)
            .WithName("CancelFrontier")
            .WithSummary("Breaks the comparison off; what was found stays.")
            .WithMetadata(new ChangesNothing())
            .Produces<FrontierView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        FrontierJobs jobs,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await routines.Find(vehicleId, cancel) is not var (saved, _)
            ? Problems.NotFound(VehicleEndpoints.UnknownVehicle)
            : Results.Ok(FrontierView.Of(jobs.Find(vehicleId, StateOf(saved, clock))));

    private static async Task<IResult> Begin(
        VehicleId vehicleId,
        FrontierJobs jobs,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await routines.Find(vehicleId, cancel) is not var (saved, car))
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        string state = StateOf(saved, clock);
        if (
            jobs.Find(vehicleId, state) is { } known
            && (known.IsRunning || known.Points.Count == known.Total)
        )
        {
            return Results.Ok(FrontierView.Of(known));
        }

        var (_, own) = (await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel))!.Value;
        var (frontier, lately) = await routines.Compare(vehicleId, saved.Routine, car, cancel);
        return Results.Ok(FrontierView.Of(jobs.Begin(vehicleId, state, frontier, own, lately)));
    }

    private static async Task<IResult> Cancel(
        VehicleId vehicleId,
        FrontierJobs jobs,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await routines.Find(vehicleId, cancel) is not var (saved, _))
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        FrontierJob? job = jobs.Find(vehicleId, StateOf(saved, clock));
        job?.Cancel();
        return Results.Ok(FrontierView.Of(job));
    }

    /// <summary>A comparison holds for a routine on a day; what a session changes meanwhile hardly shows in a year.</summary>
    private static string StateOf(SavedRoutine saved, OwnerClock clock) => $"{saved.Version} {clock.Today:O}";
}

/// <summary>Patterns of slots compared.</summary>
/// <param name="Total">How many there are to compare; 0 before it was begun.</param>
/// <param name="Running">Whether some are still to come.</param>
/// <param name="Points">Those that were compared, the fewest minutes first.</param>
/// <param name="Named">The points that have a name; none while some are still to come.</param>
/// <param name="Own">What the owner's routine comes to; null without one, and before it was begun.</param>
/// <param name="Lately">What the owner has done lately comes to; null when too little is on record.</param>
internal sealed record FrontierView(
    int Total,
    bool Running,
    IReadOnlyList<FrontierPointView> Points,
    IReadOnlyList<NamedPointView> Named,
    OwnPointView? Own,
    OwnPointView? Lately
)
{
    public static FrontierView Of(FrontierJob? job)
    {
        if (job is null)
        {
            return new FrontierView(0, false, [], [], null, null);
        }

        bool running = job.IsRunning;
        FrontierPoint[] points = [.. job.Points.OrderBy(point => point.MinutesAWeek)];
        Dictionary<CareTask, double> own = job.Own.Tasks.ToDictionary(
            task => task.Item.Task,
            task => task.OverdueDays
        );
        return new FrontierView(
            job.Total,
            running,
            [.. points.Select(point => FrontierPointView.Of(point, job.Own, own))],
            running ? [] : NamesOf(points),
            job.Own.Slots.Count == 0
                ? null
                : new OwnPointView(
                    Math.Round(job.Own.GivenAWeek, 1),
                    Math.Round(job.Own.OverdueDays),
                    Math.Round(job.Own.WeightedOverdue, 1)
                ),
            job.Lately is { } lately
                ? new OwnPointView(Math.Round(lately.MinutesAWeek, 1), Math.Round(lately.OverdueDays), null)
                : null
        );
    }

    private static IReadOnlyList<NamedPointView> NamesOf(FrontierPoint[] points)
    {
        var named = NamedPoints.Of(points);
        return
        [
            .. new[]
            {
                ("matters", named.KeepsWhatMatters),
                ("value", named.BestValue),
                ("everything", named.KeepsUp),
            }
                .Where(name => name.Item2 is not null)
                .Select(name => new NamedPointView(name.Item1, Array.IndexOf(points, name.Item2!))),
        ];
    }
}

/// <summary>What a pattern of slots comes to in a year.</summary>
/// <param name="MinutesAWeek">The minutes asked for in an average week.</param>
/// <param name="OverdueDays">The days overdue, all tasks added.</param>
/// <param name="WeightedOverdue">The same by weight and by how far.</param>
/// <param name="Words">The pattern in words.</param>
/// <param name="Difference">What it would change beside the owner's routine, in words.</param>
/// <param name="Slots">The same as slots that can be kept.</param>
internal sealed record FrontierPointView(
    double MinutesAWeek,
    double OverdueDays,
    double WeightedOverdue,
    string Words,
    string Difference,
    IReadOnlyList<SlotDocument> Slots
)
{
    public static FrontierPointView Of(
        FrontierPoint point,
        RoutinePlan own,
        IReadOnlyDictionary<CareTask, double> ownTasks
    ) =>
        new(
            Math.Round(point.MinutesAWeek, 1),
            Math.Round(point.OverdueDays),
            Math.Round(point.WeightedOverdue, 1),
            point.Pattern.InWords(),
            own.Slots.Count == 0
                ? string.Empty
                : RoutineDifference.InWords(
                    own.GivenAWeek,
                    ownTasks,
                    point.MinutesAWeek,
                    point.Tasks.ToDictionary(task => task.Item.Task, task => task.OverdueDays)
                ),
            [.. point.Slots.Select(SlotDocument.Of)]
        );
}

/// <summary>A point that has a name.</summary>
/// <param name="Name">"matters" for the least that keeps sight, grip and hygiene; "value" for where more brings little; "everything" for the least that keeps all from falling overdue.</param>
/// <param name="Point">Its place among the points.</param>
internal sealed record NamedPointView(string Name, int Point);

/// <summary>What a routine of the owner's comes to.</summary>
/// <param name="MinutesAWeek">The minutes in an average week.</param>
/// <param name="OverdueDays">The days overdue in the year, all tasks added.</param>
/// <param name="WeightedOverdue">The same by weight and by how far; null where that is not known.</param>
internal sealed record OwnPointView(double MinutesAWeek, double OverdueDays, double? WeightedOverdue);
