using Cove.Core.Tests.Routine;

namespace Cove.Core.Tests.Outlook;

public sealed class ComingUpTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 1, 8, 0, 0, TimeSpan.Zero);
    private static readonly DateOnly Today = new(2026, 8, 1);
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    [Fact]
    public void A_product_runs_out_in_the_session_that_asks_for_more_than_is_left()
    {
        CareLedger ledger = Ledger(CarUse.Reference);
        RoutinePlan plan = Plan(ledger);
        (DateOnly Day, ProductId Id, double Amount)[] used =
        [
            .. plan
                .Slots.Where(slot => slot.Day.Day <= plan.Until)
                .SelectMany(slot =>
                    slot.Tasks.SelectMany(visit => visit.Products)
                        .Select(product => (slot.Day.Day, product.ProductId, product.Amount.Value))
                )
                .Where(use => use.Value > 0),
        ];
        ProductId most = used.GroupBy(use => use.Id).MaxBy(group => group.Count())!.Key;
        (DateOnly Day, ProductId Id, double Amount)[] ofIt = [.. used.Where(use => use.Id == most)];
        double forThree = ofIt.Take(3).Sum(use => use.Amount);

        RunOut[] runOuts = [.. Coming(plan, ledger, new() { [most] = forThree + 1e-6 }).RunOuts];

        Assert.Equal(ofIt[3].Day, Assert.Single(runOuts).Day);
        Assert.Equal(ofIt[3].Day.AddDays(-ComingUp.DaysToShop), runOuts[0].Buy);
        Assert.Empty(Coming(plan, ledger, new() { [most] = 1e9 }).RunOuts);
    }

    [Fact]
    public void Seasons_turn_where_the_owner_says_on_either_half_of_the_earth()
    {
        foreach (
            var (months, begins, ends) in new[]
            {
                (MonthSet.Of(11, 12, 1, 2), new DateOnly(2026, 11, 1), new DateOnly(2027, 3, 1)),
                (MonthSet.Of(5, 6, 7), new DateOnly(2027, 5, 1), new DateOnly(2027, 8, 1)),
            }
        )
        {
            CareLedger ledger = Ledger(CarUse.Reference with { GritMonths = months });
            SeasonTurn[] turns = [.. Coming(Plan(ledger), ledger, []).Turns];

            Assert.Contains(
                turns,
                turn => turn.Day == begins && turn.Name.StartsWith("Before", StringComparison.Ordinal)
            );
            Assert.Contains(
                turns,
                turn => turn.Day == ends && turn.Name.StartsWith("When", StringComparison.Ordinal)
            );
            Assert.All(
                turns.SelectMany(turn => turn.Tasks),
                task => Assert.EndsWith(".", task.Reason, StringComparison.Ordinal)
            );
        }

        CareLedger none = Ledger(CarUse.Reference);
        Assert.Empty(Coming(Plan(none), none, []).Turns);
    }

    [Fact]
    public void A_coat_says_how_much_of_it_is_left_and_when_it_has_faded()
    {
        CareLedger bare = Ledger(CarUse.Reference);
        var laid = new TaskDone(new(Guid.NewGuid()), Now.AddDays(-20), "protect-plastics", Share.All);
        Vehicle vehicle = bare.Vehicle;
        CareLedger coated = bare.After(
            Cove.Core.Log.Replay.Of(
                vehicle,
                bare.UsageAsTold,
                [
                    .. CareBook
                        .For(vehicle)
                        .SelectMany(item =>
                            item.Surfaces.Select(surface =>
                                (LogEntry)
                                    new LevelBegan(
                                        new(Guid.NewGuid()),
                                        Now.AddDays(-30),
                                        new CareKey(item.Task.Id, surface.Id),
                                        new Level(0.5)
                                    )
                            )
                        ),
                    laid,
                ],
                Now
            )
        );

        CoatAhead coat = Assert.Single(Coming(Plan(coated), coated, []).Coats);

        // Sixty days at reference use, of which twenty have passed.
        Assert.Equal("protect-plastics", coat.Task.Id.Value);
        Assert.Equal(2.0 / 3, coat.Left.Value, 2);
        Assert.Equal(Today.AddDays(40), coat.Fades);
        Assert.True(coat.Next >= Today);
        Assert.Empty(Coming(Plan(bare), bare, []).Coats);
    }

    private static ComingUp Coming(RoutinePlan plan, CareLedger ledger, Dictionary<ProductId, double> left) =>
        ComingUp.Of(plan, ledger, left, Now, Today);

    private static CareLedger Ledger(CarUse use) =>
        AnyCar.Ledger(
            CabinLayout.Usual(BodyType.Estate),
            new Usage([new UsageEntry(Now.AddDays(-400), use)]),
            Now,
            0.5
        );

    private static RoutinePlan Plan(CareLedger ledger) =>
        new RoutinePlanner(
            new CarYear(
                new CarShelf(ledger, AnyRoutine.FullShelf, ShelfRecords.None),
                OwnerPaces.Nothing,
                Now,
                TimeZoneInfo.Utc
            ),
            NothingDone,
            TimeZoneInfo.Utc
        ).Plan(
            new CarRoutine([
                AnyRoutine.Slot("FREQ=WEEKLY", Today.AddDays(2), 30),
                AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=8", Today.AddDays(9), 75, Standing.UntilTomorrow),
            ]),
            12
        );
}
