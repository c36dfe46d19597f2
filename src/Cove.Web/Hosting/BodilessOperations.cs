using Microsoft.AspNetCore.Mvc.ApiExplorer;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace Cove.Web.Hosting;

/// <summary>Takes the bodies out of the API description that are none.</summary>
/// <remarks>Endpoints bound at build time cannot know that all their parameters are services, and leave a body of no type open for them.</remarks>
internal sealed class BodilessOperations : IApiDescriptionProvider
{
    /// <summary>After the provider of the framework, which is at -1100.</summary>
    public int Order => 0;

    public void OnProvidersExecuting(ApiDescriptionProviderContext context) { }

    public void OnProvidersExecuted(ApiDescriptionProviderContext context)
    {
        foreach (ApiDescription operation in context.Results)
        {
            foreach (
                ApiParameterDescription none in operation
                    .ParameterDescriptions.Where(description =>
                        description.Source == BindingSource.Body && description.Type == typeof(void)
                    )
                    .ToArray()
            )
            {
                operation.ParameterDescriptions.Remove(none);
            }
        }
    }
}
