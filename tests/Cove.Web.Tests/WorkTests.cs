namespace Cove.Web.Tests;

/// <summary>Work that was done without a run, over HTTP.</summary>
public sealed class WorkTests
{
    private static readonly string[] VacuumSeats = ["vacuum-seats"];
    private static readonly string[] WipeDash = ["wipe-dash"];
    private static readonly string[] DriverSeat = ["driver-seat"];
    private static readonly string[] Parts = ["steps", "later", "notThisTime"];

    [Fact]
    public async Task Work_of_last_saturday_moves_levels_and_the_routine_and_can_be_undone()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject before = await cove.Get($"{vehicle}/today?minutes=120");
        JsonNode overdue = Rows(before).First(row => (bool)row["overMark"]!);
        string task = (string)overdue["taskId"]!;
        string name = (string)overdue["name"]!;

        HttpResponseMessage made = await Record(
            cove,
            vehicle,
            new
            {
                tasks = new[] { task },
                day = "2026-03-12",
                minutes = 6,
            }
        );

        Assert.Equal(HttpStatusCode.Created, made.StatusCode);
        JsonObject after = await cove.Get($"{vehicle}/today?minutes=120");
        Assert.DoesNotContain(Rows(after), row => (string)row["taskId"]! == task && (bool)row["overMark"]!);
        JsonNode entry = (await cove.Get($"{vehicle}/log"))["entries"]!
            .AsArray()
            .First(one => (string)one!["name"]! == name)!;
        Assert.StartsWith("2026-03-12", (string)entry["at"]!, StringComparison.Ordinal);
        Assert.Equal(6, (double)entry["takenMinutes"]!);

        (
            await cove.Send(
                HttpMethod.Post,
                $"/api/log/{entry["id"]}/undo",
                "",
                ("If-Match", $"\"{entry["version"]}\"")
            )
        ).EnsureSuccessStatusCode();
        Assert.Contains(
            Rows(await cove.Get($"{vehicle}/today?minutes=120")),
            row => (string)row["taskId"]! == task && (bool)row["overMark"]!
        );
    }

    [Fact]
    public async Task The_same_on_the_same_day_is_noticed_and_counts_only_when_it_is_said_again()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        var work = new { tasks = new[] { "pedals" }, day = "2026-03-13" };
        (await Record(cove, vehicle, work)).EnsureSuccessStatusCode();

        HttpResponseMessage noticed = await Record(cove, vehicle, work);
        HttpResponseMessage again = await Record(
            cove,
            vehicle,
            new
            {
                work.tasks,
                work.day,
                anotherTime = true,
            }
        );

        Assert.Equal(HttpStatusCode.Conflict, noticed.StatusCode);
        Assert.Contains(
            "on record for that day already",
            await noticed.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.Created, again.StatusCode);
    }

    [Fact]
    public async Task A_professionals_minutes_teach_nothing_and_take_nothing_from_the_shelf()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject choices = await cove.Get($"{vehicle}/work");
        string product = (string)choices["products"]![0]!["id"]!;

        (
            await Record(
                cove,
                vehicle,
                new
                {
                    tasks = WipeDash,
                    minutes = 90,
                    byProfessional = true,
                    productId = product,
                }
            )
        ).EnsureSuccessStatusCode();

        JsonNode entry = (await cove.Get($"{vehicle}/log"))["entries"]![0]!;
        Assert.Equal(0, (double)entry["takenMinutes"]!);
        Assert.Empty(entry["products"]!.AsArray());
        Assert.Contains("professional", (string)entry["note"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task On_one_surface_only_that_surface_comes_clean()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        (
            await Record(cove, vehicle, new { tasks = VacuumSeats, surfaces = DriverSeat })
        ).EnsureSuccessStatusCode();

        Assert.True(Level(await cove.Get($"{vehicle}/surfaces/driver-seat")) < 0.05);
        Assert.True(Level(await cove.Get($"{vehicle}/surfaces/passenger-seat")) > 0.2);
    }

    [Theory]
    [InlineData("""{"tasks":[]}""")]
    [InlineData("""{"tasks":[null]}""")]
    [InlineData("""{"tasks":["no-such-task"]}""")]
    [InlineData("""{"tasks":["pedals"],"surfaces":["driver-seat"]}""")]
    [InlineData("""{"tasks":["pedals"],"surfaces":[null]}""")]
    [InlineData("""{"tasks":["pedals"],"day":"2026-03-15"}""")]
    [InlineData("""{"tasks":["pedals"],"day":"1980-01-01"}""")]
    [InlineData("""{"tasks":["pedals"],"day":"2019-01-01"}""")]
    [InlineData("""{"tasks":["pedals"],"minutes":-1}""")]
    [InlineData("""{"tasks":["pedals"],"productId":"x"}""")]
    public async Task What_cannot_be_is_refused_and_nothing_is_on_record(string body)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        int before = (int)(await cove.Get($"{vehicle}/log"))["total"]!;

        HttpResponseMessage refused = await cove.Send(HttpMethod.Post, $"{vehicle}/work", body);

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Equal(before, (int)(await cove.Get($"{vehicle}/log"))["total"]!);
    }

    private static Task<HttpResponseMessage> Record(CoveHost cove, string vehicle, object work) =>
        cove.Send(HttpMethod.Post, $"{vehicle}/work", JsonSerializer.Serialize(work));

    private static IEnumerable<JsonNode> Rows(JsonObject today) =>
        Parts.SelectMany(part => today[part]!.AsArray()).OfType<JsonNode>();

    private static double Level(JsonObject surface) =>
        (double)
            surface["tasks"]!.AsArray().First(task => (string)task!["taskId"]! == "vacuum-seats")!["level"]!;
}
