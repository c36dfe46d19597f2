using Cove.Core.Catalogue.Amounts;
using Cove.Core.Log;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Record;

/// <summary>What one calendar year of care came to, from the log.</summary>
/// <param name="Year">The year on the owner's calendar.</param>
/// <param name="Sessions">The days on which the car was cared for.</param>
/// <param name="Minutes">The minutes taken by tasks and chores.</param>
/// <param name="Millilitres">The products used, without water; what is counted in pieces is left out.</param>
/// <param name="ProductCost">What they cost, as far as prices are known.</param>
/// <param name="DeepCleans">How many deep cleans there were.</param>
/// <param name="DeepCleanCost">What those cost, as far as that is known.</param>
/// <param name="OverdueDays">The days tasks were overdue, all added: each counts by its worst surface, to the taste of today.</param>
/// <param name="LongestWeeks">The most weeks in a row with a session in each.</param>
public sealed record YearTotals(
    int Year,
    int Sessions,
    double Minutes,
    double Millilitres,
    decimal ProductCost,
    int DeepCleans,
    decimal DeepCleanCost,
    double OverdueDays,
    int LongestWeeks
)
{
    /// <summary>Adds up a log, year by year, the latest first. A year in which nothing was logged is left out.</summary>
    /// <param name="entries">The log, in any order; undone entries do not count.</param>
    /// <param name="histories">The whole histories of the levels, with the soil at which each counts as due.</param>
    /// <param name="prices">The price of a millilitre or piece of each product, where it is known.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    /// <param name="now">The present instant: the levels of this year count up to it.</param>
    public static IReadOnlyList<YearTotals> Of(
        IEnumerable<LogEntry> entries,
        IReadOnlyCollection<(CareKey Key, CareHistory History, Level Mark)> histories,
        IReadOnlyDictionary<ProductId, decimal> prices,
        TimeZoneInfo zone,
        DateTimeOffset now
    ) =>
        [
            .. entries
                .Where(entry => entry.Counts && entry.At <= now)
                .GroupBy(entry => DayOf(entry.At, zone).Year)
                .OrderByDescending(year => year.Key)
                .Select(year => Of(year.Key, [.. year], histories, prices, zone, now)),
        ];

    private static YearTotals Of(
        int year,
        IReadOnlyList<LogEntry> entries,
        IEnumerable<(CareKey Key, CareHistory History, Level Mark)> histories,
        IReadOnlyDictionary<ProductId, decimal> prices,
        TimeZoneInfo zone,
        DateTimeOffset now
    )
    {
        TaskDone[] done = [.. entries.OfType<TaskDone>()];
        DateOnly[] days = [.. done.Select(entry => DayOf(entry.At, zone)).Distinct().Order()];
        DeepCleaned[] deep = [.. entries.OfType<DeepCleaned>()];
        ProductUsed[] used = [.. done.SelectMany(entry => entry.Products)];
        DateTimeOffset from = RecordTime.StartOf(new DateOnly(year, 1, 1), zone);
        DateTimeOffset to = RecordTime.StartOf(new DateOnly(year + 1, 1, 1), zone);
        return new YearTotals(
            year,
            days.Length,
            done.Sum(entry => entry.Taken.TotalMinutes)
                + entries.OfType<ChoreDone>().Sum(chore => chore.Taken.TotalMinutes),
            used.Where(product => product.Amount.Unit == QuantityUnit.Millilitres)
                .Sum(product => product.Amount.Value),
            used.Sum(product =>
                prices.TryGetValue(product.ProductId, out decimal price)
                    ? price * (decimal)product.Amount.Value
                    : 0
            ),
            deep.Length,
            deep.Sum(entry => entry.Cost ?? 0),
            histories
                .GroupBy(level => level.Key.TaskId)
                .Sum(task =>
                    task.Max(level => DaysOver(level.History, level.Mark.Value, from, to < now ? to : now))
                ),
            LongestRun([.. days.Select(WeekOf).Distinct()])
        );
    }

    private static DateOnly DayOf(DateTimeOffset at, TimeZoneInfo zone) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime);

    /// <summary>Counts weeks by their Mondays.</summary>
    private static int WeekOf(DateOnly day) => (day.DayNumber - ((int)day.DayOfWeek + 6) % 7) / 7;

    private static int LongestRun(IReadOnlyList<int> weeks)
    {
        int longest = 0;
        int run = 0;
        for (int i = 0; i < weeks.Count; i++)
        {
            run = i > 0 && weeks[i] == weeks[i - 1] + 1 ? run + 1 : 1;
            longest = Math.Max(longest, run);
        }

        return longest;
    }

    /// <summary>How long a level stood over its mark. Between two of its corners it is taken to rise evenly.</summary>
    private static double DaysOver(CareHistory history, double mark, DateTimeOffset from, DateTimeOffset to)
    {
        DateTimeOffset begin = from > history.Start.At ? from : history.Start.At;
        if (to <= begin)
        {
            return 0;
        }

        IReadOnlyList<LevelPoint> corners = history.Trace(begin, to);
        return corners
            .Zip(corners.Skip(1))
            .Sum(pair =>
            {
                double low = pair.First.Level.Value;
                double high = pair.Second.Level.Value;
                double days = (pair.Second.At - pair.First.At).TotalDays;
                return low >= mark ? days
                    : high <= mark ? 0
                    : days * (high - mark) / (high - low);
            });
    }
}
