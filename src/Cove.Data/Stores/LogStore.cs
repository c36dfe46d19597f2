namespace Cove.Data;

/// <summary>Keeps the log. Every change to it brings the levels along in the same transaction.</summary>
public sealed class LogStore
{
    /// <summary>The events that make spots.</summary>
    private static readonly string[] MakeSpots =
    [
        .. CareEvents.All.Where(known => known.Spot is not null).Select(known => known.Id.Value),
    ];

    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly LevelStore levels;

    internal LogStore(CoveContext context, VehicleStore vehicles, LevelStore levels)
    {
        this.context = context;
        this.vehicles = vehicles;
        this.levels = levels;
    }

    /// <summary>The newest entries of a vehicle that are looked for, newest first, undone ones included.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="filter">Which are looked for.</param>
    /// <param name="skip">How many of the newest to pass over; 0 or more.</param>
    /// <param name="take">How many to return; above 0.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>The entries, and how many there are in all.</returns>
    public async Task<(IReadOnlyList<SavedEntry> Entries, int Total)> Newest(
        VehicleId vehicleId,
        LogFilter filter,
        int skip,
        int take,
        CancellationToken cancel = default
    )
    {
        IQueryable<LogRow> found = filter.Over(context.Log.Where(row => row.VehicleId == vehicleId));
        List<LogRow> rows = await found
            .AsNoTracking()
            .Include(row => row.Products)
            .OrderByDescending(row => row.At)
            .ThenByDescending(row => row.Id)
            .Skip(skip)
            .Take(take)
            .ToListAsync(cancel);
        return (rows.ToSaved(), await found.CountAsync(cancel));
    }

