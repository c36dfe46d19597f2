namespace Cove.Data;

/// <summary>Keeps what things cost that are on no shelf, and in what currency the owner counts.</summary>
public sealed class MoneyStore
{
    private readonly CoveContext context;

    internal MoneyStore(CoveContext context) => this.context = context;

    /// <summary>The owner's currency; empty for amounts without one.</summary>
    public async Task<string> Currency(CancellationToken cancel = default) =>
        (await context.Wishes.AsNoTracking().FirstOrDefaultAsync(cancel))?.Currency ?? string.Empty;

    /// <summary>What a deep clean of a vehicle costs; nothing known while nobody has said. Null when the owner has no vehicle of that id.</summary>
    public async Task<PricesDocument?> Prices(VehicleId vehicleId, CancellationToken cancel = default) =>
        await context.Vehicles.AsNoTracking().FirstOrDefaultAsync(row => row.Id == vehicleId, cancel)
            is { } row
            ? row.Prices ?? new PricesDocument()
            : null;

    /// <summary>Keeps both; they take the place of what was said before.</summary>
    /// <returns>Whether the owner has a vehicle of that id.</returns>
    public async Task<bool> Say(
        VehicleId vehicleId,
        PricesDocument prices,
        string currency,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        if (await context.Vehicles.FirstOrDefaultAsync(row => row.Id == vehicleId, cancel) is not { } vehicle)
        {
            return false;
        }

        vehicle.Prices = prices;
        WishRow? wishes = await context.Wishes.FirstOrDefaultAsync(cancel);
        if (wishes is null)
        {
            wishes = new WishRow();
            context.Wishes.Add(wishes);
        }

        wishes.Currency = currency.Trim();
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return true;
    }
}
