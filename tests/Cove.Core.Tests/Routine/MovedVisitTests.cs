namespace Cove.Core.Tests.Routine;

public sealed class MovedVisitTests
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    [Fact]
    public void A_moved_task_is_done_on_its_new_day_and_on_none_it_was_carried_past()
    {
        var random = new Random(41);
        for (int round = 0; round < LongRun.Of(6, 60); round++)
        {
            CarYear year = new UsualCar(random).Year;
            CarRoutine routine = Usual(year);
            RoutinePlan plan = Plan(year, routine, null);
            PlannedDay from = plan.Slots[random.Next(4)];
            PlannedDay to = plan.Slots[4 + random.Next(4)];
            if (from.Tasks.Count == 0)
            {
                continue;
            }

            TaskId task = from.Tasks[random.Next(from.Tasks.Count)].Item.Task.Id;

            RoutinePlan moved = Plan(year, routine with { Moves = [Move(task, from, to)] }, plan);

            if (moved.Unmoved.Count > 0)
            {
                Assert.EndsWith(".", moved.Unmoved[0].Sentence, StringComparison.Ordinal);
                continue;
            }

            foreach (
                PlannedDay slot in moved.Slots.Where(slot =>
                    slot.Day.Day >= from.Day.Day && slot.Day.Day <= to.Day.Day
                )
            )
            {
                bool isTarget = Key(slot) == Key(to);
                bool same = slot.Day.Day == to.Day.Day && !isTarget;
                Assert.True(same || Holds(slot, task) == isTarget, $"{task} on {slot.Day.Day}");
            }

            Assert.Equal(task, Assert.Single(moved.Moved).Move.TaskId);
            Assert.All(moved.Slots, slot => Assert.True(slot.Minutes <= slot.Room));
        }
    }

    [Fact]
    public void Other_sessions_hardly_change()
    {
        var random = new Random(42);
        var parts = new List<double>();
        for (int round = 0; round < LongRun.Of(6, 60); round++)
        {
            CarYear year = new UsualCar(random).Year;
            CarRoutine routine = Usual(year);
            RoutinePlan plan = Plan(year, routine, Plan(year, routine, null));
            PlannedDay from = plan.Slots[0];
            TaskId task = from.Tasks[0].Item.Task.Id;

            RoutinePlan moved = Plan(year, routine with { Moves = [Move(task, from, plan.Slots[1])] }, plan);

            HashSet<(DateOnly, TaskId)> before = Visits(plan);
            parts.Add(before.Except(Visits(moved)).Count() / (double)before.Count);
        }

        Assert.True(parts.Average() < 0.05, $"{parts.Average():P1} of the visits moved.");
    }

    [Fact]
    public void A_day_that_is_too_short_says_so_and_the_plan_stands()
    {
        CarYear year = new UsualCar(new Random(43)).Year;
        var routine = new CarRoutine([
            AnyRoutine.Slot("FREQ=WEEKLY", year.Today, 10),
            AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=8", year.Today.AddDays(8), 90, Standing.UntilTomorrow),
        ]);
        RoutinePlan plan = Plan(year, routine, null);
        PlannedDay longOne = plan.Slots.First(slot => slot.Day.Minutes == 90);
        TaskId task = longOne.Tasks.MaxBy(visit => visit.Minutes)!.Item.Task.Id;

        RoutinePlan moved = Plan(year, routine with { Moves = [Move(task, longOne, plan.Slots[0])] }, plan);

        UnmetMove unmet = Assert.Single(moved.Unmoved);
        Assert.EndsWith(".", unmet.Sentence, StringComparison.Ordinal);
        Assert.Empty(moved.Moved);
        Assert.Equal(Visits(Plan(year, routine, plan)), Visits(moved));
    }

    [Fact]
    public void How_long_it_is_overdue_by_then_is_said()
    {
        CarYear year = new UsualCar(new Random(44)).Year;
        CarRoutine routine = Usual(year);
        RoutinePlan plan = Plan(year, routine, null);
        PlannedDay from = plan.Slots.First(slot => Holds(slot, "vacuum-seats"));
        PlannedDay to = plan.Slots.First(slot =>
            slot.Day.Day >= from.Day.Day.AddDays(28) && Holds(slot, "vacuum-seats") is var _
        );

        RoutinePlan moved = Plan(year, routine with { Moves = [Move("vacuum-seats", from, to)] }, plan);

        Assert.Contains("days overdue.", Assert.Single(moved.Moved).Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Moves_between_days_that_have_passed_are_forgotten()
    {
        var today = new DateOnly(2026, 3, 14);
        var slot = new SlotId(Guid.NewGuid());
        var routine = new CarRoutine([])
        {
            Moves =
            [
                new VisitMove("boot", slot, today.AddDays(-14), slot, today.AddDays(-7)),
                new VisitMove("boot", slot, today.AddDays(-7), slot, today.AddDays(7)),
            ],
        };

        Assert.Equal(today.AddDays(7), Assert.Single(routine.From(today).Moves).ToDay);
    }

    private static CarRoutine Usual(CarYear year) =>
        new([
            AnyRoutine.Slot("FREQ=WEEKLY", year.Today, 25),
            AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=8", year.Today.AddDays(8), 75, Standing.UntilTomorrow),
        ]);

    private static VisitMove Move(TaskId task, PlannedDay from, PlannedDay to) =>
        new(task, from.Day.Slot.Id, from.Day.RuleDay, to.Day.Slot.Id, to.Day.RuleDay);

    private static bool Holds(PlannedDay slot, TaskId task) =>
        slot.Tasks.Any(visit => visit.Item.Task.Id == task);

    private static (SlotId, DateOnly) Key(PlannedDay slot) => (slot.Day.Slot.Id, slot.Day.RuleDay);

    private static HashSet<(DateOnly, TaskId)> Visits(RoutinePlan plan) =>
        [.. plan.Slots.SelectMany(slot => slot.Tasks.Select(visit => (slot.Day.Day, visit.Item.Task.Id)))];

    private static RoutinePlan Plan(CarYear year, CarRoutine routine, RoutinePlan? standing) =>
        new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
            routine,
            6,
            standing is null ? null : StandingPlan.Of(standing)
        );
}
