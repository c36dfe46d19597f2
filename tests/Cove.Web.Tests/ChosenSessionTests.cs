using Cove.Web.Tests.Floor;

namespace Cove.Web.Tests;

/// <summary>A session that the owner has changed, over HTTP.</summary>
public sealed class ChosenSessionTests(DemoCove demo) : IClassFixture<DemoCove>
{
    [Fact]
    public async Task What_is_left_out_is_not_done_and_says_so_and_what_is_kept_in_is()
    {
        string today = $"/api/vehicles/{await demo.Host.Vehicle()}/today?minutes=25";
        string first = Tasks(await demo.Host.Get(today))[0];

        JsonObject changed = await demo.Host.Get($"{today}&leftOut={first}&keptIn=headliner");

        Assert.DoesNotContain(first, Tasks(changed));
        Assert.Contains("headliner", Tasks(changed));
        Assert.Equal(
            "leftOut",
            (string)
                changed["notThisTime"]!.AsArray().First(held => (string)held!["taskId"]! == first)!["reason"]!
        );
    }

    [Fact]
    public async Task Overdue_counts_what_the_rows_show_and_is_the_same_wherever_the_marker_stands()
    {
        var counts = new HashSet<int>();
        foreach (int minutes in new[] { 5, 12, 25, 45, 90, 120 })
        {
            JsonObject today = await demo.Host.Get(
                $"/api/vehicles/{await demo.Host.Vehicle()}/today?minutes={minutes}"
            );
            int here = Overdue(today["steps"]!);

            Assert.Equal(here, (int)today["overMarkCleared"]!);
            Assert.Equal(
                here + Overdue(today["later"]!) + Overdue(today["notThisTime"]!),
                (int)today["overMark"]!
            );
            counts.Add((int)today["overMark"]!);
        }

        Assert.Single(counts);
    }

    [Theory]
    [InlineData("leftOut=nothing-of-the-kind")]
    [InlineData("first=nothing-of-the-kind")]
    [InlineData("keptIn=")]
    public async Task A_task_that_is_none_is_refused_with_a_sentence(string asked)
    {
        HttpResponseMessage refused = await demo.Host.Http.GetAsync(
            new Uri($"/api/vehicles/{await demo.Host.Vehicle()}/today?minutes=25&{asked}", UriKind.Relative)
        );

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
    }

    [Fact]
    public async Task Why_a_task_is_in_compares_the_session_with_and_without_it()
    {
        string vehicle = $"/api/vehicles/{await demo.Host.Vehicle()}";
        string first = Tasks(await demo.Host.Get($"{vehicle}/today?minutes=25"))[0];

        JsonObject why = await demo.Host.Get($"{vehicle}/today/why/{first}?minutes=25");

        Assert.True((bool)why["isIn"]!);
        Assert.StartsWith("Without it", (string)why["sentence"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_run_is_what_was_asked_for_and_another_plan_is_refused()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject usual = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25");
        JsonObject glass = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25&onlyGlass=true");

        HttpResponseMessage refused = await Start(cove, vehicle, usual, new { onlyGlass = true });
        HttpResponseMessage started = await Start(cove, vehicle, glass, new { onlyGlass = true });

        Assert.Equal(HttpStatusCode.Conflict, refused.StatusCode);
        Assert.Equal(HttpStatusCode.Created, started.StatusCode);
        JsonObject run = (await started.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.Equal(
            glass["steps"]!.AsArray().Select(step => (string)step!["taskId"]!),
            run["steps"]!.AsArray().Select(step => (string)step!["taskId"]!)
        );
        Assert.Equal(Math.Ceiling((double)glass["lengthMinutes"]!), (int)run["minutes"]!);
    }

    [Fact]
    public async Task A_null_among_the_tasks_is_refused()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject usual = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25");

        HttpResponseMessage refused = await Start(
            cove,
            vehicle,
            usual,
            new { leftOut = new string?[] { null } }
        );

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
    }

    private static Task<HttpResponseMessage> Start(
        CoveHost cove,
        string vehicle,
        JsonObject today,
        object ask
    ) =>
        cove.Send(
            HttpMethod.Post,
            $"/api/vehicles/{vehicle}/runs",
            JsonSerializer.Serialize(
                new
                {
                    minutes = 25,
                    plan = (string)today["plan"]!,
                    ask,
                }
            ),
            ("Idempotency-Key", Guid.NewGuid().ToString())
        );

    private static string[] Tasks(JsonObject today) =>
        [
            .. today["steps"]!
                .AsArray()
                .Where(step => step!["surfaces"]!.AsArray().Count > 0)
                .Select(step => (string)step!["taskId"]!),
        ];

    private static int Overdue(JsonNode rows) => rows.AsArray().Count(row => (bool)row!["overMark"]!);
}
