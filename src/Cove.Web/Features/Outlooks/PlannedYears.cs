using Cove.Core.Outlook;
using Cove.Web.Features.Cars;

namespace Cove.Web.Features.Outlooks;

/// <summary>Reads out what plans bring, for those who ask over the network.</summary>
internal sealed class PlannedYears(LevelStore levels, OwnerClock clock)
{
    /// <summary>What has settled deep in a car by now.</summary>
    public Task<EmbeddedBook> Embedded(CarAtHand car) =>
        car.Once("embedded", () => levels.Embedded(car.Day.Ledger, clock.Now));

    /// <summary>What a plan brings.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="car">The car.</param>
    /// <param name="use">The use it was planned for; null for the present one.</param>
    public async Task<PlannedYear> Of(RoutinePlan plan, CarAtHand car, CarUse? use = null)
    {
        CareLedger ledger = car.Day.Ledger;
        return new PlannedYear(
            plan,
            YearOutlook.Of(
                plan,
                clock.Today,
                car.Day.Car.Shelf.Products.Where(product => product.UnitPrice is not null)
                    .ToDictionary(product => product.Id, product => product.UnitPrice!.Value)
            ),
            DeepCleanForecast.Of(
                await Embedded(car),
                use is null ? ledger : ledger.UsedAs(use, clock.Now),
                plan,
                clock.Now,
                clock.Today
            )
        );
    }
}
