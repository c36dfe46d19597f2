using System.Text;

namespace Cove.Web.Tests.Floor;

/// <summary>Values that cannot be are refused with a sentence on every door: the API, a spreadsheet, a vehicle file.</summary>
public sealed class ValuesTests(DemoCove demo) : IClassFixture<DemoCove>
{
    private const string Invisible = "\\u200B\\u2060";
    private const string Turning = "\\u202Eabc";

    private CoveHost Cove => demo.Host;

    public static TheoryData<string, string, string, string> OverTheApi() =>
        new()
        {
            { "POST", "/api/vehicles/import", "[]", "file" },
            { "PUT", "/api/vehicles/{car}", Named(Invisible), "name" },
            { "PUT", "/api/vehicles/{car}", Named(Turning), "name" },
            { "PUT", "/api/vehicles/{car}", Named("\\u3164"), "name" },
            { "PUT", "/api/vehicles/{car}", Named("\\ud800"), "name" },
            { "PUT", "/api/vehicles/{car}", Named("a\\u0007"), "name" },
            { "POST", "/api/shelf/products", Product($"\"name\":\"{Invisible}\""), "name" },
            { "POST", "/api/shelf/products", Product("\"note\":\"a\\u0000b\""), "note" },
            { "POST", "/api/shelf/products", Product("\"shelfLifeMonths\":12.7"), "shelfLifeMonths" },
            { "POST", "/api/shelf/products", Bottle("\"size\":5e-324,\"left\":0"), "bottles[0].Size" },
            { "POST", "/api/shelf/products", Bottle("\"size\":1e999,\"left\":0"), "bottles[0].size" },
            {
                "POST",
                "/api/shelf/products",
                Bottle("\"size\":500,\"left\":1,\"price\":1234567890123456789012345678901"),
                "bottles[0].price"
            },
            {
                "POST",
                "/api/shelf/products",
                Bottle("\"size\":500,\"left\":1,\"price\":0.0000000000000000000000000001"),
                "bottles[0].Price"
            },
            {
                "POST",
                "/api/shelf/products",
                Bottle("\"size\":500,\"left\":1,\"measuredAt\":\"1989-12-31T00:00:00Z\""),
                "bottles[0].MeasuredAt"
            },
            {
                "POST",
                "/api/shelf/products",
                Bottle("\"size\":500,\"left\":1,\"measuredAt\":\"9999-12-31T00:00:00Z\""),
                "bottles[0].MeasuredAt"
            },
            {
                "POST",
                "/api/vehicles/{car}/surfaces",
                """{"name":"A","kind":"dash","material":"plastic","finish":"matte","squareMetres":5e-324,"zone":"driver"}""",
                "area"
            },
            {
                "POST",
                "/api/vehicles/{car}/odometer",
                """{"kilometres":5,"at":"1989-12-31T00:00:00Z"}""",
                "at"
            },
            {
                "POST",
                "/api/vehicles/{car}/odometer",
                """{"kilometres":5,"at":"9999-12-31T00:00:00Z"}""",
                "at"
            },
            { "POST", "/api/vehicles/{car}/odometer", """{"kilometres":1e999}""", "kilometres" },
            {
                "POST",
                "/api/vehicles/{car}/looks",
                """{"inspection":"pat","result":"puff","surfaceId":"front-carpet","note":"a\u001bb"}""",
                "note"
            },
            {
                "POST",
                "/api/vehicles/{car}/events",
                """{"event":"spill","surfaceIds":["driver-seat"],"note":"a\u0000b"}""",
                "note"
            },
            {
                "POST",
                "/api/vehicles/{car}/instructions",
                """{"surfaceId":"screen","allows":true,"note":"\u200b"}""",
                "note"
            },
            { "PUT", "/api/shelf/kit", """{"tools":[{"tool":"vacuum","note":"a\tb"}]}""", "tools[0].note" },
        };

    [Theory]
    [MemberData(nameof(OverTheApi))]
    public async Task Over_the_api(string method, string path, string body, string field)
    {
        string vehicle = await Cove.Vehicle();
        if (path == "/api/vehicles/{car}")
        {
            JsonObject detail = await Cove.Get($"/api/vehicles/{vehicle}");
            body = body.Replace("{layout}", detail["layout"]!.ToJsonString(), StringComparison.Ordinal);
        }

        HttpResponseMessage answer = await Cove.Send(
            new HttpMethod(method),
            path.Replace("{car}", vehicle, StringComparison.Ordinal),
            body,
            ("If-Match", path.EndsWith("kit", StringComparison.Ordinal) ? "\"1\"" : "\"0\"")
        );

        var problem = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(
            problem["errors"]!.AsObject(),
            error => string.Equals(error.Key, field, StringComparison.OrdinalIgnoreCase)
        );
    }

    [Theory]
    [InlineData("price", "1234567890123456789012345678901")]
    [InlineData("price", "NaN")]
    [InlineData("price", "Infinity")]
    [InlineData("size", "NaN")]
    [InlineData("size", "∞")]
    [InlineData("size", "5e-324")]
    [InlineData("ph", "NaN")]
    [InlineData("shelfLifeMonths", "12.7")]
    [InlineData("shelfLifeMonths", "99999999999")]
    [InlineData("bought", "1989-12-31")]
    [InlineData("name", "\u200B")]
    [InlineData("name", "\u202Eabc")]
    [InlineData("note", "a\u0007b")]
    public async Task In_a_spreadsheet(string column, string value)
    {
        var cells = new Dictionary<string, string>(StringComparer.Ordinal)
        {
            ["name"] = "A",
            ["class"] = "interiorCleaner",
            ["size"] = "500",
        };
        cells[column] = value;

        HttpResponseMessage answer = await Csv(
            $"{string.Join(',', cells.Keys)}\n{string.Join(',', cells.Values)}\n"
        );

        await BadInputTests.AssertProblem(answer, HttpStatusCode.BadRequest, column);
    }

