using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>A plan while it is worked on: which task is done in which slot, what that costs, and what each slot has left.</summary>
/// <remarks>Every change is one visit more or less, takes the same short time whatever the size of the plan, and can be taken back by doing it again. A draft may be unsound in between; <see cref="IsSound"/> tells.</remarks>
internal sealed class Draft
{
    private readonly RoutineProblem problem;
    private readonly CostTables tables;
    private readonly ulong[] standing;
    private readonly long keep;
    private readonly ulong[] visits;
    private readonly int words;
    private readonly ulong[] bySlot;
    private readonly int[] used;
    private readonly byte[] kitUses;
    private readonly ulong[] requiredBy;

    /// <summary>Makes a draft in which only the pinned visits stand.</summary>
    /// <param name="problem">The problem.</param>
    /// <param name="tables">Its costs.</param>
    /// <param name="standing">The plan that stands, one bit for each task in each slot; nothing stands where it is left out.</param>
    /// <param name="keep">What a visit that stands is worth for standing, in units.</param>
    public Draft(RoutineProblem problem, CostTables tables, ulong[]? standing = null, long keep = 0)
    {
        this.problem = problem;
        this.tables = tables;
        this.standing = standing ?? new ulong[problem.Slots.Count];
        this.keep = keep;
        words = (problem.Slots.Count / 64) + 1;
        visits = new ulong[problem.Tasks.Count * words];
        bySlot = new ulong[problem.Slots.Count];
        used = new int[problem.Slots.Count];
        kitUses = new byte[problem.Slots.Count * problem.KitFetch.Count];
        requiredBy = new ulong[problem.Tasks.Count];
        Pinned = new ulong[problem.Slots.Count];
        for (int task = 0; task < problem.Tasks.Count; task++)
        {
            Cost += tables.Cost(task, tables.Edge, tables.Edge);
            if (problem.Tasks[task].Requires is { } required)
            {
                requiredBy[required] |= 1UL << task;
            }
        }

        for (int task = 0; task < problem.Tasks.Count; task++)
        {
            foreach (int slot in problem.Tasks[task].Pinned)
            {
                // What a pinned task requires is pinned with it.
                for (int? at = task; at is { } one; at = problem.Tasks[one].Requires)
                {
                    Pinned[slot] |= 1UL << one;
                    if (!Has(one, slot))
                    {
                        Toggle(one, slot);
                    }
                }
            }
        }
    }

    private Draft(Draft from)
    {
        problem = from.problem;
        tables = from.tables;
        standing = from.standing;
        keep = from.keep;
        words = from.words;
        visits = [.. from.visits];
        bySlot = [.. from.bySlot];
        used = [.. from.used];
        kitUses = [.. from.kitUses];
        requiredBy = from.requiredBy;
        Pinned = from.Pinned;
        Cost = from.Cost;
        Kept = from.Kept;
    }

    /// <summary>What the plan costs, in units.</summary>
    public long Cost { get; private set; }

    /// <summary>What its visits that stood before are worth for standing, in units.</summary>
    public long Kept { get; private set; }

    /// <summary>What is to be made small.</summary>
    public long Goal => Cost - Kept;

    /// <summary>The pinned visits, one bit for each task in each slot.</summary>
    public ulong[] Pinned { get; }

    /// <summary>The tasks that require one, one bit each.</summary>
    public ulong RequiredBy(int task) => requiredBy[task];

    public Draft Copy() => new(this);

    public bool Has(int task, int slot) => (bySlot[slot] >> task & 1) != 0;

    /// <summary>The tasks of a slot, one bit each.</summary>
    public ulong InSlot(int slot) => bySlot[slot];

    /// <summary>The half minutes of a slot that are taken, fetching included.</summary>
    public int Used(int slot) => used[slot];

    /// <summary>The visit before a slot; the start where there is none.</summary>
    public int Before(int task, int slot)
    {
        int word = slot >> 6;
        ulong bits = visits[(task * words) + word] & ((1UL << (slot & 63)) - 1);
        while (bits == 0)
        {
            if (--word < 0)
            {
                return tables.Edge;
            }

            bits = visits[(task * words) + word];
        }

        return (word << 6) + 63 - BitOperations.LeadingZeroCount(bits);
    }

