namespace Cove.Core.Routine.Solving;

/// <summary>Finds what a half minute of each slot is worth, by raising the price of slots that are asked for more than they have.</summary>
/// <remarks>Each task goes its cheapest way by itself, fetching left out; what they cost together is a bound that a sound plan cannot go below by more than fetching. The steps are those of Polyak, towards a plan that is known.</remarks>
internal sealed class SlotPrices(RoutineProblem problem, CostTables tables)
{
    private const int Steps = 60;

    /// <summary>So many shortest ways are worth their time; with many slots there are fewer steps.</summary>
    private const long MostWork = 30_000_000;

    private readonly double[] best = new double[problem.Slots.Count + 1];
    private readonly int[] from = new int[problem.Slots.Count + 1];

    /// <summary>Finds them.</summary>
    /// <param name="draft">A draft in which only the pinned visits stand.</param>
    /// <param name="known">What a plan that is known costs.</param>
    public double[] Find(Draft draft, long known)
    {
        int slots = problem.Slots.Count;
        double[] prices = new double[slots];
        double[] found = new double[slots];
        double bound = double.NegativeInfinity;
        double stride = 1;
        int[] asked = new int[slots];
        bool[][] may =
        [
            .. Enumerable
                .Range(0, problem.Tasks.Count)
                .Select(task => Enumerable.Range(0, slots).Select(slot => draft.May(task, slot)).ToArray()),
        ];
        long work = Math.Max(1, (long)slots * slots / 2 * problem.Tasks.Count);
        int steps = (int)Math.Clamp(MostWork / work, 10, Steps);
        for (int step = 0; step < steps; step++)
        {
            Array.Clear(asked);
            double paid = 0;
            for (int task = 0; task < problem.Tasks.Count; task++)
            {
                paid += Way(draft, task, may[task], prices, asked);
            }

            double value = paid;
            double length = 0;
            for (int slot = 0; slot < slots; slot++)
            {
                value -= prices[slot] * problem.Slots[slot].HalfMinutes;
                double over = asked[slot] - problem.Slots[slot].HalfMinutes;
                length += prices[slot] > 0 || over > 0 ? over * over : 0;
            }

            if (value > bound)
            {
                bound = value;
                prices.CopyTo(found, 0);
            }
            else
            {
                stride *= 0.93;
            }

            if (length == 0 || known <= value)
            {
                break;
            }

            double by = stride * (known - value) / length;
            for (int slot = 0; slot < slots; slot++)
            {
                prices[slot] = Math.Max(
                    0,
                    prices[slot] + (by * (asked[slot] - problem.Slots[slot].HalfMinutes))
                );
            }
        }

        return found;
    }

    /// <summary>Goes the cheapest way of a task and asks each slot on it for its minutes.</summary>
    private double Way(Draft draft, int task, bool[] may, double[] prices, int[] asked)
    {
        RoutineTask of = problem.Tasks[task];
        int slots = problem.Slots.Count;
        bool companions = draft.RequiredBy(task) != 0;
        Array.Fill(best, double.PositiveInfinity);
        for (int at = -1; at < slots; at++)
        {
            bool start = at < 0;
            if (!start && double.IsPositiveInfinity(best[at]))
            {
                continue;
            }

            double sofar = start ? 0 : best[at] + draft.NodeCost(task, at) + (prices[at] * of.HalfMinutes);
            int node = start ? tables.Edge : at;
            ReadOnlySpan<long> costs = tables.CostsFrom(task, node);
            ReadOnlySpan<bool> early = tables.EarlyFrom(task, node);
            for (int to = at + 1; to <= slots; to++)
            {
                bool pinned = to < slots && (draft.Pinned[to] >> task & 1) != 0;
                bool open = to == slots || pinned || (may[to] && (companions || !early[to]));
                if (open && sofar + costs[to] < best[to])
                {
                    best[to] = sofar + costs[to];
                    from[to] = node;
                }

                if (pinned)
                {
                    break;
                }
            }
        }

        for (int slot = from[slots]; slot != tables.Edge; slot = from[slot])
        {
            asked[slot] += of.HalfMinutes;
        }

        return best[slots];
    }
}
