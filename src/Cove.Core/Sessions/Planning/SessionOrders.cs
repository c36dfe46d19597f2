using Cove.Core.Methods;

namespace Cove.Core.Sessions.Planning;

/// <summary>Brings what was chosen for a session into order, in the ways there are: with everything brought back, or with what would have to be waited for left for later.</summary>
/// <param name="works">Makes the work of a choice.</param>
/// <param name="jobs">Makes the jobs of the work.</param>
/// <param name="seatsMayStayOut">Whether the car stands long enough afterwards for child seats to stay out until what is under them is dry.</param>
internal sealed class SessionOrders(SessionWorks works, SessionJobs jobs, bool seatsMayStayOut)
{
    /// <summary>A wait as short as this is no reason to change the order. Cove's own choice.</summary>
    private static readonly TimeSpan ShortWait = TimeSpan.FromMinutes(2);

    /// <summary>The orders of a selection, the better first: with everything brought back at the end, and with what would have to be waited for left for later. Each is worked out only when it is asked for.</summary>
    public IEnumerable<PlannedOrder> Of(IReadOnlyList<int> selection)
    {
        TaskWork[] chosen = works.Of(selection);
        PlannedOrder whole = Ordered(chosen, []);
        return seatsMayStayOut || !jobs.HasChildSeats || !jobs.CarriesOut(chosen)
                ? InOrder(whole, seatsApart: false)
            : IsCalm(whole) ? WithSeatsBack(whole).Prepend(whole)
            : WithSeatsBack(whole).Append(whole);
    }

    private static TimeSpan Waits(PlannedOrder order) => order.Order.Length - order.Order.Busy;

    private IEnumerable<PlannedOrder> InOrder(PlannedOrder whole, bool seatsApart) =>
        IsCalm(whole)
            ? WithoutWaiting(whole, seatsApart).Prepend(whole)
            : WithoutWaiting(whole, seatsApart).Append(whole);

    /// <summary>Whether nobody stands about for long.</summary>
    private static bool IsCalm(PlannedOrder order) => Waits(order) <= SessionRules.WorthWaiting;

    /// <summary>Other orders that end with every child seat fixed again: with covers and liners left to dry; else, where nothing else is calm, without the work for which the child seats would have to wait.</summary>
    private IEnumerable<PlannedOrder> WithSeatsBack(PlannedOrder whole)
    {
        bool isCalm = IsCalm(whole);
        var waiting = new List<PlannedOrder>();
        foreach (PlannedOrder apart in InOrder(Ordered(whole.Works, [], seatsApart: true), seatsApart: true))
        {
            if (IsCalm(apart))
            {
                isCalm = true;
                yield return apart;
            }
            else
            {
                waiting.Add(apart);
            }
        }

        TaskWork[] left =
        [
            .. WithoutDependents(whole.Works, [.. whole.Works.Where(jobs.KeepsChildSeatsOut)]),
        ];
        if (!isCalm && left.Length < whole.Works.Length)
        {
            TaskWork[] dry = [.. left.Select(work => works.OnlyNeeded(work, left)).OfType<TaskWork>()];
            TaskId[] dropped =
            [
                .. whole
                    .Works.Select(work => work.Status.Item.Task.Id)
                    .Except(dry.Select(work => work.Status.Item.Task.Id)),
            ];
            PlannedOrder without = Ordered(dry, []) with { Dropped = dropped };
            foreach (PlannedOrder order in WithSeatsBack(without).Prepend(without))
            {
                yield return order with
                {
                    Dropped = dropped,
                };
            }
        }

        foreach (PlannedOrder order in waiting)
        {
            yield return order;
        }
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

    /// <summary>Some work in order. Glass comes last where nobody has to stand about for it; otherwise before the seats are wet.</summary>
    private PlannedOrder Ordered(
        TaskWork[] chosen,
        IReadOnlyList<BroughtBackLater> later,
        Func<OrderJob, bool>? without = null,
        bool seatsApart = false
    )
    {
        PlannedOrder glassLast = InTurn(glassBeforeWet: false);
        if (!SessionJobs.GlassWaits(chosen) || Waits(glassLast) <= ShortWait)
        {
            return glassLast;
        }

        PlannedOrder glassFirst = InTurn(glassBeforeWet: true);
        return Waits(glassLast) - Waits(glassFirst) > ShortWait ? glassFirst : glassLast;

        PlannedOrder InTurn(bool glassBeforeWet)
        {
            OrderProblem session = jobs.Of(chosen, without, seatsApart, glassBeforeWet);
            return new PlannedOrder(chosen, session.Jobs, RunningOrder.Solve(session), later);
        }
    }

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
                [
                    .. next.Later,
                    .. waiting.Select(wait => new BroughtBackLater(
                        wait.Job.TaskId,
                        wait.From,
                        wait.Job.ChoreName
                    )),
                ],
                job => late.Contains((job.TaskId, job.PutsBack)),
                seatsApart
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
