using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cove.Core;
using Cove.Core.Cars;
using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Schools;
using Cove.Core.Sessions;
using Cove.Core.Sessions.Planning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;

namespace Cove.Bench;

/// <summary>What Today recomputes while the marker is dragged: a car of three rows, long overdue, with every product on its shelf. The ratio is to triage alone, on as many candidates in chains.</summary>
[ShortRunJob(RuntimeMoniker.Net10_0)]
[MemoryDiagnoser]
public class SessionBenchmarks
{
    private const int Candidates = 120;
    private const int LongestChain = 6;

    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private TriageProblem problem = null!;
    private CarShelf car = null!;

    /// <summary>Makes the chains and the car.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var random = new Random(60);
        int kits = Enum.GetValues<Kit>().Length;
        var candidates = new List<TriageCandidate>();
        while (candidates.Count < Candidates)
        {
            int links = Math.Min(random.Next(1, LongestChain + 1), Candidates - candidates.Count);
            int kit = random.Next(kits);
            for (int link = 0; link < links; link++)
            {
                candidates.Add(
                    new TriageCandidate(
                        random.Next(1, 8) + (link == 0 ? 4 : 0),
                        random.Next(1, 5000),
                        [kit],
                        link > 0 ? candidates.Count - 1
                            : candidates.Count > 0 && random.Next(4) == 0 ? random.Next(candidates.Count)
                            : null
                    )
                );
            }
        }

        problem = new TriageProblem(candidates, [.. Enumerable.Repeat(2, kits)]);

        CabinLayout layout = CabinLayout.Usual(BodyType.Suv) with { ThirdRowSeats = 2, ChildSeats = 2 };
        var vehicle = new Vehicle(
            default,
            "Bench",
            string.Empty,
            layout,
            CabinBuilder.Build(layout).Surfaces
        );
        var ledger = new CareLedger(
            vehicle,
            Usage.Reference,
            CareBook
                .For(vehicle)
                .SelectMany(item => item.Surfaces.Select(surface => new CareKey(item.Task.Id, surface.Id)))
                .ToDictionary(key => key, _ => new CareState(Now, new Level(0.5 + random.NextDouble())))
        );
        var shelf = new Shelf(
            [
                .. Enum.GetValues<ProductClass>()
                    .Where(known => known != ProductClass.Water)
                    .Select(known => Product.OfClass(ProductId.New(Now), $"{known}", known)),
            ],
            [],
            [],
            WaysOfWorking.Default
        );
        car = new CarShelf(ledger, shelf, ShelfRecords.None);
    }

    /// <summary>The exact best set for every budget up to two hours.</summary>
    [Benchmark(Baseline = true)]
    public int TriageCurve() => Triage.Solve(problem, 240).BenefitAt(240);

    /// <summary>What can be done now and with what, triage, and the running order of one session.</summary>
    [Benchmark]
    public int OneSession() => Day().Session(25).Plan.Order.Steps.Count;

    /// <summary>The same with a running order for each minute of the ruler: all that Today computes.</summary>
    [Benchmark]
    public int WholeRuler() => Day().Offer.Plans.Count;

    private DayPlan Day() => new(car, OwnerPaces.Nothing, Now);
}
