using System.Collections;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace Cove.Data;

/// <summary>How Cove writes and reads JSON: in its files, in its own columns, and over HTTP.</summary>
public static class CoveJson
{
    /// <summary>For files that people read: indented, names in camel case, everything that is not known refused.</summary>
    public static JsonSerializerOptions File { get; } =
        Strict(new JsonSerializerOptions(JsonSerializerDefaults.Web));

    /// <summary>For columns of the database: compact, and lenient to what an older version wrote, but never a list with a gap in it.</summary>
    internal static JsonSerializerOptions Column { get; } =
        new(JsonSerializerDefaults.Web)
        {
            Converters = { Enums() },
            TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { RefuseGaps } },
        };

    /// <summary>Makes options refuse whatever is not exactly what is asked for.</summary>
    public static JsonSerializerOptions Strict(JsonSerializerOptions options)
    {
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.PropertyNameCaseInsensitive = false;
        options.AllowDuplicateProperties = false;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.WriteIndented = true;
        options.MaxDepth = 16;
        options.TypeInfoResolver = new DefaultJsonTypeInfoResolver();
        // Files are not pages: names keep their letters instead of turning into escapes.
        options.Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping;
        options.Converters.Add(Enums());
        return options;
    }

    /// <summary>A list may hold a null in JSON whatever its type says; whoever reads it here may rely on the type.</summary>
    private static void RefuseGaps(JsonTypeInfo type)
    {
        Func<object, object?>[] lists =
        [
            .. type
                .Properties.Where(property =>
                    property.Get is not null && property.PropertyType.IsAssignableTo(typeof(IEnumerable))
                )
                .Select(property => property.Get!),
        ];
        if (type.Kind == JsonTypeInfoKind.Object && lists.Length > 0)
        {
            type.OnDeserialized = read =>
            {
                if (lists.Any(get => get(read) is IList list && list.Contains(null)))
                {
                    throw new JsonException("A list has a gap in it.");
                }
            };
        }
    }

    private static JsonStringEnumConverter Enums() =>
        new(JsonNamingPolicy.CamelCase, allowIntegerValues: false);
}
