namespace Cove.Data;

/// <summary>Lives through invented sessions: plans each as Cove would have planned it, does most of it, and writes the log.</summary>
/// <param name="car">The vehicle at the beginning, with what its owner has to work with.</param>
/// <param name="beginnings">Where its levels begin.</param>
internal sealed class DemoLife(CarShelf car, IReadOnlyList<LogEntry> beginnings)
{
    /// <summary>When the owner brings in what had to dry.</summary>
    private static readonly TimeSpan BroughtInAfter = TimeSpan.FromHours(3);

    private const int UsualMinutes = 25;
    private const int LongMinutes = 100;
    private const int LongEvery = 8;
    private const int Seed = 12;
    private const double LeftOut = 0.06;
    private const double NotClean = 0.05;

    /// <summary>For a long session the car stays in its garage overnight.</summary>
    private static readonly Workplace LongPlace = Workplace.Usual with { Standing = Standing.UntilTomorrow };

    private readonly SafestWays ways = new(car.Shelf, car.Records);

    private readonly Random random = new(Seed);

    private Replay replay = Replay.Of(car.Ledger.Vehicle, car.Ledger.UsageAsTold, beginnings);

    /// <summary>Lives through all slots, with what happened in between.</summary>
    /// <returns>The log of it.</returns>
    public IReadOnlyList<LogEntry> Simulate(
        IReadOnlyList<DateTimeOffset> slots,
        IReadOnlyList<LogEntry> happenings
    )
    {
        var log = new List<LogEntry>();
        DateTimeOffset last = slots[0];
        for (int week = 0; week < slots.Count; week++)
        {
            DateTimeOffset slot = slots[week];
            Take(happenings.Where(entry => entry.At > last && entry.At <= slot));
            bool isLong = week % LongEvery == LongEvery / 2;
            Take(Session(slot, isLong ? LongMinutes : UsualMinutes, isLong ? LongPlace : Workplace.Usual));
            last = slot;
        }

        log.AddRange(happenings.Where(entry => entry.At > last));
        return log;

        void Take(IEnumerable<LogEntry> entries)
        {
            foreach (LogEntry entry in entries.OrderBy(entry => entry.At))
            {
                log.Add(entry);
                replay = replay.Then(entry);
            }
        }
    }

    private List<LogEntry> Session(DateTimeOffset slot, int minutes, Workplace place)
    {
        var today = new DayPlan(
            new CarShelf(car.Ledger.After(replay), car.Shelf, car.Records, ways),
            OwnerPaces.Nothing,
            slot,
            DayConditions.Usual with
            {
                Place = place,
            }
        );
        SessionPlan plan = today.Session(minutes).Plan;
        var entries = new Dictionary<TaskId, LogEntry>();
        DateTimeOffset clock = slot;
        foreach (OrderedJob step in plan.Order.Steps)
        {
            OrderJob job = plan.Jobs[step.Job];
            if (!job.PutsBack && random.NextDouble() < LeftOut)
            {
                continue;
            }

            TimeSpan planned = step.End - step.Begin;
            TimeSpan taken = planned * (0.85 + (0.4 * random.NextDouble()));
            clock += taken;
            if (entries.GetValueOrDefault(job.TaskId) is TaskDone done)
            {
                entries[job.TaskId] = done with
                {
                    Planned = done.Planned + planned,
                    Taken = done.Taken + taken,
                    AnsweredAt = clock,
                };
            }
            else if (!job.PutsBack)
            {
                entries[job.TaskId] = plan.Works.FirstOrDefault(work =>
                    work.Status.Item.Task.Id == job.TaskId
                )
                    is { } work
                    ? Done(work, plan, clock, planned, taken)
                    : new ChoreDone(EntryId.New(clock), clock, job.TaskId)
                    {
                        Planned = planned,
                        Taken = taken,
                    };
            }
        }

        if (entries.ContainsKey(ThingsOut.Out) && !entries.ContainsKey(ThingsOut.Back))
        {
            // A careful owner brings in whatever was left to dry.
            DateTimeOffset dry = clock + BroughtInAfter;
            entries[ThingsOut.Back] = new ChoreDone(EntryId.New(dry), dry, ThingsOut.Back);
        }

        return [.. entries.Values];
    }

    private TaskDone Done(
        TaskWork work,
        SessionPlan plan,
        DateTimeOffset at,
        TimeSpan planned,
        TimeSpan taken
    ) =>
        new(
            EntryId.New(at),
            at,
            work.Status.Item.Task.Id,
            random.NextDouble() < NotClean ? SessionRules.RemovedWhenNotClean : Share.All
        )
        {
            Planned = planned,
            Taken = taken,
            SurfaceIds = [.. work.Status.Item.Surfaces.Concat(work.Along).Select(surface => surface.Id)],
            Methods = [.. work.Uses.Select(MethodUsed.Of)],
            Products = [.. ProductsFor(work.Status.Item.Task, plan).Select(product => product.Used)],
            Coat = ProductsFor(work.Status.Item.Task, plan)
                .Aggregate(CoatTraits.None, (all, product) => all | product.Leaves),
        };

    /// <summary>What the owner took, as Cove had chosen it.</summary>
    private static IEnumerable<StepProduct> ProductsFor(CareTask task, SessionPlan plan) =>
        plan
            .Choices.Where(chosen => chosen.Task == task)
            .SelectMany(chosen => chosen.Choices.SelectMany(choice => StepProduct.Of(task, choice)));
}
