namespace Cove.Web.Tests.Floor;

/// <summary>A run can be shown for ever, whatever becomes of the car it was done on.</summary>
public sealed class RunsKeepTests
{
    [Theory]
    [InlineData("absent")]
    [InlineData("layout")]
    [InlineData("school")]
    [InlineData("product")]
    public async Task A_finished_run_is_shown_as_it_was_when_its_task_has_left_the_car(string what)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await Finished(cove, vehicle, 120);

        switch (what)
        {
            case "absent":
                await MarkAbsent(cove, vehicle, "mat");
                await MarkAbsent(cove, vehicle, "windscreen");
                break;
            case "layout":
                await Relayout(cove, vehicle);
                break;
            case "school":
                foreach (var school in (await cove.Get("/api/schools"))["schools"]!.AsArray())
                {
                    string other = (string)school!["choices"]!.AsArray()[^1]!["id"]!;
                    int version = (int)(await cove.Get("/api/schools"))["version"]!;
                    HttpResponseMessage chosen = await cove.Send(
                        HttpMethod.Put,
                        $"/api/schools/{school["id"]}",
                        $$"""{"choice":"{{other}}"}""",
                        ("If-Match", $"\"{version}\"")
                    );
                    chosen.EnsureSuccessStatusCode();
                }

                break;
            default:
                foreach (var product in (await cove.Get("/api/shelf"))["products"]!.AsArray())
                {
                    await cove.Send(
                        HttpMethod.Delete,
                        $"/api/shelf/products/{product!["id"]}",
                        "",
                        ("If-Match", $"\"{product["version"]}\"")
                    );
                }

                break;
        }

        JsonObject after = await cove.Get($"/api/runs/{run["id"]}");

