using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Cove.Data;

/// <summary>Holds JSON to the shape of a type, value by value, and says in sentences of its own what does not fit.</summary>
/// <remarks>What passes here can be read as that type. Of the limits on values only the lengths of lists are its business, since a list without end would take memory without end; for all others see <see cref="Annotations"/>. It goes through the text once and keeps nothing of it.</remarks>
public sealed class JsonShape
{
    /// <summary>What is said of a value that is missing.</summary>
    public const string Given = "This has to be given.";

    private const string NotJson = "This is not well-formed JSON. Check quotes, commas and brackets.";
    private const string CutOff = "This ends before it is complete. Take all of it and try again.";
    private const string TooDeep = "This nests too deeply. Give it as the format describes.";
    private const string NotText = "This is not text in UTF-8. Save it as UTF-8 and try again.";
    private const string AnObject = "Give an object in braces.";
    private const string AList = "Give a list in brackets.";
    private const string NotOnOffer = "This value is not one of those on offer.";

    /// <summary>Names in a file may be of any length; what is said of them is not.</summary>
    private const int LongestPath = 100;

    private const int DeepestRead = 1000;

    /// <summary>In bytes; far above the longest note.</summary>
    private const int LongestText = 100_000;

    /// <summary>A file that is wrong throughout is said to be so by its first mistakes.</summary>
    private const int MostFlaws = 100;

    private readonly JsonSerializerOptions options;
    private readonly List<ValidationError> errors = [];

    private JsonShape(JsonSerializerOptions options) => this.options = options;

    /// <summary>Says what is wrong; empty when nothing is.</summary>
    /// <param name="json">The text, in UTF-8 and without a byte order mark.</param>
    /// <param name="type">The type to be read.</param>
    /// <param name="options">How it will be read.</param>
    /// <param name="whole">What to call the whole of it, where no field is to blame.</param>
    /// <returns>Errors whose property is a path such as <c>surfaces[3].name</c>.</returns>
    public static IReadOnlyList<ValidationError> Check(
        ReadOnlyMemory<byte> json,
        Type type,
        JsonSerializerOptions options,
        string whole
    )
    {
        int deepest = options.MaxDepth == 0 ? 64 : options.MaxDepth;
        if (Broken(json.Span, deepest) is { } sentence)
        {
            string at = sentence == TooDeep ? string.Empty : JsonLines.Of(json.Span, []).BreakPath;
            return [new ValidationError(at.Length is 0 or > LongestPath ? whole : at, sentence)];
        }

        var shape = new JsonShape(options);
        var reader = new Utf8JsonReader(json.Span, new JsonReaderOptions { MaxDepth = deepest });
        reader.Read();
        shape.CheckValue(ref reader, options.GetTypeInfo(type), string.Empty, null);
        return
        [
            .. shape.errors.Select(error =>
                error.Property.Length == 0 ? error with { Property = whole } : error
            ),
        ];
    }

    /// <summary>What to give for a type.</summary>
    public static string ExpectedFor(Type type)
    {
        Type plain = Nullable.GetUnderlyingType(type) ?? type;
        return plain == typeof(string) ? "Give a text in quotes."
            : plain == typeof(bool) ? "Give true or false."
            : plain == typeof(int) || plain == typeof(long) ? "Give a whole number."
            : plain == typeof(double) || plain == typeof(decimal) ? "Give a number."
            : plain == typeof(Guid) ? "Give an id like 0197a9a4-5b1c-7c3e-9d2f-1a2b3c4d5e6f."
            : plain == typeof(DateOnly) ? "Give a day that is in the calendar, like 2026-03-14."
            : plain == typeof(DateTimeOffset)
                ? "Give a date and time that exist, with the offset from UTC, like 2026-03-14T10:20:00+00:00."
            : NotOnOffer;
    }

    /// <summary>Says why a text is no JSON at all; null when it is.</summary>
    private static string? Broken(ReadOnlySpan<byte> json, int deepest)
    {
        var reader = new Utf8JsonReader(json, new JsonReaderOptions { MaxDepth = DeepestRead });
        try
        {
            while (reader.Read())
            {
                if (reader.CurrentDepth >= deepest)
                {
                    return TooDeep;
                }
            }

            return null;
        }
        catch (JsonException)
        {
            return EndsEarly(json) ? CutOff : NotJson;
        }
    }

    /// <summary>Whether all that is wrong with a text is that there is no more of it.</summary>
    private static bool EndsEarly(ReadOnlySpan<byte> json)
    {
        var reader = new Utf8JsonReader(
            json,
            isFinalBlock: false,
            new JsonReaderState(new JsonReaderOptions { MaxDepth = DeepestRead })
        );
        try
        {
            while (reader.Read()) { }

            return true;
        }
        catch (JsonException)
        {
            return false;
        }
    }

    /// <summary>Whether enough is wrong to say no more; the reader then stands anywhere.</summary>
    private bool IsFull => errors.Count >= MostFlaws;

    /// <summary>Checks the value at which the reader stands, and leaves it at its end.</summary>
    private void CheckValue(
        ref Utf8JsonReader reader,
        JsonTypeInfo type,
        string path,
        MaxLengthAttribute? longest
    )
    {
        switch (type.Kind)
        {
            case JsonTypeInfoKind.Object:
                CheckObject(ref reader, type, path);
                break;
            case JsonTypeInfoKind.Enumerable:
                CheckList(ref reader, type, path, longest);
                break;
            default:
                if (SentenceFor(ref reader, type) is { } sentence)
                {
                    Report(path, sentence);
                    reader.Skip();
                }

                break;
        }
    }

