namespace Cove.Web.Tests;

public sealed class ShelfTests
{
    private const string Cleaner =
        """{"name":"Cleaner","class":"interiorCleaner","ph":8.5,"weakest":"1:1","usual":"neat","strongest":"neat","bottles":[{"size":500,"left":500,"price":10}]}""";

    [Fact]
    public async Task A_product_is_put_on_the_shelf_changed_and_taken_off()
    {
        using var cove = new CoveHost();
        JsonObject added = await Added(cove, Cleaner);
        string path = $"/api/shelf/products/{added["id"]}";

        HttpResponseMessage changed = await cove.Send(
            HttpMethod.Put,
            path,
            Cleaner.Replace("\"Cleaner\"", "\"Better\"", StringComparison.Ordinal),
            ("If-Match", "\"1\"")
        );
        HttpResponseMessage stale = await cove.Send(HttpMethod.Put, path, Cleaner, ("If-Match", "\"1\""));
        HttpResponseMessage blind = await cove.Send(HttpMethod.Put, path, Cleaner);
        string name = (string)(await cove.Get("/api/shelf"))["products"]![0]!["details"]!["name"]!;
        HttpResponseMessage removed = await cove.Send(HttpMethod.Delete, path, "", ("If-Match", "\"2\""));
        HttpResponseMessage again = await cove.Send(HttpMethod.Delete, path, "", ("If-Match", "\"2\""));

        Assert.Equal(HttpStatusCode.OK, changed.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, stale.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionRequired, blind.StatusCode);
        Assert.Equal("Better", name);
        Assert.Equal(HttpStatusCode.NoContent, removed.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, again.StatusCode);
        Assert.Empty((await cove.Get("/api/shelf"))["products"]!.AsArray());
    }

