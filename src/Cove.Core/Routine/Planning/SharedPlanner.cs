using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;
using Visits = System.Collections.Generic.IReadOnlyList<System.Collections.Generic.IReadOnlyList<int>>;

namespace Cove.Core.Routine.Planning;

/// <summary>Plans two cars in the slots of one person: each slot goes to the car that needs it more, or to both.</summary>
/// <remarks>Both cars are one problem. Turning to a car costs what getting ready and setting back cost, so that a slot is split only where that is worth it; kits that were fetched for one serve the other.</remarks>
/// <param name="host">Plans the car whose slots they are.</param>
/// <param name="guest">Plans the car that is done in them too.</param>
/// <param name="zone">The owner's time zone.</param>
public sealed class SharedPlanner(RoutinePlanner host, RoutinePlanner guest, TimeZoneInfo zone)
{
    /// <summary>How often both cars are planned until the minutes are those of the plan. Cove's own choice.</summary>
    private const int MostRounds = 4;

    /// <summary>Plans.</summary>
    /// <param name="routine">The routine of the car whose slots they are.</param>
    /// <param name="guestRoutine">The routine of the other car: its pins and moves count, it has no slots.</param>
    /// <param name="months">How many months are asked for.</param>
    /// <param name="standing">What stands for each; null to plan from nothing.</param>
    /// <param name="from">The first day that counts; today when left out.</param>
    /// <returns>The plan of each car. Each has the days on which it is cared for, as long as its own part of them; a day on which neither needs anything is the first car's.</returns>
    /// <exception cref="InvalidOperationException">The cars have more tasks together than can be planned; see <see cref="Fits"/>.</exception>
    public (RoutinePlan Host, RoutinePlan Guest) Plan(
        CarRoutine routine,
        CarRoutine guestRoutine,
        int months,
        (StandingPlan Host, StandingPlan Guest)? standing = null,
        DateOnly? from = null
    )
    {
        PlanSpan span = PlanSpan.Of(host.Year.Today, months, from);
        IReadOnlyList<SlotDay> days = span.DaysOf(routine, zone);
        PreparedCar first = host.Prepare(routine, days, span);
        PreparedCar second = guest.Prepare(guestRoutine, days, span);
        if (!Fits(host.Year, guest.Year))
        {
            throw new InvalidOperationException("These two cars have more to do than one plan can hold.");
        }

        int turning = days.Count == 0 ? 0 : host.Year.ChoresIn(days.Min(day => day.Minutes));
        int count = first.Problem.Items.Count;
        if (standing is var (hostStands, guestStands))
        {
            return Read(
                Again(
                    first,
                    second,
                    (hostStands.For(first.Problem), guestStands.For(second.Problem)),
                    (hostStands.HalfMinutes, guestStands.HalfMinutes)
                ),
                span
            );
        }

        // A rough plan is enough to see how the tasks will stand when they are done.
        var rough = Apart(
            RoutineSolver.Solve(
                Join(first.Problem.Problem, second.Problem.Problem, turning),
                moves: 0,
                ByTurns(first.Problem.Problem, second.Problem.Problem)
            )
        );
        var none = new Dictionary<TaskId, int>();
        PreparedCar one = Settle(host, first, rough.Host, none);
        PreparedCar other = Settle(guest, second, rough.Guest, none);
        var planned = (
            One: one,
            Other: other,
            Visits: Apart(
                RoutineSolver.Solve(
                    Join(one.Problem.Problem, other.Problem.Problem, turning),
                    known: ByTurns(one.Problem.Problem, other.Problem.Problem)
                )
            )
        );
        for (int round = 0; round < MostRounds; round++)
        {
            var again = Again(
                first,
                second,
                planned.Visits,
                (
                    SettledMinutes.HalfMinutesOf(planned.One.Problem),
                    SettledMinutes.HalfMinutesOf(planned.Other.Problem)
                )
            );
            bool isSettled =
                Same(again.Visits.Host, planned.Visits.Host)
                && Same(again.Visits.Guest, planned.Visits.Guest);
            planned = again;
            if (isSettled)
            {
                break;
            }
        }

        return Read(planned, span);

        (PreparedCar One, PreparedCar Other, (Visits Host, Visits Guest) Visits) Again(
            PreparedCar ofHost,
            PreparedCar ofGuest,
            (Visits Host, Visits Guest) visits,
            (IReadOnlyDictionary<TaskId, int> Host, IReadOnlyDictionary<TaskId, int> Guest) halfMinutes
        )
        {
            PreparedCar hosted = Settle(host, ofHost, visits.Host, halfMinutes.Host);
            PreparedCar guesting = Settle(guest, ofGuest, visits.Guest, halfMinutes.Guest);
            return (
                hosted,
                guesting,
                Apart(
                    RoutineSolver.SolveAgain(
                        Join(hosted.Problem.Problem, guesting.Problem.Problem, turning),
                        Both(visits.Host, visits.Guest, count)
                    )
                )
            );
        }

        (Visits Host, Visits Guest) Apart(SolvedRoutine solved) => SharedPlanner.Apart(solved, count);

        (RoutinePlan Host, RoutinePlan Guest) Read(
            (PreparedCar One, PreparedCar Other, (Visits Host, Visits Guest) Visits) of,
            PlanSpan over
        ) => ReadBoth(of.One, of.Other, of.Visits, turning, over);
    }

