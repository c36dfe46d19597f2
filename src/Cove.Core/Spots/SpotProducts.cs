using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Safety;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Spots;

/// <summary>What of a shelf may go on a spot, and what must not.</summary>
/// <param name="Cleaner">The product to clean it with; null when nothing at hand may, or nothing is needed.</param>
/// <param name="KeepOff">A cleaner on the shelf that must not touch it, with the reason; null when there is none.</param>
public sealed record SpotProducts(Pick? Cleaner, Pick? KeepOff)
{
    /// <summary>Finds both.</summary>
    /// <param name="aid">The first aid.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="ways">What is at hand, and how it may be used on the car.</param>
    /// <param name="supplies">What is left of it.</param>
    public static SpotProducts For(FirstAid aid, Surface surface, SafestWays ways, Supplies supplies)
    {
        UseContext context = UseContext.Usual with { Screens = ways.Shelf.Ways.Screens };
        // The cleaner goes on the larger part; what the other part takes stands in its own step.
        Surface most = surface with
        {
            Material = surface.Make.Parts[0],
        };
        Pick? cleaner = aid
            .Cleaners.SelectMany(wanted =>
                ways.Shelf.WithHomely.Where(product =>
                    product.Make.Class == wanted && !supplies.Of(product).TooOld
                )
            )
            .Select(product => ways.Of(product, most, context))
            .FirstOrDefault(pick => pick.Judgement.MayBeDone);
        Pick? keepOff = ways
            .Shelf.Products.Where(product => IsTempting(product.Make.Class))
            .Select(product => ways.Of(product, surface, context))
            .Where(pick => pick.Judgement.Verdict == Verdict.KeepOff)
            .OrderBy(pick => pick.Product.Name, StringComparer.Ordinal)
            .FirstOrDefault();
        return new SpotProducts(cleaner, keepOff);
    }

    /// <summary>What one reaches for when something has been spilled.</summary>
    private static bool IsTempting(ProductClass known) =>
        known
            is ProductClass.AllPurposeCleaner
                or ProductClass.Degreaser
                or ProductClass.SolventCleaner
                or ProductClass.IsopropylAlcohol
                or ProductClass.ChlorineBleach
                or ProductClass.PeroxideCleaner
                or ProductClass.MelamineSponge
                or ProductClass.GlassCleanerWithAmmonia
                or ProductClass.LeatherCleanerStrong;
}
