namespace Cove.Core.Upkeep.Tasks;

/// <summary>What is at stake when a task is left undone, gravest last. For what they weigh, see <see cref="StakesWeight"/>.</summary>
/// <remarks>The order is common practice; the weights are Cove's own choice.</remarks>
public enum Stakes
{
    /// <summary>Only how it looks.</summary>
    Looks,

    /// <summary>The material wears or fades.</summary>
    Wear,

    /// <summary>Hands, skin and air: what people touch and breathe.</summary>
    HygieneAndTouch,

    /// <summary>Seeing out and holding on.</summary>
    SightAndGrip,
}

/// <summary>What stakes weigh.</summary>
public static class StakesWeight
{
    /// <summary>How much a task of these stakes counts beside one that is only about looks, which counts 1.</summary>
    public static double Weight(this Stakes stakes) =>
        stakes switch
        {
            Stakes.Looks => 1,
            Stakes.Wear => 2,
            Stakes.HygieneAndTouch => 3,
            Stakes.SightAndGrip => 5,
            _ => throw new ArgumentOutOfRangeException(nameof(stakes), stakes, "There are no such stakes."),
        };
}
