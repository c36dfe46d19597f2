namespace Cove.Core.Upkeep.Levels;

/// <summary>Something that changed a level at an instant.</summary>
/// <param name="At">When it happened.</param>
public abstract record CareChange(DateTimeOffset At)
{
    /// <summary>Its place among changes of the same instant: first one looks, then cleans, then something happens; so no order of entries is left to chance.</summary>
    internal abstract int Turn { get; }
}

/// <summary>The task was done.</summary>
/// <param name="At">When it was finished.</param>
/// <param name="Removed">The share of the level that was removed; all of it when the surface came clean.</param>
public sealed record Cleaned(DateTimeOffset At, Share Removed) : CareChange(At)
{
    /// <summary>On glass, what the method takes of the film; null when that is not known, and the film goes as <see cref="Removed"/> says.</summary>
    public FilmCleaning? Film { get; init; }

    internal override int Turn => 1;
}

/// <summary>A cleaning of a pane by a method.</summary>
/// <param name="MethodId">The method.</param>
/// <param name="Removal">What one round takes away.</param>
/// <param name="Rounds">How many rounds; 1 or more.</param>
/// <param name="Residue">What this car leaves of it beside the table; 1 until something has been learnt. Above 0.</param>
public sealed record FilmCleaning(MethodId MethodId, Removal Removal, int Rounds, double Residue = 1);

/// <summary>An event raised the level at once: a spill, a day on the beach.</summary>
/// <param name="At">When it happened.</param>
/// <param name="Amount">By how much the level rose; 0 or more.</param>
/// <param name="Cause">What happened, in a few words.</param>
public sealed record Jumped(DateTimeOffset At, double Amount, string Cause) : CareChange(At)
{
    /// <summary>On glass, how much of it is oily film.</summary>
    public Share Oily { get; init; }

    internal override int Turn => 2;
}

/// <summary>The owner looked, and the level is what was seen.</summary>
/// <param name="At">When it was looked at.</param>
/// <param name="Level">The level that the result stands for; above 0.</param>
/// <param name="LogStdDev">How far results of the test scatter: the standard deviation of the logarithm of the level. Above 0.</param>
/// <param name="Looks">How many looks it sums up; 1 for a single one.</param>
public sealed record Observed(DateTimeOffset At, Level Level, double LogStdDev, int Looks = 1)
    : CareChange(At)
{
    /// <summary>Whether it judges the cleaning before it rather than what has settled since.</summary>
    public bool JudgesCleaning { get; init; }

    internal override int Turn => 0;
}
