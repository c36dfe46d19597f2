namespace Cove.Core.Upkeep.Levels;

/// <summary>What one look the evening after says about how much a method leaves on the glass of this car: a range, since a look tells a level only so closely.</summary>
/// <param name="MethodId">The method.</param>
/// <param name="At">When it was looked at.</param>
/// <param name="From">At least so much is left: the natural logarithm of it over what the table leaves; minus infinity when there may be nothing.</param>
/// <param name="To">At most so much is left, in the same way; infinity when there may be any amount.</param>
/// <param name="LogStdDev">Standard deviation of that logarithm; above 0.</param>
public sealed record ResidueEvidence(
    MethodId MethodId,
    DateTimeOffset At,
    double From,
    double To,
    double LogStdDev
)
{
    /// <summary>The standard deviation beyond which a look is still counted, but for next to nothing.</summary>
    private const double MostStdDev = 5;

    /// <summary>Reads a look.</summary>
    /// <param name="cleaning">The cleaning that is judged.</param>
    /// <param name="left">What the table leaves; above 0.</param>
    /// <param name="settled">What has settled since; 0 or more.</param>
    /// <param name="look">What was seen.</param>
    internal static ResidueEvidence Of(FilmCleaning cleaning, double left, double settled, Observed look)
    {
        double from = Of(look.Band.Least, double.NegativeInfinity);
        // What is seen at or below what has settled since cannot be put down to the cleaning: a quarter of it is taken,
        // and the scatter of the look, carried over to the small difference, makes it weigh little.
        double to = Of(look.Band.Most, Math.Log(0.25));
        double seen = Math.Max(look.Band.Nearest(left + settled), left);
        double logStdDev = look.LogStdDev * seen / Math.Max(seen - settled, left);
        return new ResidueEvidence(
            cleaning.MethodId,
            look.At,
            Math.Min(from, to),
            to,
            Math.Clamp(logStdDev, look.LogStdDev, MostStdDev)
        );

        double Of(double level, double least) =>
            level > settled ? Math.Max(Math.Log((level - settled) / left), least) : least;
    }
}
