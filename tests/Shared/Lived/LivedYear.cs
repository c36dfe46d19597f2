using Cove.Core;
using Cove.Core.Cars;
using Cove.Core.Choice;
using Cove.Core.Learning;
using Cove.Core.Log;
using Cove.Core.Methods;
using Cove.Core.Outlook;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Slots;
using Cove.Core.Sessions;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Ready;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;
using Replay = Cove.Core.Log.Replay;

namespace Cove.Tests.Lived;

/// <summary>A year in which an owner does what a session says, slot by slot, while the car soils as it does.</summary>
/// <remarks>What is forecast is what the plan says on the first day; what is lived is measured on the car, day by day, by nothing that planned.</remarks>
public sealed class LivedYear
{
    private const int Days = 365;

    private readonly LivedOwner owner;
    private readonly Vehicle vehicle;
    private readonly Usage usage;
    private readonly Random skips;
    private readonly LearntRates truth;
    private readonly List<LogEntry> log = [];
    private Replay known;

    private LivedYear(LivedOwner owner)
    {
        this.owner = owner;
        vehicle = new Vehicle(
            default,
            owner.Name,
            string.Empty,
            owner.Layout,
            CabinBuilder.Build(owner.Layout).Surfaces
        );
        usage = new Usage([new UsageEntry(LivedOwner.Start.AddDays(-400), owner.Use)]);
        skips = new Random(owner.Seed);
        var levels = new Random(owner.Seed);
        log.AddRange(
            CareBook
                .For(vehicle)
                .SelectMany(item =>
                    item.Surfaces.Select(surface => new LevelBegan(
                        EntryId.New(LivedOwner.Start),
                        LivedOwner.Start,
                        new CareKey(item.Task.Id, surface.Id),
                        new Level(0.2 + (0.8 * levels.NextDouble()))
                    ))
                )
        );
        known = Replay.Of(vehicle, usage, log);
        RateBelief doubt = LearntRates.Nothing.Car;
        truth =
            owner.Doubt > 0
                ? new LearntRates(
                    doubt with
                    {
                        LogStdDev = 0,
                    },
                    CareTasks.All.ToDictionary(
                        task => task.Id,
                        task => new RateBelief(
                            Math.Log(
                                new Uncertainty(0, doubt.LogStdDev * owner.Doubt)
                                    .Drawn(owner.Seed, 0, task.Id)
                                    .Rate
                            ),
                            0,
                            0
                        )
                    )
                )
                : new LearntRates(doubt with { LogMean = 0 }, new Dictionary<TaskId, RateBelief>());
    }

    /// <summary>The plan as it was on the first day.</summary>
    public RoutinePlan? Foreseen { get; private set; }

    /// <summary>What was forecast on the first day: the days overdue, all tasks added.</summary>
    public double Forecast { get; private set; }

    /// <summary>The same by task.</summary>
    public Dictionary<TaskId, double> ForecastOf { get; } = [];

    /// <summary>The days overdue as they were lived, all tasks added of which something was forecast: what cannot be done in any slot is no matter of planning.</summary>
    public double Lived => LivedIn(ForecastOf.Keys);

    /// <summary>The days overdue as they were lived, some tasks added.</summary>
    public double LivedIn(IEnumerable<TaskId> tasks) => tasks.Sum(task => LivedOf[task]);

    /// <summary>The same by task.</summary>
    public Dictionary<TaskId, double> LivedOf { get; } = [];

    /// <summary>How often each task was planned on the first day, and how often it was done.</summary>
    public Dictionary<TaskId, (int Planned, int Done)> Visits { get; } = [];

    /// <summary>The minutes of slots that were kept, and of them those without work.</summary>
    public (double Given, double Idle) Minutes { get; private set; }

    /// <summary>Lives a year by the plan of the routine.</summary>
    public static LivedYear ByPlan(LivedOwner owner)
    {
        var year = new LivedYear(owner);
        RoutinePlan plan = year.Plan(LivedOwner.Start, null);
        year.Foresee(plan);
        StandingPlan standing = StandingPlan.Of(plan);
        year.Live(
            plan,
            (day, at) =>
            {
                // What stands is looked at anew each time, as it is whenever somebody opens the page.
                RoutinePlan now = year.Plan(at, standing);
                standing = StandingPlan.Of(now);
                PlannedDay slot = now.Slots.First(slot =>
                    slot.Day.Slot.Id == day.Slot.Id && slot.Day.RuleDay == day.RuleDay
                );
                return new SlotToday(now, slot).Session(year.DayAt(at, day.Slot.Place));
            }
        );
        return year;
    }

    /// <summary>Lives the same year with the same slots by what Today says, without a plan.</summary>
    public static LivedYear ByToday(LivedOwner owner)
    {
        var year = new LivedYear(owner);
        RoutinePlan plan = year.Plan(LivedOwner.Start, null);
        year.Foresee(plan);
        year.Live(plan, (day, at) => year.DayAt(at, day.Slot.Place).Session(day.Minutes));
        return year;
    }

