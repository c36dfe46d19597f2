using Cove.Core.Routine.Slots;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Routine.Proposals;

/// <summary>What a pattern of slots comes to in a year.</summary>
/// <param name="Pattern">The pattern.</param>
/// <param name="Slots">The same as slots that can be kept.</param>
/// <param name="Tasks">How each task fares.</param>
/// <param name="WeightedOverdue">Weighted days of being overdue: a day at level 2 of weight 1 is 1. In this, more minutes in the same slots are never worse.</param>
public sealed record FrontierPoint(
    SlotPattern Pattern,
    IReadOnlyList<Slot> Slots,
    IReadOnlyList<TaskFare> Tasks,
    double WeightedOverdue
)
{
    /// <summary>The minutes asked for in an average week.</summary>
    public double MinutesAWeek => Pattern.MinutesAWeek;

    /// <summary>The days overdue in the year, all tasks added.</summary>
    public double OverdueDays => Tasks.Sum(task => task.OverdueDays);

    /// <summary>Whether nothing falls overdue by more than a week, or than a fifth of its own interval, once what has piled up by today is worked off. Cove's own choice: slots are days apart, and what is due twice a year may wait for the next long one.</summary>
    public bool KeepsUp => Tasks.All(Keeps);

    /// <summary>The same for what matters beyond looks and wear: sight, grip and hygiene.</summary>
    public bool KeepsWhatMatters =>
        Tasks.Where(task => task.Item.Task.Stakes >= Stakes.HygieneAndTouch).All(Keeps);

    private static bool Keeps(TaskFare task) =>
        task.IsPinned || task.Longest <= Math.Max(7, task.Item.Task.Interval.TotalDays / 5);
}

/// <summary>How a task fares in a year.</summary>
/// <param name="Item">The task.</param>
/// <param name="OverdueDays">The days it is overdue in the year.</param>
/// <param name="Longest">The longest it is overdue in one go after the first eight weeks, in days.</param>
/// <param name="IsPinned">Whether the owner has decided when it is done, so that no pattern is to blame for it.</param>
public sealed record TaskFare(CareItem Item, double OverdueDays, double Longest, bool IsPinned);
