namespace Cove.Core.Upkeep.Levels;

/// <summary>The levels between which a look may lie: what one sees tells a level only so closely.</summary>
/// <remarks>"Nothing comes up" says that there is at most so much, and not how much; the last word of a test says that there is at least so much. This is what was seen; for how doubtful a computed level is, see <see cref="LevelPoint"/>.</remarks>
public readonly record struct LevelBand
{
    /// <summary>Makes a band.</summary>
    /// <param name="least">At least this level; 0 when it may be fresh.</param>
    /// <param name="most">At most this level, above 0 and not below <paramref name="least"/>; infinite when there may be any amount.</param>
    /// <exception cref="ArgumentOutOfRangeException">The ends are not in that order.</exception>
    public LevelBand(double least, double most)
    {
        if (!(least >= 0 && double.IsFinite(least) && most > 0 && most >= least))
        {
            throw new ArgumentOutOfRangeException(
                nameof(most),
                most,
                "A band goes from 0 or more to something above 0 that is not less."
            );
        }

        Least = least;
        Most = most;
    }

    /// <summary>There is at least this much; 0 when the surface may be fresh.</summary>
    public double Least { get; }

    /// <summary>There is at most this much; infinite when nobody can say.</summary>
    public double Most { get; }

    /// <summary>A band so narrow that it is one level.</summary>
    /// <param name="level">The level; above fresh.</param>
    public static LevelBand Exactly(Level level) => new(level.Value, level.Value);

    /// <summary>The level of the band that is nearest to another one: that one itself when it lies in the band.</summary>
    /// <param name="level">What was expected; 0 or more.</param>
    public double Nearest(double level) => Math.Min(Math.Max(level, Least), Most);

    /// <summary>How wide the band is: the logarithm of its most over its least; infinite where one end is open.</summary>
    public double Width => Least > 0 ? Math.Log(Most / Least) : double.PositiveInfinity;
}
