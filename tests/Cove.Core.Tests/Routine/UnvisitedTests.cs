using Cove.Core.Tests.Advice;

namespace Cove.Core.Tests.Routine;

/// <summary>Whatever a year leaves undone is named, with the reason.</summary>
public sealed class UnvisitedTests
{
    [Fact]
    public void Every_task_of_the_car_has_a_visit_is_never_over_its_mark_or_is_named_with_the_reason() =>
        Check.One(
            Draws.Of(LongRun.Of(25, 1_000)),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    RoutinePlan plan = PlanOf(household, 5 + (household.Seed % 60), household.Seed % 5 + 1);
                    var visited = plan
                        .Slots.SelectMany(slot => slot.Tasks)
                        .Select(visit => visit.Item)
                        .ToHashSet();
                    string[] named =
                    [
                        .. plan.NotPlanned.Select(held => held.Status.Item.Task.Name),
                        .. plan.Unvisited.Select(left => left.Item.Task.Name),
                    ];
                    int last = plan.Until.DayNumber - household.Today.DayNumber;
                    string[] lost =
                    [
                        .. household
                            .Ledger.Items.Where(item =>
                                !visited.Contains(item)
                                && !named.Contains(item.Task.Name)
                                && plan
                                    .Tasks.FirstOrDefault(task => task.Item == item)
                                    ?.Course.Before(last - 1)
                                    is null
                                        or > 1
                            )
                            .Select(item => item.Task.Name),
                    ];
                    return (lost.Length == 0 && named.Distinct().Count() == named.Length).Label(
                        $"lost {string.Join(", ", lost)}; named {string.Join(", ", named)}"
                    );
                }
            )
        );

    [Fact]
    public void What_no_session_is_long_enough_for_says_how_long_one_has_to_be()
    {
        RoutinePlan plan = UsualPlan(10);

        Unvisited left = Assert.Single(plan.Unvisited, left => left.Item.Task.Id == "protect-plastics");

        int minutes = int.Parse(
            left.WayOut!.Split(' ').First(word => word.All(char.IsDigit)),
            System.Globalization.CultureInfo.InvariantCulture
        );
        Assert.Contains(
            UsualPlan(minutes).Slots,
            slot => slot.Tasks.Any(visit => visit.Item.Task.Id == "protect-plastics")
        );
    }

    private static RoutinePlan UsualPlan(int minutes)
    {
        CarYear year = new UsualCar(new Random(3)).Year;
        return Plan(year, year.Today, minutes, 1);
    }

    private static RoutinePlan PlanOf(AnyHousehold household, int minutes, int weeks) =>
        Plan(
            new CarYear(household.Day.Car, OwnerPaces.Nothing, household.Now, TimeZoneInfo.Utc),
            household.Today,
            minutes,
            weeks
        );

    private static RoutinePlan Plan(CarYear year, DateOnly today, int minutes, int weeks) =>
        new RoutinePlanner(year, new Dictionary<TaskId, DateOnly>(), TimeZoneInfo.Utc).Plan(
            new CarRoutine([
                AnyRoutine.Slot($"FREQ=WEEKLY;INTERVAL={weeks}", today, minutes, Standing.AnHour),
            ]),
            12
        );
}
