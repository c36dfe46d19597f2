using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>Reckons what a plan comes to, task by task, from nothing but the problem.</summary>
internal static class PlanCost
{
    /// <summary>Reckons it.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="slots">The tasks of each slot, one bit each.</param>
    public static SolvedRoutine Of(RoutineProblem problem, IReadOnlyList<ulong> slots)
    {
        int[] used = [.. slots.Select(set => UsedBy(problem, set))];
        TaskOverdue[] overdue =
        [
            .. Enumerable.Range(0, problem.Tasks.Count).Select(task => OverdueOf(problem, slots, task)),
        ];
        return new SolvedRoutine(
            [.. slots.Select(Tasks)],
            used,
            overdue,
            overdue.Sum(task => task.Units) + (problem.HalfMinutePrice * used.Sum())
        );
    }

    private static List<int> Tasks(ulong set)
    {
        var tasks = new List<int>();
        for (; set != 0; set &= set - 1)
        {
            tasks.Add(BitOperations.TrailingZeroCount(set));
        }

        return tasks;
    }

    private static int UsedBy(RoutineProblem problem, ulong set)
    {
        int kits = 0;
        int minutes = 0;
        foreach (int task in Tasks(set))
        {
            minutes += problem.Tasks[task].HalfMinutes;
            foreach (int kit in problem.Tasks[task].Kits)
            {
                kits |= 1 << kit;
            }
        }

        for (; kits != 0; kits &= kits - 1)
        {
            minutes += problem.KitFetch[BitOperations.TrailingZeroCount(kits)];
        }

        return minutes;
    }

    private static TaskOverdue OverdueOf(RoutineProblem problem, IReadOnlyList<ulong> slots, int task)
    {
        RoutineTask of = problem.Tasks[task];
        long units = 0;
        double days = 0;
        int from = 0;
        double level = of.LevelAtStart;
        for (int slot = 0; slot < slots.Count; slot++)
        {
            if ((slots[slot] >> task & 1) != 0)
            {
                Leave(problem.Slots[slot].Day);
                from = problem.Slots[slot].Day;
                level = of.LevelAfter;
            }
        }

        Leave(problem.Days);
        return new TaskOverdue(units, days);

        void Leave(int until)
        {
            var over = new OverMark(of.Rise, from, level);
            units += CostTables.UnitsOf(of, over.AreaUntil(until));
            days += over.DaysUntil(until);
        }
    }
}
