namespace Cove.Web.Tests;

/// <summary>What a person with full hands is told: what lacks, what to mix, which towel, and what is worn out.</summary>
public sealed class HandsOnTests
{
    // Seen: Fewest products advised one purchase, the shopping list others, and soap was to be bought.
    [Fact]
    public async Task What_lacks_is_one_list_wherever_it_is_shown()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        JsonArray fewest = (await cove.Get($"/api/vehicles/{vehicle}/smallest-shelf"))["lacking"]!.AsArray();
        JsonArray shopping = (await cove.Get("/api/shelf/stock"))["shopping"]!.AsArray();

        Assert.NotEmpty(fewest);
        Assert.True(JsonNode.DeepEquals(fewest, shopping));
        Assert.All(fewest, item => Assert.EndsWith(".", (string)item!["why"]!));
        Assert.DoesNotContain(fewest, item => (string)item!["class"]! is "soapWater" or "water");
    }

    [Fact]
    public async Task Today_says_what_to_mix_first_and_what_is_left_after()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=60");
        var left = (await cove.Get("/api/shelf/stock"))["items"]!
            .AsArray()
            .ToDictionary(item => (string)item!["productId"]!, item => (double)item!["left"]!);
        ILookup<string, double> taken = today["steps"]!
            .AsArray()
            .SelectMany(step => step!["products"]!.AsArray())
            .ToLookup(product => (string)product!["productId"]!, product => (double)product!["amount"]!);

        JsonNode[] mixtures = [.. today["mixtures"]!.AsArray().Select(mixture => mixture!)];

        Assert.Contains(mixtures, mixture => (bool)mixture["isMixed"]!);
        Assert.All(
            mixtures.Where(mixture => mixture["leftAfter"] is not null),
            mixture =>
            {
                string product = (string)mixture["productId"]!;
                // What is too old to rely on stands in the stock and is not worked with.
                Assert.InRange((double)mixture["leftAfter"]!, 0, left[product] - taken[product].Sum() + 1e-3);
                Assert.Contains("left after", (string)mixture["sentence"]!, StringComparison.Ordinal);
            }
        );
    }

    [Fact]
    public async Task The_towel_in_hand_has_its_colour_and_its_fold_and_a_run_keeps_both_folds_apart()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        await ChangeKit(cove, kit => kit["foldSchool"] = "thirds");
        JsonObject run = await cove.StartRun(vehicle);
        JsonNode towel = Towels(run).First(towel => (string)towel["role"]! == "screens");

        Assert.Equal(6, (int)towel["faces"]!);
        Assert.Equal("folded in thirds", (string)towel["folded"]!);
        Assert.Equal("Black", (string)towel["colour"]!);

        await ChangeKit(cove, kit => kit["foldSchool"] = "quarters");
        JsonObject later = await cove.Get($"/api/runs/{run["id"]}");
        Assert.All(Towels(later), one => Assert.Equal(6, (int)one["faces"]!));
    }

    // Seen: nothing ever told that the gel had done its work.
    [Fact]
    public async Task A_new_gel_starts_its_record_anew()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject shelf = await cove.Get("/api/shelf");
        Assert.True(Sessions(shelf) > 10);

        await ChangeKit(
            cove,
            kit =>
                kit["tools"]!.AsArray().Single(tool => (string)tool!["tool"]! == "gel")!["since"] = (string)
                    shelf["today"]!
        );

        Assert.Equal(0, Sessions(await cove.Get("/api/shelf")));

        static int Sessions(JsonObject shelf) =>
            (int)shelf["wear"]!.AsArray().Single(wear => (string?)wear!["tool"] == "gel")!["sessions"]!;
    }

    private static IEnumerable<JsonNode> Towels(JsonObject run) =>
        run["steps"]!.AsArray().SelectMany(step => step!["towels"]!.AsArray()).Select(towel => towel!);

    private static async Task ChangeKit(CoveHost cove, Action<JsonObject> change)
    {
        JsonObject shelf = await cove.Get("/api/shelf");
        JsonObject kit = shelf["kit"]!.AsObject();
        change(kit);
        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Put,
            "/api/shelf/kit",
            kit.ToJsonString(),
            ("If-Match", $"\"{shelf["kitVersion"]}\"")
        );
        answer.EnsureSuccessStatusCode();
    }
}
