using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>Puts the visits that an owner has moved into a problem.</summary>
internal static class MovedVisits
{
    /// <summary>Puts them.</summary>
    /// <param name="car">The car's problem, with its pins.</param>
    /// <param name="moves">The moves, the earliest made first. Those between days that are not in the problem are over, and left out.</param>
    /// <returns>The problem with the moves, and a sentence for each that does not fit.</returns>
    public static (CarProblem Problem, IReadOnlyList<UnmetMove> Unmet) Put(
        CarProblem car,
        IReadOnlyList<VisitMove> moves
    )
    {
        RoutineTask[] tasks = [.. car.Problem.Tasks];
        var unmet = new List<UnmetMove>();
        foreach (VisitMove move in moves)
        {
            if (car.IndexOf(move.TaskId) is not { } task)
            {
                continue;
            }

            int from = SlotOf(car, move.FromSlot, move.FromDay);
            int to = SlotOf(car, move.ToSlot, move.ToDay);
            if (to >= 0 && WhyNot(car, tasks, task, to) is { } why)
            {
                unmet.Add(new UnmetMove(move, why));
                continue;
            }

            tasks[task] = tasks[task] with
            {
                Closed = tasks[task].Closed.Concat(Left(from, to)).ToHashSet(),
                Pinned =
                [
                    .. tasks[task]
                        .Pinned.Append(to)
                        .Where(slot => slot >= 0 && slot != from)
                        .Distinct()
                        .Order(),
                ],
            };
        }

        return (car with { Problem = car.Problem with { Tasks = tasks } }, unmet);
    }

    /// <summary>Says of a move that stands what it comes to.</summary>
    /// <param name="move">The move.</param>
    /// <param name="car">The car's problem.</param>
    /// <param name="solved">The plan.</param>
    /// <returns>Null when the day it was moved to is not in the plan.</returns>
    public static MovedVisit? Describe(VisitMove move, CarProblem car, SolvedRoutine solved)
    {
        int slot = SlotOf(car, move.ToSlot, move.ToDay);
        if (slot < 0 || car.IndexOf(move.TaskId) is not { } task || !solved.Visits[slot].Contains(task))
        {
            return null;
        }

        int days = (int)Math.Round(VisitLevel.DaysOver(car.Problem, solved, task, slot));
        string moved =
            $"{car.Items[task].Task.ShortName} moved from {Said(car, move.FromDay)} to {Said(car, car.Days[slot].Day)}.";
        string overdue =
            days < 1 ? "It is not overdue by then."
            : days == 1 ? "By then it is a day overdue."
            : $"By then it is {days} days overdue.";
        return new MovedVisit(move, $"{moved} {overdue}");
    }

    /// <summary>The slots a visit has left: its own, and those it was carried past.</summary>
    private static IEnumerable<int> Left(int from, int to) =>
        from < 0 ? []
        : to < 0 ? [from]
        : Enumerable.Range(Math.Min(from, to), Math.Abs(to - from) + 1).Where(slot => slot != to);

    private static string? WhyNot(CarProblem car, RoutineTask[] tasks, int task, int to)
    {
        RoutineProblem problem = car.Problem with { Tasks = tasks };
        if (VisitNeeds.IsClosed(problem, task, to))
        {
            return $"On {Said(car, car.Days[to].Day)} “{car.Items[task].Task.Name}” cannot be done: see what that slot is for, where it is, and how long the car may stand after it.";
        }

        IEnumerable<int> pinned = Enumerable
            .Range(0, tasks.Length)
            .Where(other => other == task || tasks[other].Pinned.Contains(to));
        return VisitNeeds.HalfMinutes(problem, pinned) > problem.Slots[to].HalfMinutes
            ? $"{Said(car, car.Days[to].Day)} is too short for “{car.Items[task].Task.Name}” with what you have put there already. Make that day longer, or choose another."
            : null;
    }

    private static int SlotOf(CarProblem car, SlotId slotId, DateOnly ruleDay) =>
        car
            .Days.Index()
            .Where(day => day.Item.Slot.Id == slotId && day.Item.RuleDay == ruleDay)
            .Select(day => day.Index)
            .FirstOrDefault(-1);

    private static string Said(CarProblem car, DateOnly day) => DayWords.Of(day, car.Days[0].Day);
}

/// <summary>A move that cannot be made.</summary>
/// <param name="Move">The move.</param>
/// <param name="Sentence">Why, and what to do about it.</param>
public sealed record UnmetMove(VisitMove Move, string Sentence);

/// <summary>A move that stands.</summary>
/// <param name="Move">The move.</param>
/// <param name="Sentence">What was moved, and how long it is overdue by then.</param>
public sealed record MovedVisit(VisitMove Move, string Sentence);
