using System.Globalization;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Learning;

/// <summary>Says in a sentence what has been learnt.</summary>
public static class RateWords
{
    /// <summary>What is believed of how fast one task comes round on this car.</summary>
    /// <param name="task">The task.</param>
    /// <param name="learnt">What has been learnt of the car.</param>
    public static string Of(CareTask task, LearntRates learnt)
    {
        RateBelief belief = learnt.Of(task.Id);
        string what = SurfaceWords.PluralOf(task.Kinds[0]);
        if (belief.Looks > 0)
        {
            return $"This car soils its {what} {Times(belief)}, from {Looks(belief.Looks)}.";
        }

        return learnt.Car.Looks > 0
            ? $"No checks of the {what} of this car yet. Checks elsewhere suggest {Times(belief)}."
            : $"No checks of the {what} of this car yet, so Cove assumes that they soil as fast as usual.";
    }

    /// <summary>What is believed of the car as a whole.</summary>
    public static string OfCar(LearntRates learnt) =>
        learnt.Car.Looks > 0
            ? $"This car soils {Times(learnt.Car)}, from {Looks(learnt.Car.Looks)}."
            : "No checks of this car yet, so Cove assumes that it soils as fast as usual.";

    private static string Times(RateBelief belief) =>
        belief.Median is > 0.95 and < 1.05
            ? string.Create(
                CultureInfo.InvariantCulture,
                $"about as fast as usual ({belief.Low:0.0} to {belief.High:0.0})"
            )
            : string.Create(
                CultureInfo.InvariantCulture,
                $"{belief.Median:0.0} times as fast as usual ({belief.Low:0.0} to {belief.High:0.0})"
            );

    private static string Looks(int looks) => looks == 1 ? "1 check" : $"{looks} checks";
}
