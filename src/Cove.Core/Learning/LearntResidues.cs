using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Learning;

/// <summary>What the glass of one car keeps of each method beside what the table leaves.</summary>
/// <remarks>A normal prior on the logarithm meets the ranges that looks tell; what agrees with what was believed leaves it as it is. The prior is Cove's own choice.</remarks>
public sealed class LearntResidues
{
    /// <summary>How far cars and hands differ: standard deviation of the logarithm.</summary>
    public const double PriorStdDev = 0.5;

    private static readonly RateBelief Prior = new(0, PriorStdDev, 0);

    private readonly IReadOnlyDictionary<MethodId, RateBelief> methods;

    /// <summary>Puts together what was learnt.</summary>
    /// <param name="methods">What holds, by method id.</param>
    public LearntResidues(IReadOnlyDictionary<MethodId, RateBelief> methods) => this.methods = methods;

    /// <summary>Before any look the evening after.</summary>
    public static LearntResidues Nothing { get; } = Learn([]);

    /// <summary>What was learnt, by method id.</summary>
    public IReadOnlyDictionary<MethodId, RateBelief> Methods => methods;

    /// <summary>What is believed of a method: 1 for what the table says, 2 for twice as much left.</summary>
    public RateBelief Of(MethodId methodId) => methods.GetValueOrDefault(methodId, Prior);

    /// <summary>Learns from all looks the evening after; their order does not matter.</summary>
    public static LearntResidues Learn(IEnumerable<ResidueEvidence> evidence) =>
        new(evidence.GroupBy(look => look.MethodId).ToDictionary(method => method.Key, Belief));

    private static RateBelief Belief(IEnumerable<ResidueEvidence> looks)
    {
        ResidueEvidence[] seen = [.. looks.OrderBy(look => look.LogStdDev)];
        double mean = Meeting
            .Of([
                new Meeting.Said(0, 0, 1 / (PriorStdDev * PriorStdDev)),
                .. seen.Select(look => new Meeting.Said(
                    look.From,
                    look.To,
                    1 / (look.LogStdDev * look.LogStdDev)
                )),
            ])
            .From;
        double precision =
            (1 / (PriorStdDev * PriorStdDev)) + seen.Select(look => PrecisionOf(look, mean)).Order().Sum();
        return new RateBelief(mean, Math.Sqrt(1 / precision), seen.Length);
    }

    /// <summary>A look tells the less the farther inside its range the truth lies.</summary>
    private static double PrecisionOf(ResidueEvidence look, double mean)
    {
        double inside = Math.Max(0, Math.Min(mean - look.From, look.To - mean));
        return 1 / ((look.LogStdDev * look.LogStdDev) + (inside * inside));
    }
}
