using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Routine.Slots;

/// <summary>What a routine must hold to before it can be kept.</summary>
public static class RoutineRules
{
    /// <summary>The most single days of a slot that are otherwise than its rule has them.</summary>
    public const int MostChanges = 200;

    /// <summary>The most days of all slots together in two years: what the planner can hold.</summary>
    public const int MostDaysInTwoYears = 300;

    private const int LookAheadYears = 5;

    /// <summary>Says what is wrong with a routine, each with where it stands.</summary>
    /// <param name="routine">The routine.</param>
    /// <param name="today">The owner's present day.</param>
    /// <param name="zone">The owner's time zone.</param>
    public static IEnumerable<ValidationError> Check(CarRoutine routine, DateOnly today, TimeZoneInfo zone)
    {
        if (routine.Slots.Count > CarRoutine.MostSlots)
        {
            return [new ValidationError("slots", $"Give up to {CarRoutine.MostSlots} slots.")];
        }

        ValidationError[] errors =
        [
            .. routine.Slots.SelectMany((slot, at) => Slot(slot, $"slots[{at}]", today)),
            .. SameId(routine),
            .. routine.Away.SelectMany((away, at) => Spell(away, $"away[{at}]")),
            .. routine.Pins.SelectMany((pin, at) => Pinned(pin, $"pins[{at}]")),
            .. SamePin(routine),
            .. routine.SlotsOf is not null && routine.Slots.Count > 0
                ? [new ValidationError("slotsOf", "Share another car's slots, or give this one its own.")]
                : Array.Empty<ValidationError>(),
            .. routine.Moves.SelectMany((move, at) => Moved(move, $"moves[{at}]")),
        ];
        return errors.Length == 0 && routine.Days(today, today.AddYears(2), zone).Count > MostDaysInTwoYears
            ?
            [
                new ValidationError(
                    "slots",
                    $"Together these are more than {MostDaysInTwoYears} days in two years. Fewer and longer ones do as well."
                ),
            ]
            : errors;
    }

    private static IEnumerable<ValidationError> Slot(Slot slot, string at, DateOnly today)
    {
        if (slot.Minutes is < Slots.Slot.ShortestMinutes or > Slots.Slot.LongestMinutes)
        {
            yield return new ValidationError($"{at}.minutes", Minutes);
        }

        if (
            slot.Without.Count != slot.Without.Distinct().Count()
            || slot.Without.Any(id => CareTasks.Find(id) is null)
        )
        {
            yield return new ValidationError($"{at}.without", "Name tasks that Cove knows, each once.");
        }

        if (slot.From < today.AddYears(-LookAheadYears) || slot.From > today.AddYears(LookAheadYears))
        {
            yield return new ValidationError($"{at}.from", "Begin within five years of today.");
            yield break;
        }

        DateOnly[] days =
        [
            .. slot
                .Rule.Days(slot.From, today.AddYears(LookAheadYears))
                .Where(day => day >= today)
                .Take((Slots.Slot.MostDaysAYear * LookAheadYears) + 1),
        ];
        if (days.Length == 0 && !slot.Changes.Any(change => change.Kind == SlotChangeKind.Added))
        {
            yield return new ValidationError(
                $"{at}.rule",
                "This never falls on a day from today on. Choose another day, or take the slot out."
            );
        }
        else if (days.Count(day => day < today.AddYears(1)) > Slots.Slot.MostDaysAYear)
        {
            yield return new ValidationError(
                $"{at}.rule",
                "This is more than three days a week. A few longer ones do as well."
            );
        }

        if (slot.Changes.Count > MostChanges)
        {
            yield return new ValidationError(
                $"{at}.changes",
                $"Change up to {MostChanges} single days. With more, change how the slot repeats."
            );
        }

        foreach (var (number, change) in slot.Changes.Index())
        {
            if (change.Minutes is < Slots.Slot.ShortestMinutes or > Slots.Slot.LongestMinutes)
            {
                yield return new ValidationError($"{at}.changes[{number}].minutes", Minutes);
            }

            if (change.Kind == SlotChangeKind.Moved && change.To is null && change.Time is null)
            {
                yield return new ValidationError(
                    $"{at}.changes[{number}].to",
                    "Say the day or the time it is moved to."
                );
            }
        }
    }

    private static readonly string Minutes =
        $"Say {Slots.Slot.ShortestMinutes} to {Slots.Slot.LongestMinutes} minutes.";

    private static IEnumerable<ValidationError> SameId(CarRoutine routine) =>
        routine.Slots.Select(slot => slot.Id).Distinct().Count() < routine.Slots.Count
            ? [new ValidationError("slots", "Each slot needs an id of its own.")]
            : [];

    private static IEnumerable<ValidationError> Spell(Away away, string at)
    {
        if (away.Last < away.First || away.Last.DayNumber - away.First.DayNumber > 366)
        {
            yield return new ValidationError(
                $"{at}.last",
                "A time away ends on or after its first day, within a year."
            );
        }
    }

    private static IEnumerable<ValidationError> Pinned(Pin pin, string at)
    {
        if (CareTasks.Find(pin.TaskId) is null)
        {
            yield return new ValidationError($"{at}.task", "There is no such task.");
        }

        if (pin.Kind == PinKind.EveryWeeks && pin.Weeks is < 1 or > 104)
        {
            yield return new ValidationError($"{at}.weeks", "Say 1 to 104 weeks.");
        }

        if (
            pin.Kind == PinKind.InMonths
            && (pin.Months.Count is 0 or > 12 || pin.Months.Any(month => month is < 1 or > 12))
        )
        {
            yield return new ValidationError($"{at}.months", "Name one month or more, from 1 to 12.");
        }
    }

    private static IEnumerable<ValidationError> Moved(VisitMove move, string at)
    {
        if (CareTasks.Find(move.TaskId) is null)
        {
            yield return new ValidationError($"{at}.task", "There is no such task.");
        }

        if ((move.FromSlot, move.FromDay) == (move.ToSlot, move.ToDay))
        {
            yield return new ValidationError($"{at}.toDay", "Move it to another session than its own.");
        }
    }

    private static IEnumerable<ValidationError> SamePin(CarRoutine routine) =>
        routine.Pins.Select(pin => pin.TaskId).Distinct().Count() < routine.Pins.Count
            ? [new ValidationError("pins", "Pin each task once.")]
            : [];
}
