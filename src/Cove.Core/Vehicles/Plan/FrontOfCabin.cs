using static Cove.Core.Vehicles.SurfaceParts;

namespace Cove.Core.Vehicles;

/// <summary>Draws everything from the windscreen to the backs of the front seats.</summary>
internal static class FrontOfCabin
{
    public static void Draw(CabinSheet sheet)
    {
        Dash(sheet);
        Console(sheet);
        Footwells(sheet);
        Seats(sheet);
        Controls(sheet);
    }

    private static void Dash(CabinSheet sheet)
    {
        OutlinePen screen = sheet
            .Pen()
            .Move(92, 78)
            .Curve(38, 190, 38, 370, 92, 482)
            .Line(124, 464)
            .Curve(82, 360, 82, 200, 124, 96)
            .Close();
        sheet.Add(
            Make(
                "windscreen",
                "Windscreen, inside",
                "Windscreen",
                SurfaceKind.Windscreen,
                Material.Glass,
                1.0,
                ZoneIds.Passenger
            ),
            screen,
            anchor: new PlanPoint(68, 280),
            narrowest: 32
        );

        OutlinePen dash = sheet
            .Pen()
            .Move(128, 98)
            .Curve(86, 200, 86, 360, 128, 462)
            .Line(192, 462)
            .Curve(196, 420, 180, 380, 180, 330)
            .Line(180, 230)
            .Curve(180, 180, 196, 140, 192, 98)
            .Close();
        sheet.Add(
            Make("dash", "Dashboard", "Dash", SurfaceKind.Dash, Material.Plastic, 0.9, ZoneIds.Driver) with
            {
                Finish = Finish.Matte,
                Facts = SurfaceFacts.AirbagBehind,
            },
            dash,
            anchor: sheet.Pen().Place(134, 372)
        );

        OutlinePen vents = sheet
            .Pen()
            .Box(152, 106, 26, 14, 3)
            .Box(148, 212, 22, 18, 3)
            .Box(148, 330, 22, 18, 3)
            .Box(152, 440, 26, 14, 3);
        sheet.Add(
            Make("vents", "Air vents", "Vents", SurfaceKind.Vents, Material.Plastic, 0.05, ZoneIds.Driver),
            vents,
            PlanLayer.Raised,
            sheet.Pen().Place(165, 447),
            14
        );
        OutlinePen louvres = sheet.Pen();
        foreach (double y in new[] { 106.0, 440 })
        {
            louvres
                .Move(159, y + 1)
                .Line(159, y + 13)
                .Move(165, y + 1)
                .Line(165, y + 13)
                .Move(171, y + 1)
                .Line(171, y + 13);
        }

        sheet.Mark("vents", louvres);

        sheet.Add(
            Make(
                "cluster",
                "Instrument lens",
                "Lens",
                SurfaceKind.ClusterLens,
                Material.ClearPlastic,
                0.03,
                ZoneIds.Driver
            ),
            sheet.Pen().Box(142, 136, 34, 62, 6),
            PlanLayer.Raised
        );
        sheet.Add(
            Make(
                "screen",
                "Centre screen",
                "Screen",
                SurfaceKind.Screen,
                Material.ClearPlastic,
                0.04,
                ZoneIds.Driver
            ) with
            {
                Finish = Finish.CoatedDisplay,
            },
            sheet.Pen().Box(142, 246, 30, 70, 4),
            PlanLayer.Raised
        );
    }

    private static void Console(CabinSheet sheet)
    {
        sheet.Add(
            Make(
                "console-trim",
                sheet.Layout.GlossTrim ? "Console trim, gloss black" : "Console trim",
                "Trim",
                SurfaceKind.Trim,
                Material.Plastic,
                0.15,
                ZoneIds.Driver
            ) with
            {
                Finish = sheet.Layout.GlossTrim ? Finish.Gloss : Finish.Plain,
            },
            sheet.Pen().Box(190, 246, 62, 68, 5)
        );
        sheet.Add(
            Make(
                "shifter-slot",
                "Shifter slot",
                "Slot",
                SurfaceKind.ShifterSlot,
                Material.Plastic,
                0.02,
                ZoneIds.Driver
            ),
            sheet.Pen().Box(256, 258, 22, 44, 8)
        );
        sheet.Mark("shifter-slot", sheet.Pen().Box(262, 268, 10, 24, 5), PlanMarkKind.Patch);
        sheet.Add(
            Make(
                "cup-holders",
                "Cup holders and bins",
                "Cups",
                SurfaceKind.CupHolders,
                Material.Plastic,
                0.12,
                ZoneIds.Driver
            ),
            sheet.Pen().Box(282, 246, 66, 68, 6)
        );
        sheet.Mark("cup-holders", sheet.Pen().Ellipse(294, 296, 8, 8).Ellipse(336, 296, 8, 8));
        sheet.Add(
            Make("armrest", "Armrest", "Armrest", SurfaceKind.Armrest, Material.Plastic, 0.1, ZoneIds.Driver),
            sheet.Pen().Box(352, 246, 80, 68, 10)
        );
    }

