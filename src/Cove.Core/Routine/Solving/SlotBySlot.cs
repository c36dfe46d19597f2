using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>Fills slot after slot as if there were no next one: with what is most worth doing that day. This is what choosing each session by itself comes to.</summary>
/// <remarks>The worth of a level is that of a session: its square up to 1, straight on from there, up to 3 (<see cref="Sessions.Ready.TaskWorth"/>).</remarks>
internal static class SlotBySlot
{
    private const double Highest = 3;

    public static void Fill(Draft draft, RoutineProblem problem, CostTables tables, SlotKnapsack knapsack)
    {
        var offer = SlotKnapsack.Offer.For(problem.Tasks.Count);
        for (int slot = 0; slot < problem.Slots.Count; slot++)
        {
            for (int task = 0; task < problem.Tasks.Count; task++)
            {
                RoutineTask of = problem.Tasks[task];
                int before = draft.Before(task, slot);
                int after = draft.After(task, slot);
                int since = before == tables.Edge ? 0 : problem.Slots[before].Day;
                double level = Math.Min(
                    Highest,
                    (before == tables.Edge ? of.LevelAtStart : of.LevelAfter)
                        + of.Rise.RisenBy(problem.Slots[slot].Day)
                        - of.Rise.RisenBy(since)
                );
                double worth = of.Weight * (level <= 1 ? level * level : (2 * level) - 1);
                offer.Must[task] = (draft.Pinned[slot] >> task & 1) != 0;
                offer.May[task] =
                    draft.May(task, slot) && !(after != tables.Edge && draft.IsEarly(task, slot, after));
                offer.Early[task] = !offer.Must[task] && tables.IsEarly(task, before, slot);
                // What is only done for another's sake is worth next to nothing by itself.
                offer.Value[task] = offer.Early[task]
                    ? 1
                    : Math.Max(1, (long)(worth * RoutineProblem.UnitsPerDay));
            }

            ulong chosen = knapsack.Best(offer, problem.Slots[slot].HalfMinutes) & ~draft.InSlot(slot);
            for (; chosen != 0; chosen &= chosen - 1)
            {
                draft.Toggle(BitOperations.TrailingZeroCount(chosen), slot);
            }
        }
    }
}
