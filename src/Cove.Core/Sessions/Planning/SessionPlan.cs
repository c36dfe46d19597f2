using Cove.Core.Methods;
using Cove.Core.Upkeep;

namespace Cove.Core.Sessions.Planning;

/// <summary>A session for a number of minutes: what to do, in which order.</summary>
/// <param name="Minutes">The minutes at hand.</param>
/// <param name="Works">The tasks chosen, each with how it is done.</param>
/// <param name="Jobs">The jobs they come to.</param>
/// <param name="Order">The jobs in order, with the clock.</param>
/// <param name="Gain">The share of all upkeep worth doing now that this session takes back.</param>
public sealed record SessionPlan(
    int Minutes,
    IReadOnlyList<TaskWork> Works,
    IReadOnlyList<OrderJob> Jobs,
    RunningOrder Order,
    Share Gain
)
{
    /// <summary>The tasks chosen.</summary>
    public IReadOnlyList<CareStatus> Tasks => [.. Works.Select(work => work.Status)];

    /// <summary>The tasks in the order they are done, without the chores.</summary>
    public IEnumerable<TaskWork> WorksInOrder =>
        Order
            .Steps.Select(step => Jobs[step.Job].TaskId)
            .Distinct()
            .Select(id => Works.FirstOrDefault(work => work.Status.Item.Task.Id == id))
            .OfType<TaskWork>();

    /// <summary>Whether a task is part of the session.</summary>
    public bool Has(TaskId taskId) => Works.Any(work => work.Status.Item.Task.Id == taskId);
}
