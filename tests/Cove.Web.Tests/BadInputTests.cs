using Cove.Web.Tests.Floor;
using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests;

public sealed class BadInputTests(EmptyCove empty) : IClassFixture<EmptyCove>
{
    public static TheoryData<string, string> BadVehicles() =>
        new()
        {
            { Bodies.Vehicle(("name", null)), "name" },
            { Bodies.Vehicle(("name", "")), "name" },
            { Bodies.Vehicle(("name", "   ")), "name" },
            { Bodies.Vehicle(("name", new string('x', 61))), "name" },
            { Bodies.Vehicle(("name", 5)), "name" },
            { Bodies.Vehicle(("description", new string('x', 121))), "description" },
            { Bodies.Vehicle(("layout.body", "spaceship")), "layout.body" },
            { Bodies.Vehicle(("layout.body", 1)), "layout.body" },
            { Bodies.Vehicle(("layout.doors", 3)), "layout.doors" },
            { Bodies.Vehicle(("layout.doors", null)), "layout.doors" },
            { Bodies.Vehicle(("layout.secondRowSeats", -1)), "layout.secondRowSeats" },
            { Bodies.Vehicle(("layout.thirdRowSeats", 3)), "layout.thirdRowSeats" },
            { Bodies.Vehicle(("layout.secondRowSeats", "two")), "layout.secondRowSeats" },
            { Bodies.Vehicle(("layout.secondRowSeats", 2.5)), "layout.secondRowSeats" },
            { Bodies.Vehicle(("layout.frontSeats", 3)), "layout.frontSeats" },
            { Bodies.Vehicle(("layout.seatMaterial", "rubber")), "layout.seatMaterial" },
            { Bodies.Vehicle(("layout.rearMats", "glass")), "layout.rearMats" },
            { Bodies.Vehicle(("layout.trim", "matte")), "layout.trim" },
            { Bodies.Vehicle(("layout.screens", 4)), "layout.screens" },
            { Bodies.Vehicle(("layout.sunroof", "yes")), "layout.sunroof" },
            { Bodies.Vehicle(("layout.childSeats", 9)), "layout.childSeats" },
            { Bodies.Vehicle(("layout.wings", 2)), "layout.wings" },
            { Bodies.Vehicle(("use.kilometresAWeek", -1)), "use.kilometresAWeek" },
            { Bodies.Vehicle(("use.kilometresAWeek", 10_001)), "use.kilometresAWeek" },
            { Bodies.Vehicle(("use.kilometresAWeek", "NaN")), "use.kilometresAWeek" },
            { Bodies.Vehicle(("use.people", 0)), "use.people" },
            { Bodies.Vehicle(("use.children", 7)), "use.children" },
            { Bodies.Vehicle(("use.pets", "always")), "use.pets" },
            { Bodies.Vehicle(("use.gritMonths", new JsonArray(1, 13))), "use.gritMonths" },
            { Bodies.Vehicle(("use.parkedInSun", 1.5)), "use.parkedInSun" },
            { Bodies.Vehicle(("use.preventions", new JsonArray("moat"))), "use.preventions[0]" },
            { Bodies.Vehicle(("wheels", 4)), "wheels" },
            { """{"name":"a","name":"b"}""", "name" },
            { """{"name":null}""", "name" },
            { """{"name":""", "name" },
            { "[]", "body" },
        };

    [Theory]
    [MemberData(nameof(BadVehicles))]
    public async Task A_vehicle_that_cannot_be_is_refused_with_a_sentence_for_the_field(
        string body,
        string field
    )
    {
        CoveHost cove = empty.Host;

        HttpResponseMessage answer = await cove.Post("/api/vehicles", body);

        await AssertProblem(answer, HttpStatusCode.BadRequest, field);
        Assert.Empty((await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
    }

    [Theory]
    [InlineData("4", "minutes")]
    [InlineData("121", "minutes")]
    [InlineData("-25", "minutes")]
    [InlineData("2.5", "minutes")]
    [InlineData("NaN", "minutes")]
    [InlineData("", "minutes")]
    public async Task Minutes_out_of_range_are_refused(string minutes, string field)
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage answer = await cove.Http.GetAsync(
            new Uri($"/api/vehicles/{vehicle}/today?minutes={minutes}", UriKind.Relative)
        );

        await AssertProblem(answer, HttpStatusCode.BadRequest, field);
    }

    [Theory]
    [InlineData("""{"at":"2027-02-30T10:00:00+00:00","takenMinutes":3,"cameClean":true,"note":""}""", "at")]
    [InlineData("""{"at":"2026-02-29","takenMinutes":3,"cameClean":true,"note":""}""", "at")]
    [InlineData("""{"at":"2020-01-01T10:00:00+00:00","takenMinutes":3,"cameClean":true,"note":""}""", "at")]
    [InlineData("""{"at":"2026-03-15T10:00:00+00:00","takenMinutes":3,"cameClean":true,"note":""}""", "at")]
    [InlineData(
        """{"at":"2026-03-13T10:00:00+00:00","takenMinutes":-3,"cameClean":true,"note":""}""",
        "takenMinutes"
    )]
    [InlineData(
        """{"at":"2026-03-13T10:00:00+00:00","takenMinutes":1e300,"cameClean":true,"note":""}""",
        "takenMinutes"
    )]
    [InlineData(
        """{"at":"2026-03-13T10:00:00+00:00","takenMinutes":NaN,"cameClean":true,"note":""}""",
        "takenMinutes"
    )]
    [InlineData(
        """{"at":"2026-03-13T10:00:00+00:00","takenMinutes":3,"cameClean":"so-so","note":""}""",
        "cameClean"
    )]
    [InlineData("""{"at":"2026-03-13T10:00:00+00:00","takenMinutes":3,"cameClean":true}""", "note")]
    public async Task A_correction_that_cannot_be_changes_nothing(string body, string field)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject before = await cove.Get($"/api/vehicles/{vehicle}/log");
        JsonNode entry = before["entries"]![0]!;

        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Put,
            $"/api/log/{entry["id"]}",
            body,
            ("If-Match", $"\"{entry["version"]}\"")
        );

