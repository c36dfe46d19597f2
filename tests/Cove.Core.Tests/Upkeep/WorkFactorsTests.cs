namespace Cove.Core.Tests.Upkeep;

public sealed class WorkFactorsTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly CareTask VacuumSeats = CareTasks.Find("vacuum-seats")!;

    // Common practice: a couple of minutes hold for weekly upkeep; what was left for months takes two to three times as long.
    [Fact]
    public void What_was_left_for_months_takes_two_to_three_times_as_long()
    {
        Assert.Equal(1, WorkFactors.ForSoilOf(new Level(0.4)));
        Assert.Equal(1, WorkFactors.ForSoilOf(Level.Everyday));
        Assert.InRange(WorkFactors.ForSoilOf(new Level(4)), 2, 3);
        Assert.InRange(WorkFactors.ForSoilOf(new Level(40)), 2, 3);
    }

    // Common practice: children, animals and their hair lengthen the work.
    [Fact]
    public void Children_and_animals_lengthen_what_they_soil_and_nothing_else()
    {
        CarUse family = CarUse.Reference with { Children = 2, Pets = Often.Daily };

        Assert.InRange(WorkFactors.ForUse(VacuumSeats, family), 1.4, 1.8);
        Assert.Equal(1, WorkFactors.ForUse(CareTasks.Find("pedals")!, family));
        Assert.Equal(1, WorkFactors.ForUse(VacuumSeats, CarUse.Reference with { Children = 0 }));
    }

    // Seen: an overdue car with two children and a dog was promised five vacuumed seats in two minutes.
    [Fact]
    public void An_overdue_family_car_gets_honest_minutes()
    {
        Assert.True(MinutesOf(4, CarUse.Reference with { Children = 2, Pets = Often.Daily }) >= 6);
        Assert.InRange(MinutesOf(1, CarUse.Reference with { Children = 0 }), 1.5, 3);

        static double MinutesOf(double soil, CarUse use)
        {
            CareLedger ledger = AnyCar.Ledger(
                CareBook.ReferenceLayout,
                new Usage([new UsageEntry(Now.AddDays(-1), use)]),
                Now,
                soil
            );
            return new CarShelf(ledger, Shelf.Empty, ShelfRecords.None)
                .MethodsAt(Now, OwnerPaces.Nothing)
                .Of(ledger.At(Now).First(status => status.Item.Task.Id == "vacuum-seats"))
                .Hands.TotalMinutes;
        }
    }
}
