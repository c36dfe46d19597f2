namespace Cove.Core.Tests;

/// <summary>Makes vehicles for tests.</summary>
internal static class Cars
{
    public static Vehicle Of(CabinLayout layout)
    {
        Cabin cabin = CabinBuilder.Build(layout);
        return new Vehicle(Guid.Empty, "Test car", string.Empty, layout, cabin.Zones, cabin.Surfaces);
    }

    /// <summary>A car on which every task stands at the same level.</summary>
    public static CareLedger Ledger(CabinLayout layout, Usage usage, DateTimeOffset at, double level) =>
        Ledger(layout, usage, _ => new CareState(at, new Level(level)));

    public static CareLedger Ledger(CabinLayout layout, Usage usage, Func<CareKey, CareState> state)
    {
        Vehicle vehicle = Of(layout);
        return new CareLedger(
            vehicle,
            usage,
            CareBook
                .For(vehicle)
                .SelectMany(item => item.Surfaces.Select(surface => new CareKey(item.Task.Id, surface.Id)))
                .ToDictionary(key => key, state)
        );
    }

    public static Gen<CabinLayout> Layouts { get; } =
        from body in Gen.Elements<BodyShape>(BodyShape.All)
        from rows in Gen.Elements<int>(body.AllowedRows)
        from side in Gen.Elements(DriverSide.Left, DriverSide.Right)
        from seats in Gen.Elements<Material>(CabinLayout.SeatMaterials)
        from front in Gen.Elements<Material>(CabinLayout.MatMaterials)
        from rear in Gen.Elements<Material>(CabinLayout.MatMaterials)
        from gloss in Gen.Elements(true, false)
        from tint in Gen.Elements(true, false)
        from children in Gen.Choose(0, rows > 1 ? 3 : 0)
        select new CabinLayout(body.Body, rows, side, seats, front, rear, gloss, tint, children);
}
