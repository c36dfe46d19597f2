using System.Globalization;
using Cove.Core.Cars;
using Cove.Core.Routine.Planning;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Outlook;

/// <summary>What a plan brings beside its sessions: coats that fade, bottles that run out, and what the seasons ask for.</summary>
/// <param name="Coats">The coats that lie on the car now, what fades first coming first.</param>
/// <param name="RunOuts">The products that run out within the plan, the first coming first.</param>
/// <param name="Turns">The turns of the seasons within the plan, in order.</param>
public sealed record ComingUp(
    IReadOnlyList<CoatAhead> Coats,
    IReadOnlyList<RunOut> RunOuts,
    IReadOnlyList<SeasonTurn> Turns
)
{
    /// <summary>So many days before it runs out a product is to be bought. Cove's own choice.</summary>
    public const int DaysToShop = 10;

    /// <summary>So many tasks are named at a turn. Cove's own choice.</summary>
    private const int MostAtTurn = 4;

    /// <summary>A task belongs to a turn when the season brings at least so much of its soil.</summary>
    private const double LeastShare = 0.1;

    /// <summary>Reads a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="ledger">The car now, with the use that is planned for.</param>
    /// <param name="left">What is left of each product now, in millilitres or pieces; what is always there is not in it.</param>
    /// <param name="now">The instant.</param>
    /// <param name="today">The owner's day then.</param>
    public static ComingUp Of(
        RoutinePlan plan,
        CareLedger ledger,
        IReadOnlyDictionary<ProductId, double> left,
        DateTimeOffset now,
        DateOnly today
    ) =>
        new(
            [.. CoatsOf(plan, ledger, now, today).OrderBy(coat => coat.Fades)],
            [.. RunOutsOf(plan, left).OrderBy(runOut => runOut.Day)],
            [.. TurnsOf(plan, ledger.Usage.At(now).Use, today)]
        );

    private static IEnumerable<CoatAhead> CoatsOf(
        RoutinePlan plan,
        CareLedger ledger,
        DateTimeOffset now,
        DateOnly today
    )
    {
        foreach (var item in ledger.Items.Where(item => item.Task.Protects))
        {
            DateTimeOffset[] until =
            [
                .. ledger
                    .Coats.Coats.Where(coat =>
                        coat.Key.TaskId == item.Task.Id && coat.From <= now && coat.Until > now
                    )
                    .Select(coat => coat.Until),
            ];
            if (until.Length == 0)
            {
                continue;
            }

            PlannedTask? planned = plan.Tasks.FirstOrDefault(task => task.Item.Task.Id == item.Task.Id);
            yield return new CoatAhead(
                item.Task,
                until.Length,
                new Share(Math.Clamp(1 - ledger.StatusOf(item, now).Level.Value, 0, 1)),
                today.AddDays((int)(until.Min() - now).TotalDays),
                planned is { Dates: [var next, ..] } ? next : null
            );
        }
    }

    private static IEnumerable<RunOut> RunOutsOf(
        RoutinePlan plan,
        IReadOnlyDictionary<ProductId, double> left
    )
    {
        var used = new Dictionary<ProductId, double>();
        var gone = new HashSet<ProductId>();
        foreach (PlannedDay slot in plan.Slots.Where(slot => slot.Day.Day <= plan.Until))
        {
            foreach (StepProduct product in slot.Tasks.SelectMany(visit => visit.Products))
            {
                if (!left.TryGetValue(product.ProductId, out double have))
                {
                    continue;
                }

                double sum = used.GetValueOrDefault(product.ProductId) + product.Amount.Value;
                used[product.ProductId] = sum;
                if (sum > have && gone.Add(product.ProductId))
                {
                    yield return new RunOut(
                        product.ProductId,
                        product.Name,
                        slot.Day.Day,
                        slot.Day.Day.AddDays(-DaysToShop)
                    );
                }
            }
        }
    }

    private static IEnumerable<SeasonTurn> TurnsOf(RoutinePlan plan, CarUse use, DateOnly today)
    {
        for (
            DateOnly first = new DateOnly(today.Year, today.Month, 1).AddMonths(1);
            first <= plan.Until;
            first = first.AddMonths(1)
        )
        {
            int before = first.AddMonths(-1).Month;
            foreach (
                var (months, driver, begins, ends) in new[]
                {
                    (use.GritMonths, Driver.Grit, "Before grit and salt", "When grit and salt are over"),
                    (use.SunCreamMonths, Driver.SkinOils, "Before sun cream and bare arms", ""),
                }
            )
            {
                bool isThen = months.Contains(first.Month);
                bool was = months.Contains(before);
                string name =
                    isThen && !was ? begins
                    : was && !isThen ? ends
                    : string.Empty;
                if (name.Length > 0 && WorkAt(plan, driver, first, today) is { Count: > 0 } work)
                {
                    yield return new SeasonTurn(first, name, work);
                }
            }
        }
    }

    /// <summary>What soils most by a season, with how far it will have come by its turn.</summary>
    private static IReadOnlyList<TurnTask> WorkAt(
        RoutinePlan plan,
        Driver driver,
        DateOnly day,
        DateOnly today
    ) =>
        [
            .. plan
                .Tasks.Select(task => (Task: task, Share: task.Item.Task.Shares.Of(driver).Value))
                .Where(task => task.Share >= LeastShare)
                .OrderByDescending(task => task.Share)
                .ThenBy(task => task.Task.Item.Task.Id)
                .Take(MostAtTurn)
                .Select(task => new TurnTask(
                    task.Task.Item.Task,
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"the season brings {task.Share * 100:0} % of its soil; then at {task.Task.Course.Before(day.DayNumber - today.DayNumber) * 100:0} % of the way to being due."
                    )
                )),
        ];
}

/// <summary>A coat that lies on the car.</summary>
/// <param name="Task">The task that lays it.</param>
/// <param name="Surfaces">On how many surfaces it lies.</param>
/// <param name="Left">How much of its life is left where it is most faded.</param>
/// <param name="Fades">The day on which it will have faded there.</param>
/// <param name="Next">The day on which it is laid anew by the plan; null when it is not.</param>
public sealed record CoatAhead(CareTask Task, int Surfaces, Share Left, DateOnly Fades, DateOnly? Next);

/// <summary>A product that runs out.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">Its name.</param>
/// <param name="Day">The first session for which there is too little of it.</param>
/// <param name="Buy">The day by which to buy it.</param>
public sealed record RunOut(ProductId ProductId, string Name, DateOnly Day, DateOnly Buy);

/// <summary>A turn of the seasons.</summary>
/// <param name="Day">Its day.</param>
/// <param name="Name">What turns, as a person would say it.</param>
/// <param name="Tasks">What to see to, what matters most first.</param>
public sealed record SeasonTurn(DateOnly Day, string Name, IReadOnlyList<TurnTask> Tasks);

/// <summary>What to see to at a turn.</summary>
/// <param name="Task">The task.</param>
/// <param name="Reason">Why, in one sentence.</param>
public sealed record TurnTask(CareTask Task, string Reason);
