using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests;

public sealed class CabinTests
{
    [Fact]
    public async Task Every_choice_of_body_can_be_added_and_drawn()
    {
        using var cove = new CoveHost();
        JsonObject choices = await cove.Get("/api/vehicles/choices");

        foreach (JsonNode? body in choices["bodies"]!.AsArray())
        {
            HttpResponseMessage added = await cove.Post(
                "/api/vehicles",
                Bodies.Vehicle(("layout", body!["usual"]!.DeepClone()))
            );
            Assert.Equal(HttpStatusCode.Created, added.StatusCode);
            var vehicle = (await added.Content.ReadFromJsonAsync<JsonObject>())!;
            JsonObject cabin = await cove.Get($"/api/vehicles/{vehicle["id"]}/cabin");
            var drawn = cabin["plan"]!["shapes"]!.AsArray().Select(shape => (string)shape!["surfaceId"]!);
            var named = cabin["surfaces"]!.AsArray().Select(surface => (string)surface!["id"]!).ToHashSet();
            Assert.Subset(named, drawn.ToHashSet());
        }
    }

    [Fact]
    public async Task The_chart_says_of_each_surface_what_its_sheet_says()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject cabin = await cove.Get($"/api/vehicles/{vehicle}/cabin");

        foreach (JsonNode? surface in cabin["surfaces"]!.AsArray())
        {
            JsonObject sheet = await cove.Get($"/api/vehicles/{vehicle}/surfaces/{surface!["id"]}");
            JsonNode first = sheet["tasks"]![0]!;
            Assert.Equal((string)surface["taskName"]!, (string)first["name"]!);
            Assert.Equal((double)surface["level"]!, (double)first["level"]!, 9);
            Assert.Equal((int)surface["daysLeft"]!, (int)first["daysLeft"]!);
        }

        Assert.Equal(
            (int)cabin["overMark"]!,
            cabin["surfaces"]!.AsArray().Count(surface => (bool)surface!["overMark"]!)
        );
    }

    [Fact]
    public async Task The_history_ends_at_the_level_of_today_and_the_why_adds_up()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject sheet = await cove.Get($"/api/vehicles/{vehicle}/surfaces/passenger-seat");

        Assert.NotEmpty(sheet["tasks"]!.AsArray());
        foreach (JsonNode? task in sheet["tasks"]!.AsArray())
        {
            JsonArray history = task!["history"]!.AsArray();
            Assert.Equal((double)task["level"]!, (double)history[^1]!["level"]!, 6);
            double days =
                (double)task["baselineDays"]!
                + task["effects"]!.AsArray().Sum(effect => (double)effect!["days"]!);
            Assert.Equal((double)task["intervalDays"]!, days, 2);
            Assert.NotEmpty(task["method"]!["steps"]!.AsArray());
            Assert.NotEmpty(task["method"]!["cautions"]!.AsArray());
        }
    }

    [Fact]
    public async Task What_befell_a_surface_lately_stands_beside_it()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        await cove.Post(
            $"/api/vehicles/{vehicle}/events",
            """{"event":"spill","surfaceIds":["boot"],"note":"a jar of honey"}"""
        );

        string fresh = await NoteOf("boot");
        cove.Clock.Advance(TimeSpan.FromDays(40));

        Assert.Equal("a jar of honey", fresh);
        Assert.Equal(string.Empty, await NoteOf("boot"));

        async Task<string> NoteOf(string id)
        {
            JsonArray surfaces = (await cove.Get($"/api/vehicles/{vehicle}/cabin"))["surfaces"]!.AsArray();
            return (string)surfaces.Single(surface => (string)surface!["id"]! == id)!["note"]!;
        }
    }

    [Fact]
    public async Task Rows_of_another_owner_are_not_seen()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        await using (var connection = new SqliteConnection($"Data Source={cove.DatabaseFile}"))
        {
            await connection.OpenAsync();
            await using SqliteCommand command = connection.CreateCommand();
            command.CommandText = "UPDATE Vehicles SET OwnerId = '11111111-1111-1111-1111-111111111111'";
            await command.ExecuteNonQueryAsync();
        }

        HttpResponseMessage cabin = await cove.Http.GetAsync(
            new Uri($"/api/vehicles/{vehicle}/cabin", UriKind.Relative)
        );

        Assert.Empty((await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
        Assert.Equal(HttpStatusCode.NotFound, cabin.StatusCode);
    }

    [Fact]
    public async Task The_log_comes_in_pages_newest_first()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject first = await cove.Get($"/api/vehicles/{vehicle}/log");
        JsonObject second = await cove.Get($"/api/vehicles/{vehicle}/log?skip=100");
        int total = (int)first["total"]!;
        string[] instants =
        [
            .. first["entries"]!
                .AsArray()
                .Concat(second["entries"]!.AsArray())
                .Select(entry => (string)entry!["at"]!),
        ];

        Assert.Equal(100, first["entries"]!.AsArray().Count);
        Assert.Equal(Math.Min(100, total - 100), second["entries"]!.AsArray().Count);
        Assert.Equal(
            instants.Select(DateTimeOffset.Parse).OrderDescending(),
            instants.Select(DateTimeOffset.Parse)
        );
    }
}
