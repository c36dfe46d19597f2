using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cove.Core;
using Cove.Core.Cars;
using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Outlook;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Proposals;
using Cove.Core.Routine.Recurrence;
using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;
using Cove.Core.Schools;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;

namespace Cove.Bench;

/// <summary>A year of an estate with a slot a week and a longer one every eighth week, 14 months of them. The ratio is to planning from nothing.</summary>
[ShortRunJob(RuntimeMoniker.Net10_0)]
[MemoryDiagnoser]
public class RoutineBenchmarks
{
    private const int Days = 428;

    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private RoutineProblem problem = null!;
    private Frontier frontier = null!;
    private RoutinePlan yearPlan = null!;
    private DateOnly today;
    private IReadOnlyList<IReadOnlyList<int>> plan = null!;
    private IReadOnlyList<IReadOnlyList<int>> skipped = null!;

    /// <summary>Makes the car and its plan.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        CabinLayout layout = CabinLayout.Usual(BodyType.Estate);
        var vehicle = new Vehicle(
            default,
            "Bench",
            string.Empty,
            layout,
            CabinBuilder.Build(layout).Surfaces
        );
        var random = new Random(60);
        var ledger = new CareLedger(
            vehicle,
            Usage.Reference,
            CareBook
                .For(vehicle)
                .SelectMany(item => item.Surfaces.Select(surface => new CareKey(item.Task.Id, surface.Id)))
                .ToDictionary(key => key, _ => new CareState(Now, new Level(random.NextDouble())))
        );
        var shelf = new Shelf(
            [
                .. Enum.GetValues<ProductClass>()
                    .Select(
                        (known, at) =>
                            Product.OfClass(new(new Guid(at + 1, 0, 0, new byte[8])), $"{known}", known)
                    ),
            ],
            [],
            [],
            WaysOfWorking.Default
        );
        var year = new CarYear(
            new CarShelf(ledger, shelf, ShelfRecords.None),
            OwnerPaces.Nothing,
            Now,
            TimeZoneInfo.Utc
        );
        var routine = new CarRoutine([
            new Slot(
                new SlotId(Guid.NewGuid()),
                RecurrenceRule.Parse("FREQ=WEEKLY"),
                year.Today,
                default,
                25
            ),
            new Slot(
                new SlotId(Guid.NewGuid()),
                RecurrenceRule.Parse("FREQ=WEEKLY;INTERVAL=8"),
                year.Today,
                default,
                75
            )
            {
                Place = SlotPlace.Usual with { Standing = Standing.UntilTomorrow },
            },
        ]);
        problem = year.ProblemFor(
            routine.Days(year.Today, year.Today.AddDays(Days), TimeZoneInfo.Utc),
            Days
        ).Problem;
        plan = RoutineSolver.Solve(problem).Visits;
        frontier = new Frontier(year, routine, new Dictionary<TaskId, DateOnly>(), TimeZoneInfo.Utc);
        today = year.Today;
        yearPlan = new RoutinePlanner(year, new Dictionary<TaskId, DateOnly>(), TimeZoneInfo.Utc).Plan(
            routine,
            12
        );
        skipped =
        [
            [],
            .. plan.Skip(1),
        ];
    }

    /// <summary>Planned from nothing.</summary>
    [Benchmark(Baseline = true)]
    public SolvedRoutine FromNothing() => RoutineSolver.Solve(problem);

    /// <summary>Planned again after the first slot was skipped.</summary>
    [Benchmark]
    public SolvedRoutine AfterASkip() =>
        RoutineSolver.SolveAgain(
            problem with
            {
                Slots = [problem.Slots[0] with { HalfMinutes = 0 }, .. problem.Slots.Skip(1)],
            },
            skipped
        );

    /// <summary>What a plan costs.</summary>
    [Benchmark]
    public SolvedRoutine CostOfAPlan() => RoutineSolver.Weigh(problem, plan);

    /// <summary>The year ahead read out of a plan that stands.</summary>
    [Benchmark]
    public YearOutlook Outlook() => YearOutlook.Of(yearPlan, today, new Dictionary<ProductId, decimal>());

    /// <summary>Its band: 64 futures lived through.</summary>
    [Benchmark]
    public YearFutures Futures() => YearFutures.Of(yearPlan, today, _ => new Uncertainty(0.3, 0.5));

    /// <summary>Sixty patterns of slots compared.</summary>
    [Benchmark]
    public int SixtyPatterns() => frontier.Points().Count();

    /// <summary>Choosing slot after slot, to compare with.</summary>
    [Benchmark]
    public SolvedRoutine SlotAfterSlot() => RoutineSolver.SlotAfterSlot(problem);
}
