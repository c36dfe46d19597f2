using Cove.Core.Cars;
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
    /// <summary>How long it takes, waiting included, in whole minutes, rounded up. Often less than <see cref="Minutes"/>, and more where the owner keeps in what needs more.</summary>
    public int WholeMinutes => (int)Math.Ceiling(Order.Length.TotalMinutes - 0.01);

    /// <summary>What the tasks are done with, in the order they are done.</summary>
    public IReadOnlyList<TaskChoices> Choices { get; init; } = [];

    /// <summary>What is brought back only after the session, because it cannot be dry before.</summary>
    public IReadOnlyList<BroughtBackLater> Later { get; init; } = [];

    /// <summary>The tasks chosen.</summary>
    public IReadOnlyList<CareStatus> Tasks => [.. Works.Select(work => work.Status)];

    /// <summary>The tasks in the order they are done, without the chores.</summary>
    public IEnumerable<TaskWork> WorksInOrder =>
        Order
            .Steps.Select(step => Jobs[step.Job].TaskId)
            .Distinct()
            .Select(id => Works.FirstOrDefault(work => work.Status.Item.Task.Id == id))
            .OfType<TaskWork>();

    /// <summary>Whether a task is done on a surface, by itself or along with other work.</summary>
    public bool Does(TaskId taskId, SurfaceId surfaceId) =>
        Works.Any(work =>
            work.Status.Item.Task.Id == taskId
            && (
                work.Status.Surfaces.Any(surface => surface.Surface.Id == surfaceId)
                || work.Along.Any(surface => surface.Id == surfaceId)
            )
        );

    /// <summary>Whether everything of a task that a status names is done.</summary>
    public bool DoesAllOf(CareStatus status) =>
        status.Surfaces.All(surface => Does(status.Item.Task.Id, surface.Surface.Id));

    /// <summary>Whether a task is part of the session.</summary>
    public bool Has(TaskId taskId) => Works.Any(work => work.Status.Item.Task.Id == taskId);
}

/// <summary>Something that a session leaves outside until it is dry.</summary>
/// <param name="TaskId">The task that took it out, or the chore that brings it back.</param>
/// <param name="From">From when on it can be brought back, counted from the start of the session.</param>
/// <param name="Name">What to call it, where the chore has a name of its own in this session; empty for its usual one.</param>
public sealed record BroughtBackLater(TaskId TaskId, TimeSpan From, string Name = "");