    private void CheckObject(ref Utf8JsonReader reader, JsonTypeInfo type, string path)
    {
        if (reader.TokenType != JsonTokenType.StartObject)
        {
            Report(path, AnObject);
            reader.Skip();
            return;
        }

        var missing = type
            .Properties.Where(property => property.IsRequired)
            .Select(property => property.Name)
            .ToHashSet(NameComparer);
        var seen = new HashSet<string>(NameComparer);
        while (reader.Read() && reader.TokenType != JsonTokenType.EndObject && !IsFull)
        {
            string? name = TextOf(ref reader);
            reader.Read();
            if (name is null)
            {
                Report(path, NotText);
                reader.Skip();
                continue;
            }

            string at = path.Length == 0 ? name : $"{path}.{name}";
            missing.Remove(name);
            if (!seen.Add(name))
            {
                Report(at, "This is given twice. Give it once.");
                reader.Skip();
            }
            else if (PropertyOf(type, name) is not { } property)
            {
                Report(at, "Cove does not know this field. Leave it out.");
                reader.Skip();
            }
            else if (reader.TokenType != JsonTokenType.Null)
            {
                CheckValue(
                    ref reader,
                    options.GetTypeInfo(PlainType(property.PropertyType)),
                    at,
                    LongestOf(property)
                );
            }
            else if (!property.IsSetNullable || IsPlainValue(property.PropertyType))
            {
                Report(at, Given);
            }
        }

        // What was not read to its end may have more.
        foreach (string name in IsFull ? [] : missing)
        {
            Report(path.Length == 0 ? name : $"{path}.{name}", Given);
        }
    }

    private void CheckList(
        ref Utf8JsonReader reader,
        JsonTypeInfo type,
        string path,
        MaxLengthAttribute? longest
    )
    {
        if (reader.TokenType != JsonTokenType.StartArray)
        {
            Report(path, AList);
            reader.Skip();
            return;
        }

        JsonTypeInfo element = options.GetTypeInfo(type.ElementType!);
        for (int index = 0; reader.Read() && reader.TokenType != JsonTokenType.EndArray && !IsFull; index++)
        {
            if (index == longest?.Length)
            {
                Report(path, longest.ErrorMessage ?? NotOnOffer);
            }

            if (index >= longest?.Length)
            {
                // Nothing more is said of a list that is too long.
                reader.Skip();
            }
            else if (reader.TokenType == JsonTokenType.Null)
            {
                Report($"{path}[{index}]", Given);
            }
            else
            {
                CheckValue(ref reader, element, $"{path}[{index}]", null);
            }
        }
    }

    /// <summary>Says what is wrong with a value that has no parts; null when nothing is.</summary>
    private static string? SentenceFor(ref Utf8JsonReader reader, JsonTypeInfo type)
    {
        Type plain = type.Type;
        if (reader.TokenType == JsonTokenType.String)
        {
            if (reader.ValueSpan.Length > LongestText)
            {
                return "This text is longer than any that Cove keeps. Shorten it.";
            }

            if (TextOf(ref reader) is null)
            {
                return NotText;
            }
        }

        bool fits =
            plain == typeof(string) ? reader.TokenType == JsonTokenType.String
            : plain == typeof(bool) ? reader.TokenType is JsonTokenType.True or JsonTokenType.False
            : plain == typeof(double)
                ? reader.TokenType == JsonTokenType.Number
                    && reader.TryGetDouble(out double number)
                    && double.IsFinite(number)
            : CanBeRead(reader, type);
        return fits ? null : ExpectedFor(plain);
    }

    /// <summary>The rest is rare enough to be read as it will be; by a copy of the reader, which stays where it is.</summary>
    private static bool CanBeRead(Utf8JsonReader reader, JsonTypeInfo type)
    {
        if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
        {
            return false;
        }

        try
        {
            return JsonSerializer.Deserialize(ref reader, type) is not null;
        }
        catch (Exception error) when (error is JsonException or InvalidOperationException)
        {
            return false;
        }
    }

    /// <summary>The text or name at which the reader stands, a long one cut off; null when it is no text.</summary>
    private static string? TextOf(ref Utf8JsonReader reader)
    {
        try
        {
            string text = reader.GetString() ?? string.Empty;
            return text.Length > LongestPath && reader.TokenType == JsonTokenType.PropertyName
                ? text[..LongestPath]
                : text;
        }
        catch (InvalidOperationException)
        {
            return null;
        }
    }

    private static MaxLengthAttribute? LongestOf(JsonPropertyInfo property) =>
        property
            .AttributeProvider?.GetCustomAttributes(typeof(MaxLengthAttribute), inherit: false)
            .OfType<MaxLengthAttribute>()
            .FirstOrDefault();

    private JsonPropertyInfo? PropertyOf(JsonTypeInfo type, string name) =>
        type.Properties.FirstOrDefault(property =>
            NameComparer.Equals(property.Name, name)
            && (property.Set is not null || property.AssociatedParameter is not null)
        );

    private StringComparer NameComparer =>
        options.PropertyNameCaseInsensitive ? StringComparer.OrdinalIgnoreCase : StringComparer.Ordinal;

    private static bool IsPlainValue(Type type) =>
        type.IsValueType && Nullable.GetUnderlyingType(type) is null;

    private static Type PlainType(Type type) => Nullable.GetUnderlyingType(type) ?? type;

    private void Report(string path, string sentence) =>
        errors.Add(new ValidationError(path.Length > LongestPath ? path[..LongestPath] : path, sentence));
}
