namespace Cove.Core.Upkeep.Levels;

/// <summary>What one look the evening after says about how much a method leaves on the glass of this car.</summary>
/// <param name="MethodId">The method.</param>
/// <param name="At">When it was looked at.</param>
/// <param name="LogRatio">Natural logarithm of what was left over what the table leaves.</param>
/// <param name="LogStdDev">Standard deviation of that logarithm; above 0.</param>
public sealed record ResidueEvidence(MethodId MethodId, DateTimeOffset At, double LogRatio, double LogStdDev)
{
    /// <summary>The standard deviation beyond which a look is still counted, but for next to nothing.</summary>
    private const double MostStdDev = 5;

    /// <summary>Reads a look.</summary>
    /// <param name="methodId">The method that was used.</param>
    /// <param name="left">What the table leaves; above 0.</param>
    /// <param name="settled">What has settled since; 0 or more.</param>
    /// <param name="look">What was seen.</param>
    internal static ResidueEvidence Of(MethodId methodId, double left, double settled, Observed look)
    {
        // What is seen at or below what has settled since cannot be put down to the cleaning: a quarter of it is taken,
        // and the scatter of the look, carried over to the small difference, makes it weigh little.
        double seen = Math.Max(look.Level.Value - settled, 0.25 * left);
        double logStdDev = look.LogStdDev * Math.Max(look.Level.Value, left) / Math.Max(seen, left);
        return new ResidueEvidence(
            methodId,
            look.At,
            Math.Log(seen / left),
            Math.Clamp(logStdDev, look.LogStdDev, MostStdDev)
        );
    }
}
