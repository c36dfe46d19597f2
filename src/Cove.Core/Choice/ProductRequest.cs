using Cove.Core.Catalogue.Products;
using Cove.Core.Safety;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Choice;

/// <summary>What a step of a method asks of a product.</summary>
/// <param name="Classes">The classes that can do it, the most fitting first; empty for those of the task.</param>
/// <param name="Way">How it is put on, and with what; null for the usual way.</param>
/// <param name="Part">The only part of a surface of several materials that it touches; null for all of it.</param>
/// <param name="ProductId">The only product that may be chosen; null for any.</param>
public sealed record ProductRequest(
    IReadOnlyList<ProductClass> Classes,
    UsualWay? Way = null,
    Material? Part = null,
    ProductId? ProductId = null
);
