using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>A product, as it stands in requests and in the database.</summary>
public sealed record ProductDocument
{
    /// <summary>The most grounds a label names: each there is.</summary>
    public const int MostGrounds = 17;

    /// <summary>What the owner calls it.</summary>
    [Name(Product.LongestName)]
    public required string Name { get; init; }

    /// <summary>What it is sold as.</summary>
    public required ProductClass Class { get; init; }

    /// <summary>How it leaves its container.</summary>
    public ProductForm Form { get; init; }

    /// <summary>pH as sold; 0 to 14.</summary>
    [Range(0.0, 14.0, ErrorMessage = "Say a pH from 0 to 14.")]
    public double Ph { get; init; } = 7;

    /// <summary>Contains ammonia.</summary>
    public bool Ammonia { get; init; }

    /// <summary>Contains an acid.</summary>
    public bool Acid { get; init; }

    /// <summary>Alcohol by volume as sold, in percent.</summary>
    [Range(0.0, 100.0, ErrorMessage = "Say a percentage of alcohol from 0 to 100.")]
    public double AlcoholPercent { get; init; }

    /// <summary>Contains chlorine bleach.</summary>
    public bool Chlorine { get; init; }

    /// <summary>Contains peroxide.</summary>
    public bool Peroxide { get; init; }

    /// <summary>Contains an organic solvent other than alcohol.</summary>
    public bool Solvent { get; init; }

    /// <summary>Contains oil, wax or silicone that stays behind.</summary>
    public bool Oil { get; init; }

    /// <summary>Is an abrasive.</summary>
    public bool Abrasive { get; init; }

    /// <summary>Leaves a film on purpose.</summary>
    public bool LeavesFilm { get; init; }

    /// <summary>The look it leaves behind.</summary>
    public Sheen Sheen { get; init; }

    /// <summary>Protects from ultraviolet light.</summary>
    public bool Uv { get; init; }

    /// <summary>Keeps dust from settling.</summary>
    public bool Antistatic { get; init; }

    /// <summary>Is scented.</summary>
    public bool Scented { get; init; }

    /// <summary>What its label says not to use it on.</summary>
    [MaxLength(MostGrounds, ErrorMessage = "Name each thing once.")]
    public IReadOnlyList<LabelGround> NotOn { get; init; } = [];

    /// <summary>The only things that its label says it is for; anything where empty.</summary>
    [MaxLength(MostGrounds, ErrorMessage = "Name each thing once.")]
    public IReadOnlyList<LabelGround> OnlyOn { get; init; } = [];

    /// <summary>Codes of the statements on its label.</summary>
    [MaxLength(16, ErrorMessage = "Give up to 16 statements.")]
    public IReadOnlyList<string> Hazards { get; init; } = [];

    /// <summary>The weakest strength at which it is used, such as <c>1:100</c>, <c>1 %</c> or <c>neat</c>.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string Weakest { get; init; } = "neat";

    /// <summary>The strength for routine work.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string Usual { get; init; } = "neat";

    /// <summary>The strongest strength at which it is used inside a car.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string Strongest { get; init; } = "neat";

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

    /// <summary>Writes a product down.</summary>
    public static ProductDocument Of(Product product)
    {
        Chemistry chemistry = product.Make.Chemistry;
        return new ProductDocument
        {
            Name = product.Name,
            Class = product.Make.Class,
            Form = product.Make.Form,
            Ph = chemistry.Ph,
            Ammonia = chemistry.Ammonia,
            Acid = chemistry.Acid,
            AlcoholPercent = chemistry.AlcoholPercent,
            Chlorine = chemistry.Chlorine,
            Peroxide = chemistry.Peroxide,
            Solvent = chemistry.Solvent,
            Oil = chemistry.Oil,
            Abrasive = chemistry.Abrasive,
            LeavesFilm = chemistry.LeavesFilm,
            Sheen = product.Make.Sheen,
            Uv = product.Uv,
            Antistatic = product.Antistatic,
            Scented = product.Scented,
            NotOn = product.Limits.NotOn,
            OnlyOn = product.Limits.OnlyOn,
            Hazards = product.Make.Hazards,
            Weakest = $"{product.Weakest}",
            Usual = $"{product.Usual}",
            Strongest = $"{product.Strongest}",
            ShelfLifeMonths = product.ShelfLifeMonths,
            Note = product.Note,
            Bottles = [.. product.Bottles.Select(BottleDocument.Of)],
        };
    }

