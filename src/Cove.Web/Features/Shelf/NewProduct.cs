using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Shelf;

/// <summary>A product as an owner gives it. What is left out is as in the preset of its class.</summary>
public sealed record NewProduct
{
    /// <summary>What the owner calls it.</summary>
    [Name(Product.LongestName)]
    public required string Name { get; init; }

    /// <summary>What it is sold as.</summary>
    public required ProductClass Class { get; init; }

    /// <summary>How it leaves its container.</summary>
    public ProductForm? Form { get; init; }

    /// <summary>pH as sold; 0 to 14.</summary>
    [Range(0.0, 14.0, ErrorMessage = "Say a pH from 0 to 14.")]
    public double? Ph { get; init; }

    /// <summary>Contains ammonia.</summary>
    public bool? Ammonia { get; init; }

    /// <summary>Contains an acid.</summary>
    public bool? Acid { get; init; }

    /// <summary>Alcohol by volume as sold, in percent.</summary>
    [Range(0.0, 100.0, ErrorMessage = "Say a percentage of alcohol from 0 to 100.")]
    public double? AlcoholPercent { get; init; }

    /// <summary>Contains chlorine bleach.</summary>
    public bool? Chlorine { get; init; }

    /// <summary>Contains peroxide.</summary>
    public bool? Peroxide { get; init; }

    /// <summary>Contains an organic solvent other than alcohol.</summary>
    public bool? Solvent { get; init; }

    /// <summary>Contains oil, wax or silicone that stays behind.</summary>
    public bool? Oil { get; init; }

    /// <summary>Is an abrasive.</summary>
    public bool? Abrasive { get; init; }

    /// <summary>Leaves a film on purpose.</summary>
    public bool? LeavesFilm { get; init; }

    /// <summary>The look it leaves behind.</summary>
    public Sheen? Sheen { get; init; }

    /// <summary>Protects from ultraviolet light.</summary>
    public bool? Uv { get; init; }

    /// <summary>Keeps dust from settling.</summary>
    public bool? Antistatic { get; init; }

    /// <summary>Is scented.</summary>
    public bool? Scented { get; init; }

    /// <summary>What its label says not to use it on.</summary>
    [MaxLength(ProductDocument.MostGrounds, ErrorMessage = "Name each thing once.")]
    public IReadOnlyList<LabelGround>? NotOn { get; init; }

    /// <summary>The only things that its label says it is for; anything where empty.</summary>
    [MaxLength(ProductDocument.MostGrounds, ErrorMessage = "Name each thing once.")]
    public IReadOnlyList<LabelGround>? OnlyOn { get; init; }

    /// <summary>Codes of the statements on its label.</summary>
    [MaxLength(16, ErrorMessage = "Give up to 16 statements.")]
    public IReadOnlyList<string>? Hazards { get; init; }

    /// <summary>The weakest strength at which it is used, such as <c>1:100</c>, <c>1 %</c> or <c>neat</c>.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string? Weakest { get; init; }

    /// <summary>The strength for routine work.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string? Usual { get; init; }

    /// <summary>The strongest strength at which it is used inside a car.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string? Strongest { get; init; }

    /// <summary>How long it keeps once opened, in months; null when it keeps.</summary>
    [Range(1, Product.LongestShelfLife, ErrorMessage = "Say 1 to 240 months.")]
    public int? ShelfLifeMonths { get; init; }

    /// <summary>The owner's note.</summary>
    [Note(Product.LongestNote)]
    public string Note { get; init; } = string.Empty;

    /// <summary>Its bottles.</summary>
    [MaxLength(
        Product.MostBottles,
        ErrorMessage = "A product has up to 20 bottles. Take the empty ones off."
    )]
    public IReadOnlyList<BottleDocument> Bottles { get; init; } = [];

    /// <summary>The product with what was left out filled in.</summary>
    public ProductDocument ToDocument()
    {
        var usual = ProductDocument.Of(Product.OfClass(default, Name, Class));
        // One strength says them all, where the others are left out: they would stand outside it.
        bool anyStrength = Weakest is not null || Usual is not null || Strongest is not null;
        string? given = Usual ?? Weakest ?? Strongest;
        return new ProductDocument
        {
            Name = Name,
            Class = Class,
            Form = Form ?? usual.Form,
            Ph = Ph ?? usual.Ph,
            Ammonia = Ammonia ?? usual.Ammonia,
            Acid = Acid ?? usual.Acid,
            AlcoholPercent = AlcoholPercent ?? usual.AlcoholPercent,
            Chlorine = Chlorine ?? usual.Chlorine,
            Peroxide = Peroxide ?? usual.Peroxide,
            Solvent = Solvent ?? usual.Solvent,
            Oil = Oil ?? usual.Oil,
            Abrasive = Abrasive ?? usual.Abrasive,
            LeavesFilm = LeavesFilm ?? usual.LeavesFilm,
            Sheen = Sheen ?? usual.Sheen,
            Uv = Uv ?? usual.Uv,
            Antistatic = Antistatic ?? usual.Antistatic,
            Scented = Scented ?? usual.Scented,
            NotOn = NotOn ?? usual.NotOn,
            OnlyOn = OnlyOn ?? usual.OnlyOn,
            Hazards = Hazards ?? usual.Hazards,
            Weakest = Weakest ?? (anyStrength ? given! : usual.Weakest),
            Usual = Usual ?? (anyStrength ? given! : usual.Usual),
            Strongest = Strongest ?? (anyStrength ? given! : usual.Strongest),
            ShelfLifeMonths = ShelfLifeMonths,
            Note = Note,
            Bottles = Bottles,
        };
    }
}
