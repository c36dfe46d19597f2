using Microsoft.AspNetCore.OpenApi;

namespace Cove.Web.Hosting;

/// <summary>Shapes the OpenAPI document so that clients can be generated from it and it is the same everywhere.</summary>
internal static class ApiDescription
{
    public static void Shape(OpenApiOptions options)
    {
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info.Title = "Cove";
                // The address depends on how the server was started.
                document.Servers?.Clear();
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

                return Task.CompletedTask;
            }
        );
    }
}
