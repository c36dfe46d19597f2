using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cove.Web.Hosting;

/// <summary>Writes the name of a surface as the bare text it is.</summary>
internal sealed class SurfaceIdJson : JsonConverter<SurfaceId>
{
    public override SurfaceId Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    ) => new(reader.GetString() ?? string.Empty);

    public override void Write(Utf8JsonWriter writer, SurfaceId value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.Value);
}
