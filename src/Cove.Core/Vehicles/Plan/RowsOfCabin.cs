using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Vehicles.Plan.SurfaceParts;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Draws the rows behind the front seats: carpet, mats, places with what lies on them, and belts behind the backrests.</summary>
internal static class RowsOfCabin
{
    /// <summary>All places of a row together.</summary>
    private const double RowOfSeats = 2.25;

    private const double RowOfTwo = 1.4;

    private static readonly Place DriverSide = new("driver-side", "driver's side", 100, 119);
    private static readonly Place Centre = new("centre", "centre", 223, 114);
    private static readonly Place PassengerSide = new("passenger-side", "passenger's side", 341, 119);

    /// <summary>The outer places take a child seat first, the kerb side before the road side.</summary>
    private static readonly string[] ChildPlaces = [PassengerSide.Id, DriverSide.Id, Centre.Id];

    public static void Draw(CabinSheet sheet)
    {
        for (int row = 1; row < sheet.Layout.Rows; row++)
        {
            DrawRow(sheet, row);
        }
    }

    private static void DrawRow(CabinSheet sheet, int row)
    {
        var (id, name, use) = row == 1 ? ("rear", "Rear", 0.55) : ("third", "Third row", 0.35);
        double start = CabinSheet.RowStart(row);
        Floor(sheet, row, id, name, use, start);
        sheet.AddUnseen(
            Make(
                $"{id}-touch-points",
                row == 1 ? "Touch points, rear" : "Touch points, third row",
                row == 1 ? "Rear handles" : "Third-row handles",
                SurfaceKind.TouchPoints,
                Material.Plastic,
                0.05,
                sheet.NearZone(row),
                use
            )
        );

        Place[] places =
            SeatsOf(sheet, row) > 2
                ? [DriverSide, Centre, PassengerSide]
                : [DriverSide with { Height = 140 }, PassengerSide with { Y = 320, Height = 140 }];
        double area = (sheet.Body.MostSeatsBehind > 2 ? RowOfSeats : RowOfTwo) / places.Length;
        OutlinePen belts = sheet.Pen();
        foreach (Place place in places)
        {
            double share = place == Centre ? use * 0.7 : use;
            Seat(
                sheet,
                row,
                $"{id}-seat-{place.Id}",
                $"{name} seat, {place.Name}",
                place,
                area,
                share,
                start
            );
            belts.Box(start + 175, place.Y + 20, 8.5, place.Height - 40, 3);
        }

        sheet.Add(
            Make(
                $"{id}-belts",
                $"{name} belts",
                "Belts",
                SurfaceKind.Belts,
                Material.Webbing,
                0.3,
                sheet.NearZone(row),
                use
            ),
            belts,
            anchor: sheet.Pen().Place(start + 179, places[0].Y + 34),
            narrowest: 8.5
        );
        if (row == 1)
        {
            ChildSeats(sheet, places, start);
            PetCover(sheet, places, start);
        }
    }

    private static int SeatsOf(CabinSheet sheet, int row) =>
        row == 1 ? sheet.Layout.SecondRowSeats : sheet.Layout.ThirdRowSeats;

    private static void Floor(CabinSheet sheet, int row, SurfaceId id, string name, double use, double start)
    {
        Material mats = sheet.Layout.RearMats;
        double width = mats == Material.None ? 66 : 16;
        string carpet = row == 1 ? "Carpet, rear" : "Carpet, third row";
        sheet.Add(
            Make(
                $"{id}-carpet",
                carpet,
                "Carpet",
                SurfaceKind.Carpet,
                sheet.Layout.Floor,
                0.8,
                sheet.NearZone(row),
                use
            ),
            sheet.Pen().Box(start, 104, width, 138, 5).Box(start, 318, width, 138, 5),
            PlanLayer.Floor,
            sheet.Pen().Place(start + (width / 2), 387),
            width
        );
        if (mats == Material.None)
        {
            return;
        }

        Mat(DriverSide, 104, sheet.NearZone(row));
        Mat(PassengerSide, 318, sheet.FarZone(row));

        void Mat(Place place, double y, ZoneId zone) =>
            sheet.Add(
                Make(
                    $"{id}-mat-{place.Id}",
                    $"{name} mat, {place.Name}",
                    "Mat",
                    SurfaceKind.Mat,
                    mats,
                    0.2,
                    zone,
                    use
                ),
                sheet.Pen().Box(start + 20, y, 46, 138, 8),
                PlanLayer.Floor
            );
    }

