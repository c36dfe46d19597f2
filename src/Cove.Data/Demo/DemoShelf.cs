namespace Cove.Data;

/// <summary>The cupboard of the invented owner: twelve products, some of them better kept out of a car.</summary>
/// <param name="begun">When the record of the shelf begins: every bottle was measured then.</param>
internal sealed class DemoShelf(DateTimeOffset begun)
{
    /// <summary>The products.</summary>
    public IReadOnlyList<Product> Products =>
        [
            Owned(1, "Interior cleaner", ProductClass.InteriorCleaner, 500, 480, 11.50m),
            Owned(2, "All-purpose concentrate", ProductClass.AllPurposeCleaner, 1000, 640, 13.90m) with
            {
                Bottles =
                [
                    Bottle(2, 0, QuantityUnit.Millilitres, 1000, 640, 13.90m),
                    Bottle(2, 1, QuantityUnit.Millilitres, 500, 400, null) with
                    {
                        Mixed = Strength.FromWaterParts(50),
                        MixedOn = Day(-6),
                    },
                ],
            },
            Owned(3, "Streak-free glass cleaner", ProductClass.GlassCleaner, 500, 260, 7.80m),
            Owned(4, "Window cleaner with ammonia", ProductClass.GlassCleanerWithAmmonia, 750, 700, 3.20m),
            Owned(5, "Fabric cleaner concentrate", ProductClass.FabricCleaner, 500, 80, 12.40m),
            Owned(6, "Mild leather cleaner", ProductClass.LeatherCleanerMild, 250, 210, 14.00m),
            Owned(7, "Matte protectant", ProductClass.WaterBasedDressing, 500, 150, 12.90m) with
            {
                Antistatic = true,
                Scented = true,
            },
            Owned(8, "Gloss dressing", ProductClass.SolventDressing, 500, 480, 9.90m) with
            {
                Note = "A gift. Smells of fuel.",
            },
            Owned(9, "Melamine sponges", ProductClass.MelamineSponge, 8, 5, 4.00m),
            Owned(10, "Workshop degreaser", ProductClass.Degreaser, 1000, 900, 8.50m),
            Owned(11, "Mild soap water", ProductClass.SoapWater, 1000, 800, 0.60m) with
            {
                ShelfLifeMonths = 1,
                Note = "Eight drops of dish soap to the litre.",
            },
            Owned(12, "Descaling vinegar", ProductClass.AcidCleaner, 1000, 800, 1.20m),
        ];

    /// <summary>Tools, towels and schools.</summary>
    public static KitDocument Kit { get; } =
        new()
        {
            Tools =
            [
                new ToolDocument { Tool = Tool.Vacuum, Note = "Crevice nozzle, soft brush nozzle" },
                new ToolDocument { Tool = Tool.SoftBrush, Count = 2 },
                new ToolDocument { Tool = Tool.StiffBrush, Note = "For mats and pedals" },
                new ToolDocument { Tool = Tool.Gel },
                new ToolDocument { Tool = Tool.Applicator, Count = 4 },
                new ToolDocument { Tool = Tool.ReachTool },
                new ToolDocument { Tool = Tool.Chamois },
                new ToolDocument { Tool = Tool.MelamineSponge, Count = 5 },
            ],
            Towels =
            [
                new TowelDocument
                {
                    Role = TowelRole.GlassWet,
                    Colour = "Light blue",
                    Count = 3,
                },
                new TowelDocument
                {
                    Role = TowelRole.GlassDry,
                    Colour = "White waffle",
                    Count = 3,
                },
                new TowelDocument
                {
                    Role = TowelRole.InteriorClean,
                    Colour = "Yellow",
                    Count = 8,
                },
                new TowelDocument
                {
                    Role = TowelRole.Buff,
                    Colour = "Grey",
                    Count = 4,
                },
                new TowelDocument
                {
                    Role = TowelRole.Screens,
                    Colour = "Black",
                    Count = 2,
                },
                new TowelDocument
                {
                    Role = TowelRole.Dirty,
                    Colour = "Old green",
                    Count = 4,
                },
            ],
        };

    /// <summary>The id of a product by its place in the list, from 1; the same on every machine.</summary>
    public static ProductId IdOf(int number) => new(new Guid($"00000000-0000-4000-9000-{number:D12}"));

    private Product Owned(
        int number,
        string name,
        ProductClass productClass,
        double size,
        double left,
        decimal price
    )
    {
        var product = Product.OfClass(IdOf(number), name, productClass);
        return product with { Bottles = [Bottle(number, 0, product.Unit, size, left, price)] };
    }

    private Bottle Bottle(
        int number,
        int place,
        QuantityUnit unit,
        double size,
        double left,
        decimal? price
    ) =>
        new(
            new BottleId(new Guid($"00000000-0000-4000-a000-{(number * 100) + place:D12}")),
            new Quantity(size, unit),
            new Quantity(left, unit),
            begun
        )
        {
            Price = price,
            Bought = price is null ? null : Day(-20 - (number * 5)),
            Opened = Day(-10 - number),
        };

    /// <summary>A day some days off the beginning.</summary>
    private DateOnly Day(int days) => DateOnly.FromDateTime(begun.UtcDateTime).AddDays(days);
}
