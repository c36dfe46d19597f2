using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Verdicts;

/// <summary>Judges cases that belong to no vehicle and no shelf.</summary>
internal static class EvaluateEndpoint
{
    public const int MostCases = 1000;

    private const int LargestRequest = 4 * 1024 * 1024;

    public static void MapEvaluate(this RouteGroupBuilder api) =>
        api.MapPost("/verdicts/evaluate", Evaluate)
            .WithMetadata(new RequestSizeLimitAttribute(LargestRequest), new ChangesNothing())
            .WithName("EvaluateVerdicts")
            .WithSummary(
                "Judges whether a product may touch a surface: several cases in one call, nothing stored."
            )
            .WithDescription(
                "Each case names a surface, a product at its strength, how it is put on, the tool, and the circumstances. Only the kind of the surface is required; what is left out is filled with what is usual: material and finish by kind, chemistry by class of product, strength, application and tool by common practice. The answer gives the worst verdict, that of each part where a surface has several (leather with inserts), every reason with its source, the changes it asks for and the gear to wear. If any case cannot be read, none is answered and each mistake is named by its path. Example: {\"cases\":[{\"surface\":{\"kind\":\"glass\",\"facts\":[\"tintFilm\"]},\"product\":{\"class\":\"glassCleanerWithAmmonia\"},\"application\":\"onTowel\"},{\"surface\":{\"kind\":\"seat\",\"material\":\"coatedLeather\"},\"product\":{\"class\":\"allPurposeCleaner\",\"ph\":12},\"strength\":\"1:10\",\"tool\":\"softBrush\",\"context\":{\"coatWorn\":true}}]}"
            )
            .Produces<EvaluateView>()
            .ProducesValidationProblem();

    private static IResult Evaluate(EvaluateRequest request)
    {
        var reader = new CaseReader();
        SafetyCase?[] cases = [.. request.Cases.Select((given, i) => reader.Read(given, $"cases[{i}]"))];
        return reader.Errors.Count > 0
            ? Problems.Errors(reader.Errors)
            : Results.Ok(new EvaluateView([.. cases.Select(safetyCase => JudgementView.Of(safetyCase!))]));
    }
}
