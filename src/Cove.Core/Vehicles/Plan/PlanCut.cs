using System.Globalization;
using System.Text;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Cuts a shape of the plan into strips of equal length, side by side along its longer axis.</summary>
internal static class PlanCut
{
    /// <summary>Room left between two parts, in plan units, so that each keeps an edge of its own.</summary>
    private const double Gap = 2;

    /// <summary>The strips, in the order of their ids.</summary>
    /// <param name="shape">The shape to cut.</param>
    /// <param name="partIds">The surfaces the strips stand for.</param>
    public static IEnumerable<Shape> Cut(Shape shape, IReadOnlyList<SurfaceId> partIds)
    {
        PlanBox box = shape.Bounds;
        bool along = box.Width >= box.Height;
        double start = along ? box.X : box.Y;
        double step = (along ? box.Width : box.Height) / partIds.Count;
        var rings = OutlineRings.Of(shape.Outline);
        for (int part = 0; part < partIds.Count; part++)
        {
            double from = start + (part * step) + (part > 0 ? Gap / 2 : 0);
            double to = start + ((part + 1) * step) - (part < partIds.Count - 1 ? Gap / 2 : 0);
            PlanPoint[][] pieces =
            [
                .. rings
                    .Select(ring => OutlineRings.Between(ring, along, from, to).ToArray())
                    .Where(ring => ring.Length > 2),
            ];
            if (pieces.Length > 0)
            {
                yield return Draw(shape, partIds[part], pieces);
            }
        }
    }

    private static Shape Draw(Shape whole, SurfaceId id, PlanPoint[][] pieces)
    {
        var path = new StringBuilder();
        foreach (PlanPoint[] piece in pieces)
        {
            char command = 'M';
            foreach (PlanPoint point in piece)
            {
                path.Append(CultureInfo.InvariantCulture, $"{command}{point.X:0.##} {point.Y:0.##}");
                command = 'L';
            }

            path.Append('Z');
        }

        PlanPoint[] all = [.. pieces.SelectMany(piece => piece)];
        double left = all.Min(point => point.X);
        double top = all.Min(point => point.Y);
        var bounds = new PlanBox(
            left,
            top,
            all.Max(point => point.X) - left,
            all.Max(point => point.Y) - top
        );
        // The sounding stands in the middle of the largest piece, which need not be the middle of the box round all.
        PlanPoint[] largest = pieces.MaxBy(OutlineRings.AreaOf)!;
        return new Shape(
            id,
            path.ToString(),
            bounds,
            new PlanPoint(
                (largest.Min(point => point.X) + largest.Max(point => point.X)) / 2,
                (largest.Min(point => point.Y) + largest.Max(point => point.Y)) / 2
            ),
            Math.Min(whole.Narrowest, Math.Min(bounds.Width, bounds.Height)),
            whole.Layer
        );
    }
}
