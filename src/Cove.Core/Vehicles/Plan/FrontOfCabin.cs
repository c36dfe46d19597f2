using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Vehicles.Plan.SurfaceParts;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Draws everything from the windscreen to the backs of the front seats. Nothing lies over anything else, so that every surface can be seen, tinted and chosen.</summary>
internal static class FrontOfCabin
{
    public static void Draw(CabinSheet sheet)
    {
        Windscreen(sheet);
        Dash(sheet);
        Screens(sheet);
        Console(sheet);
        Controls(sheet);
        Footwells(sheet);
        FrontSeats.Draw(sheet);
    }

    private static void Windscreen(CabinSheet sheet) =>
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
            sheet
                .Pen()
                .Move(92, 78)
                .Curve(38, 190, 38, 370, 92, 482)
                .Line(124, 464)
                .Curve(82, 360, 82, 200, 124, 96)
                .Close(),
            anchor: new PlanPoint(68, 280),
            narrowest: 32
        );

    private static void Dash(CabinSheet sheet)
    {
        sheet.Add(
            Make(
                "dash",
                "Dashboard",
                "Dash",
                SurfaceKind.Dash,
                sheet.Layout.DashMaterial,
                0.9,
                ZoneIds.Driver
            ) with
            {
                Finish = Finish.Matte,
                Facts = SurfaceFacts.AirbagBehind,
            },
            sheet
                .Pen()
                .Move(128, 98)
                .Curve(86, 200, 86, 360, 128, 462)
                .Line(160, 462)
                .Curve(150, 400, 150, 160, 160, 98)
                .Close(),
            anchor: sheet.Pen().Place(124, 372),
            narrowest: 36
        );

        OutlinePen vents = sheet.Pen();
        OutlinePen louvres = sheet.Pen();
        foreach (double y in new[] { 104.0, 216, 330, 440 })
        {
            vents.Box(165, y, 22, 16, 3);
            foreach (double x in new[] { 170.5, 176, 181.5 })
            {
                louvres.Move(x, y + 2).Line(x, y + 14);
            }
        }

        sheet.Add(
            Make("vents", "Air vents", "Vents", SurfaceKind.Vents, Material.Plastic, 0.05, ZoneIds.Driver),
            vents,
            anchor: sheet.Pen().Place(176, 448),
            narrowest: 14
        );
        sheet.Mark("vents", louvres);
        sheet.Add(
            Make(
                "cluster",
                "Instrument lens",
                "Lens",
                SurfaceKind.ClusterLens,
                sheet.Layout.ClusterMaterial,
                0.03,
                ZoneIds.Driver
            ),
            sheet.Pen().Box(163, 130, 24, 68, 6)
        );
    }

    private static void Screens(CabinSheet sheet)
    {
        if (sheet.Layout.Screens > 0)
        {
            Screen(
                "screen",
                "Centre screen",
                "Screen",
                0.04,
                ZoneIds.Driver,
                sheet.Pen().Box(163, 242, 24, 76, 4)
            );
        }

        if (sheet.Layout.Screens > 1)
        {
            Screen(
                "lower-screen",
                "Lower screen",
                "Lower screen",
                0.02,
                ZoneIds.Driver,
                sheet.Pen().Box(192, 252, 14, 56, 3)
            );
        }

        if (sheet.Layout.Screens > 2)
        {
            Screen(
                "passenger-screen",
                "Passenger's screen",
                "Screen",
                0.03,
                ZoneIds.Passenger,
                sheet.Pen().Box(163, 356, 24, 72, 4)
            );
        }

        void Screen(
            SurfaceId id,
            string name,
            string shortName,
            double area,
            ZoneId zone,
            OutlinePen outline
        ) =>
            sheet.Add(
                Make(id, name, shortName, SurfaceKind.Screen, Material.ClearPlastic, area, zone) with
                {
                    Finish = Finish.CoatedDisplay,
                },
                outline
            );
    }

    private static void Console(CabinSheet sheet)
    {
        bool bench = sheet.Layout.FrontSeats > 2;
        double start = sheet.Layout.Screens > 1 ? 210 : 194;
        double trimEnd = bench ? 234 : 252;
        sheet.Add(
            Make(
                "console-trim",
                TrimName(sheet.Layout.Trim),
                "Trim",
                SurfaceKind.Trim,
                Material.Plastic,
                0.15,
                ZoneIds.Driver
            ) with
            {
                Finish = sheet.Layout.Trim,
            },
            sheet.Pen().Box(start, 246, trimEnd - start, 68, 5)
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
            sheet.Pen().Box(trimEnd + 4, 258, 20, 44, 8)
        );
        sheet.Mark("shifter-slot", sheet.Pen().Box(trimEnd + 9, 268, 10, 24, 5), PlanMarkKind.Patch);
        double cups = trimEnd + 28;
        double cupsEnd = bench ? 298 : 348;
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
            sheet.Pen().Box(cups, 246, cupsEnd - cups, 68, 6)
        );
        if (!bench)
        {
            sheet.Mark("cup-holders", sheet.Pen().Ellipse(294, 296, 8, 8).Ellipse(336, 296, 8, 8));
            sheet.Add(
                Make(
                    "armrest",
                    "Armrest",
                    "Armrest",
                    SurfaceKind.Armrest,
                    Material.Plastic,
                    0.1,
                    ZoneIds.Driver
                ),
                sheet.Pen().Box(352, 246, 80, 68, 10)
            );
        }
    }

    private static string TrimName(Finish finish) =>
        finish switch
        {
            Finish.Gloss => "Console trim, gloss black",
            Finish.BrushedMetal => "Console trim, brushed metal",
            Finish.WoodVeneer => "Console trim, wood",
            _ => "Console trim",
        };

    private static void Controls(CabinSheet sheet)
    {
        sheet.Add(
            Make("pedals", "Pedals", "Pedals", SurfaceKind.Pedals, Material.Rubber, 0.03, ZoneIds.Driver),
            sheet.Pen().Box(193, 122, 12, 20, 3).Box(193, 150, 12, 24, 3).Box(193, 184, 12, 20, 3),
            anchor: sheet.Pen().Place(199, 132),
            narrowest: 10
        );
        sheet.Add(
            Make(
                "wheel",
                "Steering wheel and lever grip",
                "Wheel",
                SurfaceKind.Wheel,
                sheet.Layout.WheelMaterial,
                0.12,
                ZoneIds.Driver
            ),
            sheet.Pen().Ellipse(226, 164, 17, 50).Ellipse(226, 164, 11, 43),
            anchor: sheet.Pen().Place(226, 117.5),
            narrowest: 6
        );
        sheet.AddUnseen(
            Make(
                "touch-points",
                "Touch points, front",
                "Front handles",
                SurfaceKind.TouchPoints,
                Material.Plastic,
                0.08,
                ZoneIds.Driver
            )
        );
        sheet.AddUnseen(
            Make(
                "switches",
                "Switches and buttons",
                "Switches",
                SurfaceKind.Switches,
                Material.Plastic,
                0.03,
                ZoneIds.Driver
            )
        );
        sheet.Mark(
            "wheel",
            sheet.Pen().Box(223.5, 174, 5, 33, 1).Box(215.5, 160, 6, 8, 1).Box(230.5, 160, 6, 8, 1),
            PlanMarkKind.Patch
        );
        sheet.Mark("wheel", sheet.Pen().Box(220, 150, 12, 28, 5), PlanMarkKind.Patch);
    }

    private static void Footwells(CabinSheet sheet)
    {
        Material mats = sheet.Layout.FrontMats;
        bool bare = mats == Material.None;
        sheet.Add(
            Make(
                "front-carpet",
                "Carpet, front",
                "Carpet",
                SurfaceKind.Carpet,
                sheet.Layout.Floor,
                1.0,
                ZoneIds.Driver
            ),
            sheet.Pen().Box(246, 104, bare ? 50 : 12, 131, 5).Box(194, 326, bare ? 102 : 24, 131, 5),
            PlanLayer.Floor,
            sheet.Pen().Place(bare ? 245 : 206, 391),
            bare ? 50 : 12
        );
        if (bare)
        {
            return;
        }

        sheet.Add(
            Make("driver-mat", "Driver's mat", "Mat", SurfaceKind.Mat, mats, 0.32, ZoneIds.Driver),
            sheet.Pen().Box(261, 104, 37, 131, 9),
            PlanLayer.Floor
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
            sheet.Pen().Box(222, 326, 76, 131, 12),
            PlanLayer.Floor
        );
    }
}
