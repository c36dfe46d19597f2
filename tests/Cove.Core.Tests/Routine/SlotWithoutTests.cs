using Cove.Core.Tests.Advice;

namespace Cove.Core.Tests.Routine;

/// <summary>Tasks that an owner does not want in a slot.</summary>
public sealed class SlotWithoutTests
{
    private static readonly DateOnly Saturday = DateOnly.FromDateTime(Home.Now.Date);

    [Fact]
    public void What_is_not_wanted_in_a_slot_is_planned_into_others_and_never_into_it()
    {
        var home = new Home { Soil = 0.9 };
        var year = new CarYear(
            new CarShelf(home.Day.Ledger, AnyRoutine.FullShelf, ShelfRecords.None),
            OwnerPaces.Nothing,
            Home.Now,
            TimeZoneInfo.Utc
        );
        Slot first = AnyRoutine.Slot("FREQ=WEEKLY", Saturday, 40, Standing.UntilTomorrow);
        Slot second = AnyRoutine.Slot("FREQ=WEEKLY", Saturday.AddDays(3), 40, Standing.UntilTomorrow);
        TaskId task = "windscreen";

        RoutinePlan usual = Plan(year, new CarRoutine([first, second]));
        RoutinePlan without = Plan(year, new CarRoutine([first with { Without = [task] }, second]));

        Assert.Contains(VisitsOf(usual, task), visit => visit == first.Id);
        Assert.DoesNotContain(VisitsOf(without, task), visit => visit == first.Id);
        Assert.Contains(VisitsOf(without, task), visit => visit == second.Id);
    }

    [Fact]
    public void A_task_that_is_none_or_is_named_twice_is_refused()
    {
        Slot slot = AnyRoutine.Slot("FREQ=WEEKLY", Saturday, 40, Standing.AnHour);

        Assert.All(
            new IReadOnlyList<TaskId>[] { ["no-such-task"], ["boot", "boot"] },
            without =>
                Assert.Equal(
                    "slots[0].without",
                    Assert
                        .Single(
                            RoutineRules.Check(
                                new CarRoutine([slot with { Without = without }]),
                                Saturday,
                                TimeZoneInfo.Utc
                            )
                        )
                        .Property
                )
        );
    }

    private static RoutinePlan Plan(CarYear year, CarRoutine routine) =>
        new RoutinePlanner(year, new Dictionary<TaskId, DateOnly>(), TimeZoneInfo.Utc).Plan(routine, 2);

    private static IEnumerable<SlotId> VisitsOf(RoutinePlan plan, TaskId task) =>
        plan
            .Slots.Where(slot => slot.Tasks.Any(visit => visit.Item.Task.Id == task))
            .Select(slot => slot.Day.Slot.Id);
}
