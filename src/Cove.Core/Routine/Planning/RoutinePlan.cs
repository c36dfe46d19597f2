using Cove.Core.Methods.Steps;
using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;
using Cove.Core.Sessions.Ready;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep;

namespace Cove.Core.Routine.Planning;

/// <summary>A routine carried out on paper: what each coming slot holds, and what that comes to.</summary>
/// <param name="Slots">The coming days with what each holds, the earliest first; a spell beyond the months asked for is in it, so that nothing is put off to its end.</param>
/// <param name="Tasks">How each task fares, in the order of the table.</param>
/// <param name="NotPlanned">What cannot be done at any of the places, with the reason.</param>
/// <param name="Unmet">The pins that cannot be kept.</param>
/// <param name="Until">The last day of the months asked for.</param>
/// <param name="WeightedOverdue">Weighted days of being overdue in the months asked for: a day at level 2 of weight 1 is 1.</param>
public sealed record RoutinePlan(
    IReadOnlyList<PlannedDay> Slots,
    IReadOnlyList<PlannedTask> Tasks,
    IReadOnlyList<HeldBack> NotPlanned,
    IReadOnlyList<UnmetPin> Unmet,
    DateOnly Until,
    double WeightedOverdue
)
{
    /// <summary>The minutes that tasks and kits take in an average week of the months asked for.</summary>
    public double MinutesAWeek { get; init; }

    /// <summary>The minutes of the slots in an average week of the months asked for: what the owner gives, used or not.</summary>
    public double GivenAWeek { get; init; }

    /// <summary>The tasks that could be done and have no visit, with the reason.</summary>
    public IReadOnlyList<Unvisited> Unvisited { get; init; } = [];

    /// <summary>The half minutes that fetching each kit takes, once in a slot: places in it are the kits of <see cref="LevelCourse.Task"/>.</summary>
    internal IReadOnlyList<int> KitHalfMinutes { get; init; } = [];

    /// <summary>The single visits that the owner has moved, and what that comes to.</summary>
    public IReadOnlyList<MovedVisit> Moved { get; init; } = [];

    /// <summary>The moves that cannot be made.</summary>
    public IReadOnlyList<UnmetMove> Unmoved { get; init; } = [];

    /// <summary>The same plan in other days: those of a car that has only a part of the slots.</summary>
    /// <param name="slots">The days, the earliest first.</param>
    /// <param name="today">The day of planning.</param>
    internal RoutinePlan In(IReadOnlyList<PlannedDay> slots, DateOnly today)
    {
        double weeks = (Until.DayNumber - today.DayNumber) / 7.0;
        PlannedDay[] shown = [.. slots.Where(slot => slot.Day.Day <= Until)];
        return this with
        {
            Slots = slots,
            MinutesAWeek = shown.Sum(slot => slot.Minutes) / weeks,
            GivenAWeek = shown.Sum(slot => slot.Day.Minutes) / weeks,
        };
    }

    /// <summary>What one of its days holds, each task with the instant of its next visit; null where it has none in the days of the plan.</summary>
    /// <param name="day">One of <see cref="Slots"/>.</param>
    public IReadOnlyDictionary<TaskId, DateTimeOffset?> VisitsOn(PlannedDay day) =>
        day.Tasks.ToDictionary(
            visit => visit.Item.Task.Id,
            visit =>
                VisitAfter(day, visit.Item.Task.Id) is { } next
                    ? new DateTimeOffset(next.Day.Day.ToDateTime(next.Day.Time), TimeSpan.Zero)
                    : (DateTimeOffset?)null
        );

    /// <summary>The next day after one of its days that holds a task; null where none does.</summary>
    /// <param name="day">One of <see cref="Slots"/>.</param>
    /// <param name="taskId">The task.</param>
    public PlannedDay? VisitAfter(PlannedDay day, TaskId taskId) =>
        Slots.FirstOrDefault(later =>
            later.Day.Day > day.Day.Day && later.Tasks.Any(visit => visit.Item.Task.Id == taskId)
        );

    /// <summary>The days overdue in the months asked for, all tasks added.</summary>
    public double OverdueDays => Tasks.Sum(task => task.OverdueDays);
}

/// <summary>What one day of a slot holds.</summary>
/// <param name="Day">The day.</param>
/// <param name="Tasks">Its tasks, in the order of the table.</param>
/// <param name="Minutes">The minutes they take with their kits; chores and walking come to them.</param>
/// <param name="Room">The minutes there are for that.</param>
public sealed record PlannedDay(SlotDay Day, IReadOnlyList<PlannedVisit> Tasks, double Minutes, double Room);

/// <summary>A task on one day.</summary>
/// <param name="Item">The task.</param>
/// <param name="Minutes">The minutes of the slot that it takes: hands, as it will stand by then, and waiting for what has to be dry before it.</param>
/// <param name="IsPinned">Whether the owner pinned it there.</param>
/// <param name="IsOverdue">Whether it is overdue by then.</param>
/// <param name="Products">What it is done with when it has just come due; nothing for what is done dry.</param>
/// <param name="Methods">How it is done then.</param>
public sealed record PlannedVisit(
    CareItem Item,
    double Minutes,
    bool IsPinned,
    bool IsOverdue,
    IReadOnlyList<StepProduct> Products,
    IReadOnlyList<Method> Methods
);

/// <summary>How a task fares in a plan.</summary>
/// <param name="Item">The task.</param>
/// <param name="Needed">How long it takes from fresh to due; null when it never comes due.</param>
/// <param name="Dates">When it is done in the months asked for.</param>
/// <param name="OverdueDays">The days it is overdue in the months asked for, with parts of days.</param>
/// <param name="WeightedOverdue">The same by weight and by how far.</param>
public sealed record PlannedTask(
    CareItem Item,
    NeededInterval? Needed,
    IReadOnlyList<DateOnly> Dates,
    double OverdueDays,
    double WeightedOverdue
)
{
    /// <summary>How its level goes through the days of the plan.</summary>
    public required LevelCourse Course { get; init; }

    /// <summary>Its level now beside its mark: 1 is due.</summary>
    public double LevelNow => Course.Before(0);

    /// <summary>Whether it is overdue now, and not only due today.</summary>
    public bool IsOverdueNow => LevelNow > 1 + (0.5 / Math.Max(1, Needed?.Days ?? 1));

    /// <summary>The days between two of its dates in the middle; null when there are fewer than two.</summary>
    public int? PlannedDays
    {
        get
        {
            int[] gaps = [.. Dates.Zip(Dates.Skip(1), (one, next) => next.DayNumber - one.DayNumber).Order()];
            return gaps.Length == 0 ? null : gaps[gaps.Length / 2];
        }
    }

    /// <summary>What its time over the mark weighs, by the plan's own reckoning.</summary>
    internal static PlannedTask Of(
        CareItem item,
        NeededInterval? needed,
        IReadOnlyList<DateOnly> dates,
        TaskOverdue overdue,
        LevelCourse course
    ) =>
        new(item, needed, dates, overdue.Days, overdue.Units / (double)RoutineProblem.UnitsPerDay)
        {
            Course = course,
        };
}
