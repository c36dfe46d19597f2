namespace Cove.Core.Catalogue.Products;

/// <summary>What a product has to contain to be what it is sold as, whatever else was said of it: a bleach contains chlorine.</summary>
public static class ClassTraits
{
    private const double LeastAlcohol = 1;

    /// <summary>The product with everything that makes its class what it is.</summary>
    /// <param name="make">The product as it was given.</param>
    public static ProductMake Complete(ProductMake make)
    {
        Chemistry given = make.Chemistry;
        Chemistry usual = ClassPresets.Of(make.Class).Make.Chemistry;
        Chemistry complete = make.Class switch
        {
            ProductClass.ChlorineBleach => given with { Chlorine = true },
            ProductClass.PeroxideCleaner => given with { Peroxide = true },
            ProductClass.GlassCleanerWithAmmonia => given with { Ammonia = true },
            ProductClass.GlassCleanerWithVinegar or ProductClass.AcidCleaner => given with { Acid = true },
            ProductClass.SolventCleaner => given with { Solvent = true },
            ProductClass.SolventDressing => given with { Solvent = true, LeavesFilm = true },
            ProductClass.MelamineSponge => given with { Abrasive = true },
            ProductClass.IsopropylAlcohol
            or ProductClass.AlcoholDetailer when given.AlcoholPercent < LeastAlcohol => given with
            {
                AlcoholPercent = usual.AlcoholPercent,
            },
            _ => given with { LeavesFilm = given.LeavesFilm || usual.LeavesFilm },
        };
        return make with { Chemistry = complete };
    }
}
