using Cove.Core.Upkeep;
using Cove.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Cove.Data;

/// <summary>Keeps how vehicles are used: what the owner says, and what odometers show.</summary>
public sealed class UseStore
{
    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly CareReplay replay;

    internal UseStore(CoveContext context, VehicleStore vehicles, CareReplay replay)
    {
        this.context = context;
        this.vehicles = vehicles;
        this.replay = replay;
    }

    /// <summary>What the owner last said of the use of a vehicle. Null when the owner has none of that id.</summary>
    public async Task<CarUse?> Said(Guid vehicleId, CancellationToken cancel = default) =>
        await context
            .Usage.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId)
            .OrderByDescending(row => row.From)
            .FirstOrDefaultAsync(cancel)
            is { } row
            ? row.Use
            : null;

    /// <summary>Changes how a vehicle is used, from an instant on. What came before stays as it was.</summary>
    /// <returns>False when the owner has no vehicle of that id.</returns>
    public async Task<bool> Change(
        Guid vehicleId,
        CarUse use,
        DateTimeOffset from,
        CancellationToken cancel = default
    )
    {
        if (!await context.Vehicles.AnyAsync(row => row.Id == vehicleId, cancel))
        {
            return false;
        }

        UsageRow? same = await context.Usage.FirstOrDefaultAsync(
            row => row.VehicleId == vehicleId && row.From == from,
            cancel
        );
        if (same is null)
        {
            same = new UsageRow { VehicleId = vehicleId, From = from };
            context.Usage.Add(same);
        }

        same.Use = use;
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>The readings of a vehicle's odometer, newest first.</summary>
    public async Task<IReadOnlyList<SavedReading>> Readings(
        Guid vehicleId,
        CancellationToken cancel = default
    ) =>
        await context
            .Odometer.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId)
            .OrderByDescending(row => row.At)
            .Select(row => new SavedReading(row.At, row.Kilometres, row.Simulated))
            .ToListAsync(cancel);

    /// <summary>Adds a reading; the use of the past follows, and with it the levels.</summary>
    /// <returns>Refused when it contradicts the readings before or after it.</returns>
    public async Task<Changed<SavedReading>> AddReading(
        Guid vehicleId,
        SavedReading reading,
        CancellationToken cancel = default
    )
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        if (!await context.Vehicles.AnyAsync(row => row.Id == vehicleId, cancel))
        {
            return new Changed<SavedReading>(ChangeOutcome.NotFound);
        }

        var known = (await Readings(vehicleId, cancel)).Where(one => one.At != reading.At).ToArray();
        if (
            Odometer.Refusal(
                [.. known.Select(one => new OdometerReading(one.At, one.Kilometres))],
                new OdometerReading(reading.At, reading.Kilometres)
            ) is
            { } refusal
        )
        {
            return new Changed<SavedReading>(ChangeOutcome.Refused, Reason: refusal);
        }

        await context
            .Odometer.Where(row => row.VehicleId == vehicleId && row.At == reading.At)
            .ExecuteDeleteAsync(cancel);
        context.Odometer.Add(
            new OdometerRow
            {
                VehicleId = vehicleId,
                At = reading.At,
                Kilometres = reading.Kilometres,
                Simulated = reading.Simulated,
            }
        );
        await context.SaveChangesAsync(cancel);
        await replay.Refresh((await vehicles.Ledger(vehicleId, cancel))!, cancel);
        await transaction.CommitAsync(cancel);
        return new Changed<SavedReading>(ChangeOutcome.Made, reading);
    }

    /// <summary>Takes a reading back.</summary>
    /// <returns>False when there is none at that instant.</returns>
    public async Task<bool> RemoveReading(
        Guid vehicleId,
        DateTimeOffset at,
        CancellationToken cancel = default
    )
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        int found = await context
            .Odometer.Where(row => row.VehicleId == vehicleId && row.At == at)
            .ExecuteDeleteAsync(cancel);
        if (found == 0)
        {
            return false;
        }

        await replay.Refresh((await vehicles.Ledger(vehicleId, cancel))!, cancel);
        await transaction.CommitAsync(cancel);
        return true;
    }
}

/// <summary>A reading of an odometer as it is stored.</summary>
/// <param name="At">When it was read.</param>
/// <param name="Kilometres">What it showed.</param>
/// <param name="Simulated">Whether it came from the simulated feed.</param>
public sealed record SavedReading(DateTimeOffset At, double Kilometres, bool Simulated);
