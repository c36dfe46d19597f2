using Cove.Core.Cars;
using Cove.Core.Routine.Planning;

namespace Cove.Core.DeepCleaning;

/// <summary>How far apart deep cleans lie, with the routine and if nobody cared for the car.</summary>
/// <param name="With">Days from one to the next with the routine; null when that is beyond ten years.</param>
/// <param name="Without">The same if nothing were done in between; null when that is beyond ten years.</param>
public sealed record DeepCleanSpacing(int? With, int? Without)
{
    private const double DaysAYear = 365.25;

    /// <summary>The deep cleans in an average year that the routine spares; 0 or more.</summary>
    public double SparedAYear => Math.Max(0, AYear(Without) - AYear(With));

    /// <summary>Reckons both.</summary>
    /// <param name="book">What has settled in the car, for how fast soil settles there.</param>
    /// <param name="ledger">The car now.</param>
    /// <param name="plan">The plan of its routine.</param>
    /// <param name="now">The instant of both.</param>
    /// <param name="today">The owner's day then.</param>
    public static DeepCleanSpacing Of(
        EmbeddedBook book,
        CareLedger ledger,
        RoutinePlan plan,
        DateTimeOffset now,
        DateOnly today
    )
    {
        EmbeddedBook fresh = book.Fresh();
        return new DeepCleanSpacing(DaysTo(plan), DaysTo(plan with { Tasks = [] }));

        int? DaysTo(RoutinePlan followed) =>
            DeepCleanForecast.Of(fresh, ledger, followed, now, today).Due?.DayNumber - today.DayNumber;
    }

    private static double AYear(int? days) => days is { } known ? DaysAYear / Math.Max(1, known) : 0;
}
