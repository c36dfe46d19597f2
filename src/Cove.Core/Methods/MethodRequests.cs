using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods;

/// <summary>Says what a method asks of products.</summary>
public static class MethodRequests
{
    /// <summary>The requests of a method: one for each product it uses, water only where it uses nothing else.</summary>
    /// <param name="method">The method.</param>
    /// <param name="part">The only part of a surface that it touches; what the method says when left out.</param>
    public static IReadOnlyList<ProductRequest> Of(Method method, Material? part = null)
    {
        MethodStep[] steps =
        [
            .. method.Steps.Where(step => step.Uses is { Role: not (ProductRole.Water or ProductRole.Gel) }),
        ];
        return
        [
            .. (steps.Length > 0 ? steps : method.Steps.Where(step => step.Uses?.Role == ProductRole.Water))
                .DistinctBy(step => string.Join(',', step.Uses!.Classes), StringComparer.Ordinal)
                .Select(step => new ProductRequest(
                    step.Uses!.Classes,
                    WayOf(method, step),
                    part ?? method.OnlyOn
                )),
        ];
    }

    /// <summary>What is foamed or sprayed on is worked with the tool of the step that follows.</summary>
    private static UsualWay WayOf(Method method, MethodStep step) =>
        new(
            step.Uses!.Application,
            method
                .Steps.SkipWhile(later => later != step)
                .Select(later => later.Tool)
                .FirstOrDefault(tool => tool is not null)
                ?? Tool.MicrofibreTowel
        );
}
