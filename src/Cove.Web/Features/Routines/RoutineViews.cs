using Cove.Web.Features.Choices;

namespace Cove.Web.Features.Routines;

/// <summary>The routine of a car.</summary>
/// <param name="Routine">The routine.</param>
/// <param name="Version">Names its state; send it in If-Match with a change.</param>
/// <param name="Today">The owner's present day.</param>
/// <param name="Words">Each slot in words, in the order of the routine.</param>
/// <param name="Tasks">The tasks that can be pinned, in the order of the table.</param>
/// <param name="First">What to begin with where there is no routine yet.</param>
/// <param name="Repeats">The ways to repeat on offer.</param>
/// <param name="Feed">The path of its calendar, secret part included; empty while it has none.</param>
/// <param name="Shared">With which car it shares slots; null when with none.</param>
/// <param name="Hosts">The cars in whose slots it could be cared for too.</param>
internal sealed record RoutineView(
    RoutineDocument Routine,
    int Version,
    DateOnly Today,
    IReadOnlyList<SlotWordsView> Words,
    IReadOnlyList<RoutineTaskView> Tasks,
    RoutineDocument First,
    IReadOnlyList<RepeatView> Repeats,
    string Feed,
    SharedView? Shared,
    IReadOnlyList<SharedView> Hosts
);

/// <summary>A car that shares slots, or could.</summary>
/// <param name="VehicleId">The car.</param>
/// <param name="Name">What its owner calls it.</param>
/// <param name="IsGuest">Whether it is the one that is cared for in the other's slots.</param>
internal sealed record SharedView(Guid VehicleId, string Name, bool IsGuest);

/// <summary>A way to repeat.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Words">The rule in words.</param>
internal sealed record RepeatView(string Rule, string Words);

/// <summary>A slot in words.</summary>
/// <param name="SlotId">The slot.</param>
/// <param name="Repeats">How it repeats.</param>
/// <param name="Next">Its next day; null when it has none.</param>
internal sealed record SlotWordsView(Guid SlotId, string Repeats, DateOnly? Next);

/// <summary>A task that can be pinned.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">What to do.</param>
internal sealed record RoutineTaskView(string TaskId, string Name);

/// <summary>A routine carried out on paper.</summary>
/// <param name="Until">The last day of the months asked for.</param>
/// <param name="MinutesAWeek">The minutes of tasks and kits in an average week.</param>
/// <param name="GivenAWeek">The minutes of the slots in an average week.</param>
/// <param name="OverdueDays">The days overdue in that time, all tasks added.</param>
/// <param name="WeightedOverdue">The same by weight and by how far.</param>
/// <param name="Slots">The coming days with what each holds.</param>
/// <param name="Tasks">How each task fares.</param>
/// <param name="NotPlanned">What has no visit though it will need one: what cannot be done at any of the places, and what finds no room.</param>
/// <param name="Unmet">A sentence for each pin, and each moved task, that cannot be kept.</param>
/// <param name="Moves">The single tasks that were moved, and what that comes to.</param>
/// <param name="Missed">The days of slots that passed without a session since the car was last cared for.</param>
/// <param name="Difference">What it would change beside the routine that is kept, in words; empty for that one.</param>
internal sealed record RoutinePlanView(
    DateOnly Until,
    double MinutesAWeek,
    double GivenAWeek,
    double OverdueDays,
    double WeightedOverdue,
    IReadOnlyList<PlannedSlotView> Slots,
    IReadOnlyList<PlannedTaskView> Tasks,
    IReadOnlyList<NotPlannedView> NotPlanned,
    IReadOnlyList<string> Unmet,
    IReadOnlyList<MovedTaskView> Moves,
    IReadOnlyList<DateOnly> Missed,
    string Difference
)
{
    public static RoutinePlanView Of(RoutinePlan plan, OwnerCalendar calendar, string difference) =>
        new(
            plan.Until,
            Math.Round(plan.MinutesAWeek, 1),
            Math.Round(plan.GivenAWeek, 1),
            Math.Round(plan.OverdueDays, 1),
            Math.Round(plan.WeightedOverdue, 1),
            [
                .. plan
                    .Slots.Where(slot => slot.Day.Day <= plan.Until)
                    .Select(slot => PlannedSlotView.Of(slot, calendar, plan)),
            ],
            [.. plan.Tasks.Select(PlannedTaskView.Of)],
            [
                .. plan.NotPlanned.Select(held => new NotPlannedView(
                    held.Status.Item.Task.Id.Value,
                    held.Status.Item.Task.Name,
                    held.Why,
                    held.WayOut
                )),
                .. plan.Unvisited.Select(left => new NotPlannedView(
                    left.Item.Task.Id.Value,
                    left.Item.Task.Name,
                    left.Why,
                    left.WayOut
                )),
            ],
            [.. plan.Unmet.Select(unmet => unmet.Sentence), .. plan.Unmoved.Select(unmet => unmet.Sentence)],
            [.. plan.Moved.Select(moved => new MovedTaskView(MoveDocument.Of(moved.Move), moved.Sentence))],
            calendar.Missed,
            difference
        );
}

