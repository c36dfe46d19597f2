using Cove.Core.Methods;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>Writes the tasks of a session as jobs with precedences, and adds the chores a long one needs.</summary>
/// <param name="places">Where the work is done.</param>
/// <param name="ways">How the owner likes to work.</param>
/// <param name="paces">How long the owner takes for chores.</param>
public sealed class SessionJobs(SessionPlaces places, WaysOfWorking ways, ChorePaces paces)
{
    private readonly Dictionary<TaskWork, OrderJob[]> known = new(ReferenceEqualityComparer.Instance);
    private readonly IReadOnlyList<Stage> stages = StageOrder.For(ways);

    /// <summary>Makes the problem of ordering some tasks.</summary>
    /// <param name="works">The tasks chosen.</param>
    public OrderProblem Of(IReadOnlyCollection<TaskWork> works)
    {
        OrderJob[] jobs = [.. works.SelectMany(JobsOf), .. Chores(works)];
        return new OrderProblem(jobs, Precedences(jobs), places.Way, places.Start)
        {
            Stages = stages,
            PlacesInOrder = places.InFixedOrder,
        };
    }

    /// <summary>The work of a task, and the putting back where there is something to put back.</summary>
    private OrderJob[] JobsOf(TaskWork work)
    {
        if (!known.TryGetValue(work, out OrderJob[]? jobs))
        {
            CareTask task = work.Status.Item.Task;
            IReadOnlyList<Zone> zones = places.ZonesOf(work.Status.Item);
            TimeSpan back = PutBackOf(work);
            var hands = new OrderJob(
                task.Id,
                false,
                task.Stage,
                work.Hands - back,
                task.Kits,
                zones,
                work.Drying
            );
            jobs =
                back > TimeSpan.Zero
                    ? [hands, new OrderJob(task.Id, true, Stage.PutBack, back, [], zones, TimeSpan.Zero)]
                    : [hands];
            known[work] = jobs;
        }

        return jobs;
    }

    /// <summary>The chores that a session of these tasks needs.</summary>
    private IEnumerable<OrderJob> Chores(IReadOnlyCollection<TaskWork> works)
    {
        var ids = works.Select(work => work.Status.Item.Task.Id).ToHashSet();
        TimeSpan hands = works.Aggregate(TimeSpan.Zero, (sum, work) => sum + work.Hands);
        return SessionChores
            .All.Where(chore => chore.IsNeededFor(ids, hands, ways))
            .Select(chore => new OrderJob(
                chore.Id,
                false,
                chore.Stage,
                paces.WorkOf(chore),
                [],
                chore.AtEveryDoor ? places.Zones : [],
                TimeSpan.Zero
            ));
    }

    /// <summary>Putting back takes its minutes on any size of car, but never more than half of the task.</summary>
    private static TimeSpan PutBackOf(TaskWork work) =>
        work.Status.Item.Task.PutBack < work.Hands / 2 ? work.Status.Item.Task.PutBack : work.Hands / 2;

    /// <summary>Stage after stage; and what has to be dry before it is put back or worked on again.</summary>
    private List<Precedence> Precedences(OrderJob[] jobs)
    {
        var rules = new List<Precedence>();
        int[][] groups =
        [
            .. stages
                .Select(stage =>
                    Enumerable.Range(0, jobs.Length).Where(job => jobs[job].Stage == stage).ToArray()
                )
                .Where(group => group.Length > 0),
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

        for (int wet = 0; wet < jobs.Length; wet++)
        {
            if (jobs[wet].Drying == TimeSpan.Zero)
            {
                continue;
            }

            for (int after = 0; after < jobs.Length; after++)
            {
                if (after != wet && NeedsItDry(jobs[wet], jobs[after]))
                {
                    rules.Add(new Precedence(wet, after, jobs[wet].Drying));
                }
            }
        }

        return rules;
    }

    private static bool NeedsItDry(OrderJob wet, OrderJob after) =>
        after.PutsBack
            ? after.TaskId == wet.TaskId
            : CareTasks.Find(after.TaskId) is { } task && task.AfterDryingOf.Contains(wet.TaskId);
}
