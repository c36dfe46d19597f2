namespace Cove.Core.Tests.Vehicles;

public sealed class BodyTests
{
    public static TheoryData<BodyType, int> EveryBody() =>
        [.. BodyShape.All.SelectMany(body => body.AllowedRows.Select(rows => (body.Body, rows)))];

    [Theory]
    [MemberData(nameof(EveryBody))]
    public void Every_body_has_what_every_car_has(BodyType body, int rows)
    {
        CabinLayout layout = Plain(body, rows);
        Cabin cabin = CabinBuilder.Build(layout);
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
        ];

        Assert.All(needed, kind => Assert.Contains(cabin.Surfaces, surface => surface.Kind == kind));
        Assert.Equal(
            layout.FrontSeats + layout.SecondRowSeats + layout.ThirdRowSeats,
            cabin.Surfaces.Count(surface => surface.Kind == SurfaceKind.Seat)
        );
        Assert.Equal(body != BodyType.Pickup, cabin.Zones.Any(zone => zone.Id == "boot"));
        Assert.Equal(rows > 1 && layout.Doors > 2, cabin.Zones.Any(zone => zone.Id == "rear-driver-side"));
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
        SurfaceId[] tinted =
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
                .For(AnyCar.Of(CareBook.ReferenceLayout with { ChildSeats = count }))
                .Any(item => item.Task.Id == "child-seat")
        );
    }

    private static CabinLayout Plain(BodyType body, int rows)
    {
        int behind = BodyShape.Of(body).MostSeatsBehind;
        return CabinLayout.Usual(body) with
        {
            SecondRowSeats = rows > 1 ? behind : 0,
            ThirdRowSeats = rows > 2 ? behind : 0,
        };
    }
}
