using Cove.Core.Catalogue.Amounts;
using Cove.Core.Routine.Planning;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep;

namespace Cove.Core.Outlook;

/// <summary>The year ahead of a car: how clean each part will be, what it takes, and what it costs, if its plan is carried out.</summary>
/// <remarks>It is a plan read out, and adds no reckoning of its own: expected values, without the doubt of the rates.</remarks>
/// <param name="From">The first day.</param>
/// <param name="Until">The last day.</param>
/// <param name="Lanes">Each task, by its group.</param>
/// <param name="Months">What each month takes; the first and the last may be parts of months.</param>
public sealed record YearOutlook(
    DateOnly From,
    DateOnly Until,
    IReadOnlyList<OutlookLane> Lanes,
    IReadOnlyList<OutlookMonth> Months
)
{
    /// <summary>The days overdue, all tasks added.</summary>
    public double OverdueDays => Lanes.Sum(lane => lane.OverdueDays);

    /// <summary>The minutes of tasks and kits.</summary>
    public double Minutes => Months.Sum(month => month.Minutes);

    /// <summary>The products, without water, in millilitres; what is counted in pieces is left out.</summary>
    public double Millilitres => Months.Sum(month => month.Millilitres);

    /// <summary>What the products cost, in the owner's currency, as far as prices are known.</summary>
    public decimal Cost => Months.Sum(month => month.Cost);

    /// <summary>Reads it out of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="today">The day of planning.</param>
    /// <param name="prices">The price of a millilitre or piece of each product, where it is known.</param>
    public static YearOutlook Of(
        RoutinePlan plan,
        DateOnly today,
        IReadOnlyDictionary<ProductId, decimal> prices
    )
    {
        PlannedDay[] days = [.. plan.Slots.Where(slot => slot.Day.Day <= plan.Until)];
        int length = plan.Until.DayNumber - today.DayNumber;
        return new YearOutlook(
            today,
            plan.Until,
            [
                .. plan
                    .Tasks.Select(task => new OutlookLane(
                        OutlookGroups.Of(task.Item.Task),
                        task.Item,
                        task.Course,
                        task.Course.OverdueDays(0, length)
                    ))
                    .OrderBy(lane => lane.Group),
            ],
            [.. MonthsFrom(today, plan.Until).Select(month => MonthOf(plan, days, today, month, prices))]
        );
    }

    private static IEnumerable<(DateOnly First, DateOnly Next)> MonthsFrom(DateOnly first, DateOnly last)
    {
        for (DateOnly day = first; day < last; )
        {
            DateOnly next = new DateOnly(day.Year, day.Month, 1).AddMonths(1);
            DateOnly end = next < last ? next : last;
            yield return (day, end);
            day = end;
        }
    }

    private static OutlookMonth MonthOf(
        RoutinePlan plan,
        IReadOnlyList<PlannedDay> days,
        DateOnly today,
        (DateOnly First, DateOnly Next) month,
        IReadOnlyDictionary<ProductId, decimal> prices
    )
    {
        // The last day belongs to the last month.
        PlannedDay[] within =
        [
            .. days.Where(slot =>
                slot.Day.Day >= month.First
                && (slot.Day.Day < month.Next || (month.Next == plan.Until && slot.Day.Day == plan.Until))
            ),
        ];
        StepProduct[] products =
        [
            .. within.SelectMany(slot => slot.Tasks).SelectMany(visit => visit.Products),
        ];
        return new OutlookMonth(
            month.First,
            within.Count(slot => slot.Tasks.Count > 0),
            within.Sum(slot => slot.Minutes),
            products
                .Where(product => product.Amount.Unit == QuantityUnit.Millilitres)
                .Sum(product => product.Amount.Value),
            products.Sum(product =>
                prices.TryGetValue(product.ProductId, out decimal price)
                    ? price * (decimal)product.Amount.Value
                    : 0
            ),
            plan.Tasks.Sum(task =>
                task.Course.OverdueDays(
                    month.First.DayNumber - today.DayNumber,
                    month.Next.DayNumber - today.DayNumber
                )
            )
        );
    }
}

/// <summary>A task through the year.</summary>
/// <param name="Group">Its group.</param>
/// <param name="Item">The task.</param>
/// <param name="Course">How its level goes.</param>
/// <param name="OverdueDays">The days it is overdue.</param>
public sealed record OutlookLane(OutlookGroup Group, CareItem Item, LevelCourse Course, double OverdueDays);

/// <summary>What a month takes.</summary>
/// <param name="First">Its first day in the outlook.</param>
/// <param name="Sessions">The sessions in which something is done.</param>
/// <param name="Minutes">The minutes of tasks and kits.</param>
/// <param name="Millilitres">The products, without water.</param>
/// <param name="Cost">What they cost, as far as prices are known.</param>
/// <param name="OverdueDays">The days overdue, all tasks added.</param>
public sealed record OutlookMonth(
    DateOnly First,
    int Sessions,
    double Minutes,
    double Millilitres,
    decimal Cost,
    double OverdueDays
);
