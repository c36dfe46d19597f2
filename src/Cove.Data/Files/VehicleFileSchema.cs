using System.ComponentModel.DataAnnotations;
using System.Reflection;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;

namespace Cove.Data;

/// <summary>The JSON schema of a vehicle file, generated from the records that read it.</summary>
public static class VehicleFileSchema
{
    /// <summary>The schema (JSON Schema, draft 2020-12).</summary>
    public static JsonNode Build()
    {
        JsonNode schema = CoveJson.File.GetJsonSchemaAsNode(
            typeof(VehicleDocument),
            new JsonSchemaExporterOptions
            {
                TreatNullObliviousAsNonNullable = true,
                TransformSchemaNode = Limit,
            }
        );
        var whole = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = "A vehicle of Cove, format version 1",
        };
        foreach (var (name, value) in schema.AsObject().ToArray())
        {
            whole[name] = value?.DeepClone();
        }

        return whole;
    }

    /// <summary>Writes the limits of a property beside its type.</summary>
    private static JsonNode Limit(JsonSchemaExporterContext context, JsonNode schema)
    {
        if (schema is not JsonObject node)
        {
            return schema;
        }

        if (context.TypeInfo.Kind == System.Text.Json.Serialization.Metadata.JsonTypeInfoKind.Object)
        {
            node["additionalProperties"] = false;
        }

        Type type = Nullable.GetUnderlyingType(context.TypeInfo.Type) ?? context.TypeInfo.Type;
        if (type == typeof(DateTimeOffset))
        {
            node["format"] = "date-time";
        }

        ICustomAttributeProvider? holder = context.PropertyInfo?.AttributeProvider;
        foreach (object attribute in holder?.GetCustomAttributes(true) ?? [])
        {
            Apply(node, attribute);
        }

        return node;
    }

    private static void Apply(JsonObject node, object attribute)
    {
        switch (attribute)
        {
            case RangeAttribute range:
                node["minimum"] = Convert.ToDouble(range.Minimum, null);
                node["maximum"] = Convert.ToDouble(range.Maximum, null);
                break;
            case StringLengthAttribute length:
                node["minLength"] = length.MinimumLength;
                node["maxLength"] = length.MaximumLength;
                break;
            case MaxLengthAttribute most:
                node["maxItems"] = most.Length;
                break;
            case EachRangeAttribute each when node["items"] is JsonObject items:
                items["minimum"] = each.Minimum;
                items["maximum"] = each.Maximum;
                break;
            case RegularExpressionAttribute pattern:
                node["pattern"] = pattern.Pattern;
                break;
        }
    }
}
