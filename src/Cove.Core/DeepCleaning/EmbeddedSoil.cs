using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.DeepCleaning;

/// <summary>How much soil has settled in a surface, beneath what routine work reaches.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Level">How much: 1 is the mark at which only a deep clean helps.</param>
/// <param name="Upper">The part of it that came in since it was last foamed, which foam still reaches in part.</param>
/// <param name="LogStdDev">How doubtful it is: the standard deviation of its logarithm; 0 or more.</param>
public sealed record EmbeddedSoil(Surface Surface, double Level, Share Upper, double LogStdDev)
{
    /// <summary>Standard normal quantile that leaves 5 % on either side.</summary>
    internal const double BandWidth = 1.6449;

    /// <summary>The lower end of the band that holds nine cases of ten.</summary>
    public double Low => Level * Math.Exp(-BandWidth * LogStdDev);

    /// <summary>The upper end of that band.</summary>
    public double High => Level * Math.Exp(BandWidth * LogStdDev);
}
