using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Upkeep;

/// <summary>How a cabin looks on the day its record begins, when nothing is known of what was done before.</summary>
public enum FirstLook
{
    /// <summary>Just cleaned.</summary>
    Fresh,

    /// <summary>In everyday use.</summary>
    LivedIn,

    /// <summary>Long overdue.</summary>
    Overdue,
}

/// <summary>What a first look says about levels. Cove's own choice, corrected by the first sessions.</summary>
public static class FirstLooks
{
    /// <summary>What comes round more seldom than this is seldom overdue, however the cabin looks.</summary>
    private static readonly TimeSpan Seldom = TimeSpan.FromDays(75);

    /// <summary>The level a task starts at.</summary>
    /// <param name="look">How the cabin looks.</param>
    /// <param name="task">The task.</param>
    public static Level StartingLevel(this FirstLook look, CareTask task) =>
        look switch
        {
            FirstLook.Fresh => Level.Fresh,
            FirstLook.LivedIn => new Level(task.Interval < Seldom ? 0.6 : 0.4),
            FirstLook.Overdue => new Level(task.Interval < Seldom ? 1.1 : 0.7),
            _ => throw new ArgumentOutOfRangeException(nameof(look), look, "No such look."),
        };
}
