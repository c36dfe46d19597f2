using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cove.Core.Sessions.Planning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;

namespace Cove.Bench;

/// <summary>What Today recomputes while the marker is dragged, at sixty tasks. The ratio is to triage alone.</summary>
[ShortRunJob(RuntimeMoniker.Net10_0)]
[MemoryDiagnoser]
public class SessionBenchmarks
{
    private const int Tasks = 60;

    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private readonly Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout);
    private TriageProblem problem = null!;
    private IReadOnlyList<CareStatus> statuses = null!;

    /// <summary>Makes sixty tasks out of the table by taking it more than once, each with a level of its own.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var vehicle = new Vehicle(default, "Bench", string.Empty, CareBook.ReferenceLayout, cabin.Surfaces);
        IReadOnlyList<CareItem> items = CareBook.For(vehicle);
        var random = new Random(60);
        statuses =
        [
            .. Enumerable
                .Range(0, Tasks)
                .Select(index => items[index % items.Count])
                .Select(item =>
                {
                    var state = new CareState(Now, new Level(0.3 + random.NextDouble()));
                    return new CareStatus(
                        item,
                        [
                            .. item.Surfaces.Select(surface => new SurfaceStatus(
                                surface,
                                Due.Compute(
                                    state,
                                    item.SoilingOf(surface),
                                    Usage.Reference,
                                    Now,
                                    Level.Everyday
                                )
                            )),
                        ]
                    );
                }),
        ];
        int kits = Enum.GetValues<Kit>().Length;
        problem = new TriageProblem(
            [
                .. Enumerable
                    .Range(0, Tasks)
                    .Select(index => new TriageCandidate(
                        random.Next(1, 30),
                        random.Next(1, 5000),
                        [random.Next(kits)],
                        index > 0 && index % 5 == 0 ? random.Next(index) : null
                    )),
            ],
            [.. Enumerable.Repeat(2, kits)]
        );
    }

    /// <summary>The exact best set for every budget up to two hours.</summary>
    [Benchmark(Baseline = true)]
    public int TriageCurve() => Triage.Solve(problem, 240).BenefitAt(240);

    /// <summary>Triage, and the running order of one session.</summary>
    [Benchmark]
    public int OneSession() => new SessionPlanner(statuses, cabin).Plan(25).Order.Steps.Count;

    /// <summary>Triage, and a running order for each minute of the ruler: all that Today computes.</summary>
    [Benchmark]
    public int WholeRuler() => new SessionOffer(new SessionPlanner(statuses, cabin), Now).Plans.Count;
}
