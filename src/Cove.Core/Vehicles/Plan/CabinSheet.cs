namespace Cove.Core.Vehicles;

/// <summary>The cabin while it is being drawn: where things stand along the car, and what has been put down so far.</summary>
internal sealed class CabinSheet(CabinLayout layout)
{
    /// <summary>Where the second row begins, in plan units from the nose.</summary>
    private const double SecondRow = 448;

    /// <summary>From the footwell of one rear row to the footwell of the next.</summary>
    private const double RowPitch = 190;

    private readonly List<Surface> surfaces = [];
    private readonly List<Shape> shapes = [];
    private readonly List<PlanMark> marks = [];

    public CabinLayout Layout { get; } = layout;

    public BodyShape Body { get; } = BodyShape.Of(layout.Body);

    public bool Mirrored => Layout.DriverSide == DriverSide.Left;

    /// <summary>Where the last seats end.</summary>
    public double SeatsEnd => Layout.Rows == 1 ? 438 : RowStart(Layout.Rows - 1) + 182;

    /// <summary>Where the load floor begins; a closed boot leaves room for the rear glass first.</summary>
    public double BootStart => SeatsEnd + (Body.ClosedBoot ? 78 : 12);

    public double BootEnd => BootStart + (Body.BootLength * (Layout.Rows > Body.AllowedRows[0] ? 0.5 : 1));

    public double TailEnd => BootEnd + (Body.ClosedBoot ? 22 : 82);

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
        surfaces.Add(surface);
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

    /// <summary>Puts down a surface that does not show from above.</summary>
    public void AddUnseen(Surface surface) => surfaces.Add(surface);

    public void Mark(string surfaceId, OutlinePen pen, PlanMarkKind kind = PlanMarkKind.Line) =>
        marks.Add(new PlanMark(pen.ToString(), kind, surfaceId));

    public Cabin Finish()
    {
        double tail = TailEnd;
        var mirrors = Pen();
        mirrors.Move(190, 16).Line(183, 1).Line(184, -5).Line(209, -5).Line(206, 15).Close();
        mirrors.Move(190, 544).Line(183, 559).Line(184, 565).Line(209, 565).Line(206, 545).Close();
        marks.Add(new PlanMark(mirrors.ToString(), PlanMarkKind.Patch, null));

        var loop = new WalkLoop(new PlanBox(-22, -44, tail + 44, OutlinePen.Across + 88));
        return new Cabin(
            surfaces,
            Zones(loop),
            new CabinPlan(
                BodyOutline(tail).ToString(),
                new PlanBox(26, -5, tail - 26, OutlinePen.Across + 10),
                [.. shapes.OrderBy(shape => shape.Layer)],
                marks,
                loop
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
        OutlinePen pen = Pen();
        var zones = new List<Zone>
        {
            new(ZoneIds.Driver, "Driver's door", pen.Place(330, upper)),
            new(ZoneIds.Boot, "Boot", new PlanPoint(loop.Box.X + loop.Box.Width, 280)),
            new(ZoneIds.Passenger, "Passenger's door", pen.Place(330, lower)),
        };
        if (Layout.Rows > 1)
        {
            double behind = RowStart(1) + 70;
            zones.Insert(
                1,
                new(ZoneIds.RearDriverSide, "Rear door, driver's side", pen.Place(behind, upper))
            );
            zones.Insert(
                3,
                new(ZoneIds.RearPassengerSide, "Rear door, passenger's side", pen.Place(behind, lower))
            );
        }

        return zones;
    }
}

/// <summary>The ids of the zones that the generator makes.</summary>
internal static class ZoneIds
{
    public const string Driver = "driver";
    public const string RearDriverSide = "rear-driver-side";
    public const string Boot = "boot";
    public const string RearPassengerSide = "rear-passenger-side";
    public const string Passenger = "passenger";
}
