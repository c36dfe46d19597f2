using System.Globalization;
using Cove.Core.Methods;
using Cove.Core.Routine.Proposals;
using Cove.Core.Routine.Recurrence;
using Cove.Core.Routine.Slots;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Outlook;

/// <summary>One thing that an owner could do otherwise.</summary>
/// <param name="Name">What, as a person would say it.</param>
/// <param name="Use">The use with it.</param>
/// <param name="Routine">The routine with it.</param>
public sealed record SingleChange(string Name, CarUse Use, CarRoutine Routine);

/// <summary>Everything that an owner could change by itself, to find what helps most.</summary>
/// <remarks>Only what is theirs to change: what keeps soil away, habits aboard, where the car stands, and the minutes they give. Nobody is told to have fewer children.</remarks>
public static class SingleChanges
{
    private static readonly int[] MoreMinutes = [5, 10, 15];

    private static readonly int[] LongerEvery = [8, 13];

    /// <summary>All of them.</summary>
    /// <param name="use">The present use.</param>
    /// <param name="routine">The present routine.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="today">The owner's present day.</param>
    public static IReadOnlyList<SingleChange> For(
        CarUse use,
        CarRoutine routine,
        DateTimeOffset now,
        DateOnly today
    ) =>
        [
            .. PreventionTable
                .All.Where(effect => !use.Preventions.HasFlag(effect.Prevention))
                .Select(effect => new SingleChange(
                    effect.Name,
                    use with
                    {
                        Preventions = use.Preventions | effect.Prevention,
                    },
                    routine
                )),
            .. Habits(use).Select(habit => new SingleChange(habit.Name, habit.Use, routine)),
            .. routine.Slots.SelectMany(
                (slot, at) =>
                    MoreMinutes
                        .Where(more => slot.Minutes + more <= Slot.LongestMinutes)
                        .Select(more => new SingleChange(
                            $"{more} minutes more {NameOf(slot, at, routine)}",
                            use,
                            With(routine, at, slot with { Minutes = slot.Minutes + more })
                        ))
            ),
            .. Longer(use, routine, now, today),
        ];

    /// <summary>A slot as an owner tells it from the others: by when it comes round, where that is not enough by its hour, and where that is not either by its place in the list.</summary>
    private static string NameOf(Slot slot, int at, CarRoutine routine)
    {
        string Plain(Slot one) => RecurrenceWords.Of(one.Rule).ToLowerInvariant();
        string WithTime(Slot one) =>
            string.Create(CultureInfo.InvariantCulture, $"{Plain(one)} at {one.Time:HH\\:mm}");
        return routine.Slots.Count(one => Plain(one) == Plain(slot)) == 1 ? Plain(slot)
            : routine.Slots.Count(one => WithTime(one) == WithTime(slot)) == 1 ? WithTime(slot)
            : $"{WithTime(slot)} (slot {at + 1})";
    }

    private static IEnumerable<(string Name, CarUse Use)> Habits(CarUse use)
    {
        if (use.Eating != Often.Never)
        {
            yield return ("No eating in the car", use with { Eating = Often.Never });
        }

        if (use.OpenWindows != Often.Never)
        {
            yield return ("Windows shut in dust and pollen", use with { OpenWindows = Often.Never });
        }

        if (use.ParkedInSun.Value > 0)
        {
            yield return ("Parked out of the sun", use with { ParkedInSun = default });
        }

        if (use.Smoke != SmokeHabit.None)
        {
            yield return ("No smoking in the car", use with { Smoke = SmokeHabit.None });
        }

        if (use.DustyWork != Often.Never)
        {
            yield return ("The dusty things left at home", use with { DustyWork = Often.Never });
        }
    }

    /// <summary>A longer slot with the car left to dry, where there is none yet.</summary>
    private static IEnumerable<SingleChange> Longer(
        CarUse use,
        CarRoutine routine,
        DateTimeOffset now,
        DateOnly today
    )
    {
        if (
            routine.Slots.Count is 0 or >= CarRoutine.MostSlots
            || routine.Slots.Any(slot => slot.Place.Standing == Standing.UntilTomorrow)
        )
        {
            yield break;
        }

        foreach (int weeks in LongerEvery)
        {
            Slot first = routine.Slots[0];
            var longer = first with
            {
                Id = SlotId.New(now),
                Rule = SlotPattern.RuleOf(weeks),
                From = today.AddDays(7),
                Minutes = 75,
                Place = first.Place with { Standing = Standing.UntilTomorrow },
                Changes = [],
            };
            yield return new SingleChange(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"75 minutes {RecurrenceWords.Of(longer.Rule).ToLowerInvariant()}, the car left to dry"
                ),
                use,
                routine with
                {
                    Slots = [.. routine.Slots, longer],
                }
            );
        }
    }

    private static CarRoutine With(CarRoutine routine, int at, Slot slot) =>
        routine with
        {
            Slots = [.. routine.Slots.Select((known, i) => i == at ? slot : known)],
        };
}
