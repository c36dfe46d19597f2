using System.Numerics;

namespace Cove.Core.Choice;

/// <summary>Branch and bound over bits. Elements are numbered from the one that the fewest sets hold, so the lowest open bit is the one to branch on.</summary>
internal sealed class SetCoverSearch
{
    private const int WordBits = 64;

    private readonly IReadOnlyList<int> weights;
    private readonly int[][] holders;
    private readonly ulong[][] sets;
    private readonly ulong[][] sharing;
    private readonly int[] least;
    private readonly List<int> chosen = [];
    private int[] best = [];
    private long bestWeight = long.MaxValue;

    public SetCoverSearch(SetCover.Reduced problem, IReadOnlyList<int> weights)
    {
        this.weights = weights;
        int[] elements =
        [
            .. problem.Open.OrderBy(element => problem.Holders[element].Count).ThenBy(element => element),
        ];
        int words = (elements.Length + WordBits - 1) / WordBits;
        holders = [.. elements.Select(element => problem.Holders[element].Order().ToArray())];
        least = [.. holders.Select(those => those.Min(set => weights[set]))];
        sets = [.. problem.Sets.Select(_ => new ulong[words])];
        for (int element = 0; element < elements.Length; element++)
        {
            foreach (int set in holders[element])
            {
                sets[set][element / WordBits] |= 1UL << (element % WordBits);
            }
        }

        sharing = [.. holders.Select(those => Union(those.Select(set => sets[set]), words))];
    }

    public IReadOnlyList<int> Run()
    {
        var open = new ulong[(holders.Length + WordBits - 1) / WordBits];
        for (int element = 0; element < holders.Length; element++)
        {
            open[element / WordBits] |= 1UL << (element % WordBits);
        }

        Branch(open, 0);
        return [.. best.Order()];
    }

    private void Branch(ulong[] open, long paid)
    {
        int hardest = Lowest(open);
        if (hardest < 0)
        {
            bestWeight = paid;
            best = [.. chosen];
            return;
        }

        if (paid + LeastFor(open) >= bestWeight)
        {
            return;
        }

        foreach (
            int set in holders[hardest]
                .OrderBy(set => weights[set] / (double)Common(sets[set], open))
                .ThenBy(set => set)
        )
        {
            if (paid + weights[set] < bestWeight)
            {
                chosen.Add(set);
                Branch(Without(open, sets[set]), paid + weights[set]);
                chosen.RemoveAt(chosen.Count - 1);
            }
        }
    }

    /// <summary>What is to be paid at least: elements that share no set need one each.</summary>
    private long LeastFor(ulong[] open)
    {
        ulong[] rest = open;
        long sum = 0;
        for (int element = Lowest(rest); element >= 0; element = Lowest(rest))
        {
            sum += least[element];
            rest = Without(rest, sharing[element]);
        }

        return sum;
    }

    private static int Lowest(ulong[] bits)
    {
        for (int word = 0; word < bits.Length; word++)
        {
            if (bits[word] != 0)
            {
                return (word * WordBits) + BitOperations.TrailingZeroCount(bits[word]);
            }
        }

        return -1;
    }

    private static int Common(ulong[] one, ulong[] other)
    {
        int count = 0;
        for (int word = 0; word < one.Length; word++)
        {
            count += BitOperations.PopCount(one[word] & other[word]);
        }

        return count;
    }

    private static ulong[] Without(ulong[] bits, ulong[] taken)
    {
        var rest = new ulong[bits.Length];
        for (int word = 0; word < bits.Length; word++)
        {
            rest[word] = bits[word] & ~taken[word];
        }

        return rest;
    }

    private static ulong[] Union(IEnumerable<ulong[]> all, int words)
    {
        var union = new ulong[words];
        foreach (ulong[] bits in all)
        {
            for (int word = 0; word < words; word++)
            {
                union[word] |= bits[word];
            }
        }

        return union;
    }
}
