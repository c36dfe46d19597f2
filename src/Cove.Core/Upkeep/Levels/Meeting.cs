namespace Cove.Core.Upkeep.Levels;

/// <summary>Finds where several things that were said of one number meet, each as a range and with its own weight.</summary>
/// <remarks>
/// What lies in a range agrees with it and costs nothing; outside, the cost is the squared distance times the weight.
/// What costs least is asked for. The sum is convex, so there is one answer whatever the order, and one more thing
/// that agrees with the answer leaves it exactly as it is.
/// </remarks>
internal static class Meeting
{
    /// <summary>Steps of bisection: from any distance to the last digit.</summary>
    private const int Steps = 200;

    /// <summary>The numbers that cost least: what all of it allows, or the one point where it meets.</summary>
    /// <param name="said">What was said; at least one range, none of them all numbers.</param>
    public static (double From, double To) Of(IReadOnlyCollection<Said> said)
    {
        double from = said.Max(range => range.From);
        double to = said.Min(range => range.To);
        if (from <= to)
        {
            return (from, to);
        }

        double point = Root(said, to, from);
        return (point, point);
    }

    private static double Root(IReadOnlyCollection<Said> said, double low, double high)
    {
        // Summed in an order of their own, so that not even rounding tells who came first.
        Said[] sorted =
        [
            .. said.OrderBy(range => range.From).ThenBy(range => range.To).ThenBy(range => range.Weight),
        ];
        for (int step = 0; step < Steps && high > low; step++)
        {
            double middle = low + ((high - low) / 2);
            if (middle <= low || middle >= high)
            {
                break;
            }

            if (sorted.Sum(range => range.Weight * range.Off(middle)) > 0)
            {
                high = middle;
            }
            else
            {
                low = middle;
            }
        }

        return low + ((high - low) / 2);
    }

    /// <summary>A range that was said, and how much it weighs.</summary>
    /// <param name="From">The lower end; may be minus infinity.</param>
    /// <param name="To">The upper end, not below the lower one; may be infinity.</param>
    /// <param name="Weight">One over its variance; above 0.</param>
    public readonly record struct Said(double From, double To, double Weight)
    {
        /// <summary>How far a number lies above the range, below it (negative), or 0.</summary>
        public double Off(double number) =>
            number > To ? number - To
            : number < From ? number - From
            : 0;
    }
}
