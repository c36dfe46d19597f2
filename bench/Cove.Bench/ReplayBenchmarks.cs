using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cove.Core;
using Cove.Core.Log;
using Cove.Core.Methods.Glass;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;

namespace Cove.Bench;

/// <summary>Ten years of one car. The ratio is to replaying them from nothing, for which there are 20 ms.</summary>
[ShortRunJob(RuntimeMoniker.Net10_0)]
[MemoryDiagnoser]
public class ReplayBenchmarks
{
    private const int Weeks = 520;

    private static readonly DateTimeOffset Start = new(2016, 3, 5, 9, 30, 0, TimeSpan.Zero);

    private readonly List<LogEntry> log = [];
    private readonly List<LogEntry> year = [];
    private Vehicle vehicle = null!;
    private Usage usage = Usage.Reference;
    private Replay lived = null!;

    /// <summary>A session a week in which everything due is done, a check a month, an event a quarter, salt in winter and a reading of the odometer a month.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        vehicle = new Vehicle(
            default,
            "Bench",
            string.Empty,
            CareBook.ReferenceLayout,
            CabinBuilder.Build(CareBook.ReferenceLayout).Surfaces
        );
        IReadOnlyList<CareItem> items = CareBook.For(vehicle);
        CarUse use = CarUse.Reference with { GritMonths = MonthSet.Of(12, 1, 2) };
        usage = new Usage(
            Enumerable
                .Range(0, 120)
                .Select(month => new UsageEntry(
                    Start.AddMonths(month),
                    use with
                    {
                        Distance = WeeklyDistance.FromKilometres(180 + month),
                    }
                ))
        );
        log.AddRange(
            items.SelectMany(item =>
                item.Surfaces.Select(surface => new LevelBegan(
                    new(Guid.NewGuid()),
                    Start,
                    new CareKey(item.Task.Id, surface.Id),
                    new Level(0.5)
                ))
            )
        );
        for (int week = 0; week < Weeks; week++)
        {
            log.AddRange(WeekOf(items, week));
        }

        lived = Replay.Of(vehicle, usage, log);
        for (int week = Weeks; week < Weeks + 52; week++)
        {
            year.AddRange(WeekOf(items, week).OfType<TaskDone>());
        }
    }

    /// <summary>From nothing to where every level stands and what was learnt.</summary>
    [Benchmark(Baseline = true)]
    public int TenYears() => Replay.Of(vehicle, usage, log).States.Count;

    /// <summary>One imagined year of sessions more, entry by entry.</summary>
    [Benchmark]
    public int OneYearMoreInSteps() =>
        year.Aggregate(lived, (replay, entry) => replay.Then(entry)).States.Count;

    private static IEnumerable<LogEntry> WeekOf(IReadOnlyList<CareItem> items, int week)
    {
        DateTimeOffset at = Start.AddDays(7 * week);
        foreach (
            CareItem item in items.Where(item =>
                week % Math.Max(1, (int)(item.Task.Interval.TotalDays / 7)) == 0
            )
        )
        {
            yield return new TaskDone(
                new(Guid.NewGuid()),
                at,
                item.Task.Id,
                week % 20 == 7 ? new Share(0.5) : Share.All
            )
            {
                Methods =
                    item.Task.Stage == Stage.Glass
                        ?
                        [
                            new MethodUsed(
                                GlassMethods.TwoTowels.Method.Id,
                                1,
                                [.. item.Surfaces.Select(surface => surface.Id)]
                            ),
                        ]
                        : [],
            };
        }

        if (week % 4 == 2)
        {
            yield return new Checked(new(Guid.NewGuid()), at.AddDays(-1), "pat", "puff", ["front-carpet"]);
            yield return new Checked(
                new(Guid.NewGuid()),
                at.AddDays(1),
                "night-check",
                "streaks",
                ["windscreen"]
            );
        }

        if (week % 13 == 5)
        {
            yield return new Happened(new(Guid.NewGuid()), at.AddDays(-2), "spill", ["driver-seat"]);
        }
    }
}
