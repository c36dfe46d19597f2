using System.Collections.Frozen;
using Cove.Core.Catalogue;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Safety;
using Cove.Core.Schools;

namespace Cove.Core.Cars;

/// <summary>The owner's shelf as it serves one car.</summary>
/// <param name="ledger">The car.</param>
/// <param name="shelf">The shelf.</param>
/// <param name="records">What is on record of the shelf's products on this car.</param>
/// <param name="ways">How the products may be used on this car, where that has been worked out in part already.</param>
public sealed class CarShelf(CareLedger ledger, Shelf shelf, ShelfRecords records, SafestWays? ways = null)
{
    private readonly SafestWays ways = ways ?? new SafestWays(shelf, records);
    private SmallestShelf? smallest;
    private ProductChooser? chooser;

    /// <summary>The car.</summary>
    public CareLedger Ledger => ledger;

    /// <summary>How its products may be used on this car.</summary>
    public SafestWays Ways => ways;

    /// <summary>The shelf.</summary>
    public Shelf Shelf => shelf;

    /// <summary>What is on record of the shelf's products on this car.</summary>
    public ShelfRecords Records => records;

    /// <summary>The fewest products that do every task of the car safely.</summary>
    public SmallestShelf Smallest => smallest ??= new SmallestShelf(ledger.Items, ways);

    /// <summary>Chooses products by the owner's school.</summary>
    public ProductChooser Chooser =>
        chooser ??= new ProductChooser(
            ways,
            shelf.Ways.Products == ProductSchool.FewProducts
                ? Smallest.Chosen.Select(product => product.Id).ToHashSet()
                : []
        );

    /// <summary>How the tasks of the car are done.</summary>
    /// <param name="now">The present instant.</param>
    /// <param name="paces">What has been learnt of the owner's pace at chores.</param>
    /// <param name="place">Where the owner works; the usual place when left out.</param>
    /// <param name="supplies">What is left of the products; enough when left out.</param>
    /// <param name="hair">Where an animal left hair; nowhere when left out.</param>
    public MethodBook MethodsAt(
        DateTimeOffset now,
        OwnerPaces paces,
        Workplace? place = null,
        Supplies? supplies = null,
        IReadOnlySet<SurfaceId>? hair = null
    ) =>
        new(ledger, shelf, new GlassAdvisor(new GlassKit(ways, records, supplies), ledger.Residues), now)
        {
            Paces = paces,
            Place = place ?? Workplace.Usual,
            Hair = hair ?? FrozenSet<SurfaceId>.Empty,
        };

    /// <summary>The circumstances by the owner's schools.</summary>
    public UseContext Context => UseContext.Usual with { Screens = shelf.Ways.Screens };
}
