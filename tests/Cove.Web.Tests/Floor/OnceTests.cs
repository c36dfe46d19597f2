namespace Cove.Web.Tests.Floor;

/// <summary>A request that carries a key is done once, however often it arrives.</summary>
public sealed class OnceTests
{
    private const string Table = "name,class\nOne of a list,water\n";

    public static TheoryData<string, string, string> Requests() =>
        new()
        {
            {
                "/api/vehicles/{car}/looks",
                """{"inspection":"pat","result":"puff","surfaceId":"front-carpet"}""",
                "SELECT COUNT(*) FROM Log"
            },
            {
                "/api/vehicles/{car}/events",
                """{"event":"spill","surfaceIds":["driver-seat"]}""",
                "SELECT COUNT(*) FROM Log"
            },
            {
                "/api/vehicles/{car}/glass/streaks",
                """{"surfaceId":"windscreen","finding":"inside"}""",
                "SELECT COUNT(*) FROM Log"
            },
            { "/api/vehicles/import", "{file}", "SELECT COUNT(*) FROM Vehicles" },
            { "/api/vehicles/{car}/copy", """{"name":"A copy"}""", "SELECT COUNT(*) FROM Vehicles" },
            { "/api/shelf/products", """{"name":"Once","class":"water"}""", "SELECT COUNT(*) FROM Products" },
            { "/api/shelf/products.csv", Table, "SELECT COUNT(*) FROM Products" },
            { "/api/vehicles/{car}/odometer/feed", "", "SELECT COUNT(*) FROM Odometer" },
        };

    [Theory]
    [MemberData(nameof(Requests))]
    public async Task The_same_request_again_gets_the_same_answer_and_adds_nothing(
        string path,
        string body,
        string count
    )
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string file = await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{vehicle}/file", UriKind.Relative)
        );
        path = path.Replace("{car}", vehicle, StringComparison.Ordinal);
        body = body.Replace("{file}", file, StringComparison.Ordinal);
        int before = int.Parse(cove.Value(count)!, null);

        HttpResponseMessage first = await Send(cove, path, body);
        cove.Clock.Advance(TimeSpan.FromSeconds(40));
        HttpResponseMessage again = await Send(cove, path, body);

        Assert.True(first.IsSuccessStatusCode, await first.Content.ReadAsStringAsync());
        Assert.Equal(first.StatusCode, again.StatusCode);
        Assert.Equal(await first.Content.ReadAsStringAsync(), await again.Content.ReadAsStringAsync());
        Assert.Equal(first.Headers.Location, again.Headers.Location);
        Assert.Equal(before + 1, int.Parse(cove.Value(count)!, null));
    }

    [Fact]
    public async Task One_key_cannot_stand_for_two_requests_and_a_refused_one_may_be_mended()
    {
        using var cove = new CoveHost();
        var key = ("Idempotency-Key", "a-key-for-one-thing");

        HttpResponseMessage refused = await cove.Post("/api/shelf/products", "{}", key);
        HttpResponseMessage mended = await cove.Post(
            "/api/shelf/products",
            """{"name":"A","class":"water"}""",
            key
        );
        HttpResponseMessage other = await cove.Post("/api/vehicles", Bodies.Vehicle(), key);
        HttpResponseMessage unfit = await cove.Post(
            "/api/vehicles",
            Bodies.Vehicle(),
            ("Idempotency-Key", "no good")
        );

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Equal(HttpStatusCode.Created, mended.StatusCode);
        await BadInputTests.AssertProblem(other, HttpStatusCode.Conflict, null);
        await BadInputTests.AssertProblem(unfit, HttpStatusCode.BadRequest, "idempotency-Key");
    }

    [Fact]
    public async Task A_key_that_comes_with_another_body_is_refused_and_not_taken_for_done()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        var key = ("Idempotency-Key", "a-key-for-one-body");
        JsonObject run = await cove.StartRun(vehicle);

        HttpResponseMessage first = await cove.Post(
            "/api/shelf/products",
            """{"name":"One","class":"water"}""",
            key
        );
        HttpResponseMessage other = await cove.Post(
            "/api/shelf/products",
            """{"name":"Another","class":"water"}""",
            key
        );
        await cove.Say(run, "done", 0, "a-key-in-a-run");
        HttpResponseMessage again = await cove.Say(run, "done", 0, "a-key-in-a-run");
        HttpResponseMessage next = await cove.Say(run, "skipped", 1, "a-key-in-a-run");

        Assert.Equal(HttpStatusCode.Created, first.StatusCode);
        await BadInputTests.AssertProblem(other, HttpStatusCode.Conflict, null);
        Assert.Equal(HttpStatusCode.OK, again.StatusCode);
        await BadInputTests.AssertProblem(next, HttpStatusCode.Conflict, null);
        Assert.Equal(1, (int)(await cove.Get($"/api/runs/{run["id"]}"))["current"]!);
    }

    [Fact]
    public async Task A_key_that_an_earlier_version_kept_still_gets_its_answer()
    {
        using var cove = new CoveHost();
        var key = ("Idempotency-Key", "a-key-from-before");
        const string body = """{"name":"One","class":"water"}""";
        HttpResponseMessage first = await cove.Post("/api/shelf/products", body, key);
        cove.Execute("UPDATE Answers SET Request = 'POST /api/shelf/products'");

        HttpResponseMessage again = await cove.Post("/api/shelf/products", body, key);

        Assert.Equal(await first.Content.ReadAsStringAsync(), await again.Content.ReadAsStringAsync());
    }

    [Fact]
    public async Task Ten_of_the_same_at_once_are_one()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string before = cove.Value("SELECT COUNT(*) FROM Log")!;

        HttpResponseMessage[] answers = await Task.WhenAll(
            Enumerable
                .Range(0, 10)
                .Select(_ =>
                    Send(
                        cove,
                        $"/api/vehicles/{vehicle}/events",
                        """{"event":"spill","surfaceIds":["driver-seat"]}"""
                    )
                )
        );

        Assert.All(answers, answer => Assert.Equal(HttpStatusCode.Created, answer.StatusCode));
        Assert.Equal(int.Parse(before, null) + 1, int.Parse(cove.Value("SELECT COUNT(*) FROM Log")!, null));
    }

    private static Task<HttpResponseMessage> Send(CoveHost cove, string path, string body)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, path)
        {
            Content = new StringContent(
                body,
                System.Text.Encoding.UTF8,
                path.EndsWith("csv", StringComparison.Ordinal) ? "text/csv" : "application/json"
            ),
        };
        request.Headers.Add("Idempotency-Key", "sent-twice-by-a-phone");
        return cove.Http.SendAsync(request);
    }
}
