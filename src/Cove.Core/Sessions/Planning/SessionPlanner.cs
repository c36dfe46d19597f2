using Cove.Core.Cars;
using Cove.Core.Methods;
using Cove.Core.Schools;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>Plans sessions for one vehicle at one instant: what is worth doing, for every length of session, and in which order.</summary>
/// <remarks>
/// Triage counts hands and fetching; walking, swapping kits and waiting for something to dry are known only once
/// the jobs stand in order. A session is therefore the largest triage choice whose order fits the minutes from
/// the first step to the last. What cannot be dry by then is brought back later: see <see cref="SessionPlan.Later"/>.
/// </remarks>
public sealed class SessionPlanner
{
    private const int HalfMinutesAMinute = 2;

    /// <summary>What a task that is kept in counts for beside its worth: more than all other tasks together ever do.</summary>
    private const int KeptInFirst = 10_000_000;

    private static readonly Kit[] AllKits = Enum.GetValues<Kit>();

    private readonly ReadyTasks ready;
    private readonly (ReadyTask Task, int Link)[] candidates;
    private readonly TriageCurve curve;
    private readonly TriageProblem problem;

    /// <summary>What each candidate is worth by itself, whether it is kept in or not.</summary>
    private readonly int[] worths;

    /// <summary>The whole of each task that is kept in.</summary>
    private readonly HashSet<int> keptIn;

    private readonly double wholeWorth;
    private readonly bool seatsMayStayOut;
    private readonly SessionJobs jobs;
    private readonly Func<CareStatus, TaskWork> workOn;
    private readonly Dictionary<IReadOnlyList<int>, IReadOnlyList<PlannedOrder>> orders = new(
        ReferenceEqualityComparer.Instance
    );

    /// <summary>Makes a planner that works by the table, whatever is at hand.</summary>
    /// <param name="statuses">How every task of the vehicle stands.</param>
    /// <param name="cabin">The cabin, for the walking.</param>
    public SessionPlanner(IReadOnlyList<CareStatus> statuses, Cabin cabin)
        : this(new ReadyTasks(statuses), cabin, null) { }

    /// <summary>Makes a planner.</summary>
    /// <param name="ready">What can be done now, and with what.</param>
    /// <param name="cabin">The cabin, for the walking.</param>
    /// <param name="methods">How its tasks are done; as the table has it when left out.</param>
    /// <param name="things">What lies loose in the car; nothing when left out.</param>
    /// <param name="request">What the owner asks of the session, as it was put to <paramref name="ready"/>; nothing when left out.</param>
    /// <param name="seatsMayStayOut">Whether the car stands long enough afterwards for child seats to stay out until what is under them is dry; where it does not, they come back in every session that takes them out.</param>
    /// <param name="ofWorth">What all of the upkeep is worth of which a session does a share, see <see cref="Worth"/>; that of <paramref name="ready"/> when left out.</param>
    public SessionPlanner(
        ReadyTasks ready,
        Cabin cabin,
        MethodBook? methods,
        LooseThings? things = null,
        SessionRequest? request = null,
        double? ofWorth = null,
        bool seatsMayStayOut = true
    )
    {
        this.ready = ready;
        this.seatsMayStayOut = seatsMayStayOut;
        WaysOfWorking ways = methods?.Ways ?? WaysOfWorking.Default;
        workOn = methods is null ? TaskWork.FromTable : methods.Of;
        jobs = new SessionJobs(
            new SessionPlaces(cabin, ways.Zones),
            ways,
            methods?.Paces ?? OwnerPaces.Nothing,
            things,
            request
        );
        candidates = [.. ready.All.SelectMany(task => task.Links.Index().Select(link => (task, link.Index)))];
        keptIn = [.. ready.KeptIn.Select(task => Array.IndexOf(candidates, (task, task.Links.Count - 1)))];
        worths =
        [
            .. candidates.Select(candidate => WorthOf(candidate.Task, candidate.Task.Links[candidate.Link])),
        ];
        Worth = worths.Sum(worth => (double)worth);
        wholeWorth = ofWorth ?? Worth;
        problem = TriageOf();
        curve = Triage.Solve(problem, SessionRules.LongestMinutes * HalfMinutesAMinute);
    }

    /// <summary>The tasks that are worth doing now, on the surfaces that need it, with those they require.</summary>
    public IReadOnlyList<CareStatus> WorthDoing => [.. ready.All.Select(task => task.Status)];

    /// <summary>What cannot be done now, with the reason.</summary>
    public IReadOnlyList<HeldBack> Held => ready.Held;

