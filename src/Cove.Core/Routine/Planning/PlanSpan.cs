using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Planning;

/// <summary>The time that is planned.</summary>
/// <param name="From">The first day that counts.</param>
/// <param name="Until">The last day of the months asked for.</param>
/// <param name="End">The last day of the reckoning.</param>
/// <param name="Horizon">The days from today to that.</param>
internal readonly record struct PlanSpan(DateOnly From, DateOnly Until, DateOnly End, int Horizon)
{
    /// <summary>How far the reckoning goes beyond the months asked for, so that nothing is left undone at their end. Cove's own choice.</summary>
    private const int RunOnDays = 63;

    /// <summary>Some months from a day on.</summary>
    public static PlanSpan Of(DateOnly today, int months, DateOnly? from)
    {
        DateOnly until = today.AddMonths(months);
        DateOnly end = until.AddDays(RunOnDays);
        return new PlanSpan(from ?? today, until, end, end.DayNumber - today.DayNumber);
    }

    /// <summary>The days of a routine in it, as many as can be planned.</summary>
    public IReadOnlyList<SlotDay> DaysOf(CarRoutine routine, TimeZoneInfo zone) =>
        [.. routine.Days(From, End, zone).Take(RoutineProblem.MostSlots)];
}

/// <summary>A car as it is put to the solver.</summary>
/// <param name="Problem">The problem, with pins and moves.</param>
/// <param name="Routine">The routine.</param>
/// <param name="Unmet">The pins that cannot be kept.</param>
/// <param name="Unmoved">The moves that cannot be made.</param>
internal sealed record PreparedCar(
    CarProblem Problem,
    CarRoutine Routine,
    IReadOnlyList<UnmetPin> Unmet,
    IReadOnlyList<UnmetMove> Unmoved
);
