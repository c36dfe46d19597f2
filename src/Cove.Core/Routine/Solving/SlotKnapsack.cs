using System.Numerics;

namespace Cove.Core.Routine.Solving;

/// <summary>Chooses the most valuable tasks for the minutes of one slot, exactly.</summary>
/// <remarks>
/// As in triage, a knapsack over half minutes is solved for the sets of kits that might be fetched, on tasks in preorder
/// of what they require. Sets whose best conceivable value is no better than what was found are left out, which spares
/// nearly all of them. A task that is early is taken only together with one that requires it.
/// </remarks>
internal sealed class SlotKnapsack
{
    private readonly RoutineProblem problem;
    private readonly int[] order;
    private readonly int[] after;
    private readonly int[] kits;
    private readonly int[] densest;
    private readonly int[] fetch;
    private long[] table = [];

    public SlotKnapsack(RoutineProblem problem)
    {
        this.problem = problem;
        int count = problem.Tasks.Count;
        order = new int[count];
        after = new int[count];
        densest = new int[count];
        ILookup<int, int> children = Enumerable
            .Range(0, count)
            .ToLookup(task => problem.Tasks[task].Requires ?? -1);
        int next = 0;
        foreach (int root in children[-1])
        {
            Place(root);
        }

        kits =
        [
            .. order.Select(task => problem.Tasks[task].Kits.Aggregate(0, (set, kit) => set | (1 << kit))),
        ];
        fetch = new int[1 << problem.KitFetch.Count];
        for (int set = 1; set < fetch.Length; set++)
        {
            int lowest = BitOperations.TrailingZeroCount(set);
            fetch[set] = fetch[set & (set - 1)] + problem.KitFetch[lowest];
        }

        void Place(int task)
        {
            int at = next++;
            order[at] = task;
            foreach (int child in children[task])
            {
                Place(child);
            }

            after[at] = next;
        }
    }

    /// <summary>What may be chosen, by task.</summary>
    /// <param name="Value">What each is worth beside leaving it, its own minutes paid.</param>
    /// <param name="May">Whether each may be done.</param>
    /// <param name="Must">Whether each is done in any case.</param>
    /// <param name="Early">Whether each may be done only for the sake of one that requires it.</param>
    public sealed record Offer(long[] Value, bool[] May, bool[] Must, bool[] Early)
    {
        public static Offer For(int tasks) =>
            new(new long[tasks], new bool[tasks], new bool[tasks], new bool[tasks]);
    }

    /// <summary>The best choice, one bit for each task.</summary>
    /// <param name="offer">What may be chosen.</param>
    /// <param name="halfMinutes">The half minutes there are.</param>
    /// <remarks>What must be done is always in it, whether the minutes suffice or not.</remarks>
    public ulong Best(Offer offer, int halfMinutes)
    {
        ulong chosen = 0;
        int givenKits = 0;
        int room = halfMinutes;
        for (int at = 0; at < order.Length; at++)
        {
            if (offer.Must[order[at]])
            {
                chosen |= 1UL << order[at];
                givenKits |= kits[at];
                room -= problem.Tasks[order[at]].HalfMinutes;
            }
        }

        room -= fetch[givenKits];
        int useful = Useful(offer, givenKits, room);
        if (room <= 0 || useful == 0)
        {
            return chosen;
        }

        SortByDensity(offer);
        int wanted = KitsWanted(offer) & ~givenKits;
        long best = 0;
        ulong with = 0;
        // Every set of further kits that is wanted by something.
        for (int extra = wanted; ; extra = (extra - 1) & wanted)
        {
            int left = room - fetch[extra];
            long price = problem.HalfMinutePrice * fetch[extra];
            if (left > 0 && Bound(offer, givenKits | extra, left) - price > best)
            {
                long value = Fill(offer, givenKits | extra, left) - price;
                if (value > best)
                {
                    best = value;
                    with = Trace(offer, givenKits | extra, left);
                }
            }

            if (extra == 0)
            {
                return chosen | with;
            }
        }
    }

    private int Useful(Offer offer, int givenKits, int room)
    {
        int useful = 0;
        for (int at = 0; at < order.Length; at++)
        {
            int task = order[at];
            if (
                offer.May[task]
                && !offer.Must[task]
                && offer.Value[task] > 0
                && problem.Tasks[task].HalfMinutes + fetch[kits[at] & ~givenKits] <= room
            )
            {
                useful++;
            }
        }

        return useful;
    }

    private int KitsWanted(Offer offer)
    {
        int wanted = 0;
        for (int at = 0; at < order.Length; at++)
        {
            if (offer.May[order[at]] && offer.Value[order[at]] > 0)
            {
                wanted |= kits[at];
                for (int? task = problem.Tasks[order[at]].Requires; task is { } required; )
                {
                    wanted |= kits[Array.IndexOf(order, required)];
                    task = problem.Tasks[required].Requires;
                }
            }
        }

        return wanted;
    }