    /// <summary>What doing all of it is worth, in points; see <see cref="TaskWorth"/>.</summary>
    public double Worth { get; }

    /// <summary>Plans the session for a number of minutes.</summary>
    /// <param name="minutes">From <see cref="SessionRules.ShortestMinutes"/> to <see cref="SessionRules.LongestMinutes"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The minutes are outside that range.</exception>
    public SessionPlan Plan(int minutes)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(minutes, SessionRules.ShortestMinutes);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(minutes, SessionRules.LongestMinutes);
        var limit = TimeSpan.FromMinutes(minutes);
        int least = LeastBudget();
        for (int budget = minutes * HalfMinutesAMinute; budget > 0 && budget >= least; budget--)
        {
            IReadOnlyList<int> selection = curve.SelectionAt(budget);
            if (OrdersOf(selection).FirstOrDefault(order => order.Order.Length <= limit) is { } fitting)
            {
                return PlanOf(minutes, selection, fitting);
            }
        }

        // What is kept in is done even where it takes longer than there is time.
        return least > 0
            ? PlanOf(minutes, curve.SelectionAt(least), OrdersOf(curve.SelectionAt(least))[0])
            : new SessionPlan(minutes, [], [], new RunningOrder([], TimeSpan.Zero), Share.None);
    }

    private SessionPlan PlanOf(int minutes, IReadOnlyList<int> selection, PlannedOrder order) =>
        new(minutes, order.Works, order.Jobs, order.Order, ShareOf(selection, order.Dropped))
        {
            Choices = ChoicesOf(order),
            Later = order.Later,
        };

    /// <summary>The smallest budget that holds all that is kept in, or as much of it as two hours hold; 0 when nothing is.</summary>
    private int LeastBudget()
    {
        int budget = SessionRules.LongestMinutes * HalfMinutesAMinute;
        int most = KeptInAt(budget);
        while (budget > 0 && KeptInAt(budget - 1) == most)
        {
            budget--;
        }

        return most == 0 ? 0 : budget;
    }

    private int KeptInAt(int budget) => curve.SelectionAt(budget).Count(keptIn.Contains);

    /// <summary>Plans a session for each whole minute from the shortest to the longest; the share gained never falls.</summary>
    public IReadOnlyList<SessionPlan> PlanAll() =>
        [
            .. Enumerable
                .Range(
                    SessionRules.ShortestMinutes,
                    SessionRules.LongestMinutes - SessionRules.ShortestMinutes + 1
                )
                .Select(Plan),
        ];

    /// <summary>Each link of a task requires the one before it; the first requires the other task as far as the surfaces reach that need it.</summary>
    private TriageProblem TriageOf()
    {
        int[] fetch =
        [
            .. AllKits.Select(kit => (int)Math.Round(kit.Facts().Fetch.TotalMinutes * HalfMinutesAMinute)),
        ];
        return new TriageProblem(
            [
                .. candidates.Select(
                    (candidate, index) =>
                        new TriageCandidate(
                            candidate.Task.Links[candidate.Link].HalfMinutes,
                            worths[index] + (keptIn.Contains(index) ? KeptInFirst : 0),
                            [
                                .. candidate.Task.Status.Item.Task.Kits.Select(kit =>
                                    Array.IndexOf(AllKits, kit)
                                ),
                            ],
                            candidate.Link > 0 ? index - 1 : RequiredFor(candidate.Task)
                        )
                ),
            ],
            fetch
        );
    }

    private int? RequiredFor(ReadyTask task)
    {
        if (ready.RequiredBy(task) is not { } required)
        {
            return null;
        }

        int? deepest = task.Status.Surfaces.Max(surface => required.LinkWith(surface.Surface.Id));
        return deepest is { } link ? Array.IndexOf(candidates, (required, link)) : null;
    }

    /// <summary>What a link is worth: each of its surfaces by its level and its part of the whole. What is only wanted for another task's sake is worth nothing by itself.</summary>
    private int WorthOf(ReadyTask task, ChainLink link)
    {
        CareItem item = task.Status.Item;
        return TaskWorth.Points(
            link.Adds.Where(status => ready.IsWanted(item.Task, status))
                .Sum(status => TaskWorth.Of(item.Task, status.Due.Level, item.PartOf(status.Surface)))
        );
    }

    /// <summary>The orders of a selection, the better first: with everything brought back at the end, and with what would have to be waited for left for later.</summary>
    private IReadOnlyList<PlannedOrder> OrdersOf(IReadOnlyList<int> selection)
    {
        if (!orders.TryGetValue(selection, out IReadOnlyList<PlannedOrder>? planned))
        {
            TaskWork[] works = WorksOf(selection);
            planned =
                jobs.HasChildSeats && !seatsMayStayOut
                    ? WithSeatsBack(works)
                    : InOrder(Ordered(works, jobs.Of(works), []), seatsApart: false);
            orders[selection] = planned;
        }

        return planned;
    }

    private IReadOnlyList<PlannedOrder> InOrder(PlannedOrder whole, bool seatsApart) =>
        IsCalm(whole)
            ? [whole, .. WithoutWaiting(whole, seatsApart)]
            : [.. WithoutWaiting(whole, seatsApart), whole];

    /// <summary>Whether nobody stands about for long.</summary>
    private static bool IsCalm(PlannedOrder order) =>
        order.Order.Length - order.Order.Busy <= SessionRules.WorthWaiting;

    /// <summary>Orders that end with every child seat fixed again: with everything else as well; else with covers and liners left to dry; else without the work for which the child seats would have to wait.</summary>
    private List<PlannedOrder> WithSeatsBack(TaskWork[] works)
    {
        PlannedOrder whole = Ordered(works, jobs.Of(works), []);
        PlannedOrder apart = Ordered(works, jobs.Of(works, seatsApart: true), []);
        PlannedOrder[] all = [whole, .. InOrder(apart, seatsApart: true)];
        List<PlannedOrder> planned = [.. all.Where(IsCalm)];
        TaskWork[] left = [.. WithoutDependents(works, [.. works.Where(jobs.KeepsChildSeatsOut)])];
        if (left.Length < works.Length)
        {
            TaskWork[] dry = [.. left.Select(work => OnlyNeeded(work, left)).OfType<TaskWork>()];
            TaskId[] dropped =
            [
                .. works
                    .Select(work => work.Status.Item.Task.Id)
                    .Except(dry.Select(work => work.Status.Item.Task.Id)),
            ];
            planned.AddRange(WithSeatsBack(dry).Select(order => order with { Dropped = dropped }));
        }

        planned.AddRange(all.Where(order => !IsCalm(order)));
        return planned;
    }

    /// <summary>Some work without a part of it, and without what cannot be done without that part.</summary>
    private static IEnumerable<TaskWork> WithoutDependents(TaskWork[] works, TaskWork[] left)
    {
        var gone = left.Select(work => work.Status.Item.Task.Id).ToHashSet();
        while (
            works.FirstOrDefault(work =>
                !gone.Contains(work.Status.Item.Task.Id)
                && work.Status.Item.Task.Requires is { } required
                && gone.Contains(required)
            )
                is { } dependent
        )
        {
            gone.Add(dependent.Status.Item.Task.Id);
        }

        return works.Where(work => !gone.Contains(work.Status.Item.Task.Id));
    }

    private static PlannedOrder Ordered(
        TaskWork[] works,
        OrderProblem session,
        IReadOnlyList<BroughtBackLater> later
    ) => new(works, session.Jobs, RunningOrder.Solve(session), later);

    /// <summary>The same without what would have to be waited for to be brought back.</summary>
    private IEnumerable<PlannedOrder> WithoutWaiting(PlannedOrder whole, bool seatsApart)
    {
        var late = new HashSet<(TaskId, bool)>();
        for (PlannedOrder next = whole; ; )
        {
            (OrderJob Job, TimeSpan From)[] waiting = [.. WaitedFor(next)];
            if (waiting.Length == 0)
            {
                if (late.Count > 0)
                {
                    yield return next;
                }

                yield break;
            }

            late.UnionWith(waiting.Select(wait => (wait.Job.TaskId, wait.Job.PutsBack)));
            next = Ordered(
                next.Works,
                jobs.Of(next.Works, job => late.Contains((job.TaskId, job.PutsBack)), seatsApart),
                [
                    .. next.Later,
                    .. waiting.Select(wait => new BroughtBackLater(
                        wait.Job.TaskId,
                        wait.From,
                        wait.Job.ChoreName
                    )),
                ]
            );
        }
    }

    /// <summary>What is brought back only after the hands had to rest for it.</summary>
    private static IEnumerable<(OrderJob Job, TimeSpan From)> WaitedFor(PlannedOrder order)
    {
        TimeSpan free = TimeSpan.Zero;
        foreach (OrderedJob step in order.Order.Steps)
        {
            OrderJob job = order.Jobs[step.Job];
            if (step.Begin > free && SessionJobs.BringsBack(job))
            {
                yield return (job, step.Begin);
            }

            free = step.End;
        }
    }

    /// <summary>The tasks of a selection, each on the surfaces it reaches; what was only wanted for the sake of a task that is not in it is left out again.</summary>
    private TaskWork[] WorksOf(IReadOnlyList<int> selection)
    {
        var reached = selection
            .GroupBy(index => candidates[index].Task)
            .ToDictionary(
                links => links.Key,
                links => links.Key.Links[links.Max(index => candidates[index].Link)].Work
            );
        return NothingDryOnWhatIsWashed([
            .. ready
                .All.Where(reached.ContainsKey)
                .Select(task => OnlyNeeded(reached[task], reached.Values))
                .OfType<TaskWork>(),
        ]);
    }

    /// <summary>What is carried out and washed at the beginning is beaten and vacuumed there, in the same minutes; vacuuming it later, wet, is no work for anybody. Common practice.</summary>
    private TaskWork[] NothingDryOnWhatIsWashed(TaskWork[] works)
    {
        TaskWork[] washing =
        [
            .. works.Where(work =>
                work.Status.Item.Task.Stage == Stage.MatsOut && work.Drying > TimeSpan.Zero
            ),
        ];
        var washed = washing
            .SelectMany(work => work.Status.Surfaces)
            .Select(surface => surface.Surface.Id)
            .ToHashSet();
        if (washed.Count == 0)
        {
            return works;
        }

        (TaskWork Whole, TaskWork? Dry)[] apart =
        [
            .. works.Select(work => (work, washing.Contains(work) ? work : Without(work, washed))),
        ];
        TimeSpan moved = apart.Aggregate(
            TimeSpan.Zero,
            (sum, work) => sum + work.Whole.Hands - (work.Dry?.Hands ?? TimeSpan.Zero)
        );
        return
        [
            .. apart
                .Select(work => work.Dry)
                .OfType<TaskWork>()
                .Select(work => work == washing[0] ? work with { Hands = work.Hands + moved } : work),
        ];
    }

    /// <summary>Dry work without what is washed anyway; null when nothing is left of it.</summary>
    private TaskWork? Without(TaskWork work, HashSet<SurfaceId> washed)
    {
        if (work.Status.Item.Task.Stage is not (Stage.Dust or Stage.VacuumHigh or Stage.VacuumFloor))
        {
            return work;
        }

        ILookup<bool, SurfaceStatus> isWashed = work.Status.Surfaces.ToLookup(surface =>
            washed.Contains(surface.Surface.Id)
        );
        return !isWashed[true].Any() ? work
            : !isWashed[false].Any() ? null
            : workOn(work.Status.On([.. isWashed[false]])) with
            {
                Along = [.. isWashed[true].Select(surface => surface.Surface)],
            };
    }

    private TaskWork? OnlyNeeded(TaskWork work, IReadOnlyCollection<TaskWork> reached)
    {
        CareTask task = work.Status.Item.Task;
        var needed = reached
            .Where(other => other.Status.Item.Task.Requires == task.Id)
            .SelectMany(other => other.Status.Surfaces)
            .Select(surface => surface.Surface.Id)
            .ToHashSet();
        SurfaceStatus[] keep =
        [
            .. work.Status.Surfaces.Where(surface =>
                ready.IsWanted(task, surface) || needed.Contains(surface.Surface.Id)
            ),
        ];
        return keep.Length == work.Status.Surfaces.Count ? work
            : keep.Length == 0 ? null
            : workOn(work.Status.On(keep));
    }

    private TaskChoices[] ChoicesOf(PlannedOrder planned) =>
        [
            .. planned
                .Order.Steps.Select(step => planned.Jobs[step.Job].TaskId)
                .Distinct()
                .Select(id => planned.Works.FirstOrDefault(work => work.Status.Item.Task.Id == id))
                .OfType<TaskWork>()
                .Select(work =>
                    ready
                        .All.First(task => task.Status.Item.Task == work.Status.Item.Task)
                        .Choices.On(work.Status.Surfaces.Select(surface => surface.Surface.Id))
                ),
        ];

    private Share ShareOf(IReadOnlyList<int> selection, IReadOnlyList<TaskId> dropped)
    {
        double taken = selection
            .Where(index => !dropped.Contains(candidates[index].Task.Status.Item.Task.Id))
            .Sum(index => (double)worths[index]);
        return wholeWorth == 0 ? Share.None : new Share(Math.Min(1, taken / wholeWorth));
    }

    private sealed record PlannedOrder(
        TaskWork[] Works,
        IReadOnlyList<OrderJob> Jobs,
        RunningOrder Order,
        IReadOnlyList<BroughtBackLater> Later
    )
    {
        /// <summary>What was chosen and is left out after all.</summary>
        public IReadOnlyList<TaskId> Dropped { get; init; } = [];
    }
}
