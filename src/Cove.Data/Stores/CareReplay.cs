using Cove.Core;
using Cove.Core.Cars;
using Cove.Core.Inspections;
using Cove.Core.Learning;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;
using Cove.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Cove.Data;

/// <summary>Reads the log back into level histories, and keeps what is stored of levels and learnt rates true to it.</summary>
public sealed class CareReplay
{
    /// <summary>Tasks that never begin anew: what a method leaves on glass stays in the reckoning.</summary>
    private static readonly string[] GlassTasks =
    [
        .. CareTasks.All.Where(task => task.Stage == Stage.Glass).Select(task => task.Id),
    ];

    /// <summary>Tasks of which some method does another task as well.</summary>
    private static readonly string[] TasksWithOthers =
    [
        .. MethodLibrary.All.Where(one => one.Method.AlsoDoes.Count > 0).SelectMany(one => one.TaskIds),
    ];

    private readonly CoveContext context;

    internal CareReplay(CoveContext context) => this.context = context;

    /// <summary>The histories of some levels of a vehicle from an instant on.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="since">Nothing earlier is asked of the histories, so they begin where this instant is still told exactly: at the last time before it that a task came clean.</param>
    /// <param name="surfaceId">Only those of this surface; null for all.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>A history for each task and surface in care.</returns>
    public async Task<IReadOnlyDictionary<CareKey, CareHistory>> Histories(
        CareLedger ledger,
        DateTimeOffset since,
        string? surfaceId = null,
        CancellationToken cancel = default
    )
    {
        Guid vehicleId = ledger.Vehicle.Id;
        List<CareStateRow> rows = await context
            .CareStates.AsNoTracking()
            .Where(state =>
                state.VehicleId == vehicleId && (surfaceId == null || state.SurfaceId == surfaceId)
            )
            .ToListAsync(cancel);
        Dictionary<string, DateTimeOffset> cameClean = await Counting(vehicleId)
            .Where(entry =>
                entry.Kind == LogEntryKind.Care
                && entry.Removed >= 1
                && entry.At <= since
                && !GlassTasks.Contains(entry.Subject)
            )
            .GroupBy(entry => entry.Subject)
            .Select(task => new { Task = task.Key, At = task.Max(entry => entry.At) })
            .ToDictionaryAsync(task => task.Task, task => task.At, StringComparer.Ordinal, cancel);
        List<LogRow> log = await Counting(vehicleId)
            .AsNoTracking()
            .Where(entry =>
                entry.Kind != LogEntryKind.Care
                || entry.Removed < 1
                || entry.At > since
                || GlassTasks.Contains(entry.Subject)
            )
            .ToListAsync(cancel);
        return HistoriesOf(ledger, rows, new LogByTask(log), cameClean)
            .ToDictionary(pair => pair.Row.Key, pair => pair.History);
    }

    /// <summary>Brings what is stored of a vehicle up to date with its log. To be called within the transaction that changed the log.</summary>
    internal async Task Refresh(CareLedger ledger, CancellationToken cancel)
    {
        Guid vehicleId = ledger.Vehicle.Id;
        DateTimeOffset since =
            await context
                .Vehicles.Where(row => row.Id == vehicleId)
                .Select(row => row.LearntSince)
                .FirstAsync(cancel)
            ?? DateTimeOffset.MinValue;
        List<CareStateRow> rows = await context
            .CareStates.Where(state => state.VehicleId == vehicleId)
            .ToListAsync(cancel);
        var log = new LogByTask(await Counting(vehicleId).AsNoTracking().ToListAsync(cancel));
        CareLedger fromTable = ledger.With(LearntRates.Nothing, LearntResidues.Nothing);
        LearntResidues residues = log.HasNightChecks
            ? LearntResidues.Learn(
                HistoriesOf(fromTable, rows, log)
                    .SelectMany(pair => pair.History.Residues())
                    .Where(evidence => evidence.At > since)
            )
            : LearntResidues.Nothing;
        LearntRates learnt = log.HasLooks
            ? RateLearning.Learn(
                HistoriesOf(ledger.With(LearntRates.Nothing, residues), rows, log)
                    .SelectMany(pair =>
                        pair.History.Evidence()
                            .Where(evidence => evidence.At > since)
                            .Select(evidence => (pair.Row.TaskId, evidence))
                    )
            )
            : LearntRates.Nothing;
        foreach (var (row, history) in HistoriesOf(ledger.With(learnt, residues), rows, log))
        {
            row.State = history.StateAt(DateTimeOffset.MaxValue);
        }

        await Keep(vehicleId, learnt, cancel);
        await Keep(vehicleId, residues, cancel);
        await context.SaveChangesAsync(cancel);
    }

