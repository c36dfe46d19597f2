using Cove.Core.Sessions;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Routine.Planning;

/// <summary>A slot on its day: the session it holds, and why its tasks are there.</summary>
/// <remarks>Wherever a slot's session is shown or carried out it comes from here, so that it is the same everywhere. For slots that are still to come see <see cref="WorkAtMark.Session"/>.</remarks>
/// <param name="Plan">The plan, as it is today.</param>
/// <param name="Planned">The day of the slot, one of the plan's.</param>
public sealed record SlotToday(RoutinePlan Plan, PlannedDay Planned)
{
    /// <summary>Finds it.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="today">The owner's present day.</param>
    /// <returns>Null where no slot falls on that day.</returns>
    public static SlotToday? Of(RoutinePlan plan, DateOnly today) =>
        plan.Slots.FirstOrDefault(slot => slot.Day.Day == today) is { } planned
            ? new SlotToday(plan, planned)
            : null;

    /// <summary>The session: what was planned comes first, as far as it is due and can be done, and the best of what the slot may hold fills the minutes.</summary>
    /// <param name="day">The car today, with what its owner asks of the session.</param>
    public PlannedSession Session(DayPlan day) =>
        day.SlotSession(
            Plan.VisitsOn(Planned),
            [.. CareTasks.All.Where(Planned.Day.Slot.MayFill).Select(task => task.Id)],
            Planned.Day.Minutes
        );

    /// <summary>The session to offer: that of the slot where these are its minutes and something of it can be done, otherwise the best there is in them.</summary>
    /// <param name="slot">The slot that is asked for; null for none.</param>
    /// <param name="day">As for <see cref="Session"/>.</param>
    /// <param name="minutes">The minutes at hand.</param>
    public static (PlannedSession Session, bool OfSlot) Offered(SlotToday? slot, DayPlan day, int minutes) =>
        slot?.Planned.Day.Minutes == minutes && slot.Session(day) is { Steps.Count: > 0 } planned
            ? (planned, true)
            : (day.Session(minutes), false);

    /// <summary>Why a task is in the session, or why it is not, in a sentence or two.</summary>
    /// <param name="day">The car today, without anything asked of it.</param>
    /// <param name="request">What its owner asks of the session.</param>
    /// <param name="taskId">The task.</param>
    public string Why(DayPlan day, SessionRequest request, TaskId taskId)
    {
        SessionPlan PlanOf(SessionRequest asked) => Session(day.Asked(asked)).Plan;
        bool isIn = PlanOf(request).Has(taskId);
        bool isPlanned = Planned.Tasks.Any(visit => visit.Item.Task.Id == taskId);
        string next = Plan.VisitAfter(Planned, taskId) is { } later
            ? $"on {DayWords.Of(later.Day.Day, Planned.Day.Day)}"
            : string.Empty;
        return isIn && isPlanned
            ? $"The plan has it today{(next.Length > 0 ? $", and again {next}" : " and not again for long")}."
            : $"{(
                isPlanned ? "It was planned for today and finds no room. "
                : next.Length == 0 ? string.Empty
                : isIn ? $"The plan has it {next}; today it fills minutes that were left. "
                : $"The plan has it {next}. "
            )}{RowReason.Of(PlanOf, request, taskId).Sentence(isIn)}";
    }
}