    /// <summary>The whole log of a vehicle, in any order, undone entries left out.</summary>
    public async Task<IReadOnlyList<LogEntry>> Whole(VehicleId vehicleId, CancellationToken cancel = default)
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Include(row => row.Products)
            .Where(row => row.VehicleId == vehicleId && row.UndoneAt == null)
            .ToListAsync(cancel);
        return rows.ToEntries();
    }

    /// <summary>When care tasks of some vehicles were finished since an instant, by vehicle. Undone entries do not count. For days of sessions, see <see cref="SessionDays"/>.</summary>
    /// <param name="vehicleIds">The vehicles.</param>
    /// <param name="since">The instant.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<ILookup<VehicleId, DateTimeOffset>> CareSince(
        IReadOnlyCollection<VehicleId> vehicleIds,
        DateTimeOffset since,
        CancellationToken cancel = default
    )
    {
        Guid[] ids = [.. vehicleIds.Select(id => id.Value)];
        var done = await context
            .Log.Where(row =>
                ids.Contains(row.VehicleId)
                && row.Kind == LogEntryKind.Care
                && row.UndoneAt == null
                && row.At >= since
            )
            .Select(row => new { row.VehicleId, row.At })
            .ToListAsync(cancel);
        return done.ToLookup(entry => new VehicleId(entry.VehicleId), entry => entry.At);
    }

    /// <summary>The events of a vehicle that still count, the latest first.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="since">Older events are left out.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<IReadOnlyList<Happened>> Events(
        VehicleId vehicleId,
        DateTimeOffset since,
        CancellationToken cancel = default
    )
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(row =>
                row.VehicleId == vehicleId
                && row.Kind == LogEntryKind.Event
                && row.UndoneAt == null
                && row.At >= since
            )
            .OrderByDescending(row => row.At)
            .ToListAsync(cancel);
        return [.. rows.ToEntries().OfType<Happened>()];
    }

    /// <summary>Corrects an entry.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="version">The version the correction was based on.</param>
    /// <param name="at">When it was really done or happened.</param>
    /// <param name="correct">Gives the entry as it should read, but for the time.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The entry; refused when the time lies before the record of the vehicle begins.</returns>
    public async Task<Changed<SavedEntry>> Correct(
        EntryId id,
        int version,
        DateTimeOffset at,
        Func<LogEntry, LogEntry> correct,
        CancellationToken cancel = default
    )
    {
        at = RecordTime.ToStored(at);
        bool tooEarly = await context
            .Log.Where(row => row.Id == id)
            .Join(
                context.Vehicles,
                row => row.VehicleId,
                vehicle => vehicle.Id,
                (_, vehicle) => vehicle.AddedAt
            )
            .AnyAsync(begun => begun > at, cancel);
        return tooEarly
            ? new Changed<SavedEntry>(
                ChangeOutcome.Refused,
                Reason: "Give a time after this vehicle was added; its record begins there."
            )
            : await Change(id, version, entry => correct(entry) with { At = at }, cancel);
    }

    /// <summary>Undoes an entry: it stays in the log but counts no more.</summary>
    public Task<Changed<SavedEntry>> Undo(
        EntryId id,
        int version,
        DateTimeOffset now,
        CancellationToken cancel = default
    ) => Change(id, version, entry => entry with { UndoneAt = entry.UndoneAt ?? now }, cancel);

    /// <summary>Lets an undone entry count again.</summary>
    public Task<Changed<SavedEntry>> Restore(EntryId id, int version, CancellationToken cancel = default) =>
        Change(id, version, entry => entry with { UndoneAt = null }, cancel);

    /// <summary>Puts work on record that was done without a run, all of it or none; levels and what was learnt follow.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="entries">The entries; at least one.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The entries; refused when they lie before the record of the vehicle begins.</returns>
    public async Task<Changed<IReadOnlyList<SavedEntry>>> AppendWork(
        CareLedger ledger,
        IReadOnlyList<TaskDone> entries,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        DateTimeOffset begun = await context
            .Vehicles.Where(row => row.Id == ledger.Vehicle.Id)
            .Select(row => row.AddedAt)
            .FirstAsync(cancel);
        if (entries.Any(entry => entry.At < begun))
        {
            return new Changed<IReadOnlyList<SavedEntry>>(
                ChangeOutcome.Refused,
                Reason: "Give a day after this vehicle was added; its record begins there."
            );
        }

        await RequireRoom(context, ledger.Vehicle.Id, cancel);
        LogRow[] rows = [.. entries.Select(entry => LogRows.Of(entry, ledger.Vehicle.Id))];
        context.Log.AddRange(rows);
        await context.SaveChangesAsync(cancel);
        await levels.Refresh(ledger, cancel);
        await scope.CommitAsync(cancel);
        return new Changed<IReadOnlyList<SavedEntry>>(
            ChangeOutcome.Made,
            [.. rows.Select(row => row.ToSaved())]
        );
    }

    /// <summary>Puts an entry on record; levels and what was learnt follow.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<SavedEntry> Append(
        CareLedger ledger,
        LogEntry entry,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        await RequireRoom(context, ledger.Vehicle.Id, cancel);
        LogRow row = LogRows.Of(entry, ledger.Vehicle.Id);
        context.Log.Add(row);
        await context.SaveChangesAsync(cancel);
        if (entry.MovesLevels)
        {
            await levels.Refresh(ledger, cancel);
        }

        await scope.CommitAsync(cancel);
        return row.ToSaved();
    }

    /// <summary>The newest looks and events on one surface that still count, newest first.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="surfaceId">The surface.</param>
    /// <param name="take">How many to return at most.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<IReadOnlyList<SavedEntry>> OfSurface(
        VehicleId vehicleId,
        SurfaceId surfaceId,
        int take,
        CancellationToken cancel = default
    )
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Include(row => row.Products)
            .Where(row =>
                row.VehicleId == vehicleId
                && row.Kind != LogEntryKind.Care
                && row.Kind != LogEntryKind.Chore
                && row.UndoneAt == null
                && ("\n" + row.SurfaceIds + "\n").Contains("\n" + surfaceId.Value + "\n")
            )
            .OrderByDescending(row => row.At)
            .ThenByDescending(row => row.Id)
            .Take(take)
            .ToListAsync(cancel);
        return rows.ToSaved();
    }

    /// <summary>What was done to a vehicle since an instant, undone entries left out, in any order.</summary>
    public async Task<IReadOnlyList<LogEntry>> DoneSince(
        VehicleId vehicleId,
        DateTimeOffset since,
        CancellationToken cancel = default
    )
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(row =>
                row.VehicleId == vehicleId
                && row.Kind == LogEntryKind.Care
                && row.At >= since
                && row.UndoneAt == null
            )
            .ToListAsync(cancel);
        return rows.ToEntries();
    }

    /// <summary>The latest instant in the log of any vehicle; null when there is no entry.</summary>
    public Task<DateTimeOffset?> Latest(CancellationToken cancel = default) =>
        context.Log.MaxAsync(row => (DateTimeOffset?)row.At, cancel);

    /// <summary>When each task was last done on a vehicle; those never done are left out.</summary>
    public async Task<IReadOnlyDictionary<TaskId, DateTimeOffset>> LastDone(
        VehicleId vehicleId,
        CancellationToken cancel = default
    )
    {
        var last = await context
            .Log.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId && row.Kind == LogEntryKind.Care && row.UndoneAt == null)
            .GroupBy(row => row.Subject)
            .Select(rows => new { Subject = rows.Key, At = rows.Max(row => row.At) })
            .ToListAsync(cancel);
        return last.ToDictionary(task => new TaskId(task.Subject), task => task.At);
    }

    /// <summary>What was done on all cars of the owner, in any order; undone entries left out.</summary>
    public async Task<IReadOnlyList<TaskDone>> AllDone(CancellationToken cancel = default)
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(row => row.Kind == LogEntryKind.Care && row.UndoneAt == null && row.MethodsJson != "")
            .ToListAsync(cancel);
        return [.. rows.ToEntries().OfType<TaskDone>()];
    }

    /// <summary>The events of a vehicle that made spots or closed surfaces, with what was done about them; undone entries left out, in any order.</summary>
    public async Task<IReadOnlyList<LogEntry>> Spots(VehicleId vehicleId, CancellationToken cancel = default)
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(row =>
                row.VehicleId == vehicleId
                && row.UndoneAt == null
                && (
                    row.Kind == LogEntryKind.Spot
                    || row.Kind == LogEntryKind.Closure
                    || (row.Kind == LogEntryKind.Event && MakeSpots.Contains(row.Subject))
                )
            )
            .ToListAsync(cancel);
        return rows.ToEntries();
    }

    /// <summary>What tells where there is animal hair in a vehicle: rides and work since an instant, undone entries left out, in any order.</summary>
    public async Task<IReadOnlyList<LogEntry>> HairSince(
        VehicleId vehicleId,
        DateTimeOffset since,
        CancellationToken cancel = default
    )
    {
        IQueryable<LogRow> rides = context
            .Log.AsNoTracking()
            .Where(row =>
                row.VehicleId == vehicleId
                && row.UndoneAt == null
                && row.At >= since
                && row.Kind == LogEntryKind.Event
                && row.Subject == AnimalHair.Rode.Value
            );
        DateTimeOffset? first = await rides.MinAsync(row => (DateTimeOffset?)row.At, cancel);
        return first is { } at
            ? [.. (await rides.ToListAsync(cancel)).ToEntries(), .. await DoneSince(vehicleId, at, cancel)]
            : [];
    }

    /// <summary>Makes sure that the log of a vehicle has room for one more entry.</summary>
    /// <exception cref="RecordFullException">It has none.</exception>
    internal static async Task RequireRoom(
        CoveContext context,
        VehicleId vehicleId,
        CancellationToken cancel
    ) =>
        RecordFullException.ThrowIfFull(
            await context.Log.CountAsync(row => row.VehicleId == vehicleId, cancel),
            VehicleDocument.MostLogEntries,
            "entries in its log"
        );

    private async Task<Changed<SavedEntry>> Change(
        EntryId id,
        int version,
        Func<LogEntry, LogEntry> change,
        CancellationToken cancel
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        LogRow? row = await context
            .Log.Include(row => row.Products)
            .FirstOrDefaultAsync(row => row.Id == id, cancel);
        if (row is null || await vehicles.Ledger(new VehicleId(row.VehicleId), cancel) is not { } ledger)
        {
            return new Changed<SavedEntry>(ChangeOutcome.NotFound);
        }

        if (row.Version != version)
        {
            return new Changed<SavedEntry>(ChangeOutcome.Stale);
        }

        LogRows.Put(row, change(row.ToEntry()));
        row.Version++;
        await context.SaveChangesAsync(cancel);
        await levels.Refresh(ledger, cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedEntry>(ChangeOutcome.Made, row.ToSaved());
    }
}
