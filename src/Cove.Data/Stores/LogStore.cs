using Cove.Core;
using Cove.Core.Cars;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Inspections;
using Cove.Core.Upkeep;
using Cove.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Cove.Data;

/// <summary>Keeps the log. Every change to it brings the levels along in the same transaction.</summary>
public sealed class LogStore
{
    /// <summary>The result of a spot test that passed.</summary>
    public const string SpotPassed = "passed";

    /// <summary>The result of a spot test that failed.</summary>
    public const string SpotFailed = "failed";

    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly CareReplay replay;

    internal LogStore(CoveContext context, VehicleStore vehicles, CareReplay replay)
    {
        this.context = context;
        this.vehicles = vehicles;
        this.replay = replay;
    }

    /// <summary>The newest entries of a vehicle, newest first, undone ones included.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="skip">How many of the newest to pass over; 0 or more.</param>
    /// <param name="take">How many to return; above 0.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<IReadOnlyList<LogEntry>> Newest(
        Guid vehicleId,
        int skip,
        int take,
        CancellationToken cancel = default
    )
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Include(row => row.Products)
            .Where(row => row.VehicleId == vehicleId)
            .OrderByDescending(row => row.At)
            .ThenByDescending(row => row.Id)
            .Skip(skip)
            .Take(take)
            .ToListAsync(cancel);
        return [.. rows.Select(row => UnreadableRowException.Try(() => ToEntry(row))).OfType<LogEntry>()];
    }

    /// <summary>How many entries a vehicle has.</summary>
    public Task<int> Count(Guid vehicleId, CancellationToken cancel = default) =>
        context.Log.CountAsync(row => row.VehicleId == vehicleId, cancel);

    /// <summary>How many sessions there were since an instant: days on which a vehicle was cared for, counted for each vehicle. Undone entries do not count.</summary>
    /// <param name="vehicleIds">The vehicles.</param>
    /// <param name="since">The instant.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<int> DaysOfCare(
        IReadOnlyCollection<Guid> vehicleIds,
        DateTimeOffset since,
        CancellationToken cancel = default
    )
    {
        var done = await context
            .Log.Where(row =>
                vehicleIds.Contains(row.VehicleId)
                && row.Kind == LogEntryKind.Care
                && row.UndoneAt == null
                && row.At >= since
            )
            .Select(row => new { row.VehicleId, row.At })
            .ToListAsync(cancel);
        return done.Select(one => (one.VehicleId, one.At.UtcDateTime.Date)).Distinct().Count();
    }

    /// <summary>The latest event on each surface of a vehicle that still counts.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="since">Older events are left out.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<IReadOnlyList<LogEntry>> Events(
        Guid vehicleId,
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
        return [.. rows.Select(ToEntry)];
    }

    /// <summary>Corrects an entry.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="version">The version the correction was based on.</param>
    /// <param name="at">When it was really done or happened.</param>
    /// <param name="taken">How long it really took.</param>
    /// <param name="removed">The share of the level that was really removed; ignored for events.</param>
    /// <param name="note">The owner's note.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The entry; refused when the time lies before the record of the vehicle begins.</returns>
    public async Task<Changed<LogEntry>> Correct(
        Guid id,
        int version,
        DateTimeOffset at,
        TimeSpan taken,
        Share removed,
        string note,
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
            ? new Changed<LogEntry>(
                ChangeOutcome.Refused,
                Reason: "Give a time after this vehicle was added; its record begins there."
            )
            : await Change(
                id,
                version,
                row =>
                {
                    row.At = at;
                    row.TakenSeconds = (int)taken.TotalSeconds;
                    row.Removed = row.Kind == LogEntryKind.Care ? removed.Value : 0;
                    row.Note = note;
                },
                cancel
            );
    }

    /// <summary>Undoes an entry: it stays in the log but counts no more.</summary>
    public Task<Changed<LogEntry>> Undo(
        Guid id,
        int version,
        DateTimeOffset now,
        CancellationToken cancel = default
    ) => Change(id, version, row => row.UndoneAt ??= now, cancel);

    /// <summary>Lets an undone entry count again.</summary>
    public Task<Changed<LogEntry>> Restore(Guid id, int version, CancellationToken cancel = default) =>
        Change(id, version, row => row.UndoneAt = null, cancel);

    /// <summary>Records that something happened to surfaces of a vehicle.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="happening">What happened.</param>
    /// <param name="surfaceIds">The surfaces it touched; at least one, all of the vehicle.</param>
    /// <param name="at">When it happened.</param>
    /// <param name="note">The owner's note; may be empty.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<LogEntry> RecordEvent(
        CareLedger ledger,
        CareEvent happening,
        IReadOnlyList<string> surfaceIds,
        DateTimeOffset at,
        string note,
        CancellationToken cancel = default
    )
    {
        LogRow row = New(ledger, LogEntryKind.Event, happening.Id, surfaceIds, at, note);
        await Record(ledger, row, cancel);
        return ToEntry(row);
    }

    /// <summary>Records what the owner saw. The levels it tells of are what was seen, and the rates learn from it.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="inspection">What was done.</param>
    /// <param name="result">What was seen; one of the results of the inspection.</param>
    /// <param name="surfaceId">Where; a surface that the inspection tells something of.</param>
    /// <param name="at">When.</param>
    /// <param name="note">The owner's note; may be empty.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<LogEntry> RecordLook(
        CareLedger ledger,
        Inspection inspection,
        InspectionResult result,
        string surfaceId,
        DateTimeOffset at,
        string note,
        CancellationToken cancel = default
    )
    {
        LogRow row = New(ledger, LogEntryKind.Look, inspection.Id, [surfaceId], at, note);
        row.Result = result.Id;
        await Record(ledger, row, cancel);
        return ToEntry(row);
    }

    /// <summary>Records that the owner tried a product on a hidden spot.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="product">The product.</param>
    /// <param name="strength">The strength that was tried.</param>
    /// <param name="surfaceIds">The surfaces it speaks for; at least one, all of the vehicle.</param>
    /// <param name="passed">Whether towel and spot stayed as they were.</param>
    /// <param name="at">When.</param>
    /// <param name="note">The owner's note; may be empty.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<LogEntry> RecordSpotTest(
        CareLedger ledger,
        Product product,
        Strength strength,
        IReadOnlyList<string> surfaceIds,
        bool passed,
        DateTimeOffset at,
        string note,
        CancellationToken cancel = default
    )
    {
        LogRow row = New(ledger, LogEntryKind.SpotTest, $"{product.Id}", surfaceIds, at, note);
        row.Result = passed ? SpotPassed : SpotFailed;
        row.Products.Add(
            new ProductUseRow
            {
                ProductId = product.Id,
                Name = product.Name,
                Strength = strength.Share,
            }
        );
        await Keep(row, cancel);
        return ToEntry(row);
    }

    /// <summary>Records something found out about a surface that changes no level.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="testId">How it was found out.</param>
    /// <param name="resultId">What was found.</param>
    /// <param name="surfaceId">The surface.</param>
    /// <param name="at">When.</param>
    /// <param name="note">In words.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<LogEntry> RecordNote(
        CareLedger ledger,
        string testId,
        string resultId,
        string surfaceId,
        DateTimeOffset at,
        string note,
        CancellationToken cancel = default
    )
    {
        LogRow row = New(ledger, LogEntryKind.Note, testId, [surfaceId], at, note);
        row.Result = resultId;
        await Keep(row, cancel);
        return ToEntry(row);
    }

    /// <summary>The newest looks and events on one surface that still count, newest first.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="surfaceId">The surface.</param>
    /// <param name="take">How many to return at most.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<IReadOnlyList<LogEntry>> OfSurface(
        Guid vehicleId,
        string surfaceId,
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
                && ("\n" + row.SurfaceIds + "\n").Contains("\n" + surfaceId + "\n")
            )
            .OrderByDescending(row => row.At)
            .ThenByDescending(row => row.Id)
            .Take(take)
            .ToListAsync(cancel);
        return [.. rows.Select(row => UnreadableRowException.Try(() => ToEntry(row))).OfType<LogEntry>()];
    }

    private static LogRow New(
        CareLedger ledger,
        LogEntryKind kind,
        string subject,
        IReadOnlyList<string> surfaceIds,
        DateTimeOffset at,
        string note
    ) =>
        new()
        {
            Id = Guid.CreateVersion7(at),
            VehicleId = ledger.Vehicle.Id,
            Kind = kind,
            Subject = subject,
            SurfaceIds = string.Join('\n', surfaceIds),
            At = at,
            Note = note,
        };

    /// <summary>Makes sure that the log of a vehicle has room for one more entry.</summary>
    /// <exception cref="RecordFullException">It has none.</exception>
    internal static async Task RequireRoom(CoveContext context, Guid vehicleId, CancellationToken cancel) =>
        RecordFullException.ThrowIfFull(
            await context.Log.CountAsync(row => row.VehicleId == vehicleId, cancel),
            VehicleDocument.MostLogEntries,
            "entries in its log"
        );

    private async Task Keep(LogRow row, CancellationToken cancel)
    {
        await RequireRoom(context, row.VehicleId, cancel);
        context.Log.Add(row);
        await context.SaveChangesAsync(cancel);
    }

    private async Task Record(CareLedger ledger, LogRow row, CancellationToken cancel)
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        await Keep(row, cancel);
        await replay.Refresh(ledger, cancel);
        await scope.CommitAsync(cancel);
    }

    internal static LogEntry ToEntry(LogRow row) =>
        new(
            row.Id,
            row.VehicleId,
            row.RunId,
            KnownWord.Check(row.Kind, "Log", row.Id),
            row.Subject,
            row.SurfaceIds.Length == 0 ? [] : row.SurfaceIds.Split('\n'),
            row.Result,
            row.At,
            TimeSpan.FromSeconds(row.PlannedSeconds),
            TimeSpan.FromSeconds(row.TakenSeconds),
            new Share(row.Removed),
            row.Note,
            [
                .. row
                    .Products.OrderBy(product => product.Position)
                    .Select(product => new LoggedProduct(
                        product.ProductId,
                        product.Name,
                        Strength.FromShare(product.Strength),
                        new Quantity(product.Amount)
                    )),
            ],
            row.UndoneAt,
            row.Version
        )
        {
            Methods = row.Methods,
        };

    private async Task<Changed<LogEntry>> Change(
        Guid id,
        int version,
        Action<LogRow> change,
        CancellationToken cancel
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        LogRow? row = await context
            .Log.Include(row => row.Products)
            .FirstOrDefaultAsync(row => row.Id == id, cancel);
        if (row is null || await vehicles.Ledger(row.VehicleId, cancel) is not { } ledger)
        {
            return new Changed<LogEntry>(ChangeOutcome.NotFound);
        }

        if (row.Version != version)
        {
            return new Changed<LogEntry>(ChangeOutcome.Stale);
        }

        change(row);
        row.Version++;
        await context.SaveChangesAsync(cancel);
        await replay.Refresh(ledger, cancel);
        await scope.CommitAsync(cancel);
        return new Changed<LogEntry>(ChangeOutcome.Made, ToEntry(row));
    }
}
