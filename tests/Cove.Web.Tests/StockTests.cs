namespace Cove.Web.Tests;

/// <summary>How long the shelf lasts for all cars together.</summary>
public sealed class StockTests
{
    [Fact]
    public async Task The_stock_says_when_things_run_out_and_what_the_routine_costs()
    {
        using var cove = new CoveHost(demo: true);

        JsonObject stock = await cove.Get("/api/shelf/stock");

        Assert.True((decimal)stock["costPerYear"]! > 0);
        Assert.True((decimal)stock["costPerSession"]! > 0);
        Assert.Contains(stock["items"]!.AsArray(), item => item!["runsOut"] is not null);
        string[] days = [.. stock["shopping"]!.AsArray().Select(item => (string)item!["by"]!)];
        Assert.Equal(days.Order(StringComparer.Ordinal), days);
    }

    [Fact]
    public async Task What_is_forbidden_on_one_car_takes_its_share_out_of_the_demand_and_no_more()
    {
        using var cove = new CoveHost(demo: true);
        string[] cars =
        [
            .. (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Select(car =>
                (string)car!["id"]!
            ),
        ];
        Assert.Equal(2, cars.Length);

        Dictionary<string, double> together = await PerMonth(cove);
        await ForbidEverythingOn(cove, cars[1]);
        Dictionary<string, double> first = await PerMonth(cove);
        await ForbidEverythingOn(cove, cars[0]);
        Dictionary<string, double> none = await PerMonth(cove);

        Assert.All(together, product => Assert.InRange(first[product.Key], 0, product.Value));
        Assert.Contains(together, product => first[product.Key] > 0 && first[product.Key] < product.Value);
        Assert.All(none, product => Assert.Equal(0, product.Value));
    }

    [Fact]
    public async Task What_the_maker_of_a_product_forbids_holds_for_every_car()
    {
        using var cove = new CoveHost(demo: true);
        string cleaner = await ShelfTests.ProductId(cove, "Mild soap water");
        Assert.True((await PerMonth(cove))[cleaner] > 0);

        await cove.Post(
            $"/api/vehicles/{await cove.Vehicle()}/instructions",
            $$"""{"productId":"{{cleaner}}","allows":false,"note":"Recalled."}"""
        );

        Assert.Equal(0, (await PerMonth(cove))[cleaner]);
    }

    private static async Task ForbidEverythingOn(CoveHost cove, string vehicle)
    {
        foreach (JsonNode? surface in (await cove.Get($"/api/vehicles/{vehicle}"))["surfaces"]!.AsArray())
        {
            HttpResponseMessage answer = await cove.Post(
                $"/api/vehicles/{vehicle}/instructions",
                $$"""{"surfaceId":"{{surface!["id"]}}","allows":false,"note":"Handbook."}"""
            );
            Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        }
    }

    private static async Task<Dictionary<string, double>> PerMonth(CoveHost cove) =>
        (await cove.Get("/api/shelf/stock"))["items"]!
            .AsArray()
            .ToDictionary(item => (string)item!["productId"]!, item => (double)item!["perMonth"]!);
}
