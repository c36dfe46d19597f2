namespace Cove.Core.Tests.Vehicles;

public sealed class BodyTests
{
    public static TheoryData<BodyType, int> EveryBody() =>
        [.. BodyShape.All.SelectMany(body => body.AllowedRows.Select(rows => (body.Body, rows)))];

    [Theory]
    [MemberData(nameof(EveryBody))]
    public void Every_body_has_what_every_car_has(BodyType body, int rows)
    {
        Cabin cabin = CabinBuilder.Build(Plain(body, rows));
        SurfaceKind[] needed =
        [
            SurfaceKind.Dash,
            SurfaceKind.Screen,
            SurfaceKind.ClusterLens,
            SurfaceKind.Vents,
            SurfaceKind.Wheel,
            SurfaceKind.Pedals,
            SurfaceKind.Seat,
            SurfaceKind.Belts,
            SurfaceKind.DoorCard,
            SurfaceKind.DoorSeals,
            SurfaceKind.Carpet,
            SurfaceKind.Headliner,
            SurfaceKind.Windscreen,
            SurfaceKind.Glass,
            SurfaceKind.Boot,
        ];

        Assert.All(needed, kind => Assert.Contains(cabin.Surfaces, surface => surface.Kind == kind));
        Assert.Equal(2 + (3 * (rows - 1)), cabin.Surfaces.Count(surface => surface.Kind == SurfaceKind.Seat));
        Assert.Equal(rows > 1 ? 5 : 3, cabin.Zones.Count);
    }

    [Theory]
    [MemberData(nameof(EveryBody))]
    public void Shapes_of_one_height_keep_clear_of_each_other(BodyType body, int rows)
    {
        PlanLayer[] layers = [PlanLayer.Floor, PlanLayer.Body];
        CabinPlan plan = CabinBuilder.Build(Plain(body, rows)).Plan;

        foreach (PlanLayer layer in layers)
        {
            // Carpets come in two parts, one at each side; curved panes and the dash bend round each other.
            Shape[] shapes =
            [
                .. plan.Shapes.Where(shape =>
                    shape.Layer == layer
                    && shape.SurfaceId is not ("windscreen" or "dash" or "rear-glass")
                    && !shape.SurfaceId.EndsWith("carpet", StringComparison.Ordinal)
                ),
            ];
            for (int a = 0; a < shapes.Length; a++)
            {
                for (int b = a + 1; b < shapes.Length; b++)
                {
                    Assert.False(
                        Overlap(shapes[a].Bounds, shapes[b].Bounds),
                        $"{shapes[a].SurfaceId} lies over {shapes[b].SurfaceId}."
                    );
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(EveryBody))]
    public void Everyone_stands_on_the_way_round(BodyType body, int rows)
    {
        Cabin cabin = CabinBuilder.Build(Plain(body, rows));
        WalkLoop loop = cabin.Plan.Loop;

        Assert.All(
            cabin.Zones,
            zone =>
            {
                PlanPoint back = loop.PointAt(loop.PositionOf(zone.Stand));
                Assert.Equal(zone.Stand.X, back.X, 6);
                Assert.Equal(zone.Stand.Y, back.Y, 6);
            }
        );
    }

    [Fact]
    public void Tint_film_is_behind_the_front_doors_only_and_heater_lines_on_the_rear_glass()
    {
        Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout with { TintedRear = true });
        string[] tinted =
        [
            .. cabin
                .Surfaces.Where(surface => surface.Facts.HasFlag(SurfaceFacts.TintFilm))
                .Select(surface => surface.Id),
        ];

        Assert.DoesNotContain("windscreen", tinted);
        Assert.DoesNotContain("driver-glass", tinted);
        Assert.Contains("rear-glass", tinted);
        Assert.Contains("rear-glass-driver-side", tinted);
        Assert.Equal(
            ["rear-glass"],
            cabin
                .Surfaces.Where(surface => surface.Facts.HasFlag(SurfaceFacts.HeaterLines))
                .Select(surface => surface.Id)
        );
    }

    [Fact]
    public void What_a_surface_is_made_of_is_said_in_words()
    {
        Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout with { TintedRear = true });

        Assert.Equal(
            ["Glass", "Tint film inside", "Heater lines"],
            SurfaceWords.About(cabin.Surfaces.Single(surface => surface.Id == "rear-glass"))
        );
        Assert.All(cabin.Surfaces, surface => Assert.NotNull(SurfaceWords.About(surface)));
        Assert.All(
            Enum.GetValues<Material>().Where(material => material != Material.None),
            material => Assert.NotEmpty(SurfaceWords.NameOf(material))
        );
    }

    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(3)]
    public void Child_seats_stand_on_the_second_row(int count)
    {
        Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout with { ChildSeats = count });
        Surface[] seats = [.. cabin.Surfaces.Where(surface => surface.Kind == SurfaceKind.ChildSeat)];

        Assert.Equal(count, seats.Length);
        Assert.Equal(
            count > 0,
            CareBook
                .For(Cars.Of(CareBook.ReferenceLayout with { ChildSeats = count }))
                .Any(item => item.Task.Id == "child-seat")
        );
    }

    private static CabinLayout Plain(BodyType body, int rows) =>
        new(
            body,
            rows,
            DriverSide.Left,
            Material.WovenFabric,
            Material.Rubber,
            Material.Pile,
            GlossTrim: false,
            TintedRear: false
        );

    private static bool Overlap(PlanBox a, PlanBox b) =>
        a.X < b.X + b.Width - 0.5
        && b.X < a.X + a.Width - 0.5
        && a.Y < b.Y + b.Height - 0.5
        && b.Y < a.Y + a.Height - 0.5;
}
