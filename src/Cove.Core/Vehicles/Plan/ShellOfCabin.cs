using static Cove.Core.Vehicles.SurfaceParts;

namespace Cove.Core.Vehicles;

/// <summary>Draws what surrounds the seats: doors, panes, load floor, roof lining, and what cannot be seen from above.</summary>
internal static class ShellOfCabin
{
    private const double LoadGlassShare = 0.6;

    public static void Draw(CabinSheet sheet)
    {
        bool rearDoors = sheet.Layout.Rows > 1;
        FrontDoor(sheet, "driver", "Driver's", near: true, ZoneIds.Driver, 1);
        FrontDoor(sheet, "passenger", "Passenger's", near: false, ZoneIds.Passenger, 0.8);
        if (rearDoors)
        {
            RearDoor(sheet, "driver-side", "driver's side", near: true, ZoneIds.RearDriverSide);
            RearDoor(sheet, "passenger-side", "passenger's side", near: false, ZoneIds.RearPassengerSide);
        }

        if (sheet.Body.GlassBehindLastDoor)
        {
            LoadGlass(sheet, "driver-side", "driver's side", near: true, ZoneIds.RearDriverSide);
            LoadGlass(sheet, "passenger-side", "passenger's side", near: false, ZoneIds.RearPassengerSide);
        }

        Boot(sheet);
        Roof(sheet);
        Unseen(sheet, rearDoors);
    }

    private static void FrontDoor(
        CabinSheet sheet,
        string id,
        string whose,
        bool near,
        string zone,
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
            Strip(sheet, 206, 438, 70, 92, near, slantFrom: -2)
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

    private static void RearDoor(CabinSheet sheet, string id, string side, bool near, string zone)
    {
        double end = CabinSheet.RowStart(1) + 180;
        sheet.Add(
            Make(
                $"rear-door-{id}",
                $"Rear door card, {side}",
                "Rear door",
                SurfaceKind.DoorCard,
                Material.Plastic,
                0.6,
                zone,
                0.55
            ),
            Strip(sheet, 448, end, 70, 92, near)
        );
        sheet.Add(
            RearPane(
                sheet,
                $"rear-glass-{id}",
                $"Rear door glass, {side}",
                "Rear door glass",
                0.35,
                zone,
                0.7
            ),
            Strip(sheet, 448, end, 34, 60, near)
        );
    }

    private static void LoadGlass(CabinSheet sheet, string id, string side, bool near, string zone)
    {
        double start = CabinSheet.RowStart(1) + 190;
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
            Strip(sheet, start, sheet.BootEnd, 34, 60, near, slantTo: 32)
        );
    }

    private static void Boot(CabinSheet sheet)
    {
        double start = sheet.BootStart;
        double length = sheet.BootEnd - start;
        bool shortened = sheet.Layout.Rows > sheet.Body.AllowedRows[0];
        double area = sheet.Body.BootArea.SquareMetres * (shortened ? 0.5 : 1);
        sheet.Add(
            Make("boot", "Boot floor and liner", "Boot", SurfaceKind.Boot, Material.Pile, area, ZoneIds.Boot),
            sheet.Pen().Box(start, 102, length, 356, 12),
            PlanLayer.Floor
        );

        double glass = sheet.Body.ClosedBoot ? sheet.SeatsEnd + 12 : sheet.BootEnd + 14;
        sheet.Add(
            RearPane(sheet, "rear-glass", "Rear glass", "Rear glass", 0.6, ZoneIds.Boot, 0.9) with
            {
                Facts =
                    SurfaceFacts.HeaterLines
                    | (sheet.Layout.TintedRear ? SurfaceFacts.TintFilm : SurfaceFacts.None),
            },
            sheet
                .Pen()
                .Move(glass, 84)
                .Curve(glass + 30, 190, glass + 30, 370, glass, 476)
                .Line(glass + 24, 484)
                .Curve(glass + 58, 370, glass + 58, 190, glass + 24, 76)
                .Close(),
            anchor: new PlanPoint(glass + 36, 280),
            narrowest: 24
        );
    }

    private static void Roof(CabinSheet sheet)
    {
        double end = sheet.Body.ClosedBoot ? sheet.SeatsEnd + 8 : sheet.TailEnd - 40;
        double perRow = 0.8;
        sheet.Add(
            Make(
                "headliner",
                "Headliner",
                "Headliner",
                SurfaceKind.Headliner,
                Material.LiningCloth,
                0.6 + (perRow * sheet.Layout.Rows),
                ZoneIds.Driver
            ),
            sheet.Pen().Box(200, 26, end - 200, 508, 46),
            PlanLayer.Overhead,
            sheet.Pen().Place(end - 60, 26)
        );
    }

    private static void Unseen(CabinSheet sheet, bool rearDoors)
    {
        double doors = rearDoors ? 1.0 : 0.6;
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
        string id,
        string name,
        string shortName,
        double area,
        string zone,
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
        double start = from + Math.Max(0, slantFrom);
        double end = to - slantTo;
        return sheet
            .Pen()
            .Move(from, i)
            .Bend(from + (Math.Max(0, slantFrom) * 0.35), o, start + (slantFrom > 0 ? 0 : 8), o)
            .Line(end - 8, o)
            .Bend(end + (slantTo * 0.5), o, to, slantTo > 0 ? i : o + round)
            .Line(to, i)
            .Close();
    }
}
