using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Planning;

/// <summary>The cheapest way to make good what slipped when slots passed without a session.</summary>
/// <param name="Slipped">What is overdue now, the longest first, as the plan has it.</param>
/// <param name="By">The day by which the plan as it stands has done all of it; null when it never does.</param>
/// <param name="Offer">A session that is made longer for it; null where that is not needed, or would not help.</param>
/// <remarks>Nobody is asked for one heroic day: no session is made longer by more than half, and none is added.</remarks>
public sealed record CatchUp(IReadOnlyList<string> Slipped, DateOnly? By, LongerSession? Offer)
{
    /// <summary>A session is made longer in steps of so many minutes. Cove's own choice.</summary>
    private const int Step = 5;

    /// <summary>The most that a session is made longer by, in minutes. Cove's own choice.</summary>
    private const int Most = 20;

    /// <summary>Sessions farther off than these are no help now. Cove's own choice.</summary>
    private const int NextFew = 3;

    /// <summary>What is done within so many days is done soon. Cove's own choice.</summary>
    private const int Soon = 28;

    /// <summary>Months in which everything that can be caught up is.</summary>
    private const int Months = 3;

    /// <summary>Looks for it.</summary>
    /// <param name="planner">Plans.</param>
    /// <param name="routine">The routine.</param>
    /// <param name="standing">The plan that stands.</param>
    /// <param name="missed">The days that were missed. What they were to hold is what slipped; where that is not known, it is all that is overdue.</param>
    /// <param name="from">The first day that counts.</param>
    /// <returns>Null when nothing of it is overdue.</returns>
    public static CatchUp? Find(
        RoutinePlanner planner,
        CarRoutine routine,
        StandingPlan? standing,
        IReadOnlyCollection<DateOnly> missed,
        DateOnly from
    )
    {
        RoutinePlan plan = planner.Plan(routine, Months, standing, from);
        HashSet<TaskId> held =
        [
            .. standing?.Days.Where(day => missed.Contains(day.Key.RuleDay)).SelectMany(day => day.Value)
                ?? [],
        ];
        PlannedTask[] slipped =
        [
            .. plan
                .Tasks.Where(task =>
                    task.IsOverdueNow && (held.Count == 0 || held.Contains(task.Item.Task.Id))
                )
                .OrderByDescending(task => task.LevelNow),
        ];
        if (slipped.Length == 0)
        {
            return null;
        }

        DateOnly? by = DoneBy(plan, slipped);
        string[] names = [.. slipped.Select(task => task.Item.Task.ShortName)];
        if (plan.Slots.Count == 0 || by == plan.Slots[0].Day.Day)
        {
            return new CatchUp(names, by, null);
        }

        StandingPlan stands = StandingPlan.Of(plan);
        for (int minutes = Step; minutes <= Most; minutes += Step)
        {
            LongerSession? best = null;
            foreach (
                PlannedDay slot in plan.Slots.Take(NextFew).TakeWhile(slot => by is null || slot.Day.Day < by)
            )
            {
                int longer = slot.Day.Minutes + minutes;
                if (longer > Slot.LongestMinutes || minutes > slot.Day.Minutes / 2)
                {
                    continue;
                }

                var offer = new LongerSession(slot.Day, longer, default);
                RoutinePlan then = planner.Plan(offer.In(routine), Months, stands, from);
                if (
                    DoneBy(then, slipped) is { } sooner
                    && (by is null || sooner < by)
                    && (best is null || sooner < best.By)
                )
                {
                    best = offer with { By = sooner };
                }
            }

            if (best is not null)
            {
                return new CatchUp(names, by, best);
            }
        }

        return new CatchUp(names, by, null);
    }

    /// <summary>What slipped and what can be done about it, in two or three sentences.</summary>
    /// <param name="today">The owner's present day.</param>
    public string InWords(DateOnly today)
    {
        const int named = 4;
        string what =
            Slipped.Count <= named
                ? string.Join("; ", Slipped)
                : $"{string.Join("; ", Slipped.Take(named))}; and {Slipped.Count - named} more";
        string stands = By is { } day
            ? $"The plan has done all of it by {DayWords.Of(day, today)}"
            : "The plan does not get to all of it in the next months";
        string way =
            Offer is { } longer
                ? $". With {longer.More} minutes more on {DayWords.Of(longer.Day.Day, today)} it is done by {DayWords.Of(longer.By, today)}."
            : By is null ? "; a longer slot now and then would."
            : By > today.AddDays(Soon) ? "; a longer slot would bring it sooner."
            : ", and nothing more is needed from you.";
        return $"Overdue now: {what.ToLowerInvariant()}. {stands}{way}";
    }

    /// <summary>The last of the days on which what slipped is first done; null when some of it never is.</summary>
    private static DateOnly? DoneBy(RoutinePlan plan, IReadOnlyList<PlannedTask> slipped)
    {
        DateOnly last = DateOnly.MinValue;
        foreach (PlannedTask task in slipped)
        {
            PlannedDay? first = plan.Slots.FirstOrDefault(slot =>
                slot.Tasks.Any(visit => visit.Item.Task.Id == task.Item.Task.Id)
            );
            if (first is null)
            {
                return null;
            }

            last = first.Day.Day > last ? first.Day.Day : last;
        }

        return last;
    }
}

/// <summary>A session that is made longer to catch up.</summary>
/// <param name="Day">The day.</param>
/// <param name="Minutes">How long it is then.</param>
/// <param name="By">The day by which what slipped is done.</param>
public sealed record LongerSession(SlotDay Day, int Minutes, DateOnly By)
{
    /// <summary>How many minutes more that are.</summary>
    public int More => Minutes - Day.Minutes;

    /// <summary>A routine with that day as long as this.</summary>
    public CarRoutine In(CarRoutine routine) =>
        routine with
        {
            Slots =
            [
                .. routine.Slots.Select(slot =>
                    slot.Id == Day.Slot.Id ? slot.With(Day.RuleDay, Minutes) : slot
                ),
            ],
        };
}
