using Cove.Core.Upkeep;

namespace Cove.Core.Sessions;

/// <summary>Writes the tasks of a session as jobs with precedences.</summary>
public static class SessionJobs
{
    /// <summary>Makes the problem of ordering some tasks.</summary>
    /// <param name="items">The tasks chosen.</param>
    /// <param name="places">Where they are done.</param>
    public static OrderProblem Of(IReadOnlyList<CareItem> items, SessionPlaces places)
    {
        var jobs = new List<OrderJob>();
        foreach (CareItem item in items)
        {
            double[] positions = [.. places.ZonesOf(item).Select(places.PositionOf)];
            jobs.Add(
                new OrderJob(
                    item.Task.Id,
                    PutsBack: false,
                    item.Task.Stage,
                    item.Work - PutBackOf(item),
                    item.Task.Kits,
                    positions,
                    item.Task.Drying
                )
            );
            if (PutBackOf(item) > TimeSpan.Zero)
            {
                jobs.Add(
                    new OrderJob(
                        item.Task.Id,
                        PutsBack: true,
                        Stage.PutBack,
                        PutBackOf(item),
                        [],
                        positions,
                        TimeSpan.Zero
                    )
                );
            }
        }

        return new OrderProblem(jobs, Precedences(jobs), places.LoopLength, places.Start);
    }

    /// <summary>Putting back takes its minutes on any size of car, but never more than half of the task.</summary>
    private static TimeSpan PutBackOf(CareItem item) =>
        item.Task.PutBack < item.Work / 2 ? item.Task.PutBack : item.Work / 2;

    private static List<Precedence> Precedences(List<OrderJob> jobs)
    {
        var rules = new List<Precedence>();
        for (int before = 0; before < jobs.Count; before++)
        {
            for (int after = 0; after < jobs.Count; after++)
            {
                if (before != after && LagBetween(jobs[before], jobs[after]) is { } lag)
                {
                    rules.Add(new Precedence(before, after, lag));
                }
            }
        }

        return rules;
    }

    /// <summary>How long the later job has to wait after the earlier one; null when either may come first.</summary>
    private static TimeSpan? LagBetween(OrderJob before, OrderJob after)
    {
        bool ownPutBack = before.TaskId == after.TaskId && after.PutsBack;
        bool needsItDry =
            !after.PutsBack
            && CareTasks.Find(after.TaskId)!.AfterDryingOf.Contains(before.TaskId, StringComparer.Ordinal);
        return ownPutBack || needsItDry ? before.Drying
            : before.Stage < after.Stage ? TimeSpan.Zero
            : null;
    }
}
