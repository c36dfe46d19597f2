namespace Cove.Web.Tests.Floor;

/// <summary>Rows that were written by hand, by another program, or damaged.</summary>
public sealed class UnreadableRowTests
{
    [Theory]
    [InlineData("UPDATE Products SET DetailsJson = '{' WHERE Position = 0", "Products")]
    [InlineData(
        "UPDATE Products SET DetailsJson = '{\"name\":\"A\",\"class\":\"water\",\"weakest\":\"soup\"}' WHERE Position = 0",
        "Products"
    )]
    [InlineData(
        "UPDATE Products SET DetailsJson = '{\"name\":\"A\",\"class\":\"water\",\"bottles\":[{\"size\":1,\"left\":1},null,3]}' WHERE Position = 0",
        "Products"
    )]
    [InlineData("UPDATE Kits SET KitJson = 'null'", "Kits")]
    [InlineData("UPDATE Kits SET KitJson = '{\"tools\":[{\"tool\":\"wand\"}]}'", "Kits")]
    [InlineData("UPDATE Usage SET UseJson = '{\"people\":\"many\"}'", "Usage")]
    [InlineData("UPDATE SurfaceRow SET Material = 'velvet' WHERE SurfaceId = 'dash'", "SurfaceRow")]
    [InlineData("UPDATE SurfaceRow SET SquareMetres = -1 WHERE SurfaceId = 'dash'", "SurfaceRow")]
    [InlineData("UPDATE SurfaceRow SET ZoneId = 'the-moon' WHERE SurfaceId = 'dash'", "SurfaceRow")]
    [InlineData("UPDATE SurfaceRow SET Exposure = 7 WHERE SurfaceId = 'dash'", "SurfaceRow")]
    [InlineData("UPDATE Log SET Kind = 'Wish' WHERE Id = (SELECT Id FROM Log ORDER BY At DESC)", "Log")]
    public async Task One_that_cannot_be_understood_is_named_and_takes_nothing_else_down(
        string sql,
        string table
    )
    {
        using var cove = new CoveHost(demo: true);
        cove.Execute(sql);
        string vehicle = await cove.Vehicle();

        foreach (
            string path in new[]
            {
                "/api/shelf",
                "/api/shelf/stock",
                "/api/schools",
                $"/api/vehicles/{vehicle}/today?minutes=25",
                $"/api/vehicles/{vehicle}/cabin",
                $"/api/vehicles/{vehicle}/glass",
                $"/api/vehicles/{vehicle}/use",
                $"/api/vehicles/{vehicle}/log",
                $"/api/vehicles/{vehicle}/verdicts",
                $"/api/vehicles/{vehicle}/surfaces/driver-seat",
            }
        )
        {
            await cove.Get(path);
        }

        string sentence = (string)(await cove.Get("/api/ready"))["unread"]![0]!;
        Assert.Contains($"of the table {table} cannot be understood", sentence, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_surface_that_cannot_be_understood_outlives_a_change_of_the_car()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        cove.Execute("UPDATE SurfaceRow SET Material = 'velvet' WHERE SurfaceId = 'dash'");
        string before = cove.Value("SELECT COUNT(*) FROM SurfaceRow")!;
        string levels = cove.Value("SELECT COUNT(*) FROM CareStates WHERE SurfaceId = 'dash'")!;
        JsonObject car = await cove.Get($"/api/vehicles/{vehicle}");

        HttpResponseMessage changed = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}",
            new JsonObject
            {
                ["name"] = "Another name",
                ["description"] = "",
                ["layout"] = car["layout"]!.DeepClone(),
            }.ToJsonString(),
            ("If-Match", $"\"{car["version"]}\"")
        );

        changed.EnsureSuccessStatusCode();
        Assert.Equal(before, cove.Value("SELECT COUNT(*) FROM SurfaceRow"));
        Assert.Equal(levels, cove.Value("SELECT COUNT(*) FROM CareStates WHERE SurfaceId = 'dash'"));
        Assert.Contains(
            "velvet",
            cove.Value("SELECT group_concat(Material) FROM SurfaceRow"),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData(
        "UPDATE Vehicles SET LayoutJson = '{\"body\":\"estate\"}' WHERE Name = 'Kestrin Marram'",
        "Vehicles"
    )]
    public async Task A_car_that_cannot_be_understood_leaves_the_others_alone_and_says_which_row_it_is(
        string sql,
        string table
    )
    {
        using var cove = new CoveHost(demo: true);
        string broken = await cove.Vehicle();
        cove.Execute(sql);

        var left = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
        JsonNode other = left.Single(car => (string)car!["name"]! == "Kestrin Pip")!;
        await cove.Get($"/api/vehicles/{other["id"]}/today?minutes=25");
        await cove.Get("/api/shelf/stock");
        HttpResponseMessage itself = await cove.Http.GetAsync(
            new Uri($"/api/vehicles/{broken}/cabin", UriKind.Relative)
        );
        var problem = (await itself.Content.ReadFromJsonAsync<JsonObject>())!;

        Assert.Contains(broken, (string)problem["title"]!, StringComparison.OrdinalIgnoreCase);
        Assert.Contains(table, (string)problem["title"]!, StringComparison.Ordinal);
        cove.Restart();
        await cove.Get("/api/ready");
    }
}
