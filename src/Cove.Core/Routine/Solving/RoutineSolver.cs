namespace Cove.Core.Routine.Solving;

/// <summary>Plans a routine: which task is done in which slot.</summary>
/// <remarks>
/// Prices for the minutes of each slot lead a first plan that looks ahead; it is then made better slot by slot and task by
/// task, wandered from, and made better again. Choosing each slot by itself is always among the candidates, so the plan is never
/// worse than that. All limits are counts of moves, never time: the same problem gives the same plan.
/// </remarks>
public static class RoutineSolver
{
    /// <summary>How many moves are tried unless somebody asks for more: what fits a quarter of a second.</summary>
    public const int UsualMoves = 100_000;

    /// <summary>What a visit is worth for standing where it stood: a fiftieth of a day at level 2 of weight 1. Cove's own choice.</summary>
    public const long WorthOfStanding = RoutineProblem.UnitsPerDay / 50;

    /// <summary>How far each walk may go at first: far, for plans with few visits, and near. What served best on invented years.</summary>
    private static readonly double[] Heats = [1, 0.1];

    private static readonly double[] Markups = [1, 1.25, 1.6, 2, 2.5];

    /// <summary>Plans from nothing.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="moves">How many moves are tried at most; 0 for none.</param>
    /// <param name="known">The tasks of each slot in a plan that is known, such as one for fewer minutes: the result is never worse. Null for none.</param>
    /// <exception cref="ArgumentException">The problem is not sound, or the known plan has not one entry for each slot.</exception>
    public static SolvedRoutine Solve(
        RoutineProblem problem,
        int moves = UsualMoves,
        IReadOnlyList<IReadOnlyList<int>>? known = null
    )
    {
        Check(problem);
        return Solve(problem, new CostTables(problem), moves, known);
    }

    /// <summary>The same with tables of a problem that has the same tasks and days, whatever its minutes.</summary>
    internal static SolvedRoutine Solve(
        RoutineProblem problem,
        CostTables tables,
        int moves,
        IReadOnlyList<IReadOnlyList<int>>? known
    )
    {
        var knapsack = new SlotKnapsack(problem);
        var descent = new Descent(problem, tables, knapsack);
        Draft best = Planned(SlotBySlotDraft());
        double[] prices = new SlotPrices(problem, tables).Find(new Draft(problem, tables), best.Cost);
        var ahead = new LookAhead(problem, tables, knapsack);
        Draft? first = null;
        foreach (double markup in Markups)
        {
            var draft = new Draft(problem, tables);
            ahead.Fill(draft, [.. prices.Select(price => (long)Math.Round(price * markup))]);
            if (first is null || draft.Cost < first.Cost)
            {
                first = draft;
            }
        }

        best = Less(best, Planned(first!));
        if (known is not null)
        {
            var draft = new Draft(problem, tables);
            Restore(draft, problem, Bits(problem, known));
            best = Less(best, Planned(draft));
        }

        var walk = new Walk(problem);
        foreach (double heat in moves > 0 ? Heats : [])
        {
            best = Less(best, Planned(walk.Wander(best.Copy(), moves / Heats.Length, heat)));
        }

        return Read(problem, best);

        Draft SlotBySlotDraft()
        {
            var draft = new Draft(problem, tables);
            SlotBySlot.Fill(draft, problem, tables, knapsack);
            return draft;
        }

        Draft Planned(Draft draft)
        {
            descent.Improve(draft);
            return draft;
        }
    }

    /// <summary>Plans again from a plan that stands, and changes little: a visit moves only for what is worth more than <see cref="WorthOfStanding"/>.</summary>
    /// <param name="problem">The problem as it is now.</param>
    /// <param name="standing">The tasks of each slot as they stand; empty for a slot that is new. What no longer fits is left out.</param>
    /// <exception cref="ArgumentException">The problem is not sound, or there is not one entry for each slot.</exception>
    public static SolvedRoutine SolveAgain(RoutineProblem problem, IReadOnlyList<IReadOnlyList<int>> standing)
    {
        Check(problem);
        ulong[] stood = Bits(problem, standing);
        var tables = new CostTables(problem);
        var draft = new Draft(problem, tables, stood, WorthOfStanding);
        Restore(draft, problem, stood);
        new Descent(problem, tables, new SlotKnapsack(problem)).Improve(draft);
        return Read(problem, draft);
    }

