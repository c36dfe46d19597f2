namespace Cove.Core.Sessions.Planning;

/// <summary>The least that candidates cost, for quick sums: hands, fetching and errands, without walking and waiting.</summary>
/// <param name="Hands">What each adds to the hands for sure.</param>
/// <param name="Kits">What each needs fetched, a bit for each of <paramref name="Fetch"/>.</param>
/// <param name="Fetch">The least that fetching each kit takes, once however many need it.</param>
/// <param name="Requires">What each cannot be chosen without; null for nothing.</param>
internal sealed record CandidateCosts(TimeSpan[] Hands, int[] Kits, TimeSpan[] Fetch, int?[] Requires)
{
    /// <summary>A candidate with all that it requires.</summary>
    public IEnumerable<int> Closure(int index)
    {
        for (int? next = index; next is { } one; next = Requires[one])
        {
            yield return one;
        }
    }

    /// <summary>A selection with one candidate more, and all that it requires; ascending.</summary>
    public int[] With(int index, IReadOnlyList<int> selection) =>
        [.. selection.Union(Closure(index)).Order()];

    /// <summary>What has to be fetched for some candidates, a bit each.</summary>
    public int KitsFor(IEnumerable<int> selection) =>
        selection.Aggregate(0, (kits, index) => kits | Kits[index]);

    /// <summary>The least that fetching some kits takes.</summary>
    public TimeSpan FetchOf(int kits)
    {
        TimeSpan takes = TimeSpan.Zero;
        for (int kit = 0; kits >> kit != 0; kit++)
        {
            takes += (kits >> kit & 1) * Fetch[kit];
        }

        return takes;
    }

    /// <summary>The least that a selection takes.</summary>
    public TimeSpan LeastFor(IReadOnlyList<int> selection) =>
        selection.Aggregate(FetchOf(KitsFor(selection)), (sum, index) => sum + Hands[index]);
}
