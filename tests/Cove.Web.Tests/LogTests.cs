namespace Cove.Web.Tests;

public sealed class LogTests
{
    [Fact]
    public async Task Undoing_an_entry_brings_the_level_back_and_putting_it_back_lowers_it_again()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        double before = await SeatLevel(cove, vehicle);
        JsonNode entry = await VacuumTheSeats(cove, vehicle);
        double clean = await SeatLevel(cove, vehicle);

        JsonNode undone = await Change(cove, entry, "undo");
        double back = await SeatLevel(cove, vehicle);
        await Change(cove, undone, "restore");

        Assert.Equal(0, clean, 6);
        Assert.Equal(before, back, 6);
        Assert.Equal(0, await SeatLevel(cove, vehicle), 6);
    }

    [Fact]
    public async Task A_corrected_time_and_outcome_move_the_level()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        JsonNode entry = await VacuumTheSeats(cove, vehicle);
        cove.Clock.Advance(TimeSpan.FromDays(7));
        double asLogged = await SeatLevel(cove, vehicle);

        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Put,
            $"/api/log/{entry["id"]}",
            """{"at":"2026-03-17T09:30:00+00:00","takenMinutes":4.5,"cameClean":true,"note":"later than I said"}""",
            ("If-Match", $"\"{entry["version"]}\"")
        );
        JsonObject corrected = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;

        Assert.Equal(1, asLogged, 6);
        Assert.Equal(4.0 / 7, await SeatLevel(cove, vehicle), 6);
        Assert.Equal(4.5, (double)corrected["takenMinutes"]!);
        Assert.Equal("later than I said", (string)corrected["note"]!);
    }

    [Fact]
    public async Task A_change_based_on_an_older_version_loses_the_race()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonNode entry = (await cove.Get($"/api/vehicles/{vehicle}/log"))["entries"]![0]!;
        string version = $"\"{entry["version"]}\"";

        HttpResponseMessage first = await cove.Post(
            $"/api/log/{entry["id"]}/undo",
            "{}",
            ("If-Match", version)
        );
        HttpResponseMessage second = await cove.Post(
            $"/api/log/{entry["id"]}/undo",
            "{}",
            ("If-Match", version)
        );
        HttpResponseMessage blind = await cove.Post($"/api/log/{entry["id"]}/restore", "{}");

        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, second.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionRequired, blind.StatusCode);
    }

    [Fact]
    public async Task An_event_raises_levels_now_and_can_be_undone()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        double before = await SeatLevel(cove, vehicle);

        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{vehicle}/events",
            """{"event":"mud-and-sand","surfaceIds":["driver-seat"],"note":"from the beach"}"""
        );
        JsonObject entry = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        double raised = await SeatLevel(cove, vehicle);
        await Change(cove, entry, "undo");

        Assert.Equal(before + 0.4, raised, 6);
        Assert.Equal(before, await SeatLevel(cove, vehicle), 6);
    }

    [Fact]
    public async Task Driving_further_brings_dates_forward_from_now_on()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        await VacuumTheSeats(cove, vehicle);
        double reference = (double)(await Vacuuming(cove, vehicle))["intervalDays"]!;

        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}/distance",
            """{"kilometresAWeek":480}""",
            ("If-Match", "\"0\"")
        );
        JsonNode faster = await Vacuuming(cove, vehicle);

        answer.EnsureSuccessStatusCode();
        Assert.Equal(7, reference, 6);
        Assert.Equal(5, (double)faster["intervalDays"]!, 6);
        Assert.Equal(0, (double)faster["level"]!, 6);
    }

    private static async Task<JsonNode> VacuumTheSeats(CoveHost cove, string vehicle)
    {
        JsonObject run = await cove.StartRun(vehicle, 60);
        JsonArray steps = run["steps"]!.AsArray();
        for (int step = 0; step < steps.Count; step++)
        {
            bool vacuum = (string)steps[step]!["taskId"]! == "vacuum-seats";
            (await cove.Say(run, vacuum ? "done" : "skipped", step)).EnsureSuccessStatusCode();
            if (vacuum)
            {
                break;
            }
        }

        await cove.Say(run, "finished", 0);
        JsonObject log = await cove.Get($"/api/vehicles/{vehicle}/log");
        return log["entries"]![0]!;
    }

    private static async Task<JsonNode> Change(CoveHost cove, JsonNode entry, string what)
    {
        HttpResponseMessage answer = await cove.Post(
            $"/api/log/{entry["id"]}/{what}",
            "{}",
            ("If-Match", $"\"{entry["version"]}\"")
        );
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    private static async Task<JsonNode> Vacuuming(CoveHost cove, string vehicle)
    {
        JsonObject surface = await cove.Get($"/api/vehicles/{vehicle}/surfaces/driver-seat");
        return surface["tasks"]!.AsArray().Single(task => (string)task!["taskId"]! == "vacuum-seats")!;
    }

    private static async Task<double> SeatLevel(CoveHost cove, string vehicle) =>
        (double)(await Vacuuming(cove, vehicle))["level"]!;
}
