namespace Cove.Web.Tests;

/// <summary>Changing a vehicle and its surfaces over HTTP.</summary>
public sealed class OwnCarTests
{
    [Fact]
    public async Task A_layout_can_be_drawn_before_it_is_stored_and_changed_afterwards()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        JsonObject detail = await cove.Get($"/api/vehicles/{vehicle}");
        JsonObject layout = detail["layout"]!.DeepClone().AsObject();
        layout["seatMaterial"] = "coatedLeather";
        layout["sunroof"] = true;

        HttpResponseMessage preview = await cove.Post("/api/vehicles/preview", layout.ToJsonString());
        HttpResponseMessage changed = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}",
            new JsonObject
            {
                ["name"] = "Renamed",
                ["description"] = "",
                ["layout"] = layout,
            }.ToJsonString(),
            Version(0)
        );
        JsonObject after = await cove.Get($"/api/vehicles/{vehicle}");

        preview.EnsureSuccessStatusCode();
        Assert.Equal(HttpStatusCode.OK, changed.StatusCode);
        Assert.Equal("\"1\"", changed.Headers.ETag!.Tag);
        Assert.Equal("Renamed", (string)after["name"]!);
        Assert.Contains(after["surfaces"]!.AsArray(), surface => (string)surface!["id"]! == "sunroof");
        JsonObject seat = await cove.Get($"/api/vehicles/{vehicle}/surfaces/driver-seat");
        Assert.Contains(seat["tasks"]!.AsArray(), task => (string)task!["taskId"]! == "clean-leather");
    }

    [Fact]
    public async Task Surfaces_are_renamed_cut_marked_and_joined_with_their_levels()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(2));
        double level = await LevelOf(cove, vehicle, "dash", "wipe-dash");

        (
            await cove.Post(
                $"/api/vehicles/{vehicle}/surfaces/dash/split",
                """{"names":["Left","Right"]}""",
                Version(0)
            )
        ).EnsureSuccessStatusCode();

        Assert.Equal(level, await LevelOf(cove, vehicle, "dash-part-2", "wipe-dash"), 6);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await cove.Http.GetAsync(new Uri($"/api/vehicles/{vehicle}/surfaces/dash", UriKind.Relative))
            ).StatusCode
        );
        (
            await cove.Post($"/api/vehicles/{vehicle}/surfaces/dash/join", "{}", Version(1))
        ).EnsureSuccessStatusCode();
        Assert.Equal(level, await LevelOf(cove, vehicle, "dash", "wipe-dash"), 6);

        double sound = await LevelOf(cove, vehicle, "driver-seat", "clean-fabric-seats");
        (
            await Change(cove, vehicle, "driver-seat", Version(2), ("wear", "Rubbed bolster"))
        ).EnsureSuccessStatusCode();
        JsonObject seat = await cove.Get($"/api/vehicles/{vehicle}/surfaces/driver-seat");
        Assert.Equal("Rubbed bolster", (string)seat["wear"]!);
        Assert.True(await LevelOf(cove, vehicle, "driver-seat", "clean-fabric-seats") < 0.7 * sound);

        (await Change(cove, vehicle, "armrest", Version(3), ("absent", true))).EnsureSuccessStatusCode();
        JsonObject cabin = await cove.Get($"/api/vehicles/{vehicle}/cabin");
        Assert.DoesNotContain(cabin["surfaces"]!.AsArray(), surface => (string)surface!["id"]! == "armrest");
    }

    [Fact]
    public async Task A_surface_can_be_added_and_taken_away_again()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage added = await cove.Post(
            $"/api/vehicles/{vehicle}/surfaces",
            """{"name":"Parcel shelf","kind":"trim","material":"plastic","finish":"satin","squareMetres":0.6,"zone":"boot"}""",
            Version(0)
        );
        added.EnsureSuccessStatusCode();
        JsonObject shelf = await cove.Get($"/api/vehicles/{vehicle}/surfaces/own-1");
        HttpResponseMessage removed = await cove.Send(
            HttpMethod.Delete,
            $"/api/vehicles/{vehicle}/surfaces/own-1",
            "",
            Version(1)
        );

        Assert.Equal("Parcel shelf", (string)shelf["name"]!);
        Assert.NotEmpty(shelf["tasks"]!.AsArray());
        Assert.Equal(HttpStatusCode.OK, removed.StatusCode);
    }

    [Fact]
    public async Task A_change_needs_the_present_version_and_a_bad_one_changes_nothing()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        HttpResponseMessage without = await Change(
            cove,
            vehicle,
            "dash",
            ("X-Nothing", "1"),
            ("name", "Top")
        );
        HttpResponseMessage lost = await Change(cove, vehicle, "dash", Version(7), ("name", "Top"));
        HttpResponseMessage bad = await Change(cove, vehicle, "dash", Version(0), ("material", "rubber"));

        Assert.Equal(HttpStatusCode.PreconditionRequired, without.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, lost.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, bad.StatusCode);
        Assert.NotNull((await bad.Content.ReadFromJsonAsync<JsonObject>())!["errors"]!["material"]);
        Assert.Equal(
            "Dashboard",
            (string)(await cove.Get($"/api/vehicles/{vehicle}/surfaces/dash"))["name"]!
        );
    }

    [Fact]
    public async Task An_archived_vehicle_keeps_everything_and_comes_back()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        (await cove.Post($"/api/vehicles/{vehicle}/archive", "")).EnsureSuccessStatusCode();
        var archived = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))![0]!;
        (await cove.Post($"/api/vehicles/{vehicle}/unarchive", "")).EnsureSuccessStatusCode();
        var back = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))![0]!;

        Assert.True((bool)archived["archived"]!);
        Assert.False((bool)back["archived"]!);
    }

    [Fact]
    public async Task The_chart_can_show_one_kind_of_work()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();

        JsonObject glass = await cove.Get($"/api/vehicles/{vehicle}/cabin?work=glass");
        HttpResponseMessage bad = await cove.Http.GetAsync(
            new Uri($"/api/vehicles/{vehicle}/cabin?work=magic", UriKind.Relative)
        );

        Assert.All(
            glass["surfaces"]!.AsArray(),
            surface => Assert.Contains("inside", (string)surface!["taskName"]!, StringComparison.Ordinal)
        );
        Assert.Equal(HttpStatusCode.BadRequest, bad.StatusCode);
    }

    private static (string, string) Version(int version) => ("If-Match", $"\"{version}\"");

    private static async Task<HttpResponseMessage> Change(
        CoveHost cove,
        string vehicle,
        string surface,
        (string, string) header,
        params (string Field, JsonNode Value)[] changes
    )
    {
        JsonNode record = (await cove.Get($"/api/vehicles/{vehicle}"))["surfaces"]!
            .AsArray()
            .Single(one => (string)one!["id"]! == surface)!;
        var body = new JsonObject();
        foreach (
            string field in new[] { "name", "material", "finish", "squareMetres", "facts", "absent", "wear" }
        )
        {
            body[field] = record[field]?.DeepClone();
        }

        foreach (var (field, value) in changes)
        {
            body[field] = value;
        }

        return await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}/surfaces/{surface}",
            body.ToJsonString(),
            header
        );
    }

    [Fact]
    public async Task Another_body_is_answered_with_what_follows_from_it_and_rows_it_cannot_have_are_refused()
    {
        using var cove = new CoveHost();
        JsonObject car = await cove.Get($"/api/vehicles/{await cove.Vehicle()}");
        string layout = car["layout"]!.ToJsonString();

        HttpResponseMessage roadster = await cove.Post(
            "/api/vehicles/layout",
            $$"""{"layout":{{layout}},"body":"roadster"}"""
        );
        JsonObject changed = (await roadster.Content.ReadFromJsonAsync<JsonObject>())!;
        HttpResponseMessage refused = await cove.Post(
            "/api/vehicles/layout",
            $$"""{"layout":{{layout}},"body":"roadster","rows":3}"""
        );

        Assert.Equal("roadster", (string)changed["body"]!);
        Assert.Equal("none", (string)changed["rearMats"]!);
        Assert.Equal((string)car["layout"]!["seatMaterial"]!, (string)changed["seatMaterial"]!);
        await BadInputTests.AssertProblem(refused, HttpStatusCode.BadRequest, "rows");
    }

    private static async Task<double> LevelOf(CoveHost cove, string vehicle, string surface, string task) =>
        (double)
            (await cove.Get($"/api/vehicles/{vehicle}/surfaces/{surface}"))["tasks"]!
                .AsArray()
                .Single(one => (string)one!["taskId"]! == task)!["level"]!;
}
