namespace Cove.Core.Tests.Vehicles;

public sealed class CabinBuilderTests
{
    [Property]
    public Property Every_layout_gives_a_sound_cabin() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout =>
            {
                Cabin cabin = CabinBuilder.Build(layout);
                PlanBox hull = cabin.Plan.Bounds;
                var ids = cabin.Surfaces.Select(surface => surface.Id).ToHashSet();
                var zones = cabin.Zones.Select(zone => zone.Id).ToHashSet();

                bool idsAreUnique = ids.Count == cabin.Surfaces.Count;
                bool zonesExist = cabin.Surfaces.All(surface => zones.Contains(surface.ZoneId));
                bool shapesAreOfSurfaces =
                    cabin.Plan.Shapes.All(shape => ids.Contains(shape.SurfaceId))
                    && cabin.Plan.Shapes.Select(shape => shape.SurfaceId).Distinct().Count()
                        == cabin.Plan.Shapes.Count;
                bool shapesAreInside = cabin.Plan.Shapes.All(shape =>
                    Within(shape.Bounds, hull) && Contains(shape.Bounds, shape.Anchor)
                );
                bool tendable = CareBook
                    .For(AnyCar.Of(layout))
                    .SelectMany(item => item.Surfaces)
                    .Select(surface => surface.Id)
                    .ToHashSet()
                    .SetEquals(ids);
                return (
                    idsAreUnique && zonesExist && shapesAreOfSurfaces && shapesAreInside && tendable
                ).Label(layout.ToString());
            }
        );

    [Fact]
    public void The_same_layout_gives_the_same_drawing()
    {
        CabinLayout layout = CareBook.ReferenceLayout;

        Assert.Equal(
            CabinBuilder.Build(layout).Plan.Shapes.Select(shape => shape.Outline),
            CabinBuilder.Build(layout).Plan.Shapes.Select(shape => shape.Outline)
        );
    }

    [Fact]
    public void A_car_driven_from_the_left_is_the_mirror_image()
    {
        CabinLayout right = CareBook.ReferenceLayout;
        var driven = CabinBuilder.Build(right).Plan.Shapes.Single(shape => shape.SurfaceId == "wheel").Anchor;
        var mirrored = CabinBuilder
            .Build(right with { DriverSide = DriverSide.Left })
            .Plan.Shapes.Single(shape => shape.SurfaceId == "wheel")
            .Anchor;

        Assert.Equal(driven.X, mirrored.X);
        Assert.Equal(560 - driven.Y, mirrored.Y);
    }

    [Fact]
    public void A_layout_that_cannot_be_says_what_to_choose_instead()
    {
        CabinLayout wrong = CareBook.ReferenceLayout with
        {
            Doors = 3,
            SecondRowSeats = 5,
            SeatMaterial = Material.Rubber,
            ChildSeats = 7,
        };

        var problems = wrong.Problems();

        Assert.Equal(
            [
                nameof(wrong.Doors),
                nameof(wrong.SecondRowSeats),
                nameof(wrong.SeatMaterial),
                nameof(wrong.ChildSeats),
            ],
            problems.Select(problem => problem.Property)
        );
        Assert.Throws<ArgumentException>(() => CabinBuilder.Build(wrong));
    }

    [Property]
    public Property The_shorter_way_round_is_never_more_than_half_and_the_same_both_ways() =>
        Prop.ForAll(
            Gen.Choose(0, 3000).Two().ToArbitrary(),
            pair =>
            {
                var loop = new WalkLoop(new PlanBox(-20, -40, 880, 640));
                double there = loop.Distance(pair.Item1, pair.Item2);
                IReadOnlyList<PlanPoint> path = loop.Path(pair.Item1, pair.Item2);
                double walked = path.Zip(path.Skip(1), (a, b) => Math.Abs(a.X - b.X) + Math.Abs(a.Y - b.Y))
                    .Sum();
                return there <= (loop.Length / 2) + 1e-9
                    && Math.Abs(there - loop.Distance(pair.Item2, pair.Item1)) < 1e-9
                    && Math.Abs(walked - there) < 1e-6;
            }
        );

    private static bool Within(PlanBox inner, PlanBox outer) =>
        inner.X >= outer.X - 1
        && inner.Y >= outer.Y - 1
        && inner.X + inner.Width <= outer.X + outer.Width + 1
        && inner.Y + inner.Height <= outer.Y + outer.Height + 1;

    private static bool Contains(PlanBox box, PlanPoint point) =>
        point.X >= box.X && point.X <= box.X + box.Width && point.Y >= box.Y && point.Y <= box.Y + box.Height;
}
