using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Vehicles.Plan.SurfaceParts;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Draws the first row: two seats, or three where the body has a bench, and their belts at the pillars.</summary>
internal static class FrontSeats
{
    private const double Start = 302;
    private const double Length = 136;

    /// <summary>A pair of single seats, and each place of a bench.</summary>
    private const double SingleSeat = 1.1;
    private const double BenchPlace = 0.75;

    private static readonly HashSet<SurfaceId> Ids = ["driver-seat", "front-seat-centre", "passenger-seat"];

    /// <summary>Whether a surface is a seat of the first row, or a part of one.</summary>
    public static bool Have(Surface surface) => Ids.Contains(surface.PartOf ?? surface.Id);

    public static void Draw(CabinSheet sheet)
    {
        bool bench = sheet.Layout.FrontSeats > 2;
        double area = bench ? BenchPlace : SingleSeat;
        Seat(sheet, "driver-seat", "Driver's seat", "Driver", 106, 130, area, ZoneIds.Driver, 1);
        if (bench)
        {
            Seat(
                sheet,
                "front-seat-centre",
                "Front seat, centre",
                "Centre",
                241,
                78,
                area,
                ZoneIds.Passenger,
                0.4
            );
        }

        Seat(
            sheet,
            "passenger-seat",
            "Passenger's seat",
            "Passenger",
            324,
            130,
            area,
            ZoneIds.Passenger,
            0.75
        );
        Belt(sheet, "driver-belt", "Driver's belt", 94.5, ZoneIds.Driver, 1);
        Belt(sheet, "passenger-belt", "Passenger's belt", 457, ZoneIds.Passenger, 0.75);
    }

    private static void Seat(
        CabinSheet sheet,
        SurfaceId id,
        string name,
        string shortName,
        double y,
        double height,
        double area,
        ZoneId zone,
        double exposure
    )
    {
        sheet.Add(
            Make(id, name, shortName, SurfaceKind.Seat, sheet.Layout.SeatMaterial, area, zone, exposure) with
            {
                Facts = SurfaceFacts.AirbagBehind,
            },
            sheet.Pen().Box(Start, y, Length, height, 18),
            anchor: sheet.Pen().Place(352, y + (height / 2))
        );
        double middle = y + (height / 2);
        sheet.Mark(id, sheet.Pen().Move(394, y + 4).Bend(386, middle, 394, y + height - 4));
        sheet.Mark(id, sheet.Pen().Box(422, middle - 24, 15, 48, 6), PlanMarkKind.Patch);
    }

    /// <summary>Reeled in at the pillar, between seat and door.</summary>
    private static void Belt(
        CabinSheet sheet,
        SurfaceId id,
        string name,
        double y,
        ZoneId zone,
        double exposure
    ) =>
        sheet.Add(
            Make(id, name, "Belt", SurfaceKind.Belts, Material.Webbing, 0.12, zone, exposure),
            sheet.Pen().Box(372, y, 62, 8.5, 3),
            anchor: sheet.Pen().Place(422, y + 4.25)
        );
}
