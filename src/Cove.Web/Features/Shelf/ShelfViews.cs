using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Shelf;

/// <summary>Everything on the shelf.</summary>
/// <param name="Products">The products, in the order they were added.</param>
/// <param name="Kit">Tools, towels and schools.</param>
/// <param name="KitVersion">Names the state of tools, towels and schools; send it in If-Match with a change. 0 while none are recorded.</param>
/// <param name="Wear">How tools and towels that age stand.</param>
/// <param name="Today">The day by the owner's clock.</param>
internal sealed record ShelfView(
    IReadOnlyList<ProductView> Products,
    KitDocument Kit,
    int KitVersion,
    IReadOnlyList<WearView> Wear,
    DateOnly Today
);

/// <summary>How far a tool, or the towels of a role, have come.</summary>
/// <param name="Tool">The tool; null for towels.</param>
/// <param name="Towels">The role of the towels; null for a tool.</param>
/// <param name="Sessions">In how many sessions each was used since it was new.</param>
/// <param name="IsDue">Whether it is time to look whether it has done its work.</param>
/// <param name="Sentence">How it stands, as one sentence.</param>
internal sealed record WearView(Tool? Tool, TowelRole? Towels, int Sessions, bool IsDue, string Sentence)
{
    public static WearView Of(ToolWear wear) =>
        new(wear.Tool, wear.Towels, wear.Sessions, wear.IsDue, wear.Sentence);
}

/// <summary>A product on the shelf.</summary>
/// <param name="Id">The product.</param>
/// <param name="Version">Names its state; send it in If-Match with a change.</param>
/// <param name="ClassName">The name of its class.</param>
/// <param name="Unit">What it is counted in.</param>
/// <param name="UsualInWords">Its usual strength, in words that cannot be misread.</param>
/// <param name="Left">The product left in all bottles together, without water.</param>
/// <param name="TooOld">Whether a bottle is past its shelf life.</param>
/// <param name="Hazards">The statements on its label, with their texts.</param>
/// <param name="Details">The product with its bottles, in which what is left is as of now.</param>
internal sealed record ProductView(
    Guid Id,
    int Version,
    string ClassName,
    QuantityUnit Unit,
    string UsualInWords,
    double Left,
    bool TooOld,
    IReadOnlyList<HazardView> Hazards,
    ProductDocument Details
)
{
    public static ProductView Of(Product product, int version, IEnumerable<ProductUse> uses, DateOnly today)
    {
        var left = BottleStock.Left(product, uses);
        Product now = product with
        {
            Bottles = [.. product.Bottles.Select((bottle, i) => bottle with { Left = left[i] })],
        };
        return new ProductView(
            product.Id,
            version,
            ClassPresets.Of(product.Make.Class).Name,
            product.Unit,
            product.Usual.InWords(),
            now.Bottles.Sum(bottle => bottle.ProductLeft.Value),
            now.Bottles.Any(bottle =>
                bottle.Left > Quantity.Zero && bottle.TooOldFrom(product.ShelfLifeMonths) <= today
            ),
            [
                .. product
                    .Make.Hazards.Select(HazardStatements.Find)
                    .OfType<HazardStatement>()
                    .Select(HazardView.Of),
            ],
            ProductDocument.Of(now)
        );
    }
}

/// <summary>A bottle that was mixed at home.</summary>
public sealed record KeptMixture
{
    /// <summary>How much is in it.</summary>
    [Range(1, Quantity.Most, ErrorMessage = "Say how much is in it: 1 ml to 100 litres.")]
    public required double Millilitres { get; init; }

    /// <summary>How strong it is.</summary>
    [StringLength(20, ErrorMessage = Core.Catalogue.Amounts.Strength.HowToWrite)]
    public required string Strength { get; init; }
}

/// <summary>A statement on a label.</summary>
/// <param name="Code">Its code.</param>
/// <param name="Text">Its text.</param>
/// <param name="Kind">What it warns of.</param>
internal sealed record HazardView(string Code, string Text, HazardKind Kind)
{
    public static HazardView Of(HazardStatement statement) =>
        new(statement.Code, statement.Text, statement.Kind);
}

/// <summary>Everything that can be chosen for a shelf.</summary>
/// <param name="Classes">The classes of product, each with a product to start from.</param>
/// <param name="Tools">The tools that can be owned.</param>
/// <param name="Ways">How a product can be put on.</param>
/// <param name="WorkTools">Everything a hand can work with.</param>
/// <param name="TowelRoles">What towels are kept for.</param>
internal sealed record ShelfChoices(
    IReadOnlyList<ClassChoiceView> Classes,
    IReadOnlyList<ToolChoiceView> Tools,
    IReadOnlyList<ApplicationChoiceView> Ways,
    IReadOnlyList<ToolChoiceView> WorkTools,
    IReadOnlyList<RoleChoiceView> TowelRoles
)
{
    public static ShelfChoices All { get; } =
        new(
            [
                .. Enum.GetValues<ProductClass>()
                    .Select(productClass => new ClassChoiceView(
                        productClass,
                        ClassPresets.Of(productClass).Name,
                        ProductDocument.Of(
                            Product.OfClass(default, ClassPresets.Of(productClass).Name, productClass)
                        )
                    )),
            ],
            [.. OwnedTool.Ownable.Select(tool => new ToolChoiceView(tool, ToolWords.NameOf(tool)))],
            [
                .. Enum.GetValues<Application>()
                    .Select(way => new ApplicationChoiceView(way, SafetyWords.NameOf(way))),
            ],
            [.. Enum.GetValues<Tool>().Select(tool => new ToolChoiceView(tool, ToolWords.NameOf(tool)))],
            [.. Enum.GetValues<TowelRole>().Select(role => new RoleChoiceView(role, ToolWords.NameOf(role)))]
        );
}

/// <summary>A class on offer.</summary>
/// <param name="Class">The class.</param>
/// <param name="Name">Its name.</param>
/// <param name="Usual">A product as usual for it, to be corrected from the label.</param>
internal sealed record ClassChoiceView(ProductClass Class, string Name, ProductDocument Usual);

/// <summary>A tool on offer.</summary>
/// <param name="Tool">The tool.</param>
/// <param name="Name">Its name.</param>
internal sealed record ToolChoiceView(Tool Tool, string Name);

/// <summary>A way of putting a product on.</summary>
/// <param name="Application">The way.</param>
/// <param name="Name">Its name.</param>
internal sealed record ApplicationChoiceView(Application Application, string Name);

/// <summary>A role of towels on offer.</summary>
/// <param name="Role">The role.</param>
/// <param name="Name">Its name.</param>
internal sealed record RoleChoiceView(TowelRole Role, string Name);

/// <summary>How many products a file added.</summary>
/// <param name="Added">How many.</param>
internal sealed record ShelfImportView(int Added);
