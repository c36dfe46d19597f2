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
}
