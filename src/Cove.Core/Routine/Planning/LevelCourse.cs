using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>How the level of a task goes through the days of a plan, beside its mark: 1 is due. Day 0 is the day of planning.</summary>
/// <remarks>It is the planner's own reckoning: the worst surface of the task today, its fastest from then on. For how a car stands today, surface by surface, ask its ledger.</remarks>
public sealed class LevelCourse
{
    private readonly RoutineTask task;
    private readonly int[] visits;

    internal LevelCourse(RoutineTask task, IEnumerable<int> visits)
    {
        this.task = task;
        this.visits = [.. visits];
    }

    /// <summary>What the planner knows of the task.</summary>
    internal RoutineTask Task => task;

    /// <summary>The days on which it is done, ascending.</summary>
    public IReadOnlyList<int> Visits => visits;

    /// <summary>The level at the end of a day, when what is done on it is done.</summary>
    /// <param name="day">The day; 0 or more, within the reckoning.</param>
    public double After(int day) => Level(day, visits.LastOrDefault(visit => visit <= day, -1));

    /// <summary>The level on a day before anything is done on it.</summary>
    /// <param name="day">The day; 0 or more, within the reckoning.</param>
    public double Before(int day) => Level(day, visits.LastOrDefault(visit => visit < day, -1));

    /// <summary>The days it is overdue between two days, with parts of days. Sums over adjoining spells are those of the whole.</summary>
    /// <param name="from">The first day.</param>
    /// <param name="until">The day up to which; not before the first.</param>
    public double OverdueDays(int from, int until)
    {
        double days = 0;
        int since = -1;
        foreach (int visit in visits.Append(int.MaxValue))
        {
            int start = Math.Max(0, since);
            int end = Math.Min(visit, until);
            if (end > start && end > from)
            {
                var over = new OverMark(task.Rise, start, since < 0 ? task.LevelAtStart : task.LevelAfter);
                days += over.DaysUntil(end) - over.DaysUntil(Math.Max(from, start));
            }

            since = visit;
        }

        return days;
    }

    private double Level(int day, int since) =>
        since < 0
            ? task.LevelAtStart + task.Rise.RisenBy(day)
            : task.LevelAfter + task.Rise.RisenBy(day) - task.Rise.RisenBy(since);
}
