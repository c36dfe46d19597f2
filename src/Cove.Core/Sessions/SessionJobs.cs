using Cove.Core.Upkeep;

namespace Cove.Core.Sessions;

/// <summary>Writes the tasks of a session as jobs with precedences.</summary>
/// <param name="places">Where the work is done.</param>
public sealed class SessionJobs(SessionPlaces places)
{
    private readonly Dictionary<CareItem, OrderJob[]> known = new(ReferenceEqualityComparer.Instance);

    /// <summary>Makes the problem of ordering some tasks.</summary>
    /// <param name="items">The tasks chosen.</param>
    public OrderProblem Of(IEnumerable<CareItem> items)
    {
        OrderJob[] jobs = [.. items.SelectMany(JobsOf)];
        return new OrderProblem(jobs, Precedences(jobs), places.LoopLength, places.Start);
    }

    /// <summary>The work of a task, and the putting back where there is something to put back.</summary>
    private OrderJob[] JobsOf(CareItem item)
    {
        if (!known.TryGetValue(item, out OrderJob[]? jobs))
        {
            double[] positions = [.. places.ZonesOf(item).Select(places.PositionOf)];
            TimeSpan back = PutBackOf(item);
            CareTask task = item.Task;
            var work = new OrderJob(
                task.Id,
                false,
                task.Stage,
                item.Work - back,
                task.Kits,
                positions,
                task.Drying
            );
            jobs =
                back > TimeSpan.Zero
                    ? [work, new OrderJob(task.Id, true, Stage.PutBack, back, [], positions, TimeSpan.Zero)]
                    : [work];
            known[item] = jobs;
        }

        return jobs;
    }

    /// <summary>Putting back takes its minutes on any size of car, but never more than half of the task.</summary>
    private static TimeSpan PutBackOf(CareItem item) =>
        item.Task.PutBack < item.Work / 2 ? item.Task.PutBack : item.Work / 2;

    /// <summary>Stage after stage; and what has to be dry before it is put back or worked on again.</summary>
    private static List<Precedence> Precedences(OrderJob[] jobs)
    {
        var rules = new List<Precedence>();
        int[][] stages =
        [
            .. Enumerable
                .Range(0, jobs.Length)
                .GroupBy(job => jobs[job].Stage)
                .OrderBy(stage => stage.Key)
                .Select(stage => stage.ToArray()),
        ];
        // Each job of a stage after each of the stage before: what lies further back follows from that.
        for (int stage = 1; stage < stages.Length; stage++)
        {
            foreach (int before in stages[stage - 1])
            {
                foreach (int after in stages[stage])
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
            : CareTasks.Find(after.TaskId)!.AfterDryingOf.Contains(wet.TaskId, StringComparer.Ordinal);
}
