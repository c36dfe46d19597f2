using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Solving;

namespace Cove.Core.Outlook;

/// <summary>A plan lived through in one future, in which levels rise otherwise than was thought.</summary>
/// <remarks>
/// At every slot its owner sees how the car stands and decides anew: what is not due yet is left, what has come over
/// its mark is done in the minutes that are free, and before what could wait. A plan that were followed blindly would
/// show far more trouble than anybody would have.
/// </remarks>
public sealed class FutureYear
{
    /// <summary>Over the mark by so much, a task takes the place of one that could wait. Cove's own choice.</summary>
    private const double Pressing = 1.25;

    /// <summary>Below this a task could wait. Cove's own choice.</summary>
    private const double CanWait = 0.8;

    private readonly IReadOnlyList<PlannedTask> tasks;
    private readonly IReadOnlyList<int> kitHalfMinutes;
    private readonly IReadOnlyDictionary<TaskId, int> places;
    private readonly (double Start, double Rate)[] off;
    private readonly int[] since;
    private readonly List<int>[] visits;

    internal FutureYear(
        RoutinePlan plan,
        IReadOnlyDictionary<TaskId, int> places,
        (double Start, double Rate)[] off
    )
    {
        tasks = plan.Tasks;
        kitHalfMinutes = plan.KitHalfMinutes;
        this.places = places;
        this.off = off;
        since = [.. tasks.Select(_ => -1)];
        visits = [.. tasks.Select(_ => new List<int>())];
    }

    /// <summary>The minutes of tasks and kits.</summary>
    public double Minutes { get; private set; }

    private double LevelOn(int task, int day) => Level(task, day, since[task]);

    /// <summary>The level of a task on a day before what is done on it, beside its mark.</summary>
    /// <param name="task">The place of the task in the plan.</param>
    /// <param name="day">The day, counted from that of planning.</param>
    public double LevelBefore(int task, int day) =>
        Level(task, day, visits[task].LastOrDefault(visit => visit < day, -1));

    /// <summary>The days a task was overdue, of those up to a day.</summary>
    /// <param name="task">The place of the task in the plan.</param>
    /// <param name="until">The day, counted from that of planning.</param>
    public double OverdueDays(int task, int until)
    {
        double days = 0;
        int last = -1;
        foreach (int visit in visits[task].Append(until).Where(visit => visit <= until))
        {
            days += DaysOver(task, last, Math.Max(0, last), visit);
            last = visit;
        }

        return days;
    }

    /// <summary>Comes to a slot, decides and works.</summary>
    /// <param name="slot">Its place among the slots of the plan.</param>
    /// <param name="day">The day.</param>
    /// <param name="planned">What the plan has it hold, by place.</param>
    /// <param name="room">The minutes there are.</param>
    internal void Come(int slot, int day, IReadOnlyList<int> planned, double room)
    {
        var chosen = new List<int>(planned.Where(task => IsWanted(task, day, planned)));
        foreach (
            int task in Enumerable
                .Range(0, tasks.Count)
                .Where(task => !chosen.Contains(task) && LevelOn(task, day) >= 1 && IsOpen(task, slot))
                .OrderByDescending(task => Task(task).Weight * LevelOn(task, day))
        )
        {
            if (!Add(task, chosen, day, room) && LevelOn(task, day) >= Pressing)
            {
                MakeRoom(task, chosen, day, room);
            }
        }

        Minutes += MinutesOf(chosen);
        foreach (int task in chosen)
        {
            visits[task].Add(day);
            since[task] = day;
        }
    }

    private RoutineTask Task(int task) => tasks[task].Course.Task;

    private double Level(int task, int day, int last)
    {
        RoutineTask known = Task(task);
        return last < 0
            ? (known.LevelAtStart * off[task].Start) + (off[task].Rate * known.Rise.RisenBy(day))
            : known.LevelAfter + (off[task].Rate * (known.Rise.RisenBy(day) - known.Rise.RisenBy(last)));
    }

    private double DaysOver(int task, int last, int from, int to)
    {
        double days = 0;
        for (int day = from; day < to; day++)
        {
            double low = Level(task, day, last);
            double high = Level(task, day + 1, last);
            days +=
                low >= 1 ? 1
                : high <= 1 ? 0
                : (high - 1) / (high - low);
        }

        return days;
    }

    private bool IsWanted(int task, int day, IReadOnlyList<int> planned) =>
        LevelOn(task, day) >= Task(task).EarliestLevel * CanWait
        || planned.Any(other => tasks[other].Item.Task.Requires == tasks[task].Item.Task.Id);

    private bool IsOpen(int task, int slot) => !Task(task).Closed.Contains(slot) && !Task(task).OnlyPinned;

    /// <summary>Takes a task in, with what it requires, where that fits.</summary>
    private bool Add(int task, List<int> chosen, int day, double room)
    {
        List<int> with = [.. chosen, task];
        for (TaskId? id = tasks[task].Item.Task.Requires; id is { } required; )
        {
            if (!places.TryGetValue(required, out int place))
            {
                break;
            }

            if (!with.Contains(place) && LevelOn(place, day) > Task(place).EarliestLevel / 2)
            {
                with.Add(place);
            }

            id = tasks[place].Item.Task.Requires;
        }

        if (MinutesOf(with) > room)
        {
            return false;
        }

        chosen.Clear();
        chosen.AddRange(with);
        return true;
    }

    /// <summary>Leaves what could wait until a pressing task fits; nothing, where it does not fit even so.</summary>
    private void MakeRoom(int task, List<int> chosen, int day, double room)
    {
        List<int> kept = [.. chosen];
        foreach (
            int other in chosen
                .Where(other =>
                    LevelOn(other, day) < CanWait
                    && chosen.All(one => tasks[one].Item.Task.Requires != tasks[other].Item.Task.Id)
                )
                .OrderBy(other => Task(other).Weight * LevelOn(other, day))
                .ToArray()
        )
        {
            kept.Remove(other);
            if (Add(task, kept, day, room))
            {
                chosen.Clear();
                chosen.AddRange(kept);
                return;
            }
        }
    }

    /// <summary>As the plan reckons it, with what lies loose in the car.</summary>
    private double MinutesOf(IReadOnlyCollection<int> chosen) =>
        (
            chosen.Sum(task => Task(task).HalfMinutes)
            + chosen.SelectMany(task => Task(task).Kits).Distinct().Sum(kit => kitHalfMinutes[kit])
        ) / 2.0;
}
