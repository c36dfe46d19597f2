using System.Text.Json;
using System.Text.RegularExpressions;
using Cove.Core;

namespace Cove.Data;

/// <summary>Says in sentences why JSON could not be read.</summary>
public static partial class JsonWords
{
    /// <summary>Names in a file may be of any length; what is said of them is not.</summary>
    private const int LongestPath = 100;
    private const int MostRead = 4000;

    private const string Given = "This has to be given.";
    private const string NotJson = "This is not well-formed JSON. Check quotes, commas and brackets.";
    private const string CutOff = "This ends before it is complete. Take all of it and try again.";

    /// <summary>What is wrong, with the paths of the fields.</summary>
    /// <param name="error">What the reader said.</param>
    /// <param name="whole">What to call the whole of it, where no field is to blame.</param>
    public static IReadOnlyList<Flaw> Explain(JsonException error, string whole) =>
        [
            .. Explain(
                    error.Message.Length > MostRead ? error.Message[..MostRead] : error.Message,
                    PathOf(error.Path),
                    whole
                )
                .Select(flaw =>
                    flaw.Property.Length > LongestPath
                        ? flaw with
                        {
                            Property = flaw.Property[..LongestPath],
                        }
                        : flaw
                ),
        ];

    private static IReadOnlyList<Flaw> Explain(string message, string at, string whole)
    {
        if (MissingNames().Match(message) is { Success: true } missing)
        {
            return
            [
                .. QuotedName()
                    .Matches(missing.Groups["names"].Value)
                    .Select(name => new Flaw(Join(at, name.Groups["name"].Value), Given)),
            ];
        }

        if (UnknownName().Match(message) is { Success: true } unknown)
        {
            string name = unknown.Groups["name"].Value;
            return
            [
                new Flaw(
                    at.EndsWith(name, StringComparison.Ordinal) ? at : Join(at, name),
                    "Cove does not know this field. Leave it out."
                ),
            ];
        }

        if (TwiceNamed().Match(message) is { Success: true } twice)
        {
            string name = twice.Groups["name"].Value;
            return
            [
                new Flaw(
                    at.EndsWith(name, StringComparison.Ordinal) ? at : Join(at, name),
                    "This is given twice. Give it once."
                ),
            ];
        }

        if (NullName().Match(message) is { Success: true } nothing)
        {
            string name = JsonNamingPolicy.CamelCase.ConvertName(nothing.Groups["name"].Value);
            return [new Flaw(at.EndsWith(name, StringComparison.Ordinal) ? at : Join(at, name), Given)];
        }

        return WrongType().Match(message) is { Success: true } type
            ? [new Flaw(at.Length == 0 ? whole : at, ExpectedFor(type.Groups["type"].Value))]
            : [new Flaw(at.Length == 0 ? whole : at, EndsEarly().IsMatch(message) ? CutOff : NotJson)];
    }

    /// <summary>What to give for a type.</summary>
    /// <param name="type">Its name, as the framework writes it.</param>
    public static string ExpectedFor(string type) =>
        type switch
        {
            _ when type.Contains("IReadOnlyList", StringComparison.Ordinal) => "Give a list in brackets.",
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
            _ when type.Contains("Document", StringComparison.Ordinal)
                    || type.Contains("CabinLayout", StringComparison.Ordinal) => "Give an object in braces.",
            _ => "This value is not one of those on offer.",
        };

    private static string PathOf(string? path) =>
        path is null ? string.Empty : path.TrimStart('$').TrimStart('.');

    private static string Join(string path, string name) => path.Length == 0 ? name : $"{path}.{name}";

    [GeneratedRegex(
        "missing required properties including: (?<names>.+)\\.",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex MissingNames();

    [GeneratedRegex("'(?<name>[^']+)'", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex QuotedName();

    [GeneratedRegex(
        "^The JSON property '(?<name>[^']+)(' could not be mapped|$)",
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

    [GeneratedRegex(
        "end of (the )?(data|input|string)|Expected depth to be zero|isFinalBlock",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex EndsEarly();

    [GeneratedRegex("could not be converted to (?<type>[^ ]+)\\.", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex WrongType();
}
