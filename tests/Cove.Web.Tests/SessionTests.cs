namespace Cove.Web.Tests;

public sealed class SessionTests
{
    [Fact]
    public async Task Asking_twice_to_start_with_one_key_starts_one_run()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject first = await Start(cove, vehicle, "the-same-wish");
        JsonObject second = await Start(cove, vehicle, "the-same-wish");

        Assert.Equal((string)first["id"]!, (string)second["id"]!);
    }

    [Fact]
    public async Task A_finished_run_makes_room_for_the_next_and_cannot_be_said_more_in()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject first = await cove.StartRun(vehicle, 10);
        await cove.Say(first, "done", 0);
        await cove.Say(first, "finished", 0);

        HttpResponseMessage late = await cove.Say(first, "done", 1);
        JsonObject second = await cove.StartRun(vehicle, 10);

        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
        Assert.NotEqual((string)first["id"]!, (string)second["id"]!);
        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=10");
        Assert.Equal((string)second["id"]!, (string)today["runUnderWay"]!);
    }

    [Fact]
    public async Task The_steps_of_a_run_are_those_that_today_showed()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=40");

        JsonObject run = await cove.StartRun(vehicle, 40);

        Assert.Equal(
            today["steps"]!.AsArray().Select(step => (string)step!["name"]!),
            run["steps"]!.AsArray().Select(step => (string)step!["name"]!)
        );
        Assert.Equal(
            (double)today["handsMinutes"]! * 60,
            run["steps"]!.AsArray().Sum(step => (double)step!["plannedSeconds"]!),
            tolerance: (double)run["steps"]!.AsArray().Count
        );
        Assert.Equal(
            today["kits"]!.AsArray().Select(kit => (string)kit!["name"]!),
            run["steps"]!
                .AsArray()
                .SelectMany(step => step!["fetch"]!.AsArray())
                .Select(kit => (string)kit!["name"]!)
        );
    }

    [Fact]
    public async Task Putting_back_adds_its_minutes_to_the_entry_of_its_task()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 120);
        JsonArray steps = run["steps"]!.AsArray();
        int mats = await SkipToMats(cove, run);
        int back = MatsBack(run);

        for (int step = mats; step < steps.Count; step++)
        {
            cove.Clock.Advance(TimeSpan.FromMinutes(3));
            (
                await cove.Say(run, step == mats || step == back ? "done" : "skipped", step)
            ).EnsureSuccessStatusCode();
        }

        JsonNode entry = (await cove.Get($"/api/vehicles/{vehicle}/log"))["entries"]![0]!;
        Assert.Equal("Wash the rubber mats", (string)entry["name"]!);
        Assert.Equal(6, (double)entry["takenMinutes"]!);
        Assert.Equal(
            ((double)steps[mats]!["plannedSeconds"]! + (double)steps[back]!["plannedSeconds"]!) / 60,
            (double)entry["plannedMinutes"]!,
            1
        );
    }

    [Fact]
    public async Task Mats_that_were_left_in_are_not_put_back()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 120);
        int mats = await SkipToMats(cove, run);
        int last = MatsBack(run);

        HttpResponseMessage answer = await cove.Say(run, "skipped", mats);

        var after = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.Equal("skipped", (string)after["steps"]![last]!["outcome"]!);
        Assert.Empty(after["drying"]!.AsArray());
    }

    [Fact]
    public async Task What_is_wet_says_when_it_is_dry()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle(), 120);
        int mats = await SkipToMats(cove, run);
        cove.Clock.Advance(TimeSpan.FromMinutes(5));

        HttpResponseMessage answer = await cove.Say(run, "done", mats);

        JsonNode drying = Assert.Single(
            (await answer.Content.ReadFromJsonAsync<JsonObject>())!["drying"]!.AsArray()
        )!;
        Assert.Equal(
            cove.Clock.GetUtcNow().AddMinutes(20),
            DateTimeOffset.Parse((string)drying["dryAt"]!),
            TimeSpan.FromMilliseconds(2)
        );
    }

    [Fact]
    public async Task The_end_names_the_next_date_of_every_task_that_was_done()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 15);
        await cove.Say(run, "done", 0);
        await cove.Say(run, "skipped", 1);

        HttpResponseMessage finished = await cove.Say(run, "finished", 0);

        JsonNode next = Assert.Single(
            (await finished.Content.ReadFromJsonAsync<JsonObject>())!["next"]!.AsArray()
        )!;
        Assert.Equal((string)run["steps"]![0]!["taskId"]!, (string)next["taskId"]!);
        Assert.True((int)next["daysLeft"]! > 0);
    }

    [Theory]
    [InlineData("short")]
    [InlineData("has spaces in it")]
    [InlineData("0123456789012345678901234567890123456789012345678901234567890123456789")]
    public async Task A_key_that_is_unfit_is_refused(string key)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            await cove.SessionShown(vehicle),
            ("Idempotency-Key", key)
        );

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Null((await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25"))["runUnderWay"]);
    }

    [Fact]
    public async Task Each_car_has_runs_of_its_own()
    {
        using var cove = new CoveHost(demo: true);
        var vehicles = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;

        JsonObject estate = await cove.StartRun((string)vehicles[0]!["id"]!, 10);
        JsonObject runabout = await cove.StartRun((string)vehicles[1]!["id"]!, 10);

        Assert.Equal("Kestrin Marram", (string)estate["vehicleName"]!);
        Assert.Equal("Kestrin Pip", (string)runabout["vehicleName"]!);
    }

    private static async Task<JsonObject> Start(CoveHost cove, string vehicle, string key)
    {
        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            await cove.SessionShown(vehicle),
            ("Idempotency-Key", key)
        );
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    /// <summary>Leaves out what comes before the mats.</summary>
    private static async Task<int> SkipToMats(CoveHost cove, JsonObject run)
    {
        int mats = run["steps"]!
            .AsArray()
            .ToList()
            .FindIndex(step => (string)step!["taskId"]! == "wash-rubber-mats");
        for (int step = 0; step < mats; step++)
        {
            (await cove.Say(run, "skipped", step)).EnsureSuccessStatusCode();
        }

        return mats;
    }

    private static int MatsBack(JsonObject run) =>
        run["steps"]!.AsArray().ToList().FindIndex(step => (bool)step!["putsBack"]!);
}
