using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>What a visit takes of a slot together with all that has to be done with it.</summary>
internal static class VisitNeeds
{
    /// <summary>The half minutes of a task with all that it requires and every kit of theirs.</summary>
    public static int HalfMinutes(RoutineProblem problem, int task) => HalfMinutes(problem, [task]);

    /// <summary>The half minutes of some tasks with all that they require and every kit of theirs.</summary>
    public static int HalfMinutes(RoutineProblem problem, IEnumerable<int> tasks)
    {
        HashSet<int> all = [.. tasks.SelectMany(task => With(problem, task))];
        return all.Sum(task => problem.Tasks[task].HalfMinutes)
            + all.SelectMany(task => problem.Tasks[task].Kits).Distinct().Sum(kit => problem.KitFetch[kit]);
    }

    /// <summary>Whether a slot cannot hold a task, or something it requires.</summary>
    public static bool IsClosed(RoutineProblem problem, int task, int slot) =>
        With(problem, task).Any(one => problem.Tasks[one].Closed.Contains(slot));

    private static IEnumerable<int> With(RoutineProblem problem, int task)
    {
        for (int? at = task; at is { } one; at = problem.Tasks[one].Requires)
        {
            yield return one;
        }
    }
}
