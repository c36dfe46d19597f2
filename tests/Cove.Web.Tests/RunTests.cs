using System.Globalization;

namespace Cove.Web.Tests;

public sealed class RunTests
{
    [Fact]
    public async Task A_run_lowers_levels_moves_dates_and_writes_the_log()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        int steps = run["steps"]!.AsArray().Count;
        JsonObject before = await cove.Get($"/api/vehicles/{vehicle}/surfaces/driver-seat");
        int entries = (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!;

        for (int step = 0; step < steps; step++)
        {
            cove.Clock.Advance(TimeSpan.FromMinutes(2));
            (await cove.Say(run, "done", step)).EnsureSuccessStatusCode();
        }

        HttpResponseMessage finished = await cove.Say(run, "finished", 0);
        JsonObject over = (await finished.Content.ReadFromJsonAsync<JsonObject>())!;
        JsonObject after = await cove.Get($"/api/vehicles/{vehicle}/surfaces/driver-seat");
        JsonObject log = await cove.Get($"/api/vehicles/{vehicle}/log");

        Assert.NotNull(over["finishedAt"]);
        Assert.True((double)VacuumOf(before)["level"]! > 0.7);
        Assert.True((double)VacuumOf(after)["level"]! < 0.05);
        Assert.True((int)VacuumOf(after)["daysLeft"]! > (int)VacuumOf(before)["daysLeft"]!);
        int tasks = run["steps"]!.AsArray().Count(step => !(bool)step!["putsBack"]!);
        int chores = run["steps"]!.AsArray().Count(step => (bool)step!["isChore"]!);
        Assert.Equal(entries + tasks, (int)log["total"]!);
        Assert.Equal(tasks - chores, over["next"]!.AsArray().Count);
        Assert.All(
            log["entries"]!.AsArray().Take(tasks - 1),
            entry => Assert.True((double)entry!["takenMinutes"]! is 2 or 4)
        );
    }

