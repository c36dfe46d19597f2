using Cove.Core.Cars;
using Cove.Core.Methods;
using Cove.Core.Schools;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>Plans sessions for one vehicle at one instant: what is worth doing, for every length of session, and in which order.</summary>
/// <remarks>
/// Triage counts hands and fetching; walking and swapping kits are known only once the jobs stand in order. A
/// session is therefore the largest triage choice whose order, walking and swapping included, fits the
/// minutes. Waiting for something to dry is not counted: the hands are free.
/// </remarks>
public sealed class SessionPlanner
{
    private const int HalfMinutesAMinute = 2;

    private static readonly Kit[] AllKits = Enum.GetValues<Kit>();

    private readonly TaskWork[] candidates;
    private readonly TriageCurve curve;
    private readonly TriageProblem problem;
    private readonly SessionJobs jobs;
    private readonly Dictionary<IReadOnlyList<int>, PlannedOrder> orders = new(
        ReferenceEqualityComparer.Instance
    );

    /// <summary>Makes a planner.</summary>
    /// <param name="statuses">How every task of the vehicle stands.</param>
    /// <param name="cabin">The cabin, for the walking.</param>
    /// <param name="methods">How its tasks are done; as the table has it when left out.</param>
    public SessionPlanner(IReadOnlyList<CareStatus> statuses, Cabin cabin, MethodBook? methods = null)
    {
        WaysOfWorking ways = methods?.Ways ?? WaysOfWorking.Default;
        jobs = new SessionJobs(
            new SessionPlaces(cabin, ways.Zones),
            ways,
            methods?.Paces ?? ChorePaces.Nothing
        );
        candidates =
        [
            .. Candidates(statuses).Select(status => methods?.Of(status) ?? TaskWork.FromTable(status)),
        ];
        problem = TriageOf(candidates, statuses);
        curve = Triage.Solve(problem, SessionRules.LongestMinutes * HalfMinutesAMinute);
    }

    /// <summary>The tasks that are worth doing now, with those they require.</summary>
    public IReadOnlyList<CareStatus> WorthDoing => [.. candidates.Select(work => work.Status)];

    /// <summary>Plans the session for a number of minutes.</summary>
    /// <param name="minutes">From <see cref="SessionRules.ShortestMinutes"/> to <see cref="SessionRules.LongestMinutes"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The minutes are outside that range.</exception>
    public SessionPlan Plan(int minutes)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(minutes, SessionRules.ShortestMinutes);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(minutes, SessionRules.LongestMinutes);
        var limit = TimeSpan.FromMinutes(minutes);
        for (int budget = minutes * HalfMinutesAMinute; budget > 0; budget--)
        {
            IReadOnlyList<int> selection = curve.SelectionAt(budget);
            PlannedOrder planned = OrderOf(selection);
            if (planned.Order.Busy <= limit)
            {
                return new SessionPlan(
                    minutes,
                    [.. selection.Select(index => candidates[index])],
                    planned.Jobs,
                    planned.Order,
                    ShareOf(selection)
                );
            }
        }

        return new SessionPlan(minutes, [], [], new RunningOrder([], TimeSpan.Zero), Share.None);
    }

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

    private static CareStatus[] Candidates(IReadOnlyList<CareStatus> statuses)
    {
        var chosen = statuses.Where(status => status.Level >= SessionRules.WorthDoing).ToHashSet();
        foreach (CareStatus status in chosen.ToArray())
        {
            for (
                CareStatus? next = Required(status, statuses);
                next is not null;
                next = Required(next, statuses)
            )
            {
                chosen.Add(next);
            }
        }

        return [.. statuses.Where(chosen.Contains)];
    }

    /// <summary>The task that has to come along, or null when there is none, it does not apply here, or it is fresh.</summary>
    private static CareStatus? Required(CareStatus status, IReadOnlyList<CareStatus> statuses) =>
        status.Item.Task.Requires is { } id
            ? statuses.FirstOrDefault(other =>
                other.Item.Task.Id == id && other.Level > SessionRules.FreshEnough
            )
            : null;

    private static TriageProblem TriageOf(TaskWork[] candidates, IReadOnlyList<CareStatus> statuses)
    {
        int[] fetch = [.. AllKits.Select(kit => HalfMinutes(kit.Facts().Fetch))];
        return new TriageProblem(
            [
                .. candidates.Select(work =>
                {
                    CareStatus status = work.Status;
                    CareStatus? required = Required(status, statuses);
                    return new TriageCandidate(
                        HalfMinutes(work.Hands),
                        SessionRules.Benefit(status.Item.Task, status.Level),
                        [.. status.Item.Task.Kits.Select(kit => Array.IndexOf(AllKits, kit))],
                        required is null
                            ? null
                            : Array.FindIndex(candidates, other => other.Status == required)
                    );
                }),
            ],
            fetch
        );
    }

    private static int HalfMinutes(TimeSpan span) =>
        (int)Math.Round(span.TotalMinutes * HalfMinutesAMinute, MidpointRounding.AwayFromZero);

    private PlannedOrder OrderOf(IReadOnlyList<int> selection)
    {
        if (!orders.TryGetValue(selection, out PlannedOrder? planned))
        {
            OrderProblem session = jobs.Of([.. selection.Select(index => candidates[index])]);
            planned = new PlannedOrder(session.Jobs, RunningOrder.Solve(session));
            orders[selection] = planned;
        }

        return planned;
    }

    private Share ShareOf(IReadOnlyList<int> selection)
    {
        double all = problem.Candidates.Sum(candidate => (double)candidate.Benefit);
        double taken = selection.Sum(index => (double)problem.Candidates[index].Benefit);
        return all == 0 ? Share.None : new Share(Math.Min(1, taken / all));
    }

    private sealed record PlannedOrder(IReadOnlyList<OrderJob> Jobs, RunningOrder Order);
}
