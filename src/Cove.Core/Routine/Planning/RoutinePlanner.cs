using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>Plans the coming months of a car: which task in which slot.</summary>
/// <remarks>It asks nothing of the clock and keeps nothing, so that the same car, routine and standing plan give the same plan. For what a coming slot holds step by step, hand its tasks to a session on that day.</remarks>
/// <param name="year">The car.</param>
/// <param name="lastDone">The day on which each task was last done, where it was.</param>
/// <param name="zone">The owner's time zone.</param>
public sealed class RoutinePlanner(
    CarYear year,
    IReadOnlyDictionary<TaskId, DateOnly> lastDone,
    TimeZoneInfo zone
)
{
    /// <summary>The fewest months that are planned.</summary>
    public const int FewestMonths = 1;

    /// <summary>The most months that are planned.</summary>
    public const int MostMonths = 24;

    /// <summary>Days after the mark: what comes due on the very day of a slot is not called overdue there.</summary>
    private const double OnTheDay = 0.5;

    /// <summary>Plans.</summary>
    /// <param name="routine">The routine.</param>
    /// <param name="months">How many months are asked for.</param>
    /// <param name="standing">The tasks that stand in the days of slots; null to plan from nothing.</param>
    /// <param name="from">The first day that counts; today when left out.</param>
    public RoutinePlan Plan(
        CarRoutine routine,
        int months,
        StandingPlan? standing = null,
        DateOnly? from = null
    )
    {
        PlanSpan span = PlanSpan.Of(year.Today, months, from);
        PreparedCar car = Prepare(routine, span.DaysOf(routine, zone), span);
        var (problem, solved) = standing is null ? FromNothing(car.Problem) : Again(car.Problem, standing);
        return Read(car with { Problem = problem }, solved, span);
    }

    private (CarProblem, SolvedRoutine) FromNothing(CarProblem car)
    {
        // A rough plan is enough to see how the tasks will stand when they are done.
        var (settled, rough) = SettledMinutes.Of(year, car, RoutineSolver.Solve(car.Problem, moves: 0));
        return SettledMinutes.Of(year, settled, RoutineSolver.Solve(settled.Problem, known: rough.Visits));
    }

    private (CarProblem, SolvedRoutine) Again(CarProblem car, StandingPlan standing)
    {
        IReadOnlyList<IReadOnlyList<int>> visits = standing.For(car);
        CarProblem settled = SettledMinutes.Keep(
            year,
            car,
            RoutineSolver.Weigh(car.Problem, visits),
            standing.HalfMinutes,
            SettledMinutes.SlackOfStanding
        );
        return (settled, RoutineSolver.SolveAgain(settled.Problem, visits));
    }

    /// <summary>Writes the car and days of slots as a problem, with what its owner has pinned and moved.</summary>
    internal PreparedCar Prepare(CarRoutine routine, IReadOnlyList<SlotDay> days, PlanSpan span)
    {
        var (pinned, unmet) = PinnedSlots.Put(
            year.ProblemFor(days, span.Horizon),
            routine.Pins,
            lastDone,
            year.Today,
            span.Until
        );
        var (car, unmoved) = MovedVisits.Put(pinned, routine.Moves);
        return new PreparedCar(car, routine, unmet, unmoved);
    }

    /// <summary>The car.</summary>
    internal CarYear Year => year;

    /// <summary>Reads what a solution of its problem says of a car.</summary>
    internal RoutinePlan Read(PreparedCar prepared, SolvedRoutine solved, PlanSpan span) =>
        Read(prepared.Problem, solved, prepared.Unmet, span.Until) with
        {
            Moved =
            [
                .. prepared
                    .Routine.Moves.Except(prepared.Unmoved.Select(move => move.Move))
                    .Select(move => MovedVisits.Describe(move, prepared.Problem, solved))
                    .OfType<MovedVisit>(),
            ],
            Unmoved = prepared.Unmoved,
        };

    private RoutinePlan Read(
        CarProblem car,
        SolvedRoutine solved,
        IReadOnlyList<UnmetPin> unmet,
        DateOnly until
    )
    {
        PlannedDay[] slots =
        [
            .. car
                .Days.Index()
                .Select(day => new PlannedDay(
                    day.Item,
                    [.. solved.Visits[day.Index].Select(task => VisitOf(car, solved, task, day.Index))],
                    solved.Used[day.Index] / 2.0,
                    car.Problem.Slots[day.Index].HalfMinutes / 2.0
                )),
        ];
        int asked = until.DayNumber - year.Today.DayNumber;
        RoutineProblem shown = car.Problem.UpTo(asked);
        SolvedRoutine inTime = RoutineSolver.Weigh(shown, [.. solved.Visits.Take(shown.Slots.Count)]);
        PlannedTask[] tasks =
        [
            .. car
                .Items.Index()
                .Select(item =>
                    PlannedTask.Of(
                        item.Item,
                        NeededInterval.Of(
                            car.Problem.Tasks[item.Index],
                            year.Today,
                            year.BeliefOf(item.Item.Task.Id)
                        ),
                        [
                            .. slots
                                .Where(slot =>
                                    slot.Day.Day <= until && slot.Tasks.Any(visit => visit.Item == item.Item)
                                )
                                .Select(slot => slot.Day.Day),
                        ],
                        inTime.Overdue[item.Index],
                        new LevelCourse(
                            car.Problem.Tasks[item.Index],
                            solved
                                .Visits.Index()
                                .Where(tasks => tasks.Item.Contains(item.Index))
                                .Select(tasks => car.Problem.Slots[tasks.Index].Day)
                        )
                    )
                ),
        ];
        return new RoutinePlan(slots, tasks, car.Left, unmet, until, inTime.WeightedOverdue)
        {
            KitHalfMinutes = car.Problem.KitFetch,
            Unvisited = Unvisited.Of(car, tasks, year.HalfMinutesIn),
        }.In(slots, year.Today);
    }

    private PlannedVisit VisitOf(CarProblem car, SolvedRoutine solved, int task, int slot)
    {
        RoutineTask of = car.Problem.Tasks[task];
        WorkAtMark work = year.WorkAt(car.Days[slot].Slot.Place);
        TaskId taskId = car.Items[task].Task.Id;
        return new PlannedVisit(
            car.Items[task],
            of.HalfMinutes / 2.0,
            of.Pinned.Contains(slot),
            VisitLevel.DaysOver(car.Problem, solved, task, slot) > OnTheDay,
            work.ProductsFor(taskId),
            work.MethodsFor(taskId)
        );
    }
}

