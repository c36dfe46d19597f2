using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Safety;

/// <summary>What each class of product is sold for, by kind and material of surface.</summary>
/// <remarks>Common practice and labels. A class that is not named for a surface is to be tested there first, whatever is in it.</remarks>
public static class Purposes
{
    private static readonly Material[] Hard = [Material.Plastic, Material.Rubber, Material.Metal];
    private static readonly Material[] Cloth = [Material.WovenFabric, Material.Pile];
    private static readonly Material[] Smooth =
    [
        Material.Plastic,
        Material.SyntheticLeather,
        Material.CoatedLeather,
        Material.Rubber,
        Material.Metal,
    ];

    private static readonly Dictionary<ProductClass, Material[]> Table = new()
    {
        [ProductClass.AllPurposeCleaner] =
        [
            .. Hard,
            .. Cloth,
            Material.SyntheticLeather,
            Material.CoatedLeather,
            Material.Glass,
        ],
        [ProductClass.InteriorCleaner] =
        [
            .. Smooth,
            .. Cloth,
            Material.LiningCloth,
            Material.Glass,
            Material.ClearPlastic,
            Material.Webbing,
        ],
        [ProductClass.InteriorDetailer] = [.. Smooth, Material.Glass, Material.ClearPlastic],
        [ProductClass.AlcoholDetailer] =
        [
            .. Hard,
            Material.SyntheticLeather,
            Material.Glass,
            Material.ClearPlastic,
        ],
        [ProductClass.RinselessWash] = [.. Smooth, Material.Glass, Material.ClearPlastic],
        [ProductClass.LeatherCleanerMild] =
        [
            Material.CoatedLeather,
            Material.SyntheticLeather,
            Material.Plastic,
        ],
        [ProductClass.UncoatedLeatherCleaner] = [Material.UncoatedLeather, Material.Microsuede],
        [ProductClass.LeatherCleanerStrong] = [Material.CoatedLeather, Material.SyntheticLeather],
        [ProductClass.LeatherBalm] = [Material.CoatedLeather, Material.SyntheticLeather],
        [ProductClass.LeatherConditioner] = [Material.CoatedLeather, Material.SyntheticLeather],
        [ProductClass.LeatherSealant] = [Material.CoatedLeather, Material.SyntheticLeather],
        [ProductClass.FabricCleaner] = [.. Cloth, Material.LiningCloth, Material.Webbing],
        [ProductClass.FabricProtector] = Cloth,
        [ProductClass.WaterBasedDressing] = [Material.Plastic, Material.Rubber, Material.SyntheticLeather],
        [ProductClass.SolventDressing] = [Material.Plastic, Material.Rubber],
        [ProductClass.SilicaSpray] =
        [
            Material.Plastic,
            Material.Rubber,
            Material.SyntheticLeather,
            Material.Metal,
        ],
        [ProductClass.RubberMatCleaner] = [Material.Rubber],
        [ProductClass.GlassCleaner] = [Material.Glass, Material.ClearPlastic, Material.Metal],
        [ProductClass.GlassCleanerWithAmmonia] = [Material.Glass],
        [ProductClass.GlassCleanerWithVinegar] = [Material.Glass],
        [ProductClass.IsopropylAlcohol] = [Material.Glass, Material.Metal, Material.Plastic],
        [ProductClass.SoapWater] =
        [
            .. Smooth,
            .. Cloth,
            Material.Microsuede,
            Material.LiningCloth,
            Material.Webbing,
            Material.Glass,
            Material.ClearPlastic,
        ],
        [ProductClass.Water] = [.. Enum.GetValues<Material>().Except([Material.None])],
        [ProductClass.MelamineSponge] = [.. Hard, Material.Glass],
        [ProductClass.CleaningGel] = [.. Hard, Material.Glass, Material.ClearPlastic],
        [ProductClass.Scent] = [Material.None],
        [ProductClass.Degreaser] = [Material.Metal, Material.Rubber],
        [ProductClass.SolventCleaner] = [Material.Metal, Material.Glass],
        [ProductClass.AcidCleaner] = [Material.Glass],
        [ProductClass.PeroxideCleaner] = Cloth,
        [ProductClass.ChlorineBleach] = [],
    };

    /// <summary>Whether a class is sold for a material.</summary>
    public static bool Suits(ProductClass productClass, Material material) =>
        Table[productClass].Contains(material);

    /// <summary>Whether the product of a case, if there is one, is sold for every part of its surface.</summary>
    internal static bool Suits(SafetyCase question) =>
        question.Product is not { } product
        || question.Surface.Parts.All(part => Suits(product.Class, part)) && !IsScreenWithSoap(question);

    /// <summary>Why a case against which no rule speaks is good.</summary>
    internal static Reason WhyGood(SafetyCase question) =>
        question switch
        {
            { Context.Maker: MakerSays.Allows } => Good(
                "maker.allows",
                Source.Maker,
                "The maker's instruction that you recorded allows it."
            ),
            { Context.SpotTest: SpotResult.Passed } => Good(
                "spot.passed",
                Source.SpotTest,
                "The spot test on this surface passed."
            ),
            { Product: null } or { Application: Application.Dry } => Good(
                "purpose.dry",
                Source.Practice,
                "Nothing wet and nothing harsh touches it."
            ),
            { Product.Class: ProductClass.Water } => Good(
                "purpose.water",
                Source.Practice,
                "Plain water is the gentlest thing that cleans."
            ),
            _ => Good(
                "purpose.suits",
                Source.Label,
                "It is sold for this material and put on gently enough."
            ),
        };

    /// <summary>Soap stands on no step of the ladder for screens.</summary>
    private static bool IsScreenWithSoap(SafetyCase question) =>
        question.On(SurfaceKind.Screen) && question.Is(ProductClass.SoapWater);

    private static Reason Good(string rule, Source source, string sentence) =>
        new(rule, Verdict.Good, Harm.Result, source, sentence, null, []);
}
