using Cove.Core.Routine.Planning;

namespace Cove.Core.Outlook;

/// <summary>How far the year may turn out otherwise, as far as levels, rates and the owner's coming are in doubt: a plan lived through in many futures.</summary>
/// <remarks>The futures are the same for every plan and use, so what is compared differs by what was changed and by nothing else. Weather, journeys and what happens are not in it.</remarks>
/// <param name="Lanes">The band of each task, by task.</param>
/// <param name="OverdueDays">The days overdue, all tasks added.</param>
/// <param name="Minutes">The minutes of tasks and kits.</param>
public sealed record YearFutures(
    IReadOnlyDictionary<TaskId, FutureLane> Lanes,
    Band OverdueDays,
    Band Minutes
)
{
    /// <summary>How many futures are lived through.</summary>
    public const int Count = 64;

    /// <summary>Levels are told at the end of each so many days.</summary>
    public const int Step = 7;

    private const int Seed = 2;

    /// <summary>Lives through them.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="today">The day of planning.</param>
    /// <param name="uncertaintyOf">How uncertain each task is.</param>
    /// <param name="missed">The share of slots that pass without a session, from 0 to 1; see <see cref="SlotHabit.ShareMissed"/>.</param>
    public static YearFutures Of(
        RoutinePlan plan,
        DateOnly today,
        Func<TaskId, Uncertainty> uncertaintyOf,
        double missed = 0
    )
    {
        int days = plan.Until.DayNumber - today.DayNumber;
        FutureYear[] futures =
        [
            .. Enumerable
                .Range(0, Count)
                .Select(future =>
                    Simulate(
                        plan,
                        today,
                        taskId => uncertaintyOf(taskId).Drawn(Seed, future, taskId),
                        day => Uncertainty.Happens(Seed, future, $"missed {day:O}", missed)
                    )
                ),
        ];
        return new YearFutures(
            plan.Tasks.Select(
                    (task, place) =>
                        new FutureLane(
                            task.Item.Task.Id,
                            [
                                .. Enumerable
                                    .Range(0, (days / Step) + 1)
                                    .Select(step =>
                                        Band.Of(futures.Select(year => year.LevelBefore(place, step * Step)))
                                    ),
                            ],
                            Band.Of(futures.Select(year => year.OverdueDays(place, days)))
                        )
                )
                .ToDictionary(lane => lane.TaskId),
            Band.Of(
                futures.Select(year =>
                    Enumerable.Range(0, plan.Tasks.Count).Sum(place => year.OverdueDays(place, days))
                )
            ),
            Band.Of(futures.Select(year => year.Minutes))
        );
    }

    /// <summary>Lives through one year. For the bands of many see <see cref="Of"/>.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="today">The day of planning.</param>
    /// <param name="off">How far level and rate of each task are off, as factors.</param>
    public static FutureYear Simulate(
        RoutinePlan plan,
        DateOnly today,
        Func<TaskId, (double Start, double Rate)> off
    ) => Simulate(plan, today, off, _ => false);

    /// <summary>The same for an owner who does not come to each slot.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="today">The day of planning.</param>
    /// <param name="off">How far level and rate of each task are off, as factors.</param>
    /// <param name="isMissed">Whether the slot of a day passes without a session.</param>
    public static FutureYear Simulate(
        RoutinePlan plan,
        DateOnly today,
        Func<TaskId, (double Start, double Rate)> off,
        Func<DateOnly, bool> isMissed
    )
    {
        Dictionary<TaskId, int> places = plan
            .Tasks.Select((task, place) => (task.Item.Task.Id, place))
            .ToDictionary(pair => pair.Id, pair => pair.place);
        var year = new FutureYear(plan, places, [.. plan.Tasks.Select(task => off(task.Item.Task.Id))]);
        for (int slot = 0; slot < plan.Slots.Count; slot++)
        {
            PlannedDay day = plan.Slots[slot];
            if (day.Day.Day > plan.Until)
            {
                break;
            }

            if (isMissed(day.Day.Day))
            {
                continue;
            }

            year.Come(
                slot,
                day.Day.Day.DayNumber - today.DayNumber,
                [.. day.Tasks.Select(visit => places[visit.Item.Task.Id])],
                day.Room
            );
        }

        return year;
    }
}

/// <summary>How far one task may turn out otherwise.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Levels">Its level beside its mark at the end of each step, before what is done that day; the first is today.</param>
/// <param name="OverdueDays">The days it is overdue.</param>
public sealed record FutureLane(TaskId TaskId, IReadOnlyList<Band> Levels, Band OverdueDays);

/// <summary>Where nine of ten futures lie.</summary>
/// <param name="Low">One of twenty lies below.</param>
/// <param name="High">One of twenty lies above.</param>
public readonly record struct Band(double Low, double High)
{
    private const double Tail = 0.05;

    /// <summary>Reads it off numbers, in any order; at least one. Between two of them it goes straight (Hyndman and Fan, type 6).</summary>
    public static Band Of(IEnumerable<double> numbers)
    {
        double[] sorted = [.. numbers.Order()];
        return new Band(At(sorted, Tail), At(sorted, 1 - Tail));
    }

    private static double At(double[] sorted, double share)
    {
        double place = Math.Clamp((share * (sorted.Length + 1)) - 1, 0, sorted.Length - 1);
        int below = (int)place;
        int above = Math.Min(below + 1, sorted.Length - 1);
        return sorted[below] + ((place - below) * (sorted[above] - sorted[below]));
    }
}
