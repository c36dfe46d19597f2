using System.Text.Json;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.WebUtilities;

namespace Cove.Web.Hosting;

/// <summary>The errors of the API: problem details by RFC 9457, with a sentence for each field that is wrong.</summary>
internal static partial class Problems
{
    private const string CheckFields = "Some of what was sent cannot be used. Nothing was changed.";

    private const string TooLarge = "That is more than Cove takes in one request. Send less.";
    private const string SendJson = "Send JSON, with the content type application/json.";

    private static readonly string[] Given = ["This has to be given."];

    public static IResult NotFound(string sentence) =>
        Results.Problem(title: sentence, statusCode: StatusCodes.Status404NotFound);

    public static IResult Conflict(string sentence) =>
        Results.Problem(title: sentence, statusCode: StatusCodes.Status409Conflict);

    public static IResult Stale() =>
        Results.Problem(
            title: "This entry was changed elsewhere in the meantime. Reload it and decide again.",
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

    /// <summary>Gives the problems that the framework words by itself words that tell what to do.</summary>
    public static void Word(ProblemDetailsOptions options) =>
        options.CustomizeProblemDetails = context =>
        {
            ProblemDetails problem = context.ProblemDetails;
            if (problem is HttpValidationProblemDetails fields)
            {
                fields.Title = CheckFields;
                fields.Errors = fields.Errors.ToDictionary(
                    error => char.ToLowerInvariant(error.Key[0]) + error.Key[1..],
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

    /// <summary>Turns what could not be read or went wrong into a problem.</summary>
    public static Task Write(HttpContext http)
    {
        Exception? error = http.Features.Get<IExceptionHandlerFeature>()?.Error;
        IResult problem = error switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Results.Problem(
                title: TooLarge,
                statusCode: StatusCodes.Status413PayloadTooLarge
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } =>
                Results.Problem(title: SendJson, statusCode: StatusCodes.Status415UnsupportedMediaType),
            BadHttpRequestException { InnerException: JsonException json } => Unreadable(json),
            BadHttpRequestException bad => Unbound(bad.Message),
            _ => Results.Problem(
                title: "Cove could not finish this. Nothing was half done; try again.",
                statusCode: StatusCodes.Status500InternalServerError
            ),
        };
        return problem.ExecuteAsync(http);
    }

    private static IResult Unreadable(JsonException error)
    {
        if (MissingNames().Match(error.Message) is { Success: true } missing)
        {
            return Fields(
                QuotedName()
                    .Matches(missing.Groups["names"].Value)
                    .ToDictionary(name => name.Groups["name"].Value, _ => Given, StringComparer.Ordinal)
            );
        }

        string field = FieldOf(error.Path);
        if (UnknownName().Match(error.Message) is { Success: true } unknown)
        {
            return Field(unknown.Groups["name"].Value, "Cove does not know this field. Leave it out.");
        }

        if (TwiceNamed().Match(error.Message) is { Success: true } twice)
        {
            return Field(twice.Groups["name"].Value, "This is given twice. Give it once.");
        }

        if (NullName().Match(error.Message) is { Success: true } nothing)
        {
            return Field(JsonNamingPolicy.CamelCase.ConvertName(nothing.Groups["name"].Value), Given[0]);
        }

        return WrongType().Match(error.Message) is { Success: true } type
            ? Field(field, ExpectedFor(type.Groups["type"].Value))
            : Field(field, "This is not well-formed JSON. Check quotes, commas and brackets.");
    }

    private static IResult Unbound(string message) =>
        BoundParameter().Match(message) is { Success: true } bound
            ? Field(bound.Groups["name"].Value, ExpectedFor(bound.Groups["type"].Value))
            : Results.Problem(
                title: "The request could not be read. Send a JSON body with the fields that are asked for.",
                statusCode: StatusCodes.Status400BadRequest
            );

    private static string FieldOf(string? path) => path is null or "$" ? "body" : path.TrimStart('$', '.');

    private static string ExpectedFor(string type) =>
        type switch
        {
            _ when type.Contains("DateOnly", StringComparison.Ordinal) =>
                "Give a day that is in the calendar, like 2026-03-14.",
            _ when type.Contains("DateTimeOffset", StringComparison.Ordinal) =>
                "Give a date and time that exist, with the offset from UTC, like 2026-03-14T10:20:00+00:00.",
            _ when type.Contains("Guid", StringComparison.Ordinal) =>
                "Give an id like 0197a9a4-5b1c-7c3e-9d2f-1a2b3c4d5e6f.",
            _ when type.Contains("Int32", StringComparison.Ordinal) || type == "int" =>
                "Give a whole number.",
            _ when type.Contains("Double", StringComparison.Ordinal) || type == "double" => "Give a number.",
            _ when type.Contains("Boolean", StringComparison.Ordinal) || type == "bool" =>
                "Give true or false.",
            _ when type.Contains("String", StringComparison.Ordinal) => "Give a text in quotes.",
            _ => "This value is not one of those on offer.",
        };

    [GeneratedRegex(
        "missing required properties including: (?<names>.+)\\.",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex MissingNames();

    [GeneratedRegex("'(?<name>[^']+)'", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex QuotedName();

    [GeneratedRegex(
        "The JSON property '(?<name>[^']+)' could not be mapped",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex UnknownName();

    [GeneratedRegex("Duplicate property '(?<name>[^']+)'", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex TwiceNamed();

    [GeneratedRegex(
        "The property or field '(?<name>[^']+)' on type .* doesn't allow setting null|parameter '(?<name>[^']+)' .* doesn't allow null",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex NullName();

    [GeneratedRegex("could not be converted to (?<type>[^ ]+)\\.", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex WrongType();

    [GeneratedRegex("parameter \"(?<type>[^ \"]+) (?<name>[^\"]+)\"", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex BoundParameter();
}
