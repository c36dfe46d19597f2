using System.Globalization;
using System.Text;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Writes SVG paths for the plan, keeps the box round them, and turns the drawing over for cars driven from the other side.</summary>
/// <param name="mirrored">Whether to draw the driver's side at the bottom.</param>
internal sealed class OutlinePen(bool mirrored)
{
    /// <summary>Length of the plan across the car, in plan units.</summary>
    public const double Across = 560;

    private readonly StringBuilder path = new();
    private double left = double.MaxValue;
    private double top = double.MaxValue;
    private double right = double.MinValue;
    private double bottom = double.MinValue;

    public PlanBox Bounds => new(left, top, right - left, bottom - top);

    public PlanPoint Centre => new((left + right) / 2, (top + bottom) / 2);

    public override string ToString() => path.ToString();

    public OutlinePen Move(double x, double y) => Put('M', (x, y));

    public OutlinePen Line(double x, double y) => Put('L', (x, y));

    public OutlinePen Bend(double cx, double cy, double x, double y) => Put('Q', (cx, cy), (x, y));

    public OutlinePen Curve(double ax, double ay, double bx, double by, double x, double y) =>
        Put('C', (ax, ay), (bx, by), (x, y));

    public OutlinePen Close()
    {
        path.Append('Z');
        return this;
    }

    /// <summary>A box whose corners are cut by a radius.</summary>
    public OutlinePen Box(double x, double y, double width, double height, double radius) =>
        Move(x + radius, y)
            .Line(x + width - radius, y)
            .Bend(x + width, y, x + width, y + radius)
            .Line(x + width, y + height - radius)
            .Bend(x + width, y + height, x + width - radius, y + height)
            .Line(x + radius, y + height)
            .Bend(x, y + height, x, y + height - radius)
            .Line(x, y + radius)
            .Bend(x, y, x + radius, y)
            .Close();

    /// <summary>An ellipse, near enough, from four curves.</summary>
    public OutlinePen Ellipse(double cx, double cy, double rx, double ry)
    {
        const double Pull = 0.5523;
        double kx = rx * Pull;
        double ky = ry * Pull;
        return Move(cx - rx, cy)
            .Curve(cx - rx, cy - ky, cx - kx, cy - ry, cx, cy - ry)
            .Curve(cx + kx, cy - ry, cx + rx, cy - ky, cx + rx, cy)
            .Curve(cx + rx, cy + ky, cx + kx, cy + ry, cx, cy + ry)
            .Curve(cx - kx, cy + ry, cx - rx, cy + ky, cx - rx, cy)
            .Close();
    }

    public PlanPoint Place(double x, double y) => new(x, mirrored ? Across - y : y);

    private OutlinePen Put(char command, params ReadOnlySpan<(double X, double Y)> points)
    {
        path.Append(command);
        foreach ((double x, double y) in points)
        {
            PlanPoint at = Place(x, y);
            path.Append(CultureInfo.InvariantCulture, $"{at.X:0.##} {at.Y:0.##} ");
            left = Math.Min(left, at.X);
            right = Math.Max(right, at.X);
            top = Math.Min(top, at.Y);
            bottom = Math.Max(bottom, at.Y);
        }

        path.Length--;
        return this;
    }
}
