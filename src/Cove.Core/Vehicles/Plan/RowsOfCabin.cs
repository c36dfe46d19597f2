using static Cove.Core.Vehicles.SurfaceParts;

namespace Cove.Core.Vehicles;

/// <summary>Draws the rows behind the front seats: carpet, mats, bench places and belts.</summary>
internal static class RowsOfCabin
{
    private static readonly (string Id, string Name, double Y, double Height, string Zone)[] Places =
    [
        ("driver-side", "driver's side", 100, 119, ZoneIds.RearDriverSide),
        ("centre", "centre", 223, 114, ZoneIds.RearDriverSide),
        ("passenger-side", "passenger's side", 341, 119, ZoneIds.RearPassengerSide),
    ];

    public static void Draw(CabinSheet sheet)
    {
        for (int row = 1; row < sheet.Layout.Rows; row++)
        {
            DrawRow(sheet, row);
        }
    }

    private static void DrawRow(CabinSheet sheet, int row)
    {
        string name = row == 1 ? "Rear" : "Third row";
        string id = row == 1 ? "rear" : "third";
        double start = CabinSheet.RowStart(row);
        double use = row == 1 ? 0.55 : 0.35;
        Material mats = sheet.Layout.RearMats;
        double carpetWidth = mats == Material.None ? 64 : 16;

        sheet.Add(
            Make(
                $"{id}-carpet",
                $"Carpet, {Lower(name)}",
                "Carpet",
                SurfaceKind.Carpet,
                Material.Pile,
                0.8,
                ZoneIds.RearDriverSide,
                use
            ),
            sheet.Pen().Box(start, 104, carpetWidth, 138, 5).Box(start, 318, carpetWidth, 138, 5),
            PlanLayer.Floor,
            sheet.Pen().Place(start + (carpetWidth / 2), 387)
        );
        if (mats != Material.None)
        {
            sheet.Add(
                Make(
                    $"{id}-mat-driver-side",
                    $"{name} mat, driver's side",
                    "Mat",
                    SurfaceKind.Mat,
                    mats,
                    0.2,
                    ZoneIds.RearDriverSide,
                    use
                ),
                sheet.Pen().Box(start + 20, 104, 46, 138, 8),
                PlanLayer.Floor
            );
            sheet.Add(
                Make(
                    $"{id}-mat-passenger-side",
                    $"{name} mat, passenger's side",
                    "Mat",
                    SurfaceKind.Mat,
                    mats,
                    0.2,
                    ZoneIds.RearPassengerSide,
                    use
                ),
                sheet.Pen().Box(start + 20, 318, 46, 138, 8),
                PlanLayer.Floor
            );
        }

        foreach (var place in Places)
        {
            double share = place.Id == "centre" ? use * 0.7 : use;
            string seat = $"{id}-seat-{place.Id}";
            sheet.Add(
                Make(
                    seat,
                    $"{name} seat, {place.Name}",
                    ShortPlace(sheet, place.Id),
                    SurfaceKind.Seat,
                    sheet.Layout.SeatMaterial,
                    0.75,
                    place.Zone,
                    share
                ),
                sheet.Pen().Box(start + 74, place.Y, 108, place.Height, 10),
                anchor: sheet
                    .Pen()
                    .Place(
                        start + (row == 1 && HasChildSeat(sheet, place.Id) ? 168 : 114),
                        place.Y + (place.Height / 2)
                    )
            );
            sheet.Mark(
                seat,
                sheet.Pen().Move(start + 150, place.Y + 4).Line(start + 150, place.Y + place.Height - 4)
            );
        }

        OutlinePen belts = sheet.Pen();
        foreach (var place in Places)
        {
            belts.Box(start + 145, place.Y + 14, 9, 42, 4);
        }

        sheet.Add(
            Make(
                $"{id}-belts",
                $"{name} belts",
                "Belts",
                SurfaceKind.Belts,
                Material.Webbing,
                0.3,
                ZoneIds.RearDriverSide,
                use
            ),
            belts,
            PlanLayer.Raised,
            sheet.Pen().Place(start + 149, 118)
        );
        if (row == 1)
        {
            DrawChildSeats(sheet, start);
        }
    }

    /// <summary>The outer places take a child seat first, the kerb side before the road side.</summary>
    private static readonly string[] ChildPlaces = ["passenger-side", "driver-side", "centre"];

    private static bool HasChildSeat(CabinSheet sheet, string place) =>
        ChildPlaces.Take(sheet.Layout.ChildSeats).Contains(place, StringComparer.Ordinal);

    private static void DrawChildSeats(CabinSheet sheet, double start)
    {
        for (int i = 0; i < sheet.Layout.ChildSeats; i++)
        {
            var place = Places.First(place => place.Id == ChildPlaces[i]);
            sheet.Add(
                Make(
                    $"child-seat-{i + 1}",
                    sheet.Layout.ChildSeats == 1 ? "Child seat" : $"Child seat {i + 1}",
                    "Child",
                    SurfaceKind.ChildSeat,
                    Material.WovenFabric,
                    0.5,
                    place.Zone
                ),
                sheet.Pen().Box(start + 84, place.Y + 30, 56, place.Height - 44, 14),
                PlanLayer.Raised
            );
        }
    }

    private static string Lower(string name) => name == "Rear" ? "rear" : "third row";

    /// <summary>Left and right as an owner says them, looking forward.</summary>
    private static string ShortPlace(CabinSheet sheet, string place) =>
        place == "centre" ? "Centre"
        : (place == "driver-side") == (sheet.Layout.DriverSide == DriverSide.Right) ? "Right"
        : "Left";
}
