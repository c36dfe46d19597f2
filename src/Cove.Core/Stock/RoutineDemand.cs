using Cove.Core.Cars;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Stock;

/// <summary>How much of each product the present routine takes.</summary>
/// <param name="PerDay">For each product how much it takes a day on average; products that it does not use are left out.</param>
/// <param name="Missing">Tasks for which nothing at hand is safe and suffices, with the class to buy.</param>
public sealed record RoutineDemand(
    IReadOnlyDictionary<ProductId, Quantity> PerDay,
    IReadOnlyList<MissingProduct> Missing
)
{
    /// <summary>Works it out for one car.</summary>
    /// <param name="ledger">The car as it stands.</param>
    /// <param name="chooser">Chooses the products.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="book">How its tasks are done; when left out, whatever does a task is chosen from.</param>
    /// <remarks>Each task is taken to be done when it reaches its mark, at the present use and time of year.</remarks>
    public static RoutineDemand Of(
        CareLedger ledger,
        ProductChooser chooser,
        DateTimeOffset now,
        MethodBook? book = null
    )
    {
        var perDay = new Dictionary<ProductId, Quantity>();
        var missing = new List<MissingProduct>();
        foreach (CareItem item in ledger.Items)
        {
            if (ledger.IntervalOf(item, now) is not { } interval)
            {
                continue;
            }

            foreach (
                ChoiceForSurfaces chosen in SessionProducts
                    .AtMark(item, ledger.MarkOf(item.Task, now), chooser, book)
                    .Choices
            )
            {
                if (chosen.Choice.Best is { } pick)
                {
                    perDay[pick.Product.Id] =
                        perDay.GetValueOrDefault(pick.Product.Id)
                        + (
                            Consumption.Of(item.Task, chosen.Surfaces, pick)
                            * (1 / Math.Max(1, interval.TotalDays))
                        );
                }
                else if (chosen.Choice.Buy is { } buy)
                {
                    missing.Add(new MissingProduct(item.Task, buy));
                }
            }
        }

        return new RoutineDemand(perDay, missing);
    }

    /// <summary>The demand of several cars together.</summary>
    public static RoutineDemand Together(IEnumerable<RoutineDemand> cars)
    {
        RoutineDemand[] all = [.. cars];
        return new RoutineDemand(
            all.SelectMany(car => car.PerDay)
                .GroupBy(entry => entry.Key)
                .ToDictionary(
                    group => group.Key,
                    group => group.Select(entry => entry.Value).Aggregate((sum, next) => sum + next)
                ),
            [.. all.SelectMany(car => car.Missing).Distinct()]
        );
    }
}

/// <summary>A task that lacks a product.</summary>
/// <param name="Task">The task.</param>
/// <param name="Buy">The class to buy.</param>
public sealed record MissingProduct(CareTask Task, ProductClass Buy);
