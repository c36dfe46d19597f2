using Cove.Core.Cars;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Methods.Steps;
using Cove.Core.Sessions;
using Cove.Core.Sessions.Ready;
using Cove.Core.Sessions.Runs;
using Cove.Core.Spots;

namespace Cove.Core.Routine.Planning;

/// <summary>What a car's tasks take at their marks, or at some other level, at one kind of place: the same gate, methods, products and minutes as in a session.</summary>
/// <remarks>What is left in the bottles is not asked: what runs out is bought in time, and the shopping list says when.</remarks>
public sealed class WorkAtMark
{
    private readonly DayPlan due;
    private readonly Dictionary<TaskId, ReadyTask> ready;
    private readonly Dictionary<TaskId, HeldBack> held;
    private readonly Dictionary<TaskId, IReadOnlyList<StepProduct>> products = [];

    /// <summary>Works it out.</summary>
    /// <param name="car">The car with what serves it.</param>
    /// <param name="paces">The owner's pace.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="place">The place.</param>
    /// <param name="level">The level of every task beside its mark; 1 is just due.</param>
    public WorkAtMark(CarShelf car, OwnerPaces paces, DateTimeOffset now, Workplace place, double level = 1)
    {
        due = new DayPlan(
            new CarShelf(car.Ledger.AtMarks(now, level), car.Shelf, car.Records, car.Ways),
            paces,
            now,
            new DayConditions(place, Supplies.Unmeasured, DampSurfaces.None, SpotBook.Empty)
        );
        ready = due.Ready.All.ToDictionary(task => task.Status.Item.Task.Id);
        held = due
            .Ready.Held.GroupBy(hold => hold.Status.Item.Task.Id)
            .ToDictionary(holds => holds.Key, holds => holds.First());
    }

    /// <summary>How a task is done there; null when it cannot be.</summary>
    public ReadyTask? Of(TaskId taskId) => ready.GetValueOrDefault(taskId);

    /// <summary>What a task is done with there; nothing for what is done dry, and for what cannot be done.</summary>
    public IReadOnlyList<StepProduct> ProductsFor(TaskId taskId)
    {
        if (!products.TryGetValue(taskId, out IReadOnlyList<StepProduct>? known))
        {
            known = Of(taskId) is { } task
                ?
                [
                    .. task.Choices.Choices.SelectMany(choice =>
                        StepProduct.Of(task.Status.Item.Task, choice)
                    ),
                ]
                : [];
            products[taskId] = known;
        }

        return known;
    }

    /// <summary>How a task is done there, method by method; nothing for what cannot be.</summary>
    public IReadOnlyList<Method> MethodsFor(TaskId taskId) =>
        Of(taskId) is { } task ? [.. task.Work.Uses.Select(use => use.Method).Distinct()] : [];

    /// <summary>Some tasks as a session there: in their running order, with kits, products, waits and chores.</summary>
    /// <param name="taskIds">The tasks.</param>
    /// <param name="minutes">The minutes of the session.</param>
    /// <remarks>It is made of tasks that have just come due, as those of a coming slot have. Today's session is not made here, but from how the car stands today.</remarks>
    public PlannedSession Session(IReadOnlyCollection<TaskId> taskIds, int minutes) =>
        due.SlotSession(taskIds, minutes);

    /// <summary>Why a task cannot be done there, on some or all of its surfaces; null when it can be on all.</summary>
    public HeldBack? WhyNot(TaskId taskId) => held.GetValueOrDefault(taskId);
}
