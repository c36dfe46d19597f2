using NetTopologySuite.Geometries;

namespace Cove.Core.Tests.Vehicles;

/// <summary>Reference: polygons of NetTopologySuite, made from the outlines as they are drawn.</summary>
public sealed class PlanGeometryTests
{
    private static readonly int LayoutsOfEachBody = LongRun.Of(25, 200);

    /// <summary>Square plan units below which an overlap is a line being drawn.</summary>
    private const double Line = 1;

    private static readonly GeometryFactory Factory = new();

    public static TheoryData<BodyType> Bodies() => [.. BodyShape.All.Select(body => body.Body)];

    [Theory]
    [MemberData(nameof(Bodies))]
    public void No_two_surfaces_overlap_and_all_lie_inside_the_hull(BodyType body)
    {
        foreach (CabinLayout layout in AnyCar.LayoutsOf(BodyShape.Of(body)).Sample(LayoutsOfEachBody))
        {
            CabinPlan plan = CabinBuilder.Build(layout).Plan;
            Geometry hull = Polygon(plan.Body);
            var areas = plan.Shapes.Select(shape => (shape, area: Polygon(shape.Outline))).ToArray();
            foreach (var (shape, area) in areas)
            {
                Assert.True(area.IsValid, $"{shape.SurfaceId} crosses itself: {layout}");
                Assert.True(area.Difference(hull).Area < Line, $"{shape.SurfaceId} sticks out: {layout}");
            }

            // The roof lies over everything, so it is held against itself only.
            foreach (var height in areas.GroupBy(pair => pair.shape.Layer == PlanLayer.Overhead))
            {
                var level = height.ToArray();
                for (int a = 0; a < level.Length; a++)
                {
                    for (int b = a + 1; b < level.Length; b++)
                    {
                        bool apart =
                            !level[a].area.EnvelopeInternal.Intersects(level[b].area.EnvelopeInternal)
                            || level[a].area.Intersection(level[b].area).Area < Line;
                        Assert.True(
                            apart,
                            $"{level[a].shape.SurfaceId} lies over {level[b].shape.SurfaceId}: {layout}"
                        );
                    }
                }
            }
        }
    }

    // From memory of typical cars; see StatedAreas.
    [Theory]
    [MemberData(nameof(Bodies))]
    public void Areas_sum_to_what_is_stated_for_the_body(BodyType body)
    {
        foreach (CabinLayout layout in AnyCar.LayoutsOf(BodyShape.Of(body)).Sample(LayoutsOfEachBody))
        {
            IReadOnlyList<Surface> surfaces = CabinBuilder.Build(layout).Surfaces;
            StatedAreas stated = StatedAreas.For(layout);

            Near(stated.Seats, SurfaceKind.Seat);
            Near(stated.Floor, SurfaceKind.Carpet, SurfaceKind.Boot);
            Near(stated.Glass, SurfaceKind.Windscreen, SurfaceKind.Glass);

            void Near(double total, params SurfaceKind[] kinds)
            {
                double sum = surfaces
                    .Where(surface => kinds.Contains(surface.Kind) && surface.Id != "sunroof")
                    .Sum(surface => surface.Area.SquareMetres);
                Assert.True(
                    Math.Abs(sum - total) <= 0.15 * total,
                    $"{kinds[0]}: {sum:0.00} m2 where {total:0.00} are stated: {layout}"
                );
            }
        }
    }

    [Property]
    public Property A_cut_surface_keeps_its_outline_and_its_area() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(2, SurfaceEdits.MostParts).ToArbitrary(),
            Gen.Choose(0, 1000).ToArbitrary(),
            (layout, parts, pick) =>
            {
                Vehicle vehicle = AnyCar.Of(layout);
                Shape[] shapes =
                [
                    .. vehicle.ToCabin().Plan.Shapes.Where(shape => shape.Layer != PlanLayer.Overhead),
                ];
                Shape whole = shapes[pick % shapes.Length];
                string[] names = [.. Enumerable.Range(1, parts).Select(part => $"Part {part}")];

                Vehicle cut = SurfaceEdits.Split(vehicle, whole.SurfaceId, names).Vehicle!;

                Surface[] pieces = [.. cut.InCare().Where(surface => surface.PartOf == whole.SurfaceId)];
                Geometry drawn = cut.ToCabin()
                    .Plan.Shapes.Where(shape => pieces.Any(piece => piece.Id == shape.SurfaceId))
                    .Select(shape => Polygon(shape.Outline))
                    .Aggregate((one, other) => one.Union(other));
                Geometry before = Polygon(whole.Outline);
                double area = vehicle
                    .Surfaces.Single(surface => surface.Id == whole.SurfaceId)
                    .Area.SquareMetres;
                return pieces.Length == parts
                    && drawn.Difference(before.Buffer(0.1)).Area < Line
                    && drawn.Area > 0.6 * before.Area
                    && Math.Abs(pieces.Sum(piece => piece.Area.SquareMetres) - area) < 1e-9;
            }
        );

    [Fact]
    public void The_area_of_a_ring_is_that_of_the_polygon()
    {
        foreach (Shape shape in CabinBuilder.Build(CareBook.ReferenceLayout).Plan.Shapes)
        {
            Assert.All(
                OutlineRings.Of(shape.Outline),
                ring => Assert.Equal(Ring(ring).Area, OutlineRings.AreaOf(ring), 6)
            );
        }
    }

    /// <summary>The rings of an outline by the even-odd rule: what lies inside an odd number of them.</summary>
    private static Geometry Polygon(string outline) =>
        OutlineRings
            .Of(outline)
            .Select(ring => (Geometry)Ring(ring))
            .Aggregate((one, other) => one.SymmetricDifference(other));

    private static Polygon Ring(IReadOnlyList<PlanPoint> ring)
    {
        Coordinate[] corners = [.. ring.Select(point => new Coordinate(point.X, point.Y))];
        return Factory.CreatePolygon([.. corners, corners[0]]);
    }
}
