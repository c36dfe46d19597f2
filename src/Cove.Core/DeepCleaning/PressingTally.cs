using Cove.Core.Learning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.DeepCleaning;

/// <summary>What looks have said of how fast soil settles in one car: the normal-normal model in closed form, on the scale of logarithms.</summary>
internal sealed class PressingTally
{
    private double precision = 1 / (Embedding.StdDev * Embedding.StdDev);
    private double weighed;
    private int looks;

    /// <summary>What is believed by now.</summary>
    public RateBelief Belief => new(weighed / precision, Math.Sqrt(1 / precision), looks);

    /// <summary>Takes a look in.</summary>
    public void Add(RateEvidence evidence)
    {
        double weight = 1 / (evidence.LogStdDev * evidence.LogStdDev);
        precision += weight;
        weighed += weight * evidence.LogRatio;
        looks += evidence.Looks;
    }
}