    /// <summary>Names the strengths that cannot be read; empty when all can.</summary>
    public IEnumerable<Core.ValidationError> UnreadStrengths()
    {
        foreach (
            var (property, text) in new[]
            {
                (nameof(Weakest), Weakest),
                (nameof(Usual), Usual),
                (nameof(Strongest), Strongest),
            }.Concat(Bottles.Select((bottle, i) => ($"Bottles[{i}].Mixed", bottle.Mixed ?? "neat")))
        )
        {
            if (Strength.Parse(text) is null)
            {
                yield return new Core.ValidationError(property, Strength.HowToWrite);
            }
        }
    }

    /// <summary>Reads it back.</summary>
    /// <param name="id">The id of the product.</param>
    /// <param name="now">The present instant, for bottles that have not been measured before.</param>
    /// <exception cref="InvalidOperationException">A strength cannot be read; see <see cref="UnreadStrengths"/>.</exception>
    public Product ToProduct(ProductId id, DateTimeOffset now)
    {
        ProductMake make = ClassTraits.Complete(
            new ProductMake(
                Class,
                Form,
                new Chemistry
                {
                    Ph = Ph,
                    Ammonia = Ammonia,
                    Acid = Acid,
                    AlcoholPercent = AlcoholPercent,
                    Chlorine = Chlorine,
                    Peroxide = Peroxide,
                    Solvent = Solvent,
                    Oil = Oil,
                    Abrasive = Abrasive,
                    LeavesFilm = LeavesFilm,
                },
                Sheen,
                Hazards
            )
        );
        return new Product(
            id,
            Name.Trim(),
            make,
            Strength.Parse(Weakest)!.Value,
            Strength.Parse(Usual)!.Value,
            Strength.Parse(Strongest)!.Value
        )
        {
            Uv = Uv,
            Antistatic = Antistatic,
            Scented = Scented,
            Limits =
                NotOn.Count + OnlyOn.Count == 0
                    ? LabelLimits.None
                    : new LabelLimits([.. NotOn.Distinct().Order()], [.. OnlyOn.Distinct().Order()]),
            ShelfLifeMonths = ShelfLifeMonths,
            Note = Note.Trim(),
            Bottles = [.. Bottles.Select(bottle => bottle.ToBottle(make.Unit, now))],
        };
    }
}

/// <summary>A bottle, as it stands in requests and in the database.</summary>
public sealed record BottleDocument
{
    /// <summary>The bottle; null for a new one.</summary>
    public Guid? Id { get; init; }

    /// <summary>How much it holds when full, in millilitres or pieces.</summary>
    [Range(0.0, Quantity.Most, ErrorMessage = "Say how much it holds: above 0 and up to 100 litres.")]
    public required double Size { get; init; }

    /// <summary>How much is left in it.</summary>
    [Range(0.0, Quantity.Most, ErrorMessage = "Say how much is left: from 0 to what it holds.")]
    public required double Left { get; init; }

    /// <summary>When that was measured; Cove sets it when what is left changes.</summary>
    public DateTimeOffset? MeasuredAt { get; init; }

    /// <summary>What it cost, in the owner's currency.</summary>
    [Range(0.0, 10_000.0, ErrorMessage = "Say a price from 0 to 10,000.")]
    public decimal? Price { get; init; }

    /// <summary>The day it was bought.</summary>
    public DateOnly? Bought { get; init; }

    /// <summary>The day it was opened.</summary>
    public DateOnly? Opened { get; init; }

    /// <summary>The strength to which it was mixed at home; null for product as it was bought.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public string? Mixed { get; init; }

    /// <summary>The day it was mixed.</summary>
    public DateOnly? MixedOn { get; init; }

    /// <summary>Writes a bottle down.</summary>
    public static BottleDocument Of(Bottle bottle) =>
        new()
        {
            Id = bottle.Id,
            Size = bottle.Size.Value,
            Left = bottle.Left.Value,
            MeasuredAt = bottle.MeasuredAt,
            Price = bottle.Price,
            Bought = bottle.Bought,
            Opened = bottle.Opened,
            Mixed = bottle.Mixed is { } strength ? $"{strength}" : null,
            MixedOn = bottle.MixedOn,
        };

    internal Bottle ToBottle(QuantityUnit unit, DateTimeOffset now) =>
        new(
            Id is { } id ? new BottleId(id) : BottleId.New(now),
            new Quantity(Size, unit),
            new Quantity(Left, unit),
            MeasuredAt ?? now
        )
        {
            Price = Price,
            Bought = Bought,
            Opened = Opened,
            Mixed = Mixed is { } text ? Strength.Parse(text) : null,
            MixedOn = MixedOn,
        };
}
