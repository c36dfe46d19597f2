namespace Cove.Core.Choice;

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
        var search = new SetCoverSearch(new Reduced(elements, sets, weights), weights);
        return search.Run();
    }

    /// <summary>The problem without what others make superfluous.</summary>
    internal sealed class Reduced
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
}
