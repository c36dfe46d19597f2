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

/// <summary>The owner looked, and saw a level within a band.</summary>
/// <remarks>A look that agrees with what was expected leaves the level as it is; another one draws it to the nearest level of the band, by how certain either is.</remarks>
/// <param name="At">When it was looked at.</param>
/// <param name="Band">The levels that the result stands for.</param>
/// <param name="LogStdDev">How far results of the test scatter: the standard deviation of the logarithm of the level. Above 0.</param>
/// <param name="Looks">How many looks it sums up; 1 for a single one.</param>
public sealed record Observed(DateTimeOffset At, LevelBand Band, double LogStdDev, int Looks = 1)
    : CareChange(At)
{
    /// <summary>A look that tells one level rather than a band.</summary>
    /// <param name="at">When it was looked at.</param>
    /// <param name="level">The level; above fresh.</param>
    /// <param name="logStdDev">How far such looks scatter. Above 0.</param>
    public Observed(DateTimeOffset at, Level level, double logStdDev)
        : this(at, LevelBand.Exactly(level), logStdDev) { }

    /// <summary>The width at which a band counts when it is asked how closely its nearer end was seen. Cove's own choice.</summary>
    private const double WidestEnd = 0.8;

    /// <summary>How closely a look tells that what was expected is so: the scatter of the test and the width of the band. Infinite where an end is open, for then it tells nothing more.</summary>
    internal double DoubtWhenItAgrees => Hypotenuse(LogStdDev, Band.Width);

    /// <summary>How closely a look tells that the level lies at the nearer end of the band: the scatter of the test and half the width, since the level may lie farther in. These two hold the bands of what is learnt to nine cases of ten.</summary>
    internal double DoubtWhenItDiffers => Hypotenuse(LogStdDev, Math.Min(Band.Width, WidestEnd) / 2);

    private static double Hypotenuse(double one, double other) => Math.Sqrt((one * one) + (other * other));

    /// <summary>Whether it judges the cleaning before it rather than what has settled since.</summary>
    public bool JudgesCleaning { get; init; }

    internal override int Turn => 0;
}
