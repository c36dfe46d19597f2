using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>The presets of all classes of product.</summary>
/// <remarks>Strengths in use are common practice; chemistry and shelf life are from memory, sensible middle values of their class. Whatever the label says comes first.</remarks>
public static class ClassPresets
{
    private static readonly Dictionary<ProductClass, ClassPreset> Table = new Dictionary<
        ProductClass,
        ClassPreset
    >
    {
        [ProductClass.AllPurposeCleaner] = Concentrate(
            "All-purpose cleaner",
            new Chemistry { Ph = 11 },
            weakest: 100,
            usual: 50,
            strongest: 10,
            "H319"
        ),
        [ProductClass.InteriorCleaner] = Concentrate(
            "Interior cleaner",
            new Chemistry { Ph = 8.5 },
            weakest: 1,
            usual: 0,
            strongest: 0
        ),
        [ProductClass.InteriorDetailer] = Ready(
            "Interior detailer",
            ProductForm.Spray,
            new Chemistry { Ph = 7.5, LeavesFilm = true }
        ) with
        {
            Uv = true,
        },
        [ProductClass.AlcoholDetailer] = Ready(
            "Alcohol-based detailer",
            ProductForm.Spray,
            new Chemistry { AlcoholPercent = 15 }
        ),
        [ProductClass.RinselessWash] = Concentrate(
            "Rinseless wash",
            new Chemistry(),
            weakest: 256,
            usual: 32,
            strongest: 16
        ),
        [ProductClass.LeatherCleanerMild] = Ready(
            "Leather cleaner, mild",
            ProductForm.Foam,
            new Chemistry { Ph = 6.5 }
        ),
        [ProductClass.LeatherCleanerStrong] = Ready(
            "Leather cleaner, strong",
            ProductForm.Foam,
            new Chemistry { Ph = 9.8 }
        ),
        [ProductClass.UncoatedLeatherCleaner] = Ready(
            "Cleaner for uncoated leather",
            ProductForm.Foam,
            new Chemistry { Ph = 6.5 }
        ),
        [ProductClass.LeatherBalm] = Ready(
            "Leather balm",
            ProductForm.Cream,
            new Chemistry { Oil = true, LeavesFilm = true }
        ),
        [ProductClass.LeatherConditioner] = Ready(
            "Leather conditioner",
            ProductForm.Cream,
            new Chemistry { Oil = true, LeavesFilm = true }
        ),
        [ProductClass.LeatherSealant] = Ready(
            "Leather sealant",
            ProductForm.Liquid,
            new Chemistry { LeavesFilm = true }
        ) with
        {
            Uv = true,
        },
        [ProductClass.FabricCleaner] = Concentrate(
            "Fabric and carpet cleaner",
            new Chemistry { Ph = 9 },
            weakest: 16,
            usual: 8,
            strongest: 4
        ),
        [ProductClass.FabricProtector] = Ready(
            "Fabric protector",
            ProductForm.Spray,
            new Chemistry { LeavesFilm = true }
        ),
        [ProductClass.WaterBasedDressing] = Ready(
            "Water-based dressing",
            ProductForm.Liquid,
            new Chemistry { LeavesFilm = true }
        ) with
        {
            Uv = true,
        },
        [ProductClass.SolventDressing] = Ready(
            "Solvent or oily dressing",
            ProductForm.Liquid,
            new Chemistry
            {
                Solvent = true,
                Oil = true,
                LeavesFilm = true,
            },
            Sheen.Gloss,
            "H226",
            "H304",
            "P210"
        ),
        [ProductClass.SilicaSpray] = Concentrate(
            "Silica spray",
            new Chemistry { LeavesFilm = true },
            weakest: 10,
            usual: 5,
            strongest: 3,
            form: ProductForm.Spray
        ),
        [ProductClass.RubberMatCleaner] = Ready(
            "Rubber-mat cleaner",
            ProductForm.Spray,
            new Chemistry { Ph = 10.5 }
        ),
        [ProductClass.GlassCleaner] = Ready(
            "Glass cleaner, ammonia-free",
            ProductForm.Spray,
            new Chemistry()
        ),
        [ProductClass.GlassCleanerWithAmmonia] = Ready(
            "Glass cleaner with ammonia",
            ProductForm.Spray,
            new Chemistry { Ph = 10.5, Ammonia = true }
        ),
        [ProductClass.GlassCleanerWithVinegar] = Ready(
            "Glass cleaner with vinegar",
            ProductForm.Spray,
            new Chemistry { Ph = 3, Acid = true }
        ),
        // Flash point 12 °C (published safety data): category 2 by GHS 2.6.
        [ProductClass.IsopropylAlcohol] = Concentrate(
            "Isopropyl alcohol",
            new Chemistry { AlcoholPercent = 70 },
            weakest: 9,
            usual: 0,
            strongest: 0,
            "H225",
            "H319",
            "H336",
            "P210"
        ),
        [ProductClass.SoapWater] = Ready("Mild soap water", ProductForm.Liquid, new Chemistry { Ph = 7.5 }),
        [ProductClass.Water] = Ready("Plain water", ProductForm.Liquid, Chemistry.Water),
        [ProductClass.MelamineSponge] = Ready(
            "Melamine sponge",
            ProductForm.Solid,
            new Chemistry { Abrasive = true }
        ),
        [ProductClass.CleaningGel] = Ready("Cleaning gel", ProductForm.Gel, new Chemistry()) with
        {
            ShelfLifeMonths = 6,
        },
        [ProductClass.Scent] = Ready(
            "Scent",
            ProductForm.Solid,
            new Chemistry { Oil = true },
            Sheen.None,
            "P102"
        ),
        [ProductClass.Degreaser] = Concentrate(
            "Degreaser",
            new Chemistry { Ph = 13 },
            weakest: 20,
            usual: 10,
            strongest: 4,
            "H314",
            "P280"
        ),
        [ProductClass.SolventCleaner] = Ready(
            "Solvent cleaner",
            ProductForm.Liquid,
            new Chemistry { Solvent = true },
            Sheen.None,
            "H225",
            "H304",
            "H336",
            "P210",
            "P271"
        ),
        [ProductClass.AcidCleaner] = Ready(
            "Acid cleaner",
            ProductForm.Liquid,
            new Chemistry { Ph = 2.5, Acid = true },
            Sheen.None,
            "H319"
        ),
        [ProductClass.PeroxideCleaner] = Ready(
            "Peroxide cleaner",
            ProductForm.Spray,
            new Chemistry { Ph = 5, Peroxide = true },
            Sheen.None,
            "H319"
        ),
        [ProductClass.ChlorineBleach] = Ready(
            "Chlorine bleach",
            ProductForm.Liquid,
            new Chemistry { Ph = 12.5, Chlorine = true },
            Sheen.None,
            "H314",
            "P280"
        ),
    }.ToDictionary(
        entry => entry.Key,
        entry => entry.Value with { Make = entry.Value.Make with { Class = entry.Key } }
    );

