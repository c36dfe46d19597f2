using System.Linq.Expressions;

namespace Cove.Data;

/// <summary>Keeps what is stored of levels and of what was learnt true to the log, and reads the histories of levels.</summary>
public sealed class LevelStore
{
    private static readonly string[] NeverAnew =
    [
        .. CareTasks.All.Where(task => !task.BeginsAnew).Select(task => task.Id.Value),
    ];

    /// <summary>Methods that do another task as well: what was done by them says something of that one too.</summary>
    private static readonly string[] DoesMore =
    [
        .. MethodLibrary
            .All.Where(known => known.Method.AlsoDoes.Count > 0)
            .Select(known => known.Method.Id.Value),
    ];

    /// <summary>The tests that tell how deep soil sits.</summary>
    private static readonly string[] TellOfEmbedded =
    [
        .. InspectionTable.All.Where(test => test.TellsOfEmbedded).Select(test => test.Id.Value),
    ];

    /// <summary>Whether levels may have moved by an entry.</summary>
    private static readonly Expression<Func<LogRow, bool>> IsMoving = entry =>
        entry.UndoneAt == null
        && (
            entry.Kind == LogEntryKind.Care
            || entry.Kind == LogEntryKind.Event
            || entry.Kind == LogEntryKind.Look
            || entry.Kind == LogEntryKind.DeepClean
        );

    private static readonly Func<LogRow, bool> MayMove = IsMoving.Compile();

    private static readonly string[] Foams =
    [
        .. CareTasks.All.Where(task => Embedding.IsFoam(task.Id)).Select(task => task.Id.Value),
    ];

    private readonly CoveContext context;

    internal LevelStore(CoveContext context) => this.context = context;

    /// <summary>The histories of some levels of a vehicle from an instant on.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="since">Nothing earlier is asked of the histories, so they begin where this instant is still told exactly: at the last time before it that a task came clean and began anew. What lies before that is not read.</param>
    /// <param name="surfaceId">Only those of this surface; null for all.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>A history for each task and surface in care.</returns>
    public async Task<IReadOnlyDictionary<CareKey, CareHistory>> Histories(
        CareLedger ledger,
        DateTimeOffset since,
        SurfaceId? surfaceId = null,
        CancellationToken cancel = default
    )
    {
        VehicleId vehicleId = ledger.Vehicle.Id;
        string? surface = surfaceId?.Value;
        List<CareStateRow> rows = await context
            .CareStates.AsNoTracking()
            .Where(state => state.VehicleId == vehicleId && (surface == null || state.SurfaceId == surface))
            .ToListAsync(cancel);
        var cameClean = await Moving(vehicleId)
            .Where(entry =>
                entry.Kind == LogEntryKind.Care
                && entry.Removed >= 1
                && entry.At <= since
                && !NeverAnew.Contains(entry.Subject)
            )
            // A task may have been done on other surfaces each time.
            .GroupBy(entry => new { entry.Subject, entry.SurfaceIds })
            .Select(done => new
            {
                done.Key.Subject,
                done.Key.SurfaceIds,
                At = done.Max(entry => entry.At),
            })
            .ToListAsync(cancel);
        ILookup<string, (string[] Surfaces, DateTimeOffset At)> cleanings = cameClean.ToLookup(
            done => done.Subject,
            done => (done.SurfaceIds.Length == 0 ? [] : done.SurfaceIds.Split('\n'), done.At),
            StringComparer.Ordinal
        );
        List<LogRow> log = await Moving(vehicleId)
            .AsNoTracking()
            .Where(entry =>
                entry.Kind != LogEntryKind.Care
                || entry.Removed < 1
                || entry.At > since
                || NeverAnew.Contains(entry.Subject)
                || DoesMore.Any(method => entry.MethodsJson.Contains(method))
            )
            .ToListAsync(cancel);
        return Replay.Histories(
            ledger.Vehicle,
            ledger.UsageAsTold,
            [
                .. rows.Select(row => row.Beginning)
                    .Select(began =>
                        LastCleaned(began.Key) is { } at && at > began.At
                            ? began with
                            {
                                At = at,
                                Level = Level.Fresh,
                            }
                            : began
                    ),
                .. log.ToEntries(),
            ],
            ledger.Learnt,
            ledger.Residues,
            ledger.Coats
        );

        DateTimeOffset? LastCleaned(CareKey key) =>
            cleanings[key.TaskId.Value]
                .Where(done => done.Surfaces.Length == 0 || done.Surfaces.Contains(key.SurfaceId.Value))
                .Max(done => (DateTimeOffset?)done.At);
    }

