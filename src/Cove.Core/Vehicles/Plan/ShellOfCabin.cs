using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Vehicles.Plan.SurfaceParts;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Draws what surrounds the seats: doors, panes, load floor, roof lining, and what cannot be seen from above.</summary>
internal static class ShellOfCabin
{
    private const double LoadGlassShare = 0.6;

    public static void Draw(CabinSheet sheet)
    {
        FrontDoor(sheet, "driver", "Driver's", near: true, ZoneIds.Driver, 1);
        FrontDoor(sheet, "passenger", "Passenger's", near: false, ZoneIds.Passenger, 0.8);
        if (sheet.Layout.Rows > 1)
        {
            RearSide(sheet, "driver-side", "driver's side", near: true, sheet.NearZone(1));
            RearSide(sheet, "passenger-side", "passenger's side", near: false, sheet.FarZone(1));
        }

        if (sheet.Body.Tail == Tail.GlazedLoadSpace)
        {
            LoadGlass(sheet, "driver-side", "driver's side", near: true, sheet.NearZone(1));
            LoadGlass(sheet, "passenger-side", "passenger's side", near: false, sheet.FarZone(1));
        }

        RearGlass(sheet);
        Boot(sheet);
        Roof(sheet);
        Unseen(sheet);
    }

    private static void FrontDoor(
        CabinSheet sheet,
        SurfaceId id,
        string whose,
        bool near,
        ZoneId zone,
        double use
    )
    {
        sheet.Add(
            Make(
                $"{id}-door",
                $"{whose} door card",
                whose + " door",
                SurfaceKind.DoorCard,
                Material.Plastic,
                0.8,
                zone,
                use
            ),
            Strip(sheet, 206, 438, 70, 92, near)
        );
        sheet.Add(
            Make(
                $"{id}-glass",
                $"{whose} door glass",
                whose + " glass",
                SurfaceKind.Glass,
                Material.Glass,
                0.42,
                zone,
                use
            ),
            Strip(sheet, 178, 438, 34, 60, near, slantFrom: 34)
        );
    }

    /// <summary>A rear door, or the fixed panel and pane in its place on a car with two doors.</summary>
    private static void RearSide(CabinSheet sheet, SurfaceId id, string side, bool near, ZoneId zone)
    {
        double end = CabinSheet.RowStart(1) + 180;
        bool door = sheet.RearDoors;
        string card = door ? "Rear door card" : "Rear side panel";
        string pane = door ? "Rear door glass" : "Rear side glass";
        sheet.Add(
            Make(
                $"rear-door-{id}",
                $"{card}, {side}",
                door ? "Rear door" : "Side panel",
                SurfaceKind.DoorCard,
                Material.Plastic,
                0.6,
                zone,
                0.55
            ),
            Strip(sheet, 448, end, 70, 92, near)
        );
        sheet.Add(
            RearPane(sheet, $"rear-glass-{id}", $"{pane}, {side}", pane, door ? 0.35 : 0.3, zone, 0.7),
            Strip(sheet, 448, end, 34, 60, near)
        );
    }

    private static void LoadGlass(CabinSheet sheet, SurfaceId id, string side, bool near, ZoneId zone) =>
        sheet.Add(
            RearPane(
                sheet,
                $"load-glass-{id}",
                $"Load-space glass, {side}",
                "Load glass",
                0.3,
                zone,
                LoadGlassShare
            ),
            Strip(sheet, CabinSheet.RowStart(1) + 190, sheet.BootEnd, 34, 60, near, slantTo: 32)
        );

    private static void RearGlass(CabinSheet sheet)
    {
        double at = sheet.GlassBehindSeats ? sheet.SeatsEnd + 12 : sheet.BootEnd + 14;
        Surface pane = RearPane(sheet, "rear-glass", "Rear glass", "Rear glass", 0.6, sheet.TailZone, 0.9);
        sheet.Add(
            pane with
            {
                Facts = pane.Facts | SurfaceFacts.HeaterLines,
            },
            sheet
                .Pen()
                .Move(at, 84)
                .Curve(at + 30, 190, at + 30, 370, at, 476)
                .Line(at + 24, 484)
                .Curve(at + 58, 370, at + 58, 190, at + 24, 76)
                .Close(),
            anchor: new PlanPoint(at + 36, 280),
            narrowest: 24
        );
    }

