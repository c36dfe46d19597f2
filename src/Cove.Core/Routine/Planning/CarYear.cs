using Cove.Core.Cars;
using Cove.Core.Learning;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Routine.Planning;

/// <summary>A car as the planner of routines sees it: each task with the pace of its level and what doing it takes.</summary>
/// <remarks>
/// A task counts as far as its worst surface, and is done on all that need it: the parts are left to the session itself.
/// Products are those of a task that has just come due, minutes those of the level it will have; see <see cref="AtLevels"/>. What lies loose and has to be carried out first counts
/// as a kit of its own.
/// </remarks>
public sealed class CarYear
{
    /// <summary>What a half minute of hands is worth: an hour as much as an eighth of a day at level 2 of weight 1. It keeps work from being done twice as often to be spared an hour of being overdue. Cove's own choice.</summary>
    public const long PriceOfHalfMinute = RoutineProblem.UnitsPerDay / 960;

    /// <summary>The levels at which it is worked out what tasks take; between them it goes straight. Farther on it takes no longer. Just over the mark they lie close together: there one more round is needed on glass.</summary>
    private static readonly double[] WorkedOut = [1, 1.1, 1.25, 1.5, 2, 3, 4.5];

    private const int HalfMinutesAMinute = 2;

    /// <summary>The part of a session that goes into walking round the car and changing kits. Cove's own choice.</summary>
    private const double WalkingPart = 0.05;

    /// <summary>The part of a wait in which nothing else can be done. Cove's own choice.</summary>
    private const double IdlePart = 0.75;

    private static readonly Kit[] AllKits = Enum.GetValues<Kit>();

    private static readonly int LooseThingsKit = AllKits.Length;

    private readonly CarShelf car;
    private readonly DateTimeOffset now;
    private readonly TimeZoneInfo zone;
    private readonly OwnerPaces paces;
    private readonly LooseThings things;
    private readonly Dictionary<(Workplace Place, double Level), WorkAtMark> works = [];
    private readonly Dictionary<(CareTask, int), RiseCurve> curves = [];
    private readonly Dictionary<(TaskId, Workplace, double), TimeSpan?> hands = [];

