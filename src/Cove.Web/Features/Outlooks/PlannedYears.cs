using Cove.Core.Outlook;
using Cove.Web.Features.Cars;

namespace Cove.Web.Features.Outlooks;

/// <summary>Reads out what plans bring, for those who ask over the network.</summary>
internal sealed class PlannedYears(LevelStore levels, OwnerClock clock)
{
    /// <summary>What has settled deep in a car by now.</summary>
    public Task<EmbeddedBook> Embedded(CarAtHand car) =>
        car.Once("embedded", () => levels.Embedded(car.Day.Ledger, clock.Now));

    /// <summary>What the plan of the routine that is kept brings.</summary>
    /// <param name="saved">The routine.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="car">The car, which is at hand only until something is stored.</param>
    public Task<PlannedYear> Kept(SavedRoutine saved, RoutinePlan plan, CarAtHand car) =>
        car.Once($"year {saved.Version}", () => Of(plan, car));

    /// <summary>What a plan brings.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="car">The car.</param>
    /// <param name="use">The use it was planned for; null for the present one.</param>
    public async Task<PlannedYear> Of(RoutinePlan plan, CarAtHand car, CarUse? use = null)
    {
        CareLedger ledger = car.Day.Ledger;
        return new PlannedYear(
            plan,
            Outlook(plan, car),
            DeepCleanForecast.Of(
                await Embedded(car),
                use is null ? ledger : ledger.UsedAs(use, clock.Now),
                plan,
                clock.Now,
                clock.Today
            )
        );
    }

    /// <summary>The same without the deep clean.</summary>
    public YearOutlook Outlook(RoutinePlan plan, CarAtHand car) =>
        YearOutlook.Of(
            plan,
            clock.Today,
            car.Day.Car.Shelf.Products.Where(product => product.UnitPrice is not null)
                .ToDictionary(product => product.Id, product => product.UnitPrice!.Value)
        );

    /// <summary>How far the year that a plan brings may turn out otherwise.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="car">The car.</param>
    /// <param name="habit">How often its slots pass without a session.</param>
    public async Task<YearFutures> Futures(RoutinePlan plan, CarAtHand car, SlotHabit habit)
    {
        CareLedger ledger = car.Day.Ledger;
        IReadOnlyDictionary<CareKey, CareHistory> histories = await car.Once(
            "histories",
            () => levels.Histories(ledger, clock.Now)
        );
        ILookup<TaskId, double> doubts = histories.ToLookup(
            pair => pair.Key.TaskId,
            pair => pair.Value.PointAt(clock.Now).LogStdDev
        );
        return YearFutures.Of(
            plan,
            clock.Today,
            taskId => new Uncertainty(
                doubts[taskId].DefaultIfEmpty(0).Max(),
                ledger.Learnt.Of(taskId).LogStdDev
            ),
            habit.ShareMissed
        );
    }
}