    private static bool Same(Visits one, Visits other) =>
        one.Zip(other).All(pair => pair.First.SequenceEqual(pair.Second));

    /// <summary>A car with the minutes that its tasks take on the days of a plan.</summary>
    private static PreparedCar Settle(
        RoutinePlanner planner,
        PreparedCar car,
        IReadOnlyList<IReadOnlyList<int>> visits,
        IReadOnlyDictionary<TaskId, int> halfMinutes
    ) =>
        car with
        {
            Problem = SettledMinutes.Keep(
                planner.Year,
                car.Problem,
                RoutineSolver.Weigh(car.Problem.Problem, visits),
                halfMinutes,
                SettledMinutes.SlackOfStanding
            ),
        };

    /// <summary>The visits of both cars by the numbers of the one problem.</summary>
    private static IReadOnlyList<IReadOnlyList<int>> Both(
        IReadOnlyList<IReadOnlyList<int>> ofHost,
        IReadOnlyList<IReadOnlyList<int>> ofGuest,
        int count
    ) =>
        [
            .. ofHost.Zip(
                ofGuest,
                (one, other) => (IReadOnlyList<int>)[.. one, .. other.Select(task => task + count)]
            ),
        ];

    /// <summary>The visits of each car by its own numbers.</summary>
    private static (IReadOnlyList<IReadOnlyList<int>> Host, IReadOnlyList<IReadOnlyList<int>> Guest) Apart(
        SolvedRoutine solved,
        int count
    ) =>
        (
            [.. solved.Visits.Select(tasks => (IReadOnlyList<int>)[.. tasks.Where(task => task < count)])],
            [
                .. solved.Visits.Select(tasks =>
                    (IReadOnlyList<int>)[.. tasks.Where(task => task >= count).Select(task => task - count)]
                ),
            ]
        );

    private (RoutinePlan Host, RoutinePlan Guest) ReadBoth(
        PreparedCar first,
        PreparedCar second,
        (IReadOnlyList<IReadOnlyList<int>> Host, IReadOnlyList<IReadOnlyList<int>> Guest) visits,
        int turning,
        PlanSpan span
    )
    {
        var (ofHost, ofGuest) = visits;
        RoutinePlan hostPlan = host.Read(first, RoutineSolver.Weigh(first.Problem.Problem, ofHost), span);
        RoutinePlan guestPlan = guest.Read(
            second,
            RoutineSolver.Weigh(second.Problem.Problem, ofGuest),
            span
        );
        var parts = hostPlan
            .Slots.Zip(guestPlan.Slots, (one, other) => Split(one, other, turning / 2.0))
            .ToArray();
        return (
            hostPlan.In([.. parts.Select(part => part.Host).OfType<PlannedDay>()], host.Year.Today),
            guestPlan.In([.. parts.Select(part => part.Guest).OfType<PlannedDay>()], guest.Year.Today)
        );
    }

