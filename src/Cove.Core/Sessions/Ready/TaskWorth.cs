using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Ready;

/// <summary>What doing a task is worth. Cove's own choice.</summary>
public static class TaskWorth
{
    /// <summary>The worth in points.</summary>
    /// <param name="task">The task.</param>
    /// <param name="level">How near to being due it is. The worth rises with the square of it up to the mark and straight on from there, up to three times the mark.</param>
    /// <param name="part">The part of the task that is done.</param>
    public static double Of(CareTask task, DueLevel level, double part = 1)
    {
        double height = Math.Min(level.Value, 3);
        double worth = height <= 1 ? height * height : (2 * height) - 1;
        return 1000 * task.Stakes.Weight() * task.Visible * worth * part;
    }

    /// <summary>The same in whole points, at least 1.</summary>
    public static int Points(double worth) => Math.Max(1, (int)Math.Round(worth));
}
