namespace Cove.Core.Sessions.Planning;

/// <summary>The numbers and rules by which sessions are put together. All of them are Cove's own choice.</summary>
public static class SessionRules
{
    /// <summary>The shortest session offered.</summary>
    public const int ShortestMinutes = 5;

    /// <summary>The longest session offered.</summary>
    public const int LongestMinutes = 120;

    /// <summary>Nobody stands about for longer than this to bring something back in; it is brought back later.</summary>
    public static readonly TimeSpan WorthWaiting = TimeSpan.FromMinutes(10);

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
}
