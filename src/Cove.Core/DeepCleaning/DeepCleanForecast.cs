using Cove.Core.Cars;
using Cove.Core.Routine.Planning;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.DeepCleaning;

/// <summary>When a car will want a deep clean, if the plan of its routine is carried out.</summary>
/// <remarks>
/// What is in already goes on as the plan leaves soil lying and foams it. Beyond the months of the plan its last year
/// goes round again. For what is in now, see <see cref="EmbeddedBook"/>.
/// </remarks>
/// <param name="First">The surface that comes to its mark first; null where none does within ten years.</param>
/// <param name="Due">The day on which it does; today when it has already. Null where none does within ten years.</param>
/// <param name="Soonest">The same where soil settles as fast as it may be believed to, in nine cases of ten no sooner.</param>
/// <param name="Latest">The same where it settles as slowly; null when that is beyond ten years.</param>
/// <param name="Path">How far that surface, or the one that has come furthest, will have come on each day from today to the end of the plan.</param>
public sealed record DeepCleanForecast(
    Surface? First,
    DateOnly? Due,
    DateOnly? Soonest,
    DateOnly? Latest,
    IReadOnlyList<EmbeddedDay> Path
)
{
    /// <summary>How far ahead is looked.</summary>
    public const int MostDays = 3650;

    /// <summary>Forecasts.</summary>
    /// <param name="book">What is in now.</param>
    /// <param name="ledger">The car now, with the use that is planned for.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="now">The instant of both.</param>
    /// <param name="today">The owner's day then.</param>
    public static DeepCleanForecast Of(
        EmbeddedBook book,
        CareLedger ledger,
        RoutinePlan plan,
        DateTimeOffset now,
        DateOnly today
    )
    {
        int days = Math.Max(1, plan.Until.DayNumber - today.DayNumber);
        EmbeddedYear[] years =
        [
            .. book
                .Surfaces.Where(soil => Embedding.Decides(soil.Surface))
                .Select(soil => new EmbeddedYear(soil, ledger, plan, now, days)),
        ];
        double usual = book.Pressing.Median;
        var due = years
            .Select(year => (Year: year, Day: year.DueAt(usual, 0)))
            .OrderBy(pair => pair.Day ?? int.MaxValue)
            .ThenByDescending(pair => pair.Year.Soil.Level)
            .FirstOrDefault();
        if (due.Year is not { } first)
        {
            return new DeepCleanForecast(null, null, null, null, []);
        }

        double low = book.Pressing.Low;
        double high = book.Pressing.High;
        return new DeepCleanForecast(
            due.Day is null ? null : first.Soil.Surface,
            On(due.Day),
            On(years.Min(year => year.DueAt(high, 1))),
            On(years.Min(year => year.DueAt(low, -1))),
            [
                .. first
                    .Path(usual, 0)
                    .Zip(first.Path(low, -1), first.Path(high, 1))
                    .Take(days + 1)
                    .Select((level, day) => new EmbeddedDay(day, level.First, level.Second, level.Third)),
            ]
        );

        DateOnly? On(int? day) => day is { } known ? today.AddDays(known) : null;
    }
}

/// <summary>How far soil will have settled by a day.</summary>
/// <param name="Day">The day, counted from today.</param>
/// <param name="Level">How far: 1 is the mark.</param>
/// <param name="Low">The lower end of the band that holds nine cases of ten.</param>
/// <param name="High">The upper end of that band.</param>
public readonly record struct EmbeddedDay(int Day, double Level, double Low, double High);
