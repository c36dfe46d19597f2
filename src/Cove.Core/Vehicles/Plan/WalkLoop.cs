namespace Cove.Core.Vehicles.Plan;

/// <summary>The way round the outside of a car, a rectangle on the plan on which every door position lies.</summary>
/// <remarks>Lengths along it are in plan units, measured clockwise on the plan from the upper left corner.</remarks>
/// <param name="Box">The rectangle.</param>
public sealed record WalkLoop(PlanBox Box)
{
    /// <summary>The whole way round.</summary>
    public double Length => 2 * (Box.Width + Box.Height);

    /// <summary>Where on the loop the point nearest to <paramref name="point"/> lies: from 0 up to, not including, <see cref="Length"/>.</summary>
    public double PositionOf(PlanPoint point)
    {
        double x = Math.Clamp(point.X, Box.X, Box.X + Box.Width) - Box.X;
        double y = Math.Clamp(point.Y, Box.Y, Box.Y + Box.Height) - Box.Y;
        double toTop = y;
        double toBottom = Box.Height - y;
        double toLeft = x;
        double toRight = Box.Width - x;
        double nearest = Math.Min(Math.Min(toTop, toBottom), Math.Min(toLeft, toRight));
        double position =
            nearest == toTop ? x
            : nearest == toRight ? Box.Width + y
            : nearest == toBottom ? Box.Width + Box.Height + (Box.Width - x)
            : Length - y;
        return position % Length;
    }

    /// <summary>The shorter way between two positions, along the loop.</summary>
    public double Distance(double from, double to)
    {
        double clockwise = Clockwise(from, to);
        return Math.Min(clockwise, Length - clockwise);
    }

    /// <summary>The shorter way between two positions as a line through the corners it turns.</summary>
    public IReadOnlyList<PlanPoint> Path(double from, double to)
    {
        double clockwise = Clockwise(from, to);
        bool forward = clockwise <= Length - clockwise;
        double way = forward ? clockwise : Length - clockwise;
        double[] corners = [0, Box.Width, Box.Width + Box.Height, (2 * Box.Width) + Box.Height];
        var turns = corners
            .Select(corner =>
                (Corner: corner, At: forward ? Clockwise(from, corner) : Clockwise(corner, from))
            )
            .Where(turn => turn.At > 0 && turn.At < way)
            .OrderBy(turn => turn.At)
            .Select(turn => PointAt(turn.Corner));
        return [PointAt(from), .. turns, PointAt(to)];
    }

    /// <summary>The point at a position.</summary>
    /// <param name="position">Any number; it is taken round the loop.</param>
    public PlanPoint PointAt(double position)
    {
        double along = ((position % Length) + Length) % Length;
        double right = Box.X + Box.Width;
        double bottom = Box.Y + Box.Height;
        if (along <= Box.Width)
        {
            return new PlanPoint(Box.X + along, Box.Y);
        }

        along -= Box.Width;
        if (along <= Box.Height)
        {
            return new PlanPoint(right, Box.Y + along);
        }

        along -= Box.Height;
        return along <= Box.Width
            ? new PlanPoint(right - along, bottom)
            : new PlanPoint(Box.X, bottom - (along - Box.Width));
    }

    private double Clockwise(double from, double to) => (((to - from) % Length) + Length) % Length;
}
