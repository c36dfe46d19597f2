namespace Cove.Data;

/// <summary>Keeps how vehicles are used: what the owner says, and what odometers show.</summary>
public sealed class UseStore
{
    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly LevelStore levels;

    internal UseStore(CoveContext context, VehicleStore vehicles, LevelStore levels)
    {
        this.context = context;
        this.vehicles = vehicles;
        this.levels = levels;
    }

    /// <summary>What the owner last said of the use of a vehicle. Null when the owner has none of that id.</summary>
    public async Task<SavedUse?> Find(VehicleId vehicleId, CancellationToken cancel = default)
    {
        var known = await context
            .Vehicles.Where(vehicle => vehicle.Id == vehicleId)
            .Select(vehicle => new { vehicle.UseVersion })
            .FirstOrDefaultAsync(cancel);
        if (known is null)
        {
            return null;
        }

        List<UsageRow> rows = await context
            .Usage.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId)
            .OrderByDescending(row => row.From)
            .ToListAsync(cancel);
        return new SavedUse(
            rows.Select(row => UnreadableRowException.Try(() => row.Use))
                .FirstOrDefault(use => use is not null)
                ?? CarUse.Reference,
            known.UseVersion
        );
    }

    /// <summary>Changes how a vehicle is used, from an instant on. What came before stays as it was.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="version">The version of the use that the change is based on.</param>
    /// <param name="use">The use.</param>
    /// <param name="from">From when on it holds.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<Changed<SavedUse>> Change(
        VehicleId vehicleId,
        int version,
        CarUse use,
        DateTimeOffset from,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        VehicleRow? vehicle = await context
            .Vehicles.Include(row => row.Usage)
            .FirstOrDefaultAsync(row => row.Id == vehicleId, cancel);
        if (vehicle is null)
        {
            return new Changed<SavedUse>(ChangeOutcome.NotFound);
        }

        if (vehicle.UseVersion != version)
        {
            return new Changed<SavedUse>(ChangeOutcome.Stale);
        }

        UsageRow? last = vehicle.Usage.MaxBy(row => row.From);
        DateTimeOffset stored = RecordTime.ToStored(from);
        if (last is not null && last.From >= stored)
        {
            // The same millisecond, or a clock that was set back: what is said last holds.
            last.Use = use;
        }
        else if (vehicle.Usage.Count >= VehicleDocument.MostUses)
        {
            return new Changed<SavedUse>(
                ChangeOutcome.Refused,
                Reason: "The use of this car has changed too often to keep more. Correct the last answer instead."
            );
        }
        else
        {
            vehicle.Usage.Add(new UsageRow { From = stored, Use = use });
        }

        vehicle.UseVersion++;
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedUse>(ChangeOutcome.Made, new SavedUse(use, vehicle.UseVersion));
    }

    /// <summary>The readings of a vehicle's odometer, newest first.</summary>
    public async Task<IReadOnlyList<SavedReading>> Readings(
        VehicleId vehicleId,
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
        VehicleId vehicleId,
        SavedReading reading,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        if (!await context.Vehicles.AnyAsync(row => row.Id == vehicleId, cancel))
        {
            return new Changed<SavedReading>(ChangeOutcome.NotFound);
        }

        reading = reading with { At = RecordTime.ToStored(reading.At) };
        var known = (await Readings(vehicleId, cancel)).Where(earlier => earlier.At != reading.At).ToArray();
        if (known.Length >= VehicleDocument.MostReadings)
        {
            return new Changed<SavedReading>(
                ChangeOutcome.Refused,
                Reason: "There are as many readings as Cove keeps. Take some of the older ones back first."
            );
        }

        if (
            Odometer.Refusal(
                [.. known.Select(earlier => new OdometerReading(earlier.At, earlier.Kilometres))],
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
        await levels.Refresh((await vehicles.Ledger(vehicleId, cancel))!, cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedReading>(ChangeOutcome.Made, reading);
    }

    /// <summary>Takes a reading back.</summary>
    /// <returns>False when there is none at that instant.</returns>
    public async Task<bool> RemoveReading(
        VehicleId vehicleId,
        DateTimeOffset at,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        int found = await context
            .Odometer.Where(row => row.VehicleId == vehicleId && row.At == at)
            .ExecuteDeleteAsync(cancel);
        if (found == 0)
        {
            return false;
        }

        await levels.Refresh((await vehicles.Ledger(vehicleId, cancel))!, cancel);
        await scope.CommitAsync(cancel);
        return true;
    }
}

/// <summary>What the owner says of the use of a vehicle.</summary>
/// <param name="Use">The use.</param>
/// <param name="Version">Counts its changes.</param>
public sealed record SavedUse(CarUse Use, int Version);

/// <summary>A reading of an odometer as it is stored.</summary>
/// <param name="At">When it was read.</param>
/// <param name="Kilometres">What it showed.</param>
/// <param name="Simulated">Whether it came from the simulated feed.</param>
public sealed record SavedReading(DateTimeOffset At, double Kilometres, bool Simulated);
