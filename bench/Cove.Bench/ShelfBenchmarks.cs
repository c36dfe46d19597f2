using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Safety;
using Cove.Core.Safety.Rules;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Bench;

/// <summary>The smallest shelf of forty products and eighty jobs, and what a page asks of the rules. The ratio is to a thousand verdicts.</summary>
[ShortRunJob(RuntimeMoniker.Net10_0)]
[MemoryDiagnoser]
public class ShelfBenchmarks
{
    private const int Products = 40;
    private const int Jobs = 80;

    private readonly List<IReadOnlyList<int>> sets = [];
    private readonly List<int> weights = [];
    private readonly SurfaceMake pane = new(
        SurfaceKind.Glass,
        Material.Glass,
        Finish.Plain,
        SurfaceFacts.TintFilm
    );
    private IReadOnlyList<CareItem> items = [];
    private Shelf shelf = Shelf.Empty;

    /// <summary>Makes a random cover problem, and a shelf of one product of each class.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var random = new Random(40);
        for (int product = 0; product < Products; product++)
        {
            sets.Add([.. Enumerable.Range(0, Jobs).Where(_ => random.NextDouble() < 0.12)]);
            weights.Add(1_000_000 - random.Next(80_000));
        }

        items = CareBook.For(
            new Vehicle(
                default,
                "Bench",
                string.Empty,
                CareBook.ReferenceLayout,
                CabinBuilder.Build(CareBook.ReferenceLayout).Surfaces
            )
        );
        shelf = Shelf.Empty with
        {
            Products =
            [
                .. Enum.GetValues<ProductClass>()
                    .Select(one => Product.OfClass(new(Guid.NewGuid()), $"{one}", one)),
            ],
        };
    }

    /// <summary>A thousand verdicts on a pane.</summary>
    [Benchmark(Baseline = true)]
    public int ThousandVerdicts()
    {
        ProductMake make = ClassPresets.Of(ProductClass.GlassCleaner).Make;
        int worst = 0;
        for (int round = 0; round < 1000; round++)
        {
            var question = new SafetyCase(
                pane,
                make,
                Strength.Neat,
                Application.OnTowel,
                Tool.GlassTowel,
                UseContext.Usual
            );
            worst += (int)SafetyRules.Judge(question).Verdict;
        }

        return worst;
    }

    /// <summary>The exact cover of eighty jobs by forty products.</summary>
    [Benchmark]
    public int ExactCover() => SetCover.Solve(Jobs, sets, weights).Count;

    /// <summary>The smallest shelf of a car with a product of every class.</summary>
    [Benchmark]
    public int SmallestShelfOfACar() =>
        new SmallestShelf(items, new SafestWays(shelf, ShelfRecords.None)).Chosen.Count;
}
