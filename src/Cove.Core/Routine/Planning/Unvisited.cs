using System.Globalization;
using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;
using Cove.Core.Upkeep;

namespace Cove.Core.Routine.Planning;

/// <summary>A task that could be done at a place of the routine and yet has no visit, though it will be over its mark.</summary>
/// <remarks>What can be done at none of the places is not this; see <see cref="RoutinePlan.NotPlanned"/>.</remarks>
/// <param name="Item">The task.</param>
/// <param name="Why">The reason, as one sentence to the owner.</param>
/// <param name="WayOut">What would bring it a visit, as one sentence; null where only the owner's own word keeps it away.</param>
public sealed record Unvisited(CareItem Item, string Why, string? WayOut)
{
    /// <summary>Sessions are proposed in steps of so many minutes.</summary>
    private const int Step = 5;

    /// <summary>Finds them.</summary>
    /// <param name="car">The car as a problem.</param>
    /// <param name="tasks">How its tasks fare, in the order of the problem.</param>
    /// <param name="roomIn">The half minutes for tasks and kits in a session of some minutes.</param>
    internal static IReadOnlyList<Unvisited> Of(
        CarProblem car,
        IReadOnlyList<PlannedTask> tasks,
        Func<int, int> roomIn
    ) =>
        [
            .. tasks
                .Index()
                .Where(task => task.Item.Dates.Count == 0 && task.Item.OverdueDays >= 1)
                .Select(task => For(car, task.Index, roomIn)),
        ];

    private static Unvisited For(CarProblem car, int task, Func<int, int> roomIn)
    {
        CareItem item = car.Items[task];
        RoutineTask of = car.Problem.Tasks[task];
        if (of.OnlyPinned)
        {
            return new Unvisited(
                item,
                "You decide yourself when it is done, and no day is set.",
                of.Pinned.Count == 0 ? "Set it back to “As planned” to have it planned." : null
            );
        }

        int needs = VisitNeeds.HalfMinutes(car.Problem, task);
        int most = car
            .Problem.Slots.Index()
            .Where(slot => !VisitNeeds.IsClosed(car.Problem, task, slot.Index))
            .Select(slot => slot.Item.HalfMinutes)
            .DefaultIfEmpty(0)
            .Max();
        if (needs <= most)
        {
            return new Unvisited(
                item,
                "It would fit, but the minutes go to what matters more.",
                "A few more minutes in each session, or one longer session now and then, would reach it."
            );
        }

        int? enough = Enumerable
            .Range(1, Slot.LongestMinutes / Step)
            .Select(step => step * Step)
            .Where(minutes => roomIn(minutes) >= needs)
            .Select(minutes => (int?)minutes)
            .FirstOrDefault();
        string takes = string.Create(
            CultureInfo.InvariantCulture,
            $"With what comes before it, it takes {Math.Ceiling(needs / 2.0):0} minutes by the time it is done, and no session that may hold it is so long."
        );
        return new Unvisited(
            item,
            takes,
            enough is { } session
                ? string.Create(
                    CultureInfo.InvariantCulture,
                    $"One session of {session} minutes or more would hold it."
                )
                : "Keep it for a deep clean."
        );
    }
}
