using System.Text.Json;
using System.Text.Json.Serialization;
using Cove.Core.Products;

namespace Cove.Data;

/// <summary>Writes a strength as the share of the total that is product.</summary>
internal sealed class StrengthJson : JsonConverter<Strength>
{
    public override Strength Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    ) => Strength.FromShare(reader.GetDouble());

    public override void Write(Utf8JsonWriter writer, Strength value, JsonSerializerOptions options) =>
        writer.WriteNumberValue(value.Share);
}
