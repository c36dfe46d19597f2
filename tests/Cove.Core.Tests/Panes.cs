namespace Cove.Core.Tests;

/// <summary>Makes panes, kits and advisors for tests.</summary>
internal static class Panes
{
    /// <summary>A shelf with everything that glass could take, harmful things included.</summary>
    public static Shelf FullShelf(WaysOfWorking? ways = null) =>
        new(
            [
                .. Enum.GetValues<ProductClass>()
                    .Where(one => one != ProductClass.Water)
                    .Select(one => Product.OfClass(Id(one), $"{one}", one)),
            ],
            [.. OwnedTool.Ownable.Select(tool => new OwnedTool(tool, 1, string.Empty))],
            [],
            ways ?? WaysOfWorking.Default
        );

    public static ProductId Id(ProductClass one) => new(new Guid((int)one + 1, 0, 0, new byte[8]));

    public static GlassAdvisor Advisor(
        WaysOfWorking? ways = null,
        ShelfRecords? records = null,
        LearntResidues? residues = null
    ) => Advisor(FullShelf(ways), records, residues);

    public static GlassAdvisor Advisor(
        Shelf shelf,
        ShelfRecords? records = null,
        LearntResidues? residues = null
    )
    {
        ShelfRecords known = records ?? ShelfRecords.None;
        return new GlassAdvisor(
            new GlassKit(new SafestWays(shelf, known), known),
            residues ?? LearntResidues.Nothing
        );
    }

    public static Pane Windscreen(double light, double oily, double area = 1) =>
        Of(SurfaceKind.Windscreen, SurfaceFacts.None, light, oily, area);

    public static Pane Side(double light, double oily, SurfaceFacts facts = SurfaceFacts.None) =>
        Of(SurfaceKind.Glass, facts, light, oily, 0.42);

    public static Pane Of(
        SurfaceKind kind,
        SurfaceFacts facts,
        double light,
        double oily,
        double area,
        Material material = Material.Glass
    ) =>
        new(
            new Surface(
                "pane",
                "Pane",
                "Pane",
                kind,
                material,
                Finish.Plain,
                Area.FromSquareMetres(area),
                "driver",
                Share.All,
                facts
            ),
            new Film(new Level(light), new Level(oily))
        );

    /// <summary>Any pane in any state, any weather.</summary>
    public static Gen<(Pane Pane, GlassConditions Conditions)> Any { get; } =
        from kind in Gen.Elements(SurfaceKind.Windscreen, SurfaceKind.Glass)
        from tint in Gen.Elements(SurfaceFacts.None, SurfaceFacts.TintFilm)
        from lines in Gen.Elements(SurfaceFacts.None, SurfaceFacts.HeaterLines, SurfaceFacts.Aerial)
        from material in Gen.Frequency(
            (5, Gen.Constant(Material.Glass)),
            (1, Gen.Constant(Material.ClearPlastic))
        )
        from light in Gen.Choose(0, 200)
        from oily in Gen.Choose(0, 250)
        from area in Gen.Choose(10, 150)
        from sun in Gen.Frequency((3, Gen.Constant(false)), (1, Gen.Constant(true)))
        from touch in Gen.Elements(Enum.GetValues<GlassTouch>())
        select (
            Of(kind, tint | lines, light / 100.0, oily / 100.0, area / 100.0, material),
            new GlassConditions(sun, touch)
        );

    /// <summary>Any way of working with glass.</summary>
    public static Gen<WaysOfWorking> Ways { get; } =
        from liquid in Gen.Elements(Enum.GetValues<GlassLiquid>())
        from steam in Gen.Elements(Enum.GetValues<SteamSchool>())
        from turn in Gen.Elements(Enum.GetValues<GlassTurn>())
        select WaysOfWorking.Default with
        {
            GlassLiquid = liquid,
            Steam = steam,
            Glass = turn,
        };
}
