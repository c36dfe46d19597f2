using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Cove.Data;

/// <summary>Holds JSON to the shape of a type, value by value, and says in sentences of its own what does not fit.</summary>
/// <remarks>What passes here can be read as that type. Limits on values are not its business; see <see cref="Annotations"/>.</remarks>
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

        using JsonDocument document = JsonDocument.Parse(
            json,
            new JsonDocumentOptions { MaxDepth = deepest }
        );
        var shape = new JsonShape(options);
        shape.CheckValue(document.RootElement, options.GetTypeInfo(type), string.Empty);
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

    private void CheckValue(JsonElement value, JsonTypeInfo type, string path)
    {
        switch (type.Kind)
        {
            case JsonTypeInfoKind.Object:
                CheckObject(value, type, path);
                break;
            case JsonTypeInfoKind.Enumerable:
                CheckList(value, type, path);
                break;
            default:
                if (!IsValue(value, type))
                {
                    Report(path, IsText(value) ? ExpectedFor(type.Type) : NotText);
                }

                break;
        }
    }

    private void CheckObject(JsonElement value, JsonTypeInfo type, string path)
    {
        if (value.ValueKind != JsonValueKind.Object)
        {
            Report(path, AnObject);
            return;
        }

        var missing = type
            .Properties.Where(property => property.IsRequired)
            .Select(property => property.Name)
            .ToHashSet(NameComparer);
        var seen = new HashSet<string>(NameComparer);
        foreach (JsonProperty member in value.EnumerateObject())
        {
            if (NameOf(member) is not { } name)
            {
                Report(path, NotText);
                continue;
            }

            string at = path.Length == 0 ? name : $"{path}.{name}";
            missing.Remove(name);
            if (!seen.Add(name))
            {
                Report(at, "This is given twice. Give it once.");
            }
            else if (PropertyOf(type, name) is not { } property)
            {
                Report(at, "Cove does not know this field. Leave it out.");
            }
            else if (member.Value.ValueKind != JsonValueKind.Null)
            {
                CheckValue(member.Value, options.GetTypeInfo(PlainType(property.PropertyType)), at);
            }
            else if (!property.IsSetNullable || IsPlainValue(property.PropertyType))
            {
                Report(at, Given);
            }
        }

        foreach (string name in missing)
        {
            Report(path.Length == 0 ? name : $"{path}.{name}", Given);
        }
    }

    private void CheckList(JsonElement value, JsonTypeInfo type, string path)
    {
        if (value.ValueKind != JsonValueKind.Array)
        {
            Report(path, AList);
            return;
        }

        JsonTypeInfo element = options.GetTypeInfo(type.ElementType!);
        int index = 0;
        foreach (JsonElement item in value.EnumerateArray())
        {
            if (item.ValueKind == JsonValueKind.Null)
            {
                Report($"{path}[{index}]", Given);
            }
            else
            {
                CheckValue(item, element, $"{path}[{index}]");
            }

            index++;
            if (errors.Count >= MostFlaws)
            {
                return;
            }
        }
    }

    private static bool IsValue(JsonElement value, JsonTypeInfo type)
    {
        Type plain = type.Type;
        if (plain == typeof(string))
        {
            return value.ValueKind == JsonValueKind.String && IsText(value);
        }

        if (plain == typeof(bool))
        {
            return value.ValueKind is JsonValueKind.True or JsonValueKind.False;
        }

        if (plain == typeof(double))
        {
            return value.ValueKind == JsonValueKind.Number
                && value.TryGetDouble(out double number)
                && double.IsFinite(number);
        }

        // The rest is rare enough to be read as it will be.
        try
        {
            return value.Deserialize(type) is not null;
        }
        catch (Exception error) when (error is JsonException or InvalidOperationException)
        {
            return false;
        }
    }

    private static bool IsText(JsonElement value)
    {
        try
        {
            return value.ValueKind != JsonValueKind.String || value.GetString() is not null;
        }
        catch (InvalidOperationException)
        {
            return false;
        }
    }

    private static string? NameOf(JsonProperty member)
    {
        try
        {
            return member.Name.Length > LongestPath ? member.Name[..LongestPath] : member.Name;
        }
        catch (InvalidOperationException)
        {
            return null;
        }
    }

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
