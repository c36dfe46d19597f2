using System.Globalization;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Turns outlines of the plan into closed rings of straight edges, to measure and cut them.</summary>
public static class OutlineRings
{
    private const int StepsOfACurve = 16;

    /// <summary>The rings of an outline, one for each closed part; curves become 16 straight edges each.</summary>
    /// <param name="outline">A path as <see cref="Shape.Outline"/> holds it: M, L, Q, C and Z with absolute coordinates.</param>
    public static IReadOnlyList<IReadOnlyList<PlanPoint>> Of(string outline)
    {
        var rings = new List<IReadOnlyList<PlanPoint>>();
        var ring = new List<PlanPoint>();
        int at = 0;
        while (at < outline.Length)
        {
            char command = outline[at++];
            int end = outline.AsSpan(at).IndexOfAny("MLQCZ");
            end = end < 0 ? outline.Length : at + end;
            PlanPoint[] points = Points(outline[at..end]);
            at = end;
            switch (command)
            {
                case 'M':
                    Keep();
                    ring = [points[0]];
                    break;
                case 'L':
                    ring.Add(points[0]);
                    break;
                case 'Q':
                    ring.AddRange(Curve([ring[^1], .. points]));
                    break;
                case 'C':
                    ring.AddRange(Curve([ring[^1], .. points]));
                    break;
                default:
                    Keep();
                    ring = [];
                    break;
            }
        }

        Keep();
        return rings;

        void Keep()
        {
            if (ring.Count > 2)
            {
                rings.Add(ring);
            }
        }
    }

    /// <summary>The area inside a ring, in square plan units; never negative.</summary>
    public static double AreaOf(IReadOnlyList<PlanPoint> ring)
    {
        double twice = 0;
        for (int i = 0; i < ring.Count; i++)
        {
            PlanPoint a = ring[i];
            PlanPoint b = ring[(i + 1) % ring.Count];
            twice += (a.X * b.Y) - (b.X * a.Y);
        }

        return Math.Abs(twice) / 2;
    }

    /// <summary>The part of a ring between two lines across one axis, from one of them to the other.</summary>
    /// <param name="ring">The ring.</param>
    /// <param name="along">Whether the lines stand at places along the car; otherwise across it.</param>
    /// <param name="from">The lower place.</param>
    /// <param name="to">The higher place.</param>
    /// <returns>A ring; empty when nothing of it lies there.</returns>
    public static IReadOnlyList<PlanPoint> Between(
        IReadOnlyList<PlanPoint> ring,
        bool along,
        double from,
        double to
    )
    {
        IReadOnlyList<PlanPoint> upper = Clip(ring, along, from, keepAbove: true);
        return Clip(upper, along, to, keepAbove: false);
    }

    /// <summary>Keeps what lies on one side of a line (the clipping of Sutherland and Hodgman).</summary>
    private static List<PlanPoint> Clip(IReadOnlyList<PlanPoint> ring, bool along, double at, bool keepAbove)
    {
        var kept = new List<PlanPoint>();
        for (int i = 0; i < ring.Count; i++)
        {
            PlanPoint a = ring[i];
            PlanPoint b = ring[(i + 1) % ring.Count];
            bool aIn = Inside(a);
            if (aIn)
            {
                kept.Add(a);
            }

            if (aIn != Inside(b))
            {
                double share = (at - Place(a)) / (Place(b) - Place(a));
                kept.Add(new PlanPoint(a.X + (share * (b.X - a.X)), a.Y + (share * (b.Y - a.Y))));
            }
        }

        return kept;

        double Place(PlanPoint point) => along ? point.X : point.Y;
        bool Inside(PlanPoint point) => keepAbove ? Place(point) >= at : Place(point) <= at;
    }

    private static IEnumerable<PlanPoint> Curve(PlanPoint[] controls) =>
        Enumerable.Range(1, StepsOfACurve).Select(step => On(controls, (double)step / StepsOfACurve));

    /// <summary>A point on a Bézier curve, by de Casteljau's repeated halving of the way between its controls.</summary>
    private static PlanPoint On(PlanPoint[] controls, double share)
    {
        var points = controls;
        while (points.Length > 1)
        {
            points =
            [
                .. points
                    .Zip(points.Skip(1))
                    .Select(pair => new PlanPoint(
                        pair.First.X + (share * (pair.Second.X - pair.First.X)),
                        pair.First.Y + (share * (pair.Second.Y - pair.First.Y))
                    )),
            ];
        }

        return points[0];
    }

    private static PlanPoint[] Points(string numbers)
    {
        double[] values =
        [
            .. numbers
                .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Select(number => double.Parse(number, CultureInfo.InvariantCulture)),
        ];
        return [.. values.Chunk(2).Select(pair => new PlanPoint(pair[0], pair[1]))];
    }
}