    private void Foresee(RoutinePlan plan)
    {
        Foreseen = plan;
        Forecast = plan.OverdueDays;
        foreach (PlannedTask task in plan.Tasks)
        {
            ForecastOf[task.Item.Task.Id] = task.OverdueDays;
            Visits[task.Item.Task.Id] = (task.Dates.Count, 0);
        }
    }

    private void Live(RoutinePlan plan, Func<SlotDay, DateTimeOffset, PlannedSession> sessionOf)
    {
        foreach (SlotDay day in plan.Slots.Select(slot => slot.Day).Where(day => day.Day <= plan.Until))
        {
            if (skips.NextDouble() < owner.Skips)
            {
                continue;
            }

            var at = new DateTimeOffset(day.Day.ToDateTime(day.Time), TimeSpan.Zero);
            PlannedSession session = sessionOf(day, at);
            Work(session.Plan, at);
            Minutes = (
                Minutes.Given + day.Minutes,
                Minutes.Idle + Math.Max(0, day.Minutes - session.Plan.Order.Length.TotalMinutes)
            );
        }

        Measure();
    }

    private RoutinePlan Plan(DateTimeOffset at, StandingPlan? standing)
    {
        int months = 12 - (((at.Year - LivedOwner.Start.Year) * 12) + at.Month - LivedOwner.Start.Month);
        return new RoutinePlanner(
            new CarYear(ShelfAt(), OwnerPaces.Nothing, at, TimeZoneInfo.Utc),
            log.OfType<TaskDone>()
                .GroupBy(done => done.TaskId)
                .ToDictionary(
                    done => done.Key,
                    done => DateOnly.FromDateTime(done.Max(entry => entry.At).DateTime)
                ),
            TimeZoneInfo.Utc
        ).Plan(new CarRoutine(owner.Slots), Math.Max(1, months), standing);
    }

    private DayPlan DayAt(DateTimeOffset at, SlotPlace place) =>
        new(ShelfAt(), OwnerPaces.Nothing, at, DayConditions.Usual with { Place = place.ToWorkplace() });

    private CarShelf ShelfAt() =>
        new(
            new CareLedger(
                vehicle,
                usage,
                known.States,
                known.Learnt,
                residues: known.Residues,
                coats: known.Coats
            ),
            LivedOwner.Everything,
            ShelfRecords.None
        );

    /// <summary>Does every step, in the minutes that were planned for it.</summary>
    private void Work(SessionPlan plan, DateTimeOffset at)
    {
        foreach (TaskWork work in plan.Works)
        {
            TaskId id = work.Status.Item.Task.Id;
            DateTimeOffset end =
                at + plan.Order.Steps.Where(step => plan.Jobs[step.Job].TaskId == id).Max(step => step.End);
            StepProduct[] products =
            [
                .. plan
                    .Choices.Where(chosen => chosen.Task == work.Status.Item.Task)
                    .SelectMany(chosen =>
                        chosen.Choices.SelectMany(choice => StepProduct.Of(work.Status.Item.Task, choice))
                    ),
            ];
            var done = new TaskDone(EntryId.New(end), end, id, Share.All)
            {
                SurfaceIds =
                [
                    .. work
                        .Status.Surfaces.Select(surface => surface.Surface)
                        .Concat(work.Along)
                        .Select(surface => surface.Id),
                ],
                Methods = [.. work.Uses.Select(MethodUsed.Of)],
                Products = [.. products.Select(product => product.Used)],
                Coat = products.Aggregate(CoatTraits.None, (all, product) => all | product.Leaves),
            };
            log.Add(done);
            (int planned, int before) = Visits.GetValueOrDefault(id);
            Visits[id] = (planned, before + 1);
        }

        known = Replay.Of(vehicle, usage, log);
    }

    private void Measure()
    {
        IReadOnlyDictionary<CareKey, CareHistory> histories = Replay.Histories(
            vehicle,
            usage,
            log,
            truth,
            known.Residues,
            known.Coats
        );
        var marks = new CareLedger(vehicle, usage, known.States);
        foreach (CareItem item in CareBook.For(vehicle))
        {
            // On the first day everything may be in arrears already; the forecast counts that as well.
            LivedOf[item.Task.Id] = Enumerable
                .Range(0, Days)
                .Count(day =>
                {
                    DateTimeOffset noon = LivedOwner.Start.AddDays(day).AddHours(12);
                    return item.Surfaces.Any(surface =>
                        histories[new CareKey(item.Task.Id, surface.Id)].LevelAt(noon).Value
                        > marks.MarkOf(item.Task, surface, noon).Value
                    );
                });
        }
    }
}
