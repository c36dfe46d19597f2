namespace Cove.Core.Tests;

/// <summary>Makes vehicles for tests.</summary>
internal static class AnyCar
{
    public static Vehicle Of(CabinLayout layout)
    {
        Cabin cabin = CabinBuilder.Build(layout);
        return new Vehicle(default, "Test car", string.Empty, layout, cabin.Surfaces);
    }

    /// <summary>A car on which every task stands at the same level.</summary>
    public static CareLedger Ledger(CabinLayout layout, Usage usage, DateTimeOffset at, double level) =>
        Ledger(layout, usage, _ => new CareState(at, new Level(level)));

    public static CareLedger Ledger(CabinLayout layout, Usage usage, Func<CareKey, CareState> state) =>
        Ledger(Of(layout), usage, state);

    public static CareLedger Ledger(
        Vehicle vehicle,
        Usage usage,
        Func<CareKey, CareState> state,
        WaysOfWorking? ways = null
    ) =>
        new(
            vehicle,
            usage,
            CareBook
                .For(vehicle)
                .SelectMany(item => item.Surfaces.Select(surface => new CareKey(item.Task.Id, surface.Id)))
                .ToDictionary(key => key, state),
            ways: ways
        );

    /// <summary>The problem of ordering some tasks as the table has them.</summary>
    public static OrderProblem Session(
        CabinLayout layout,
        IEnumerable<CareItem> items,
        WaysOfWorking? ways = null
    )
    {
        WaysOfWorking worked = ways ?? WaysOfWorking.Default;
        return new SessionJobs(
            new SessionPlaces(CabinBuilder.Build(layout), worked.Zones),
            worked,
            OwnerPaces.Nothing
        ).Of([.. items.Select(item => TaskWork.FromTable(new CareStatus(item, [])))]);
    }

    /// <summary>Every layout that can be answered, any of them as likely as its body.</summary>
    public static Gen<CabinLayout> Layouts { get; } =
        Gen.Elements<BodyShape>(BodyShape.All).SelectMany(LayoutsOf);

    /// <summary>Every layout that can be answered for a body.</summary>
    public static Gen<CabinLayout> LayoutsOf(BodyShape body) =>
        from rows in Gen.Elements<int>(body.AllowedRows)
        from second in Gen.Choose(2, body.MostSeatsBehind)
        from third in Gen.Choose(2, body.MostSeatsBehind)
        from front in Gen.Choose(2, body.MostSeatsInFront)
        from doors in Gen.Elements<int>(body.AllowedDoors)
        from size in Gen.Elements(Enum.GetValues<SizeClass>())
        from side in Gen.Elements(DriverSide.Left, DriverSide.Right)
        from seats in Gen.Elements<Material>(CabinLayout.SeatMaterials)
        from dash in Gen.Elements<Material>(CabinLayout.DashMaterials)
        from lining in Gen.Elements<Material>(CabinLayout.HeadlinerMaterials)
        from wheel in Gen.Elements<Material>(CabinLayout.WheelMaterials)
        from floor in Gen.Elements<Material>(CabinLayout.FloorMaterials)
        from frontMats in Gen.Elements<Material>(CabinLayout.MatMaterials)
        from rearMats in Gen.Elements<Material>(CabinLayout.MatMaterials)
        from boot in Gen.Elements<Material>(CabinLayout.BootMaterials)
        from trim in Gen.Elements<Finish>(CabinLayout.TrimFinishes)
        from screens in Gen.Choose(0, CabinLayout.MostScreens)
        from flags in Gen.Choose(0, 7)
        from children in Gen.Choose(0, rows > 1 ? second : 0)
        select new CabinLayout
        {
            Body = body.Body,
            Size = size,
            Doors = doors,
            FrontSeats = front,
            SecondRowSeats = rows > 1 ? second : 0,
            ThirdRowSeats = rows > 2 ? third : 0,
            DriverSide = side,
            SeatMaterial = seats,
            DashMaterial = dash,
            HeadlinerMaterial = lining,
            WheelMaterial = wheel,
            Floor = floor,
            FrontMats = frontMats,
            RearMats = rearMats,
            Boot = boot,
            Trim = trim,
            Screens = screens,
            TintedRear = (flags & 1) != 0,
            Sunroof = (flags & 2) != 0,
            PetCover = (flags & 4) != 0 && rows > 1 && children < second,
            ChildSeats = children,
        };

    /// <summary>Every use that can be said.</summary>
    public static Gen<CarUse> Uses { get; } =
        from distance in Gen.Choose(0, 1500)
        from people in Gen.Choose(1, CarUse.MostPeople)
        from children in Gen.Choose(0, CarUse.MostChildren)
        from eating in Gen.Elements(Enum.GetValues<Often>())
        from pets in Gen.Elements(Enum.GetValues<Often>())
        from smoke in Gen.Elements(Enum.GetValues<SmokeHabit>())
        from windows in Gen.Elements(Enum.GetValues<Often>())
        from grit in Gen.Choose(1, 12).ListOf()
        from sunCream in Gen.Choose(1, 12).ListOf()
        from sun in Gen.Choose(0, 100)
        from dusty in Gen.Elements(Enum.GetValues<Often>())
        from colour in Gen.Elements(Enum.GetValues<CabinColour>())
        from tidiness in Gen.Elements(Enum.GetValues<Tidiness>())
        from preventions in Gen.Choose(0, 4095)
        select new CarUse
        {
            Distance = WeeklyDistance.FromKilometres(distance),
            People = people,
            Children = children,
            Eating = eating,
            Pets = pets,
            Smoke = smoke,
            OpenWindows = windows,
            GritMonths = MonthSet.Of(grit),
            SunCreamMonths = MonthSet.Of(sunCream),
            ParkedInSun = new Share(sun / 100.0),
            DustyWork = dusty,
            Colour = colour,
            Tidiness = tidiness,
            Preventions = (Preventions)preventions,
        };
}
