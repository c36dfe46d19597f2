namespace Cove.Web.Tests;

public sealed class DilutionTests
{
    // C1 V1 = C2 V2: 500 ml at 1:8 needs 55.6 ml.
    [Fact]
    public async Task A_mixture_is_given_exactly_by_hand_and_in_words()
    {
        using var cove = new CoveHost();

        JsonObject mixture = await Ok(
            await cove.Post("/api/dilutions", """{"total":500,"strength":"8:1"}""")
        );

        Assert.Equal("1:8", (string)mixture["strength"]!);
        Assert.Equal("1 part product to 8 parts water (11.1 %)", (string)mixture["inWords"]!);
        Assert.Equal(55.56, (double)mixture["product"]!["millilitres"]!, 0.005);
        Assert.Equal(55, (double)mixture["byHand"]!["productMillilitres"]!);
        Assert.Equal("1 part product to 8.09 parts water (11 %)", (string)mixture["byHand"]!["inWords"]!);
        Assert.Equal(
            ["Water", "Product"],
            mixture["fill"]!.AsArray().Select(layer => (string)layer!["what"]!)
        );
    }

    [Fact]
    public async Task A_bottle_is_topped_up_in_any_unit()
    {
        using var cove = new CoveHost();

        JsonObject metric = await Ok(
            await cove.Post(
                "/api/dilutions/top-up",
                """{"held":200,"heldStrength":"5 %","total":500,"target":"10 %"}"""
            )
        );
        JsonObject ounces = await Ok(
            await cove.Post(
                "/api/dilutions/top-up",
                """{"unit":"usFluidOunce","held":4,"heldStrength":"5 %","total":10,"target":"10 %"}"""
            )
        );

        Assert.Equal(40, (double)metric["product"]!["millilitres"]!, 9);
        Assert.Equal(0.8, (double)ounces["product"]!["usFluidOunces"]!, 9);
    }

    [Theory]
    [InlineData("", """{"total":500}""", "total")]
    [InlineData("", """{"total":500,"strength":"1:8","water":3}""", "total")]
    [InlineData("", """{"total":500,"strength":"eight"}""", "strength")]
    [InlineData("", """{"total":-1,"strength":"1:8"}""", "total")]
    [InlineData("", """{"total":500,"unit":"usFluidOunce","water":9999999}""", "water")]
    [InlineData("", """{"total":5000,"unit":"litre","strength":"1:8"}""", "total")]
    [InlineData("/top-up", """{"held":400,"heldStrength":"20 %","total":500,"target":"10 %"}""", "target")]
    [InlineData("/top-up", """{"held":400,"heldStrength":"x","total":500,"target":"10 %"}""", "heldStrength")]
    public async Task What_cannot_be_mixed_is_refused_with_the_reason(string path, string body, string field)
    {
        using var cove = new CoveHost();

        await BadInputTests.AssertProblem(
            await cove.Post($"/api/dilutions{path}", body),
            HttpStatusCode.BadRequest,
            field
        );
    }

    [Fact]
    public async Task A_product_is_not_mixed_past_its_label()
    {
        using var cove = new CoveHost(demo: true);
        JsonArray products = (await cove.Get("/api/shelf"))["products"]!.AsArray();
        string Id(string name) =>
            (string)products.First(one => (string)one!["details"]!["name"]! == name)!["id"]!;

        await BadInputTests.AssertProblem(
            await cove.Post(
                "/api/dilutions",
                $$"""{"productId":"{{Id("All-purpose concentrate")}}","total":500,"strength":"1:2"}"""
            ),
            HttpStatusCode.BadRequest,
            "strength"
        );
        await BadInputTests.AssertProblem(
            await cove.Post(
                "/api/dilutions",
                $$"""{"productId":"{{Id("Gloss dressing")}}","total":500,"strength":"1:2"}"""
            ),
            HttpStatusCode.BadRequest,
            "strength"
        );
        JsonObject thin = await Ok(
            await cove.Post(
                "/api/dilutions",
                $$"""{"productId":"{{Id("All-purpose concentrate")}}","total":500,"strength":"1:500"}"""
            )
        );
        Assert.Contains("may not clean", (string)thin["remark"]!, StringComparison.Ordinal);
    }

    private static async Task<JsonObject> Ok(HttpResponseMessage answer)
    {
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
