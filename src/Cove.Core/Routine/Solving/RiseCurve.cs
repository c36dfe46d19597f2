namespace Cove.Core.Routine.Solving;

/// <summary>How a level rises over the days: straight within a day, at another pace from day to day.</summary>
/// <remarks>It says what was added since day 0, and the area below that, both exactly and at once.</remarks>
public sealed class RiseCurve
{
    private readonly double[] risen;
    private readonly double[] area;

    private RiseCurve(double[] risen)
    {
        this.risen = risen;
        area = new double[risen.Length];
        for (int day = 1; day < risen.Length; day++)
        {
            area[day] = area[day - 1] + ((risen[day - 1] + risen[day]) / 2);
        }
    }

    /// <summary>How many days it covers.</summary>
    public int Days => risen.Length - 1;

    /// <summary>A curve from what the level rises by on each day.</summary>
    /// <param name="byDay">For each day, 0 or more.</param>
    /// <exception cref="ArgumentException">A day's rise is below 0 or no number.</exception>
    public static RiseCurve Of(IEnumerable<double> byDay)
    {
        var sums = new List<double> { 0 };
        foreach (double rise in byDay)
        {
            if (!double.IsFinite(rise) || rise < 0)
            {
                throw new ArgumentException("A level rises by 0 or more a day.", nameof(byDay));
            }

            sums.Add(sums[^1] + rise);
        }

        return new RiseCurve([.. sums]);
    }

    /// <summary>A curve from an interval and how fast the level rises in each month beside it.</summary>
    /// <param name="intervalDays">Days from 0 to 1 at a rate of 1; above 0.</param>
    /// <param name="rateByMonth">For January to December, 0 or more; 1 is the usual.</param>
    /// <param name="start">The day that is day 0.</param>
    /// <param name="days">How many days to cover.</param>
    /// <exception cref="ArgumentException">There are not twelve months, or a number is out of its range.</exception>
    public static RiseCurve ByMonth(
        double intervalDays,
        IReadOnlyList<double> rateByMonth,
        DateOnly start,
        int days
    )
    {
        if (rateByMonth.Count != 12 || !(intervalDays > 0))
        {
            throw new ArgumentException("Give twelve rates and an interval above 0.", nameof(rateByMonth));
        }

        return Of(
            Enumerable.Range(0, days).Select(day => rateByMonth[start.AddDays(day).Month - 1] / intervalDays)
        );
    }

    /// <summary>What was added by the beginning of a day.</summary>
    /// <param name="day">0 to <see cref="Days"/>.</param>
    public double RisenBy(int day) => risen[day];

    /// <summary>What lies below the curve between day 0 and the beginning of a day.</summary>
    internal double AreaBy(int day) => area[day];

    /// <summary>The first day at whose beginning more than the mark has risen.</summary>
    /// <param name="mark">The mark.</param>
    /// <param name="from">The first day in question.</param>
    /// <returns>The day; one behind the last when there is none.</returns>
    internal int FirstDayAbove(double mark, int from)
    {
        int low = from;
        int high = risen.Length;
        while (low < high)
        {
            int middle = (low + high) / 2;
            if (risen[middle] > mark)
            {
                high = middle;
            }
            else
            {
                low = middle + 1;
            }
        }

        return low;
    }
}