    [Fact]
    public async Task The_shelf_is_there_after_a_restart()
    {
        using var cove = new CoveHost();
        await Added(cove, Cleaner);
        await cove.Send(
            HttpMethod.Put,
            "/api/shelf/kit",
            """{"tools":[{"tool":"vacuum","count":1,"note":"crevice"}],"towels":[{"role":"glassDry","colour":"white","count":3}],"productSchool":"onePerMaterial","screenSchool":"water"}""",
            ("If-Match", "\"0\"")
        );
        string before = $"{await cove.Get("/api/shelf")}";

        cove.Restart();

        Assert.Equal(before, $"{await cove.Get("/api/shelf")}");
        Assert.Contains("onePerMaterial", before, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{"class":"water"}""", "name")]
    [InlineData("""{"name":" ","class":"water"}""", "name")]
    [InlineData("""{"name":"A","class":"rum"}""", "class")]
    [InlineData("""{"name":"A","class":"water","ph":15}""", "ph")]
    [InlineData("""{"name":"A","class":"water","ph":"7"}""", "ph")]
    [InlineData("""{"name":"A","class":"water","alcoholPercent":-1}""", "alcoholPercent")]
    [InlineData("""{"name":"A","class":"water","hazards":["X1"]}""", "hazards")]
    [InlineData("""{"name":"A","class":"water","usual":"a lot"}""", "usual")]
    [InlineData(
        """{"name":"A","class":"allPurposeCleaner","weakest":"1:10","usual":"1:50","strongest":"1:5"}""",
        "usual"
    )]
    [InlineData("""{"name":"A","class":"water","shelfLifeMonths":0}""", "shelfLifeMonths")]
    [InlineData("""{"name":"A","class":"water","bottles":[{"size":0,"left":0}]}""", "bottles[0].size")]
    [InlineData("""{"name":"A","class":"water","bottles":[{"size":10,"left":11}]}""", "bottles[0].left")]
    [InlineData(
        """{"name":"A","class":"water","bottles":[{"size":10,"left":1,"price":-1}]}""",
        "bottles[0].price"
    )]
    [InlineData(
        """{"name":"A","class":"water","bottles":[{"size":10,"left":1,"opened":"2027-01-01"}]}""",
        "bottles[0].opened"
    )]
    [InlineData(
        """{"name":"A","class":"water","bottles":[{"size":10,"left":1,"bought":"2026-03-01","opened":"2026-02-01"}]}""",
        "bottles[0].opened"
    )]
    [InlineData(
        """{"name":"A","class":"water","bottles":[{"size":10,"left":1,"mixed":"1:8"}]}""",
        "bottles[0].mixedOn"
    )]
    [InlineData(
        """{"name":"A","class":"allPurposeCleaner","weakest":"1:100","usual":"1:50","strongest":"1:10","bottles":[{"size":10,"left":1,"mixed":"1:2","mixedOn":"2026-03-01"}]}""",
        "bottles[0].mixed"
    )]
    [InlineData("""{"name":"A","class":"water","brand":"none"}""", "brand")]
    public async Task A_product_that_cannot_be_is_refused_with_a_sentence_for_the_field(
        string body,
        string field
    )
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Post("/api/shelf/products", body);

        await BadInputTests.AssertProblem(answer, HttpStatusCode.BadRequest, field);
        Assert.Empty((await cove.Get("/api/shelf"))["products"]!.AsArray());
    }

    [Fact]
    public async Task A_logged_run_takes_from_the_bottles_and_undoing_gives_it_back()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 40);
        var steps = run["steps"]!.AsArray();
        int wet = steps
            .Select((step, index) => (step, index))
            .First(one =>
                one.step!["products"]!.AsArray().Any(product => (string)product!["name"]! != "Plain water")
            )
            .index;
        string product = (string)
            steps[wet]!["products"]!.AsArray().First(one => (string)one!["name"]! != "Plain water")![
                "productId"
            ]!;
        double before = await Left(cove, product);

        for (int step = 0; step <= wet; step++)
        {
            cove.Clock.Advance(TimeSpan.FromMinutes(1));
            (await cove.Say(run, "done", step)).EnsureSuccessStatusCode();
        }

        double after = await Left(cove, product);
        JsonObject log = await cove.Get($"/api/vehicles/{vehicle}/log");
        JsonNode entry = log["entries"]!.AsArray().First(one => one!["products"]!.AsArray().Count > 0)!;
        HttpResponseMessage undone = await cove.Send(
            HttpMethod.Post,
            $"/api/log/{entry["id"]}/undo",
            "",
            ("If-Match", $"\"{entry["version"]}\"")
        );

        Assert.True(after < before);
        undone.EnsureSuccessStatusCode();
        Assert.Equal(before, await Left(cove, product), 6);
    }

    [Fact]
    public async Task Saying_what_is_left_measures_a_bottle_and_repeating_what_is_shown_does_not()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonNode product = (await cove.Get("/api/shelf"))["products"]!
            .AsArray()
            .First(one => (string)one!["details"]!["name"]! == "Streak-free glass cleaner")!;
        string path = $"/api/shelf/products/{product["id"]}";
        var details = product["details"]!.DeepClone().AsObject();
        string measured = (string)details["bottles"]![0]!["measuredAt"]!;

        HttpResponseMessage same = await cove.Send(HttpMethod.Put, path, $"{details}", ("If-Match", "\"1\""));
        JsonObject kept = (await same.Content.ReadFromJsonAsync<JsonObject>())!;
        details["bottles"]![0]!["left"] = 333;
        HttpResponseMessage other = await cove.Send(
            HttpMethod.Put,
            path,
            $"{details}",
            ("If-Match", "\"2\"")
        );
        JsonObject remeasured = (await other.Content.ReadFromJsonAsync<JsonObject>())!;

        Assert.Equal(measured, (string)kept["details"]!["bottles"]![0]!["measuredAt"]!);
        Assert.Equal(333, (double)remeasured["left"]!);
        Assert.NotEqual(measured, (string)remeasured["details"]!["bottles"]![0]!["measuredAt"]!);
        Assert.NotEqual(string.Empty, vehicle);
    }

    [Fact]
    public async Task A_mixture_is_kept_as_a_bottle_and_one_past_the_label_is_not()
    {
        using var cove = new CoveHost(demo: true);
        string product = await ProductId(cove, "All-purpose concentrate");
        double before = await Left(cove, product);
        string path = $"/api/shelf/products/{product}/mixtures";

        HttpResponseMessage kept = await cove.Post(
            path,
            """{"millilitres":500,"strength":"2 %"}""",
            ("If-Match", "\"1\"")
        );
        JsonObject view = (await kept.Content.ReadFromJsonAsync<JsonObject>())!;
        HttpResponseMessage stale = await cove.Post(
            path,
            """{"millilitres":500,"strength":"2 %"}""",
            ("If-Match", "\"1\"")
        );

        Assert.Equal(before, (double)view["left"]!, 6);
        Assert.Equal("1:49", (string)view["details"]!["bottles"]!.AsArray()[^1]!["mixed"]!);
        Assert.Equal(HttpStatusCode.PreconditionFailed, stale.StatusCode);
        await BadInputTests.AssertProblem(
            await cove.Post(path, """{"millilitres":500,"strength":"1:2"}""", ("If-Match", "\"2\"")),
            HttpStatusCode.BadRequest,
            "strength"
        );
        await BadInputTests.AssertProblem(
            await cove.Post(path, """{"millilitres":0,"strength":"1:50"}""", ("If-Match", "\"2\"")),
            HttpStatusCode.BadRequest,
            "millilitres"
        );
    }

    [Fact]
    public async Task The_demo_shelf_has_its_traps_and_they_are_caught()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject matrix = await cove.Get($"/api/vehicles/{vehicle}/verdicts");
        string[] surfaces = [.. matrix["surfaces"]!.AsArray().Select(surface => (string)surface!["id"]!)];

        Assert.Equal("keepOff", VerdictOn("Window cleaner with ammonia", "rear-glass"));
        Assert.Equal("keepOff", VerdictOn("Gloss dressing", "wheel"));
        Assert.Equal("keepOff", VerdictOn("Gloss dressing", "dash"));
        Assert.Equal("keepOff", VerdictOn("Workshop degreaser", "wheel"));
        Assert.Equal("keepOff", VerdictOn("Melamine sponges", "console-trim"));
        Assert.Equal("good", VerdictOn("Fabric cleaner concentrate", "driver-seat"));
        Assert.Equal("good", VerdictOn("Streak-free glass cleaner", "windscreen"));
        // Bleach and acid in one session.
        HttpResponseMessage session = await cove.Post(
            "/api/verdicts/evaluate",
            """{"cases":[{"surface":{"kind":"doorShuts"},"product":{"class":"acidCleaner"},"context":{"session":[{"class":"chlorineBleach"}]}}]}"""
        );
        Assert.Contains(
            "mix.chlorine-acid",
            await session.Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );

        string VerdictOn(string product, string surface)
        {
            JsonNode row = matrix["rows"]!.AsArray().First(one => (string)one!["name"]! == product)!;
            return (string)row["cells"]![Array.IndexOf(surfaces, surface)]!["verdict"]!;
        }
    }

    [Fact]
    public async Task A_spot_test_is_logged_lifts_the_verdict_and_can_be_undone()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string product = await ProductId(cove, "Streak-free glass cleaner");
        string question = $$"""{"productId":"{{product}}","surfaceId":"armrest"}""";
        string test =
            $$"""{"productId":"{{product}}","surfaceId":"armrest","strength":"neat","passed":true,"note":"below the lid"}""";

        string before = await Verdict(cove, vehicle, question);
        HttpResponseMessage recorded = await cove.Post($"/api/vehicles/{vehicle}/spot-tests", test);
        JsonObject logged = (await recorded.Content.ReadFromJsonAsync<JsonObject>())!;
        string passed = await Verdict(cove, vehicle, question);
        await cove.Send(
            HttpMethod.Post,
            $"/api/log/{logged["id"]}/undo",
            "",
            ("If-Match", $"\"{logged["version"]}\"")
        );
        string undone = await Verdict(cove, vehicle, question);
        await cove.Post(
            $"/api/vehicles/{vehicle}/spot-tests",
            test.Replace("\"passed\":true", "\"passed\":false", StringComparison.Ordinal)
        );
        string failed = await Verdict(cove, vehicle, question);
        JsonObject log = await cove.Get($"/api/vehicles/{vehicle}/log");

        Assert.Equal(["testFirst", "good", "testFirst", "keepOff"], [before, passed, undone, failed]);
        Assert.Contains("Spot test", (string)log["entries"]![0]!["name"]!, StringComparison.Ordinal);
        Assert.Equal("spotTest", (string)log["entries"]![0]!["kind"]!);
    }

    [Fact]
    public async Task A_makers_instruction_overrides_harm_to_the_surface_only_and_can_be_taken_back()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string cleaner = await ProductId(cove, "Interior cleaner");
        string gloss = await ProductId(cove, "Gloss dressing");
        string onScreen = $$"""{"productId":"{{cleaner}}","surfaceId":"screen"}""";
        string onWheel = $$"""{"productId":"{{gloss}}","surfaceId":"wheel"}""";

        HttpResponseMessage recorded = await cove.Post(
            $"/api/vehicles/{vehicle}/instructions",
            $$"""{"surfaceId":"screen","productId":"{{cleaner}}","allows":true,"note":"Handbook: a damp cloth with interior cleaner."}"""
        );
        await cove.Post(
            $"/api/vehicles/{vehicle}/instructions",
            $$"""{"surfaceId":"wheel","allows":true,"note":"Somebody said so."}"""
        );
        string allowed = await Verdict(cove, vehicle, onScreen);
        string person = await Verdict(cove, vehicle, onWheel);
        string id = (string)(await recorded.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
        await cove.Send(HttpMethod.Delete, $"/api/instructions/{id}", "");

        Assert.Equal("good", allowed);
        Assert.Equal("keepOff", person);
        Assert.Equal("keepOff", await Verdict(cove, vehicle, onScreen));
    }

    [Fact]
    public async Task Questions_and_records_that_name_nothing_are_refused()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string cleaner = await ProductId(cove, "Interior cleaner");
        string nobody = "00000000-0000-0000-0000-000000000001";
        (string Path, string Body, string Field)[] wrong =
        [
            ("verdicts", $$"""{"productId":"{{nobody}}","surfaceId":"dash"}""", "productId"),
            ("verdicts", $$"""{"productId":"{{cleaner}}","surfaceId":"keel"}""", "surfaceId"),
            ("verdicts", $$"""{"productId":"{{cleaner}}","surfaceId":"dash","strength":"x"}""", "strength"),
            (
                "spot-tests",
                $$"""{"productId":"{{nobody}}","surfaceId":"dash","strength":"neat","passed":true}""",
                "productId"
            ),
            (
                "spot-tests",
                $$"""{"productId":"{{cleaner}}","surfaceId":"keel","strength":"neat","passed":true}""",
                "surfaceId"
            ),
            (
                "spot-tests",
                $$"""{"productId":"{{cleaner}}","surfaceId":"dash","strength":"0","passed":true}""",
                "strength"
            ),
            ("instructions", """{"allows":true,"note":"x"}""", "surfaceId"),
            ("instructions", """{"surfaceId":"keel","allows":true,"note":"x"}""", "surfaceId"),
            ("instructions", $$"""{"productId":"{{nobody}}","allows":true,"note":"x"}""", "productId"),
            ("instructions", """{"surfaceId":"dash","allows":true,"note":""}""", "note"),
        ];

        foreach (var (path, body, field) in wrong)
        {
            await BadInputTests.AssertProblem(
                await cove.Post($"/api/vehicles/{vehicle}/{path}", body),
                HttpStatusCode.BadRequest,
                field
            );
        }
    }

    [Fact]
    public async Task A_vehicle_carries_its_tests_and_products_in_its_file_and_a_copy_takes_nothing_from_the_bottles()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string product = await ProductId(cove, "Streak-free glass cleaner");
        double before = await Left(cove, product);
        string file = await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{vehicle}/file", UriKind.Relative)
        );

        HttpResponseMessage copied = await cove.Post("/api/vehicles/import", file);
        string copy = (string)(await copied.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
        string again = await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{copy}/file", UriKind.Relative)
        );

        Assert.Contains("\"spotTest\"", again, StringComparison.Ordinal);
        Assert.Equal(before, await Left(cove, product), 6);
    }

    [Fact]
    public async Task What_cannot_be_done_for_want_of_a_product_takes_no_minutes_and_says_what_to_buy()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(60));

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=120");
        JsonNode[] lacking =
        [
            .. today["notThisTime"]!
                .AsArray()
                .Where(held => (string)held!["reason"]! == "noProduct")
                .Select(held => held!),
        ];

        Assert.Equal(0, (int)today["productsOnShelf"]!);
        Assert.NotEmpty(lacking);
        Assert.All(lacking, held => Assert.NotEmpty((string)held["wayOut"]!));
        Assert.All(lacking, held => Assert.NotEmpty((string)held["buy"]!));
        // Water, and a few drops of soap in it, are in every household.
        Assert.All(
            today["steps"]!.AsArray().SelectMany(step => step!["products"]!.AsArray()),
            product => Assert.True((string)product!["name"]! is "Plain water" or "Mild soap in water")
        );
    }

    private static async Task<JsonObject> Added(CoveHost cove, string body)
    {
        HttpResponseMessage added = await cove.Post("/api/shelf/products", body);
        Assert.Equal(HttpStatusCode.Created, added.StatusCode);
        return (await added.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    internal static async Task<string> ProductId(CoveHost cove, string name) =>
        (string)
            (await cove.Get("/api/shelf"))["products"]!
                .AsArray()
                .First(one => (string)one!["details"]!["name"]! == name)!["id"]!;

    private static async Task<double> Left(CoveHost cove, string productId) =>
        (double)
            (await cove.Get("/api/shelf"))["products"]!
                .AsArray()
                .First(one => (string)one!["id"]! == productId)!["left"]!;

    private static async Task<string> Verdict(CoveHost cove, string vehicle, string question)
    {
        HttpResponseMessage answer = await cove.Post($"/api/vehicles/{vehicle}/verdicts", question);
        return (string)(await answer.Content.ReadFromJsonAsync<JsonObject>())!["judgement"]!["verdict"]!;
    }
}
