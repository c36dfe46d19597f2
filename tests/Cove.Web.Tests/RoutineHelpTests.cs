namespace Cove.Web.Tests;

/// <summary>What helps with a routine over HTTP: comparing, catching up, moving, printing.</summary>
public sealed class RoutineHelpTests
{
    [Fact]
    public async Task Sixty_patterns_are_compared_in_the_background_and_can_be_broken_off()
    {
        using var cove = new CoveHost(demo: true);
        string frontier = $"/api/vehicles/{await cove.Vehicle()}/routine/frontier";

        JsonObject none = await cove.Get(frontier);
        JsonObject begun = await Read(await cove.Post(frontier, string.Empty));
        JsonObject stopped = await Read(await cove.Send(HttpMethod.Delete, frontier, string.Empty));
        await Until(async () => !(bool)(await cove.Get(frontier))["running"]!);
        JsonObject left = await cove.Get(frontier);
        await cove.Post(frontier, string.Empty);
        await Until(async () => !(bool)(await cove.Get(frontier))["running"]!);
        JsonObject all = await cove.Get(frontier);

        Assert.Equal(0, (int)none["total"]!);
        Assert.Equal(60, (int)begun["total"]!);
        Assert.Equal(60, (int)stopped["total"]!);
        Assert.InRange(left["points"]!.AsArray().Count, 1, 59);
        Assert.Equal(60, all["points"]!.AsArray().Count);
        Assert.Contains(all["named"]!.AsArray(), name => (string)name!["name"]! == "value");
        Assert.InRange((double)all["own"]!["minutesAWeek"]!, 33, 36);
        Assert.InRange((double)all["lately"]!["minutesAWeek"]!, 10, 60);
        Assert.All(
            all["points"]!.AsArray(),
            point => Assert.EndsWith(".", (string)point!["difference"]!, StringComparison.Ordinal)
        );

        // One that is taken over is kept as it was shown.
        string routine = frontier[..frontier.LastIndexOf('/')];
        JsonNode taken = all["points"]!.AsArray()[30]!;
        JsonObject kept = (await cove.Get(routine))["routine"]!.AsObject();
        kept["slots"] = taken["slots"]!.DeepClone();
        await Read(await cove.Send(HttpMethod.Put, routine, kept.ToJsonString(), ("If-Match", "\"1\"")));
        double shown = (double)taken["minutesAWeek"]!;
        Assert.InRange((double)(await cove.Get($"{routine}/plan"))["givenAWeek"]!, shown - 2, shown + 2);
    }

    [Fact]
    public async Task What_slipped_is_said_and_the_way_back_is_a_routine_that_can_be_kept()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        await cove.Send(
            HttpMethod.Put,
            routine,
            (await cove.Get(routine))["routine"]!.ToJsonString(),
            ("If-Match", "\"1\"")
        );
        cove.Clock.Advance(TimeSpan.FromDays(12));

        JsonObject found = await cove.Get($"{routine}/catch-up");