/// <summary>A single task that was moved.</summary>
/// <param name="Move">From where to where.</param>
/// <param name="Sentence">What that comes to.</param>
internal sealed record MovedTaskView(MoveDocument Move, string Sentence);

/// <summary>What is in the owner's calendar beside a plan.</summary>
/// <param name="Missed">The days of slots that passed without a session since the car was last cared for.</param>
/// <param name="Busy">When the owner has something else to do.</param>
/// <param name="Now">The present instant.</param>
/// <param name="Zone">The owner's time zone.</param>
internal sealed record OwnerCalendar(
    IReadOnlyList<DateOnly> Missed,
    BusyTimes Busy,
    DateTimeOffset Now,
    TimeZoneInfo Zone
)
{
    public static OwnerCalendar Empty(OwnerClock clock) => new([], BusyTimes.None, clock.Now, clock.Zone);

    /// <summary>What a day of a slot collides with; null when it does not.</summary>
    public CollisionView? CollisionOf(SlotDay day, RoutinePlan plan)
    {
        if (Busy.Over(day, Zone) is not { } span)
        {
            return null;
        }

        var free = Busy.FreeNear(day, [.. plan.Slots.Select(slot => slot.Day)], Now, Zone);
        return new CollisionView(
            TimeZoneInfo.ConvertTime(span.Start, Zone),
            TimeZoneInfo.ConvertTime(span.End, Zone),
            free?.Day,
            free?.Time
        );
    }
}

/// <summary>Something else that its owner has to do during a session.</summary>
/// <param name="From">When it begins.</param>
/// <param name="To">When it ends.</param>
/// <param name="FreeDay">A free time near: its day; null when there is none within three days.</param>
/// <param name="FreeTime">Its hour.</param>
internal sealed record CollisionView(
    DateTimeOffset From,
    DateTimeOffset To,
    DateOnly? FreeDay,
    TimeOnly? FreeTime
);

/// <summary>What one day of a slot holds.</summary>
/// <param name="SlotId">The slot.</param>
/// <param name="RuleDay">The day on which its rule has it; with the slot it names the day for ever.</param>
/// <param name="Day">The day on which it takes place.</param>
/// <param name="Time">When it begins, on the owner's clock.</param>
/// <param name="Starts">The same as an instant.</param>
/// <param name="Minutes">How long it is.</param>
/// <param name="Room">The minutes there are for tasks and kits, when chores and walking are paid.</param>
/// <param name="Used">The minutes that tasks and kits take.</param>
/// <param name="Moved">Whether the day was moved.</param>
/// <param name="Collision">What it collides with; null when it does not.</param>
/// <param name="Kits">The kits to fetch.</param>
/// <param name="Tasks">The tasks.</param>
internal sealed record PlannedSlotView(
    Guid SlotId,
    DateOnly RuleDay,
    DateOnly Day,
    TimeOnly Time,
    DateTimeOffset Starts,
    int Minutes,
    double Room,
    double Used,
    bool Moved,
    CollisionView? Collision,
    IReadOnlyList<string> Kits,
    IReadOnlyList<PlannedVisitView> Tasks
)
{
    public static PlannedSlotView Of(PlannedDay slot, OwnerCalendar calendar, RoutinePlan plan) =>
        new(
            slot.Day.Slot.Id,
            slot.Day.RuleDay,
            slot.Day.Day,
            slot.Day.Time,
            slot.Day.StartsAt(calendar.Zone),
            slot.Day.Minutes,
            slot.Room,
            slot.Minutes,
            slot.Day.IsMoved,
            calendar.CollisionOf(slot.Day, plan),
            [
                .. slot
                    .Tasks.SelectMany(visit => visit.Item.Task.Kits)
                    .Distinct()
                    .Order()
                    .Select(kit => kit.Facts().Name),
            ],
            [
                .. slot.Tasks.Select(
                    (visit, at) =>
                        new PlannedVisitView(
                            visit.Item.Task.Id.Value,
                            visit.Item.Task.Name,
                            visit.Item.Task.ShortName,
                            visit.Minutes,
                            FetchFor(visit, slot.Tasks.Take(at)),
                            visit.IsPinned,
                            visit.IsOverdue,
                            [.. visit.Products.Select(UsedProductView.Of)]
                        )
                ),
            ]
        );

    /// <summary>The minutes that fetching the kits of a task takes, when those of the tasks before it are there.</summary>
    private static double FetchFor(PlannedVisit visit, IEnumerable<PlannedVisit> before) =>
        visit
            .Item.Task.Kits.Except(before.SelectMany(other => other.Item.Task.Kits))
            .Sum(kit => kit.Facts().Fetch.TotalMinutes);
}

