using Cove.Core.Methods;

namespace Cove.Core.Sessions.Planning;

/// <summary>Brings what was chosen for a session into order, in the ways there are: with everything brought back, or with what would have to be waited for left for later.</summary>
/// <param name="works">Makes the work of a choice.</param>
/// <param name="jobs">Makes the jobs of the work.</param>
/// <param name="seatsMayStayOut">Whether the car stands long enough afterwards for child seats to stay out until what is under them is dry.</param>
internal sealed class SessionOrders(SessionWorks works, SessionJobs jobs, bool seatsMayStayOut)
{
    /// <summary>The orders of a selection, the better first: with everything brought back at the end, and with what would have to be waited for left for later.</summary>
    public IReadOnlyList<PlannedOrder> Of(IReadOnlyList<int> selection)
    {
        TaskWork[] chosen = works.Of(selection);
        return jobs.HasChildSeats && !seatsMayStayOut
            ? WithSeatsBack(chosen)
            : InOrder(Ordered(chosen, jobs.Of(chosen), []), seatsApart: false);
    }

    private IReadOnlyList<PlannedOrder> InOrder(PlannedOrder whole, bool seatsApart) =>
        IsCalm(whole)
            ? [whole, .. WithoutWaiting(whole, seatsApart)]
            : [.. WithoutWaiting(whole, seatsApart), whole];

    /// <summary>Whether nobody stands about for long.</summary>
    private static bool IsCalm(PlannedOrder order) =>
        order.Order.Length - order.Order.Busy <= SessionRules.WorthWaiting;

    /// <summary>Orders that end with every child seat fixed again: with everything else as well; else with covers and liners left to dry; else without the work for which the child seats would have to wait.</summary>
    private List<PlannedOrder> WithSeatsBack(TaskWork[] chosen)
    {
        PlannedOrder whole = Ordered(chosen, jobs.Of(chosen), []);
        PlannedOrder apart = Ordered(chosen, jobs.Of(chosen, seatsApart: true), []);
        PlannedOrder[] all = [whole, .. InOrder(apart, seatsApart: true)];
        List<PlannedOrder> planned = [.. all.Where(IsCalm)];
        TaskWork[] left = [.. WithoutDependents(chosen, [.. chosen.Where(jobs.KeepsChildSeatsOut)])];
        if (left.Length < chosen.Length)
        {
            TaskWork[] dry = [.. left.Select(work => works.OnlyNeeded(work, left)).OfType<TaskWork>()];
            TaskId[] dropped =
            [
                .. chosen
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
}

/// <summary>A session in order.</summary>
/// <param name="Works">Its work.</param>
/// <param name="Jobs">The jobs that comes to.</param>
/// <param name="Order">The jobs with the clock.</param>
/// <param name="Later">What is brought back after it.</param>
internal sealed record PlannedOrder(
    TaskWork[] Works,
    IReadOnlyList<OrderJob> Jobs,
    RunningOrder Order,
    IReadOnlyList<BroughtBackLater> Later
)
{
    /// <summary>What was chosen and is left out after all.</summary>
    public IReadOnlyList<TaskId> Dropped { get; init; } = [];
}
