namespace Cove.Web.Tests;

/// <summary>How a car is used, and what looking at it teaches, over HTTP.</summary>
public sealed class UseAndLookTests
{
    // Seen: child seats and a pet cover on the drawing, and dates for two grown people.
    [Fact]
    public async Task What_is_fitted_at_first_tells_of_the_use_and_the_preview_says_so()
    {
        using var cove = new CoveHost();
        string body = Bodies.Vehicle(("layout.childSeats", 2), ("layout.petCover", true));
        HttpResponseMessage added = await cove.Post("/api/vehicles", body);
        string vehicle = (string)(await added.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        JsonNode use = (await cove.Get($"/api/vehicles/{vehicle}/use"))["use"]!;

        Assert.Equal(2, (int)use["children"]!);
        Assert.Equal("sometimes", (string)use["pets"]!);
        string layout = JsonNode.Parse(body)!["layout"]!.ToJsonString();
        HttpResponseMessage preview = await cove.Post("/api/vehicles/preview", layout);
        Assert.Contains(
            "2 children",
            (string)(await preview.Content.ReadFromJsonAsync<JsonObject>())!["use"]!,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_preview_says_what_would_move_and_a_change_moves_it()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        JsonObject use = (await cove.Get($"/api/vehicles/{vehicle}/use"))["use"]!.AsObject();
        use["children"] = 2;
        use["gritMonths"] = new JsonArray(3, 4);

        HttpResponseMessage preview = await cove.Post(
            $"/api/vehicles/{vehicle}/use/preview",
            use.ToJsonString()
        );
        int stillNone = (int)(await cove.Get($"/api/vehicles/{vehicle}/use"))["use"]!["children"]!;
        HttpResponseMessage changed = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}/use",
            use.ToJsonString(),
            ("If-Match", "\"0\"")
        );

        string said = await preview.Content.ReadAsStringAsync();
        JsonObject moves = JsonNode.Parse(said)!.AsObject();
        Assert.Equal(0, stillNone);
        Assert.Equal(said, await changed.Content.ReadAsStringAsync());
        Assert.True((int)moves["sooner"]! > 5);
        Assert.Equal(0, (int)moves["later"]!);
        Assert.All(moves["moved"]!.AsArray(), one => Assert.True((int)one!["days"]! < 0));
        Assert.Equal(2, (int)(await cove.Get($"/api/vehicles/{vehicle}/use"))["use"]!["children"]!);
    }