/// <summary>A task on one day of a slot.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">What to do.</param>
/// <param name="ShortName">The same in one or two words.</param>
/// <param name="Minutes">The minutes of hands when it has just come due.</param>
/// <param name="FetchMinutes">The minutes of fetching its kits, where no task before it has brought them.</param>
/// <param name="Pinned">Whether its owner pinned it there.</param>
/// <param name="Overdue">Whether it is overdue by then.</param>
/// <param name="Products">What it is done with; nothing for what is done dry.</param>
internal sealed record PlannedVisitView(
    string TaskId,
    string Name,
    string ShortName,
    double Minutes,
    double FetchMinutes,
    bool Pinned,
    bool Overdue,
    IReadOnlyList<UsedProductView> Products
);

/// <summary>How a task fares in a plan.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">What to do.</param>
/// <param name="Needed">How long it takes from fresh to due; null when it never comes due.</param>
/// <param name="PlannedDays">The days between two of its dates in the middle; null with fewer than two.</param>
/// <param name="Dates">When it is done.</param>
/// <param name="OverdueDays">The days it is overdue.</param>
internal sealed record PlannedTaskView(
    string TaskId,
    string Name,
    NeededView? Needed,
    int? PlannedDays,
    IReadOnlyList<DateOnly> Dates,
    double OverdueDays
)
{
    public static PlannedTaskView Of(PlannedTask task) =>
        new(
            task.Item.Task.Id.Value,
            task.Item.Task.Name,
            NeededView.Of(task.Needed),
            task.PlannedDays,
            task.Dates,
            Math.Round(task.OverdueDays, 1)
        );
}

/// <summary>How long a task takes from fresh to due.</summary>
/// <param name="Days">The days from now on.</param>
/// <param name="Low">The fewest that what was learnt leaves open.</param>
/// <param name="High">The most.</param>
/// <param name="ShortestMonth">The month in which it comes due soonest, from 1 to 12.</param>
/// <param name="ShortestDays">The days then.</param>
/// <param name="LongestMonth">The month in which it takes longest.</param>
/// <param name="LongestDays">The days then.</param>
internal sealed record NeededView(
    double Days,
    double Low,
    double High,
    int ShortestMonth,
    double ShortestDays,
    int LongestMonth,
    double LongestDays
)
{
    public static NeededView? Of(NeededInterval? needed) =>
        needed is null
            ? null
            : new NeededView(
                Math.Round(needed.Days, 1),
                Math.Round(needed.Low, 1),
                Math.Round(needed.High, 1),
                needed.Shortest.Month,
                Math.Round(needed.Shortest.Days, 1),
                needed.Longest.Month,
                Math.Round(needed.Longest.Days, 1)
            );
}

/// <summary>What cannot be done at any of the places.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">What to do.</param>
/// <param name="Why">Why not.</param>
/// <param name="WayOut">What to do about it; null when there is nothing.</param>
internal sealed record NotPlannedView(string TaskId, string Name, string Why, string? WayOut);

/// <summary>The path of a calendar.</summary>
/// <param name="Feed">The path, with its secret part.</param>
internal sealed record FeedView(string Feed)
{
    /// <summary>The path that a secret part belongs to.</summary>
    public static string PathOf(string key) => $"/calendar/{key}.ics";
}

/// <summary>The next day of a slot.</summary>
/// <param name="Slot">The day and what it holds; null when there is none in the months ahead.</param>
/// <param name="IsToday">Whether it is today.</param>
/// <param name="IsTomorrow">Whether it is tomorrow.</param>
/// <param name="Mixtures">What to mix for it, one sentence each, where it is tomorrow.</param>
/// <param name="Offered">Whether to offer a routine: there is none, and its owner has not said no.</param>
internal sealed record NextSlotView(
    PlannedSlotView? Slot,
    bool IsToday,
    bool IsTomorrow,
    IReadOnlyList<string> Mixtures,
    bool Offered
);
