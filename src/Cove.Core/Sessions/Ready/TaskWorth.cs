using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Ready;

/// <summary>What doing a task is worth. Cove's own choice.</summary>
public static class TaskWorth
{
    private const double SteepUntil = 3;

    /// <summary>The worth in points.</summary>
    /// <param name="task">The task.</param>
    /// <param name="level">How near to being due it is. The worth rises with the square of it up to the mark, straight on from there up to three times the mark, and with its root after that: it never stops, so what was never chosen is chosen one day, and does not push out everything else.</param>
    /// <param name="part">The part of the task that is done.</param>
    public static double Of(CareTask task, DueLevel level, double part = 1)
    {
        double worth = level.Value switch
        {
            <= 1 => level.Value * level.Value,
            <= SteepUntil => (2 * level.Value) - 1,
            _ => (2 * SteepUntil) - 1 + (2 * (Math.Sqrt(level.Value) - Math.Sqrt(SteepUntil))),
        };
        return 1000 * task.Stakes.Weight() * task.Visible * worth * part;
    }

    /// <summary>The most points; so many that no level a car can come to reaches them.</summary>
    private const int MostPoints = 500_000;

    /// <summary>The same in whole points, at least 1.</summary>
    public static int Points(double worth) => (int)Math.Clamp(Math.Round(worth), 1, MostPoints);
}
