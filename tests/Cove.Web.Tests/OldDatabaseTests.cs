using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests;

public sealed class OldDatabaseTests
{
    [Fact]
    public async Task A_file_of_the_first_version_is_brought_along_and_a_copy_of_it_is_kept()
    {
        using var cove = new CoveHost(oldDatabase: "OldDatabases/FirstVersion.sql");

        var vehicle = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))![0]!;
        string id = (string)vehicle["id"]!;
        JsonObject detail = await cove.Get($"/api/vehicles/{id}");
        JsonObject use = await cove.Get($"/api/vehicles/{id}/use");
        JsonObject cabin = await cove.Get($"/api/vehicles/{id}/cabin");

        Assert.Equal("Old one", (string)vehicle["name"]!);
        Assert.Equal("suv", (string)detail["layout"]!["body"]!);
        Assert.Equal(3, (int)detail["layout"]!["thirdRowSeats"]!);
        Assert.Equal("gloss", (string)detail["layout"]!["trim"]!);
        Assert.Equal("fabricWithMicrosuede", (string)detail["layout"]!["seatMaterial"]!);
        Assert.True((bool)detail["layout"]!["tintedRear"]!);
        Assert.Equal(310, (double)use["use"]!["kilometresAWeek"]!);
        Assert.True(cabin["surfaces"]!.AsArray().Count > 40);
        Assert.Single(Directory.GetFiles(Path.GetDirectoryName(cove.DatabaseFile)!, "*.before-*"));
    }

    /// <summary>Before there were settings, all that was kept of them was a currency.</summary>
    [Theory]
    [InlineData("kr", true)]
    [InlineData("", false)]
    public async Task A_currency_that_was_named_before_there_were_settings_is_kept(
        string currency,
        bool isChosen
    )
    {
        using var cove = new CoveHost(
            prepare: $"""
            DROP TABLE "Settings";
            CREATE TABLE "Wishes" (
                "OwnerId" TEXT NOT NULL CONSTRAINT "PK_Wishes" PRIMARY KEY, "Currency" TEXT NOT NULL);
            INSERT INTO "Wishes" VALUES ('6F2F0B1E-5A0C-4D57-9A51-3C1D4D0C0E01', '{currency}');
            DELETE FROM "__EFMigrationsHistory" WHERE "MigrationId" LIKE '%\_Settings' ESCAPE '\';
            """
        );

        JsonObject settings = await cove.Get("/api/settings");

        Assert.Equal(isChosen, (bool)settings["isChosen"]!);
        Assert.Equal(currency, (string)settings["chosen"]!["currency"]!);
        Assert.Equal("kilometre", (string)settings["chosen"]!["distance"]!);
    }

    /// <summary>The expected values are what that version itself answered at the same instant, but for dash and doors, whose coat on record counts now, for scent, which is for who asks for it, and for what touch points take of the bottles.</summary>
    [Fact]
    public async Task A_file_of_the_fifth_version_answers_with_the_same_levels_dates_runs_and_bottles()
    {
        using var cove = new CoveHost(oldDatabase: "OldDatabases/FifthVersion.sql");
        string expected = await File.ReadAllTextAsync(
            Path.Combine(AppContext.BaseDirectory, "OldDatabases/FifthVersion.json")
        );
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject cabin = await cove.Get($"{vehicle}/cabin");
        JsonObject learnt = await cove.Get($"{vehicle}/learnt");
        JsonObject stock = await cove.Get("/api/shelf/stock");
        JsonObject log = await cove.Get($"{vehicle}/log");
        var runs = new JsonArray();
        foreach (
            string id in (
                cove.Value("SELECT group_concat(Id) FROM (SELECT Id FROM Runs ORDER BY Id)") ?? ""
            ).Split(',')
        )
        {
            JsonObject run = await cove.Get($"/api/runs/{id}");
            runs.Add(
                new JsonObject
                {
                    ["finishedAt"] = run["finishedAt"]?.DeepClone(),
                    ["steps"] = Pick(run["steps"]!, "name", "outcome", "takenSeconds"),
                }
            );
        }

        JsonArray surfaces = Pick(cabin["surfaces"]!, "id", "taskName", "level", "daysLeft");
        // What Cove has learnt to draw since stands as lived in.
        foreach (string since in (string[])["touch-points", "switches"])
        {
            surfaces.Remove(surfaces.Single(surface => (string)surface!["id"]! == since));
        }

        var found = new JsonObject
        {
            ["surfaces"] = surfaces,
            ["learnt"] = Pick(learnt["tasks"]!, "taskId", "multiplier", "low", "high"),
            ["bottles"] = Pick(stock["items"]!, "name", "left", "runsOut", "costPerYear"),
            ["log"] = Pick(log["entries"]!, "at", "name", "takenMinutes", "undone", "undoneAt"),
            ["runs"] = runs,
        };

        Assert.True(
            JsonNode.DeepEquals(JsonNode.Parse(expected), Rounded(found)),
            Rounded(found).ToJsonString()
        );
    }

    [Fact]
    public void What_older_versions_counted_is_told_apart_by_the_form_of_the_product()
    {
        const string liquid = "'0199AE8E-A634-77DF-A5E3-61F3F48D8A01'";
        const string solid = "'0199AE8E-A71C-7134-B433-B724816DFB16'";
        using var cove = new CoveHost(
            oldDatabase: "OldDatabases/FifthVersion.sql",
            prepare: $"""
            UPDATE Products SET DetailsJson = json_set(DetailsJson, '$.form', 'wipes') WHERE Id = {solid};
            INSERT INTO ProductUses (LogId, Position, ProductId, Name, Strength, Amount, Taken, OwnerId)
            SELECT LogId, Position + 50, {solid}, 'Clear glass', 1, 2, 1, OwnerId FROM ProductUses LIMIT 1;
            """
        );

        Assert.Equal("Pieces", UnitsOf(solid));
        Assert.Equal("Millilitres", UnitsOf(liquid));

        string? UnitsOf(string product) =>
            cove.Value(
                $"SELECT group_concat(Unit) FROM (SELECT DISTINCT Unit FROM ProductUses WHERE ProductId = {product})"
            );
    }

    /// <summary>Of each element of a list those properties that it has.</summary>
    private static JsonArray Pick(JsonNode list, params string[] names) =>
        [
            .. list.AsArray()
                .Select(one => new JsonObject(
                    names
                        .Where(name => one!.AsObject().ContainsKey(name))
                        .Select(name => KeyValuePair.Create(name, one![name]?.DeepClone()))
                )),
        ];

    /// <summary>Numbers to nine places: the last bits hang on the order of computing.</summary>
    private static JsonNode Rounded(JsonNode node) =>
        node switch
        {
            JsonObject one => new JsonObject(
                one.Select(pair =>
                    KeyValuePair.Create(pair.Key, pair.Value is null ? null : Rounded(pair.Value))
                )
            ),
            JsonArray many => new JsonArray([.. many.Select(one => one is null ? null : Rounded(one))]),
            _ when node.GetValueKind() == JsonValueKind.Number => JsonValue.Create(
                Math.Round((double)node, 9)
            ),
            _ => node.DeepClone(),
        };
}
