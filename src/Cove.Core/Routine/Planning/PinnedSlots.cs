using System.Globalization;
using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;
using Cove.Core.Upkeep;

namespace Cove.Core.Routine.Planning;

/// <summary>Finds the slots in which what an owner has pinned is done.</summary>
/// <remarks>A pin holds whatever it costs; the plan goes round it. Where no slot can take it, it is said instead.</remarks>
public static class PinnedSlots
{
    /// <summary>Puts the pins into a problem.</summary>
    /// <param name="car">The car's problem without pins.</param>
    /// <param name="pins">The pins.</param>
    /// <param name="lastDone">The day on which each task was last done, where it was.</param>
    /// <param name="today">The owner's present day.</param>
    /// <param name="until">The last day for which it is said that a pin does not fit.</param>
    /// <returns>The problem with the pins, and a sentence for each pin that does not fit.</returns>
    public static (CarProblem Problem, IReadOnlyList<UnmetPin> Unmet) Put(
        CarProblem car,
        IReadOnlyList<Pin> pins,
        IReadOnlyDictionary<TaskId, DateOnly> lastDone,
        DateOnly today,
        DateOnly until
    )
    {
        RoutineTask[] tasks = [.. car.Problem.Tasks];
        var unmet = new List<UnmetPin>();
        // What is left of each slot for further pins.
        int[] room = [.. car.Problem.Slots.Select(slot => slot.HalfMinutes)];
        foreach (Pin pin in pins)
        {
            if (car.IndexOf(pin.TaskId) is not { } index)
            {
                if (
                    pin.Kind != PinKind.Never
                    && car.Left.FirstOrDefault(left => left.Status.Item.Task.Id == pin.TaskId) is { } left
                )
                {
                    unmet.Add(new UnmetPin(pin, $"“{left.Status.Item.Task.Name}”: {left.Why} {left.WayOut}"));
                }

                continue;
            }

            IReadOnlyList<IReadOnlyList<int>> windows =
                pin.Kind == PinKind.Never
                    ? []
                    : Windows(
                        car,
                        pin,
                        lastDone.TryGetValue(pin.TaskId, out DateOnly day) ? day : null,
                        today
                    );
            var chosen = new List<int>();
            int needs = VisitNeeds.HalfMinutes(car.Problem, index);
            foreach (IReadOnlyList<int> window in windows)
            {
                int[] open =
                [
                    .. window.Where(slot =>
                        !VisitNeeds.IsClosed(car.Problem, index, slot) && room[slot] >= needs
                    ),
                ];
                if (open.Length == 0)
                {
                    bool matters = window.Count == 0 || car.Days[window[^1]].Day <= until;
                    if (matters && unmet.All(known => known.Pin != pin))
                    {
                        unmet.Add(new UnmetPin(pin, SentenceFor(car, pin, car.Items[index], window)));
                    }

                    continue;
                }

                chosen.Add(open[0]);
                room[open[0]] -= needs;
            }

            tasks[index] = tasks[index] with { Pinned = chosen, OnlyPinned = true };
        }

        return (car with { Problem = car.Problem with { Tasks = tasks } }, unmet);
    }

    /// <summary>For each time that it is to be done, the slots in question, the fittest first.</summary>
    private static List<IReadOnlyList<int>> Windows(
        CarProblem car,
        Pin pin,
        DateOnly? lastDone,
        DateOnly today
    )
    {
        var windows = new List<IReadOnlyList<int>>();
        if (pin.Kind == PinKind.InMonths)
        {
            foreach (
                var month in car
                    .Days.Index()
                    .Where(day => pin.Months.Contains(day.Item.Day.Month))
                    .GroupBy(day => (day.Item.Day.Year, day.Item.Day.Month))
            )
            {
                if (lastDone is not { } done || (done.Year, done.Month) != month.Key)
                {
                    windows.Add([.. month.Select(day => day.Index)]);
                }
            }

            return windows;
        }

        DateOnly due = (lastDone ?? today.AddDays(-7 * pin.Weeks)).AddDays(7 * pin.Weeks);
        while (car.Days.Count > 0 && due <= car.Days[^1].Day)
        {
            DateOnly wanted = due < today ? today : due;
            int[] near =
            [
                .. car
                    .Days.Index()
                    .Where(day => Math.Abs(day.Item.Day.DayNumber - wanted.DayNumber) <= 7 * pin.Weeks / 2.0)
                    .OrderBy(day => Math.Abs(day.Item.Day.DayNumber - wanted.DayNumber))
                    .Select(day => day.Index),
            ];
            windows.Add(near);
            due = (near.Length > 0 ? car.Days[near[0]].Day : wanted).AddDays(7 * pin.Weeks);
        }

        return windows;
    }

    private static string SentenceFor(CarProblem car, Pin pin, CareItem item, IReadOnlyList<int> window) =>
        window.Count == 0
            ? $"There is no slot when “{item.Task.Name}” is to be done. Add one, or choose another time."
        : window.All(slot => car.Problem.Tasks[car.IndexOf(item.Task.Id)!.Value].Closed.Contains(slot))
            ? $"{InWords(car, pin, window)} none of your slots can hold “{item.Task.Name}”: see what they are for, where they are, and how long the car may stand."
        : $"{InWords(car, pin, window)} none of your slots is long enough for “{item.Task.Name}”. Make one longer, or choose another time.";

    private static string InWords(CarProblem car, Pin pin, IReadOnlyList<int> window) =>
        pin.Kind == PinKind.InMonths
            ? $"In {car.Days[window[0]].Day.ToString("MMMM yyyy", CultureInfo.InvariantCulture)}"
            : $"Around {DayWords.Of(car.Days[window[0]].Day, car.Days[0].Day)}";
}

/// <summary>A pin that cannot be kept.</summary>
/// <param name="Pin">The pin.</param>
/// <param name="Sentence">Why, and what to do about it.</param>
public sealed record UnmetPin(Pin Pin, string Sentence);
