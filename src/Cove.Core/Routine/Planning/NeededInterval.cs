using Cove.Core.Learning;
using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>How long a task takes from fresh to due as the car is used. For how often it is planned, see <see cref="PlannedTask.PlannedDays"/>.</summary>
/// <param name="Days">The days from now on.</param>
/// <param name="Low">The same at the upper end of the band that learning leaves to how fast it soils.</param>
/// <param name="High">The same at the lower end of that band.</param>
/// <param name="Shortest">The month from whose first day on it is shortest, and its days.</param>
/// <param name="Longest">The month from whose first day on it is longest, and its days.</param>
public sealed record NeededInterval(
    double Days,
    double Low,
    double High,
    (int Month, double Days) Shortest,
    (int Month, double Days) Longest
)
{
    /// <summary>The longest that is told apart from never, in days.</summary>
    private const int Never = 3650;

    /// <summary>Reckons it.</summary>
    /// <param name="task">The task.</param>
    /// <param name="today">The day of planning.</param>
    /// <param name="belief">What was learnt of how fast it soils.</param>
    /// <returns>Null when it never comes due.</returns>
    internal static NeededInterval? Of(RoutineTask task, DateOnly today, RateBelief belief)
    {
        double days = From(task, 0, 1);
        if (days >= Never)
        {
            return null;
        }

        var months = new List<(int Month, double Days)>();
        for (int month = 1; month <= 12; month++)
        {
            DateOnly first = new DateOnly(today.Year, today.Month, 1).AddMonths(month);
            int day = first.DayNumber - today.DayNumber;
            if (day < task.Rise.Days)
            {
                months.Add((first.Month, From(task, day, 1)));
            }
        }

        months.Add((today.Month, days));
        return new NeededInterval(
            days,
            From(task, 0, belief.High / belief.Median),
            From(task, 0, belief.Low / belief.Median),
            months.MinBy(month => month.Days),
            months.MaxBy(month => month.Days)
        );
    }

    /// <summary>The days from fresh on a day to due. Beyond what is reckoned the mean pace of it goes on.</summary>
    private static double From(RoutineTask task, int start, double factor)
    {
        double wanted = (1 - task.LevelAfter) / factor;
        double begun = task.Rise.RisenBy(start);
        for (int day = start + 1; day <= task.Rise.Days; day++)
        {
            double risen = task.Rise.RisenBy(day) - begun;
            if (risen >= wanted)
            {
                double within = task.Rise.RisenBy(day) - task.Rise.RisenBy(day - 1);
                return day - start - ((risen - wanted) / within);
            }
        }

        double left = wanted - (task.Rise.RisenBy(task.Rise.Days) - begun);
        double pace = task.Rise.RisenBy(task.Rise.Days) / task.Rise.Days;
        return pace * Never <= left ? Never : task.Rise.Days - start + (left / pace);
    }
}