    /// <summary>Looks at a car.</summary>
    /// <param name="car">The car with what serves it.</param>
    /// <param name="paces">The owner's pace.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">The owner's time zone.</param>
    public CarYear(CarShelf car, OwnerPaces paces, DateTimeOffset now, TimeZoneInfo zone)
    {
        this.car = car;
        this.paces = paces;
        this.now = now;
        this.zone = zone;
        Today = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime);
        things = LooseThings.Of(car.Ledger.Vehicle, car.Ledger.Usage.At(now).Use);
        Statuses = car.Ledger.At(now);
    }

    /// <summary>The owner's present day.</summary>
    public DateOnly Today { get; }

    /// <summary>How its tasks stand now.</summary>
    public IReadOnlyList<CareStatus> Statuses { get; }

    /// <summary>The instant at which it is looked at.</summary>
    public DateTimeOffset Now => now;

    /// <summary>What was learnt of how fast a task soils.</summary>
    public RateBelief BeliefOf(TaskId taskId) => car.Ledger.Learnt.Of(taskId);

    /// <summary>What its tasks take at a place when they have just come due.</summary>
    public WorkAtMark WorkAt(SlotPlace place) => WorkAt(place.ToWorkplace(), 1);

    private WorkAtMark WorkAt(Workplace place, double level)
    {
        if (!works.TryGetValue((place, level), out WorkAtMark? work))
        {
            work = new WorkAtMark(car, paces, now, place, level);
            works[(place, level)] = work;
        }

        return work;
    }

    /// <summary>The same problem with the minutes that each task takes at some level: what has been left for long takes longer.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="levels">The levels of each task beside its mark, one for each day on which it is done; at least one.</param>
    internal CarProblem AtLevels(CarProblem problem, IReadOnlyList<IReadOnlyList<double>> levels) =>
        problem with
        {
            Problem = problem.Problem with
            {
                Tasks =
                [
                    .. problem.Problem.Tasks.Select(
                        (task, index) =>
                            task with
                            {
                                HalfMinutes =
                                    HalfMinutesAt(
                                        PlaceOf(problem, task),
                                        problem.Items[index].Task.Id,
                                        levels[index]
                                    ) ?? task.HalfMinutes,
                            }
                    ),
                ],
            },
        };

    /// <summary>The hands of a task in the mean of its visits: surfaces that soil slowly are not done each time.</summary>
    private TimeSpan MeanHands(ReadyTask work, double level)
    {
        Dictionary<SurfaceId, int> every = car
            .Ledger.TurnsOf(
                Statuses.First(status => status.Item.Task == work.Status.Item.Task).Item,
                now,
                level
            )
            .ToDictionary(turn => turn.Surface.Id, turn => turn.Every);
        return TimeSpan.FromMinutes(
            work.Links.Sum(link =>
                link.HalfMinutes
                / (double)HalfMinutesAMinute
                / link.Adds.Select(status => every[status.Surface.Id]).DefaultIfEmpty(1).Min()
            )
        );
    }

    /// <summary>How long a session stands idle for a task until what it requires is dry, what else can be done meanwhile left aside.</summary>
    private static TimeSpan WaitFor(CareTask task, WorkAtMark there) =>
        task.Requires is { } required && task.AfterDryingOf.Contains(required)
            ? IdlePart * (there.Of(required)?.Work.Drying ?? TimeSpan.Zero)
            : TimeSpan.Zero;

    /// <summary>The place of the first slot that can hold a task.</summary>
    private static Workplace PlaceOf(CarProblem problem, RoutineTask task) =>
        problem
            .Days.Where((_, slot) => !task.Closed.Contains(slot))
            .Select(day => day.Slot.Place)
            .FirstOrDefault(problem.Days[0].Slot.Place)
            .ToWorkplace();

    /// <summary>The half minutes of a task as a mean of some levels; null where it cannot be done at one of them.</summary>
    private int? HalfMinutesAt(Workplace place, TaskId taskId, IReadOnlyList<double> levels)
    {
        TimeSpan sum = TimeSpan.Zero;
        foreach (double level in levels)
        {
            if (HandsAt(place, taskId, level) is not { } takes)
            {
                return null;
            }

            sum += takes;
        }

        return Math.Max(1, HalfMinutes(sum / levels.Count));
    }

    /// <summary>What a task takes at a level, between those at the levels that are worked out.</summary>
    private TimeSpan? HandsAt(Workplace place, TaskId taskId, double level)
    {
        int above = Array.FindIndex(WorkedOut, worked => worked >= level);
        (int low, int high) =
            above < 0 ? (WorkedOut.Length - 1, WorkedOut.Length - 1)
            : above == 0 ? (0, 0)
            : (above - 1, above);
        if (HandsIn(place, taskId, WorkedOut[low]) is not { } from)
        {
            return null;
        }

        double part = low == high ? 0 : (level - WorkedOut[low]) / (WorkedOut[high] - WorkedOut[low]);
        return part == 0 ? from : from + (part * (HandsIn(place, taskId, WorkedOut[high]) - from));
    }

    /// <summary>What a task takes at one of the levels that are worked out.</summary>
    private TimeSpan? HandsIn(Workplace place, TaskId taskId, double level)
    {
        if (!hands.TryGetValue((taskId, place, level), out TimeSpan? known))
        {
            WorkAtMark there = WorkAt(place, level);
            known = there.Of(taskId) is { } work
                ? MeanHands(work, level) + WaitFor(work.Status.Item.Task, there)
                : null;
            hands[(taskId, place, level)] = known;
        }

        return known;
    }

    /// <summary>Writes the car and some days of slots as a problem.</summary>
    /// <param name="days">The days, the earliest first.</param>
    /// <param name="horizon">How many days from today the reckoning goes.</param>
    public CarProblem ProblemFor(IReadOnlyList<SlotDay> days, int horizon)
    {
        var planned = new List<CareStatus>();
        var left = new List<HeldBack>();
        foreach (CareStatus status in Statuses)
        {
            if (days.Any(day => WorkAt(day.Slot.Place).Of(status.Item.Task.Id) is not null))
            {
                planned.Add(status);
            }
            else if (days.Count > 0 && WorkAt(days[0].Slot.Place).WhyNot(status.Item.Task.Id) is { } why)
            {
                left.Add(why);
            }
        }

        DropWithout(planned);
        RoutineTask[] tasks = [.. planned.Select(status => TaskOf(status, planned, days, horizon))];
        return new CarProblem(
            new RoutineProblem(
                tasks,
                [
                    .. days.Select(day => new RoutineSlot(
                        day.Day.DayNumber - Today.DayNumber,
                        HalfMinutesIn(day.Minutes)
                    )),
                ],
                [.. AllKits.Select(kit => HalfMinutes(kit.Facts().Fetch)), LooseThingsTake()],
                horizon
            )
            {
                HalfMinutePrice = PriceOfHalfMinute,
            },
            [.. planned.Select(status => status.Item)],
            days,
            left
        );
    }

    /// <summary>What requires something that cannot be done cannot be done itself, nor what requires that in turn.</summary>
    private void DropWithout(List<CareStatus> planned)
    {
        HashSet<TaskId> all = [.. Statuses.Select(status => status.Item.Task.Id)];
        for (int before = -1; before != planned.Count; )
        {
            before = planned.Count;
            HashSet<TaskId> kept = [.. planned.Select(status => status.Item.Task.Id)];
            planned.RemoveAll(status =>
                status.Item.Task.Requires is { } id && all.Contains(id) && !kept.Contains(id)
            );
        }
    }

    /// <summary>The half minutes of a slot that are left for tasks and their kits when chores, walking and changing kits are paid.</summary>
    /// <param name="minutes">The minutes of the slot; 0 for one that is not used.</param>
    public int HalfMinutesIn(int minutes)
    {
        double walking = minutes * WalkingPart;
        return (int)Math.Max(0, Math.Floor(((minutes - walking) * HalfMinutesAMinute) - Chores(minutes)));
    }

    /// <summary>The half minutes of getting ready and setting back in a slot, loose things left aside.</summary>
    /// <param name="minutes">The minutes of the slot.</param>
    public int ChoresIn(int minutes) => (int)Math.Ceiling(Chores(minutes));

    private double Chores(int minutes) =>
        SessionChores
            .All.Where(chore =>
                !chore.ForLooseThings && !chore.ForChildSeats && chore.Stage != Stage.GlassOutside
            )
            .Where(chore => chore.From.TotalMinutes <= minutes)
            .Sum(chore => paces.WorkOf(chore, 0).TotalMinutes) * HalfMinutesAMinute;

    private RoutineTask TaskOf(
        CareStatus status,
        List<CareStatus> planned,
        IReadOnlyList<SlotDay> days,
        int horizon
    )
    {
        CareItem item = status.Item;
        CareTask task = item.Task;
        ReadyTask work = days.Select(day => WorkAt(day.Slot.Place).Of(task.Id))
            .First(ready => ready is not null)!;
        int requires = planned.FindIndex(other => other.Item.Task.Id == task.Requires);
        bool required = planned.Any(other => other.Item.Task.Requires == task.Id);
        Surface fastest = item.Surfaces.MaxBy(surface =>
            car.Ledger.SoilingOf(item, surface).Rise(car.Ledger.Usage, now, now.AddDays(horizon))
            / car.Ledger.MarkOf(task, surface, now).Value
        )!;
        int[] kits = [.. task.Kits.Select(kit => Array.IndexOf(AllKits, kit))];
        return new RoutineTask
        {
            Weight = task.Stakes.Weight() * task.Visible,
            Rise = RiseOf(item, fastest, horizon),
            HalfMinutes = Math.Max(
                1,
                HalfMinutes(work.Work.Hands + WaitFor(task, WorkAt(days[0].Slot.Place)))
            ),
            Kits = item.Surfaces.Any(things.LieOn) ? [.. kits, LooseThingsKit] : kits,
            Requires = requires >= 0 ? requires : null,
            LevelAtStart = status.Level.Value,
            LevelAfter = LevelAfter(item, fastest, work),
            EarliestLevel = task.OfferedFrom,
            Closed = days.Index()
                .Where(day => !MayIn(day.Item.Slot, task, work, required))
                .Select(day => day.Index)
                .ToHashSet(),
        };
    }

    private bool MayIn(Slot slot, CareTask task, ReadyTask work, bool required) =>
        WorkAt(slot.Place).Of(task.Id) is not null
        && !slot.Without.Contains(task.Id)
        && slot.Use switch
        {
            SlotUse.QuickOnly => work.Work.Drying <= Standing.AnHour.Length(),
            SlotUse.LongOnly => required || Slot.IsLong(task),
            _ => true,
        };

    private RiseCurve RiseOf(CareItem item, Surface surface, int horizon)
    {
        if (curves.TryGetValue((item.Task, horizon), out RiseCurve? known))
        {
            return known;
        }

        Soiling soiling = car.Ledger.SoilingOf(item, surface);
        double mark = car.Ledger.MarkOf(item.Task, surface, now).Value;
        var byDay = new List<double>(horizon);
        // Use and season change with the month, so within one a level rises evenly.
        for (DateOnly day = Today; byDay.Count < horizon; )
        {
            DateOnly next = new DateOnly(day.Year, day.Month, 1).AddMonths(1);
            int length = Math.Min(next.DayNumber - day.DayNumber, horizon - byDay.Count);
            DateTimeOffset from = now.AddDays(byDay.Count);
            double rise = soiling.Rise(car.Ledger.Usage, from, from.AddDays(length)) / mark / length;
            byDay.AddRange(Enumerable.Repeat(rise, length));
            day = next;
        }

        var curve = RiseCurve.Of(byDay);
        curves[(item.Task, horizon)] = curve;
        return curve;
    }

    /// <summary>What is left of the level when a task that has just come due is done: nothing, but on glass.</summary>
    private double LevelAfter(CareItem item, Surface pane, ReadyTask work)
    {
        MethodUse? use = work.Work.Uses.FirstOrDefault(use => use.Surfaces.Contains(pane));
        if (item.Task.BeginsAnew || use is null || GlassMethods.Find(use.Method.Id) is not { } glass)
        {
            return 0;
        }

        double mark = car.Ledger.MarkOf(item.Task, pane, now).Value;
        Conditions conditions = car.Ledger.Usage.ConditionsAt(now);
        Film left = Film.Of(mark, mark * car.Ledger.SoilingOf(item, pane).OilyMix(conditions).Value)
            .After(glass.Method.Removal, use.Rounds)
            .Times(car.Ledger.Residues.Of(use.Method.Id).Median);
        return Math.Min(0.95, left.Whole.Value / mark);
    }

    private int LooseThingsTake() =>
        SessionChores
            .All.Where(chore => chore.ForLooseThings)
            .Sum(chore => HalfMinutes(paces.WorkOf(chore, things.ChildSeats)));

    private static int HalfMinutes(TimeSpan span) =>
        (int)Math.Round(span.TotalMinutes * HalfMinutesAMinute, MidpointRounding.AwayFromZero);
}

/// <summary>A car and its slots as a problem, and what its numbers stand for.</summary>
/// <param name="Problem">The problem; nothing is pinned in it yet.</param>
/// <param name="Items">The task behind each of its tasks.</param>
/// <param name="Days">The day behind each of its slots.</param>
/// <param name="Left">What is not planned at all, because it cannot be done at any of the places, with the reason.</param>
public sealed record CarProblem(
    RoutineProblem Problem,
    IReadOnlyList<CareItem> Items,
    IReadOnlyList<SlotDay> Days,
    IReadOnlyList<HeldBack> Left
)
{
    /// <summary>The number of a task; null when it is not planned.</summary>
    public int? IndexOf(TaskId taskId) =>
        Items
            .Index()
            .Where(item => item.Item.Task.Id == taskId)
            .Select(item => (int?)item.Index)
            .FirstOrDefault();
}
