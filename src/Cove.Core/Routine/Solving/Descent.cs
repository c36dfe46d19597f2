using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>Makes a plan better by the best choice for one slot, or the best visits of one task, all else left as it is, until neither helps.</summary>
internal sealed class Descent
{
    private readonly RoutineProblem problem;
    private readonly CostTables tables;
    private readonly SlotKnapsack knapsack;
    private readonly SlotKnapsack.Offer offer;
    private readonly long[] best;
    private readonly int[] from;

    public Descent(RoutineProblem problem, CostTables tables, SlotKnapsack knapsack)
    {
        this.problem = problem;
        this.tables = tables;
        this.knapsack = knapsack;
        offer = SlotKnapsack.Offer.For(problem.Tasks.Count);
        best = new long[problem.Slots.Count + 1];
        from = new int[problem.Slots.Count + 1];
    }

    /// <summary>Goes down to where neither helps.</summary>
    public void Improve(Draft draft)
    {
        for (bool better = true; better; )
        {
            better = false;
            for (int slot = 0; slot < problem.Slots.Count; slot++)
            {
                better |= Slot(draft, slot);
            }

            for (int task = 0; task < problem.Tasks.Count; task++)
            {
                better |= Task(draft, task);
            }
        }
    }

    /// <summary>Chooses anew for one slot.</summary>
    /// <returns>Whether it helped.</returns>
    public bool Slot(Draft draft, int slot)
    {
        for (int task = 0; task < problem.Tasks.Count; task++)
        {
            int before = draft.Before(task, slot);
            int after = draft.After(task, slot);
            offer.Must[task] = (draft.Pinned[slot] >> task & 1) != 0;
            // What comes next must not come too early after it.
            offer.May[task] =
                draft.May(task, slot) && !(after != tables.Edge && draft.IsEarly(task, slot, after));
            offer.Value[task] = draft.Worth(task, slot);
            offer.Early[task] = tables.IsEarly(task, before, slot) && !offer.Must[task];
        }

        ulong chosen = knapsack.Best(offer, problem.Slots[slot].HalfMinutes);
        ulong was = draft.InSlot(slot);
        if (chosen == was)
        {
            return false;
        }

        long goal = draft.Goal;
        Replace(draft, slot, was ^ chosen);
        if (draft.Goal < goal)
        {
            return true;
        }

        Replace(draft, slot, was ^ chosen);
        return false;
    }

    private static void Replace(Draft draft, int slot, ulong changed)
    {
        for (ulong rest = changed; rest != 0; rest &= rest - 1)
        {
            draft.Toggle(BitOperations.TrailingZeroCount(rest), slot);
        }
    }

    /// <summary>Finds the best visits of one task in the minutes that the others leave.</summary>
    /// <returns>Whether it helped.</returns>
    private bool Task(Draft draft, int task)
    {
        RoutineTask of = problem.Tasks[task];
        if (of.OnlyPinned)
        {
            return false;
        }

        int slots = problem.Slots.Count;
        long goal = draft.Goal;
        var was = new List<int>();
        for (int slot = 0; slot < slots; slot++)
        {
            if (draft.Has(task, slot) && !MustStay(draft, task, slot))
            {
                was.Add(slot);
            }
        }

        foreach (int slot in was)
        {
            draft.Toggle(task, slot);
        }

        var now = new List<int>();
        bool through = Shortest(draft, task);
        for (int slot = through ? from[slots] : tables.Edge; slot != tables.Edge; slot = from[slot])
        {
            if (!draft.Has(task, slot))
            {
                now.Add(slot);
            }
        }

        foreach (int slot in now)
        {
            draft.Toggle(task, slot);
        }

        if (through && draft.Goal < goal)
        {
            return true;
        }

        foreach (int slot in now)
        {
            draft.Toggle(task, slot);
        }

        foreach (int slot in was)
        {
            draft.Toggle(task, slot);
        }

        return false;
    }

    /// <summary>Whether a visit is pinned, or something in its slot requires it, or what it requires is early and there for nothing else.</summary>
    private bool MustStay(Draft draft, int task, int slot) =>
        ((draft.Pinned[slot] >> task & 1) != 0)
        || (draft.InSlot(slot) & draft.RequiredBy(task)) != 0
        || (
            problem.Tasks[task].Requires is { } required
            && (draft.InSlot(slot) & draft.RequiredBy(required)) == 1UL << task
            && (draft.Pinned[slot] >> required & 1) == 0
            && tables.IsEarly(required, draft.Before(required, slot), slot)
        );

    /// <summary>The cheapest way through the slots. Those that must stay are on it.</summary>
    /// <returns>Whether there is one.</returns>
    private bool Shortest(Draft draft, int task)
    {
        RoutineTask of = problem.Tasks[task];
        int slots = problem.Slots.Count;
        int lastStay = tables.Edge;
        for (int slot = 0; slot <= slots; slot++)
        {
            best[slot] = long.MaxValue;
            bool stays = slot < slots && draft.Has(task, slot);
            if (slot < slots && !stays)
            {
                int minutes = of.HalfMinutes + draft.FetchFor(task, slot);
                bool fits =
                    draft.May(task, slot)
                    && draft.Used(slot) + minutes <= problem.Slots[slot].HalfMinutes
                    && (of.Requires is not { } required || draft.Has(required, slot));
                if (!fits)
                {
                    continue;
                }
            }

            // Nothing may jump over a visit that stays.
            int first = lastStay == tables.Edge ? -1 : lastStay;
            for (int before = first; before < slot; before++)
            {
                int node = before < 0 ? tables.Edge : before;
                long sofar = before < 0 ? 0 : best[before];
                if (sofar == long.MaxValue || draft.IsEarly(task, node, slot == slots ? tables.Edge : slot))
                {
                    continue;
                }

                long cost = sofar + tables.Cost(task, node, slot == slots ? tables.Edge : slot);
                if (cost < best[slot])
                {
                    best[slot] = cost;
                    from[slot] = node;
                }
            }

            if (best[slot] != long.MaxValue && slot < slots && !stays)
            {
                best[slot] +=
                    draft.NodeCost(task, slot) + (problem.HalfMinutePrice * draft.FetchFor(task, slot));
            }

            if (stays)
            {
                lastStay = slot;
            }
        }

        return best[slots] != long.MaxValue;
    }
}