    private static void Seat(
        CabinSheet sheet,
        int row,
        SurfaceId id,
        string name,
        Place place,
        double area,
        double use,
        double start
    )
    {
        // What lies on a seat hides its cushion from above; the backrest still shows.
        bool covered = row == 1 && (sheet.Layout.PetCover || HasChildSeat(sheet, place));
        double from = start + (covered ? 148 : 74);
        ZoneId zone = place.Id == PassengerSide.Id ? sheet.FarZone(row) : sheet.NearZone(row);
        sheet.Add(
            Make(
                id,
                name,
                ShortPlace(sheet, place),
                SurfaceKind.Seat,
                sheet.Layout.SeatMaterial,
                area,
                zone,
                use
            ),
            sheet.Pen().Box(from, place.Y, start + 172 - from, place.Height, covered ? 6 : 10),
            anchor: sheet.Pen().Place(covered ? start + 160 : start + 112, place.Y + (place.Height / 2))
        );
        if (!covered)
        {
            sheet.Mark(
                id,
                sheet.Pen().Move(start + 148, place.Y + 4).Line(start + 148, place.Y + place.Height - 4)
            );
        }
    }

    private static bool HasChildSeat(CabinSheet sheet, Place place) =>
        PlacesOfChildren(sheet).Contains(place.Id, StringComparer.Ordinal);

    private static IEnumerable<string> PlacesOfChildren(CabinSheet sheet) =>
        ChildPlaces
            .Where(id => sheet.Layout.SecondRowSeats > 2 || id != Centre.Id)
            .Take(sheet.Layout.ChildSeats);

    private static void ChildSeats(CabinSheet sheet, Place[] places, double start)
    {
        int number = 1;
        foreach (string id in PlacesOfChildren(sheet))
        {
            Place place = places.First(place => place.Id == id);
            sheet.Add(
                Make(
                    $"child-seat-{number}",
                    sheet.Layout.ChildSeats == 1 ? "Child seat" : $"Child seat {number}",
                    "Child",
                    SurfaceKind.ChildSeat,
                    Material.WovenFabric,
                    0.5,
                    id == PassengerSide.Id ? sheet.FarZone(1) : sheet.NearZone(1)
                ),
                sheet.Pen().Box(start + 76, place.Y + 16, 66, place.Height - 32, 16)
            );
            number++;
        }
    }

    private static void PetCover(CabinSheet sheet, Place[] places, double start)
    {
        if (!sheet.Layout.PetCover)
        {
            return;
        }

        Place[] free = [.. places.Where(place => !HasChildSeat(sheet, place))];
        OutlinePen cover = sheet.Pen();
        foreach (Place place in free)
        {
            cover.Box(start + 76, place.Y + 2, 66, place.Height - 4, 6);
        }

        sheet.Add(
            Make(
                "pet-cover",
                "Pet cover",
                "Pet cover",
                SurfaceKind.PetCover,
                Material.WovenFabric,
                0.5 * free.Length,
                sheet.NearZone(1)
            ),
            cover,
            anchor: sheet.Pen().Place(start + 109, free[0].Y + (free[0].Height / 2)),
            narrowest: 66
        );
    }

    /// <summary>Left and right as an owner says them, looking forward.</summary>
    private static string ShortPlace(CabinSheet sheet, Place place) =>
        place.Id == Centre.Id ? "Centre"
        : (place.Id == DriverSide.Id) == (sheet.Layout.DriverSide == Plan.DriverSide.Right) ? "Right"
        : "Left";

    private sealed record Place(string Id, string Name, double Y, double Height);
}
