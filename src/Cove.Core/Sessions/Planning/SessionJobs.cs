using Cove.Core.Methods;
using Cove.Core.Schools;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Planning;

/// <summary>Writes the tasks of a session as jobs with precedences, and adds the chores it needs.</summary>
/// <remarks>What must come before what, whatever the school: what lies loose is out first and back last; nothing is put back, protected or knelt on before it is dry; setting back is last of all. Common practice.</remarks>
/// <param name="places">Where the work is done.</param>
/// <param name="ways">How the owner likes to work.</param>
/// <param name="paces">How long the owner takes for chores.</param>
/// <param name="things">What lies loose in the car; nothing when left out.</param>
/// <param name="request">What the owner wants first and last; nothing when left out.</param>
public sealed class SessionJobs(
    SessionPlaces places,
    WaysOfWorking ways,
    OwnerPaces paces,
    LooseThings? things = null,
    SessionRequest? request = null
)
{
    /// <summary>A seat that is dry within this time is waited for; where it takes longer, the glass comes before it. Cove's own choice.</summary>
    private static readonly TimeSpan WorthWaitingFor = TimeSpan.FromMinutes(15);

    private static readonly TaskId ThingsBack = "things-back";
    private static readonly TaskId SeatsBack = "seats-back";

    private readonly LooseThings things = things ?? LooseThings.None;
    private readonly Dictionary<TaskWork, OrderJob[]> known = new(ReferenceEqualityComparer.Instance);
    private readonly IReadOnlyList<Stage> stages = StageOrder.For(ways);
    private readonly IReadOnlyList<Stage> stagesDressFirst = StageOrder.For(ways, dressBeforeWet: true);
    private readonly IReadOnlyList<Stage> stagesGlassFirst = StageOrder.For(ways, glassBeforeWet: true);

    /// <summary>Makes the problem of ordering some tasks.</summary>
    /// <param name="works">The tasks chosen.</param>
    /// <param name="without">Whether a job is left for later; none is when left out.</param>
    /// <param name="seatsApart">Whether child seats come back by themselves, and do not wait for covers and liners.</param>
    /// <param name="glassBeforeWet">Whether glass comes before what is knelt on is wet, however soon that dries.</param>
    public OrderProblem Of(
        IReadOnlyCollection<TaskWork> works,
        Func<OrderJob, bool>? without = null,
        bool seatsApart = false,
        bool glassBeforeWet = false
    )
    {
        // Whoever washes mats brings them back when floor and mats are dry; nobody brings them back twice.
        bool matsComeBack = works.Any(work => work.Status.Item.Task.TakesOut);
        OrderJob[] jobs =
        [
            .. works
                .SelectMany(JobsOf)
                .Where(job => !(job.PutsBack && matsComeBack && IsOfFloor(job.TaskId)))
                .Concat(Chores(works, seatsApart))
                .Where(job => without is null || !without(job)),
        ];
        bool stayWet = glassBeforeWet || works.Any(work => WetsPlaces(work) && work.Drying > WorthWaitingFor);
        bool wetFloor = works.Any(work => work.Status.Item.Task.Stage == Stage.WetFloor);
        IReadOnlyList<Stage> order =
            stayWet ? stagesGlassFirst
            : wetFloor ? stagesDressFirst
            : stages;
        return new OrderProblem(jobs, Precedences(jobs, order, works), places.Way, places.Start)
        {
            Stages = order,
            PlacesInOrder = places.InFixedOrder,
        };
    }

    /// <summary>Whether a job only brings something back once it is dry, so that it may be left for later.</summary>
    public static bool BringsBack(OrderJob job) =>
        (job.PutsBack && CareTasks.Find(job.TaskId) is { } task && task.PutBack > TimeSpan.Zero)
        || job.TaskId == ThingsBack;

    /// <summary>Whether some work has glass wait for seats or floor to dry.</summary>
    internal static bool GlassWaits(IReadOnlyCollection<TaskWork> works) =>
        works.Any(WetsPlaces) && works.Any(work => work.Status.Item.Task.Stage == Stage.Glass);

    /// <summary>What certain work sends one on once a session.</summary>
    internal IReadOnlyList<SessionErrand> Errands =>
        [
            new SessionErrand(
                Carrying(chore => true),
                Carrying(chore => chore.Stage == Stage.Prepare),
                (_, surfaces) => surfaces.Any(things.LieOn)
            ),
            .. SessionChores
                .All.Where(chore => chore.IsAlwaysFor(ways))
                .Select(chore => new SessionErrand(
                    paces.WorkOf(chore, 0),
                    paces.WorkOf(chore, 0),
                    (task, _) => chore.For.Contains(task.Id)
                )),
        ];

    private TimeSpan Carrying(Func<SessionChore, bool> which) =>
        SessionChores
            .All.Where(chore => chore.ForLooseThings && which(chore))
            .Aggregate(TimeSpan.Zero, (sum, chore) => sum + paces.WorkOf(chore, things.ChildSeats));

    /// <summary>What of some work may be left for later: putting back what was taken out.</summary>
    public TimeSpan MayComeLaterOf(TaskWork work) =>
        work.Status.Item.Task.SecondCoatAfter > TimeSpan.Zero ? TimeSpan.Zero : LaterPartOf(work);

    /// <summary>Whether child seats lie in the car that leave it for work behind.</summary>
    public bool HasChildSeats => things.ChildSeats > 0;

    /// <summary>Whether some work has what lies loose carried out before it.</summary>
    public bool CarriesOut(IEnumerable<TaskWork> works) =>
        works.Any(work => work.Status.Item.Surfaces.Any(things.LieOn));

    /// <summary>Whether a task wets a child seat, or what one stands on, so that the child seat has to wait.</summary>
    public bool KeepsChildSeatsOut(TaskWork work) =>
        work.Drying > TimeSpan.Zero && work.Status.Item.Surfaces.Any(IsUnderChildSeat);

    private bool IsUnderChildSeat(Surface surface) =>
        surface.Kind == SurfaceKind.ChildSeat
        || (surface.Kind == SurfaceKind.Seat && things.LieOn(surface) && !FrontSeats.Have(surface));

    /// <summary>The work of a task, and what comes back to it later: a second coat, or putting back.</summary>
    private OrderJob[] JobsOf(TaskWork work)
    {
        if (!known.TryGetValue(work, out OrderJob[]? jobs))
        {
            CareTask task = work.Status.Item.Task;
            IReadOnlyList<Zone> zones = places.ZonesOf(work.Status.Item);
            TimeSpan later = LaterPartOf(work);
            bool twoCoats = task.SecondCoatAfter > TimeSpan.Zero;
            var first = new OrderJob(
                task.Id,
                false,
                task.Stage,
                work.Hands - later,
                task.Kits,
                zones,
                twoCoats ? task.SecondCoatAfter : work.Drying
            );
            jobs =
                twoCoats ? [first, first with { PutsBack = true, Hands = later, Drying = work.Drying }]
                : later > TimeSpan.Zero
                    ? [first, new OrderJob(task.Id, true, Stage.PutBack, later, [], zones, TimeSpan.Zero)]
                : [first];
            known[work] = jobs;
        }

        return jobs;
    }

    /// <summary>The chores that a session of these tasks needs.</summary>
    private IEnumerable<OrderJob> Chores(IReadOnlyCollection<TaskWork> works, bool seatsApart)
    {
        var ids = works.Select(work => work.Status.Item.Task.Id).ToHashSet();
        TimeSpan hands = works.Aggregate(TimeSpan.Zero, (sum, work) => sum + work.Hands);
        bool inTheWay = CarriesOut(works);
        return SessionChores
            .All.Where(chore =>
                chore.ForChildSeats ? inTheWay && seatsApart && HasChildSeats
                : chore.ForLooseThings ? inTheWay
                : chore.IsNeededFor(ids, hands, ways)
            )
            .Select(chore =>
            {
                int seats = seatsApart && chore.Id == ThingsBack ? 0 : things.ChildSeats;
                return new OrderJob(
                    chore.Id,
                    false,
                    chore.Stage,
                    paces.WorkOf(chore, seats),
                    [],
                    chore.AtEveryDoor ? places.Zones : [],
                    TimeSpan.Zero
                )
                {
                    ChoreName = chore.NameWith(seats),
                    ChorePace = paces.FactorOf(chore),
                };
            });
    }

    /// <summary>Putting back takes its minutes on any size of car, but never more than half of the task; a second coat takes half.</summary>
    private TimeSpan LaterPartOf(TaskWork work)
    {
        CareTask task = work.Status.Item.Task;
        if (task.Stage == Stage.WetFloor && !things.Mats)
        {
            return TimeSpan.Zero;
        }

        TimeSpan half = work.Hands / 2;
        return task.SecondCoatAfter > TimeSpan.Zero || task.PutBack > half ? half : task.PutBack;
    }

    /// <summary>Stage after stage; and what has to be dry before it is put back, knelt on or worked on again.</summary>
    private List<Precedence> Precedences(
        OrderJob[] jobs,
        IReadOnlyList<Stage> stages,
        IReadOnlyCollection<TaskWork> works
    )
    {
        var rules = new List<Precedence>();
        var turns = new SessionTurns(works, stages, request);
        int[][] groups =
        [
            .. Enumerable
                .Range(0, jobs.Length)
                .GroupBy(job => turns.Of(jobs[job]))
                .OrderBy(group => group.Key)
                .Select(group => group.ToArray()),
        ];
        // Each job of a stage after each of the stage before: what lies further back follows from that.
        for (int stage = 1; stage < groups.Length; stage++)
        {
            foreach (int before in groups[stage - 1])
            {
                foreach (int after in groups[stage])
                {
                    rules.Add(new Precedence(before, after, TimeSpan.Zero));
                }
            }
        }

        var wetPlaces = works.Where(WetsPlaces).Select(work => work.Status.Item.Task.Id).ToHashSet();
        var belowThings = works
            .Where(work => work.Status.Item.Surfaces.Any(things.LieOn))
            .Select(work => work.Status.Item.Task.Id)
            .ToHashSet();
        var underSeats = works.Where(KeepsChildSeatsOut).Select(work => work.Status.Item.Task.Id).ToHashSet();
        for (int wet = 0; wet < jobs.Length; wet++)
        {
            if (jobs[wet].Drying == TimeSpan.Zero)
            {
                continue;
            }

            for (int after = 0; after < jobs.Length; after++)
            {
                bool isPlace = wetPlaces.Contains(jobs[wet].TaskId);
                if (
                    after != wet
                    && (
                        NeedsItDry(jobs[wet], jobs[after])
                        || (jobs[after].TaskId == ThingsBack && belowThings.Contains(jobs[wet].TaskId))
                        || (jobs[after].TaskId == SeatsBack && underSeats.Contains(jobs[wet].TaskId))
                        // Who cleans glass kneels on the seats and treads on the floor; glass that comes before them need not wait.
                        || (
                            isPlace
                            && jobs[after].Stage == Stage.Glass
                            && turns.Of(jobs[wet]).CompareTo(turns.Of(jobs[after])) < 0
                        )
                    )
                )
                {
                    rules.Add(new Precedence(wet, after, jobs[wet].Drying));
                }
            }
        }

        return rules;
    }

    private static bool NeedsItDry(OrderJob wet, OrderJob after) =>
        // The second coat on the first; what was taken out, when it is dry itself and so is the floor.
        after.PutsBack
            ? !wet.PutsBack
                && (
                    after.TaskId == wet.TaskId
                    || (after.Stage == Stage.PutBack && wet.Stage == Stage.WetFloor)
                )
            : CareTasks.Find(after.TaskId) is { } task && task.AfterDryingOf.Contains(wet.TaskId);

    private static bool IsOfFloor(TaskId taskId) => CareTasks.Find(taskId)?.Stage == Stage.WetFloor;

    /// <summary>Whether a task wets where one kneels or treads while cleaning glass.</summary>
    private static bool WetsPlaces(TaskWork work) =>
        work.Drying > TimeSpan.Zero
        && work.Status.Item.Surfaces.Any(surface => surface.Kind is SurfaceKind.Seat or SurfaceKind.Carpet);
}
