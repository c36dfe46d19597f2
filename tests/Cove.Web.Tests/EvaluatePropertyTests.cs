namespace Cove.Web.Tests;

/// <summary>Random cases over HTTP: every sound one is answered with reasons, and one that is not sound is refused by its path.</summary>
public sealed class EvaluatePropertyTests : IDisposable
{
    private static readonly Gen<JsonObject> Products =
        from productClass in Name<ProductClass>()
        from form in Gen.OrNull(Name<ProductForm>())
        from ph in Gen.OrNull(Gen.Choose(0, 28).Select(half => $"{half * 5}"))
        from trait in Gen.OrNull(
            Gen.Elements(
                "ammonia",
                "acid",
                "chlorine",
                "peroxide",
                "solvent",
                "oil",
                "abrasive",
                "leavesFilm"
            )
        )
        from sheen in Gen.OrNull(Name<Sheen>())
        from hazard in Gen.OrNull(Gen.Elements(HazardStatements.All.Select(one => one.Code).ToArray()))
        select Filled(
            ("class", productClass),
            ("form", form),
            ("ph", ph is null ? null : int.Parse(ph, null) / 10.0),
            (trait ?? "ammonia", trait is null ? null : true),
            ("sheen", sheen),
            ("hazards", hazard is null ? null : new JsonArray(hazard))
        );

    private static readonly Gen<JsonObject> Cases =
        from kind in Name<SurfaceKind>()
        from material in Gen.OrNull(Name<Material>())
        from finish in Gen.OrNull(Name<Finish>())
        from product in Gen.OrNull(Products)
        from strength in Gen.OrNull(Gen.Elements("neat", "1:8", "8:1", "2 %", "1:10000"))
        from application in Gen.OrNull(Name<Application>())
        from tool in Gen.OrNull(Name<Tool>())
        from context in Gen.OrNull(
            Gen.Elements("surfaceHot", "inSun", "cabinHot", "cabinClosed", "ignitionNear", "unclean", "damp")
        )
        from soil in Gen.OrNull(Name<Soil>())
        from maker in Gen.OrNull(Name<MakerSays>())
        from spot in Gen.OrNull(Name<SpotResult>())
        from other in Gen.OrNull(Products)
        select Filled(
            ("surface", Filled(("kind", kind), ("material", material), ("finish", finish))),
            ("product", product),
            ("strength", strength),
            ("application", application),
            ("tool", tool),
            (
                "context",
                Filled(
                    (context ?? "damp", context is null ? null : true),
                    ("soil", soil),
                    ("maker", maker),
                    ("spotTest", spot),
                    ("session", other is null ? null : new JsonArray(other.DeepClone()))
                )
            )
        );

    private readonly CoveHost cove = new();

    public void Dispose() => cove.Dispose();

    [Property(MaxTest = 40)]
    public Property Every_sound_case_has_a_verdict_that_its_reasons_bear_out() =>
        Prop.ForAll(
            Cases.ListOf(50).ToArbitrary(),
            cases =>
            {
                (HttpStatusCode status, JsonObject body) = Ask(cases);
                return (
                    status == HttpStatusCode.OK
                    && body["results"]!.AsArray().Count == cases.Count
                    && body["results"]!.AsArray().All(BearsOut)
                ).Label(body.ToJsonString());
            }
        );

    [Property(MaxTest = 60)]
    public Property One_case_that_is_not_sound_is_named_by_its_path_and_none_is_answered() =>
        Prop.ForAll(
            (
                from cases in Cases.ListOf(6)
                from at in Gen.Choose(0, 5)
                from field in Gen.Elements("strength", "application", "tool", "soil", "wish")
                select (cases, at, field)
            ).ToArbitrary(),
            given =>
            {
                JsonObject[] cases = [.. given.cases.Select(one => one.DeepClone().AsObject())];
                JsonObject holder =
                    given.field == "soil" ? cases[given.at]["context"]!.AsObject() : cases[given.at];
                holder[given.field] = "ebb";
                (HttpStatusCode status, JsonObject body) = Ask(cases);
                return (
                    status == HttpStatusCode.BadRequest
                    && body["results"] is null
                    && body["errors"]!
                        .AsObject()
                        .Any(error =>
                            error.Key.StartsWith($"cases[{given.at}]", StringComparison.Ordinal)
                            && error.Key.EndsWith(given.field, StringComparison.Ordinal)
                        )
                ).Label(body.ToJsonString());
            }
        );

    /// <summary>The gravest reason that counts is the verdict, and every reason says who says so.</summary>
    private static bool BearsOut(JsonNode? result)
    {
        JsonArray reasons = result!["reasons"]!.AsArray();
        JsonNode?[] counting = [.. reasons.Where(reason => reason!["liftedBy"] is null)];
        return counting.Length > 0
            && counting.Max(reason => Enum.Parse<Verdict>((string)reason!["verdict"]!, true))
                == Enum.Parse<Verdict>((string)result["verdict"]!, true)
            && reasons.All(reason =>
                ((string)reason!["source"]!).Length > 0 && ((string)reason["sentence"]!).EndsWith('.')
            );
    }

    private (HttpStatusCode Status, JsonObject Body) Ask(IEnumerable<JsonObject> cases)
    {
        var body = new JsonObject { ["cases"] = new JsonArray([.. cases.Select(one => one.DeepClone())]) };
        HttpResponseMessage answer = cove.Post("/api/verdicts/evaluate", body.ToJsonString())
            .GetAwaiter()
            .GetResult();
        return (answer.StatusCode, answer.Content.ReadFromJsonAsync<JsonObject>().GetAwaiter().GetResult()!);
    }

    private static Gen<string> Name<T>()
        where T : struct, Enum =>
        Gen.Elements(
            Enum.GetNames<T>()
                .Where(name => name != nameof(SurfaceFacts.None) || typeof(T) != typeof(Material))
                .Select(JsonNamingPolicy.CamelCase.ConvertName)
                .ToArray()
        );

    private static JsonObject Filled(params (string Name, JsonNode? Value)[] fields)
    {
        var filled = new JsonObject();
        foreach (var (name, value) in fields)
        {
            if (value is not null)
            {
                filled[name] = value.DeepClone();
            }
        }

        return filled;
    }
}
