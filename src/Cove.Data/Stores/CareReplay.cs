using Cove.Core;
using Cove.Core.Upkeep;
using Cove.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Cove.Data;

/// <summary>Reads the log back into level histories, and keeps the stored levels true to it.</summary>
public sealed class CareReplay
{
    private readonly CoveContext context;

    internal CareReplay(CoveContext context) => this.context = context;

    /// <summary>The history of one task on one surface.</summary>
    /// <returns>The history; null when that task does not tend that surface of the vehicle.</returns>
    public async Task<CareHistory?> History(
        CareLedger ledger,
        CareKey key,
        CancellationToken cancel = default
    )
    {
        Guid vehicleId = ledger.Vehicle.Id;
        CareStateRow? row = await context
            .CareStates.AsNoTracking()
            .FirstOrDefaultAsync(
                state =>
                    state.VehicleId == vehicleId
                    && state.TaskId == key.TaskId
                    && state.SurfaceId == key.SurfaceId,
                cancel
            );
        if (row is null)
        {
            return null;
        }

        List<LogRow> log = await Counting(vehicleId).AsNoTracking().ToListAsync(cancel);
        return HistoryOf(ledger, row, new LogByTask(log));
    }

    /// <summary>Brings the stored levels of a vehicle up to date with its log. To be called within the transaction that changed the log.</summary>
    internal async Task Refresh(CareLedger ledger, CancellationToken cancel)
    {
        Guid vehicleId = ledger.Vehicle.Id;
        List<CareStateRow> rows = await context
            .CareStates.Where(state => state.VehicleId == vehicleId)
            .ToListAsync(cancel);
        var log = new LogByTask(await Counting(vehicleId).AsNoTracking().ToListAsync(cancel));
        foreach (CareStateRow row in rows)
        {
            row.State = HistoryOf(ledger, row, log).StateAt(DateTimeOffset.MaxValue);
        }

        await context.SaveChangesAsync(cancel);
    }

    private IQueryable<LogRow> Counting(Guid vehicleId) =>
        context
            .Log.Where(entry => entry.VehicleId == vehicleId && entry.UndoneAt == null)
            .OrderBy(entry => entry.At)
            .ThenBy(entry => entry.Id);

    private static CareHistory HistoryOf(CareLedger ledger, CareStateRow row, LogByTask log)
    {
        CareItem item = ledger.Items.First(item => item.Task.Id == row.TaskId);
        var surface = item.Surfaces.First(surface => surface.Id == row.SurfaceId);
        return new CareHistory(
            row.Start,
            item.SoilingOf(surface),
            ledger.Usage,
            log.Of(row.TaskId).SelectMany(entry => ChangesBy(entry, row.Key))
        );
    }

    private static IEnumerable<CareChange> ChangesBy(LogRow entry, CareKey key)
    {
        if (entry.Kind == LogEntryKind.Care)
        {
            return [new Cleaned(entry.At, new Share(entry.Removed))];
        }

        bool touched = entry.SurfaceIds.Split('\n').Contains(key.SurfaceId, StringComparer.Ordinal);
        CareEvent? happening = touched ? CareEvents.Find(entry.Subject) : null;
        return happening is null
            ? []
            : happening
                .Jumps.Where(jump => jump.TaskId == key.TaskId)
                .Select(jump => new Jumped(entry.At, jump.Amount, happening.Name));
    }

    /// <summary>A log sorted out by task, so that each history reads only what concerns it.</summary>
    private sealed class LogByTask(IReadOnlyList<LogRow> log)
    {
        private readonly ILookup<string, LogRow> care = log.Where(entry => entry.Kind == LogEntryKind.Care)
            .ToLookup(entry => entry.Subject, StringComparer.Ordinal);

        private readonly LogRow[] happenings = [.. log.Where(entry => entry.Kind == LogEntryKind.Event)];

        /// <summary>The entries in which the task was done, and all events.</summary>
        public IEnumerable<LogRow> Of(string taskId) => care[taskId].Concat(happenings);
    }
}