    /// <summary>What has settled deep in a vehicle by an instant.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="now">The instant.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<EmbeddedBook> Embedded(
        CareLedger ledger,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        VehicleId vehicleId = ledger.Vehicle.Id;
        DateTimeOffset? forgotten = await context
            .Vehicles.Where(row => row.Id == vehicleId)
            .Select(row => row.LearntSince)
            .FirstOrDefaultAsync(cancel);
        List<LogRow> log = await Moving(vehicleId)
            .AsNoTracking()
            .Where(entry =>
                entry.Kind == LogEntryKind.DeepClean
                || (entry.Kind == LogEntryKind.Look && TellOfEmbedded.Contains(entry.Subject))
                || (entry.Kind == LogEntryKind.Care && Foams.Contains(entry.Subject))
            )
            .ToListAsync(cancel);
        return EmbeddedBook.Of(
            ledger.Vehicle,
            await Histories(ledger, DateTimeOffset.MinValue, cancel: cancel),
            ledger.Coats,
            [
                .. log.ToEntries(),
                .. forgotten is { } at ? [new LearningForgotten(default, at)] : Array.Empty<LogEntry>(),
            ],
            now
        );
    }

    /// <summary>Brings what is stored of a vehicle up to date with its log. To be called within the transaction that changed the log.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="cancel">Gives up.</param>
    internal async Task Refresh(CareLedger ledger, CancellationToken cancel)
    {
        VehicleId vehicleId = ledger.Vehicle.Id;
        await Refresh(ledger, await Moving(vehicleId).AsNoTracking().ToListAsync(cancel), cancel);
    }

    /// <summary>The same for whoever has the log in hand: all of it, as it stands after the change.</summary>
    internal async Task Refresh(CareLedger ledger, IReadOnlyCollection<LogRow> log, CancellationToken cancel)
    {
        VehicleId vehicleId = ledger.Vehicle.Id;
        DateTimeOffset? forgotten = await context
            .Vehicles.Where(row => row.Id == vehicleId)
            .Select(row => row.LearntSince)
            .FirstAsync(cancel);
        List<CareStateRow> rows = await context
            .CareStates.Where(state => state.VehicleId == vehicleId)
            .ToListAsync(cancel);
        var replay = Replay.Of(
            ledger.Vehicle,
            ledger.UsageAsTold,
            [
                .. rows.Select(row => row.Beginning),
                .. forgotten is { } at ? [new LearningForgotten(default, at)] : Array.Empty<LogEntry>(),
                .. log.Where(MayMove).ToEntries(),
            ]
        );
        IReadOnlyDictionary<CareKey, CareState> states = replay.States;
        foreach (CareStateRow row in rows)
        {
            // Levels of surfaces that are not in care now stay as they were, in case that is taken back.
            if (states.TryGetValue(row.Key, out CareState state))
            {
                row.State = state;
            }
        }

        await Keep(vehicleId, replay.Learnt, cancel);
        await Keep(vehicleId, replay.Residues, cancel);
        await context.SaveChangesAsync(cancel);
    }

    private async Task Keep(VehicleId vehicleId, LearntRates learnt, CancellationToken cancel)
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

    private async Task Keep(VehicleId vehicleId, LearntResidues residues, CancellationToken cancel)
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

    /// <summary>The entries by which levels may have moved.</summary>
    private IQueryable<LogRow> Moving(VehicleId vehicleId) =>
        context.Log.Where(entry => entry.VehicleId == vehicleId).Where(IsMoving);
}