    private async Task Keep(Guid vehicleId, LearntRates learnt, CancellationToken cancel)
    {
        var known = await context
            .Learnt.Where(row => row.VehicleId == vehicleId)
            .ToDictionaryAsync(row => row.TaskId, StringComparer.Ordinal, cancel);
        foreach (LearntRow next in LearntRow.Of(learnt))
        {
            if (known.Remove(next.TaskId, out LearntRow? row))
            {
                (row.LogMean, row.Spread, row.Looks) = (next.LogMean, next.Spread, next.Looks);
            }
            else
            {
                next.VehicleId = vehicleId;
                context.Learnt.Add(next);
            }
        }

        context.Learnt.RemoveRange(known.Values);
    }

    private async Task Keep(Guid vehicleId, LearntResidues residues, CancellationToken cancel)
    {
        var known = await context
            .Residues.Where(row => row.VehicleId == vehicleId)
            .ToDictionaryAsync(row => row.MethodId, StringComparer.Ordinal, cancel);
        foreach (ResidueRow next in ResidueRow.Of(vehicleId, residues))
        {
            if (known.Remove(next.MethodId, out ResidueRow? row))
            {
                (row.LogMean, row.Spread, row.Looks) = (next.LogMean, next.Spread, next.Looks);
            }
            else
            {
                context.Residues.Add(next);
            }
        }

        context.Residues.RemoveRange(known.Values);
    }

    private IQueryable<LogRow> Counting(Guid vehicleId) =>
        context.Log.Where(entry =>
            entry.VehicleId == vehicleId
            && entry.UndoneAt == null
            && (
                entry.Kind == LogEntryKind.Care
                || entry.Kind == LogEntryKind.Event
                || entry.Kind == LogEntryKind.Look
            )
        );

    /// <summary>Levels of surfaces that are absent, worn or of another material now have no history; they are kept in case that is taken back.</summary>
    private static IEnumerable<(CareStateRow Row, CareHistory History)> HistoriesOf(
        CareLedger ledger,
        IReadOnlyList<CareStateRow> rows,
        LogByTask log,
        Dictionary<string, DateTimeOffset>? cameClean = null
    )
    {
        // Whatever the owner's school: the levels of a task that is done with another one go on.
        var items = CareBook.For(ledger.Vehicle).ToDictionary(item => item.Task.Id, StringComparer.Ordinal);
        foreach (CareStateRow row in rows)
        {
            if (
                items.TryGetValue(row.TaskId, out CareItem? item)
                && item.Surfaces.FirstOrDefault(one => one.Id == row.SurfaceId) is { } surface
            )
            {
                CareState start =
                    cameClean is not null
                    && cameClean.TryGetValue(row.TaskId, out DateTimeOffset at)
                    && at > row.StartAt
                        ? new CareState(at, Level.Fresh)
                        : row.Start;
                yield return (row, HistoryOf(ledger, item, surface, start, log));
            }
        }
    }

    private static CareHistory HistoryOf(
        CareLedger ledger,
        CareItem item,
        Surface surface,
        CareState start,
        LogByTask log
    ) =>
        new(
            start,
            ledger.SoilingOf(item, surface),
            ledger.Usage,
            log.Of(item.Task.Id)
                .SelectMany(entry =>
                    ChangesBy(entry, new CareKey(item.Task.Id, surface.Id), ledger.Residues)
                ),
            ledger.Learnt.Of(item.Task.Id).Spread
        );

