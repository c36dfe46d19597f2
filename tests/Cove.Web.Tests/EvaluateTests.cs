namespace Cove.Web.Tests;

/// <summary>Cases that belong to no vehicle and no shelf.</summary>
public sealed class EvaluateTests
{
    private const string Path = "/api/verdicts/evaluate";

    [Fact]
    public async Task Cases_are_answered_in_order_with_what_is_left_out_as_usual()
    {
        using var cove = new CoveHost();

        JsonArray results = await Results(
            cove,
            """
            {"cases":[
              {"surface":{"kind":"glass","facts":["tintFilm"]},"product":{"class":"glassCleanerWithAmmonia"}},
              {"surface":{"kind":"windscreen"},"product":{"class":"glassCleaner"}},
              {"surface":{"kind":"switches"},"product":{"class":"interiorCleaner"},"application":"directSpray"},
              {"surface":{"kind":"seat","material":"coatedLeather"},"product":{"class":"degreaser"},"strength":"1:10"},
              {"surface":{"kind":"trim","finish":"gloss"},"tool":"melamineSponge"},
              {"surface":{"kind":"vents"},"tool":"compressedAir"}
            ]}
            """
        );

        Assert.Equal(
            ["keepOff", "good", "keepOff", "keepOff", "keepOff", "withCare"],
            results.Select(result => (string)result!["verdict"]!)
        );
        Assert.All(results, result => Assert.NotEmpty(result!["reasons"]!.AsArray()));
        Assert.All(
            results.SelectMany(result => result!["reasons"]!.AsArray()),
            reason => Assert.NotEmpty((string)reason!["source"]!)
        );
        Assert.Equal("eyeProtection", (string)results[5]!["gear"]![0]!);
    }

    [Fact]
    public async Task Chemistry_from_the_label_overrides_what_is_usual_for_a_class()
    {
        using var cove = new CoveHost();

        JsonArray results = await Results(
            cove,
            """
            {"cases":[
              {"surface":{"kind":"glass","facts":["tintFilm"]},"product":{"class":"glassCleaner"}},
              {"surface":{"kind":"glass","facts":["tintFilm"]},"product":{"class":"glassCleaner","alcoholPercent":5}},
              {"surface":{"kind":"dash"},"product":{"class":"waterBasedDressing","sheen":"gloss"}},
              {"surface":{"kind":"doorShuts"},"product":{"class":"allPurposeCleaner","ph":13},"strength":"neat"},
              {"surface":{"kind":"doorShuts"},"product":{"class":"allPurposeCleaner","ph":13},"strength":"1 %"}
            ]}
            """
        );

        Assert.Equal(
            ["withCare", "keepOff", "keepOff", "keepOff", "withCare"],
            results.Select(result => (string)result!["verdict"]!)
        );
    }

    [Fact]
    public async Task Circumstances_and_records_count()
    {
        using var cove = new CoveHost();

        JsonArray results = await Results(
            cove,
            """
            {"cases":[
              {"surface":{"kind":"windscreen"},"product":{"class":"isopropylAlcohol"},"context":{"cabinClosed":true}},
              {"surface":{"kind":"mat"},"product":{"class":"acidCleaner"},"context":{"session":[{"class":"chlorineBleach"}],"maker":"allows"}},
              {"surface":{"kind":"seat","material":"microsuede"},"product":{"class":"fabricCleaner"}},
              {"surface":{"kind":"seat","material":"microsuede"},"product":{"class":"fabricCleaner"},"context":{"spotTest":"passed"}},
              {"surface":{"kind":"seat","material":"microsuede"},"product":{"class":"fabricCleaner"},"context":{"spotTest":"failed"}},
              {"surface":{"kind":"screen"},"product":{"class":"interiorCleaner"},"context":{"maker":"allows"}},
              {"surface":{"kind":"belts"},"product":{"class":"solventCleaner"},"context":{"maker":"allows","spotTest":"passed"}}
            ]}
            """
        );

        Assert.Equal(
            ["keepOff", "keepOff", "testFirst", "good", "keepOff", "good", "keepOff"],
            results.Select(result => (string)result!["verdict"]!)
        );
        Assert.Contains(
            results[5]!["reasons"]!.AsArray(),
            reason => (string?)reason!["liftedBy"] == "Maker's instruction, recorded by you"
        );
    }

    [Theory]
    [InlineData("""{"cases":[]}""", "cases")]
    [InlineData("""{"cases":[{}]}""", "cases[0].surface")]
    [InlineData("""{"cases":[{"surface":{"kind":"sail"}}]}""", "cases[0].surface.kind")]
    [InlineData("""{"cases":[{"surface":{"kind":"dash"},"strength":"strong"}]}""", "cases[0].strength")]
    [InlineData(
        """{"cases":[{"surface":{"kind":"dash"},"product":{"class":"rum"}}]}""",
        "cases[0].product.class"
    )]
    [InlineData(
        """{"cases":[{"surface":{"kind":"dash"},"product":{"class":"water","ph":15}}]}""",
        "cases[0].product.ph"
    )]
    [InlineData(
        """{"cases":[{"surface":{"kind":"dash"}},{"surface":{"kind":"dash"},"product":{"class":"water","hazards":["H999"]}}]}""",
        "cases[1].product.hazards[0]"
    )]
    [InlineData("""{"cases":[{"surface":{"kind":"dash"},"wish":"shiny"}]}""", "cases[0].wish")]
    [InlineData("""{"cases":[{"surface":{"kind":"dash","facts":["gold"]}}]}""", "cases[0].surface.facts[0]")]
    [InlineData("""{"cases":null}""", "cases")]
    public async Task A_case_that_cannot_be_read_is_named_by_its_path(string body, string field)
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Post(Path, body);

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        JsonObject problem = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        Assert.Contains(field, problem["errors"]!.AsObject().Select(error => error.Key));
        Assert.All(
            problem["errors"]!.AsObject().SelectMany(error => error.Value!.AsArray()),
            sentence => Assert.EndsWith(".", (string)sentence!, StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task A_thousand_cases_fit_one_call_and_more_are_refused()
    {
        using var cove = new CoveHost();
        static string Body(int count) =>
            $$"""{"cases":[{{string.Join(',', Enumerable.Repeat("""{"surface":{"kind":"dash"},"product":{"class":"water"}}""", count))}}]}""";

        HttpResponseMessage fits = await cove.Post(Path, Body(1000));
        HttpResponseMessage tooMany = await cove.Post(Path, Body(1001));

        Assert.Equal(HttpStatusCode.OK, fits.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, tooMany.StatusCode);
    }

    private static async Task<JsonArray> Results(CoveHost cove, string body)
    {
        HttpResponseMessage answer = await cove.Post(Path, body);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!["results"]!.AsArray();
    }
}
