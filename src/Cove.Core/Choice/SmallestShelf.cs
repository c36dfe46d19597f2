using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Products;
using Cove.Core.Safety;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Choice;

/// <summary>The fewest of the owner's products that do every task of a car safely, and what the others are for.</summary>
public sealed class SmallestShelf
{
    /// <summary>One product fewer counts for more than any difference in use, and that for more than any in gentleness. Cove's own choice.</summary>
    private const int PerProduct = 1_000_000;
    private const int PerJob = 1000;

    private readonly IReadOnlyList<Product> products;
    private readonly IReadOnlyList<ShelfJob> jobs;
    private readonly bool[,] does;
    private readonly Lazy<IReadOnlyList<ProductPart>> roles;

    /// <summary>Finds it.</summary>
    /// <param name="items">The tasks of the car.</param>
    /// <param name="ways">What is owned, and how it may be used on the car.</param>
    public SmallestShelf(IReadOnlyList<CareItem> items, SafestWays ways)
    {
        Shelf shelf = ways.Shelf;
        var context = UseContext.Usual with { Screens = shelf.Ways.Screens };
        products = shelf.Products;
        jobs = [.. items.SelectMany(JobsOf)];
        does = new bool[products.Count, jobs.Count];
        var byWater = new bool[jobs.Count];
        for (int job = 0; job < jobs.Count; job++)
        {
            byWater[job] = Does(Product.TapWater, jobs[job], ways, context);
            for (int product = 0; product < products.Count; product++)
            {
                does[product, job] = Does(products[product], jobs[job], ways, context);
            }
        }

        int[] needed = [.. Indexes(jobs.Count).Where(job => !byWater[job])];
        IReadOnlyList<int> chosen = SetCover.Solve(
            needed.Length,
            [
                .. Indexes(products.Count)
                    .Select(product =>
                        (IReadOnlyList<int>)
                            [.. Indexes(needed.Length).Where(place => does[product, needed[place]])]
                    ),
            ],
            [.. Indexes(products.Count).Select(WeightOf)]
        );
        Chosen = [.. chosen.Select(product => products[product])];
        Uncovered =
        [
            .. needed
                .Where(job => !Indexes(products.Count).Any(product => does[product, job]))
                .Select(job => jobs[job]),
        ];
        // Whoever only chooses products does not ask.
        roles = new(() => [.. Indexes(products.Count).Select(product => RoleOf(product, chosen, byWater))]);
    }

    /// <summary>Everything that takes a product in this car.</summary>
    public IReadOnlyList<ShelfJob> Jobs => jobs;

    /// <summary>The products of the smallest safe shelf, in the order of the shelf.</summary>
    public IReadOnlyList<Product> Chosen { get; }

    /// <summary>The jobs that nothing owned does safely, whatever the soil. For what is worth buying ask the shopping list, which also counts what every household can mix.</summary>
    public IReadOnlyList<ShelfJob> Uncovered { get; }

    /// <summary>What each product is for, in the order of the shelf.</summary>
    public IReadOnlyList<ProductPart> Roles => roles.Value;

    private int WeightOf(int product) =>
        PerProduct
        + HarshnessOf(products[product].Make)
        - (PerJob * Indexes(jobs.Count).Count(job => does[product, job]));

    /// <summary>Of shelves with as many products that do as much, the gentler one is chosen. Never more than <see cref="PerJob"/>.</summary>
    private static int HarshnessOf(ProductMake make) =>
        (int)(Math.Abs(make.Chemistry.Ph - 7) * 10)
        + (int)make.Chemistry.AlcoholPercent
        + (make.Hazards.Count * 10);

    /// <summary>A task on surfaces of one make: what does one of them does all of them.</summary>
    private static IEnumerable<ShelfJob> JobsOf(CareItem item) =>
        item.Task.Products.Count == 0
            ? []
            : item
                .Surfaces.GroupBy(surface => surface.Make)
                .Select(group => new ShelfJob(item.Task, [.. group]));

    private static bool Does(Product product, ShelfJob job, SafestWays ways, UseContext context) =>
        job.Task.Products.Any(option =>
            option.Class == product.Make.Class && option.UpTo >= TaskOption.Routine
        ) && job.Surfaces.All(surface => ways.Of(product, surface, context).Judgement.MayBeDone);

    private ProductPart RoleOf(int product, IReadOnlyList<int> chosen, bool[] byWater)
    {
        int[] own = [.. Indexes(jobs.Count).Where(job => does[product, job])];
        int[] alone =
        [
            .. own.Where(job => !byWater[job] && !chosen.Any(other => other != product && does[other, job])),
        ];
        ShelfRole role =
            chosen.Contains(product) ? ShelfRole.Needed
            : own.Length == 0 ? ShelfRole.Useless
            : ShelfRole.Redundant;
        return new ProductPart(
            products[product],
            role,
            [.. own.Select(job => jobs[job])],
            [.. alone.Select(job => jobs[job])]
        );
    }

    private static IEnumerable<int> Indexes(int count) => Enumerable.Range(0, count);
}

/// <summary>A care task on surfaces of one make.</summary>
/// <param name="Task">The task.</param>
/// <param name="Surfaces">The surfaces; at least one, all of one make.</param>
public sealed record ShelfJob(CareTask Task, IReadOnlyList<Surface> Surfaces);

/// <summary>What a product is for in a car.</summary>
/// <param name="Product">The product.</param>
/// <param name="Role">Whether it is needed.</param>
/// <param name="Does">What it does safely.</param>
/// <param name="Adds">What nothing else of the smallest shelf does.</param>
public sealed record ProductPart(
    Product Product,
    ShelfRole Role,
    IReadOnlyList<ShelfJob> Does,
    IReadOnlyList<ShelfJob> Adds
);

/// <summary>Whether a product is needed for a car.</summary>
public enum ShelfRole
{
    /// <summary>It belongs to the smallest safe shelf.</summary>
    Needed,

    /// <summary>Others do what it does.</summary>
    Redundant,

    /// <summary>There is nothing in this car that it does safely.</summary>
    Useless,
}
