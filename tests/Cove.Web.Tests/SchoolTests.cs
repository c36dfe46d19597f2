namespace Cove.Web.Tests;

/// <summary>Choosing between sound ways of working, and what follows from it.</summary>
public sealed class SchoolTests
{
    [Fact]
    public async Task Every_question_starts_from_Coves_own_choice_and_says_why()
    {
        using var cove = new CoveHost();

        JsonArray schools = (await cove.Get("/api/schools"))["schools"]!.AsArray();

        Assert.Equal(15, schools.Count);
        Assert.All(
            schools,
            school =>
            {
                Assert.Equal((string)school!["default"]!, (string)school["chosen"]!);
                Assert.EndsWith(".", (string)school["whyDefault"]!);
                Assert.True(school["choices"]!.AsArray().Count >= 2);
                Assert.All(
                    school["choices"]!.AsArray(),
                    choice => Assert.EndsWith(".", (string)choice!["reason"]!)
                );
            }
        );
    }

    [Fact]
    public async Task Vacuum_first_and_glass_first_change_the_order_of_a_session()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string[] before = await Order(cove, vehicle);

        await Choose(cove, "dust", "vacuumFirst");
        await Choose(cove, "glass", "first");

        string[] after = await Order(cove, vehicle);
        Assert.True(Place(before, "brush-vents") < Place(before, "vacuum-seats"));
        Assert.True(Place(after, "vacuum-seats") < Place(after, "brush-vents"));
        Assert.True(Place(before, "windscreen") > Place(before, "wipe-dash"));
        Assert.True(Place(after, "windscreen") < Place(after, "vacuum-seats"));
    }

    [Fact]
    public async Task Boot_middle_front_visits_the_boot_before_the_drivers_door()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        cove.Clock.Advance(TimeSpan.FromDays(60));

        await Choose(cove, "zones", "bootForward");

        JsonArray steps = (await cove.Get($"/api/vehicles/{vehicle}/today?minutes=120"))["steps"]!.AsArray();
        string[] zones =
        [
            .. steps.Single(step => (string)step!["taskId"]! == "other-glass")!["zones"]!
                .AsArray()
                .Select(zone => (string)zone!),
        ];
        Assert.Equal("Boot", zones[0]);
        Assert.Contains("Driver's door", zones[^2..]);
    }

    [Fact]
    public async Task Water_only_changes_the_methods_of_every_pane()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        await Choose(cove, "glassLiquid", "waterOnly");

        JsonArray panes = (await cove.Get($"/api/vehicles/{vehicle}/glass"))["panes"]!.AsArray();
        Assert.All(
            panes,
            pane =>
                Assert.Equal(
                    ["Plain water"],
                    pane!["options"]![0]!["products"]!.AsArray().Select(product => (string)product!)
                )
        );
    }

    [Fact]
    public async Task A_change_needs_the_version_it_was_based_on_and_a_choice_there_is()
    {
        using var cove = new CoveHost();

        HttpResponseMessage unversioned = await cove.Send(
            HttpMethod.Put,
            "/api/schools/dust",
            """{"choice":"vacuumFirst"}"""
        );
        HttpResponseMessage stale = await Put(cove, "dust", "vacuumFirst", 7);
        HttpResponseMessage unknown = await Put(cove, "dust", "never", 0);
        HttpResponseMessage nowhere = await Put(cove, "weather", "fair", 0);

        Assert.Equal(HttpStatusCode.PreconditionRequired, unversioned.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, stale.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, unknown.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, nowhere.StatusCode);
    }

    [Fact]
    public async Task Tools_and_towels_stay_when_a_school_changes()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject before = await cove.Get("/api/shelf");

        await Choose(cove, "leather", "balm");

        JsonObject after = await cove.Get("/api/shelf");
        Assert.Equal("balm", (string)after["kit"]!["leatherSchool"]!);
        Assert.Equal($"{before["kit"]!["tools"]}", $"{after["kit"]!["tools"]}");
        Assert.Equal($"{before["kit"]!["towels"]}", $"{after["kit"]!["towels"]}");
    }

    private static int Place(string[] order, string taskId) => Array.IndexOf(order, taskId);

    private static async Task<string[]> Order(CoveHost cove, string vehicle) =>
        [
            .. (await cove.Get($"/api/vehicles/{vehicle}/today?minutes=120"))["steps"]!
                .AsArray()
                .Select(step => (string)step!["taskId"]!),
        ];

    private static async Task Choose(CoveHost cove, string school, string choice)
    {
        int version = (int)(await cove.Get("/api/schools"))["version"]!;
        (await Put(cove, school, choice, version)).EnsureSuccessStatusCode();
    }

    private static Task<HttpResponseMessage> Put(CoveHost cove, string school, string choice, int version) =>
        cove.Send(
            HttpMethod.Put,
            $"/api/schools/{school}",
            $$"""{"choice":"{{choice}}"}""",
            ("If-Match", $"\"{version}\"")
        );
}