/// <summary>A plan that stands: which tasks were planned on which days of slots.</summary>
/// <param name="Days">For each day of a slot, its tasks.</param>
public sealed record StandingPlan(
    IReadOnlyDictionary<(SlotId Slot, DateOnly RuleDay), IReadOnlyList<TaskId>> Days
)
{
    /// <summary>The half minutes of hands with which each task was planned. They stand too: what takes a little longer than was thought moves nothing.</summary>
    public IReadOnlyDictionary<TaskId, int> HalfMinutes { get; init; } = new Dictionary<TaskId, int>();

    /// <summary>What stands after a plan was made.</summary>
    public static StandingPlan Of(RoutinePlan plan) =>
        new(
            plan.Slots.ToDictionary(
                slot => (slot.Day.Slot.Id, slot.Day.RuleDay),
                slot => (IReadOnlyList<TaskId>)[.. slot.Tasks.Select(visit => visit.Item.Task.Id)]
            )
        )
        {
            HalfMinutes = plan.Tasks.ToDictionary(
                task => task.Item.Task.Id,
                task => task.Course.Task.HalfMinutes
            ),
        };

    /// <summary>The same by the numbers of a problem; what it does not have is left out.</summary>
    internal IReadOnlyList<IReadOnlyList<int>> For(CarProblem car) =>
        [
            .. car.Days.Select(day =>
                Days.TryGetValue((day.Slot.Id, day.RuleDay), out IReadOnlyList<TaskId>? tasks)
                    ? (IReadOnlyList<int>)[.. tasks.Select(car.IndexOf).OfType<int>()]
                    : []
            ),
        ];
}
