using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Labels;

namespace Cove.Core.Catalogue.Products;

/// <summary>A product on the owner's shelf.</summary>
/// <param name="Id">Identifies it among the owner's products.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Make">What it is, as its label says.</param>
/// <param name="Weakest">The weakest strength at which it is used.</param>
/// <param name="Usual">The strength for routine work; between the other two.</param>
/// <param name="Strongest">The strongest strength at which it is used inside a car.</param>
public sealed record Product(
    ProductId Id,
    string Name,
    ProductMake Make,
    Strength Weakest,
    Strength Usual,
    Strength Strongest
)
{
    /// <summary>The longest name, in characters.</summary>
    public const int LongestName = 60;

    /// <summary>The longest note, in characters.</summary>
    public const int LongestNote = 300;

    /// <summary>The most bottles of one product.</summary>
    public const int MostBottles = 20;

    /// <summary>The longest shelf life, in months.</summary>
    public const int LongestShelfLife = 240;

    /// <summary>Water from the tap, which is on every shelf.</summary>
    public static Product TapWater { get; } =
        OfClass(new(new Guid("00000000-0000-4000-8000-000000000001")), "Plain water", ProductClass.Water);

    /// <summary>A few drops of mild soap in water, which every household can mix. It is fallen back on where nothing better is owned.</summary>
    public static Product HomelySoap { get; } =
        OfClass(
            new(new Guid("00000000-0000-4000-8000-000000000002")),
            "Mild soap in water",
            ProductClass.SoapWater
        );

    /// <summary>Whether every household has it, so that it is neither kept on a shelf nor bought.</summary>
    public bool IsHomely => Id == TapWater.Id || Id == HomelySoap.Id;

    /// <summary>Whether it protects from ultraviolet light.</summary>
    public bool Uv { get; init; }

    /// <summary>Whether it keeps dust from settling.</summary>
    public bool Antistatic { get; init; }

    /// <summary>Whether it is scented.</summary>
    public bool Scented { get; init; }

    /// <summary>What its label says of where it may be used.</summary>
    public LabelLimits Limits { get; init; } = LabelLimits.None;

    /// <summary>How long it keeps once opened, in months; null when it keeps.</summary>
    public int? ShelfLifeMonths { get; init; }

    /// <summary>The owner's note.</summary>
    public string Note { get; init; } = string.Empty;

    /// <summary>Its bottles, in the order they were added.</summary>
    public IReadOnlyList<Bottle> Bottles { get; init; } = [];

    /// <summary>The price of one millilitre or piece, in the owner's currency, by what was last paid; null when no price is known.</summary>
    public decimal? UnitPrice =>
        Bottles.LastOrDefault(bottle => bottle is { Price: not null, Mixed: null }) is { } priced
            ? priced.Price / (decimal)priced.Size.Value
            : null;

    /// <summary>The unit it is counted in.</summary>
    public QuantityUnit Unit => Make.Unit;

    /// <summary>Whether it is sold ready to use and not thinned.</summary>
    public bool IsReadyToUse => Weakest.IsNeat;

    /// <summary>The product with every bottle counted as measured at an instant.</summary>
    /// <param name="left">What is in each of its bottles then, in order.</param>
    /// <param name="at">The instant.</param>
    public Product Measured(IReadOnlyList<Quantity> left, DateTimeOffset at) =>
        this with
        {
            Bottles = [.. Bottles.Select((bottle, i) => bottle with { Left = left[i], MeasuredAt = at })],
        };

    /// <summary>A product that is like others of its class.</summary>
    public static Product OfClass(ProductId id, string name, ProductClass productClass)
    {
        ClassPreset preset = ClassPresets.Of(productClass);
        return new Product(id, name, preset.Make, preset.Weakest, preset.Usual, preset.Strongest)
        {
            Uv = preset.Uv,
            ShelfLifeMonths = preset.ShelfLifeMonths,
        };
    }
}
