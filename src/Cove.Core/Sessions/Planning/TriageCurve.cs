namespace Cove.Core.Sessions.Planning;

/// <summary>The best choice for every budget of half minutes, from none to the largest asked for.</summary>
public sealed class TriageCurve
{
    private readonly int[] benefit;
    private readonly IReadOnlyList<int>[] selections;

    internal TriageCurve(int[] benefit, IReadOnlyList<int>[] selections)
    {
        this.benefit = benefit;
        this.selections = selections;
    }

    /// <summary>The largest budget, in half minutes.</summary>
    public int MaximumHalfMinutes => benefit.Length - 1;

    /// <summary>The points that the best choice brings. Never falls as the budget grows.</summary>
    /// <param name="halfMinutes">From 0 to <see cref="MaximumHalfMinutes"/>.</param>
    public int BenefitAt(int halfMinutes) => benefit[halfMinutes];

    /// <summary>The candidates chosen, as ascending indices into the problem.</summary>
    /// <param name="halfMinutes">From 0 to <see cref="MaximumHalfMinutes"/>.</param>
    public IReadOnlyList<int> SelectionAt(int halfMinutes) => selections[halfMinutes];

    /// <summary>The same choices under other numbers: for a problem that is a part of another.</summary>
    /// <param name="numbers">What each candidate of this problem is called in the other; ascending.</param>
    internal TriageCurve Of(IReadOnlyList<int> numbers)
    {
        // Budgets that buy the same share one selection, and go on doing so.
        var known = new Dictionary<IReadOnlyList<int>, IReadOnlyList<int>>(
            ReferenceEqualityComparer.Instance
        );
        return new TriageCurve(
            benefit,
            [
                .. selections.Select(selection =>
                    known.TryGetValue(selection, out IReadOnlyList<int>? same)
                        ? same
                        : known[selection] = [.. selection.Select(index => numbers[index])]
                ),
            ]
        );
    }
}
