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

    // The framework looks at the rules of public types only, and passes others by in silence.
    [Fact]
    public void Every_type_with_rules_for_what_is_sent_is_one_whose_rules_are_looked_at()
    {
        Type[] ruled =
        [
            .. typeof(Program)
                .Assembly.GetTypes()
                .Where(type =>
                    type.Name.EndsWith("Request", StringComparison.Ordinal)
                    || type.GetProperties()
                        .Any(property =>
                            property.IsDefined(
                                typeof(System.ComponentModel.DataAnnotations.ValidationAttribute),
                                inherit: true
                            )
                        )
                )
                .Where(type =>
                    type.Namespace?.StartsWith("Cove.Web.Features", StringComparison.Ordinal) == true
                ),
        ];

        Assert.NotEmpty(ruled);
        Assert.All(ruled, type => Assert.True(type.IsVisible, $"{type.Name} is not public."));
    }
}
