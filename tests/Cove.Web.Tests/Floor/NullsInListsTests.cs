namespace Cove.Web.Tests.Floor;

/// <summary>A list may hold a null in JSON, whatever its type says.</summary>
public sealed class NullsInListsTests(DemoCove demo) : IClassFixture<DemoCove>
{
    private CoveHost Cove => demo.Host;

    public static TheoryData<string, string, string, string> Lists() =>
        new()
        {
            { "PUT", "/api/shelf/kit", """{"towels":[null]}""", "towels[0]" },
            { "PUT", "/api/shelf/kit", """{"tools":[null]}""", "tools[0]" },
            { "PUT", "/api/shelf/kit", """{"tools":[{"tool":"vacuum"},null],"towels":[]}""", "tools[1]" },
            {
                "POST",
                "/api/shelf/products",
                """{"name":"A","class":"water","bottles":[null]}""",
                "bottles[0]"
            },
            {
                "POST",
                "/api/shelf/products",
                """{"name":"A","class":"water","hazards":["H225",null]}""",
                "hazards[1]"
            },
            { "POST", "/api/verdicts/evaluate", """{"cases":[null]}""", "cases[0]" },
            {
                "POST",
                "/api/verdicts/evaluate",
                """{"cases":[{"surface":{"kind":"seat","facts":[null]}}]}""",
                "cases[0].surface.facts[0]"
            },
            {
                "POST",
                "/api/verdicts/evaluate",
                """{"cases":[{"surface":{"kind":"seat"},"product":{"class":"water","hazards":[null]}}]}""",
                "cases[0].product.hazards[0]"
            },
            {
                "POST",
                "/api/verdicts/evaluate",
                """{"cases":[{"surface":{"kind":"seat"},"context":{"session":[null]}}]}""",
                "cases[0].context.session[0]"
            },
            {
                "POST",
                "/api/vehicles/{car}/surfaces/driver-seat/split",
                """{"names":[null,"B"]}""",
                "names[0]"
            },
            {
                "POST",
                "/api/vehicles/{car}/events",
                """{"event":"spill","surfaceIds":[null]}""",
                "surfaceIds[0]"
            },
            { "PUT", "/api/vehicles/{car}/use", """{"preventions":[null]}""", "preventions[0]" },
            { "PUT", "/api/vehicles/{car}/use", """{"gritMonths":[null]}""", "gritMonths[0]" },
        };

    [Theory]
    [MemberData(nameof(Lists))]
    public async Task A_null_in_a_list_is_refused_by_its_path_and_nothing_is_stored(
        string method,
        string path,
        string body,
        string field
    )
    {
        string before = await Everything();

        HttpResponseMessage answer = await Cove.Send(
            new HttpMethod(method),
            path.Replace("{car}", await Cove.Vehicle(), StringComparison.Ordinal),
            body,
            ("If-Match", "\"1\"")
        );

        await BadInputTests.AssertProblem(answer, HttpStatusCode.BadRequest, field);
        Assert.Equal(before, await Everything());
    }

    [Fact]
    public async Task A_shelf_that_an_earlier_version_let_a_null_into_is_whole_again_after_a_start()
    {
        using var cove = new CoveHost(
            demo: true,
            prepare: """
            UPDATE Kits SET KitJson = '{"tools":[null,{"tool":"vacuum","count":2}],"towels":[null]}';
            UPDATE Products SET DetailsJson = json_set(DetailsJson, '$.hazards', json('["H225",null]'))
            WHERE Position = 0;
            """
        );
        string vehicle = await cove.Vehicle();

        JsonObject shelf = await cove.Get("/api/shelf");

        Assert.Equal(2, (int)Assert.Single(shelf["kit"]!["tools"]!.AsArray())!["count"]!);
        Assert.Equal("""["H225"]""", shelf["products"]![0]!["details"]!["hazards"]!.ToJsonString());
        foreach (
            string place in new[] { "today?minutes=25", "glass", "verdicts", "methods", "smallest-shelf" }
        )
        {
            await cove.Get($"/api/vehicles/{vehicle}/{place}");
        }
    }

    private async Task<string> Everything() =>
        (await Cove.Get("/api/shelf")).ToJsonString()
        + (await Cove.Get($"/api/vehicles/{await Cove.Vehicle()}/file")).ToJsonString();
}