        Assert.Equal(run["steps"]!.ToJsonString(), after["steps"]!.ToJsonString());
        Assert.Equal(run["laundry"]!.ToJsonString(), after["laundry"]!.ToJsonString());
        Assert.All(after["steps"]!.AsArray(), step => Assert.NotEmpty((string)step!["name"]!));
    }

    [Fact]
    public async Task The_same_start_key_on_a_second_car_is_a_conflict()
    {
        using var cove = new CoveHost(demo: true);
        var cars = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
        var key = ("Idempotency-Key", "one-key-of-a-start");
        HttpResponseMessage first = await cove.Post(
            $"/api/vehicles/{cars[0]!["id"]}/runs",
            await cove.SessionShown((string)cars[0]!["id"]!),
            key
        );

        HttpResponseMessage second = await cove.Post(
            $"/api/vehicles/{cars[1]!["id"]}/runs",
            await cove.SessionShown((string)cars[1]!["id"]!),
            key
        );

        Assert.Equal(HttpStatusCode.Created, first.StatusCode);
        await BadInputTests.AssertProblem(second, HttpStatusCode.Conflict, null);
    }

    [Fact]
    public async Task A_clock_set_back_during_a_run_takes_no_time_from_any_step()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        cove.Clock.Advance(TimeSpan.FromMinutes(3));
        await cove.Say(run, "done", 0);
        cove.Clock.AdjustTime(cove.Clock.GetUtcNow() - TimeSpan.FromHours(2));
        (await cove.Say(run, "done", 1)).EnsureSuccessStatusCode();
        (await cove.Say(run, "finished", 0)).EnsureSuccessStatusCode();

        JsonObject after = await cove.Get($"/api/runs/{run["id"]}");

        Assert.All(after["steps"]!.AsArray(), step => Assert.True((int)step!["takenSeconds"]! >= 0));
        Assert.Equal("0", cove.Value("SELECT COUNT(*) FROM Log WHERE TakenSeconds < 0"));
    }

    [Fact]
    public async Task Nothing_can_be_answered_behind_the_last_step()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle(), 5);
        int steps = run["steps"]!.AsArray().Count;
        for (int step = 0; step < steps; step++)
        {
            (await cove.Say(run, "done", step)).EnsureSuccessStatusCode();
        }

        HttpResponseMessage beyond = await cove.Say(run, "done", steps);

        Assert.Equal(HttpStatusCode.Conflict, beyond.StatusCode);
    }

    [Fact]
    public async Task Stored_runs_hold_words_and_a_version()
    {
        using var cove = new CoveHost(demo: true);
        await cove.StartRun(await cove.Vehicle(), 60);

        var stored = JsonNode.Parse(cove.Value("SELECT Steps FROM Sessions")!)!;

        Assert.Equal(2, (int)stored["version"]!);
        Assert.All(
            stored["steps"]!.AsArray().SelectMany(step => step!["kits"]!.AsArray()),
            kit => Assert.Equal(JsonValueKind.String, kit!.GetValueKind())
        );
    }

    // What version 1 wrote: a list, with numbers for kits, applications and tools.
    private const string FirstVersion = """
        [{"TaskId":"wash-rubber-mats","PutsBack":false,"Planned":"00:06:00","Fetch":[8],"Zones":["driver","passenger"],"Drying":"00:20:00","Products":[{"ProductId":"0197a9a4-5b1c-7c3e-9d2f-1a2b3c4d5e6f","Name":"Mat cleaner","Strength":0.1,"Application":5,"Tool":7,"Surfaces":["Driver mat"],"Amount":{"Value":12.5},"Cautions":["Keep off the pedals."]}],"Lacks":[],"Methods":[{"MethodId":"mats-back","Rounds":1,"SurfaceIds":["driver-mat"]}]},{"TaskId":"wash-rubber-mats","PutsBack":true,"Planned":"00:01:00","Fetch":[],"Zones":["driver"],"Drying":"00:00:00","Products":[],"Lacks":["Buy one."],"Methods":[]}]
        """;

    [Fact]
    public async Task A_run_that_the_first_version_stored_is_brought_along()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle(), 5);
        cove.Restart(() => cove.Execute($"UPDATE Sessions SET Steps = '{FirstVersion}'"));

        JsonObject after = await cove.Get($"/api/runs/{run["id"]}");

        JsonNode wash = after["steps"]![0]!;
        Assert.Equal("Wash the rubber mats", (string)wash["name"]!);
        Assert.Equal("Rubber mats back in", (string)after["steps"]![1]!["name"]!);
        Assert.Equal(360, (int)wash["plannedSeconds"]!);
        JsonNode stored = JsonNode.Parse(cove.Value("SELECT Steps FROM Sessions")!)!["steps"]![0]!;
        Assert.Equal("directSpray", (string)stored["products"]![0]!["application"]!);
        Assert.Equal("stiffBrush", (string)stored["products"]![0]!["tool"]!);
        Assert.Equal("matWash", (string)stored["kits"]![0]!);
        Assert.Contains("Mat wash", (string)wash["fetch"]![0]!["name"]!, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("river", (string)wash["zones"]![0]!, StringComparison.Ordinal);
        Assert.Equal("2", cove.Value("SELECT json_extract(Steps, '$.version') FROM Sessions"));
    }

    private static async Task<JsonObject> Finished(CoveHost cove, string vehicle, int minutes)
    {
        JsonObject run = await cove.StartRun(vehicle, minutes);
        for (int step = 0; step < run["steps"]!.AsArray().Count; step++)
        {
            cove.Clock.Advance(TimeSpan.FromMinutes(1));
            await cove.Say(run, "done", step);
        }

        HttpResponseMessage finished = await cove.Say(run, "finished", 0);
        return (await finished.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    /// <summary>Marks every surface absent whose kind or id has a word in it.</summary>
    private static async Task MarkAbsent(CoveHost cove, string vehicle, string word)
    {
        JsonObject detail = await cove.Get($"/api/vehicles/{vehicle}");
        foreach (
            JsonNode? surface in detail["surfaces"]!
                .AsArray()
                .Where(one => ((string)one!["id"]!).Contains(word, StringComparison.OrdinalIgnoreCase))
        )
        {
            int version = (int)(await cove.Get($"/api/vehicles/{vehicle}"))["version"]!;
            var body = new JsonObject
            {
                ["name"] = surface!["name"]!.DeepClone(),
                ["material"] = surface["material"]!.DeepClone(),
                ["finish"] = surface["finish"]!.DeepClone(),
                ["squareMetres"] = surface["squareMetres"]!.DeepClone(),
                ["facts"] = surface["facts"]!.DeepClone(),
                ["absent"] = true,
            };
            HttpResponseMessage changed = await cove.Send(
                HttpMethod.Put,
                $"/api/vehicles/{vehicle}/surfaces/{surface["id"]}",
                body.ToJsonString(),
                ("If-Match", $"\"{version}\"")
            );
            changed.EnsureSuccessStatusCode();
        }
    }

    private static async Task Relayout(CoveHost cove, string vehicle)
    {
        var body = new JsonObject
        {
            ["name"] = "Other",
            ["description"] = "",
            ["layout"] = JsonNode.Parse(Bodies.Vehicle())!["layout"]!.DeepClone(),
        };
        body["layout"]!["body"] = "roadster";
        body["layout"]!["doors"] = 2;
        body["layout"]!["secondRowSeats"] = 0;
        body["layout"]!["seatMaterial"] = "coatedLeather";
        body["layout"]!["frontMats"] = "none";
        body["layout"]!["rearMats"] = "none";
        HttpResponseMessage changed = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}",
            body.ToJsonString(),
            ("If-Match", "\"0\"")
        );
        Assert.True(changed.IsSuccessStatusCode, await changed.Content.ReadAsStringAsync());
    }
}
