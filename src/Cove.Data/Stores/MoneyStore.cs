namespace Cove.Data;

/// <summary>Keeps what things cost that are on no shelf.</summary>
public sealed class MoneyStore
{
    private readonly CoveContext context;

    internal MoneyStore(CoveContext context) => this.context = context;

    /// <summary>What a deep clean of a vehicle costs; nothing known while nobody has said. Null when the owner has no vehicle of that id.</summary>
    public async Task<PricesDocument?> Prices(VehicleId vehicleId, CancellationToken cancel = default) =>
        await context.Vehicles.AsNoTracking().FirstOrDefaultAsync(row => row.Id == vehicleId, cancel)
            is { } row
            ? row.Prices ?? new PricesDocument()
            : null;

    /// <summary>Keeps the prices; they take the place of what was said before.</summary>
    /// <returns>Whether the owner has a vehicle of that id.</returns>
    public async Task<bool> Keep(
        VehicleId vehicleId,
        PricesDocument prices,
        CancellationToken cancel = default
    )
    {
        if (await context.Vehicles.FirstOrDefaultAsync(row => row.Id == vehicleId, cancel) is not { } vehicle)
        {
            return false;
        }

        vehicle.Prices = prices;
        await context.SaveChangesAsync(cancel);
        return true;
    }
}