    /// <summary>The preset of a class.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such class.</exception>
    public static ClassPreset Of(ProductClass productClass) =>
        Table.TryGetValue(productClass, out ClassPreset? preset)
            ? preset
            : throw new ArgumentOutOfRangeException(
                nameof(productClass),
                productClass,
                "There is no such class of product."
            );

    private static ClassPreset Ready(
        string name,
        ProductForm form,
        Chemistry chemistry,
        Sheen sheen = Sheen.None,
        params string[] hazards
    ) => Preset(name, form, chemistry, sheen, Strength.Neat, Strength.Neat, Strength.Neat, hazards);

    private static ClassPreset Concentrate(
        string name,
        Chemistry chemistry,
        double weakest,
        double usual,
        double strongest,
        params string[] hazards
    ) => Concentrate(name, chemistry, weakest, usual, strongest, ProductForm.Liquid, hazards);

    private static ClassPreset Concentrate(
        string name,
        Chemistry chemistry,
        double weakest,
        double usual,
        double strongest,
        ProductForm form,
        params string[] hazards
    ) =>
        Preset(
            name,
            form,
            chemistry,
            Sheen.None,
            Strength.FromWaterParts(weakest),
            Strength.FromWaterParts(usual),
            Strength.FromWaterParts(strongest),
            hazards
        );

    private static ClassPreset Preset(
        string name,
        ProductForm form,
        Chemistry chemistry,
        Sheen sheen,
        Strength weakest,
        Strength usual,
        Strength strongest,
        string[] hazards
    ) =>
        new(
            name,
            new ProductMake(Class: default, form, chemistry, sheen, hazards),
            weakest,
            usual,
            strongest,
            Uv: false,
            ShelfLifeMonths: 24
        );
}
