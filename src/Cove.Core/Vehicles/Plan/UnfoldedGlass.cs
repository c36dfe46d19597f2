using System.Globalization;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>The panes of a car laid out in a row as one would walk past them, clockwise from the windscreen, the roof last.</summary>
/// <param name="Panes">The panes in order.</param>
public sealed record UnfoldedGlass(IReadOnlyList<UnfoldedPane> Panes)
{
    /// <summary>Unfolds the panes of a cabin. Sizes follow from their areas; shapes from where they sit.</summary>
    public static UnfoldedGlass Of(Cabin cabin)
    {
        var shapes = cabin.Plan.Shapes.ToDictionary(shape => shape.SurfaceId);
        double middle = cabin.Plan.Bounds.Y + (cabin.Plan.Bounds.Height / 2);
        Seat[] seats =
        [
            .. cabin
                .Surfaces.Where(surface => surface.Kind is SurfaceKind.Windscreen or SurfaceKind.Glass)
                .Select(surface => SeatOf(surface, shapes, middle)),
        ];
        Seat[] inOrder =
        [
            .. seats.Where(seat => seat.Place == PanePlace.Windscreen),
            // The plan has the driver's side on top, so from the windscreen clockwise comes that side first.
            .. seats.Where(seat => seat is { Place: PanePlace.Side, Near: true }).OrderBy(seat => seat.At),
            .. seats.Where(seat => seat.Place == PanePlace.Rear),
            .. seats
                .Where(seat => seat is { Place: PanePlace.Side, Near: false })
                .OrderByDescending(seat => seat.At),
            .. seats.Where(seat => seat.Place == PanePlace.Roof),
        ];
        return new UnfoldedGlass([.. inOrder.Select(seat => Draw(seat, seats))]);
    }

    private static Seat SeatOf(Surface surface, Dictionary<SurfaceId, Shape> shapes, double middle)
    {
        // A pane cut from another has no shape of its own on the plan; it sits where its whole does.
        Shape? shape =
            shapes.GetValueOrDefault(surface.Id) ?? shapes.GetValueOrDefault(surface.PartOf ?? string.Empty);
        double across = shape is null ? middle : shape.Bounds.Y + (shape.Bounds.Height / 2);
        PanePlace place =
            surface.Kind == SurfaceKind.Windscreen ? PanePlace.Windscreen
            : shape?.Layer == PlanLayer.Overhead ? PanePlace.Roof
            : shape is null || shape.Bounds.Height > shape.Bounds.Width ? PanePlace.Rear
            : PanePlace.Side;
        return new Seat(surface, place, across < middle, shape?.Bounds.X ?? 0);
    }

    private static UnfoldedPane Draw(Seat seat, Seat[] all)
    {
        double aspect = seat.Place switch
        {
            PanePlace.Windscreen => 1.8,
            PanePlace.Rear => 1.45,
            PanePlace.Roof => 1.3,
            _ => 1.15,
        };
        double area = Math.Max(seat.Surface.Area.SquareMetres, 0.05) * 10_000;
        double width = Math.Sqrt(area * aspect);
        double height = Math.Sqrt(area / aspect);
        Seat[] side =
        [
            .. all.Where(other => other.Place == seat.Place && other.Near == seat.Near)
                .OrderBy(other => other.At),
        ];
        bool first = seat.Place == PanePlace.Side && side[0] == seat;
        bool last = seat.Place == PanePlace.Side && side.Length > 2 && side[^1] == seat;
        // On the near side the nose lies to the left, on the far side to the right.
        (double left, double right) = seat.Place switch
        {
            PanePlace.Windscreen => (0.1, 0.1),
            PanePlace.Rear => (0.09, 0.09),
            PanePlace.Side when first => seat.Near ? (0.4, 0.02) : (0.02, 0.4),
            PanePlace.Side when last => seat.Near ? (0.02, 0.2) : (0.2, 0.02),
            _ => (0.02, 0.02),
        };
        double bow = seat.Place is PanePlace.Windscreen or PanePlace.Rear ? 0.06 : 0;
        return new UnfoldedPane(
            seat.Surface.Id,
            seat.Place,
            width,
            height,
            Outline(width, height, left, right, bow)
        );
    }

    /// <summary>A pane that is narrower above, its upper and lower edge bowed a little.</summary>
    private static string Outline(double width, double height, double left, double right, double bow)
    {
        double top = height * bow;
        double foot = height * (1 - bow);
        double a = width * left;
        double b = width * (1 - right);
        return string.Create(
            CultureInfo.InvariantCulture,
            $"M{a + 4:0.#} {top:0.#}Q{width / 2:0.#} {-top:0.#} {b - 4:0.#} {top:0.#}Q{b:0.#} {top:0.#} {b + 1:0.#} {top + 4:0.#}L{width:0.#} {foot - 4:0.#}Q{width:0.#} {foot:0.#} {width - 4:0.#} {foot:0.#}Q{width / 2:0.#} {height + top:0.#} 4 {foot:0.#}Q0 {foot:0.#} 0 {foot - 4:0.#}L{a - 1:0.#} {top + 4:0.#}Q{a:0.#} {top:0.#} {a + 4:0.#} {top:0.#}Z"
        );
    }

    private sealed record Seat(Surface Surface, PanePlace Place, bool Near, double At);
}

/// <summary>A pane laid flat, seen from inside.</summary>
/// <param name="SurfaceId">The pane.</param>
/// <param name="Place">Where it sits.</param>
/// <param name="Width">Its width, in centimetres.</param>
/// <param name="Height">Its height, in centimetres.</param>
/// <param name="Outline">Its outline as an SVG path in centimetres, from its upper left corner.</param>
public sealed record UnfoldedPane(
    SurfaceId SurfaceId,
    PanePlace Place,
    double Width,
    double Height,
    string Outline
);

/// <summary>Where a pane sits.</summary>
public enum PanePlace
{
    /// <summary>In front.</summary>
    Windscreen,

    /// <summary>At a side.</summary>
    Side,

    /// <summary>At the back.</summary>
    Rear,

    /// <summary>In the roof.</summary>
    Roof,
}
