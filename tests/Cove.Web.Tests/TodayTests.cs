namespace Cove.Web.Tests;

public sealed class TodayTests
{
    [Fact]
    public async Task The_curve_covers_the_ruler_and_never_falls()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonArray curve = (await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25"))["curve"]!.AsArray();

        Assert.Equal(Enumerable.Range(5, 116), curve.Select(point => (int)point!["minutes"]!));
        double[] gains = [.. curve.Select(point => (double)point!["gain"]!)];
        Assert.All(gains.Zip(gains.Skip(1)), pair => Assert.True(pair.First <= pair.Second));
        Assert.InRange(gains[^1], 0.5, 1);
    }

    [Theory]
    [InlineData(5)]
    [InlineData(25)]
    [InlineData(60)]
    [InlineData(120)]
    public async Task A_session_fits_its_minutes_and_its_clock_adds_up(int minutes)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes={minutes}");
        JsonArray steps = today["steps"]!.AsArray();

        double hands = (double)today["handsMinutes"]!;
        double wait = (double)today["waitMinutes"]!;
        Assert.True(hands <= minutes);
        Assert.Equal(hands, steps.Sum(step => (double)step!["end"]! - (double)step["begin"]!), 6);
        Assert.Equal(hands + wait, (double)steps[^1]!["end"]!, 6);
        Assert.All(
            steps.Zip(steps.Skip(1)),
            pair => Assert.True((double)pair.First!["end"]! <= (double)pair.Second!["begin"]! + 1e-9)
        );
        Assert.Equal(
            DateTimeOffset.Parse((string)today["now"]!).AddMinutes(hands + wait),
            DateTimeOffset.Parse((string)today["finish"]!),
            TimeSpan.FromMilliseconds(5)
        );
        Assert.Equal(Enumerable.Range(1, steps.Count), steps.Select(step => (int)step!["number"]!));
    }

    [Fact]
    public async Task Mats_are_put_back_only_when_they_are_dry()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=120");
        JsonNode drying = today["drying"]!.AsArray().Single(dry => (string)dry!["what"]! == "Rubber mats")!;
        JsonNode back = today["steps"]!.AsArray().Single(step => (bool)step!["putsBack"]!)!;

        Assert.Equal(20, (double)drying["to"]! - (double)drying["from"]!, 6);
        Assert.True((double)back["begin"]! >= (double)drying["to"]! - 1e-9);
    }

    [Fact]
    public async Task What_is_left_is_neither_done_nor_forgotten()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=15");
        string[] done =
        [
            .. today["steps"]!
                .AsArray()
                .Where(step => step!["surfaces"]!.AsArray().Count > 0)
                .Select(step => (string)step!["taskId"]!),
        ];
        string[] later = [.. today["later"]!.AsArray().Select(task => (string)task!["taskId"]!)];

        // What is done in part only is done here and left there.
        Assert.Equal((int)today["worthDoing"]!, done.Union(later).Count());
        Assert.All(
            today["steps"]!.AsArray().Where(step => later.Contains((string)step!["taskId"]!)),
            step => Assert.NotEmpty((string)step!["part"]!)
        );
        foreach (JsonNode? left in today["later"]!.AsArray().Where(task => task!["comesInAt"] is not null))
        {
            JsonObject longer = await cove.Get($"/api/vehicles/{vehicle}/today?minutes={left!["comesInAt"]}");
            Assert.Contains(
                (string)left["taskId"]!,
                longer["steps"]!.AsArray().Select(step => (string)step!["taskId"]!)
            );
        }
    }

    [Fact]
    public async Task The_same_question_has_the_same_answer()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject once = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=33");
        JsonObject again = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=33");

        Assert.Equal(once.ToJsonString(), again.ToJsonString());
    }

    [Fact]
    public async Task A_car_that_needs_nothing_cannot_be_started_and_says_when_to_come_back()
    {
        using var cove = new CoveHost();
        HttpResponseMessage added = await cove.Post("/api/vehicles", Bodies.Vehicle(("look", "fresh")));
        string vehicle = (string)(await added.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=60");
        HttpResponseMessage start = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            await cove.SessionShown(vehicle, 60),
            ("Idempotency-Key", "a-wish-too-soon")
        );

        Assert.Equal(0, (int)today["worthDoing"]!);
        Assert.Equal("2026-03-21", (string)today["nextDue"]!);
        Assert.Equal(HttpStatusCode.Conflict, start.StatusCode);
    }

    [Fact]
    public async Task Another_session_than_the_one_on_the_screen_is_not_started()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string shown = await cove.SessionShown(vehicle);
        (
            await cove.Post($"/api/vehicles/{vehicle}/events", """{"event":"beach","surfaceIds":[]}""")
        ).EnsureSuccessStatusCode();

        HttpResponseMessage changed = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            shown,
            ("Idempotency-Key", "a-session-of-before")
        );
        HttpResponseMessage again = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            await cove.SessionShown(vehicle),
            ("Idempotency-Key", "a-session-of-before")
        );
        HttpResponseMessage resent = await cove.Post(
            $"/api/vehicles/{vehicle}/runs",
            shown,
            ("Idempotency-Key", "a-session-of-before")
        );

        await BadInputTests.AssertProblem(changed, HttpStatusCode.Conflict, null);
        Assert.Equal(HttpStatusCode.Created, again.StatusCode);
        Assert.Equal(again.Headers.Location, resent.Headers.Location);
    }

    [Fact]
    public async Task A_session_keeps_its_name_while_nothing_changes_it()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(5));
        string shown = await cove.SessionShown(vehicle);
        cove.Clock.Advance(TimeSpan.FromMinutes(10));

        Assert.Equal(shown, await cove.SessionShown(vehicle));
        Assert.NotEqual(shown, await cove.SessionShown(vehicle, 26));
    }

    [Fact]
    public async Task Levels_rise_with_the_days()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        JsonObject before = await cove.Get($"/api/vehicles/{vehicle}/cabin");

        cove.Clock.Advance(TimeSpan.FromDays(3));
        JsonObject after = await cove.Get($"/api/vehicles/{vehicle}/cabin");

        Assert.All(
            before["surfaces"]!.AsArray().Zip(after["surfaces"]!.AsArray()),
            pair => Assert.True((double)pair.First!["level"]! < (double)pair.Second!["level"]!)
        );
    }
}