    /// <summary>The visit after a slot; the end where there is none.</summary>
    public int After(int task, int slot)
    {
        int word = slot >> 6;
        ulong bits = visits[(task * words) + word] & ~((2UL << (slot & 63)) - 1);
        while (bits == 0)
        {
            if (++word >= words)
            {
                return tables.Edge;
            }

            bits = visits[(task * words) + word];
        }

        return (word << 6) + BitOperations.TrailingZeroCount(bits);
    }

    /// <summary>What a visit brings beside leaving the task alone there, its own minutes paid and fetching not.</summary>
    public long Worth(int task, int slot)
    {
        int before = Before(task, slot);
        int after = After(task, slot);
        return tables.Cost(task, before, after)
            - tables.Cost(task, before, slot)
            - tables.Cost(task, slot, after)
            - NodeCost(task, slot);
    }

    /// <summary>What a visit costs by itself: its minutes, less what it is worth for standing.</summary>
    public long NodeCost(int task, int slot) =>
        (problem.HalfMinutePrice * problem.Tasks[task].HalfMinutes) - Standing(task, slot);

    /// <summary>What fetching the kits of a task would add in a slot, in half minutes.</summary>
    public int FetchFor(int task, int slot)
    {
        int fetch = 0;
        foreach (int kit in problem.Tasks[task].Kits)
        {
            if (kitUses[(slot * problem.KitFetch.Count) + kit] == 0)
            {
                fetch += problem.KitFetch[kit];
            }
        }

        return fetch;
    }

    /// <summary>Whether a task may be done in a slot at all, minutes and levels aside.</summary>
    public bool May(int task, int slot)
    {
        RoutineTask of = problem.Tasks[task];
        return !of.Closed.Contains(slot) && !of.OnlyPinned && (Pinned[slot] >> task & 1) == 0;
    }

    /// <summary>Whether a visit from another would be early, with nothing in the slot that requires it.</summary>
    public bool IsEarly(int task, int from, int slot) =>
        slot != tables.Edge
        && tables.IsEarly(task, from, slot)
        && ((bySlot[slot] & requiredBy[task]) | (Pinned[slot] & (1UL << task))) == 0;

    /// <summary>Puts a visit in, or takes it out.</summary>
    public void Toggle(int task, int slot)
    {
        int before = Before(task, slot);
        int after = After(task, slot);
        long change =
            tables.Cost(task, before, slot)
            + tables.Cost(task, slot, after)
            - tables.Cost(task, before, after);
        bool puts = !Has(task, slot);
        int sign = puts ? 1 : -1;
        int minutes = problem.Tasks[task].HalfMinutes;
        foreach (int kit in problem.Tasks[task].Kits)
        {
            ref byte uses = ref kitUses[(slot * problem.KitFetch.Count) + kit];
            if (puts ? uses++ == 0 : --uses == 0)
            {
                minutes += problem.KitFetch[kit];
            }
        }

        bySlot[slot] ^= 1UL << task;
        visits[(task * words) + (slot >> 6)] ^= 1UL << (slot & 63);
        used[slot] += sign * minutes;
        Cost += sign * (change + (problem.HalfMinutePrice * minutes));
        Kept += sign * Standing(task, slot);
    }

    /// <summary>Whether a slot holds to its minutes and to what its tasks require, and a task comes nowhere too early around it.</summary>
    public bool IsSound(int task, int slot)
    {
        if (used[slot] > problem.Slots[slot].HalfMinutes && bySlot[slot] != Pinned[slot])
        {
            return false;
        }

        for (ulong rest = bySlot[slot]; rest != 0; rest &= rest - 1)
        {
            int one = BitOperations.TrailingZeroCount(rest);
            if (problem.Tasks[one].Requires is { } required && !Has(required, slot))
            {
                return false;
            }
        }

        if (Has(task, slot) && IsEarly(task, Before(task, slot), slot))
        {
            return false;
        }

        int next = Has(task, slot) ? slot : Before(task, slot);
        int after = After(task, slot);
        return !(after != tables.Edge && IsEarly(task, next, after))
            && !(
                problem.Tasks[task].Requires is { } first
                && Has(first, slot)
                && IsEarly(first, Before(first, slot), slot)
            );
    }

    private long Standing(int task, int slot) => (standing[slot] >> task & 1) != 0 ? keep : 0;
}