    private static void Footwells(CabinSheet sheet)
    {
        Material mats = sheet.Layout.FrontMats;
        double width = mats == Material.None ? 88 : 20;
        OutlinePen carpet = sheet.Pen().Box(204, 104, width, 130, 6).Box(204, 326, width, 130, 6);
        sheet.Add(
            Make(
                "front-carpet",
                "Carpet, front",
                "Carpet",
                SurfaceKind.Carpet,
                Material.Pile,
                1.0,
                ZoneIds.Driver
            ),
            carpet,
            PlanLayer.Floor,
            sheet.Pen().Place(204 + (width / 2), 391)
        );
        if (mats == Material.None)
        {
            return;
        }

        sheet.Add(
            Make("driver-mat", "Driver's mat", "Mat", SurfaceKind.Mat, mats, 0.32, ZoneIds.Driver),
            sheet.Pen().Box(228, 104, 66, 130, 12),
            PlanLayer.Floor,
            sheet.Pen().Place(262, 222)
        );
        sheet.Add(
            Make(
                "passenger-mat",
                "Passenger's mat",
                "Mat",
                SurfaceKind.Mat,
                mats,
                0.32,
                ZoneIds.Passenger,
                0.75
            ),
            sheet.Pen().Box(228, 326, 66, 130, 12),
            PlanLayer.Floor
        );
    }

    private static void Seats(CabinSheet sheet)
    {
        Seat("driver-seat", "Driver's seat", 102, ZoneIds.Driver, 1);
        Seat("passenger-seat", "Passenger's seat", 324, ZoneIds.Passenger, 0.75);

        void Seat(string id, string name, double y, string zone, double exposure)
        {
            sheet.Add(
                Make(
                    id,
                    name,
                    name.Replace("'s seat", string.Empty, StringComparison.Ordinal),
                    SurfaceKind.Seat,
                    sheet.Layout.SeatMaterial,
                    1.1,
                    zone,
                    exposure
                ) with
                {
                    Facts = SurfaceFacts.AirbagBehind,
                },
                sheet.Pen().Box(302, y, 136, 134, 20),
                anchor: sheet.Pen().Place(352, y + 67)
            );
            sheet.Mark(id, sheet.Pen().Move(394, y + 4).Bend(386, y + 67, 394, y + 130));
            sheet.Mark(id, sheet.Pen().Box(422, y + 42, 15, 50, 6), PlanMarkKind.Patch);
        }

        sheet.Add(
            Make(
                "driver-belt",
                "Driver's belt",
                "Belt",
                SurfaceKind.Belts,
                Material.Webbing,
                0.12,
                ZoneIds.Driver
            ),
            Belt(99, 150, 232),
            PlanLayer.Raised,
            sheet.Pen().Place(437, 105),
            9
        );
        sheet.Add(
            Make(
                "passenger-belt",
                "Passenger's belt",
                "Belt",
                SurfaceKind.Belts,
                Material.Webbing,
                0.12,
                ZoneIds.Passenger,
                0.75
            ),
            Belt(461, 410, 328),
            PlanLayer.Raised,
            sheet.Pen().Place(437, 455),
            9
        );

        OutlinePen Belt(double shoulder, double middle, double hip) =>
            sheet
                .Pen()
                .Move(432, shoulder)
                .Bend(410, middle, 399, hip)
                .Line(408, hip)
                .Bend(419, middle, 442, shoulder)
                .Close();
    }

    private static void Controls(CabinSheet sheet)
    {
        sheet.Add(
            Make(
                "wheel",
                "Steering wheel and lever grip",
                "Wheel",
                SurfaceKind.Wheel,
                Material.CoatedLeather,
                0.12,
                ZoneIds.Driver
            ),
            sheet.Pen().Ellipse(247, 162, 23, 48).Ellipse(247, 162, 13, 37),
            PlanLayer.Raised,
            sheet.Pen().Place(247, 162),
            10
        );
        sheet.Mark("wheel", sheet.Pen().Move(234, 162).Line(260, 162).Move(247, 162).Line(247, 199));
        sheet.Mark("wheel", sheet.Pen().Ellipse(247, 162, 8, 13), PlanMarkKind.Patch);
        sheet.Add(
            Make("pedals", "Pedals", "Pedals", SurfaceKind.Pedals, Material.Rubber, 0.03, ZoneIds.Driver),
            sheet.Pen().Box(207, 124, 14, 18, 3).Box(207, 150, 14, 24, 3).Box(207, 184, 14, 18, 3),
            PlanLayer.Raised,
            sheet.Pen().Place(214, 133)
        );
    }
}
