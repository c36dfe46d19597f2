using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>What products of a class are usually like: a starting point that the owner corrects from the label.</summary>
/// <param name="Name">The name of the class.</param>
/// <param name="Make">The usual form, chemistry, sheen and hazards.</param>
/// <param name="Weakest">The weakest strength at which it is usually used.</param>
/// <param name="Usual">The strength for routine work inside.</param>
/// <param name="Strongest">The strongest strength at which it is usually used inside.</param>
/// <param name="Uv">Whether it usually protects from ultraviolet light.</param>
/// <param name="ShelfLifeMonths">How long it usually keeps once opened, in months; from memory, the label counts.</param>
public sealed record ClassPreset(
    string Name,
    ProductMake Make,
    Strength Weakest,
    Strength Usual,
    Strength Strongest,
    bool Uv,
    int ShelfLifeMonths
);
