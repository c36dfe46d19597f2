namespace Cove.Core.Sessions.Planning;

/// <summary>The candidates of a problem in preorder of their requirements: each stands before those that require it.</summary>
internal sealed class TriageForest
{
    private TriageForest(int count)
    {
        Candidate = new int[count];
        Cost = new int[count];
        Benefit = new int[count];
        Kits = new int[count];
        After = new int[count];
    }

    public int Count => Candidate.Length;

    /// <summary>Index of the candidate in the problem.</summary>
    public int[] Candidate { get; }

    public int[] Cost { get; }

    public int[] Benefit { get; }

    /// <summary>The kits needed, one bit each.</summary>
    public int[] Kits { get; }

    /// <summary>Where to go on when the task is left: past everything that requires it.</summary>
    public int[] After { get; }

    /// <summary>Whether every kit of the set is needed by some task; other sets only waste fetching.</summary>
    public bool UsesAll(int kits)
    {
        int useful = 0;
        foreach (int needed in Kits)
        {
            if ((needed & ~kits) == 0)
            {
                useful |= needed;
            }
        }

        return useful == kits;
    }

    public static TriageForest Of(TriageProblem problem)
    {
        Check(problem);
        ILookup<int, int> children = Enumerable
            .Range(0, problem.Candidates.Count)
            .ToLookup(index => problem.Candidates[index].Requires ?? -1);
        var forest = new TriageForest(problem.Candidates.Count);
        int next = 0;
        foreach (int root in children[-1])
        {
            Place(root);
        }

        return next == forest.Count
            ? forest
            : throw new ArgumentException(
                "Some tasks require each other in a circle, so none of them can come first.",
                nameof(problem)
            );

        void Place(int index)
        {
            TriageCandidate candidate = problem.Candidates[index];
            int at = next++;
            forest.Candidate[at] = index;
            forest.Cost[at] = candidate.HalfMinutes;
            forest.Benefit[at] = candidate.Benefit;
            forest.Kits[at] = candidate.Kits.Aggregate(0, (bits, kit) => bits | (1 << kit));
            foreach (int child in children[index])
            {
                Place(child);
            }

            forest.After[at] = next;
        }
    }

    private static void Check(TriageProblem problem)
    {
        if (problem.KitFetch.Count > TriageProblem.MaximumKits)
        {
            throw new ArgumentException(
                $"A problem has at most {TriageProblem.MaximumKits} kits.",
                nameof(problem)
            );
        }

        int count = problem.Candidates.Count;
        foreach (TriageCandidate candidate in problem.Candidates)
        {
            bool sound =
                candidate.HalfMinutes > 0
                && candidate.Benefit > 0
                && candidate.Kits.All(kit => kit >= 0 && kit < problem.KitFetch.Count)
                && (candidate.Requires is not { } required || (required >= 0 && required < count));
            if (!sound)
            {
                throw new ArgumentException(
                    "Each candidate needs a cost and a benefit above 0, and kits and requirements that exist.",
                    nameof(problem)
                );
            }
        }
    }
}