        await AssertProblem(answer, HttpStatusCode.BadRequest, field);
        JsonObject after = await cove.Get($"/api/vehicles/{vehicle}/log");
        Assert.Equal(before["entries"]!.ToJsonString(), after["entries"]!.ToJsonString());
    }

    [Theory]
    [InlineData("""{"event":"flood","surfaceIds":["boot"]}""", "event")]
    [InlineData("""{"event":"spill","surfaceIds":["moon"]}""", "surfaceIds")]
    [InlineData("""{"event":"spill","surfaceIds":["boot","boot"]}""", "surfaceIds")]
    [InlineData("""{"event":"mud-and-sand","surfaceIds":["headliner"]}""", "event")]
    [InlineData("""{"event":"spill"}""", "surfaceIds")]
    public async Task An_event_that_cannot_be_is_refused(string body, string field)
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage answer = await cove.Post($"/api/vehicles/{vehicle}/events", body);

        await AssertProblem(answer, HttpStatusCode.BadRequest, field);
        Assert.Equal(0, (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!);
    }

    [Theory]
    [InlineData("GET", "/api/vehicles/00000000-0000-0000-0000-000000000001/today?minutes=25")]
    [InlineData("GET", "/api/vehicles/00000000-0000-0000-0000-000000000001/cabin")]
    [InlineData("GET", "/api/vehicles/00000000-0000-0000-0000-000000000001/log")]
    [InlineData("GET", "/api/runs/00000000-0000-0000-0000-000000000001")]
    [InlineData("GET", "/api/vehicles/not-an-id/cabin")]
    [InlineData("GET", "/api/nowhere")]
    [InlineData("PUT", "/api/vehicles/00000000-0000-0000-0000-000000000001/distance")]
    [InlineData("POST", "/api/runs/00000000-0000-0000-0000-000000000001/events")]
    public async Task What_is_not_there_is_said_to_be_missing(string method, string path)
    {
        using var cove = new CoveHost();
        string body = method == "PUT" ? """{"kilometresAWeek":5}""" : """{"kind":"done","step":0}""";

        HttpResponseMessage answer =
            method == "GET"
                ? await cove.Http.GetAsync(new Uri(path, UriKind.Relative))
                : await cove.Send(new HttpMethod(method), path, body, ("Idempotency-Key", "key-of-a-test"));

        await AssertProblem(answer, HttpStatusCode.NotFound, null);
    }

    [Fact]
    public async Task Markup_in_names_is_kept_as_text()
    {
        using var cove = new CoveHost();
        const string Name = "<script>alert(1)</script>";

        await cove.Post("/api/vehicles", Bodies.Vehicle(("name", Name)));

        var vehicles = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
        Assert.Equal(Name, (string)vehicles[0]!["name"]!);
    }

    [Fact]
    public async Task Every_row_belongs_to_an_owner()
    {
        using var cove = new CoveHost(demo: true);
        await cove.StartRun(await cove.Vehicle());

        await using var connection = new SqliteConnection($"Data Source={cove.DatabaseFile};Mode=ReadOnly");
        await connection.OpenAsync();
        foreach (
            string table in await Column(
                connection,
                "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE '__EF%'"
            )
        )
        {
            string owners = Assert.Single(
                await Column(
                    connection,
                    $"SELECT DISTINCT OwnerId FROM \"{table}\" UNION SELECT OwnerId FROM Vehicles"
                )
            );
            Assert.NotEqual(Guid.Empty, Guid.Parse(owners));
        }
    }

    private static async Task<List<string>> Column(SqliteConnection connection, string query)
    {
        await using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The queries are written in this test.
        command.CommandText = query;
#pragma warning restore CA2100
        await using SqliteDataReader reader = await command.ExecuteReaderAsync();
        var values = new List<string>();
        while (await reader.ReadAsync())
        {
            values.Add(reader.GetString(0));
        }

        return values;
    }

    internal static async Task AssertProblem(HttpResponseMessage answer, HttpStatusCode status, string? field)
    {
        Assert.Equal(status, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        var problem = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.EndsWith(".", (string)problem["title"]!, StringComparison.Ordinal);
        if (field is not null)
        {
            Assert.Contains(field, problem["errors"]!.AsObject().Select(error => error.Key));
            string sentence = (string)problem["errors"]![field]![0]!;
            Assert.EndsWith(".", sentence, StringComparison.Ordinal);
            Assert.True(char.IsUpper(sentence[0]), sentence);
        }
    }
}
