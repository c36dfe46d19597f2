namespace Cove.Data;

/// <summary>Reads from the log what has to be followed up, and keeps what was answered. Also what runs took.</summary>
public sealed class ReminderStore
{
    private readonly CoveContext context;

    internal ReminderStore(CoveContext context) => this.context = context;

    /// <summary>The reminders of a vehicle; see <see cref="Reminders.Of"/>.</summary>
    public async Task<IReadOnlyList<Reminder>> Open(
        VehicleId vehicleId,
        DateTimeOffset now,
        TimeZoneInfo zone,
        CancellationToken cancel = default
    )
    {
        DateTimeOffset since = now - Reminders.Reach;
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(row =>
                row.VehicleId == vehicleId
                && (row.Kind == LogEntryKind.Care || row.Kind == LogEntryKind.Look)
                && row.At >= since
                && row.UndoneAt == null
            )
            .ToListAsync(cancel);
        return Reminders.Of(rows.ToEntries(), now, zone);
    }

    /// <summary>What was carried out of a vehicle and has not come back; null when nothing is out. See <see cref="Core.Log.ThingsOut"/>.</summary>
    public async Task<ThingsOut?> Out(VehicleId vehicleId, CancellationToken cancel = default)
    {
        string[] chores = [ThingsOut.Out.Value, ThingsOut.Back.Value, ThingsOut.SeatsBack.Value];
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(row =>
                row.VehicleId == vehicleId
                && row.Kind == LogEntryKind.Chore
                && row.UndoneAt == null
                && chores.Contains(row.Subject)
            )
            .ToListAsync(cancel);
        return ThingsOut.Of(rows.ToEntries());
    }

    /// <summary>Keeps that the owner has answered what there was to ask after an entry of the log. Again changes nothing.</summary>
    /// <returns>Whether the owner has such an entry.</returns>
    public async Task<bool> Acknowledge(
        EntryId entryId,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        if (
            await context.Log.FirstOrDefaultAsync(
                row => row.Id == entryId && context.Vehicles.Any(vehicle => vehicle.Id == row.VehicleId),
                cancel
            )
            is not { } row
        )
        {
            return false;
        }

        row.SettledAt ??= now;
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>What has been learnt of how long the owner takes, on any vehicle. What an owner had a vehicle forget teaches nothing.</summary>
    public async Task<OwnerPaces> Paces(CancellationToken cancel = default)
    {
        var done = await context
            .Log.Where(row =>
                row.UndoneAt == null
                && row.TakenSeconds > 0
                && (row.Kind == LogEntryKind.Chore || (row.Kind == LogEntryKind.Care && row.RunId != null))
            )
            .Join(
                context.Vehicles,
                row => row.VehicleId,
                vehicle => vehicle.Id,
                (row, vehicle) =>
                    new
                    {
                        row.Subject,
                        row.At,
                        row.PlannedSeconds,
                        row.TakenSeconds,
                        row.Pace,
                        vehicle.LearntSince,
                    }
            )
            .ToListAsync(cancel);
        return OwnerPaces.Learn(
            done.Where(work => work.LearntSince is not { } since || work.At > since)
                .Select(work =>
                    (
                        new TaskId(work.Subject),
                        TimeSpan.FromSeconds(work.PlannedSeconds / work.Pace),
                        TimeSpan.FromSeconds(work.TakenSeconds)
                    )
                )
        );
    }
}
