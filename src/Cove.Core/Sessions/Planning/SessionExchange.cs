namespace Cove.Core.Sessions.Planning;

/// <summary>Finds the choices around one: with one thing more, and with whatever is best beside it of what takes the same kits, or one kit less.</summary>
/// <param name="candidates">What is chosen from.</param>
internal sealed class SessionExchange(SessionCandidates candidates)
{
    private const int HalfMinutesAMinute = 2;

    /// <summary>What is exchanged walks and waits at least this part of what was walked and waited before; if not, it is not found here.</summary>
    private const double LeastOverhead = 0.6;

    /// <summary>The best with one candidate and some kits is looked for in sessions up to these lengths at once, in half minutes.</summary>
    private static readonly int[] Lengths = [40, 100, SessionRules.LongestMinutes * HalfMinutesAMinute];

    private readonly Dictionary<(int Kits, int One, int Length), TriageCurve> curves = [];

    /// <summary>The choices around one that may well fit.</summary>
    /// <param name="known">The choice.</param>
    /// <param name="limit">The longest session.</param>
    public IEnumerable<IReadOnlyList<int>> Around(SessionChoice known, TimeSpan limit)
    {
        CandidateCosts costs = candidates.Costs;
        TimeSpan overhead = known.Order.Order.Length - costs.LeastFor(known.Selection);
        foreach (int one in candidates.NextTo(known.Selection))
        {
            int[] more = costs.With(one, known.Selection);
            if (costs.LeastFor(more) <= limit)
            {
                yield return more;
            }

            foreach (int kits in KitsAround(costs.KitsFor(more), one))
            {
                TimeSpan hands = limit - costs.FetchOf(kits) - overhead;
                // What an order dropped leaves more room than there is: a session ends where the longest one does.
                int room = Math.Min(
                    (int)Math.Floor(hands.TotalMinutes * HalfMinutesAMinute),
                    Lengths[^1] - 1
                );
                // What the exchange walks more or less than before is not known, so it is tried with more and with less to spare.
                for (int budget = Math.Max(1, room - 2); budget <= room + 1; budget++)
                {
                    IReadOnlyList<int> other = CurveWith(kits, one, budget).SelectionAt(budget);
                    if (costs.LeastFor(other) + (overhead * LeastOverhead) <= limit)
                    {
                        yield return other;
                    }
                }
            }
        }
    }

    private TriageCurve CurveWith(int kits, int one, int budget)
    {
        int length = Lengths.First(length => length >= budget);
        return curves.TryGetValue((kits, one, length), out TriageCurve? known)
            ? known
            : curves[(kits, one, length)] = candidates.SolveWith(kits, one, length);
    }

    /// <summary>Some kits, and the same with one of them left where it is.</summary>
    private IEnumerable<int> KitsAround(int kits, int one)
    {
        yield return kits;
        int needed = candidates.Costs.KitsFor(candidates.Costs.Closure(one));
        for (int kit = 1; kit <= kits; kit <<= 1)
        {
            if ((kits & ~needed & kit) != 0)
            {
                yield return kits & ~kit;
            }
        }
    }
}
