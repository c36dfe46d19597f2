namespace Cove.Web.Tests;

/// <summary>Reading labels, and what is said of a product as it comes onto the shelf.</summary>
public sealed class LabelTests
{
    [Fact]
    public async Task A_label_is_read_and_nothing_is_stored()
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Post(
            "/api/shelf/labels",
            """{"text":"Interior cleaner, pH 9. Dilute 1:10. Contains no ammonia. H319"}"""
        );

        JsonObject read = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.Equal(9, (double)read["ph"]!);
        Assert.False((bool)read["ammonia"]!);
        Assert.Null(read["chlorine"]);
        Assert.Equal("1:10", (string)read["weakest"]!);
        Assert.Equal("H319", (string)Assert.Single(read["hazards"]!.AsArray())!);
        Assert.Contains("flashPoint", read["notFound"]!.AsArray().Select(subject => (string)subject!));
        Assert.Empty((await cove.Get("/api/shelf"))["products"]!.AsArray());
    }

    [Fact]
    public async Task Too_long_a_text_is_refused()
    {
        using var cove = new CoveHost();

        await BadInputTests.AssertProblem(
            await cove.Post("/api/shelf/labels", $$"""{"text":"{{new string('a', 20_001)}}"}"""),
            HttpStatusCode.BadRequest,
            "text"
        );
    }

    // Seen: a bleach given by class alone was stored without chlorine, so that nothing warned of acid beside it.
    [Fact]
    public async Task A_bleach_given_by_class_alone_is_told_apart_from_acid_on_the_shelf()
    {
        using var cove = new CoveHost();
        await cove.Vehicle();
        await Added(cove, """{"name":"Descaler","class":"acidCleaner"}""");

        JsonObject bleach = await Added(cove, """{"name":"Bleach","class":"chlorineBleach"}""");

        Assert.True((bool)bleach["details"]!["chlorine"]!);
        Assert.Equal(12.5, (double)bleach["details"]!["ph"]!);
        JsonObject welcome = await cove.Get($"/api/shelf/products/{bleach["id"]}/welcome");
        JsonNode apart = Assert.Single(welcome["neverMeets"]!.AsArray())!;
        Assert.Equal("Descaler", (string)apart["product"]!);
        Assert.Contains("chlorine gas", (string)apart["why"]!, StringComparison.Ordinal);
        Assert.NotEmpty(welcome["notHere"]!.AsArray());
        Assert.Empty(welcome["goodFor"]!.AsArray());
    }

    [Fact]
    public async Task A_product_given_by_class_alone_has_what_its_class_has_and_what_is_said_counts()
    {
        using var cove = new CoveHost();

        JsonNode plain = (await Added(cove, """{"name":"Cleaner","class":"fabricCleaner"}"""))["details"]!;
        JsonNode said = (
            await Added(cove, """{"name":"Other","class":"fabricCleaner","ph":7,"usual":"1:20"}""")
        )["details"]!;

        Assert.Equal("1:8", (string)plain["usual"]!);
        Assert.Equal(9, (double)plain["ph"]!);
        Assert.Equal(7, (double)said["ph"]!);
        Assert.Equal("1:20", (string)said["usual"]!);
    }

    private static async Task<JsonObject> Added(CoveHost cove, string body)
    {
        HttpResponseMessage added = await cove.Post("/api/shelf/products", body);
        Assert.Equal(HttpStatusCode.Created, added.StatusCode);
        return (await added.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
