using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Planning;

/// <summary>Says how much of a plan a change of its routine puts in question.</summary>
public static class RoutineChange
{
    /// <summary>Whether the slots themselves are others, so that the plan is made from nothing; single days, times away and pins leave the plan standing as far as it can.</summary>
    public static bool IsOfSlots(CarRoutine before, CarRoutine after) =>
        before.Slots.Count != after.Slots.Count
        || before
            .Slots.Zip(after.Slots)
            .Any(pair =>
                Bare(pair.First) != Bare(pair.Second)
                || !pair.First.Without.SequenceEqual(pair.Second.Without)
            );

    private static (SlotId, string, DateOnly, int, SlotUse, SlotPlace) Bare(Slot slot) =>
        (slot.Id, slot.Rule.Text, slot.From, slot.Minutes, slot.Use, slot.Place);
}
