using System.Text;
using Cove.Web.Tests.Floor;

namespace Cove.Web.Tests;

public sealed class VehicleFileTests(EmptyCove empty) : IClassFixture<EmptyCove>
{
    [Fact]
    public async Task Exported_deleted_and_imported_a_vehicle_is_the_same()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        await cove.Post(
            $"/api/vehicles/{vehicle}/surfaces/dash/split",
            """{"names":["Left","Right"]}""",
            Version(0)
        );
        await cove.Post($"/api/vehicles/{vehicle}/odometer", """{"kilometres":41200}""");
        string before = await cove.Http.GetStringAsync(Path(vehicle));
        string cabin = await cove.Http.GetStringAsync(
            Relative($"/api/vehicles/{vehicle}/surfaces/driver-seat")
        );
        string learnt = await cove.Http.GetStringAsync(Relative($"/api/vehicles/{vehicle}/learnt"));

        await cove.DeleteVehicle(vehicle);
        HttpStatusCode gone = (await cove.Http.GetAsync(Path(vehicle))).StatusCode;
        HttpResponseMessage imported = await cove.Post("/api/vehicles/import", before);

        Assert.Equal(HttpStatusCode.NotFound, gone);
        Assert.Equal(HttpStatusCode.Created, imported.StatusCode);
        Assert.Equal(before, await cove.Http.GetStringAsync(Path(vehicle)));
        Assert.Equal(
            Unversioned(cabin),
            Unversioned(
                await cove.Http.GetStringAsync(Relative($"/api/vehicles/{vehicle}/surfaces/driver-seat"))
            )
        );
        Assert.Equal(learnt, await cove.Http.GetStringAsync(Relative($"/api/vehicles/{vehicle}/learnt")));
    }

    [Fact]
    public async Task A_file_whose_id_is_taken_becomes_another_vehicle_with_the_same_record()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string file = await cove.Http.GetStringAsync(Path(vehicle));

        HttpResponseMessage imported = await cove.Post("/api/vehicles/import", file);
        string second = (string)(await imported.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        Assert.NotEqual(vehicle, second);
        Assert.Equal(
            file.Replace(vehicle, second, StringComparison.Ordinal),
            await cove.Http.GetStringAsync(Path(second))
        );
    }

    [Fact]
    public async Task A_file_of_a_car_that_is_here_asks_first_and_then_keeps_both_or_replaces()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string file = await cove.Http.GetStringAsync(Path(vehicle));
        HttpResponseMessage cleaned = await cove.Post(
            $"/api/vehicles/{vehicle}/deep-cleans",
            """{ "by": "shop", "parts": ["vacuumed", "extracted"], "hours": 4, "note": "Not in the file." }"""
        );
        cleaned.EnsureSuccessStatusCode();
        int before = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Count;

        HttpResponseMessage asked = await cove.Post("/api/vehicles/import?existing=ask", file);
        Assert.Equal(HttpStatusCode.Conflict, asked.StatusCode);
        Assert.Equal(before, (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Count);

        HttpResponseMessage both = await cove.Post(
            "/api/vehicles/import?existing=keepBoth&name=Kestrin%20again",
            file
        );
        Assert.Equal("Kestrin again", (string)(await both.Content.ReadFromJsonAsync<JsonObject>())!["name"]!);

        HttpResponseMessage replaced = await cove.Post("/api/vehicles/import?existing=replace", file);
        Assert.Equal(vehicle, (string)(await replaced.Content.ReadFromJsonAsync<JsonObject>())!["id"]!);
        Assert.Equal(file, await cove.Http.GetStringAsync(Path(vehicle)));

        // What was there can be had back, with what the file did not know.
        string old = (string)
            (await cove.Http.GetFromJsonAsync<JsonArray>("/api/wastebasket"))!.Single()!["id"]!;
        await cove.Post($"/api/wastebasket/vehicle/{old}/restore", "");
        Assert.Contains(
            "Not in the file.",
            await cove.Http.GetStringAsync(Path(old)),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("existing=perhaps", "existing")]
    [InlineData("existing=keepBoth&name=%20", "name")]
    public async Task An_answer_that_cannot_be_followed_is_refused_before_anything_is_stored(
        string query,
        string field
    )
    {
        using var cove = new CoveHost(demo: true);
        string file = await cove.Http.GetStringAsync(Path(await cove.Vehicle()));

        HttpResponseMessage refused = await cove.Post($"/api/vehicles/import?{query}", file);

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        var problem = JsonNode.Parse(await refused.Content.ReadAsStringAsync())!;
        Assert.NotNull(problem["errors"]![field]);
        Assert.Equal(2, (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Count);
    }

    [Fact]
    public async Task A_short_file_is_enough()
    {
        using var cove = new CoveHost();

        HttpResponseMessage imported = await cove.Post("/api/vehicles/import", Short());
        string id = (string)(await imported.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
        JsonObject cabin = await cove.Get($"/api/vehicles/{id}/cabin");

        Assert.Equal(HttpStatusCode.Created, imported.StatusCode);
        Assert.True(cabin["surfaces"]!.AsArray().Count > 30);
        Assert.Equal(240, (double)cabin["kilometresAWeek"]!);
    }

    public static TheoryData<string, string, string> BadFiles() =>
        new()
        {
            { "", "file", "ends before" },
            { "[]", "file", "object in braces" },
            { "null", "file", "object in braces" },
            { Short()[..80], "layout", "ends before" },
            { "{\"format\":\"cove-vehicle\",}", "file", "well-formed" },
            {
                Short().Replace("cove-vehicle", "another", StringComparison.Ordinal),
                "format",
                "not a vehicle"
            },
            {
                Short().Replace("\"version\": 1", "\"version\": 3", StringComparison.Ordinal),
                "version",
                "1 and 2 are"
            },
            {
                Short().Replace("\"name\": \"Short\"", "\"name\": 5", StringComparison.Ordinal),
                "name",
                "text in quotes"
            },
            {
                Short().Replace("\"name\": \"Short\",", "", StringComparison.Ordinal),
                "name",
                "has to be given"
            },
            {
                Short().Replace("Short", new string('x', 100_000), StringComparison.Ordinal),
                "name",
                "60 characters"
            },
            {
                Short().Replace("\"doors\": 4", "\"doors\": \"four\"", StringComparison.Ordinal),
                "layout.doors",
                "whole number"
            },
            {
                Short().Replace("\"doors\": 4", "\"doors\": 7", StringComparison.Ordinal),
                "layout.doors",
                "2 or 4"
            },
            {
                Short().Replace("\"body\": \"saloon\"", "\"body\": \"boat\"", StringComparison.Ordinal),
                "layout.body",
                "on offer"
            },
            { With("\"wheels\": 4"), "wheels", "does not know" },
            { With("\"surfaces\": {}"), "surfaces", "list in brackets" },
            { With("\"surfaces\": []"), "surfaces", "at least one" },
            { With($"\"surfaces\": [{Surface("a")}, {Surface("a")}]"), "surfaces[1].id", "Two surfaces" },
            { With($"\"surfaces\": [{Surface("A b")}]"), "surfaces[0].id", "small letters" },
            {
                With(
                    $"\"surfaces\": [{Surface("a", "\"partOf\": \"b\"")}, {Surface("b", "\"partOf\": \"a\"")}]"
                ),
                "surfaces[0].partOf",
                "part of itself"
            },
            {
                With($"\"surfaces\": [{Surface("a", "\"partOf\": \"a\"")}]"),
                "surfaces[0].partOf",
                "part of itself"
            },
            {
                With($"\"surfaces\": [{Surface("a", "\"partOf\": \"z\"")}]"),
                "surfaces[0].partOf",
                "no surface"
            },
            {
                With($"\"surfaces\": [{Surface("a", "\"zone\": \"moon\"")}]"),
                "surfaces[0].zone",
                "no such zone"
            },
            {
                With($"\"surfaces\": [{Surface("a", "\"material\": \"glass\"")}]"),
                "surfaces[0].material",
                "Choose a material"
            },
            {
                With($"\"surfaces\": [{Surface("a", "\"facts\": [\"rusty\"]")}]"),
                "surfaces[0].facts[0]",
                "on offer"
            },
            {
                With($"\"surfaces\": [{Surface("a", "\"squareMetres\": -1")}]"),
                "surfaces[0].squareMetres",
                "0 to 50"
            },
            {
                With($"\"surfaces\": [{Surface("a", $"\"wear\": \"{new string('w', 201)}\"")}]"),
                "surfaces[0].wear",
                "200 characters"
            },
            {
                With(
                    $"\"surfaces\": [{string.Join(',', Enumerable.Range(0, 10_000).Select(number => Surface($"s-{number}")))}]"
                ),
                "surfaces",
                "up to 200"
            },
            {
                With("\"use\": [{\"from\": \"2026-01-01T00:00:00+00:00\", \"use\": {\"people\": 0}}]"),
                "use[0].use.people",
                "1 to 9"
            },
            {
                With("\"use\": [{\"from\": \"2026-01-01T00:00:00+00:00\", \"use\": {\"gritMonths\": [13]}}]"),
                "use[0].use.gritMonths",
                "between 1 and 12"
            },
            {
                With("\"use\": [{\"from\": \"2027-01-01T00:00:00+00:00\", \"use\": {}}]"),
                "use[0].from",
                "not in the future"
            },
            {
                With(
                    "\"odometer\": [{\"at\": \"2026-01-01T00:00:00+00:00\", \"kilometres\": 90}, {\"at\": \"2026-02-01T00:00:00+00:00\", \"kilometres\": 80}]"
                ),
                "odometer[1].kilometres",
                "backwards"
            },
            {
                With(
                    "\"levels\": [{\"task\": \"moon\", \"surface\": \"dash\", \"from\": \"2026-01-01T00:00:00+00:00\", \"level\": 1}]"
                ),
                "levels[0].task",
                "no care task"
            },
            {
                With(
                    "\"levels\": [{\"task\": \"wipe-dash\", \"surface\": \"moon\", \"from\": \"2026-01-01T00:00:00+00:00\", \"level\": 1}]"
                ),
                "levels[0].surface",
                "no surface"
            },
            {
                With(
                    "\"log\": [{\"at\": \"2026-01-01T00:00:00+00:00\", \"kind\": \"look\", \"subject\": \"pat\", \"result\": \"moon\"}]"
                ),
                "log[0].result",
                "no result"
            },
            {
                With(
                    "\"log\": [{\"at\": \"2026-01-01T00:00:00+00:00\", \"kind\": \"care\", \"subject\": \"pat\"}]"
                ),
                "log[0].subject",
                "nothing of that id"
            },
            { With("\"log\": [null]"), "log[0]", "has to be given" },
            {
                With($"\"log\": [{string.Join(',', Enumerable.Repeat("null", 200_000))}]"),
                "log[0]",
                "has to be given"
            },
            { With($"\"{new string('n', 300_000)}\": 1"), new string('n', 100), "does not know" },
            { With("\"surfaces\": " + new string('[', 200)), "file", "too deeply" },
        };

    [Theory]
    [MemberData(nameof(BadFiles))]
    public async Task A_bad_file_is_refused_with_line_field_and_sentence_and_nothing_is_stored(
        string file,
        string field,
        string words
    )
    {
        CoveHost cove = empty.Host;

        HttpResponseMessage answer = await cove.Post("/api/vehicles/import", file);
        string text = await answer.Content.ReadAsStringAsync();
        JsonObject problem = JsonNode.Parse(text)!.AsObject();

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        JsonArray sentences = Assert.IsType<JsonArray>(problem["errors"]![field], exactMatch: true);
        Assert.Contains(words, (string)sentences[0]!, StringComparison.Ordinal);
        Assert.StartsWith("Line ", (string)problem["title"]!, StringComparison.Ordinal);
        Assert.EndsWith("Nothing was stored.", (string)problem["title"]!, StringComparison.Ordinal);
        Assert.True(text.Length < 20_000);
        Assert.Empty((await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
    }

    [Fact]
    public async Task The_line_is_the_one_on_which_the_field_stands()
    {
        using var cove = new CoveHost();
        string[] lines = Short().Split('\n');
        int at = Array.FindIndex(lines, line => line.Contains("seatMaterial", StringComparison.Ordinal));
        lines[at] = lines[at].Replace("wovenFabric", "rubber", StringComparison.Ordinal);

        HttpResponseMessage answer = await cove.Post("/api/vehicles/import", string.Join('\n', lines));
        JsonObject problem = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;

        Assert.Equal(at + 1, (int)problem["line"]!);
        Assert.Equal("layout.seatMaterial", (string)problem["field"]!);
        Assert.StartsWith(
            $"Line {at + 1}: ",
            (string)problem["errors"]!["layout.seatMaterial"]![0]!,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_file_that_is_not_text_or_too_large_is_refused()
    {
        using var cove = new CoveHost();
        using var bytes = new ByteArrayContent([0x7b, 0x22, 0xff, 0xfe, 0x22, 0x3a, 0x31, 0x7d]);
        bytes.Headers.ContentType = new("application/json");

        HttpResponseMessage broken = await cove.Http.PostAsync(Relative("/api/vehicles/import"), bytes);
        HttpResponseMessage plain = await cove.Http.PostAsync(
            Relative("/api/vehicles/import"),
            new StringContent(Short(), Encoding.UTF8, "text/plain")
        );

        Assert.Equal(HttpStatusCode.BadRequest, broken.StatusCode);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, plain.StatusCode);
        Assert.Empty((await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
    }

    [Fact]
    public async Task Markup_in_a_file_is_kept_as_text_and_a_byte_order_mark_is_passed_over()
    {
        using var cove = new CoveHost();
        const string Name = "<script>alert('x')</script>";

        HttpResponseMessage imported = await cove.Post(
            "/api/vehicles/import",
            "\uFEFF" + Short().Replace("Short", Name, StringComparison.Ordinal)
        );

        Assert.Equal(HttpStatusCode.Created, imported.StatusCode);
        var vehicles = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
        Assert.Equal(Name, (string)vehicles[0]!["name"]!);
    }

    [Fact]
    public async Task A_copy_has_the_record_of_the_original_under_another_name()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        HttpResponseMessage made = await cove.Post($"/api/vehicles/{vehicle}/copy", """{"name":"Second"}""");
        string copy = (string)(await made.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        Assert.Equal(HttpStatusCode.Created, made.StatusCode);
        Assert.Equal(
            (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!,
            (int)(await cove.Get($"/api/vehicles/{copy}/log"))["total"]!
        );
        Assert.Equal("Second", (string)(await cove.Get($"/api/vehicles/{copy}"))["name"]!);
    }

    [Fact]
    public async Task The_published_schema_is_the_one_in_the_documents()
    {
        using var cove = new CoveHost();
        string served = await cove.Http.GetStringAsync(Relative("/api/schemas/vehicle"));
        string kept = await File.ReadAllTextAsync(
            System.IO.Path.Combine(AppContext.BaseDirectory, "vehicle.schema.json")
        );

        Assert.True(
            JsonNode.DeepEquals(JsonNode.Parse(served), JsonNode.Parse(kept)),
            "docs/formats/vehicle.schema.json is out of date. Run ./cove types."
        );
    }

    private static Uri Relative(string path) => new(path, UriKind.Relative);

    private static Uri Path(string vehicle) => Relative($"/api/vehicles/{vehicle}/file");

    private static (string, string) Version(int version) => ("If-Match", $"\"{version}\"");

    /// <summary>A surface's sheet without the versions, ids and clock that change with every import.</summary>
    private static string Unversioned(string sheet)
    {
        JsonObject json = JsonNode.Parse(sheet)!.AsObject();
        json.Remove("version");
        foreach (JsonNode? note in json["notes"]!.AsArray())
        {
            note!.AsObject().Remove("id");
            note.AsObject().Remove("version");
        }

        return json.ToJsonString();
    }

    private static string Short() =>
        """
            {
              "format": "cove-vehicle",
              "version": 1,
              "name": "Short",
              "layout": {
                "body": "saloon",
                "doors": 4,
                "secondRowSeats": 3,
                "driverSide": "right",
                "seatMaterial": "wovenFabric",
                "frontMats": "rubber",
                "rearMats": "pile"
              }
            }
            """;

    private static string With(string more) => Short().TrimEnd()[..^1].TrimEnd() + ",\n" + more + "\n}";

    private static string Surface(string id, string change = "\"absent\": false")
    {
        var surface = new Dictionary<string, string>(StringComparer.Ordinal)
        {
            ["id"] = $"\"{id}\"",
            ["name"] = "\"A dash\"",
            ["shortName"] = "\"Dash\"",
            ["kind"] = "\"dash\"",
            ["material"] = "\"plastic\"",
            ["squareMetres"] = "0.9",
            ["zone"] = "\"driver\"",
        };
        string[] pair = change.Split(':', 2);
        surface[pair[0].Trim('"')] = pair[1];
        return "{" + string.Join(',', surface.Select(field => $"\"{field.Key}\": {field.Value}")) + "}";
    }
}
