using System.Text.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.WebUtilities;

namespace Cove.Web.Hosting;

/// <summary>The errors of the API: problem details by RFC 9457, with a sentence for each field that is wrong.</summary>
internal static class Problems
{
    private const string CheckFields = "Some of what was sent cannot be used. Nothing was changed.";

    private const string TooLarge = "That is more than Cove takes in one request. Send less.";
    private const string SendJson = "Send JSON in UTF-8, with the content type application/json.";

    private const int MostSaid = 20;

    public static IResult NotFound(string sentence) =>
        Results.Problem(title: sentence, statusCode: StatusCodes.Status404NotFound);

    public static IResult Conflict(string sentence) =>
        Results.Problem(title: sentence, statusCode: StatusCodes.Status409Conflict);

    public static IResult Stale() =>
        Results.Problem(
            title: "This was changed elsewhere in the meantime. Reload it and decide again.",
            statusCode: StatusCodes.Status412PreconditionFailed
        );

    public static IResult MissingVersion() =>
        Results.Problem(
            title: "Say which version the change is based on, in an If-Match header such as \"3\".",
            statusCode: StatusCodes.Status428PreconditionRequired
        );

    public static IResult Field(string field, string sentence) =>
        Fields(new Dictionary<string, string[]>(StringComparer.Ordinal) { [field] = [sentence] });

    public static IResult Fields(IDictionary<string, string[]> errors) =>
        Results.ValidationProblem(errors, title: CheckFields);

    /// <summary>Says what is wrong, field by field, with the names of the fields as they were sent.</summary>
    /// <param name="errors">What is wrong.</param>
    /// <param name="prefix">Where in the request the fields stand, such as <c>layout.</c>.</param>
    public static IResult Errors(IEnumerable<ValidationError> errors, string prefix = "") =>
        Fields(
            errors
                .GroupBy(
                    error => prefix + JsonNamingPolicy.CamelCase.ConvertName(error.Property),
                    StringComparer.Ordinal
                )
                .ToDictionary(
                    group => group.Key,
                    group => group.Select(error => error.Sentence).ToArray(),
                    StringComparer.Ordinal
                )
        );

    /// <summary>Says what is wrong, path by path, with the paths as they were sent.</summary>
    public static IResult Paths(IEnumerable<ValidationError> errors) =>
        Fields(
            errors
                .Take(MostSaid)
                .GroupBy(error => error.Property, StringComparer.Ordinal)
                .ToDictionary(
                    group => group.Key,
                    group => group.Select(error => error.Sentence).ToArray(),
                    StringComparer.Ordinal
                )
        );

    /// <summary>Says what is wrong in a file, with the lines it stands on.</summary>
    public static IResult InFile(IReadOnlyList<FileFlaw> errors)
    {
        FileFlaw first = errors.MinBy(error => error.Line)!;
        return Results.ValidationProblem(
            errors
                .OrderBy(error => error.Line)
                .Take(MostSaid)
                .GroupBy(error => error.Field, StringComparer.Ordinal)
                .ToDictionary(
                    group => group.Key,
                    group => group.Select(error => $"Line {error.Line}: {error.Sentence}").ToArray(),
                    StringComparer.Ordinal
                ),
            title: $"Line {first.Line}, {first.Field}: {first.Sentence} Nothing was stored.",
            extensions: new Dictionary<string, object?>(StringComparer.Ordinal)
            {
                ["line"] = first.Line,
                ["field"] = first.Field,
                ["flaws"] = errors.Count,
            }
        );
    }

    public static IResult TakesTooLong() =>
        Results.Problem(
            title: "This file takes too long to read. Send a smaller one. Nothing was stored.",
            statusCode: StatusCodes.Status400BadRequest
        );

    public static IResult NotJson() =>
        Results.Problem(title: SendJson, statusCode: StatusCodes.Status415UnsupportedMediaType);

    /// <summary>Gives the problems that the framework words by itself words that tell what to do.</summary>
    public static void Word(ProblemDetailsOptions options) =>
        options.CustomizeProblemDetails = context =>
        {
            ProblemDetails problem = context.ProblemDetails;
            if (problem is HttpValidationProblemDetails fields)
            {
                if (!fields.Extensions.ContainsKey("line"))
                {
                    fields.Title = CheckFields;
                }

                fields.Errors = fields.Errors.ToDictionary(
                    error =>
                        string.Join('.', error.Key.Split('.').Select(JsonNamingPolicy.CamelCase.ConvertName)),
                    error => error.Value,
                    StringComparer.Ordinal
                );
            }
            else if (problem.Status is { } status && problem.Title == ReasonPhrases.GetReasonPhrase(status))
            {
                problem.Title = SentenceFor(status) ?? problem.Title;
            }
        };

    private static string? SentenceFor(int status) =>
        status switch
        {
            StatusCodes.Status404NotFound => "There is nothing at this address of the API.",
            StatusCodes.Status405MethodNotAllowed => "This address of the API does not take that method.",
            StatusCodes.Status413PayloadTooLarge => TooLarge,
            StatusCodes.Status415UnsupportedMediaType => SendJson,
            _ => null,
        };

    /// <summary>Whether an error is a mistake of whoever sent the request, which needs no trace in the log.</summary>
    public static bool IsMistakeOfClient(Exception error) =>
        error is BadHttpRequestException or RecordFullException or OperationCanceledException;

    /// <summary>Turns what could not be read or went wrong into a problem.</summary>
    public static Task Write(HttpContext http)
    {
        IExceptionHandlerFeature? failed = http.Features.Get<IExceptionHandlerFeature>();
        IResult problem = failed?.Error switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Results.Problem(
                title: TooLarge,
                statusCode: StatusCodes.Status413PayloadTooLarge
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } =>
                Results.Problem(title: SendJson, statusCode: StatusCodes.Status415UnsupportedMediaType),
            BadHttpRequestException => Unbound([
                .. BoundValues.Check(http.Request, failed.Endpoint ?? http.GetEndpoint()),
            ]),
            RecordFullException full => Conflict(full.Message),
            UnreadableRowException unreadable => Results.Problem(
                title: unreadable.Message,
                statusCode: StatusCodes.Status500InternalServerError
            ),
            { } error when DiskWords.Of(error) is { } sentence => Results.Problem(
                title: sentence,
                statusCode: StatusCodes.Status507InsufficientStorage
            ),
            _ => Results.Problem(
                title: "Cove could not finish this. Nothing was half done; try again.",
                statusCode: StatusCodes.Status500InternalServerError
            ),
        };
        return problem.ExecuteAsync(http);
    }

    private static IResult Unbound(IReadOnlyList<ValidationError> errors) =>
        errors.Count > 0
            ? Paths(errors)
            : Results.Problem(
                title: "The request could not be read. Send a JSON body with the fields that are asked for.",
                statusCode: StatusCodes.Status400BadRequest
            );
}
