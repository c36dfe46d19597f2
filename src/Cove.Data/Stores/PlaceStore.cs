namespace Cove.Data;

/// <summary>Keeps where owners work on their vehicles.</summary>
public sealed class PlaceStore
{
    private readonly CoveContext context;

    internal PlaceStore(CoveContext context) => this.context = context;

    /// <summary>What still holds of what was last said; the usual place while nobody has. Null when the owner has no vehicle of that id.</summary>
    public async Task<Workplace?> Find(
        VehicleId vehicleId,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        VehicleRow? row = await context
            .Vehicles.AsNoTracking()
            .FirstOrDefaultAsync(vehicle => vehicle.Id == vehicleId, cancel);
        return row is null ? null
            : row.Place is { } said ? said.Place.ToPlace().Still(said.At, now)
            : Workplace.Usual;
    }

    /// <summary>Keeps what was said; it takes the place of what was said before.</summary>
    /// <returns>Whether the owner has a vehicle of that id.</returns>
    public async Task<bool> Keep(
        VehicleId vehicleId,
        Workplace place,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        VehicleRow? row = await context.Vehicles.FirstOrDefaultAsync(
            vehicle => vehicle.Id == vehicleId,
            cancel
        );
        if (row is null)
        {
            return false;
        }

        row.Place = new SaidPlaceDocument { At = RecordTime.ToStored(now), Place = PlaceDocument.Of(place) };
        await context.SaveChangesAsync(cancel);
        return true;
    }
}
