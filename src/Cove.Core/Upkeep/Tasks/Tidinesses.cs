using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What taste does to marks. Cove's own choice.</summary>
public static class Tidinesses
{
    /// <summary>How much later what is worn counts as due: half as much soil again is forgiven, for some of what one sees is wear.</summary>
    private const double WornForgiven = 1.5;

    /// <summary>The soil at which a task counts as due on a surface.</summary>
    /// <param name="tidiness">How tidy is tidy enough.</param>
    /// <param name="task">The task.</param>
    /// <param name="surface">A surface that it tends.</param>
    public static Level MarkFor(this Tidiness tidiness, CareTask task, Surface surface)
    {
        Level mark = tidiness.MarkFor(task.Stakes);
        return task.Spares(surface) ? new Level(mark.Value * WornForgiven) : mark;
    }

    /// <summary>The soil at which a task counts as due on what is not worn.</summary>
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