    /// <summary>Fills slot after slot with what is most worth doing that day, as if there were no next one: what choosing each session by itself comes to. It is there to compare with.</summary>
    /// <param name="problem">The problem.</param>
    /// <exception cref="ArgumentException">The problem is not sound.</exception>
    public static SolvedRoutine SlotAfterSlot(RoutineProblem problem)
    {
        Check(problem);
        var tables = new CostTables(problem);
        var draft = new Draft(problem, tables);
        SlotBySlot.Fill(draft, problem, tables, new SlotKnapsack(problem));
        return Read(problem, draft);
    }

    /// <summary>What a plan costs that somebody else made, sound or not.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="visits">The tasks of each slot.</param>
    /// <exception cref="ArgumentException">The problem is not sound, or there is not one entry for each slot.</exception>
    public static SolvedRoutine Weigh(RoutineProblem problem, IReadOnlyList<IReadOnlyList<int>> visits)
    {
        Check(problem);
        return PlanCost.Of(problem, Bits(problem, visits));
    }

    /// <summary>The tasks of each slot, one bit each.</summary>
    private static ulong[] Bits(RoutineProblem problem, IReadOnlyList<IReadOnlyList<int>> visits)
    {
        bool fits =
            visits.Count == problem.Slots.Count
            && visits.All(tasks => tasks.All(task => task >= 0 && task < problem.Tasks.Count));
        return fits
            ? [.. visits.Select(tasks => tasks.Aggregate(0UL, (set, task) => set | (1UL << task)))]
            : throw new ArgumentException("Give the tasks of each slot, by their places.", nameof(visits));
    }

    private static Draft Less(Draft one, Draft other) => other.Goal < one.Goal ? other : one;

    /// <summary>Puts back what stood, as far as it is still sound; what is required before what requires it.</summary>
    private static void Restore(Draft draft, RoutineProblem problem, ulong[] stood)
    {
        int[] order = [.. Enumerable.Range(0, problem.Tasks.Count).OrderBy(Depth)];
        for (int slot = 0; slot < stood.Length; slot++)
        {
            foreach (int task in order.Where(task => (stood[slot] >> task & 1) != 0))
            {
                if (draft.Has(task, slot) || !draft.May(task, slot))
                {
                    continue;
                }

                draft.Toggle(task, slot);
                bool early = draft.IsEarly(task, draft.Before(task, slot), slot);
                // What is early waits for what it is early for.
                if (!draft.IsSound(task, slot) && !(early && (stood[slot] & draft.RequiredBy(task)) != 0))
                {
                    draft.Toggle(task, slot);
                }
            }

            foreach (int task in order)
            {
                bool free = (draft.Pinned[slot] >> task & 1) == 0;
                if (draft.Has(task, slot) && free && draft.IsEarly(task, draft.Before(task, slot), slot))
                {
                    draft.Toggle(task, slot);
                }
            }
        }

        int Depth(int task) => problem.Tasks[task].Requires is { } required ? 1 + Depth(required) : 0;
    }

    private static void Check(RoutineProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        if (problem.Fault() is { } fault)
        {
            throw new ArgumentException(fault, nameof(problem));
        }
    }

    private static SolvedRoutine Read(RoutineProblem problem, Draft draft) =>
        PlanCost.Of(problem, [.. Enumerable.Range(0, problem.Slots.Count).Select(draft.InSlot)]) with
        {
            Cost = draft.Cost,
        };
}

/// <summary>A plan: what is done in each slot, and what that comes to.</summary>
/// <param name="Visits">The tasks of each slot, ascending.</param>
/// <param name="Used">The half minutes taken of each slot, fetching included.</param>
/// <param name="Overdue">How long and how far each task is over its mark.</param>
/// <param name="Cost">What it costs, in units of <see cref="RoutineProblem"/>.</param>
public sealed record SolvedRoutine(
    IReadOnlyList<IReadOnlyList<int>> Visits,
    IReadOnlyList<int> Used,
    IReadOnlyList<TaskOverdue> Overdue,
    long Cost
)
{
    /// <summary>What being over the mark costs, in weighted days: a day at level 2 of weight 1 is 1.</summary>
    public double WeightedOverdue => Overdue.Sum(task => task.Units) / (double)RoutineProblem.UnitsPerDay;
}

/// <summary>How long and how far a task is over its mark.</summary>
/// <param name="Units">Weighted, in units of <see cref="RoutineProblem"/>.</param>
/// <param name="Days">Days above the mark, with parts of days, however far above.</param>
public readonly record struct TaskOverdue(long Units, double Days);
