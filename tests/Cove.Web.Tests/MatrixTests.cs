namespace Cove.Web.Tests;

/// <summary>The chart of verdicts says the same as the single answers behind it.</summary>
public sealed class MatrixTests
{
    [Fact]
    public async Task Every_cell_is_the_verdict_that_asking_for_it_gives()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject matrix = await cove.Get($"/api/vehicles/{vehicle}/verdicts");
        JsonArray surfaces = matrix["surfaces"]!.AsArray();

        // Rows begin at different columns, so that a part of the chart still touches every row and every column.
        int stride = LongRun.Of(4, 1);
        foreach (var (turn, row) in matrix["rows"]!.AsArray().Index())
        {
            JsonArray cells = row!["cells"]!.AsArray();
            Assert.Equal(surfaces.Count, cells.Count);
            foreach (
                var (surface, cell) in surfaces.Zip(cells).Where((_, column) => (column + turn) % stride == 0)
            )
            {
                // The last of those alike: the chart itself asks the first.
                JsonObject answer = await Ask(
                    cove,
                    vehicle,
                    (string)row["productId"]!,
                    (string)surface!["surfaceIds"]!.AsArray()[^1]!
                );
                Assert.Equal((string)answer["verdict"]!, (string)cell!["verdict"]!);
                Assert.Equal((string)answer["reasons"]![0]!["sentence"]!, (string)cell["why"]!);
            }
        }
    }

    [Fact]
    public async Task Each_surface_of_the_car_stands_in_one_column()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject car = await cove.Get($"/api/vehicles/{vehicle}");
        JsonObject matrix = await cove.Get($"/api/vehicles/{vehicle}/verdicts");

        string[] shown =
        [
            .. matrix["surfaces"]!
                .AsArray()
                .SelectMany(column => column!["surfaceIds"]!.AsArray())
                .Select(id => (string)id!),
        ];
        Assert.Equal(shown.Distinct().Count(), shown.Length);
        Assert.Subset(
            car["surfaces"]!.AsArray().Select(surface => (string)surface!["id"]!).ToHashSet(),
            shown.ToHashSet()
        );
        string[] tasks = [.. matrix["tasks"]!.AsArray().Select(task => (string)task!["value"]!)];
        Assert.All(
            tasks,
            task =>
                Assert.Contains(
                    matrix["surfaces"]!.AsArray(),
                    column => column!["taskIds"]!.AsArray().Any(id => (string)id! == task)
                )
        );
    }

    [Fact]
    public async Task A_spot_test_sets_the_surfaces_it_speaks_for_apart()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject before = await cove.Get($"/api/vehicles/{vehicle}/verdicts");
        JsonNode column = before["surfaces"]!
            .AsArray()
            .First(surface => surface!["surfaceIds"]!.AsArray().Count > 1)!;
        string surfaceId = (string)column["id"]!;
        JsonNode row = before["rows"]!.AsArray()[0]!;

        HttpResponseMessage tested = await cove.Post(
            $"/api/vehicles/{vehicle}/spot-tests",
            $$"""{"productId":"{{row["productId"]}}","surfaceId":"{{surfaceId}}","strength":"{{row["strength"]}}","passed":false}"""
        );
        Assert.True(tested.IsSuccessStatusCode);
        JsonObject after = await cove.Get($"/api/vehicles/{vehicle}/verdicts");

        int at = Enumerable
            .Range(0, after["surfaces"]!.AsArray().Count)
            .First(place =>
                after["surfaces"]![place]!["surfaceIds"]!.AsArray().Any(id => (string)id! == surfaceId)
            );
        Assert.Equal("keepOff", (string)after["rows"]![0]!["cells"]![at]!["verdict"]!);
        Assert.All(
            Enumerable.Range(1, after["rows"]!.AsArray().Count - 1),
            other =>
                Assert.DoesNotContain(
                    "spot test",
                    (string)after["rows"]![other]!["cells"]![at]!["why"]!,
                    StringComparison.OrdinalIgnoreCase
                )
        );
    }

    private static async Task<JsonObject> Ask(
        CoveHost cove,
        string vehicle,
        string productId,
        string surfaceId
    )
    {
        HttpResponseMessage answer = await cove.Post(
            $"/api/vehicles/{vehicle}/verdicts",
            $$"""{"productId":"{{productId}}","surfaceId":"{{surfaceId}}"}"""
        );
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!["judgement"]!.AsObject();
    }
}
