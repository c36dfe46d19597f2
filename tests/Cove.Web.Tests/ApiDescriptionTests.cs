namespace Cove.Web.Tests;

public sealed class ApiDescriptionTests
{
    [Fact]
    public async Task Every_operation_has_a_name_and_a_summary()
    {
        using var cove = new CoveHost();
        JsonObject document = await cove.Get("/openapi/v1.json");

        var operations = document["paths"]!
            .AsObject()
            .SelectMany(path =>
                path.Value!.AsObject().Select(method => (Path: path.Key, Operation: method.Value!))
            )
            .ToList();

        Assert.NotEmpty(operations);
        Assert.All(
            operations,
            one =>
            {
                Assert.False(string.IsNullOrEmpty((string?)one.Operation["operationId"]), one.Path);
                Assert.EndsWith(
                    ".",
                    (string?)one.Operation["summary"] ?? string.Empty,
                    StringComparison.Ordinal
                );
            }
        );
        string[] names = [.. operations.Select(one => (string)one.Operation["operationId"]!)];
        Assert.Equal(names.Distinct(), names);
    }

    [Fact]
    public async Task The_description_names_no_address()
    {
        using var cove = new CoveHost();

        JsonObject document = await cove.Get("/openapi/v1.json");

        Assert.True(document["servers"] is null || document["servers"]!.AsArray().Count == 0);
        Assert.Equal("Cove", (string)document["info"]!["title"]!);
    }

    [Fact]
    public async Task Health_says_what_the_clock_shows()
    {
        using var cove = new CoveHost();

        JsonObject health = await cove.Get("/api/health");

        Assert.Equal("ok", (string)health["status"]!);
        Assert.Equal(cove.Clock.GetUtcNow(), DateTimeOffset.Parse((string)health["now"]!));
        Assert.False((bool)health["demo"]!);
    }
}
