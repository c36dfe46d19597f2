using Cove.Data;

namespace Cove.Web.Tests.Floor;

/// <summary>What Cove stores, its own files read back.</summary>
public sealed class RoundTripTests
{
    private static readonly string[] Notes =
    [
        "",
        "a note",
        "two\nlines",
        "=1+1, \"quoted\"",
        "æøå 🚗 עברית",
        "'quote",
        new('n', 500),
    ];

    /// <summary>Random edits of a car and of the shelf, then export, delete, import, compare.</summary>
    [Fact]
    public async Task Whatever_was_edited_the_file_gives_the_same_car_and_the_list_the_same_shelf()
    {
        int rounds = LongRun.Of(2, 30);
        for (int round = 0; round < rounds; round++)
        {
            using var cove = new CoveHost(demo: round % 2 == 0);
            var random = new Random(1000 + round);
            string vehicle = await cove.Vehicle();
            for (int edit = 0; edit < LongRun.Of(15, 40); edit++)
            {
                cove.Clock.Advance(TimeSpan.FromMinutes(random.Next(1, 3000)));
                await Edit(cove, vehicle, random);
            }

            string file = await Text(cove, $"/api/vehicles/{vehicle}/file");
            string list = await Text(cove, "/api/shelf/products.csv");
            await cove.DeleteVehicle(vehicle);
            HttpResponseMessage imported = await cove.Post("/api/vehicles/import", file);

            Assert.True(imported.IsSuccessStatusCode, await imported.Content.ReadAsStringAsync());
            Assert.Equal(file, await Text(cove, $"/api/vehicles/{vehicle}/file"));

            using var other = new CoveHost();
            other.Clock.AdjustTime(cove.Clock.GetUtcNow());
            using var content = new StringContent(list, System.Text.Encoding.UTF8, "text/csv");
            HttpResponseMessage taken = await other.Http.PostAsync(
                new Uri("/api/shelf/products.csv", UriKind.Relative),
                content
            );
            if (list.Count(one => one == '\n') > 1)
            {
                Assert.True(taken.IsSuccessStatusCode, await taken.Content.ReadAsStringAsync());
                Assert.Equal(list, await Text(other, "/api/shelf/products.csv"));
            }
        }
    }

