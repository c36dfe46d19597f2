namespace Cove.Core.Routine.Solving;

/// <summary>How long, and how far, a level is above 1 once it is left alone from some day on.</summary>
internal readonly struct OverMark
{
    private readonly RiseCurve rise;
    private readonly int from;
    private readonly int crossed;
    private readonly double mark;

    /// <summary>Leaves a level alone.</summary>
    /// <param name="rise">How it rises.</param>
    /// <param name="from">The day from which on.</param>
    /// <param name="level">The level on that day.</param>
    public OverMark(RiseCurve rise, int from, double level)
    {
        this.rise = rise;
        this.from = from;
        mark = rise.RisenBy(from) + 1 - level;
        crossed = rise.FirstDayAbove(mark, from);
    }

    /// <summary>The area between the level and 1 up to a day: days times how far above.</summary>
    /// <param name="to">The day; not before the first.</param>
    public double AreaUntil(int to)
    {
        if (to < crossed || to == from)
        {
            return 0;
        }

        if (crossed == from)
        {
            return rise.AreaBy(to) - rise.AreaBy(from) - (mark * (to - from));
        }

        // Within the day the level rises straight, so what lies above 1 of it is a triangle.
        double over = rise.RisenBy(crossed) - mark;
        double first = over * over / (2 * (rise.RisenBy(crossed) - rise.RisenBy(crossed - 1)));
        return first + rise.AreaBy(to) - rise.AreaBy(crossed) - (mark * (to - crossed));
    }

    /// <summary>The days above 1 up to a day, with parts of days.</summary>
    /// <param name="to">The day; not before the first.</param>
    public double DaysUntil(int to)
    {
        if (to < crossed || to == from)
        {
            return 0;
        }

        return crossed == from
            ? to - from
            : to
                - crossed
                + ((rise.RisenBy(crossed) - mark) / (rise.RisenBy(crossed) - rise.RisenBy(crossed - 1)));
    }
}
