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

    /// <summary>For columns of the database: compact, and lenient to what an older version wrote.</summary>
    internal static JsonSerializerOptions Column { get; } =
        new(JsonSerializerDefaults.Web) { Converters = { Enums() } };

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

    private static JsonStringEnumConverter Enums() =>
        new(JsonNamingPolicy.CamelCase, allowIntegerValues: false);
}
