namespace Cove.Core.Products;

/// <summary>Finds the cheapest sets that together hold every element: exact weighted set cover.</summary>
/// <remarks>
/// Elements and sets that others make superfluous are struck out first. The rest is branch and bound: branch on the
/// element that the fewest sets hold, bound by elements no two of which share a set, each of which must be paid for.
/// Small problems, such as the shelf of one owner, end in well under a millisecond.
/// </remarks>
public static class SetCover
{
    /// <summary>Solves a problem.</summary>
    /// <param name="elements">How many elements there are; 0 or more.</param>
    /// <param name="sets">For each set the elements it holds, from 0.</param>
    /// <param name="weights">For each set its weight; above 0.</param>
    /// <returns>The indexes of the chosen sets, ascending; of the cheapest choices always the same one. Elements that no set holds are left out of account.</returns>
    public static IReadOnlyList<int> Solve(
        int elements,
        IReadOnlyList<IReadOnlyList<int>> sets,
        IReadOnlyList<int> weights
    )
    {
        var search = new Search(new Reduced(elements, sets, weights), weights);
        return search.Run();
    }

    /// <summary>The problem without what others make superfluous.</summary>
    private sealed class Reduced
    {
        public Reduced(int elements, IReadOnlyList<IReadOnlyList<int>> sets, IReadOnlyList<int> weights)
        {
            Sets = [.. sets.Select(set => new HashSet<int>(set))];
            Holders =
            [
                .. Enumerable
                    .Range(0, elements)
                    .Select(element =>
                        Enumerable.Range(0, sets.Count).Where(set => Sets[set].Contains(element)).ToHashSet()
                    ),
            ];
            Open = [.. Enumerable.Range(0, elements).Where(element => Holders[element].Count > 0)];
            for (bool changed = true; changed; )
            {
                changed = StrikeElements() | StrikeSets(weights);
            }
        }

        public HashSet<int>[] Sets { get; }

        public HashSet<int>[] Holders { get; }

        public HashSet<int> Open { get; }

        /// <summary>Whoever covers the narrower element covers the wider one too.</summary>
        private bool StrikeElements()
        {
            int[] superfluous =
            [
                .. Open.Where(wide =>
                    Open.Any(narrow =>
                        narrow != wide
                        && Holders[narrow].IsSubsetOf(Holders[wide])
                        && (Holders[narrow].Count < Holders[wide].Count || narrow < wide)
                    )
                ),
            ];
            foreach (int element in superfluous)
            {
                Open.Remove(element);
                foreach (int set in Holders[element])
                {
                    Sets[set].Remove(element);
                }
            }

            return superfluous.Length > 0;
        }

        /// <summary>A set that holds no more than another and costs no less is never needed.</summary>
        private bool StrikeSets(IReadOnlyList<int> weights)
        {
            int[] superfluous =
            [
                .. Enumerable
                    .Range(0, Sets.Length)
                    .Where(small =>
                        Sets[small].Count > 0
                        && Enumerable
                            .Range(0, Sets.Length)
                            .Any(large =>
                                large != small
                                && weights[large] <= weights[small]
                                && Sets[small].IsSubsetOf(Sets[large])
                                && (
                                    Sets[small].Count < Sets[large].Count
                                    || weights[large] < weights[small]
                                    || large < small
                                )
                            )
                    ),
            ];
            foreach (int set in superfluous)
            {
                foreach (int element in Sets[set])
                {
                    Holders[element].Remove(set);
                }

                Sets[set].Clear();
            }

            return superfluous.Length > 0;
        }
    }

    private sealed class Search(Reduced problem, IReadOnlyList<int> weights)
    {
        private readonly List<int> chosen = [];
        private int[] best = [];
        private int bestWeight = int.MaxValue;

        public IReadOnlyList<int> Run()
        {
            Branch([.. problem.Open], 0);
            return [.. best.Order()];
        }

        private void Branch(HashSet<int> open, int paid)
        {
            if (open.Count == 0)
            {
                bestWeight = paid;
                best = [.. chosen];
                return;
            }

            if (paid + LeastFor(open) >= bestWeight)
            {
                return;
            }

            int hardest = open.MinBy(element => (problem.Holders[element].Count, element));
            var candidates = problem
                .Holders[hardest]
                .Select(set => (Set: set, Gain: problem.Sets[set].Count(open.Contains)))
                .OrderBy(candidate => weights[candidate.Set] / (double)candidate.Gain)
                .ThenBy(candidate => candidate.Set);
            foreach (var (set, _) in candidates)
            {
                if (paid + weights[set] < bestWeight)
                {
                    chosen.Add(set);
                    Branch([.. open.Except(problem.Sets[set])], paid + weights[set]);
                    chosen.RemoveAt(chosen.Count - 1);
                }
            }
        }

        /// <summary>What is to be paid at least: elements that share no set need one each.</summary>
        private int LeastFor(HashSet<int> open)
        {
            var used = new HashSet<int>();
            int least = 0;
            foreach (int element in open.OrderBy(element => (problem.Holders[element].Count, element)))
            {
                if (!problem.Holders[element].Overlaps(used))
                {
                    used.UnionWith(problem.Holders[element]);
                    least += problem.Holders[element].Min(set => weights[set]);
                }
            }

            return least;
        }
    }
}