    [Fact]
    public async Task What_did_not_come_clean_keeps_half_its_level_and_what_was_skipped_keeps_all()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 10);
        string first = (string)run["steps"]![0]!["taskId"]!;
        string second = (string)run["steps"]![1]!["taskId"]!;
        double firstBefore = await LevelOf(cove, vehicle, first);
        double secondBefore = await LevelOf(cove, vehicle, second);

        await cove.Say(run, "notClean", 0);
        await cove.Say(run, "skipped", 1);

        Assert.Equal(firstBefore / 2, await LevelOf(cove, vehicle, first), 6);
        Assert.Equal(secondBefore, await LevelOf(cove, vehicle, second), 6);
    }

    [Fact]
    public async Task An_answer_taken_back_is_off_the_record_and_can_be_given_again()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        int step = run["steps"]!.AsArray().Index().First(one => !(bool)one.Item!["isChore"]!).Index;
        for (int before = 0; before < step; before++)
        {
            await cove.Say(run, "skipped", before);
        }

        string task = (string)run["steps"]![step]!["taskId"]!;
        string name = (string)run["steps"]![step]!["name"]!;
        double level = await LevelOf(cove, vehicle, task);
        await cove.Say(run, "done", step);
        Assert.True(await LevelOf(cove, vehicle, task) < level);

        (await cove.Say(run, "undone", step)).EnsureSuccessStatusCode();
        Assert.Equal(level, await LevelOf(cove, vehicle, task), 6);

        (await cove.Say(run, "done", step)).EnsureSuccessStatusCode();
        Assert.True(await LevelOf(cove, vehicle, task) < level);
        JsonArray entries = (await cove.Get($"/api/vehicles/{vehicle}/log"))["entries"]!.AsArray();
        Assert.Single(
            entries,
            entry =>
                (string)entry!["name"]! == name
                && !(bool)entry["undone"]!
                && ((string)entry["at"]!).StartsWith("2026-03-14", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task An_answer_that_waited_for_a_network_keeps_its_time_and_one_from_the_future_does_not()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle());
        var started = DateTimeOffset.Parse((string)run["startedAt"]!, CultureInfo.InvariantCulture);
        cove.Clock.Advance(TimeSpan.FromMinutes(30));

        await Answer(cove, run, 0, started.AddMinutes(3));
        JsonObject after = await Answer(cove, run, 1, started.AddYears(1));

        Assert.Equal(180, (int)after["steps"]![0]!["takenSeconds"]!);
        Assert.Equal(27 * 60, (int)after["steps"]![1]!["takenSeconds"]!);
    }

    [Fact]
    public async Task With_less_time_what_is_left_is_planned_anew_once_for_each_key()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle());
        int steps = run["steps"]!.AsArray().Count;
        await cove.Say(run, "done", 0);

        JsonObject planned = await Replan(cove, run, 8, "less-time-left");
        JsonObject again = await Replan(cove, run, 8, "less-time-left");

        Assert.Equal(steps, (int)planned["current"]!);
        Assert.Equal("done", (string)planned["steps"]![0]!["outcome"]!);
        Assert.Equal("replanned", (string)planned["steps"]![1]!["outcome"]!);
        Assert.Equal(planned["steps"]!.AsArray().Count, again["steps"]!.AsArray().Count);
        (await cove.Say(planned, "done", steps)).EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task Minutes_that_cannot_be_left_are_refused()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle());

        HttpResponseMessage refused = await cove.Send(
            HttpMethod.Post,
            $"/api/runs/{run["id"]}/plan",
            """{"minutes":0}""",
            ("Idempotency-Key", "no-time-at-all")
        );
        HttpResponseMessage replanned = await cove.Say(run, "replanned", 1);

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, replanned.StatusCode);
    }

    private static async Task<JsonObject> Answer(CoveHost cove, JsonObject run, int step, DateTimeOffset at)
    {
        HttpResponseMessage taken = await cove.Send(
            HttpMethod.Post,
            $"/api/runs/{run["id"]}/events",
            JsonSerializer.Serialize(
                new
                {
                    kind = "done",
                    step,
                    at,
                }
            ),
            ("Idempotency-Key", $"answered-offline-{step}")
        );
        taken.EnsureSuccessStatusCode();
        return (await taken.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    private static async Task<JsonObject> Replan(CoveHost cove, JsonObject run, int minutes, string key)
    {
        HttpResponseMessage planned = await cove.Send(
            HttpMethod.Post,
            $"/api/runs/{run["id"]}/plan",
            JsonSerializer.Serialize(new { minutes }),
            ("Idempotency-Key", key)
        );
        planned.EnsureSuccessStatusCode();
        return (await planned.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    [Fact]
    public async Task Saying_the_same_thing_twice_counts_once()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        int entries = (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!;

        HttpResponseMessage once = await cove.Say(run, "done", 0, "one-wish-of-the-phone");
        HttpResponseMessage again = await cove.Say(run, "done", 0, "one-wish-of-the-phone");

        Assert.Equal(HttpStatusCode.OK, once.StatusCode);
        Assert.Equal(HttpStatusCode.OK, again.StatusCode);
        Assert.Equal(1, (int)(await again.Content.ReadFromJsonAsync<JsonObject>())!["current"]!);
        Assert.Equal(entries + 1, (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!);
    }

    [Fact]
    public async Task Many_phones_at_once_leave_one_answer_for_each_step()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        int entries = (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!;

        HttpResponseMessage[] answers = await Task.WhenAll(
            Enumerable.Range(0, 8).Select(_ => cove.Say(run, "done", 0))
        );

        Assert.Single(answers, answer => answer.StatusCode == HttpStatusCode.OK);
        Assert.All(
            answers.Where(answer => answer.StatusCode != HttpStatusCode.OK),
            answer => Assert.Equal(HttpStatusCode.Conflict, answer.StatusCode)
        );
        Assert.Equal(entries + 1, (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!);
    }

    [Fact]
    public async Task A_run_resumes_after_a_restart_and_a_second_one_has_to_wait()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        await cove.Say(run, "done", 0);
        await cove.Say(run, "done", 1);

        cove.Restart();
        JsonObject resumed = await cove.Get($"/api/runs/{run["id"]}");
        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25");
        HttpResponseMessage second = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            await cove.SessionShown(vehicle),
            ("Idempotency-Key", "another-session")
        );

        Assert.Equal(2, (int)resumed["current"]!);
        Assert.Equal((string)run["id"]!, (string)today["runUnderWay"]!);
        Assert.Equal(HttpStatusCode.Conflict, second.StatusCode);
    }

    [Fact]
    public async Task A_step_out_of_turn_and_a_wish_without_a_key_are_refused()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject run = await cove.StartRun(await cove.Vehicle());

        HttpResponseMessage outOfTurn = await cove.Say(run, "done", 3);
        HttpResponseMessage withoutKey = await cove.Post(
            $"/api/runs/{run["id"]}/events",
            """{"kind":"done","step":0}"""
        );

        Assert.Equal(HttpStatusCode.Conflict, outOfTurn.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, withoutKey.StatusCode);
        Assert.Equal(0, (int)(await cove.Get($"/api/runs/{run["id"]}"))["current"]!);
    }

    private static JsonNode VacuumOf(JsonObject surface) =>
        surface["tasks"]!.AsArray().Single(task => (string)task!["taskId"]! == "vacuum-seats")!;

    private static async Task<double> LevelOf(CoveHost cove, string vehicle, string taskId)
    {
        foreach (
            JsonNode? surface in (await cove.Get($"/api/vehicles/{vehicle}/cabin"))["surfaces"]!.AsArray()
        )
        {
            JsonObject whole = await cove.Get($"/api/vehicles/{vehicle}/surfaces/{surface!["id"]}");
            if (
                whole["tasks"]!.AsArray().FirstOrDefault(task => (string)task!["taskId"]! == taskId) is
                { } found
            )
            {
                return (double)found["level"]!;
            }
        }

        throw new InvalidOperationException($"No surface has the task {taskId}.");
    }
}
