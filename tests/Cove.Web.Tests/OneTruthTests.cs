using Ical.Net;

namespace Cove.Web.Tests;

/// <summary>One number for one thing, wherever it is read: any car, over HTTP.</summary>
public sealed class OneTruthTests
{
    private static readonly string[] Bodies4 = ["hatchback", "estate", "suv", "saloon"];
    private static readonly string[] Seats = ["wovenFabric", "coatedLeather", "syntheticLeather"];

    public static TheoryData<int> Cars => [.. Enumerable.Range(1, LongRun.Of(2, 60))];

    [Theory]
    [MemberData(nameof(Cars))]
    public async Task Year_outlook_today_run_log_and_calendar_tell_the_same_of_a_car(int seed)
    {
        using var cove = new CoveHost(demo: true);
        (string vehicle, int minutes) = await AnyCar(cove, new Random(seed));

        JsonObject plan = await cove.Get($"{vehicle}/routine/plan");
        JsonObject next = await cove.Get($"{vehicle}/routine/next");
        JsonObject outlook = await cove.Get($"{vehicle}/outlook");
        JsonObject today = await cove.Get($"{vehicle}/today?minutes={minutes}&slot=true");

        // The year and its outlook.
        Assert.Equal((double)plan["overdueDays"]!, (double)outlook["overdueDays"]!);
        Assert.Equal(
            plan["tasks"]!.AsArray().ToDictionary(Id, task => (double)task!["overdueDays"]!),
            outlook["lanes"]!.AsArray().ToDictionary(Id, lane => (double)lane!["overdueDays"]!)
        );
        Assert.Equal(
            plan["slots"]!.AsArray().Sum(slot => (double)slot!["used"]!),
            (double)outlook["minutes"]!,
            0.06
        );
        foreach (JsonNode? task in plan["tasks"]!.AsArray())
        {
            Assert.Equal(
                task!["dates"]!.AsArray().Select(date => (string)date!),
                plan["slots"]!
                    .AsArray()
                    .Where(slot => slot!["tasks"]!.AsArray().Any(visit => Id(visit) == Id(task)))
                    .Select(slot => (string)slot!["day"]!)
            );
        }

        // The next session.
        Assert.Equal(plan["slots"]![0]!.ToJsonString(), next["slot"]!.ToJsonString());
        Assert.True((bool)next["isToday"]!);

        // The calendar.
        var calendar = Calendar.Load(
            await cove.Http.GetStringAsync(new Uri($"{vehicle}/routine/calendar", UriKind.Relative))
        )!;
        HashSet<string> told =
        [
            .. plan["slots"]!
                .AsArray()
                .Where(slot => slot!["tasks"]!.AsArray().Count > 0)
                .Select(slot => (string)slot!["day"]!),
        ];
        Assert.All(
            calendar.Events.Where(day => day.Start!.AsUtc < cove.Clock.GetUtcNow().UtcDateTime.AddDays(30)),
            day => Assert.Contains($"{day.Start!.AsUtc:yyyy-MM-dd}", told)
        );

        // Today and the cabin.
        JsonObject cabin = await cove.Get($"{vehicle}/cabin");
        JsonObject shorter = await cove.Get($"{vehicle}/today?minutes=10");
        Assert.Equal((int)today["overMark"]!, (int)shorter["overMark"]!);
        foreach (JsonNode? surface in cabin["surfaces"]!.AsArray().Take(6))
        {
            JsonObject known = await cove.Get($"{vehicle}/surfaces/{surface!["id"]}");
            Assert.Equal((double)surface["level"]!, (double)known["tasks"]![0]!["level"]!);
            Assert.Equal((int?)surface["daysLeft"], (int?)known["tasks"]![0]!["daysLeft"]);
        }

        // Why each task is in today's session is told of that session.
        string[] held =
        [
            .. today["steps"]!.AsArray().Select(Id).Where(id => CareTasks.Find(id) is not null).Distinct(),
        ];
        foreach (string taskId in held)
        {
            Assert.True(
                (bool)
                    (
                        await cove.Get(
                            $"{vehicle}/today/why/{taskId}?minutes={minutes}&slot={(bool)today["ofSlot"]!}"
                        )
                    )["isIn"]!,
                taskId
            );
        }

        await TheRunIsTheSessionThatWasShown(cove, vehicle, today);
    }

    private static async Task TheRunIsTheSessionThatWasShown(CoveHost cove, string vehicle, JsonObject today)
    {
        HttpResponseMessage started = await cove.Post(
            $"{vehicle}/runs",
            $$"""{"minutes":{{today["minutes"]}},"plan":"{{today["plan"]}}","ofSlot":{{today["ofSlot"]!.ToJsonString()}}}""",
            ("Idempotency-Key", Guid.NewGuid().ToString())
        );
        Assert.Equal(HttpStatusCode.Created, started.StatusCode);
        JsonObject run = (await started.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.Equal(
            today["steps"]!.AsArray().Select(step => (string)step!["name"]!),
            run["steps"]!.AsArray().Select(step => (string)step!["name"]!)
        );

        for (int step = 0; step < run["steps"]!.AsArray().Count; step++)
        {
            (await cove.Say(run, "done", step)).EnsureSuccessStatusCode();
        }

        (await cove.Say(run, "finished", 0)).EnsureSuccessStatusCode();
        JsonObject log = await cove.Get($"{vehicle}/log");
        Assert.Equal(
            run["steps"]!
                .AsArray()
                .Where(step => CareTasks.Find(Id(step)) is not null)
                .Select(step => (string)step!["name"]!)
                .Distinct()
                .Order(StringComparer.Ordinal),
            log["entries"]!
                .AsArray()
                .Where(entry =>
                    ((string)entry!["at"]!).StartsWith("2026-03-14", StringComparison.Ordinal)
                    && (string)entry["kind"]! == "care"
                )
                .Select(entry => (string)entry!["name"]!)
                .Distinct()
                .Order(StringComparer.Ordinal)
        );
    }

    /// <summary>A car drawn at random with a routine that has a session today, beside those of the demo and with their shelf.</summary>
    private static async Task<(string Vehicle, int Minutes)> AnyCar(CoveHost cove, Random random)
    {
        HttpResponseMessage added = await cove.Post(
            "/api/vehicles",
            Bodies.Vehicle(
                ("layout.body", Bodies4[random.Next(Bodies4.Length)]),
                ("layout.seatMaterial", Seats[random.Next(Seats.Length)]),
                ("layout.childSeats", random.Next(3)),
                ("use.kilometresAWeek", random.Next(40, 700)),
                ("use.children", random.Next(3))
            )
        );
        added.EnsureSuccessStatusCode();
        string vehicle =
            $"/api/vehicles/{(string)(await added.Content.ReadFromJsonAsync<JsonObject>())!["id"]!}";
        int minutes = random.Next(15, 50);
        HttpResponseMessage kept = await cove.Send(
            HttpMethod.Put,
            $"{vehicle}/routine",
            $$$"""{"slots":[{"id":"00000000-0000-4000-8000-00000000a001","rule":"FREQ=WEEKLY;INTERVAL={{{random.Next(1, 4)}}}","from":"2026-03-14","time":"10:30:00","minutes":{{{minutes}}},"standing":"{{{(random.Next(2) == 0 ? "someHours" : "anHour")}}}","tap":true,"power":true}]}""",
            ("If-Match", "\"0\"")
        );
        kept.EnsureSuccessStatusCode();
        return (vehicle, minutes);
    }

    private static string Id(JsonNode? node) => (string?)node!["taskId"] ?? string.Empty;
}