    [Theory]
    [InlineData("application/json; charset=bogus")]
    [InlineData("application/json; charset=utf-16")]
    public async Task In_the_name_of_an_alphabet(string type)
    {
        foreach (string path in new[] { "/api/shelf/products", "/api/vehicles/import" })
        {
            using var content = new ByteArrayContent(Encoding.UTF8.GetBytes("{}"));
            content.Headers.TryAddWithoutValidation("Content-Type", type);

            HttpResponseMessage answer = await Cove.Http.PostAsync(new Uri(path, UriKind.Relative), content);

            Assert.Equal(HttpStatusCode.UnsupportedMediaType, answer.StatusCode);
        }
    }

    [Fact]
    public async Task An_odometer_does_not_run_three_million_kilometres_in_minutes()
    {
        using var cove = new CoveHost();
        string path = $"/api/vehicles/{await cove.Vehicle()}/odometer";
        await cove.Post(path, """{"kilometres":40000}""");
        cove.Clock.Advance(TimeSpan.FromMinutes(5));

        HttpResponseMessage leap = await cove.Post(path, """{"kilometres":3000000}""");
        HttpResponseMessage trip = await cove.Post(path, """{"kilometres":40900}""");

        await BadInputTests.AssertProblem(leap, HttpStatusCode.BadRequest, "kilometres");
        Assert.Equal(HttpStatusCode.OK, trip.StatusCode);
    }

    public static TheoryData<string, string, string> InFiles() =>
        new()
        {
            { "name", "\"\\u200b\"", "name" },
            { "description", "\"a\\u0000b\"", "description" },
            { "odometer", """[{"at":"1989-12-31T00:00:00Z","kilometres":5}]""", "odometer[0].at" },
            { "odometer", """[{"at":"2030-01-01T00:00:00Z","kilometres":5}]""", "odometer[0].at" },
            {
                "odometer",
                """[{"at":"2026-03-01T10:00:00Z","kilometres":5},{"at":"2026-03-01T10:02:00Z","kilometres":3000000}]""",
                "odometer[1].kilometres"
            },
            {
                "use",
                """[{"from":"2026-03-01T10:00:00.0001Z","use":{}},{"from":"2026-03-01T10:00:00.0002Z","use":{}}]""",
                "use[1].from"
            },
            {
                "log",
                """[{"at":"2026-03-01T10:00:00Z","kind":"event","subject":"spill","note":"a\u0000b"}]""",
                "log[0].note"
            },
            {
                "log",
                """[{"at":"2026-03-01T10:00:00Z","kind":"event","subject":"spill","settledAt":"0001-01-01T00:00:00Z"}]""",
                "log[0].settledAt"
            },
            {
                "log",
                """[{"at":"2026-03-01T10:00:00Z","kind":"care","subject":"wipe-dash","products":[{"id":"0197a9a4-5b1c-7c3e-9d2f-1a2b3c4d5e6f","name":"A","strength":0.000095}]}]""",
                "log[0].products[0].strength"
            },
            {
                "log",
                """[{"at":"2026-03-01T10:00:00Z","kind":"event","subject":"spill","run":0}]""",
                "log[0].run"
            },
            {
                "instructions",
                """[{"at":"2026-03-01T10:00:00Z","allows":true,"note":"\u202eabc"}]""",
                "instructions[0].note"
            },
            {
                "runs",
                """[{"minutes":25,"plannedAt":"2026-03-01T10:00:00Z","startedAt":"2026-03-01T10:00:00Z","steps":[null]}]""",
                "runs[0].steps[0]"
            },
            {
                "runs",
                """[{"minutes":25,"plannedAt":"2026-03-01T10:00:00Z","startedAt":"2026-03-01T10:00:00Z","steps":[{"task":"pedals","name":"Pedals","plannedSeconds":60}],"events":[{"kind":"done","step":7,"at":"2026-03-01T10:01:00Z"}]}]""",
                "runs[0].events[0]"
            },
        };

    [Theory]
    [MemberData(nameof(InFiles))]
    public async Task In_a_vehicle_file(string property, string value, string field)
    {
        JsonObject file = await Cove.Get($"/api/vehicles/{await Cove.Vehicle()}/file");
        foreach (string list in new[] { "log", "runs", "odometer", "use", "instructions" })
        {
            file[list] = new JsonArray();
        }

        file.Remove(property);
        string text = file.ToJsonString().Insert(1, $"\"{property}\":{value},");

        HttpResponseMessage answer = await Cove.Post("/api/vehicles/import", text);

        await BadInputTests.AssertProblem(answer, HttpStatusCode.BadRequest, field);
    }

    private static string Named(string name) =>
        "{\"name\":\"" + name + "\",\"description\":\"\",\"layout\":{layout}}";

    private static string Product(string more) =>
        more.StartsWith("\"name\"", StringComparison.Ordinal)
            ? "{" + more + ",\"class\":\"water\"}"
            : "{\"name\":\"A\",\"class\":\"water\"," + more + "}";

    private static string Bottle(string bottle) => Product("\"bottles\":[{" + bottle + "}]");

    private Task<HttpResponseMessage> Csv(string text) =>
        Cove.Http.PostAsync(
            new Uri("/api/shelf/products.csv", UriKind.Relative),
            new StringContent(text, Encoding.UTF8, "text/csv")
        );
}
