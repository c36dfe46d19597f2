using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>The cabin while it is being drawn: where things stand along the car, and what has been put down so far.</summary>
internal sealed class CabinSheet(CabinLayout layout)
{
    /// <summary>Where the second row begins, in plan units from the nose.</summary>
    private const double SecondRow = 448;

    /// <summary>From the footwell of one rear row to the footwell of the next.</summary>
    private const double RowPitch = 190;

    /// <summary>Length of a row with its belts.</summary>
    private const double RowLength = 184;

    /// <summary>Length of the load bed of a pickup.</summary>
    private const double BedLength = 170;

    private readonly List<Surface> surfaces = [];
    private readonly List<Shape> shapes = [];
    private readonly List<PlanMark> marks = [];
    private readonly double areaFactor = Math.Pow(layout.Size.LengthFactor(), 2);

    public CabinLayout Layout { get; } = layout;

    public BodyShape Body { get; } = BodyShape.Of(layout.Body);

    public bool Mirrored => Layout.DriverSide == DriverSide.Left;

    /// <summary>Whether the rows behind have doors of their own.</summary>
    public bool RearDoors => Layout.Rows > 1 && Layout.Doors > 2;

    /// <summary>Whether the load floor is cut short by a row that most cars of the body have not.</summary>
    public bool ShortBoot => Layout.Rows > Body.FewestRows;

    /// <summary>Where the last seats end.</summary>
    public double SeatsEnd => Layout.Rows == 1 ? 438 : RowStart(Layout.Rows - 1) + RowLength;

    /// <summary>Whether the rear glass stands right behind the seats rather than in a tailgate.</summary>
    public bool GlassBehindSeats => Body.Tail is Tail.ClosedBoot or Tail.OpenBed;

    /// <summary>Where what lies behind the seats begins: load floor or bed.</summary>
    public double BootStart => SeatsEnd + (GlassBehindSeats ? 78 : 12);

    public double BootEnd =>
        BootStart + (Body.Tail == Tail.OpenBed ? BedLength : Body.BootLength * (ShortBoot ? 0.5 : 1));

    public double TailEnd => BootEnd + (GlassBehindSeats ? 22 : 82);

    /// <summary>The zones from which the two sides of a row are worked: its own doors, or the front ones where it has none.</summary>
    public ZoneId NearZone(int row) => row > 0 && RearDoors ? ZoneIds.RearDriverSide : ZoneIds.Driver;

    /// <inheritdoc cref="NearZone"/>
    public ZoneId FarZone(int row) => row > 0 && RearDoors ? ZoneIds.RearPassengerSide : ZoneIds.Passenger;

    /// <summary>Where the boot is reached from; a cab without one is worked from its rear doors.</summary>
    public ZoneId TailZone => Body.Tail == Tail.OpenBed ? NearZone(1) : ZoneIds.Boot;

    public OutlinePen Pen() => new(Mirrored);

    public static double RowStart(int row) => SecondRow + ((row - 1) * RowPitch);

    /// <summary>Puts a surface down with its shape; the sounding stands in the middle unless a place is given.</summary>
    public void Add(
        Surface surface,
        OutlinePen pen,
        PlanLayer layer = PlanLayer.Body,
        PlanPoint? anchor = null,
        double? narrowest = null
    )
    {
        AddUnseen(surface);
        shapes.Add(
            new Shape(
                surface.Id,
                pen.ToString(),
                pen.Bounds,
                anchor ?? pen.Centre,
                narrowest ?? Math.Min(pen.Bounds.Width, pen.Bounds.Height),
                layer
            )
        );
    }

    /// <summary>Puts down a surface that does not show from above. Its area is given for a mid-size car.</summary>
    public void AddUnseen(Surface surface) =>
        surfaces.Add(surface with { Area = Area.FromSquareMetres(surface.Area.SquareMetres * areaFactor) });

    public void Mark(SurfaceId? surfaceId, OutlinePen pen, PlanMarkKind kind = PlanMarkKind.Line) =>
        marks.Add(new PlanMark(pen.ToString(), kind, surfaceId));

    public Cabin Finish()
    {
        double tail = TailEnd;
        var mirrors = Pen();
        mirrors.Move(190, 16).Line(183, 1).Line(184, -5).Line(209, -5).Line(206, 15).Close();
        mirrors.Move(190, 544).Line(183, 559).Line(184, 565).Line(209, 565).Line(206, 545).Close();
        Mark(null, mirrors, PlanMarkKind.Patch);

        var loop = new WalkLoop(new PlanBox(-22, -44, tail + 44, OutlinePen.Across + 88));
        return new Cabin(
            surfaces,
            Zones(loop),
            new CabinPlan(
                BodyOutline(tail).ToString(),
                new PlanBox(26, -5, tail - 26, OutlinePen.Across + 10),
                [.. shapes.OrderBy(shape => shape.Layer)],
                marks,
                loop,
                PlanScale.For(Layout.Size)
            )
        );
    }

    private OutlinePen BodyOutline(double tail) =>
        Pen()
            .Move(60, 60)
            .Curve(86, 26, 150, 14, 214, 14)
            .Line(tail - 110, 14)
            .Curve(tail - 46, 14, tail - 24, 40, tail - 14, 80)
            .Curve(tail + 4, 190, tail + 4, 370, tail - 14, 480)
            .Curve(tail - 24, 520, tail - 46, 546, tail - 110, 546)
            .Line(214, 546)
            .Curve(150, 546, 86, 534, 60, 500)
            .Curve(14, 380, 14, 180, 60, 60)
            .Close();

    private List<Zone> Zones(WalkLoop loop)
    {
        double upper = loop.Box.Y;
        double lower = loop.Box.Y + loop.Box.Height;
        double behind = RowStart(1) + 70;
        OutlinePen pen = Pen();
        var zones = new List<Zone> { new(ZoneIds.Driver, "Driver's door", pen.Place(330, upper)) };
        if (RearDoors)
        {
            zones.Add(new(ZoneIds.RearDriverSide, "Rear door, driver's side", pen.Place(behind, upper)));
        }

        if (Body.Tail != Tail.OpenBed)
        {
            zones.Add(new(ZoneIds.Boot, "Boot", new PlanPoint(loop.Box.X + loop.Box.Width, 280)));
        }

        if (RearDoors)
        {
            zones.Add(
                new(ZoneIds.RearPassengerSide, "Rear door, passenger's side", pen.Place(behind, lower))
            );
        }

        zones.Add(new(ZoneIds.Passenger, "Passenger's door", pen.Place(330, lower)));
        return zones;
    }
}

/// <summary>The ids of the zones that the generator makes.</summary>
internal static class ZoneIds
{
    public static readonly ZoneId Driver = "driver";
    public static readonly ZoneId RearDriverSide = "rear-driver-side";
    public static readonly ZoneId Boot = "boot";
    public static readonly ZoneId RearPassengerSide = "rear-passenger-side";
    public static readonly ZoneId Passenger = "passenger";
}
