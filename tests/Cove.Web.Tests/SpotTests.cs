namespace Cove.Web.Tests;

/// <summary>Spots, closed surfaces and the place of work, by request.</summary>
public sealed class SpotTests
{
    [Theory]
    [InlineData("driver-belt")]
    [InlineData("headliner")]
    [InlineData("screen")]
    [InlineData("driver-mat")]
    [InlineData("vents")]
    public async Task A_spill_is_taken_on_any_surface_and_comes_with_first_aid(string surface)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        HttpResponseMessage recorded = await Happens(cove, vehicle, "sugary-drink", surface);

        Assert.Equal(HttpStatusCode.Created, recorded.StatusCode);
        JsonNode spot = Assert.Single((await Spots(cove, vehicle))["spots"]!.AsArray())!;
        Assert.Equal(surface, (string)spot["surfaceId"]!);
        Assert.NotEmpty(spot["steps"]!.AsArray());
        Assert.Equal(JsonValueKind.Null, spot["outcome"]?.GetValueKind() ?? JsonValueKind.Null);
    }

    [Fact]
    public async Task A_spot_is_treated_looked_at_again_and_then_done_with_and_routine_work_waits_for_it()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        await Happens(cove, vehicle, "milk-or-food", "driver-seat");
        Assert.Contains("spot", await HeldReasons(cove, vehicle, "driver's seat"));
        Assert.DoesNotContain("driver's seat", await Worked(cove, vehicle));

        Assert.Equal(HttpStatusCode.NoContent, await Answered(cove, vehicle, "lookAgain"));
        JsonNode spot = (await Spots(cove, vehicle))["spots"]![0]!;
        Assert.Equal("lookAgain", (string)spot["outcome"]!);
        Assert.DoesNotContain("spot", await HeldReasons(cove, vehicle, "driver's seat"));
        Assert.Contains("damp", await HeldReasons(cove, vehicle, "driver's seat"));

        cove.Clock.Advance(TimeSpan.FromHours(1));
        Assert.DoesNotContain("damp", await HeldReasons(cove, vehicle, "driver's seat"));
        Assert.Equal(HttpStatusCode.NoContent, await Answered(cove, vehicle, "gone"));
        Assert.Empty((await Spots(cove, vehicle))["spots"]!.AsArray());
        Assert.Equal(HttpStatusCode.BadRequest, await Answered(cove, vehicle, "gone"));
    }

    [Fact]
    public async Task Sickness_closes_a_surface_over_a_restart_until_it_is_opened()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        Assert.Contains("driver's seat", await Worked(cove, vehicle));
        await Happens(cove, vehicle, "sickness", "driver-seat");

        cove.Restart();

        Assert.DoesNotContain("driver's seat", await Worked(cove, vehicle));
        JsonNode closure = Assert.Single((await Spots(cove, vehicle))["closures"]!.AsArray())!;
        Assert.Contains("licensed", (string)closure["who"]!, StringComparison.Ordinal);
        HttpResponseMessage opened = await cove.Post(
            $"/api/vehicles/{vehicle}/closures",
            """{"surfaceIds":["driver-seat"],"state":"open"}"""
        );
        Assert.Equal(HttpStatusCode.NoContent, opened.StatusCode);
        Assert.Contains("driver's seat", await Worked(cove, vehicle));
        await cove.Post(
            $"/api/vehicles/{vehicle}/closures",
            """{"surfaceIds":["driver-seat"],"state":"withProfessional"}"""
        );
        Assert.DoesNotContain("driver's seat", await Worked(cove, vehicle));
    }

    [Fact]
    public async Task A_spot_needs_a_place_and_a_closure_surfaces_of_the_car()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        await BadInputTests.AssertProblem(
            await cove.Post(
                $"/api/vehicles/{vehicle}/events",
                """{"event":"sickness","surfaceIds":[],"note":""}"""
            ),
            HttpStatusCode.BadRequest,
            "surfaceIds"
        );
        await BadInputTests.AssertProblem(
            await cove.Post(
                $"/api/vehicles/{vehicle}/closures",
                """{"surfaceIds":["nowhere"],"state":"open"}"""
            ),
            HttpStatusCode.BadRequest,
            "surfaceIds"
        );
        await BadInputTests.AssertProblem(
            await Happens(cove, vehicle, "water", "cabin-air"),
            HttpStatusCode.BadRequest,
            "surfaceIds"
        );
    }

    // What is said of sun and heat holds for the day, what is said of the place stays.
    [Fact]
    public async Task Where_the_owner_works_reaches_sessions_and_glass_and_the_weather_of_it_passes()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        HttpResponseMessage said = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}/place",
            """{"tap":false,"power":false,"sun":true,"touch":"hot","standing":"untilTomorrow"}"""
        );
        Assert.Equal(HttpStatusCode.OK, said.StatusCode);

        string[] reasons = [.. (await Held(cove, vehicle)).Select(held => (string)held["reason"]!)];
        Assert.Contains("noPower", reasons);
        Assert.Contains("noWater", reasons);
        Assert.NotEmpty((await cove.Get($"/api/vehicles/{vehicle}/glass"))["advice"]!.AsArray());

        cove.Clock.Advance(TimeSpan.FromHours(13));
        JsonObject place = await cove.Get($"/api/vehicles/{vehicle}/place");
        Assert.False((bool)place["power"]!);
        Assert.False((bool)place["sun"]!);
        Assert.Equal("cool", (string)place["touch"]!);
        Assert.Equal("anHour", (string)place["standing"]!);
        Assert.Empty((await cove.Get($"/api/vehicles/{vehicle}/glass"))["advice"]!.AsArray());
    }

    [Fact]
    public async Task Place_spots_and_closures_come_back_with_the_file_of_the_car()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        await Happens(cove, vehicle, "ink-or-dye", "dash");
        await Happens(cove, vehicle, "mould", "boot");
        await cove.Send(HttpMethod.Put, $"/api/vehicles/{vehicle}/place", """{"tap":false}""");
        string file = await cove.Http.GetStringAsync($"/api/vehicles/{vehicle}/file");
        await cove.DeleteVehicle(vehicle);

        HttpResponseMessage back = await cove.Post("/api/vehicles/import", file);

        Assert.Equal(HttpStatusCode.Created, back.StatusCode);
        string again = (string)(await back.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
        JsonObject spots = await Spots(cove, again);
        Assert.Equal("ink-or-dye", (string)Assert.Single(spots["spots"]!.AsArray())!["event"]!);
        Assert.Equal("boot", (string)Assert.Single(spots["closures"]!.AsArray())!["surfaceId"]!);
        Assert.False((bool)(await cove.Get($"/api/vehicles/{again}/place"))["tap"]!);
    }

    private static Task<HttpResponseMessage> Happens(
        CoveHost cove,
        string vehicle,
        string happening,
        string surface
    ) =>
        cove.Post(
            $"/api/vehicles/{vehicle}/events",
            $$"""{"event":"{{happening}}","surfaceIds":["{{surface}}"],"note":""}"""
        );

    private static Task<JsonObject> Spots(CoveHost cove, string vehicle) =>
        cove.Get($"/api/vehicles/{vehicle}/spots");

    private static async Task<HttpStatusCode> Answered(CoveHost cove, string vehicle, string outcome) =>
        (
            await cove.Post(
                $"/api/vehicles/{vehicle}/spots/answers",
                $$"""{"event":"milk-or-food","surfaceId":"driver-seat","outcome":"{{outcome}}"}"""
            )
        ).StatusCode;

    private static async Task<IEnumerable<JsonNode>> Held(CoveHost cove, string vehicle) =>
        (await cove.Get($"/api/vehicles/{vehicle}/today?minutes=120"))["notThisTime"]!
            .AsArray()
            .Select(held => held!);

    private static async Task<IEnumerable<string>> HeldReasons(
        CoveHost cove,
        string vehicle,
        string surface
    ) =>
        (await Held(cove, vehicle))
            .Where(held => Names(held).Contains(surface, StringComparer.OrdinalIgnoreCase))
            .Select(held => (string)held["reason"]!);

    private static async Task<IEnumerable<string>> Worked(CoveHost cove, string vehicle) =>
        (await cove.Get($"/api/vehicles/{vehicle}/today?minutes=120"))["steps"]!
            .AsArray()
            .SelectMany(step => Names(step!))
            .Select(name => name.ToLowerInvariant());

    private static IEnumerable<string> Names(JsonNode node) =>
        node["surfaces"]!.AsArray().Select(name => (string)name!);
}
