using System.Globalization;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Recurrence;
using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Proposals;

/// <summary>A smaller routine for an owner whose slots keep passing by.</summary>
/// <param name="Routine">The routine: the slot that is missed most comes half as often.</param>
/// <param name="Missed">How many days of that slot passed without a session.</param>
/// <param name="Of">Out of how many.</param>
/// <param name="Rule">How often it would come.</param>
public sealed record SmallerRoutine(CarRoutine Routine, int Missed, int Of, RecurrenceRule Rule)
{
    /// <summary>How far back it looks, in days: eight weeks. Cove's own choice.</summary>
    public const int Reach = 56;

    /// <summary>With fewer days than this nothing can be said. Cove's own choice.</summary>
    private const int Fewest = 4;

    /// <summary>So many missed one after the other, up to the last, are enough as well. Cove's own choice.</summary>
    private const int InARow = 3;

    /// <summary>No slot is proposed that comes more seldom, in weeks.</summary>
    private const int Rarest = 13;

    /// <summary>Looks for one.</summary>
    /// <param name="routine">The routine.</param>
    /// <param name="cared">The days on which the car was cared for in the last <see cref="Reach"/> days.</param>
    /// <param name="today">The owner's present day.</param>
    /// <param name="zone">The owner's time zone.</param>
    /// <returns>Null unless at least half of the days of a slot that comes by weeks were missed, or the last three.</returns>
    public static SmallerRoutine? For(
        CarRoutine routine,
        IReadOnlyCollection<DateOnly> cared,
        DateOnly today,
        TimeZoneInfo zone
    )
    {
        foreach (
            Slot slot in routine.Slots.Where(slot =>
                slot.Rule.Frequency == Frequency.Weekly && slot.Rule.Interval * 2 <= Rarest
            )
        )
        {
            IReadOnlyList<SlotDay> days = (routine with { Slots = [slot] }).Days(
                today.AddDays(-Reach),
                today.AddDays(-1),
                zone
            );
            bool[] missed = [.. days.Select(day => SlotHabit.IsMissed(day, cared))];
            int all = missed.Count(day => day);
            if (
                days.Count >= Fewest
                && (all * 2 >= days.Count || missed.Reverse().TakeWhile(day => day).Count() >= InARow)
            )
            {
                RecurrenceRule rule = SlotPattern.RuleOf(slot.Rule.Interval * 2);
                DateOnly next = (routine with { Slots = [slot] })
                    .Days(today, today.AddDays(Reach * 2), zone)
                    .Select(day => day.Day)
                    .FirstOrDefault(today);
                Slot seldom = slot with { Rule = rule, From = next, Changes = [] };
                return new SmallerRoutine(
                    routine with
                    {
                        Slots = [.. routine.Slots.Select(known => known.Id == slot.Id ? seldom : known)],
                    },
                    all,
                    days.Count,
                    rule
                );
            }
        }

        return null;
    }

    /// <summary>The proposal in words.</summary>
    public string InWords() =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{Missed} of the last {Of} sessions did not happen. That is how life goes: a routine should fit it. {RecurrenceWords.Of(Rule)} instead, Cove would put first what matters most."
        );
}
