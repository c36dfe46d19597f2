using Cove.Core.Tests.Advice;

namespace Cove.Core.Tests.Routine;

public sealed class RoutinePlannerTests(ITestOutputHelper output)
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    // The yardstick is Cove's own triage, slot after slot, on cars whose slots are too short for everything.
    [Fact]
    public void Planning_ahead_is_never_worse_than_choosing_day_by_day_and_a_third_less_overdue_in_the_median()
    {
        var random = new Random(20261127);
        var parts = new List<double>();
        for (int round = 0; round < LongRun.Of(15, 100); round++)
        {
            CarYear year = new UsualCar(random).Year;
            CarRoutine routine = AnyRoutine.Scarce(random, year.Today);
            RoutineProblem problem = year.ProblemFor(
                routine.Days(year.Today, year.Today.AddDays(428), TimeZoneInfo.Utc),
                428
            ).Problem;
            SolvedRoutine single = RoutineSolver.SlotAfterSlot(problem);

            SolvedRoutine planned = RoutineSolver.Solve(problem);

            Assert.True(planned.Cost <= single.Cost);
            parts.Add(planned.WeightedOverdue / Math.Max(single.WeightedOverdue, 1e-6));
        }

        parts.Sort();
        output.WriteLine($"median {parts[parts.Count / 2]:P1}, from {parts[0]:P1} to {parts[^1]:P1}");
        Assert.True(parts[parts.Count / 2] <= 2.0 / 3, $"The median is {parts[parts.Count / 2]:P1}.");
    }

    [Fact]
    public void A_plan_made_again_after_doing_what_it_said_is_the_same_plan()
    {
        var random = new Random(8);
        for (int round = 0; round < 5; round++)
        {
            CarYear year = new UsualCar(random).Year;
            CarRoutine routine = AnyRoutine.Scarce(random, year.Today);
            RoutineProblem problem = year.ProblemFor(
                routine.Days(year.Today, year.Today.AddDays(428), TimeZoneInfo.Utc),
                428
            ).Problem;
            IReadOnlyList<IReadOnlyList<int>> plan = RoutineSolver.Solve(problem).Visits;
            for (int done = 0; done < 6; done++)
            {
                problem = AfterFirstSlot(problem, plan[0]);
                IReadOnlyList<IReadOnlyList<int>> again = RoutineSolver
                    .SolveAgain(problem, [.. plan.Skip(1)])
                    .Visits;

                Assert.Equal(plan.Skip(1), again);
                plan = again;
            }
        }
    }

    /// <summary>The problem as it is when the first slot is over and its tasks are done.</summary>
    private static RoutineProblem AfterFirstSlot(RoutineProblem problem, IReadOnlyList<int> done)
    {
        int day = problem.Slots[0].Day;
        return problem with
        {
            Days = problem.Days - day,
            Slots = [.. problem.Slots.Skip(1).Select(slot => slot with { Day = slot.Day - day })],
            Tasks =
            [
                .. problem.Tasks.Select(
                    (task, index) =>
                        task with
                        {
                            LevelAtStart = done.Contains(index)
                                ? task.LevelAfter
                                : task.LevelAtStart + task.Rise.RisenBy(day),
                            Rise = RiseCurve.Of(
                                Enumerable
                                    .Range(day, problem.Days - day)
                                    .Select(on => task.Rise.RisenBy(on + 1) - task.Rise.RisenBy(on))
                            ),
                            Closed = task.Closed.Where(slot => slot > 0).Select(slot => slot - 1).ToHashSet(),
                        }
                ),
            ],
        };
    }

    [Fact]
    public void After_a_skipped_slot_at_most_a_twentieth_of_the_visits_moves()
    {
        var random = new Random(9);
        var moved = new List<double>();
        for (int round = 0; round < 5; round++)
        {
            var car = new UsualCar(random);
            CarRoutine routine = AnyRoutine.Scarce(random, car.Year.Today);
            RoutinePlan plan = Plan(car, routine);
            double visits = plan.Slots.Sum(slot => slot.Tasks.Count);
            car.Pass(plan.Slots[0], done: false);

            moved.Add(
                Moved(plan, Plan(car, routine, StandingPlan.Of(plan)), plan.Until.AddDays(-60)) / visits
            );
        }

        output.WriteLine($"moved {moved.Average():P1}, at most {moved.Max():P1}");
        Assert.True(moved.Max() <= 0.05, $"{moved.Max():P1} moved.");
    }

    [Fact]
    public void A_skipped_slot_worsens_only_what_it_held_and_planning_again_mends_some_of_it()
    {
        var random = new Random(13);
        for (int round = 0; round < LongRun.Of(5, 50); round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutineProblem problem = year.ProblemFor(
                AnyRoutine
                    .Scarce(random, year.Today)
                    .Days(year.Today, year.Today.AddDays(428), TimeZoneInfo.Utc),
                428
            ).Problem;
            SolvedRoutine plan = RoutineSolver.Solve(problem, 10_000);
            int skipped = random.Next(6);
            IReadOnlyList<IReadOnlyList<int>> left =
            [
                .. plan.Visits.Select((tasks, slot) => slot == skipped ? [] : tasks),
            ];
            RoutineProblem without = problem with
            {
                Slots =
                [
                    .. problem.Slots.Select(
                        (slot, at) => at == skipped ? slot with { HalfMinutes = 0 } : slot
                    ),
                ],
            };

            SolvedRoutine asLeft = RoutineSolver.Weigh(without, left);
            SolvedRoutine again = RoutineSolver.SolveAgain(without, left);

            foreach (int task in Enumerable.Range(0, problem.Tasks.Count).Except(plan.Visits[skipped]))
            {
                Assert.Equal(plan.Overdue[task], asLeft.Overdue[task]);
            }

            Assert.True(again.Cost <= asLeft.Cost);
        }
    }

    [Fact]
    public void More_minutes_in_the_same_slots_never_cost_more()
    {
        var random = new Random(10);
        for (int round = 0; round < 5; round++)
        {
            CarYear year = new UsualCar(random).Year;
            CarRoutine routine = AnyRoutine.Scarce(random, year.Today);
            RoutineProblem problem = year.ProblemFor(
                routine.Days(year.Today, year.Today.AddDays(428), TimeZoneInfo.Utc),
                428
            ).Problem;
            SolvedRoutine? shorter = null;
            for (int more = 0; more < 20; more += 5)
            {
                RoutineProblem longer = problem with
                {
                    Slots =
                    [
                        .. problem.Slots.Select(slot => slot with { HalfMinutes = slot.HalfMinutes + more }),
                    ],
                };
                SolvedRoutine plan = RoutineSolver.Solve(longer, 10_000, shorter?.Visits);

                Assert.True(shorter is null || plan.Cost <= shorter.Cost);
                shorter = plan;
            }
        }
    }

    [Fact]
    public void What_is_pinned_is_done_then_and_at_no_other_time()
    {
        var car = new UsualCar(new Random(11));
        var routine = new CarRoutine([
            AnyRoutine.Slot("FREQ=WEEKLY", car.Year.Today, 25),
            AnyRoutine.Slot("FREQ=MONTHLY;BYDAY=2SU", car.Year.Today, 60, Standing.UntilTomorrow),
        ])
        {
            Pins =
            [
                new Pin("seat-belts", PinKind.InMonths) { Months = [4] },
                new Pin("boot", PinKind.Never),
                new Pin("pedals", PinKind.EveryWeeks) { Weeks = 8 },
            ],
        };

        RoutinePlan plan = Plan(car, routine);

        PlannedTask Of(string taskId) => plan.Tasks.Single(task => task.Item.Task.Id == taskId);
        Assert.Equal([4], Of("seat-belts").Dates.Select(day => day.Month));
        Assert.Empty(Of("boot").Dates);
        Assert.All(
            Of("pedals").Dates.Zip(Of("pedals").Dates.Skip(1)),
            pair => Assert.InRange(pair.Second.DayNumber - pair.First.DayNumber, 49, 63)
        );
        Assert.Empty(plan.Unmet);
    }

    [Fact]
    public void What_is_needed_lies_in_its_band_and_between_its_seasons()
    {
        var random = new Random(12);
        for (int round = 0; round < 5; round++)
        {
            var car = new UsualCar(random);
            RoutinePlan plan = Plan(
                car,
                new CarRoutine([AnyRoutine.Slot("FREQ=WEEKLY", car.Year.Today, 60, Standing.UntilTomorrow)])
            );

            foreach (NeededInterval needed in plan.Tasks.Select(task => task.Needed).OfType<NeededInterval>())
            {
                Assert.InRange(needed.Days, needed.Low, needed.High);
                Assert.InRange(needed.Days, needed.Shortest.Days, needed.Longest.Days);
                Assert.InRange(needed.Low, needed.Days / 4, needed.Days);
            }

            // With an hour a week nothing waits long: what is planned follows what is needed. What is laid on once something else has dried takes most of an hour, and waits for a quiet week.
            Assert.All(
                plan.Tasks.Where(task => task.PlannedDays is not null && task.Needed is not null),
                task =>
                    Assert.InRange(
                        task.PlannedDays!.Value,
                        task.Needed!.Shortest.Days * 0.3,
                        task.Needed.Longest.Days + (task.Item.Task.AfterDryingOf.Count > 0 ? 42 : 14)
                    )
            );
        }
    }

    [Fact]
    public void A_pin_that_no_slot_can_hold_says_so()
    {
        var car = new UsualCar(new Random(11));
        var routine = new CarRoutine([AnyRoutine.Slot("FREQ=WEEKLY", car.Year.Today, 10)])
        {
            Pins = [new Pin("seat-belts", PinKind.InMonths) { Months = [4] }],
        };

        UnmetPin unmet = Assert.Single(Plan(car, routine).Unmet);

        Assert.Contains("seat belts", unmet.Sentence, StringComparison.OrdinalIgnoreCase);
        Assert.EndsWith(".", unmet.Sentence, StringComparison.Ordinal);
    }

    // Common practice: vents and wheel every two weeks, leather cleaned each month and sealed every two to three months.
    // They come out of levels and slots; no table of the routine holds them.
    [Fact]
    public void A_mid_size_car_at_usual_use_gets_the_intervals_of_the_trade()
    {
        var now = new DateTimeOffset(2026, 3, 7, 8, 0, 0, TimeSpan.Zero);
        var today = new DateOnly(2026, 3, 7);
        var home = new Home
        {
            Layout = CabinLayout.Usual(BodyType.Estate) with { SeatMaterial = Material.CoatedLeather },
            Soil = 0.5,
        };
        var year = new CarYear(
            new CarShelf(home.Day.Ledger, AnyRoutine.FullShelf, ShelfRecords.None),
            OwnerPaces.Nothing,
            now,
            TimeZoneInfo.Utc
        );
        var routine = new CarRoutine([
            AnyRoutine.Slot("FREQ=WEEKLY", today, 25),
            AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=8", today.AddDays(8), 75, Standing.SomeHours),
            AnyRoutine.Slot("FREQ=MONTHLY;INTERVAL=6", today.AddDays(36), 120, Standing.UntilTomorrow),
        ]);

        RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(routine, 12);

        int? Every(string taskId) => plan.Tasks.Single(task => task.Item.Task.Id == taskId).PlannedDays;
        Assert.Equal(7, Every("vacuum-seats"));
        Assert.InRange(Every("brush-vents")!.Value, 13, 15);
        Assert.InRange(Every("clean-wheel")!.Value, 13, 15);
        Assert.InRange(Every("clean-leather")!.Value, 26, 35);
        Assert.InRange(Every("seal-leather")!.Value, 56, 92);
        Assert.InRange(plan.MinutesAWeek, 20, 35);
    }

    private static RoutinePlan Plan(UsualCar car, CarRoutine routine, StandingPlan? standing = null) =>
        new RoutinePlanner(car.Year, NothingDone, TimeZoneInfo.Utc).Plan(routine, 12, standing);

    /// <summary>How many visits up to a day are in one plan and not in the other.</summary>
    private static int Moved(RoutinePlan before, RoutinePlan after, DateOnly until)
    {
        DateOnly from = after.Slots[0].Day.Day;
        HashSet<(DateOnly, TaskId)> was = Visits(before);
        HashSet<(DateOnly, TaskId)> now = Visits(after);
        return Math.Max(was.Except(now).Count(), now.Except(was).Count());

        HashSet<(DateOnly, TaskId)> Visits(RoutinePlan plan) =>
            [
                .. plan
                    .Slots.Where(slot => slot.Day.Day >= from && slot.Day.Day <= until)
                    .SelectMany(slot => slot.Tasks.Select(visit => (slot.Day.Day, visit.Item.Task.Id))),
            ];
    }
}
