namespace Cove.Web.Tests;

/// <summary>Technique pages, and methods, towels and chores in a run.</summary>
public sealed class MethodTests
{
    [Fact]
    public async Task Every_task_and_chore_of_a_car_has_a_technique_page()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject list = await cove.Get($"/api/vehicles/{vehicle}/methods");

        foreach (JsonNode? task in list["tasks"]!.AsArray().Concat(list["chores"]!.AsArray()))
        {
            JsonObject page = await cove.Get($"/api/vehicles/{vehicle}/methods/{task!["taskId"]}");
            Assert.Equal((double)task["minutes"]!, (double)page["minutes"]!);
            Assert.All(
                page["groups"]!.AsArray(),
                group =>
                {
                    JsonArray methods = group!["methods"]!.AsArray();
                    Assert.Equal((string)group["chosenId"]!, (string)methods[0]!["method"]!["id"]!);
                    Assert.All(methods, method => Assert.NotEmpty(method!["method"]!["steps"]!.AsArray()));
                }
            );
        }

        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await cove.Http.GetAsync(new Uri($"/api/vehicles/{vehicle}/methods/polish", UriKind.Relative))
            ).StatusCode
        );
    }

    [Fact]
    public async Task A_run_shows_the_methods_of_each_pane_and_the_lines_are_followed()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(30));
        JsonObject run = await cove.StartRun(vehicle, 120);

        JsonArray methods = StepOf(run, "other-glass")["methods"]!.AsArray();
        JsonNode lined = methods.Single(method =>
            (string)method!["method"]!["steps"]![0]!["ground"]! == "linedPane"
        )!;

        Assert.Contains("Rear glass", lined["surfaces"]!.AsArray().Select(surface => (string)surface!));
        Assert.All(
            lined["method"]!["steps"]!.AsArray(),
            step => Assert.True((string)step!["stroke"]! is "along" or "box")
        );
        Assert.True(methods.Count >= 2);
    }

    [Fact]
    public async Task Faces_are_counted_on_the_server_and_end_in_the_laundry()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle(), 45);
        int glass = run["steps"]!
            .AsArray()
            .ToList()
            .FindIndex(step => (string)step!["taskId"]! == "windscreen");
        for (int step = 0; step < glass; step++)
        {
            await cove.Say(run, "skipped", step);
        }

        for (int turn = 0; turn < 8; turn++)
        {
            (await Towel(cove, run, "faceTurned", glass, "glassWet")).EnsureSuccessStatusCode();
        }

        (await Towel(cove, run, "towelRetired", glass, "glassDry")).EnsureSuccessStatusCode();
        cove.Restart();
        JsonObject resumed = await cove.Get($"/api/runs/{run["id"]}");

        JsonArray inHand = resumed["steps"]![glass]!["towels"]!.AsArray();
        Assert.Equal((2, 1), NumberAndFace(inHand, "glassWet"));
        Assert.Equal((2, 1), NumberAndFace(inHand, "glassDry"));
        await cove.Say(run, "done", glass);
        await cove.Say(run, "finished", 0);
        JsonNode load = (await cove.Get($"/api/runs/{run["id"]}"))["laundry"]!
            .AsArray()
            .First(one => ((string)one!["name"]!).StartsWith("Glass", StringComparison.Ordinal))!;
        Assert.Equal(4, load["towels"]!.AsArray().Sum(towel => (int)towel!["count"]!));
        Assert.Contains("no softener", (string)load["how"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_towel_has_to_be_named()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle());

        HttpResponseMessage answer = await cove.Say(run, "faceTurned", 0);

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
    }

    [Fact]
    public async Task Long_sessions_have_chores_short_ones_none_and_their_minutes_learn()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        Assert.DoesNotContain("empty-car", await Chores(cove, vehicle, 15));
        Assert.Superset(
            new HashSet<string> { "empty-car", "set-back", "set-up", "things-back", "things-out" },
            (await Chores(cove, vehicle, 120)).ToHashSet()
        );
        double before = await MinutesOf(cove, vehicle, "empty-car");

        for (int session = 0; session < 3; session++)
        {
            JsonObject run = await cove.StartRun(vehicle, 120);
            int empty = run["steps"]!
                .AsArray()
                .ToList()
                .FindIndex(step => (string)step!["taskId"]! == "empty-car");
            for (int step = 0; step < empty; step++)
            {
                await cove.Say(run, "skipped", step);
            }

            cove.Clock.Advance(TimeSpan.FromMinutes(6));
            await cove.Say(run, "done", empty);
            await cove.Say(run, "finished", 0);
        }

        Assert.True(await MinutesOf(cove, vehicle, "empty-car") > before);
        Assert.Equal(
            "chore",
            (string)(await cove.Get($"/api/vehicles/{vehicle}/log"))["entries"]![0]!["kind"]!
        );
    }

    private static JsonNode StepOf(JsonObject run, string taskId) =>
        run["steps"]!.AsArray().Single(step => (string)step!["taskId"]! == taskId)!;

    private static (int Number, int Face) NumberAndFace(JsonArray towels, string role)
    {
        JsonNode towel = towels.Single(one => (string)one!["role"]! == role)!;
        return ((int)towel["number"]!, (int)towel["face"]!);
    }

    private static async Task<string[]> Chores(CoveHost cove, string vehicle, int minutes)
    {
        var chores = (await cove.Get($"/api/vehicles/{vehicle}/methods"))["chores"]!
            .AsArray()
            .Select(chore => (string)chore!["taskId"]!)
            .ToHashSet();
        return
        [
            .. (await cove.Get($"/api/vehicles/{vehicle}/today?minutes={minutes}"))["steps"]!
                .AsArray()
                .Select(step => (string)step!["taskId"]!)
                .Where(chores.Contains),
        ];
    }

    private static async Task<double> MinutesOf(CoveHost cove, string vehicle, string chore) =>
        (double)(await cove.Get($"/api/vehicles/{vehicle}/methods/{chore}"))["minutes"]!;

    private static Task<HttpResponseMessage> Towel(
        CoveHost cove,
        JsonObject run,
        string kind,
        int step,
        string towel
    ) =>
        cove.Post(
            $"/api/runs/{run["id"]}/events",
            $$"""{"kind":"{{kind}}","step":{{step}},"towel":"{{towel}}"}""",
            ("Idempotency-Key", Guid.NewGuid().ToString())
        );
}
