using Cove.Core.Upkeep;

namespace Cove.Core.Sessions;

/// <summary>A session for a number of minutes: what to do, in which order.</summary>
/// <param name="Minutes">The minutes at hand.</param>
/// <param name="Tasks">The tasks chosen.</param>
/// <param name="Jobs">The jobs they come to.</param>
/// <param name="Order">The jobs in order, with the clock.</param>
/// <param name="Gain">The share of all upkeep worth doing now that this session takes back.</param>
public sealed record SessionPlan(
    int Minutes,
    IReadOnlyList<CareStatus> Tasks,
    IReadOnlyList<OrderJob> Jobs,
    RunningOrder Order,
    Share Gain
)
{
    /// <summary>The tasks in the order they are done.</summary>
    public IEnumerable<CareStatus> TasksInOrder =>
        Order
            .Steps.Select(step => Jobs[step.Job].TaskId)
            .Distinct(StringComparer.Ordinal)
            .Select(id => Tasks.First(status => status.Item.Task.Id == id));

    /// <summary>Whether a task is part of the session.</summary>
    public bool Has(string taskId) => Tasks.Any(status => status.Item.Task.Id == taskId);
}
