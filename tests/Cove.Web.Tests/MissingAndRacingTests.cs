namespace Cove.Web.Tests;

/// <summary>What is not there, and who comes second.</summary>
public sealed class MissingAndRacingTests
{
    private const string Nobody = "/api/vehicles/00000000-0000-0000-0000-000000000001";

    public static TheoryData<string, string, string> Routes() =>
        new()
        {
            { "GET", Nobody, "" },
            {
                "PUT",
                Nobody,
                """{"name":"A","description":"","layout":{"body":"saloon","doors":4,"secondRowSeats":3,"driverSide":"left","seatMaterial":"wovenFabric","frontMats":"none","rearMats":"none"}}"""
            },
            { "DELETE", Nobody, "" },
            { "POST", Nobody + "/archive", "" },
            { "POST", Nobody + "/unarchive", "" },
            { "POST", Nobody + "/copy", """{"name":"A"}""" },
            { "GET", Nobody + "/file", "" },
            { "GET", Nobody + "/use", "" },
            { "PUT", Nobody + "/use", "{}" },
            { "POST", Nobody + "/use/preview", "{}" },
            { "PUT", Nobody + "/distance", """{"kilometresAWeek":1}""" },
            { "POST", Nobody + "/odometer", """{"kilometres":1}""" },
            { "POST", Nobody + "/odometer/feed", "" },
            { "DELETE", Nobody + "/odometer/2026-03-14T10:00:00Z", "" },
            { "GET", Nobody + "/walk-round", "" },
            { "POST", Nobody + "/looks", """{"inspection":"pat","result":"cloud","surfaceId":"dash"}""" },
            { "GET", Nobody + "/learnt", "" },
            { "DELETE", Nobody + "/learnt", "" },
            {
                "POST",
                Nobody + "/surfaces",
                """{"name":"A","kind":"dash","material":"plastic","finish":"plain","squareMetres":1,"zone":"driver"}"""
            },
            { "DELETE", Nobody + "/surfaces/dash", "" },
            { "POST", Nobody + "/surfaces/dash/split", """{"names":["A","B"]}""" },
            { "POST", Nobody + "/surfaces/dash/join", "" },
        };

    [Theory]
    [MemberData(nameof(Routes))]
    public async Task A_vehicle_that_is_not_there_is_said_to_be_missing(
        string method,
        string path,
        string body
    )
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Send(
            new HttpMethod(method),
            path,
            body,
            ("If-Match", "\"0\"")
        );

        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        var problem = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.EndsWith(".", (string)problem["title"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_two_changes_to_the_same_version_one_is_made_and_the_other_is_told()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage[] answers = await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(number =>
                    cove.Post(
                        $"/api/vehicles/{vehicle}/surfaces",
                        $$"""{"name":"Shelf {{number}}","kind":"trim","material":"plastic","finish":"satin","squareMetres":0.2,"zone":"boot"}""",
                        ("If-Match", "\"0\"")
                    )
                )
        );

        Assert.Single(answers, answer => answer.StatusCode == HttpStatusCode.OK);
        Assert.Equal(5, answers.Count(answer => answer.StatusCode == HttpStatusCode.PreconditionFailed));
        JsonArray surfaces = (await cove.Get($"/api/vehicles/{vehicle}"))["surfaces"]!.AsArray();
        Assert.Single(surfaces, surface => (bool)surface!["added"]!);
    }

    [Fact]
    public async Task A_vehicle_of_another_owner_cannot_be_read_changed_or_taken_over_by_a_file()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        string file = await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{vehicle}/file", UriKind.Relative)
        );
        await using (
            var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={cove.DatabaseFile}")
        )
        {
            await connection.OpenAsync();
            await using Microsoft.Data.Sqlite.SqliteCommand command = connection.CreateCommand();
            command.CommandText = "UPDATE Vehicles SET OwnerId = '11111111-1111-1111-1111-111111111111'";
            await command.ExecuteNonQueryAsync();
        }

        HttpResponseMessage read = await cove.Http.GetAsync(
            new Uri($"/api/vehicles/{vehicle}/file", UriKind.Relative)
        );
        HttpResponseMessage deleted = await cove.Http.DeleteAsync(
            new Uri($"/api/vehicles/{vehicle}", UriKind.Relative)
        );
        HttpResponseMessage imported = await cove.Post("/api/vehicles/import", file);
        string own = (string)(await imported.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        Assert.Equal(HttpStatusCode.NotFound, read.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, deleted.StatusCode);
        Assert.Equal(HttpStatusCode.Created, imported.StatusCode);
        Assert.NotEqual(vehicle, own);
    }

    [Fact]
    public async Task A_vehicle_with_runs_and_a_session_under_way_goes_whole()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        (await cove.Say(run, "done", 0)).EnsureSuccessStatusCode();

        await cove.DeleteVehicle(vehicle);

        Assert.Equal(
            HttpStatusCode.NotFound,
            (await cove.Http.GetAsync(new Uri($"/api/runs/{run["id"]}", UriKind.Relative))).StatusCode
        );
        Assert.Single((await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
    }

    [Fact]
    public async Task A_run_goes_on_when_the_layout_changes_under_it()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 60);
        JsonObject layout = (await cove.Get($"/api/vehicles/{vehicle}"))["layout"]!.DeepClone().AsObject();
        layout["body"] = "hatchback";
        layout["doors"] = 2;
        layout["secondRowSeats"] = 2;

        HttpResponseMessage changed = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}",
            new JsonObject
            {
                ["name"] = "Other",
                ["description"] = "",
                ["layout"] = layout,
            }.ToJsonString(),
            ("If-Match", "\"0\"")
        );
        int steps = run["steps"]!.AsArray().Count;
        for (int step = 0; step < steps; step++)
        {
            (await cove.Say(run, "done", step)).EnsureSuccessStatusCode();
        }

        Assert.Equal(HttpStatusCode.OK, changed.StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await cove.Say(run, "finished", 0)).StatusCode);
        Assert.True((int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]! > 100);
    }
}
