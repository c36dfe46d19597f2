using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What taste does to marks. Cove's own choice.</summary>
public static class Tidinesses
{
    /// <summary>The soil at which a task counts as due.</summary>
    /// <param name="tidiness">How tidy is tidy enough.</param>
    /// <param name="stakes">What is at stake in the task; seeing out and holding on are no matter of taste, so their mark is always 1.</param>
    public static Level MarkFor(this Tidiness tidiness, Stakes stakes) =>
        stakes == Stakes.SightAndGrip
            ? Level.Everyday
            : tidiness switch
            {
                Tidiness.Relaxed => new Level(1.3),
                Tidiness.Everyday => Level.Everyday,
                Tidiness.Particular => new Level(0.75),
                _ => throw new ArgumentOutOfRangeException(nameof(tidiness), tidiness, "No such taste."),
            };
}