    private static IEnumerable<CareChange> ChangesBy(LogRow entry, CareKey key, LearntResidues residues)
    {
        if (entry.Kind == LogEntryKind.Care)
        {
            return
            [
                new Cleaned(entry.At, new Share(entry.Removed))
                {
                    Film =
                        entry.Removed >= 1 && GlassTasks.Contains(key.TaskId)
                            ? FilmBy(entry, key.SurfaceId, residues)
                            : null,
                },
            ];
        }

        if (!entry.SurfaceIds.Split('\n').Contains(key.SurfaceId, StringComparer.Ordinal))
        {
            return [];
        }

        return entry.Kind == LogEntryKind.Event ? JumpsOf(entry, key) : LooksOf(entry, key);
    }

    /// <summary>What a cleaning took of the film on a pane; null where the method is not known or none for glass.</summary>
    private static FilmCleaning? FilmBy(LogRow entry, string surfaceId, LearntResidues residues) =>
        entry
            .Methods.Where(method => method.SurfaceIds.Contains(surfaceId, StringComparer.Ordinal))
            .Select(method =>
                GlassMethods.Find(method.MethodId) is { } glass
                    ? new FilmCleaning(
                        method.MethodId,
                        glass.Method.Removal,
                        method.Rounds,
                        residues.Of(method.MethodId).Median
                    )
                    : null
            )
            .FirstOrDefault(film => film is not null);

    private static IEnumerable<CareChange> JumpsOf(LogRow entry, CareKey key) =>
        CareEvents.Find(entry.Subject) is { } happening
            ? happening
                .Jumps.Where(jump => jump.TaskId == key.TaskId)
                .Select(jump => new Jumped(entry.At, jump.Amount, happening.Name) { Oily = jump.Oily })
            : [];

    private static IEnumerable<CareChange> LooksOf(LogRow entry, CareKey key) =>
        InspectionTable.Find(entry.Subject) is { } inspection
        && inspection.TaskIds.Contains(key.TaskId, StringComparer.Ordinal)
        && inspection.Result(entry.Result) is { } result
            ?
            [
                new Observed(entry.At, result.Level, inspection.Spread)
                {
                    JudgesCleaning = inspection.JudgesCleaning,
                },
            ]
            : [];

    /// <summary>A log sorted out by task, so that each history reads only what concerns it.</summary>
    private sealed class LogByTask(IReadOnlyList<LogRow> log)
    {
        private readonly ILookup<string, LogRow> care = log.Where(entry => entry.Kind == LogEntryKind.Care)
            .ToLookup(entry => entry.Subject, StringComparer.Ordinal);

        private readonly LogRow[] others = [.. log.Where(entry => entry.Kind != LogEntryKind.Care)];

        /// <summary>Entries of other tasks whose method does this one as well.</summary>
        private readonly ILookup<string, LogRow> alsoDone = log.Where(entry =>
                entry.MethodsJson.Length > 0 && TasksWithOthers.Contains(entry.Subject)
            )
            .SelectMany(entry =>
                entry
                    .Methods.SelectMany(method => MethodLibrary.Find(method.MethodId)?.AlsoDoes ?? [])
                    .Distinct(StringComparer.Ordinal)
                    .Select(taskId => (taskId, entry))
            )
            .ToLookup(pair => pair.taskId, pair => pair.entry, StringComparer.Ordinal);

        public bool HasNightChecks =>
            others.Any(entry =>
                entry.Kind == LogEntryKind.Look
                && InspectionTable.Find(entry.Subject) is { JudgesCleaning: true }
            );

        public bool HasLooks => others.Any(entry => entry.Kind == LogEntryKind.Look);

        /// <summary>The entries in which the task was done, by itself or with another one, and all events and looks.</summary>
        public IEnumerable<LogRow> Of(string taskId) => care[taskId].Concat(alsoDone[taskId]).Concat(others);
    }
}
