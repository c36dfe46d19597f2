using Google.OrTools.Sat;

namespace Cove.Core.Tests.Routine;

/// <summary>A routine as constraints for an exact solver, written from the words of the problem and not from the planner.</summary>
internal static class ExactRoutine
{
    /// <summary>The least cost of a plan, proved.</summary>
    public static long Optimum(RoutineProblem problem)
    {
        var model = new CpModel();
        int slots = problem.Slots.Count;
        var visit = new BoolVar[problem.Tasks.Count, slots];
        var fetch = new BoolVar[problem.KitFetch.Count, slots];
        var terms = new List<LinearExpr>();
        for (int slot = 0; slot < slots; slot++)
        {
            for (int kit = 0; kit < problem.KitFetch.Count; kit++)
            {
                fetch[kit, slot] = model.NewBoolVar("");
                terms.Add(fetch[kit, slot] * (problem.HalfMinutePrice * problem.KitFetch[kit]));
            }

            for (int task = 0; task < problem.Tasks.Count; task++)
            {
                visit[task, slot] = model.NewBoolVar("");
                terms.Add(visit[task, slot] * (problem.HalfMinutePrice * problem.Tasks[task].HalfMinutes));
            }
        }

        for (int task = 0; task < problem.Tasks.Count; task++)
        {
            RoutineTask of = problem.Tasks[task];
            Circuit(model, problem, task, visit, terms);
            for (int slot = 0; slot < slots; slot++)
            {
                if (of.Closed.Contains(slot))
                {
                    model.Add(visit[task, slot] == 0);
                }

                if (of.Requires is { } required)
                {
                    model.AddImplication(visit[task, slot], visit[required, slot]);
                }

                foreach (int kit in of.Kits)
                {
                    model.AddImplication(visit[task, slot], fetch[kit, slot]);
                }
            }
        }

        for (int slot = 0; slot < slots; slot++)
        {
            int at = slot;
            model.Add(
                LinearExpr.Sum([
                    .. Enumerable
                        .Range(0, problem.Tasks.Count)
                        .Select(task => visit[task, at] * (long)problem.Tasks[task].HalfMinutes),
                    .. Enumerable
                        .Range(0, problem.KitFetch.Count)
                        .Select(kit => fetch[kit, at] * (long)problem.KitFetch[kit]),
                ]) <= problem.Slots[slot].HalfMinutes
            );
        }

        model.Minimize(LinearExpr.Sum(terms));
        var solver = new CpSolver { StringParameters = "num_workers:2,max_time_in_seconds:30" };
        Assert.Equal(CpSolverStatus.Optimal, solver.Solve(model));
        return (long)Math.Round(solver.ObjectiveValue);
    }

    /// <summary>One way from the start over the visits to the end; every step costs what its time over the mark costs.</summary>
    private static void Circuit(
        CpModel model,
        RoutineProblem problem,
        int task,
        BoolVar[,] visit,
        List<LinearExpr> terms
    )
    {
        RoutineTask of = problem.Tasks[task];
        int slots = problem.Slots.Count;
        CircuitConstraint circuit = model.AddCircuit();
        for (int from = -1; from < slots; from++)
        {
            int day = from < 0 ? 0 : problem.Slots[from].Day;
            double level = from < 0 ? of.LevelAtStart : of.LevelAfter;
            for (int to = from + 1; to <= slots; to++)
            {
                BoolVar step = model.NewBoolVar("");
                int until = to == slots ? problem.Days : problem.Slots[to].Day;
                circuit.AddArc(from + 1, to == slots ? 0 : to + 1, step);
                terms.Add(step * Area(of, day, level, until));
                double reached = level + of.Rise.RisenBy(until) - of.Rise.RisenBy(day);
                if (to < slots && reached < of.EarliestLevel - 1e-9)
                {
                    // Too early, unless something is done there that needs it.
                    int at = to;
                    model
                        .AddBoolOr(
                            Enumerable
                                .Range(0, problem.Tasks.Count)
                                .Where(other => problem.Tasks[other].Requires == task)
                                .Select(other => (ILiteral)visit[other, at])
                        )
                        .OnlyEnforceIf(step);
                }
            }

            if (from >= 0)
            {
                circuit.AddArc(from + 1, from + 1, visit[task, from].Not());
            }
        }
    }

    /// <summary>The area above the mark, day after day by the trapezium, cut where the level crosses it.</summary>
    private static long Area(RoutineTask of, int from, double level, int to)
    {
        double area = 0;
        for (int day = from; day < to; day++)
        {
            double begin = level + of.Rise.RisenBy(day) - of.Rise.RisenBy(from) - 1;
            double end = level + of.Rise.RisenBy(day + 1) - of.Rise.RisenBy(from) - 1;
            area +=
                end <= 0 ? 0
                : begin >= 0 ? (begin + end) / 2
                : end * end / (2 * (end - begin));
        }

        return (long)Math.Round(of.Weight * area * 10_000) * (RoutineProblem.UnitsPerDay / 10_000);
    }
}
