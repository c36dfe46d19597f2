using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>Wanders from plan to plan by small moves, and takes a worse one as long as it is not worse by more than a limit that shrinks to nothing.</summary>
/// <remarks>A limit that is compared, not a chance that is drawn, needs no exponential, so the same problem wanders the same way on every machine. The moves are those that a person would try: a visit later or earlier, one in or out, two changed for each other, one in for another.</remarks>
internal sealed class Walk(RoutineProblem problem)
{
    private const int Reach = 4;

    private const int Samples = 1000;

    private readonly (int Task, int Slot)[] undo = new (int, int)[12];
    private int toggled;
    private ulong random = 0x9E3779B97F4A7C15;

    /// <summary>Wanders.</summary>
    /// <param name="draft">Where it sets out; it must be sound.</param>
    /// <param name="moves">How many moves are tried.</param>
    /// <param name="heat">The first limit, beside what a move usually makes worse.</param>
    /// <returns>The best plan on the way.</returns>
    public Draft Wander(Draft draft, int moves, double heat)
    {
        if (problem.Slots.Count == 0 || problem.Tasks.Count == 0)
        {
            return draft;
        }

        Draft best = draft.Copy();
        double first = Stride(draft) * heat;
        for (int move = 0; move < moves; move++)
        {
            double left = 1 - ((double)move / moves);
            long limit = (long)(first * left * left * left);
            long goal = draft.Goal;
            toggled = 0;
            if (!Try(draft))
            {
                TakeBack(draft);
                continue;
            }

            if (draft.Goal > goal + limit)
            {
                TakeBack(draft);
            }
            else if (draft.Goal < best.Goal)
            {
                best = draft.Copy();
            }
        }

        return best;
    }

    /// <summary>By how much a move makes the plan worse, in the middle of some that are tried and taken back.</summary>
    private double Stride(Draft draft)
    {
        var worse = new List<long>();
        for (int move = 0; move < Samples; move++)
        {
            long goal = draft.Goal;
            toggled = 0;
            if (Try(draft) && draft.Goal > goal)
            {
                worse.Add(draft.Goal - goal);
            }

            TakeBack(draft);
        }

        worse.Sort();
        return worse.Count > 0 ? worse[worse.Count / 2] : 0;
    }

    private bool Try(Draft draft)
    {
        int task = Next(problem.Tasks.Count);
        int slot = Next(problem.Slots.Count);
        if (!draft.Has(task, slot))
        {
            return PutIn(draft, task, slot)
                && (Holds(draft) || (MakeRoom(draft, task, slot) && Holds(draft)));
        }

        if (!TakeOut(draft, task, slot))
        {
            return false;
        }

        if (Next(5) == 0)
        {
            return Holds(draft);
        }

        // What was taken out goes to a slot near by, and may change places with something there.
        int to = slot + 1 + Next(Reach) - (Next(2) * (Reach + 1));
        if (to < 0 || to >= problem.Slots.Count || draft.Has(task, to) || !PutIn(draft, task, to))
        {
            return false;
        }

        if (Next(2) == 0 || Holds(draft))
        {
            return Holds(draft);
        }

        ulong others = draft.InSlot(to) & ~draft.Pinned[to] & ~(1UL << task) & ~draft.InSlot(slot);
        int other = others == 0 ? -1 : Pick(others);
        return other >= 0 && TakeOut(draft, other, to) && PutIn(draft, other, slot) && Holds(draft);
    }

    /// <summary>A visit in, with what it requires.</summary>
    private bool PutIn(Draft draft, int task, int slot)
    {
        for (int? next = task; next is { } one && !draft.Has(one, slot); next = problem.Tasks[one].Requires)
        {
            if (toggled == undo.Length || !draft.May(one, slot))
            {
                return false;
            }

            Flip(draft, one, slot);
        }

        return true;
    }

    /// <summary>A visit out, with all that require it.</summary>
    private bool TakeOut(Draft draft, int task, int slot)
    {
        if (toggled == undo.Length || (draft.Pinned[slot] >> task & 1) != 0)
        {
            return false;
        }

        Flip(draft, task, slot);
        for (ulong rest = draft.InSlot(slot) & draft.RequiredBy(task); rest != 0; rest &= rest - 1)
        {
            if (!TakeOut(draft, BitOperations.TrailingZeroCount(rest), slot))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Another one out.</summary>
    private bool MakeRoom(Draft draft, int task, int slot)
    {
        ulong others = draft.InSlot(slot) & ~draft.Pinned[slot];
        for (int? next = task; next is { } one; next = problem.Tasks[one].Requires)
        {
            others &= ~(1UL << one);
        }

        return others != 0 && TakeOut(draft, Pick(others), slot);
    }

    private bool Holds(Draft draft)
    {
        for (int at = 0; at < toggled; at++)
        {
            if (!draft.IsSound(undo[at].Task, undo[at].Slot))
            {
                return false;
            }
        }

        return true;
    }

    private void Flip(Draft draft, int task, int slot)
    {
        draft.Toggle(task, slot);
        undo[toggled++] = (task, slot);
    }

    private void TakeBack(Draft draft)
    {
        while (toggled > 0)
        {
            var (task, slot) = undo[--toggled];
            draft.Toggle(task, slot);
        }
    }

    private int Pick(ulong set)
    {
        for (int skip = Next(BitOperations.PopCount(set)); skip > 0; skip--)
        {
            set &= set - 1;
        }

        return BitOperations.TrailingZeroCount(set);
    }

    /// <summary>A number below another, by xorshift: the same each time.</summary>
    private int Next(int below)
    {
        random ^= random << 13;
        random ^= random >> 7;
        random ^= random << 17;
        return (int)((random >> 33) % (ulong)below);
    }
}