    private static void Boot(CabinSheet sheet)
    {
        double start = sheet.BootStart;
        double length = sheet.BootEnd - start;
        if (sheet.Body.Tail == Tail.OpenBed)
        {
            OutlinePen bed = sheet.Pen().Box(start, 62, length, 436, 10);
            for (double y = 106; y < 480; y += 58)
            {
                bed.Move(start + 12, y).Line(start + length - 12, y);
            }

            sheet.Mark(null, bed);
            return;
        }

        bool liner = sheet.Layout.Boot == Material.Rubber;
        sheet.Add(
            Make(
                "boot",
                liner ? "Boot liner" : "Boot floor",
                "Boot",
                SurfaceKind.Boot,
                sheet.Layout.Boot,
                sheet.Body.BootArea.SquareMetres * (sheet.ShortBoot ? 0.5 : 1),
                ZoneIds.Boot
            ),
            sheet.Pen().Box(start, 102, length, 356, 12),
            PlanLayer.Floor
        );
    }

    private static void Roof(CabinSheet sheet)
    {
        double end = sheet.GlassBehindSeats ? sheet.SeatsEnd + 8 : sheet.TailEnd - 40;
        OutlinePen lining = sheet.Pen().Box(200, 26, end - 200, 508, 46);
        if (sheet.Layout.Sunroof)
        {
            lining.Box(296, 176, 128, 208, 14);
            sheet.Add(
                Make(
                    "sunroof",
                    "Sunroof, inside",
                    "Sunroof",
                    SurfaceKind.Glass,
                    Material.Glass,
                    0.4,
                    ZoneIds.Driver,
                    0.4
                ),
                sheet.Pen().Box(300, 180, 120, 200, 12),
                PlanLayer.Overhead,
                sheet.Pen().Place(410, 180)
            );
        }

        sheet.Add(
            Make(
                "headliner",
                "Headliner",
                "Headliner",
                SurfaceKind.Headliner,
                sheet.Layout.HeadlinerMaterial,
                0.6 + (0.8 * sheet.Layout.Rows),
                ZoneIds.Driver
            ),
            lining,
            PlanLayer.Overhead,
            sheet.Pen().Place(end - 60, 26)
        );
    }

    private static void Unseen(CabinSheet sheet)
    {
        double doors = sheet.RearDoors ? 1.0 : 0.6;
        sheet.AddUnseen(
            Make(
                "door-shuts",
                "Door shuts and sills",
                "Door shuts",
                SurfaceKind.DoorShuts,
                Material.Metal,
                doors,
                ZoneIds.Driver
            )
        );
        sheet.AddUnseen(
            Make(
                "door-seals",
                "Door seals",
                "Seals",
                SurfaceKind.DoorSeals,
                Material.Rubber,
                doors * 0.6,
                ZoneIds.Driver
            )
        );
        sheet.AddUnseen(
            Make("cabin-air", "Cabin air", "Scent", SurfaceKind.Air, Material.None, 0, ZoneIds.Passenger)
        );
    }

    private static Surface RearPane(
        CabinSheet sheet,
        SurfaceId id,
        string name,
        string shortName,
        double area,
        ZoneId zone,
        double use
    ) =>
        Make(id, name, shortName, SurfaceKind.Glass, Material.Glass, area, zone, use) with
        {
            Facts = sheet.Layout.TintedRear ? SurfaceFacts.TintFilm : SurfaceFacts.None,
        };

    /// <summary>A long strip beside the seats, on the driver's side or turned over to the other; its outer edge may slant in at either end.</summary>
    private static OutlinePen Strip(
        CabinSheet sheet,
        double from,
        double to,
        double outer,
        double inner,
        bool near,
        double slantFrom = 0,
        double slantTo = 0
    )
    {
        double o = near ? outer : OutlinePen.Across - outer;
        double i = near ? inner : OutlinePen.Across - inner;
        double round = near ? 8 : -8;
        double start = from + slantFrom;
        double end = to - slantTo;
        return sheet
            .Pen()
            .Move(from, i)
            .Bend(from + (slantFrom * 0.35), o, start + (slantFrom > 0 ? 0 : 8), o)
            .Line(end - 8, o)
            .Bend(end + (slantTo * 0.5), o, to, slantTo > 0 ? i : o + round)
            .Line(to, i)
            .Close();
    }
}
