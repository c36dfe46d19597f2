namespace Cove.Core.Upkeep.Levels;

/// <summary>Puts the changes of a level in order and sums up looks that belong together.</summary>
internal static class ChangeList
{
    /// <summary>Looks this far after the first of them are of the same occasion, unless something else happened in between.</summary>
    private static readonly TimeSpan Occasion = TimeSpan.FromHours(12);

    /// <summary>Whether a look is summed up with an earlier one, when nothing else lies between them.</summary>
    /// <param name="first">The first look of the occasion.</param>
    /// <param name="look">A look that is not earlier.</param>
    public static bool AreOfOneOccasion(Observed first, Observed look) => look.At - first.At <= Occasion;

    /// <summary>The changes, oldest first, with the looks of one occasion made one at the time of the first.</summary>
    /// <remarks>A sum does not depend on the order of its terms, so neither level nor learning depends on the order of the looks of a day.</remarks>
    public static IReadOnlyList<CareChange> InOrder(IEnumerable<CareChange> changes)
    {
        var list = new List<CareChange>();
        var occasion = new List<Observed>();
        foreach (CareChange change in Sorted([.. changes]))
        {
            if (change is Observed look && (occasion.Count == 0 || AreOfOneOccasion(occasion[0], look)))
            {
                occasion.Add(look);
                continue;
            }

            Close();
            if (change is Observed next)
            {
                occasion.Add(next);
            }
            else
            {
                list.Add(change);
            }
        }

        Close();
        return list;

        void Close()
        {
            if (occasion.Count > 0)
            {
                list.Add(Sum(occasion));
                occasion.Clear();
            }
        }
    }

    /// <summary>By instant and turn. Most lists come that way, and finding that out is cheaper than sorting.</summary>
    private static IEnumerable<CareChange> Sorted(List<CareChange> changes)
    {
        for (int i = 1; i < changes.Count; i++)
        {
            if (IsBefore(changes[i], changes[i - 1]))
            {
                return changes.OrderBy(change => change.At).ThenBy(change => change.Turn);
            }
        }

        return changes;
    }

    /// <summary>Whether a change comes before another one.</summary>
    public static bool IsBefore(CareChange one, CareChange other) =>
        one.At < other.At || (one.At == other.At && one.Turn < other.Turn);

    /// <summary>What all the looks allow, or where they meet, each weighed by how little its test scatters.</summary>
    private static Observed Sum(List<Observed> looks)
    {
        if (looks.Count == 1)
        {
            return looks[0];
        }

        Meeting.Said[] said =
        [
            .. looks
                .Select(look => new Meeting.Said(
                    Math.Log(look.Band.Least),
                    Math.Log(look.Band.Most),
                    1 / (look.LogStdDev * look.LogStdDev)
                ))
                .OrderBy(one => one.Weight),
        ];
        (double from, double to) = Meeting.Of(said);
        return new Observed(
            looks[0].At,
            new LevelBand(Math.Exp(from), Math.Exp(to)),
            1 / Math.Sqrt(said.Sum(one => one.Weight)),
            looks.Sum(look => look.Looks)
        )
        {
            JudgesCleaning = looks.Exists(look => look.JudgesCleaning),
        };
    }
}
