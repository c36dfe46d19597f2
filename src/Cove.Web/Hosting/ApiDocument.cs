using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Cove.Web.Hosting;

/// <summary>Shapes the OpenAPI document so that clients can be generated from it and it is the same everywhere.</summary>
internal static class ApiDocument
{
    /// <summary>Ids that are sent as numbers of 32 hexadecimal digits.</summary>
    private static readonly HashSet<Type> Numbers =
    [
        typeof(VehicleId),
        typeof(ProductId),
        typeof(RunId),
        typeof(EntryId),
    ];

    /// <summary>Ids that are sent as names.</summary>
    private static readonly HashSet<Type> Names = [typeof(SurfaceId), typeof(TaskId)];

    public static void Shape(OpenApiOptions options)
    {
        options.CreateSchemaReferenceId = type =>
            IsId(type.Type) ? null : OpenApiOptions.CreateDefaultSchemaReferenceId(type);
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info.Title = "Cove";
                // The address depends on how the server was started.
                document.Servers?.Clear();
                DropNulls(document);
                return Task.CompletedTask;
            }
        );
        options.AddSchemaTransformer(
            (schema, context, _) =>
            {
                // Value types are always written whole, though their constructors do not say so.
                if (context.JsonTypeInfo.Type.IsValueType && schema.Properties is { Count: > 0 } properties)
                {
                    schema.Required = properties.Keys.ToHashSet(StringComparer.Ordinal);
                }

                NameFlags(schema, context.JsonTypeInfo.Type);
                Unwrap(schema, context.JsonTypeInfo.Type);
                return Task.CompletedTask;
            }
        );
    }

    private static bool IsId(Type type) =>
        Nullable.GetUnderlyingType(type) is { } given
            ? IsId(given)
            : Numbers.Contains(type) || Names.Contains(type);

    /// <summary>Ids are types of their own here and plain text on the way.</summary>
    private static void Unwrap(OpenApiSchema schema, Type type)
    {
        if (IsId(type))
        {
            bool mayBeNull = Nullable.GetUnderlyingType(type) is not null;
            schema.Type = mayBeNull ? JsonSchemaType.String | JsonSchemaType.Null : JsonSchemaType.String;
            schema.Format = Numbers.Contains(type) ? "uuid" : null;
            schema.Properties = null;
            schema.Required = null;
            schema.AdditionalPropertiesAllowed = true;
        }
    }

    /// <summary>Where a choice may be left out says the field that holds it; the choice itself has no empty value.</summary>
    private static void DropNulls(OpenApiDocument document)
    {
        foreach (
            IList<JsonNode> values in document
                .Components!.Schemas!.Values.Select(schema => schema.Enum)
                .OfType<IList<JsonNode>>()
        )
        {
            foreach (
                JsonNode empty in values.Where(value => value is null || value.IsJsonNullSentinel()).ToArray()
            )
            {
                values.Remove(empty);
            }
        }
    }

    /// <summary>Flags are sent as lists of single values, so each value is named.</summary>
    private static void NameFlags(OpenApiSchema schema, Type type)
    {
        if (type.IsEnum && type.IsDefined(typeof(FlagsAttribute), inherit: false))
        {
            schema.Type = null;
            schema.Enum =
            [
                .. Enum.GetNames(type)
                    .Where(name => name != "None")
                    .Select(name => JsonNode.Parse($"\"{JsonNamingPolicy.CamelCase.ConvertName(name)}\"")!),
            ];
        }
    }
}
