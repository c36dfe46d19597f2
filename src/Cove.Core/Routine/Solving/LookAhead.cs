using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>Fills slot after slot with what brings most, where what a visit brings is reckoned with all that can still come: later slots cost what their minutes are worth.</summary>
internal sealed class LookAhead(RoutineProblem problem, CostTables tables, SlotKnapsack knapsack)
{
    private const long Never = long.MaxValue / 4;

    private readonly long[] toGo = new long[problem.Tasks.Count * (problem.Slots.Count + 1)];
    private readonly long[] nodes = new long[problem.Tasks.Count * problem.Slots.Count];
    private readonly bool[] may = new bool[problem.Tasks.Count * problem.Slots.Count];

    /// <summary>Fills a draft in which only the pinned visits stand.</summary>
    /// <param name="draft">The draft.</param>
    /// <param name="prices">What a half minute of each slot is worth, in units.</param>
    public void Fill(Draft draft, IReadOnlyList<long> prices)
    {
        int slots = problem.Slots.Count;
        for (int task = 0; task < problem.Tasks.Count; task++)
        {
            Nodes(draft, task, prices);
            for (int slot = slots - 1; slot >= 0; slot--)
            {
                toGo[(task * slots) + slot] = FromHere(draft, task, slot, slot);
            }
        }

        var offer = SlotKnapsack.Offer.For(problem.Tasks.Count);
        for (int slot = 0; slot < slots; slot++)
        {
            for (int task = 0; task < problem.Tasks.Count; task++)
            {
                int before = draft.Before(task, slot);
                offer.Must[task] = (draft.Pinned[slot] >> task & 1) != 0;
                offer.May[task] = may[(task * slots) + slot];
                offer.Early[task] = !offer.Must[task] && tables.IsEarly(task, before, slot);
                offer.Value[task] =
                    FromHere(draft, task, before, slot)
                    - tables.Cost(task, before, slot)
                    - draft.NodeCost(task, slot)
                    - toGo[(task * slots) + slot];
            }

            for (
                ulong rest = knapsack.Best(offer, problem.Slots[slot].HalfMinutes) & ~draft.InSlot(slot);
                rest != 0;
                rest &= rest - 1
            )
            {
                draft.Toggle(BitOperations.TrailingZeroCount(rest), slot);
            }
        }
    }

    private void Nodes(Draft draft, int task, IReadOnlyList<long> prices)
    {
        int slots = problem.Slots.Count;
        for (int slot = 0; slot < slots; slot++)
        {
            may[(task * slots) + slot] = draft.May(task, slot);
            nodes[(task * slots) + slot] =
                draft.NodeCost(task, slot) + (prices[slot] * problem.Tasks[task].HalfMinutes);
        }
    }

    /// <summary>The least that is still to be paid after a visit when the task is next done after a slot.</summary>
    private long FromHere(Draft draft, int task, int visit, int slot)
    {
        int slots = problem.Slots.Count;
        long least = Never;
        bool companions = draft.RequiredBy(task) != 0;
        ReadOnlySpan<long> costs = tables.CostsFrom(task, visit);
        ReadOnlySpan<bool> early = tables.EarlyFrom(task, visit);
        for (int next = slot + 1; next < slots; next++)
        {
            int at = (task * slots) + next;
            bool pinned = (draft.Pinned[next] >> task & 1) != 0;
            if (pinned || (may[at] && (companions || !early[next])))
            {
                least = Math.Min(least, costs[next] + nodes[at] + toGo[at]);
            }

            if (pinned)
            {
                return least;
            }
        }

        return Math.Min(least, costs[slots]);
    }
}
