namespace Cove.Web.Features.Shelf;

/// <summary>How long the shelf lasts, what it costs, and what to buy.</summary>
internal static class StockEndpoints
{
    private const double DaysOfSessions = 182;

    public static void MapStock(this RouteGroupBuilder api) =>
        api.MapGet("/shelf/stock", Stock)
            .WithName("GetStock")
            .WithSummary(
                "What is left of each product, when it runs out on the present routine of all cars, what it costs, and what to buy."
            )
            .Produces<StockView>();

    private static async Task<IResult> Stock(
        ShelfStore shelves,
        VehicleStore vehicles,
        LogStore log,
        KeptDemand kept,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        SavedShelf saved = await shelves.Load(cancel);
        var uses = await shelves.Uses(saved.Shelf, cancel);
        var (demand, sessions) = await kept.Of(() =>
            DemandOf(saved.Shelf, shelves, vehicles, log, clock, cancel)
        );
        StockOutlook[] outlooks =
        [
            .. saved.Shelf.Products.Select(product =>
                StockOutlook.Of(
                    product,
                    uses[product.Id],
                    demand.PerDay.GetValueOrDefault(product.Id),
                    clock.Today
                )
            ),
        ];
        decimal year = outlooks.Sum(outlook => outlook.CostPerYear ?? 0);
        return Results.Ok(
            new StockView(
                [.. outlooks.Select(StockItemView.Of)],
                [.. ShoppingList.Make(outlooks, demand.Missing, clock.Today).Select(ShoppingItemView.Of)],
                ShoppingList.HorizonDays,
                decimal.Round(year, 2),
                sessions == 0 ? null : decimal.Round(year / (decimal)(sessions * 365.25 / DaysOfSessions), 2),
                outlooks.Count(outlook => outlook.PerDay > Quantity.Zero && outlook.UnitPrice is null)
            )
        );
    }

    /// <summary>What the routines of all cars in use take, and on how many days of the last half year there was a session.</summary>
    private static async Task<(RoutineDemand, int)> DemandOf(
        Core.Catalogue.Shelf shelf,
        ShelfStore shelves,
        VehicleStore vehicles,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        DateTimeOffset now = clock.Now;
        IReadOnlyList<CareLedger> ledgers = await vehicles.Paces(cancel);
        VehicleId[] ids = [.. ledgers.Select(ledger => ledger.Vehicle.Id)];
        var records = await shelves.Records(ids, cancel);
        var ways = new SafestWays(shelf, ShelfRecords.None);
        var demands = new List<RoutineDemand>();
        foreach (CareLedger ledger in ledgers)
        {
            ShelfRecords known = records[ledger.Vehicle.Id];
            var car = new CarShelf(ledger, shelf, known, ways.For(known));
            demands.Add(RoutineDemand.Of(ledger, car.Chooser, now, car.MethodsAt(now, OwnerPaces.Nothing)));
        }

        return (
            RoutineDemand.Together(demands),
            (await log.CareSince(ids, now - TimeSpan.FromDays(DaysOfSessions), cancel)).Sum(car =>
                SessionDays.Count(car, clock.Zone)
            )
        );
    }
}

/// <summary>Keeps what all cars together take from the shelf, for a day or until something is stored: it looks at every car there is.</summary>
internal sealed class KeptDemand(DataStamp stamp, OwnerClock clock)
{
    private Known? last;

    public async Task<(RoutineDemand Demand, int Sessions)> Of(Func<Task<(RoutineDemand, int)>> compute)
    {
        long now = stamp.Now();
        if (last is { } known && known.Stamp == now && known.Day == clock.Today)
        {
            return (known.Demand, known.Sessions);
        }

        var (demand, sessions) = await compute();
        last = new Known(now, clock.Today, demand, sessions);
        return (demand, sessions);
    }

    private sealed record Known(long Stamp, DateOnly Day, RoutineDemand Demand, int Sessions);
}

/// <summary>How long the shelf lasts and what it costs.</summary>
/// <param name="Items">One for each product, in the order of the shelf.</param>
/// <param name="Shopping">What to buy, the most urgent first.</param>
/// <param name="HorizonDays">How far ahead the list looks.</param>
/// <param name="CostPerYear">What a year of the routine costs, in the owner's currency.</param>
/// <param name="CostPerSession">The same for each day on which there was a session, at the rate of the last half year; null when there was none.</param>
/// <param name="WithoutPrice">How many products in use have no price, so that the cost leaves them out.</param>
internal sealed record StockView(
    IReadOnlyList<StockItemView> Items,
    IReadOnlyList<ShoppingItemView> Shopping,
    int HorizonDays,
    decimal CostPerYear,
    decimal? CostPerSession,
    int WithoutPrice
);

/// <summary>How long a product lasts.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">What it is counted in.</param>
/// <param name="Left">The product left, without water.</param>
/// <param name="PerMonth">What the routine takes in 30 days.</param>
/// <param name="RunsOut">The day on which it is used up; null when the routine does not use it or it lasts for years.</param>
/// <param name="CostPerYear">What a year of it costs; null when no price is known.</param>
internal sealed record StockItemView(
    Guid ProductId,
    string Name,
    QuantityUnit Unit,
    double Left,
    double PerMonth,
    DateOnly? RunsOut,
    decimal? CostPerYear
)
{
    public static StockItemView Of(StockOutlook outlook) =>
        new(
            outlook.Product.Id,
            outlook.Product.Name,
            outlook.Product.Unit,
            outlook.ProductLeft.Value,
            outlook.PerDay.Value * 30,
            outlook.RunsOut,
            outlook.CostPerYear is { } cost ? decimal.Round(cost, 2) : null
        );
}

/// <summary>Something to buy.</summary>
/// <param name="Name">What.</param>
/// <param name="ProductId">The product on the shelf; null for one that is not there yet.</param>
/// <param name="Class">Its class.</param>
/// <param name="By">The day by which it is needed.</param>
/// <param name="Price">What it cost last time; null when unknown.</param>
/// <param name="Why">Why.</param>
internal sealed record ShoppingItemView(
    string Name,
    Guid? ProductId,
    ProductClass Class,
    DateOnly By,
    decimal? Price,
    string Why
)
{
    public static ShoppingItemView Of(ShoppingItem item) =>
        new(item.Name, item.ProductId, item.Class, item.By, item.Price, item.Why);
}