    /// <summary>Whether two cars can be planned together.</summary>
    public static bool Fits(CarYear one, CarYear other) =>
        one.Statuses.Count + other.Statuses.Count <= RoutineProblem.MostTasks;

    /// <summary>What comes of it when the cars take turns: the plan is never worse.</summary>
    private static IReadOnlyList<IReadOnlyList<int>> ByTurns(RoutineProblem first, RoutineProblem second)
    {
        return Both(Turn(first, 0), Turn(second, 1), first.Tasks.Count);

        static IReadOnlyList<IReadOnlyList<int>> Turn(RoutineProblem problem, int turn) =>
            RoutineSolver
                .Solve(
                    problem with
                    {
                        Slots =
                        [
                            .. problem.Slots.Select(
                                (slot, at) => at % 2 == turn ? slot : slot with { HalfMinutes = 0 }
                            ),
                        ],
                    },
                    moves: 0
                )
                .Visits;
    }

    /// <summary>One problem of two cars. What lies loose in either, and turning to it, are kits of its own.</summary>
    private static RoutineProblem Join(RoutineProblem first, RoutineProblem second, int turning)
    {
        int count = first.Tasks.Count;
        int loose = first.KitFetch.Count - 1;
        int looseOfSecond = loose + 1;
        int toFirst = loose + 2;
        int toSecond = loose + 3;
        return first with
        {
            Tasks =
            [
                .. first.Tasks.Select(task => task with { Kits = [.. task.Kits, toFirst] }),
                .. second.Tasks.Select(task =>
                    task with
                    {
                        Kits = [.. task.Kits.Select(kit => kit == loose ? looseOfSecond : kit), toSecond],
                        Requires = task.Requires + count,
                    }
                ),
            ],
            Slots = [.. first.Slots.Select(slot => slot with { HalfMinutes = slot.HalfMinutes + turning })],
            KitFetch = [.. first.KitFetch, second.KitFetch[loose], turning, turning],
        };
    }

    /// <summary>The part of a day that each car has. The first car comes first.</summary>
    /// <param name="first">What the first car has of the day.</param>
    /// <param name="second">What the other has.</param>
    /// <param name="turning">The minutes that turning to a car costs; those of one are in the day's room already.</param>
    private static (PlannedDay? Host, PlannedDay? Guest) Split(
        PlannedDay first,
        PlannedDay second,
        double turning
    )
    {
        if (second.Tasks.Count == 0)
        {
            return (first, null);
        }

        if (first.Tasks.Count == 0)
        {
            return (null, second);
        }

        int minutes = first.Day.Minutes;
        // Neither gets so little that it is no session; a slot that is too short for two is halved.
        int least = Math.Min(Slot.ShortestMinutes, minutes / 2);
        int ofFirst = Math.Clamp(
            (int)Math.Round(minutes * first.Minutes / (first.Minutes + second.Minutes)),
            least,
            minutes - least
        );
        // What neither needs is free to both in the measure in which they use the day.
        double spare = Math.Max(0, first.Room - turning - first.Minutes - second.Minutes);
        double share = ofFirst / (double)minutes;
        return (
            first with
            {
                Day = first.Day with { Minutes = ofFirst },
                Room = first.Minutes + (spare * share),
            },
            second with
            {
                Room = second.Minutes + (spare * (1 - share)),
                Day = second.Day with
                {
                    Time = second.Day.Time.AddMinutes(ofFirst),
                    Minutes = minutes - ofFirst,
                },
            }
        );
    }
}
