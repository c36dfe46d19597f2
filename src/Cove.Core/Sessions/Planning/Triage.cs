using System.Numerics;

namespace Cove.Core.Sessions.Planning;

/// <summary>Chooses the most worthwhile tasks for every budget of minutes in one pass, exactly.</summary>
/// <remarks>
/// For each set of kits that might be fetched, a knapsack over half minutes is solved on the tasks those kits
/// allow; the best set of kits is kept for each budget. Requirements form a forest, so the knapsack walks it
/// in preorder: a task is either taken, or left together with everything that requires it. The result is the
/// true optimum, not an approximation. Among equals the set with the least minutes, then the fewest kits,
/// wins, so the answer is the same each time.
/// </remarks>
public static class Triage
{
    /// <summary>Solves a problem for every budget from nothing to a maximum.</summary>
    /// <param name="problem">The candidates and kits.</param>
    /// <param name="maximumHalfMinutes">The largest budget, in half minutes; 0 or more.</param>
    /// <returns>The best choice for every budget.</returns>
    /// <exception cref="ArgumentException">A candidate requires itself, directly or round a circle, names a kit or candidate that is not there, or has a cost or benefit that is not above 0; or there are too many kits.</exception>
    public static TriageCurve Solve(TriageProblem problem, int maximumHalfMinutes)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentOutOfRangeException.ThrowIfNegative(maximumHalfMinutes);
        var forest = TriageForest.Of(problem);
        int size = maximumHalfMinutes + 1;

        int[] benefit = new int[size];
        int[] chosenKits = new int[size];
        var table = new int[forest.Count + 1][];
        for (int row = 0; row < table.Length; row++)
        {
            table[row] = new int[size];
        }

        for (int kits = 0; kits < 1 << problem.KitFetch.Count; kits++)
        {
            int fetch = FetchCost(problem, kits);
            if (fetch > maximumHalfMinutes || !forest.UsesAll(kits))
            {
                continue;
            }

            Fill(forest, kits, table, size - fetch);
            for (int budget = fetch; budget < size; budget++)
            {
                int value = table[0][budget - fetch];
                if (
                    value > benefit[budget]
                    || (
                        value == benefit[budget]
                        && BitOperations.PopCount((uint)kits)
                            < BitOperations.PopCount((uint)chosenKits[budget])
                    )
                )
                {
                    benefit[budget] = value;
                    chosenKits[budget] = kits;
                }
            }
        }

        return new TriageCurve(benefit, Selections(problem, forest, benefit, chosenKits, table));
    }

    private static int FetchCost(TriageProblem problem, int kits)
    {
        int cost = 0;
        for (int kit = 0; kit < problem.KitFetch.Count; kit++)
        {
            cost += (kits >> kit & 1) * problem.KitFetch[kit];
        }

        return cost;
    }

    /// <summary>Row i holds the best benefit from the i-th task in preorder on, for every budget.</summary>
    private static void Fill(TriageForest forest, int kits, int[][] table, int size)
    {
        Array.Clear(table[forest.Count], 0, size);
        for (int i = forest.Count - 1; i >= 0; i--)
        {
            Span<int> row = table[i].AsSpan(0, size);
            table[forest.After[i]].AsSpan(0, size).CopyTo(row);
            int cost = forest.Cost[i];
            if ((forest.Kits[i] & ~kits) != 0 || cost >= size)
            {
                continue;
            }

            TakeWhereBetter(row[cost..], table[i + 1].AsSpan(0, size - cost), forest.Benefit[i]);
        }
    }

    /// <summary>Raises each entry of the row to the gain of taking the task, where that is more.</summary>
    private static void TakeWhereBetter(Span<int> row, ReadOnlySpan<int> rest, int benefit)
    {
        int at = 0;
        var gain = new Vector<int>(benefit);
        for (; at <= row.Length - Vector<int>.Count; at += Vector<int>.Count)
        {
            Vector.Max(new Vector<int>(row[at..]), new Vector<int>(rest[at..]) + gain).CopyTo(row[at..]);
        }

        for (; at < row.Length; at++)
        {
            row[at] = Math.Max(row[at], rest[at] + benefit);
        }
    }

    private static IReadOnlyList<int>[] Selections(
        TriageProblem problem,
        TriageForest forest,
        int[] benefit,
        int[] chosenKits,
        int[][] table
    )
    {
        var selections = new IReadOnlyList<int>[benefit.Length];
        foreach (
            IGrouping<int, int> group in Enumerable
                .Range(0, benefit.Length)
                .GroupBy(budget => chosenKits[budget])
        )
        {
            Fill(forest, group.Key, table, benefit.Length);
            int fetch = FetchCost(problem, group.Key);
            foreach (int budget in group)
            {
                selections[budget] = Trace(forest, group.Key, table, budget - fetch);
            }
        }

        // A larger budget that buys nothing more keeps the smaller budget's set, which costs least.
        for (int budget = 1; budget < benefit.Length; budget++)
        {
            if (benefit[budget] == benefit[budget - 1])
            {
                selections[budget] = selections[budget - 1];
            }
        }

        return selections;
    }

    private static int[] Trace(TriageForest forest, int kits, int[][] table, int budget)
    {
        var chosen = new List<int>();
        int left = budget;
        int i = 0;
        while (i < forest.Count)
        {
            bool allowed = (forest.Kits[i] & ~kits) == 0 && forest.Cost[i] <= left;
            if (table[i][left] == table[forest.After[i]][left] || !allowed)
            {
                i = forest.After[i];
                continue;
            }

            chosen.Add(forest.Candidate[i]);
            left -= forest.Cost[i];
            i++;
        }

        chosen.Sort();
        return [.. chosen];
    }
}
