namespace Cove.Core.Tests.Log;

/// <summary>An animal that rode along leaves hair until somebody vacuums there.</summary>
public sealed class AnimalHairTests
{
    private static readonly DateTimeOffset Now = new(2026, 5, 3, 10, 0, 0, TimeSpan.Zero);
    private static readonly Vehicle Car = AnyCar.Of(
        CareBook.ReferenceLayout with
        {
            SeatMaterial = Material.WovenFabric,
        }
    );

    [Fact]
    public void Vacuuming_there_ends_it_and_vacuuming_elsewhere_does_not()
    {
        SurfaceId seat = Car.InCare().First(surface => surface.Kind == SurfaceKind.Seat).Id;
        SurfaceId other = Car.InCare().Last(surface => surface.Kind == SurfaceKind.Seat).Id;
        var rode = new Happened(Id(1), Now.AddDays(-2), AnimalHair.Rode, [seat]);
        TaskDone vacuumed = new(Id(2), Now.AddDays(-1), "vacuum-seats", Share.All) { SurfaceIds = [other] };

        Assert.Equal([seat], AnimalHair.On([rode], Car.InCare()));
        Assert.Equal([seat], AnimalHair.On([rode, vacuumed], Car.InCare()));
        Assert.Empty(AnimalHair.On([rode, vacuumed with { SurfaceIds = [seat] }], Car.InCare()));
        Assert.Equal(
            [seat],
            AnimalHair.On([rode, vacuumed with { SurfaceIds = [seat], At = Now.AddDays(-3) }], Car.InCare())
        );
    }

    [Fact]
    public void Hair_brings_its_method_and_takes_minutes()
    {
        CareLedger ledger = AnyCar.Ledger(
            Car,
            new Usage([new UsageEntry(Now.AddDays(-60), CarUse.Reference)]),
            _ => new CareState(Now, new Level(1))
        );
        var car = new CarShelf(ledger, Shelf.Empty, ShelfRecords.None);
        CareStatus seats = ledger.At(Now).First(status => status.Item.Task.Id == "vacuum-seats");
        TaskWork clean = car.MethodsAt(Now, OwnerPaces.Nothing).Of(seats);
        TaskWork hairy = car.MethodsAt(
                Now,
                OwnerPaces.Nothing,
                hair: seats.Surfaces.Select(surface => surface.Surface.Id).ToHashSet()
            )
            .Of(seats);
        Assert.All(hairy.Uses, use => Assert.Equal("vacuum-hair", use.Method.Id.Value));
        Assert.True(hairy.Hands >= clean.Hands * 1.9);
    }

    private static EntryId Id(int number) => new(new Guid(number, 0, 0, new byte[8]));
}
