using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Choice;

/// <summary>How much of a mixture a care task takes.</summary>
/// <remarks>How much of it that is on a mid-size car says <see cref="CareTask.Mixture"/>.</remarks>
public static class Consumption
{
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
                pick.Product.Make.Class == ProductClass.Scent ? PiecesOfScent : PiecesOfOthers,
                QuantityUnit.Pieces
            );
        }

        // Gel is pressed on and lifted off: nothing stays behind.
        return pick.Product.Make.Form == ProductForm.Gel
            ? Quantity.Zero
            : Quantity.Of(MixtureOf(task, surfaces) * pick.Strength.Share);
    }

    /// <summary>How much of the mixture a task takes on some surfaces.</summary>
    public static Volume MixtureOf(CareTask task, IReadOnlyList<Surface> surfaces) =>
        task.Mixture * CareBook.SizeBesideReference(task, surfaces);
}