    private void SortByDensity(Offer offer)
    {
        for (int at = 0; at < densest.Length; at++)
        {
            densest[at] = at;
        }

        Array.Sort(
            densest,
            (one, other) =>
                Density(order[other]).CompareTo(Density(order[one])) is var by && by != 0
                    ? by
                    : one.CompareTo(other)
        );
        double Density(int task) => (double)offer.Value[task] / problem.Tasks[task].HalfMinutes;
    }

    /// <summary>No choice with these kits is worth more: tasks are taken by what they bring for a half minute, the last one in part.</summary>
    private long Bound(Offer offer, int withKits, int room)
    {
        double bound = 0;
        foreach (int at in densest)
        {
            int task = order[at];
            long value = offer.Value[task];
            if (value <= 0)
            {
                break;
            }

            if (!offer.May[task] || offer.Must[task] || (kits[at] & ~withKits) != 0)
            {
                continue;
            }

            int cost = problem.Tasks[task].HalfMinutes;
            if (cost >= room)
            {
                return (long)Math.Ceiling(bound + ((double)value * room / cost));
            }

            bound += value;
            room -= cost;
        }

        return (long)Math.Ceiling(bound);
    }

    /// <summary>Row i holds the best value from the i-th task in preorder on, for every room.</summary>
    private long Fill(Offer offer, int withKits, int room)
    {
        int width = room + 1;
        if (table.Length < (order.Length + 1) * width)
        {
            table = new long[(order.Length + 1) * width];
        }

        table.AsSpan(order.Length * width, width).Clear();
        for (int at = order.Length - 1; at >= 0; at--)
        {
            Span<long> row = table.AsSpan(at * width, width);
            if (offer.Must[order[at]])
            {
                table.AsSpan((at + 1) * width, width).CopyTo(row);
                continue;
            }

            table.AsSpan(after[at] * width, width).CopyTo(row);
            if (!CanTake(offer, at, withKits))
            {
                continue;
            }

            int cost = problem.Tasks[order[at]].HalfMinutes;
            long value = offer.Value[order[at]];
            if (!offer.Early[order[at]])
            {
                Raise(row, table.AsSpan((at + 1) * width, width), cost, value);
                continue;
            }

            for (int child = at + 1; child < after[at]; child = after[child])
            {
                if (CanTake(offer, child, withKits) && !offer.Early[order[child]])
                {
                    Raise(
                        row,
                        table.AsSpan((child + 1) * width, width),
                        cost + problem.Tasks[order[child]].HalfMinutes,
                        value + offer.Value[order[child]]
                    );
                }
            }
        }

        return table[room];
    }

    private bool CanTake(Offer offer, int at, int withKits) =>
        offer.May[order[at]] && !offer.Must[order[at]] && (kits[at] & ~withKits) == 0;

    private static void Raise(Span<long> row, ReadOnlySpan<long> rest, int cost, long value)
    {
        if (cost >= row.Length)
        {
            return;
        }

        Span<long> raised = row[cost..];
        ReadOnlySpan<long> from = rest[..raised.Length];
        int at = 0;
        var gain = new Vector<long>(value);
        for (; at <= raised.Length - Vector<long>.Count; at += Vector<long>.Count)
        {
            Vector
                .Max(new Vector<long>(raised[at..]), new Vector<long>(from[at..]) + gain)
                .CopyTo(raised[at..]);
        }

        for (; at < raised.Length; at++)
        {
            raised[at] = Math.Max(raised[at], from[at] + value);
        }
    }

    private ulong Trace(Offer offer, int withKits, int room)
    {
        int width = room + 1;
        ulong chosen = 0;
        int left = room;
        for (int at = 0; at < order.Length; )
        {
            if (offer.Must[order[at]])
            {
                at++;
                continue;
            }

            long here = table[(at * width) + left];
            if (here == table[(after[at] * width) + left] || !CanTake(offer, at, withKits))
            {
                at = after[at];
                continue;
            }

            chosen |= 1UL << order[at];
            left -= problem.Tasks[order[at]].HalfMinutes;
            if (!offer.Early[order[at]])
            {
                at++;
                continue;
            }

            at = TakenFirst(offer, withKits, width, at, here - offer.Value[order[at]], left);
            chosen |= 1UL << order[at];
            left -= problem.Tasks[order[at]].HalfMinutes;
            at++;
        }

        return chosen;
    }

    /// <summary>The first task taken of those that require an early one.</summary>
    private int TakenFirst(Offer offer, int withKits, int width, int at, long value, int left)
    {
        for (int child = at + 1; child < after[at]; child = after[child])
        {
            int rest = left - problem.Tasks[order[child]].HalfMinutes;
            if (
                CanTake(offer, child, withKits)
                && !offer.Early[order[child]]
                && rest >= 0
                && value == offer.Value[order[child]] + table[((child + 1) * width) + rest]
            )
            {
                return child;
            }
        }

        throw new InvalidOperationException("A choice was counted that cannot be found again.");
    }
}
