namespace Cove.Core.Tests.Routine;

public sealed class CatchUpTests(ITestOutputHelper output)
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    [Fact]
    public void What_slipped_is_made_good_sooner_by_what_is_offered_and_never_in_one_heroic_day()
    {
        var random = new Random(51);
        int offered = 0;
        for (int round = 0; round < LongRun.Of(5, 40); round++)
        {
            var car = new UsualCar(random);
            var routine = new CarRoutine([
                AnyRoutine.Slot("FREQ=WEEKLY", car.Year.Today, 20),
                AnyRoutine.Slot(
                    "FREQ=WEEKLY;INTERVAL=8",
                    car.Year.Today.AddDays(8),
                    60,
                    Standing.UntilTomorrow
                ),
            ]);
            var standing = StandingPlan.Of(Planner(car).Plan(routine, 12));
            PlannedDay[] missed = [.. Planner(car).Plan(routine, 12, standing).Slots.Take(2)];
            foreach (PlannedDay day in missed)
            {
                car.Pass(day, done: false);
            }

            CatchUp? found = CatchUp.Find(
                Planner(car),
                routine,
                standing,
                [.. missed.Select(day => day.Day.RuleDay)],
                car.Year.Today
            );

            if (found is null)
            {
                continue;
            }

            output.WriteLine(found.InWords(car.Year.Today));
            Assert.NotEmpty(found.Slipped);
            HashSet<string> held =
            [
                .. missed.SelectMany(day => day.Tasks).Select(visit => visit.Item.Task.ShortName),
            ];
            Assert.All(found.Slipped, name => Assert.Contains(name, held));
            Assert.EndsWith(".", found.InWords(car.Year.Today), StringComparison.Ordinal);
            if (found.Offer is { } offer)
            {
                offered++;
                Assert.True(found.By is null || offer.By < found.By);
                Assert.InRange(offer.More, 5, Math.Min(20, offer.Day.Minutes / 2));
                SlotDay[] days =
                [
                    .. offer
                        .In(routine)
                        .Days(car.Year.Today, car.Year.Today.AddDays(200), TimeZoneInfo.Utc)
                        .Where(day => day.Minutes != day.Slot.Minutes),
                ];
                Assert.Equal(offer.Minutes, Assert.Single(days).Minutes);
            }
        }

        Assert.True(offered > 0, "No case offered anything.");
    }

    [Fact]
    public void With_nothing_overdue_there_is_nothing_to_catch_up()
    {
        var car = new UsualCar(new Random(52));
        var routine = new CarRoutine([
            AnyRoutine.Slot("FREQ=WEEKLY", car.Year.Today, 120, Standing.UntilTomorrow),
        ]);
        RoutinePlan plan = Planner(car).Plan(routine, 3);
        foreach (PlannedDay day in plan.Slots.Take(3))
        {
            car.Pass(day, done: true);
        }

        CatchUp? found = CatchUp.Find(Planner(car), routine, null, [], car.Year.Today);

        Assert.True(found is null || found.Offer is null, found?.InWords(car.Year.Today));
    }

    [Theory]
    [InlineData(8, 2, false)]
    [InlineData(8, 3, true)]
    [InlineData(8, 4, true)]
    [InlineData(8, 7, true)]
    [InlineData(3, 3, false)]
    public void A_slot_that_is_missed_again_and_again_is_proposed_half_as_often(
        int weeks,
        int missed,
        bool proposed
    )
    {
        var today = new DateOnly(2026, 3, 14);
        var routine = new CarRoutine([AnyRoutine.Slot("FREQ=WEEKLY", today.AddDays(-7 * weeks), 25)]);
        HashSet<DateOnly> cared =
        [
            .. Enumerable.Range(missed + 1, weeks - missed).Select(week => today.AddDays(-7 * week)),
        ];

        var smaller = SmallerRoutine.For(routine, cared, today, TimeZoneInfo.Utc);

        Assert.Equal(proposed, smaller is not null);
        if (smaller is not null)
        {
            Assert.Equal(missed, smaller.Missed);
            Assert.InRange(smaller.Routine.Days(today, today.AddDays(365), TimeZoneInfo.Utc).Count, 26, 27);
            Assert.Contains("second week", smaller.InWords(), StringComparison.Ordinal);
        }
    }

    private static RoutinePlanner Planner(UsualCar car) => new(car.Year, NothingDone, TimeZoneInfo.Utc);
}
