using Cove.Core.Methods;
using Cove.Core.Safety;
using Cove.Core.Vehicles;

namespace Cove.Core.Products;

/// <summary>What a step of a method asks of a product.</summary>
/// <param name="Classes">The classes that can do it, the most fitting first; empty for those of the task.</param>
/// <param name="Way">How it is put on, and with what; null for the usual way.</param>
/// <param name="Part">The only part of a surface of several materials that it touches; null for all of it.</param>
/// <param name="ProductId">The only product that may be chosen; null for any.</param>
public sealed record ProductWish(
    IReadOnlyList<ProductClass> Classes,
    UsualWay? Way = null,
    Material? Part = null,
    Guid? ProductId = null
)
{
    /// <summary>The wishes of a method: one for each product it uses, water only where it uses nothing else.</summary>
    public static IReadOnlyList<ProductWish> Of(Method method)
    {
        MethodStep[] steps =
        [
            .. method.Steps.Where(step => step.Uses is { Role: not (ProductRole.Water or ProductRole.Gel) }),
        ];
        return
        [
            .. (steps.Length > 0 ? steps : method.Steps.Where(step => step.Uses?.Role == ProductRole.Water))
                .DistinctBy(step => string.Join(',', step.Uses!.Classes), StringComparer.Ordinal)
                .Select(step => new ProductWish(step.Uses!.Classes, WayOf(method, step), method.OnlyOn)),
        ];
    }

    /// <summary>What is foamed or sprayed on is worked with the tool of the step that follows.</summary>
    private static UsualWay WayOf(Method method, MethodStep step) =>
        new(
            step.Uses!.Application,
            method
                .Steps.SkipWhile(one => one != step)
                .Select(one => one.Tool)
                .FirstOrDefault(tool => tool is not null)
                ?? Tool.MicrofibreTowel
        );
}
