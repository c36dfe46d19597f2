using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>Plans with the minutes that tasks will take on the day.</summary>
/// <remarks>How long a task takes goes by its level on the day, which goes by the plan, which goes by how long tasks take. So it is planned, looked at, and planned again, until nothing changes that is worth it or it has been done a few times.</remarks>
internal static class SettledMinutes
{
    /// <summary>How often it is planned at most. Cove's own choice.</summary>
    private const int MostRounds = 12;

    /// <summary>By how much of itself a task may take longer or shorter than was planned, while a plan is made. Cove's own choice.</summary>
    private const double Slack = 0.2;

    /// <summary>The same where a plan stands: it is worth more that it goes on standing. Cove's own choice.</summary>
    public const double SlackOfStanding = 1;

    /// <summary>Plans until the minutes are those of the plan.</summary>
    /// <param name="year">The car.</param>
    /// <param name="car">Its problem.</param>
    /// <param name="first">A first plan, which need not be good.</param>
    public static (CarProblem Car, SolvedRoutine Solved) Of(CarYear year, CarProblem car, SolvedRoutine first)
    {
        SolvedRoutine solved = first;
        for (int round = 0; round < MostRounds && car.Days.Count > 0; round++)
        {
            // Minutes that go to and fro between two plans are left as they are in the end.
            CarProblem next =
                round < MostRounds / 2
                    ? Keep(year, car, solved, HalfMinutesOf(car), Slack)
                    : Keep(year, car, solved, HalfMinutesOf(car), SlackOfStanding);
            SolvedRoutine again = RoutineSolver.SolveAgain(next.Problem, solved.Visits);
            bool isSettled =
                next.Problem.Tasks.Zip(car.Problem.Tasks)
                    .All(pair => pair.First.HalfMinutes == pair.Second.HalfMinutes)
                && again.Visits.Zip(solved.Visits).All(pair => pair.First.SequenceEqual(pair.Second));
            (car, solved) = (next, again);
            if (isSettled)
            {
                break;
            }
        }

        return (car, solved);
    }

    /// <summary>The half minutes of a problem, by task.</summary>
    public static Dictionary<TaskId, int> HalfMinutesOf(CarProblem car) =>
        car
            .Items.Zip(car.Problem.Tasks)
            .ToDictionary(pair => pair.First.Task.Id, pair => pair.Second.HalfMinutes);

    /// <summary>A problem with the minutes of a plan that stands, but where they have become quite others.</summary>
    /// <param name="year">The car.</param>
    /// <param name="car">Its problem.</param>
    /// <param name="standing">What stands, as it would go from here.</param>
    /// <param name="halfMinutes">The half minutes with which it was planned.</param>
    /// <param name="slack">By how much of itself a task may take longer or shorter than that.</param>
    public static CarProblem Keep(
        CarYear year,
        CarProblem car,
        SolvedRoutine standing,
        IReadOnlyDictionary<TaskId, int> halfMinutes,
        double slack
    )
    {
        if (car.Days.Count == 0)
        {
            return car;
        }

        CarProblem now = year.AtLevels(car, LevelsOf(car.Problem, standing));
        return now with
        {
            Problem = now.Problem with
            {
                Tasks =
                [
                    .. now.Problem.Tasks.Zip(
                        now.Items,
                        (task, item) =>
                            halfMinutes.TryGetValue(item.Task.Id, out int stood) && IsNear(task, stood, slack)
                                ? task with
                                {
                                    HalfMinutes = stood,
                                }
                                : task
                    ),
                ],
            },
        };
    }

    private static bool IsNear(RoutineTask task, int halfMinutes, double slack) =>
        Math.Abs(task.HalfMinutes - halfMinutes) <= Math.Max(1, halfMinutes * slack);

    /// <summary>The level of each task on each of the days it is done; where it is never done, as it stands now.</summary>
    private static IReadOnlyList<IReadOnlyList<double>> LevelsOf(
        RoutineProblem problem,
        SolvedRoutine solved
    ) =>
        [
            .. problem.Tasks.Select(
                (task, index) =>
                {
                    int[] visits =
                    [
                        .. solved
                            .Visits.Index()
                            .Where(tasks => tasks.Item.Contains(index))
                            .Select(tasks => problem.Slots[tasks.Index].Day),
                    ];
                    var course = new LevelCourse(task, visits);
                    return visits.Length == 0
                        ? [Math.Max(1, task.LevelAtStart)]
                        : (IReadOnlyList<double>)[.. visits.Select(course.Before)];
                }
            ),
        ];
}
