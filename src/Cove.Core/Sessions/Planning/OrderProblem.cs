using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>What has to be brought into order: jobs for one pair of hands, with where they are, what they need and what must wait for what.</summary>
/// <remarks>This is everything an ordering has to know; a different way of solving it needs nothing else and may replace <see cref="RunningOrder.Solve"/>.</remarks>
/// <param name="Jobs">The jobs.</param>
/// <param name="Precedences">Which jobs must come before which.</param>
/// <param name="Way">The way round the car, with every zone of the jobs on it.</param>
/// <param name="Start">Where the person stands at the beginning.</param>
public sealed record OrderProblem(
    IReadOnlyList<OrderJob> Jobs,
    IReadOnlyList<Precedence> Precedences,
    WayRound Way,
    Zone Start
)
{
    /// <summary>Putting one kit down and taking up another: 10 seconds. Cove's own choice.</summary>
    public static readonly TimeSpan KitSwap = TimeSpan.FromSeconds(10);

    /// <summary>The order in which stages come where no precedence decides; earliest first.</summary>
    public IReadOnlyList<Stage> Stages { get; init; } = StageOrder.For(WaysOfWorking.Default);

    /// <summary>Whether the places of a job are visited in the order given, rather than the shortest way round from where the person stands.</summary>
    public bool PlacesInOrder { get; init; }
}

/// <summary>One piece of work that is done without a break.</summary>
/// <param name="TaskId">The care task it belongs to, or the chore it is.</param>
/// <param name="PutsBack">Whether it comes back to that task, to put something back or to lay on a second coat, rather than being the task itself.</param>
/// <param name="Stage">Where it belongs in a session.</param>
/// <param name="Hands">How long the hands are busy, walking, swapping and fetching not included; longer than zero.</param>
/// <param name="Kits">The kits it needs.</param>
/// <param name="Places">Where it is done: none for work that can be done wherever the person stands, several for work that goes from door to door: in the order of the way round, or in the order to visit them where <see cref="OrderProblem.PlacesInOrder"/> holds.</param>
/// <param name="Drying">How long something dries after it; zero for nothing.</param>
public sealed record OrderJob(
    TaskId TaskId,
    bool PutsBack,
    Stage Stage,
    TimeSpan Hands,
    IReadOnlyList<Kit> Kits,
    IReadOnlyList<Zone> Places,
    TimeSpan Drying
)
{
    /// <summary>What to call a chore in this car; empty for a care task.</summary>
    public string ChoreName { get; init; } = string.Empty;

    /// <summary>How many times as long as the table a chore was reckoned to take; 1 for a care task, which has its own.</summary>
    public double ChorePace { get; init; } = 1;
}

/// <summary>One job has to be finished before another may begin.</summary>
/// <param name="Before">Index of the earlier job.</param>
/// <param name="After">Index of the later job.</param>
/// <param name="Lag">How long after the end of the earlier one the later one may begin at the soonest; zero for at once.</param>
public readonly record struct Precedence(int Before, int After, TimeSpan Lag);
