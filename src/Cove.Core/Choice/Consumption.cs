using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Choice;

/// <summary>How much of a mixture a care task takes.</summary>
/// <remarks>For fabric and carpets the amounts are common practice: 150 ml for the seats and 100 ml for the floor of a mid-size car. The others are from memory, counting about a millilitre to a spray. They hold for the car of <see cref="CareBook.ReferenceLayout"/> and grow with the area.</remarks>
public static class Consumption
{
    private static readonly Dictionary<string, double> MillilitresOnReferenceCar = new(StringComparer.Ordinal)
    {
        ["wipe-dash"] = 10,
        ["wipe-screens"] = 1,
        ["wipe-gloss-trim"] = 2,
        ["clean-wheel"] = 4,
        ["windscreen"] = 4,
        ["other-glass"] = 8,
        ["cup-holders"] = 6,
        ["wash-rubber-mats"] = 80,
        ["foam-fabric-mats"] = 40,
        ["foam-carpets"] = 100,
        ["clean-fabric-seats"] = 150,
        ["headliner"] = 20,
        ["door-shuts"] = 15,
        ["clean-leather"] = 50,
        ["clean-synthetic"] = 25,
        ["seal-leather"] = 30,
        ["raise-nap"] = 20,
        ["protect-plastics"] = 20,
        ["protect-fabric"] = 200,
        ["protect-seals"] = 10,
        ["pedals"] = 5,
        ["seat-belts"] = 60,
        ["child-seat"] = 20,
        ["pet-cover"] = 20,
    };

    /// <summary>Pieces that one go takes: a scent pad is used up, a sponge lasts four times.</summary>
    private const double PiecesOfScent = 1;
    private const double PiecesOfOthers = 0.25;

    /// <summary>How much of a product a task takes on some surfaces.</summary>
    /// <param name="task">The task.</param>
    /// <param name="surfaces">The surfaces done with this product.</param>
    /// <param name="pick">The product and its strength; what is counted is the product in the mixture.</param>
    public static Quantity Of(CareTask task, IReadOnlyList<Surface> surfaces, Pick pick)
    {
        if (pick.Product.Unit == QuantityUnit.Pieces)
        {
            return new Quantity(
                pick.Product.Make.Class == ProductClass.Scent ? PiecesOfScent : PiecesOfOthers
            );
        }

        // Gel is pressed on and lifted off: nothing stays behind.
        return pick.Product.Make.Form == ProductForm.Gel
            ? Quantity.Zero
            : new Quantity(MixtureOf(task, surfaces).Millilitres * pick.Strength.Share);
    }

    /// <summary>How much of the mixture a task takes on some surfaces.</summary>
    public static Volume MixtureOf(CareTask task, IReadOnlyList<Surface> surfaces) =>
        Volume.FromMillilitres(
            MillilitresOnReferenceCar.GetValueOrDefault(task.Id)
                * CareBook.SizeBesideReference(task, surfaces)
        );
}