    [Theory]
    [InlineData("""{"people":0}""", "people")]
    [InlineData("""{"parkedInSun":2}""", "parkedInSun")]
    [InlineData("""{"gritMonths":[0]}""", "gritMonths")]
    [InlineData("""{"smoke":"pipe"}""", "smoke")]
    [InlineData("""{"moon":1}""", "moon")]
    public async Task A_use_that_cannot_be_is_refused(string body, string field)
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}/use",
            body,
            ("If-Match", "\"0\"")
        );

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.NotNull((await answer.Content.ReadFromJsonAsync<JsonObject>())!["errors"]![field]);
    }

    [Fact]
    public async Task Readings_measure_the_distance_and_can_be_taken_back()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        await cove.Post($"/api/vehicles/{vehicle}/odometer", """{"kilometres":10000}""");
        cove.Clock.Advance(TimeSpan.FromDays(14));

        HttpResponseMessage second = await cove.Post(
            $"/api/vehicles/{vehicle}/odometer",
            """{"kilometres":11000}"""
        );
        HttpResponseMessage backwards = await cove.Post(
            $"/api/vehicles/{vehicle}/odometer",
            """{"kilometres":500}"""
        );
        JsonObject use = await cove.Get($"/api/vehicles/{vehicle}/use");
        string at = Uri.EscapeDataString((string)use["readings"]![0]!["at"]!);
        HttpResponseMessage removed = await cove.Http.DeleteAsync(
            new Uri($"/api/vehicles/{vehicle}/odometer/{at}", UriKind.Relative)
        );

        Assert.True((int)(await second.Content.ReadFromJsonAsync<JsonObject>())!["sooner"]! > 5);
        Assert.Equal(HttpStatusCode.BadRequest, backwards.StatusCode);
        Assert.Equal(500, (double)use["measuredKilometresAWeek"]!, 6);
        Assert.Equal(HttpStatusCode.NoContent, removed.StatusCode);
        Assert.Single((await cove.Get($"/api/vehicles/{vehicle}/use"))["readings"]!.AsArray());
    }

    [Fact]
    public async Task The_feed_is_simulated_says_so_and_runs_forward()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        (await cove.Post($"/api/vehicles/{vehicle}/odometer/feed", "")).EnsureSuccessStatusCode();
        cove.Clock.Advance(TimeSpan.FromDays(7));
        (await cove.Post($"/api/vehicles/{vehicle}/odometer/feed", "")).EnsureSuccessStatusCode();

        JsonObject use = await cove.Get($"/api/vehicles/{vehicle}/use");
        Assert.Contains("imulated", (string)use["feed"]!, StringComparison.Ordinal);
        Assert.All(use["readings"]!.AsArray(), reading => Assert.True((bool)reading!["simulated"]!));
        Assert.InRange((double)use["measuredKilometresAWeek"]!, 100, 400);
    }

    [Fact]
    public async Task A_look_draws_the_level_teaches_the_pace_and_can_be_undone()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(5));
        JsonNode before = await Vacuuming(cove, vehicle);

        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{vehicle}/looks",
            """{"inspection":"pat","result":"cloud","surfaceId":"front-carpet"}"""
        );
        JsonObject seen = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        JsonNode after = await Vacuuming(cove, vehicle);
        JsonObject learnt = await cove.Get($"/api/vehicles/{vehicle}/learnt");

        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        Assert.InRange((double)after["level"]!, 1.1, 1.8);
        Assert.True((double)after["intervalDays"]! < (double)before["intervalDays"]!);
        Assert.True((double)learnt["tasks"]![0]!["multiplier"]! > 1);
        Assert.Contains("from 1 check", (string)learnt["car"]!, StringComparison.Ordinal);

        await cove.Post($"/api/log/{seen["entryId"]}/undo", "", ("If-Match", $"\"{seen["version"]}\""));
        JsonNode undone = await Vacuuming(cove, vehicle);
        Assert.Equal((double)before["level"]!, (double)undone["level"]!, 6);
        Assert.Equal(0, (int)(await cove.Get($"/api/vehicles/{vehicle}/learnt"))["looks"]!);
    }

    // Seen: "nothing rises" the day after cleaning moved the date, and after the check it still said that nobody had looked.
    [Fact]
    public async Task A_look_that_agrees_leaves_dates_where_they_are_and_is_counted()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        JsonNode before = await Vacuuming(cove, vehicle);
        // The car was cleaned when its record began.
        string result = (double)before["level"]! < 0.4 ? "nothing" : "specks";

        await cove.Post(
            $"/api/vehicles/{vehicle}/looks",
            $$"""{"inspection":"pat","result":"{{result}}","surfaceId":"front-carpet"}"""
        );
        JsonNode after = await Vacuuming(cove, vehicle);
        JsonObject learnt = await cove.Get($"/api/vehicles/{vehicle}/learnt");

        Assert.Equal((double)before["level"]!, (double)after["level"]!, 9);
        Assert.Equal((double)before["intervalDays"]!, (double)after["intervalDays"]!, 9);
        Assert.Equal((int)before["daysLeft"]!, (int)after["daysLeft"]!);
        Assert.Equal(1, (double)learnt["tasks"]![0]!["multiplier"]!, 9);
        Assert.Contains("from 1 check", (string)learnt["tasks"]![0]!["sentence"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_was_learnt_can_be_forgotten_and_what_was_seen_still_corrects_levels()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(5));
        await cove.Post(
            $"/api/vehicles/{vehicle}/looks",
            """{"inspection":"pat","result":"cloud","surfaceId":"front-carpet"}"""
        );

        HttpResponseMessage forgotten = await cove.Http.DeleteAsync(
            new Uri($"/api/vehicles/{vehicle}/learnt", UriKind.Relative)
        );
        cove.Clock.Advance(TimeSpan.FromMinutes(1));

        Assert.Equal(HttpStatusCode.NoContent, forgotten.StatusCode);
        JsonNode carpet = await Vacuuming(cove, vehicle);
        Assert.Equal(7, (double)carpet["intervalDays"]!, 6);
        Assert.InRange((double)carpet["level"]!, 1.1, 1.8);
    }

    [Fact]
    public async Task A_walk_round_has_six_to_eight_looks_that_can_all_be_recorded()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject round = await cove.Get($"/api/vehicles/{vehicle}/walk-round");
        JsonArray looks = round["looks"]!.AsArray();
        foreach (JsonNode? look in looks)
        {
            HttpResponseMessage answer = await cove.Post(
                $"/api/vehicles/{vehicle}/looks",
                new JsonObject
                {
                    ["inspection"] = (string)look!["inspection"]!["id"]!,
                    ["result"] = (string)look["inspection"]!["results"]![1]!["id"]!,
                    ["surfaceId"] = (string)look["surfaceId"]!,
                }.ToJsonString()
            );
            Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        }

        Assert.InRange(looks.Count, 6, 8);
        Assert.True((double)round["seconds"]! <= 180);
    }

    [Theory]
    [InlineData("""{"inspection":"x-ray","result":"clean","surfaceId":"dash"}""", "inspection")]
    [InlineData("""{"inspection":"pat","result":"nice","surfaceId":"front-carpet"}""", "result")]
    [InlineData("""{"inspection":"pat","result":"cloud","surfaceId":"moon"}""", "surfaceId")]
    [InlineData("""{"inspection":"pat","result":"cloud","surfaceId":"windscreen"}""", "inspection")]
    public async Task A_look_that_cannot_be_is_refused(string body, string field)
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage answer = await cove.Post($"/api/vehicles/{vehicle}/looks", body);

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.NotNull((await answer.Content.ReadFromJsonAsync<JsonObject>())!["errors"]![field]);
        Assert.Equal(0, (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!);
    }

    [Fact]
    public async Task An_event_of_the_whole_car_touches_all_it_raises()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        double before = (double)(await Vacuuming(cove, vehicle))["level"]!;

        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{vehicle}/events",
            """{"event":"beach","surfaceIds":[]}"""
        );

        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        Assert.Equal(before + 0.9, (double)(await Vacuuming(cove, vehicle))["level"]!, 6);
    }

    private static async Task<JsonNode> Vacuuming(CoveHost cove, string vehicle) =>
        (await cove.Get($"/api/vehicles/{vehicle}/surfaces/front-carpet"))["tasks"]!
            .AsArray()
            .Single(task => (string)task!["taskId"]! == "vacuum-carpets")!;
}
