using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Planning;

/// <summary>The numbers and rules by which sessions are put together. All of them are Cove's own choice.</summary>
public static class SessionRules
{
    /// <summary>The shortest session offered.</summary>
    public const int ShortestMinutes = 5;

    /// <summary>The longest session offered.</summary>
    public const int LongestMinutes = 120;

    /// <summary>A task below this level is not worth taking up on its own.</summary>
    public static readonly DueLevel WorthDoing = new(0.3);

    /// <summary>A task at or below this level counts as done where another requires it.</summary>
    public static readonly DueLevel FreshEnough = new(0.15);

    /// <summary>How far ahead "coming due" looks: until the next weekly session.</summary>
    public static readonly TimeSpan NextSession = TimeSpan.FromDays(7);

    /// <summary>What is left of a level when a task was done but did not come clean.</summary>
    public static readonly Share RemovedWhenNotClean = new(0.5);

    /// <summary>The most that a step counts as having taken. Who answers later than this left the session lying open. Cove's own choice.</summary>
    public static readonly TimeSpan LongestStep = TimeSpan.FromHours(10);

    /// <summary>Who is off the plan by no more than this is on time. Cove's own choice.</summary>
    public static readonly TimeSpan OnTime = TimeSpan.FromSeconds(45);

    /// <summary>Walking round the car, doors opened and shut on the way, in metres a second.</summary>
    public const double WalkingPace = 0.5;

    /// <summary>What doing a task is worth, in points.</summary>
    /// <param name="task">The task.</param>
    /// <param name="level">Its level. The worth rises with the square of the level up to the mark and straight on from there, up to a level of 3.</param>
    /// <returns>Whole points, at least 1.</returns>
    public static int Benefit(CareTask task, DueLevel level)
    {
        double height = Math.Min(level.Value, 3);
        double worth = height <= 1 ? height * height : (2 * height) - 1;
        return Math.Max(1, (int)Math.Round(1000 * task.Stakes.Weight() * task.Visible * worth));
    }
}
