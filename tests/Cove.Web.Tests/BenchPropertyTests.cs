using System.Globalization;

namespace Cove.Web.Tests;

/// <summary>Whatever is asked of the bench and of the rules, there is an answer or a refusal that says why.</summary>
public sealed class BenchPropertyTests : IDisposable
{
    private static readonly Gen<double> Volumes = Gen.OneOf(
        Gen.Choose(0, 20_000).Select(tenth => tenth / 10.0),
        Gen.Elements(0, 0.001, 0.05, 1, 4200, 99_999, 100_000, 100_001, -1, 1e300)
    );

    private static readonly Gen<string> Strengths = Gen.OneOf(
        Gen.Choose(0, 120_000).Select(tenth => $"1:{Text(tenth / 10.0)}"),
        Gen.Choose(0, 120_000).Select(tenth => $"{Text(tenth / 10.0)}:1"),
        Gen.Choose(0, 10_100).Select(hundredth => $"{Text(hundredth / 100.0)} %"),
        Gen.Elements("neat", "", "0", "1:0", "0:0", "strong", "1:8:9", "-1 %", "NaN %", "1:1e9", "٣:١")
    );

    private static readonly Gen<string> Units = Gen.Elements(
        "millilitre",
        "litre",
        "usFluidOunce",
        "imperialFluidOunce",
        "drop"
    );

    private readonly CoveHost cove = new();

    public void Dispose() => cove.Dispose();

    [Property(MaxTest = 300)]
    public Property A_mixture_adds_up_or_is_refused_with_a_sentence() =>
        Prop.ForAll(
            (
                from unit in Units
                from product in Gen.OrNull(Volumes.Select(Boxed))
                from water in Gen.OrNull(Volumes.Select(Boxed))
                from total in Gen.OrNull(Volumes.Select(Boxed))
                from strength in Gen.OrNull(Strengths)
                select new JsonObject
                {
                    ["unit"] = unit,
                    ["product"] = product?.DeepClone(),
                    ["water"] = water?.DeepClone(),
                    ["total"] = total?.DeepClone(),
                    ["strength"] = strength,
                }
            ).ToArbitrary(),
            request => AddsUpOrIsRefused("/api/dilutions", request).GetAwaiter().GetResult()
        );

    [Property(MaxTest = 300)]
    public Property A_top_up_adds_up_or_is_refused_with_a_sentence() =>
        Prop.ForAll(
            (
                from unit in Units
                from held in Volumes
                from more in Volumes
                from before in Strengths
                from target in Strengths
                select new JsonObject
                {
                    ["unit"] = unit,
                    ["held"] = held,
                    ["heldStrength"] = before,
                    ["total"] = held + more,
                    ["target"] = target,
                }
            ).ToArbitrary(),
            request => AddsUpOrIsRefused("/api/dilutions/top-up", request).GetAwaiter().GetResult()
        );

    private async Task<Property> AddsUpOrIsRefused(string path, JsonObject request)
    {
        HttpResponseMessage answer = await cove.Post(path, request.ToJsonString());
        JsonObject body = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        return (
            answer.StatusCode switch
            {
                HttpStatusCode.OK => AddsUp(body),
                HttpStatusCode.BadRequest => body["errors"]!
                    .AsObject()
                    .SelectMany(error => error.Value!.AsArray())
                    .All(sentence => ((string)sentence!).EndsWith('.')),
                _ => false,
            }
        ).Label($"{request.ToJsonString()} {(int)answer.StatusCode} {body.ToJsonString()}");
    }

    /// <summary>The layers of the drawn bottle rise to its brim, by hand as much is added as was computed, and the strength can be read back.</summary>
    private static bool AddsUp(JsonObject mixture)
    {
        double total = (double)mixture["total"]!["millilitres"]!;
        JsonArray layers = mixture["fill"]!.AsArray();
        double exact =
            (double)mixture["product"]!["millilitres"]! + (double)mixture["water"]!["millilitres"]!;
        double byHand =
            (double)mixture["byHand"]!["productMillilitres"]!
            + (double)mixture["byHand"]!["waterMillilitres"]!;
        return layers.Count is >= 1 and <= 3
            && Math.Abs((double)layers[^1]!["upTo"]! - total) <= 1e-6 * total
            && Math.Abs(byHand - exact) <= 1e-6 * Math.Max(1, exact)
            && Core.Catalogue.Amounts.Strength.Parse((string)mixture["byHand"]!["strength"]!) is not null
            && Core.Catalogue.Amounts.Strength.Parse((string)mixture["strength"]!) is not null;
    }

    private static JsonNode Boxed(double value) => JsonValue.Create(value);

    private static string Text(double value) => value.ToString(CultureInfo.InvariantCulture);
}