        Assert.Contains("2026-03-14", found["missed"]!.AsArray().Select(day => (string)day!));
        Assert.StartsWith("Overdue now: ", (string)found["words"]!, StringComparison.Ordinal);
        Assert.True(found["longer"] is not null, (string)found["words"]!);
        JsonNode longer = found["longer"]!;
        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Put,
            routine,
            longer["routine"]!.ToJsonString(),
            ("If-Match", "\"2\"")
        );
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        JsonNode slot = (await cove.Get($"{routine}/plan"))["slots"]!
            .AsArray()
            .Single(slot =>
                (string)slot!["ruleDay"]! == (string)longer["ruleDay"]!
                && (string)slot["slotId"]! == (string)longer["slotId"]!
            )!;
        Assert.True((int)slot["minutes"]! > 25);
    }

    [Fact]
    public async Task A_routine_that_is_missed_for_two_months_gets_a_smaller_one_proposed()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        cove.Clock.Advance(TimeSpan.FromDays(60));

        JsonNode smaller = (await cove.Get($"{routine}/catch-up"))["smaller"]!;

        Assert.Contains("did not happen", (string)smaller["words"]!, StringComparison.Ordinal);
        Assert.Equal("FREQ=WEEKLY;INTERVAL=2", (string)smaller["routine"]!["slots"]![0]!["rule"]!);
    }

    [Fact]
    public async Task A_task_that_is_moved_lies_on_its_new_day_and_what_that_costs_is_said()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        JsonArray slots = (await cove.Get($"{routine}/plan"))["slots"]!.AsArray();
        JsonNode from = slots[1]!;
        JsonNode to = slots[2]!;
        string task = (string)from["tasks"]!.AsArray()[^1]!["taskId"]!;
        JsonObject changed = (await cove.Get(routine))["routine"]!.AsObject();
        changed["moves"] = new JsonArray(
            new JsonObject
            {
                ["task"] = task,
                ["fromSlot"] = from["slotId"]!.DeepClone(),
                ["fromDay"] = from["ruleDay"]!.DeepClone(),
                ["toSlot"] = to["slotId"]!.DeepClone(),
                ["toDay"] = to["ruleDay"]!.DeepClone(),
            }
        );

        JsonObject plan = await Read(await cove.Post($"{routine}/plan", changed.ToJsonString()));

        Assert.DoesNotContain(task, TasksOn(plan, from));
        Assert.Contains(task, TasksOn(plan, to));
        Assert.Equal(task, (string)plan["moves"]![0]!["move"]!["task"]!);
        Assert.Contains("in the year.", (string)plan["difference"]!, StringComparison.Ordinal);
    }

    private static IEnumerable<string> TasksOn(JsonObject plan, JsonNode slot) =>
        plan["slots"]!
            .AsArray()
            .Single(other =>
                (string)other!["slotId"]! == (string)slot["slotId"]!
                && (string)other["ruleDay"]! == (string)slot["ruleDay"]!
            )!["tasks"]!
            .AsArray()
            .Select(task => (string)task!["taskId"]!);

    [Fact]
    public async Task The_card_and_the_order_of_a_session_say_with_what_and_how()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";

        JsonObject card = await cove.Get($"{routine}/card");
        JsonObject order = await Read(
            await cove.Post(
                $"{routine}/order",
                """{"tasks":["vacuum-seats","clean-fabric-seats","windscreen"],"minutes":75,"standing":"untilTomorrow"}"""
            )
        );

        JsonNode[] lines = [.. card["groups"]!.AsArray().SelectMany(group => group!["lines"]!.AsArray())!];
        Assert.True(lines.Length > 15);
        Assert.All(lines, line => Assert.NotEmpty((string)line["how"]!));
        Assert.NotEmpty(card["cautions"]!.AsArray());
        string[] steps = [.. order["steps"]!.AsArray().Select(step => (string)step!["taskId"]!)];
        Assert.True(Array.IndexOf(steps, "vacuum-seats") < Array.IndexOf(steps, "clean-fabric-seats"));
        Assert.Contains(
            order["mixtures"]!.AsArray(),
            sentence => ((string)sentence!).Contains("water", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("""{"tasks":["vacuum-seats"],"minutes":900}""", "minutes")]
    [InlineData("""{"tasks":[null],"minutes":25}""", "tasks")]
    [InlineData("""{"minutes":25}""", "tasks")]
    public async Task What_cannot_be_put_in_order_is_answered_with_the_field(string body, string field)
    {
        using var cove = new CoveHost(demo: true);

        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{await cove.Vehicle()}/routine/order",
            body
        );

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(field, await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_routine_is_offered_until_its_owner_says_no()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        await cove.Send(HttpMethod.Put, routine, "{}", ("If-Match", "\"1\""));
        bool before = (bool)(await cove.Get($"{routine}/next"))["offered"]!;

        await cove.Send(HttpMethod.Put, routine, """{"declined":true}""", ("If-Match", "\"2\""));

        Assert.True(before);
        Assert.False((bool)(await cove.Get($"{routine}/next"))["offered"]!);
    }

    [Fact]
    public async Task What_is_mixed_for_tomorrow_is_said_the_day_before()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        await Fill(cove, "Fabric cleaner concentrate");
        JsonObject garage = (await cove.Get(routine))["routine"]!.AsObject();
        garage["slots"]!.AsArray().RemoveAt(0);
        garage["slots"]![0]!["minutes"] = 120;
        await cove.Send(HttpMethod.Put, routine, garage.ToJsonString(), ("If-Match", "\"1\""));
        DateTimeOffset now = cove.Clock.GetUtcNow();
        // Fabric seats are cleaned with a thinned cleaner.
        DateTimeOffset slot = (await cove.Get($"{routine}/plan"))["slots"]!
            .AsArray()
            .Where(slot =>
                slot!["tasks"]!.AsArray().Any(task => (string)task!["taskId"]! == "clean-fabric-seats")
            )
            .Select(slot => (DateTimeOffset)slot!["starts"]!)
            .First(starts => starts > now.AddDays(2));
        cove.Clock.Advance(slot.AddHours(-11) - now);

        JsonObject next = await cove.Get($"{routine}/next");

        Assert.True((bool)next["isTomorrow"]!);
        Assert.NotEmpty(next["mixtures"]!.AsArray());
    }

    /// <summary>Whatever the demo has taken of a product, its bottles are full again.</summary>
    private static async Task Fill(CoveHost cove, string name)
    {
        JsonNode product = (await cove.Get("/api/shelf"))["products"]!
            .AsArray()
            .First(one => (string)one!["details"]!["name"]! == name)!;
        JsonObject details = product["details"]!.DeepClone().AsObject();
        foreach (JsonNode? bottle in details["bottles"]!.AsArray())
        {
            bottle!["left"] = (double)bottle["size"]!;
        }

        HttpResponseMessage filled = await cove.Send(
            HttpMethod.Put,
            $"/api/shelf/products/{product["id"]}",
            $"{details}",
            ("If-Match", $"\"{product["version"]}\"")
        );
        filled.EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task Two_cars_share_slots_and_each_has_its_part()
    {
        using var cove = new CoveHost(demo: true);
        JsonArray cars = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
        (string host, string guest) = ((string)cars[0]!["id"]!, (string)cars[1]!["id"]!);
        string hostRoutine = $"/api/vehicles/{host}/routine";
        string guestRoutine = $"/api/vehicles/{guest}/routine";
        string version = (await cove.Get(guestRoutine))["version"]!.ToJsonString();

        HttpResponseMessage shared = await cove.Send(
            HttpMethod.Put,
            guestRoutine,
            $$"""{"slotsOf":"{{host}}"}""",
            ("If-Match", $"\"{version}\"")
        );
        HttpResponseMessage back = await cove.Send(
            HttpMethod.Put,
            hostRoutine,
            $$"""{"slotsOf":"{{guest}}"}""",
            ("If-Match", "\"1\"")
        );

        Assert.Equal(HttpStatusCode.OK, shared.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, back.StatusCode);
        JsonArray ofHost = (await cove.Get($"{hostRoutine}/plan"))["slots"]!.AsArray();
        JsonArray ofGuest = (await cove.Get($"{guestRoutine}/plan"))["slots"]!.AsArray();
        Assert.True(ofHost.Count > 20);
        Assert.True(ofGuest.Count > 5);
        foreach (JsonNode? part in ofGuest)
        {
            int beside = ofHost
                .Where(slot =>
                    (string)slot!["slotId"]! == (string)part!["slotId"]!
                    && (string)slot["ruleDay"]! == (string)part["ruleDay"]!
                )
                .Sum(slot => (int)slot!["minutes"]!);
            Assert.True(beside + (int)part!["minutes"]! is 25 or 75, part.ToJsonString());
        }

        Assert.Equal(host, (string)(await cove.Get(guestRoutine))["shared"]!["vehicleId"]!);
        Assert.True((bool)(await cove.Get(hostRoutine))["shared"]!["isGuest"]!);
        string calendar = await cove.Http.GetStringAsync(
            new Uri($"{guestRoutine}/calendar", UriKind.Relative)
        );
        // A part of a slot has another name than the whole, which stands in the other car's calendar.
        Assert.All(
            Ical.Net.Calendar.Load(calendar)!.Events,
            day => Assert.EndsWith($"-{guest}@cove", day.Uid!, StringComparison.Ordinal)
        );
    }

    private static async Task Until(Func<Task<bool>> done)
    {
        using var limit = new CancellationTokenSource(TimeSpan.FromMinutes(2));
        while (!await done())
        {
            // Each answer is worked out anew, so asking often slows what is waited for.
            await Task.Delay(400, limit.Token);
        }
    }

    private static async Task<JsonObject> Read(HttpResponseMessage answer)
    {
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
