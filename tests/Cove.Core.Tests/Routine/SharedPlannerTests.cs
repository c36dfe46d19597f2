using Cove.Core.Tests.Advice;

namespace Cove.Core.Tests.Routine;

public sealed class SharedPlannerTests(ITestOutputHelper output)
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    [Fact]
    public void Two_cars_in_one_slot_fare_about_as_well_as_by_turns_or_better()
    {
        // Each plan reckons with the minutes that it leads to, and short parts come to more of them; so neither way is always better.
        var random = new Random(81);
        var parts = new List<double>();
        for (int round = 0; round < LongRun.Of(3, 30); round++)
        {
            CarYear one = Of(random);
            CarYear other = Of(random);
            var clock = System.Diagnostics.Stopwatch.StartNew();

            var (first, second) = new SharedPlanner(Planner(one), Planner(other), TimeZoneInfo.Utc).Plan(
                Weekly(one, 30),
                CarRoutine.None,
                12
            );

            output.WriteLine($"{clock.ElapsedMilliseconds} ms");
            RoutinePlan even = Planner(one).Plan(Fortnightly(one, 0), 12);
            RoutinePlan odd = Planner(other).Plan(Fortnightly(other, 7), 12);
            parts.Add(
                (first.WeightedOverdue + second.WeightedOverdue)
                    / (even.WeightedOverdue + odd.WeightedOverdue)
            );
            Assert.True(first.Slots.Sum(slot => slot.Tasks.Count) > 20);
            Assert.True(second.Slots.Sum(slot => slot.Tasks.Count) > 20);
        }

        output.WriteLine(string.Join(", ", parts.Select(part => $"{part:P0}")));
        Assert.True(parts.Average() <= 1.05, $"{parts.Average():P0}");
    }

    [Fact]
    public void Each_car_has_the_minutes_of_its_own_parts_and_room_for_what_it_does_in_them()
    {
        var random = new Random(83);
        CarYear one = Of(random);
        CarYear other = Of(random);

        var (first, second) = new SharedPlanner(Planner(one), Planner(other), TimeZoneInfo.Utc).Plan(
            Weekly(one, 60),
            CarRoutine.None,
            6
        );

        double weeks = (first.Until.DayNumber - one.Today.DayNumber) / 7.0;
        foreach (RoutinePlan plan in (RoutinePlan[])[first, second])
        {
            PlannedDay[] shown = [.. plan.Slots.Where(slot => slot.Day.Day <= plan.Until)];
            Assert.Equal(shown.Sum(slot => slot.Day.Minutes) / weeks, plan.GivenAWeek, 9);
            Assert.Equal(shown.Sum(slot => slot.Minutes) / weeks, plan.MinutesAWeek, 9);
            Assert.All(plan.Slots, slot => Assert.True(slot.Minutes <= slot.Room + 1e-9));
            Assert.All(
                plan.Slots,
                slot => Assert.True(slot.Room <= slot.Day.Minutes, $"{slot.Room} of {slot.Day.Minutes}")
            );
        }
    }

    [Fact]
    public void The_parts_of_a_slot_follow_each_other_and_fill_it()
    {
        var random = new Random(82);
        CarYear one = Of(random);
        CarYear other = Of(random);

        var (first, second) = new SharedPlanner(Planner(one), Planner(other), TimeZoneInfo.Utc).Plan(
            Weekly(one, 60),
            CarRoutine.None,
            6
        );

        Dictionary<DateOnly, SlotDay> guest = second.Slots.ToDictionary(
            slot => slot.Day.Day,
            slot => slot.Day
        );
        Assert.Contains(first.Slots, slot => guest.ContainsKey(slot.Day.Day));
        foreach (SlotDay host in first.Slots.Select(slot => slot.Day))
        {
            if (guest.TryGetValue(host.Day, out SlotDay? part))
            {
                Assert.Equal(60, host.Minutes + part.Minutes);
                Assert.Equal(host.Time.AddMinutes(host.Minutes), part.Time);
            }
            else
            {
                Assert.Equal(60, host.Minutes);
            }
        }

        Assert.Equal(
            Weekly(one, 60).Days(one.Today, one.Today.AddMonths(6), TimeZoneInfo.Utc).Select(day => day.Day),
            first
                .Slots.Concat(second.Slots)
                .Select(slot => slot.Day.Day)
                .Where(day => day <= first.Until)
                .Distinct()
                .Order()
        );
    }

    [Fact]
    public void A_plan_that_stands_is_planned_again_the_same()
    {
        var random = new Random(83);
        CarYear one = Of(random);
        CarYear other = Of(random);
        var planner = new SharedPlanner(Planner(one), Planner(other), TimeZoneInfo.Utc);
        var (first, second) = planner.Plan(Weekly(one, 30), CarRoutine.None, 6);

        var (again, secondAgain) = planner.Plan(
            Weekly(one, 30),
            CarRoutine.None,
            6,
            (StandingPlan.Of(first), StandingPlan.Of(second))
        );

        Assert.Equal(Visits(first), Visits(again));
        Assert.Equal(Visits(second), Visits(secondAgain));
    }

    [Fact]
    public void Pins_of_either_car_hold()
    {
        var random = new Random(84);
        CarYear one = Of(random);
        CarYear other = Of(random);

        var (_, second) = new SharedPlanner(Planner(one), Planner(other), TimeZoneInfo.Utc).Plan(
            Weekly(one, 30),
            CarRoutine.None with
            {
                Pins = [new Pin("boot", PinKind.Never), new Pin("pedals", PinKind.EveryWeeks) { Weeks = 4 }],
            },
            12
        );

        Assert.Empty(second.Tasks.Single(task => task.Item.Task.Id == "boot").Dates);
        Assert.InRange(second.Tasks.Single(task => task.Item.Task.Id == "pedals").Dates.Count, 12, 14);
    }

    /// <summary>All cars of a household stand under the same sky, so they share the present.</summary>
    private static CarYear Of(Random random)
    {
        var layout = CabinLayout.Usual((BodyType)random.Next(4));
        var home = new Home { Layout = layout, Soil = 0.3 + random.NextDouble() };
        return new CarYear(
            new CarShelf(home.Day.Ledger, AnyRoutine.FullShelf, ShelfRecords.None),
            OwnerPaces.Nothing,
            Home.Now,
            TimeZoneInfo.Utc
        );
    }

    private static RoutinePlanner Planner(CarYear year) => new(year, NothingDone, TimeZoneInfo.Utc);

    private static CarRoutine Weekly(CarYear year, int minutes) =>
        new([AnyRoutine.Slot("FREQ=WEEKLY", year.Today, minutes, Standing.UntilTomorrow)]);

    private static CarRoutine Fortnightly(CarYear year, int offset) =>
        new([
            AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=2", year.Today.AddDays(offset), 30, Standing.UntilTomorrow),
        ]);

    private static HashSet<(DateOnly, TaskId)> Visits(RoutinePlan plan) =>
        [.. plan.Slots.SelectMany(slot => slot.Tasks.Select(visit => (slot.Day.Day, visit.Item.Task.Id)))];
}
