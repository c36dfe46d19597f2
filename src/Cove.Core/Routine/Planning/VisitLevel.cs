using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>How a task stands on the day of one of its visits.</summary>
internal static class VisitLevel
{
    /// <summary>How long its level has been above its mark by then, in days; what lies before the day of planning is reckoned back at the present pace.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="solved">The plan.</param>
    /// <param name="task">The task.</param>
    /// <param name="slot">The slot of the visit.</param>
    public static double DaysOver(RoutineProblem problem, SolvedRoutine solved, int task, int slot)
    {
        RoutineTask of = problem.Tasks[task];
        int before = slot - 1;
        while (before >= 0 && !solved.Visits[before].Contains(task))
        {
            before--;
        }

        int from = before < 0 ? 0 : problem.Slots[before].Day;
        double level = before < 0 ? of.LevelAtStart : of.LevelAfter;
        double already = before < 0 && level > 1 ? (level - 1) / Math.Max(of.Rise.RisenBy(1), 1e-9) : 0;
        return already + new OverMark(of.Rise, from, level).DaysUntil(problem.Slots[slot].Day);
    }
}
