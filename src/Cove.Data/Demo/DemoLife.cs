using Cove.Core;
using Cove.Core.Cars;
using Cove.Core.Choice;
using Cove.Core.Inspections;
using Cove.Core.Methods;
using Cove.Core.Sessions;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;
using Cove.Data.Rows;

namespace Cove.Data;

/// <summary>Lives through invented sessions: plans each as Cove would have planned it, does most of it, and writes the log.</summary>
/// <param name="car">The vehicle at the beginning, with what its owner has to work with.</param>
internal sealed class DemoLife(CarShelf car)
{
    private const int UsualMinutes = 25;
    private const int LongMinutes = 75;
    private const int LongEvery = 8;
    private const int Seed = 1;
    private const double LeftOut = 0.06;
    private const double NotClean = 0.05;

    private readonly SafestWays ways = new(car.Shelf, car.Records);

    private readonly CareLedger ledger = car.Ledger;

    private readonly Dictionary<CareKey, CareState> states = car
        .Ledger.Items.SelectMany(item => item.Surfaces.Select(surface => (item, surface)))
        .ToDictionary(pair => new CareKey(pair.item.Task.Id, pair.surface.Id), _ => default(CareState));

    private readonly Random random = new(Seed);

    /// <summary>Writes the log of all slots, with what happened in between.</summary>
    public List<LogRow> Live(IReadOnlyList<DateTimeOffset> slots, IReadOnlyList<LogRow> happenings)
    {
        Cabin cabin = ledger.Vehicle.ToCabin();
        foreach (CareStatus status in ledger.At(slots[0]))
        {
            foreach (SurfaceStatus surface in status.Surfaces)
            {
                states[KeyOf(status, surface)] = new CareState(slots[0], surface.Due.Level);
            }
        }

        var log = new List<LogRow>(happenings);
        DateTimeOffset last = slots[0];
        for (int week = 0; week < slots.Count; week++)
        {
            DateTimeOffset slot = slots[week];
            foreach (LogRow happening in happenings.Where(row => row.At > last && row.At <= slot))
            {
                Happen(happening);
            }

            log.AddRange(
                Session(slot, week % LongEvery == LongEvery / 2 ? LongMinutes : UsualMinutes, cabin)
            );
            last = slot;
        }

        return log;
    }

    private List<LogRow> Session(DateTimeOffset slot, int minutes, Cabin cabin)
    {
        var now = new CareLedger(ledger.Vehicle, ledger.Usage, states);
        MethodBook book = new CarShelf(now, car.Shelf, car.Records, ways).MethodsAt(slot, ChorePaces.Nothing);
        SessionPlan plan = new SessionPlanner(now.At(slot), cabin, book).Plan(minutes);
        var entries = new Dictionary<string, LogRow>(StringComparer.Ordinal);
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
            if (entries.TryGetValue(job.TaskId, out LogRow? entry))
            {
                entry.PlannedSeconds += (int)planned.TotalSeconds;
                entry.TakenSeconds += (int)taken.TotalSeconds;
            }
            else if (!job.PutsBack)
            {
                entries[job.TaskId] = plan.Works.FirstOrDefault(work =>
                    work.Status.Item.Task.Id == job.TaskId
                )
                    is { } work
                    ? Done(work, book, clock, planned, taken)
                    : EntryOf(LogEntryKind.Chore, job.TaskId, clock, planned, taken);
            }
        }

        return [.. entries.Values];
    }

    private LogRow Done(TaskWork work, MethodBook book, DateTimeOffset at, TimeSpan planned, TimeSpan taken)
    {
        string taskId = work.Status.Item.Task.Id;
        Share removed = random.NextDouble() < NotClean ? SessionRules.RemovedWhenNotClean : Share.All;
        CareItem item = ledger.Items.First(item => item.Task.Id == taskId);
        foreach (Surface surface in item.Surfaces)
        {
            var key = new CareKey(taskId, surface.Id);
            Level before = states[key].LevelAt(at, item.SoilingOf(surface), ledger.Usage);
            states[key] = new CareState(at, before.Without(removed));
        }

        LogRow entry = EntryOf(LogEntryKind.Care, taskId, at, planned, taken);
        entry.Removed = removed.Value;
        entry.Methods = [.. work.Uses.Select(StepMethod.Of)];
        entry.Products.AddRange(ProductsFor(item, book));
        return entry;
    }

    private LogRow EntryOf(
        LogEntryKind kind,
        string subject,
        DateTimeOffset at,
        TimeSpan planned,
        TimeSpan taken
    ) =>
        new()
        {
            Id = Guid.CreateVersion7(at),
            VehicleId = ledger.Vehicle.Id,
            Kind = kind,
            Subject = subject,
            At = at,
            PlannedSeconds = (int)planned.TotalSeconds,
            TakenSeconds = (int)taken.TotalSeconds,
        };

    /// <summary>What the owner took, as Cove would have chosen it.</summary>
    private IEnumerable<ProductUseRow> ProductsFor(CareItem item, MethodBook book) =>
        SessionProducts
            .AtMark(item, car.Chooser, book)
            .Choices.SelectMany(one => StepProduct.Of(item.Task, one))
            .Select(ProductUseRow.Of);

    private void Happen(LogRow happening)
    {
        if (happening.Kind == LogEntryKind.Look)
        {
            See(happening);
        }
        else
        {
            Jump(happening);
        }
    }

    private void See(LogRow look)
    {
        Inspection inspection = InspectionTable.Find(look.Subject)!;
        Surface surface = ledger.Vehicle.Surfaces.First(surface => surface.Id == look.SurfaceIds);
        foreach (CareTask task in inspection.TasksOn(surface))
        {
            states[new CareKey(task.Id, surface.Id)] = new CareState(
                look.At,
                inspection.Result(look.Result)!.Level
            );
        }
    }

    private void Jump(LogRow happening)
    {
        string[] touched = happening.SurfaceIds.Split('\n');
        var surfaces = ledger.Vehicle.Surfaces.Where(surface =>
            touched.Contains(surface.Id, StringComparer.Ordinal)
        );
        foreach (var (key, amount) in CareEvents.JumpsOf(CareEvents.Find(happening.Subject)!, surfaces))
        {
            CareItem item = ledger.Items.First(item => item.Task.Id == key.TaskId);
            Surface surface = item.Surfaces.First(surface => surface.Id == key.SurfaceId);
            Level before = states[key].LevelAt(happening.At, item.SoilingOf(surface), ledger.Usage);
            states[key] = new CareState(happening.At, before.Plus(amount));
        }
    }

    private static CareKey KeyOf(CareStatus status, SurfaceStatus surface) =>
        new(status.Item.Task.Id, surface.Surface.Id);
}