    [Fact]
    public async Task The_file_holds_runs_and_makers_instructions_and_is_the_same_to_the_byte_after_a_round_trip()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 60);
        for (int step = 0; step < run["steps"]!.AsArray().Count; step++)
        {
            cove.Clock.Advance(TimeSpan.FromSeconds(77));
            await cove.Say(run, step % 3 == 1 ? "notClean" : "done", step);
        }

        await cove.Say(run, "finished", 0);
        // A week later there is something to do again, and the run is left under way.
        cove.Clock.Advance(TimeSpan.FromDays(7));
        await cove.StartRun(vehicle, 10);
        string file = await Text(cove, $"/api/vehicles/{vehicle}/file");
        using var other = new CoveHost(demo: false);
        other.Clock.AdjustTime(cove.Clock.GetUtcNow());

        HttpResponseMessage imported = await other.Post("/api/vehicles/import", file);

        Assert.Equal(HttpStatusCode.Created, imported.StatusCode);
        Assert.Equal(file, await Text(other, $"/api/vehicles/{vehicle}/file"));
        JsonObject read = JsonNode.Parse(file)!.AsObject();
        Assert.Equal(2, read["runs"]!.AsArray().Count);
        Assert.Single(read["instructions"]!.AsArray());
        Assert.Contains(read["log"]!.AsArray(), entry => entry!["run"] is not null);
        Assert.NotNull(
            (string?)(await other.Get($"/api/vehicles/{vehicle}/today?minutes=25"))["runUnderWay"]
        );
    }

    [Fact]
    public async Task A_file_with_as_many_entries_and_runs_as_a_car_may_have_is_within_the_size_that_is_read()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 120);
        foreach (int step in Enumerable.Range(0, run["steps"]!.AsArray().Count))
        {
            await cove.Say(run, "done", step);
        }

        byte[] bytes = System.Text.Encoding.UTF8.GetBytes(await Text(cove, $"/api/vehicles/{vehicle}/file"));
        VehicleDocument car = VehicleFile.Read(bytes, DateTimeOffset.UtcNow).Document!;
        double EntryBytes(VehicleDocument file) => VehicleFile.Write(file).Length;
        double bare = EntryBytes(car with { Log = [], Runs = [] });
        // The longest session there is, and entries as that session writes them.
        double ofRun = EntryBytes(car with { Log = [] }) - bare;
        double ofEntry = (EntryBytes(car with { Runs = [], Log = [.. car.Log.TakeLast(20)] }) - bare) / 20;

        double whole = bare + (ofEntry * VehicleDocument.MostLogEntries) + (ofRun * VehicleDocument.MostRuns);
        Assert.True(whole < VehicleFile.LargestBytes, $"{whole:N0} bytes are more than are read.");
    }

    [Fact]
    public async Task Two_products_of_one_name_stay_two()
    {
        using var cove = new CoveHost();
        for (int i = 0; i < 2; i++)
        {
            await cove.Post(
                "/api/shelf/products",
                """{"name":"Twin","class":"interiorCleaner","bottles":[{"size":500,"left":100},{"size":250,"left":50}]}"""
            );
        }

        string list = await Text(cove, "/api/shelf/products.csv");
        using var other = new CoveHost();
        using var content = new StringContent(list, System.Text.Encoding.UTF8, "text/csv");
        await other.Http.PostAsync(new Uri("/api/shelf/products.csv", UriKind.Relative), content);

        JsonArray products = (await other.Get("/api/shelf"))["products"]!.AsArray();
        Assert.Equal(2, products.Count);
        Assert.All(products, product => Assert.Equal(2, product!["details"]!["bottles"]!.AsArray().Count));
    }

    private static async Task Edit(CoveHost cove, string vehicle, Random random)
    {
        string car = $"/api/vehicles/{vehicle}";
        string note = JsonSerializer.Serialize(Notes[random.Next(Notes.Length)]);
        int version = (int)(await cove.Get(car))["version"]!;
        JsonArray surfaces = (await cove.Get(car))["surfaces"]!.AsArray();
        string surface = (string)surfaces[random.Next(surfaces.Count)]!["id"]!;
        switch (random.Next(9))
        {
            case 0:
                await cove.Post(
                    $"{car}/events",
                    $$"""{"event":"spill","surfaceIds":["{{surface}}"],"note":{{note}}}"""
                );
                break;
            case 1:
                await cove.Post(
                    $"{car}/looks",
                    $$"""{"inspection":"pat","result":"puff","surfaceId":"front-carpet","note":{{note}}}"""
                );
                break;
            case 2:
                JsonObject use = await cove.Get($"{car}/use");
                await cove.Send(
                    HttpMethod.Put,
                    $"{car}/use",
                    $$"""{"people":{{random.Next(1, 6)}},"kilometresAWeek":{{random.NextDouble() * 500:0.###}}}""",
                    ("If-Match", $"\"{use["version"]}\"")
                );
                break;
            case 3:
                await cove.Post($"{car}/odometer/feed", "");
                break;
            case 4:
                await cove.Post(
                    $"{car}/surfaces/{surface}/split",
                    """{"names":["Left \"part\"","Right, part"]}""",
                    ("If-Match", $"\"{version}\"")
                );
                break;
            case 5:
                await cove.Post(
                    $"{car}/instructions",
                    $$"""{"surfaceId":"{{surface}}","allows":{{(random.Next(2) == 0 ? "true" : "false")}},"note":"Handbook, page {{random.Next(99)}}"}"""
                );
                break;
            case 6:
                await Run(cove, vehicle, random);
                break;
            case 7:
                await cove.Post(
                    "/api/shelf/products",
                    $$"""{"name":"=P, \"{{random.Next(6)}}\"","class":"interiorCleaner","note":"-5","bottles":[{"size":{{random.Next(1, 900)}}.5,"left":0.25,"price":{{random.Next(90)}}.90}]}"""
                );
                break;
            default:
                JsonNode entry =
                    (await cove.Get($"{car}/log"))["entries"]!.AsArray().FirstOrDefault() ?? new JsonObject();
                await cove.Post($"/api/log/{entry["id"]}/undo", "", ("If-Match", $"\"{entry["version"]}\""));
                break;
        }
    }

    /// <summary>Goes on with a session a little, and leaves it open now and then.</summary>
    private static async Task Run(CoveHost cove, string vehicle, Random random)
    {
        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=30");
        if (today["runUnderWay"] is null && today["steps"]!.AsArray().Count == 0)
        {
            return;
        }

        JsonObject run = today["runUnderWay"] is { } open
            ? await cove.Get($"/api/runs/{open}")
            : await cove.StartRun(vehicle, 30);
        for (int i = 0; i < 4; i++)
        {
            cove.Clock.Advance(TimeSpan.FromSeconds(random.Next(400)));
            string kind = random.Next(4) switch
            {
                0 => "notClean",
                1 => "skipped",
                2 => "again",
                _ => "done",
            };
            int current = (int)(await cove.Get($"/api/runs/{run["id"]}"))["current"]!;
            await cove.Say(run, kind, current);
        }

        if (random.Next(2) == 0)
        {
            await cove.Say(run, "finished", 0);
        }
    }

    private static Task<string> Text(CoveHost cove, string path) =>
        cove.Http.GetStringAsync(new Uri(path, UriKind.Relative));
}
