using Cove.Core.Methods;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Planning;

/// <summary>Makes the work of a session out of what was chosen for it.</summary>
/// <param name="ready">What can be done.</param>
/// <param name="candidates">What was chosen from.</param>
/// <param name="workOn">How a task is done on some surfaces.</param>
internal sealed class SessionWorks(
    ReadyTasks ready,
    SessionCandidates candidates,
    Func<CareStatus, TaskWork> workOn
)
{
    /// <summary>The tasks of a selection, each on the surfaces it reaches; what was only wanted for the sake of a task that is not in it is left out again.</summary>
    public TaskWork[] Of(IReadOnlyList<int> selection)
    {
        Dictionary<ReadyTask, TaskWork> reached = candidates.Reached(selection);
        return NothingDryOnWhatIsWashed([
            .. ready
                .All.Where(reached.ContainsKey)
                .Select(task => OnlyNeeded(reached[task], reached.Values))
                .OfType<TaskWork>(),
        ]);
    }

    /// <summary>What is carried out and washed at the beginning is beaten and vacuumed there, in the same minutes; vacuuming it later, wet, is no work for anybody. Common practice.</summary>
    private TaskWork[] NothingDryOnWhatIsWashed(TaskWork[] works)
    {
        TaskWork[] washing =
        [
            .. works.Where(work =>
                work.Status.Item.Task.Stage == Stage.MatsOut && work.Drying > TimeSpan.Zero
            ),
        ];
        var washed = washing
            .SelectMany(work => work.Status.Surfaces)
            .Select(surface => surface.Surface.Id)
            .ToHashSet();
        if (washed.Count == 0)
        {
            return works;
        }

        (TaskWork Whole, TaskWork? Dry)[] apart =
        [
            .. works.Select(work => (work, washing.Contains(work) ? work : Without(work, washed))),
        ];
        TimeSpan moved = apart.Aggregate(
            TimeSpan.Zero,
            (sum, work) => sum + work.Whole.Hands - (work.Dry?.Hands ?? TimeSpan.Zero)
        );
        return
        [
            .. apart
                .Select(work => work.Dry)
                .OfType<TaskWork>()
                .Select(work => work == washing[0] ? work with { Hands = work.Hands + moved } : work),
        ];
    }

    /// <summary>Dry work without what is washed anyway; null when nothing is left of it.</summary>
    private TaskWork? Without(TaskWork work, HashSet<SurfaceId> washed)
    {
        if (work.Status.Item.Task.Stage is not (Stage.Dust or Stage.VacuumHigh or Stage.VacuumFloor))
        {
            return work;
        }

        ILookup<bool, SurfaceStatus> isWashed = work.Status.Surfaces.ToLookup(surface =>
            washed.Contains(surface.Surface.Id)
        );
        return !isWashed[true].Any() ? work
            : !isWashed[false].Any() ? null
            : workOn(work.Status.On([.. isWashed[false]])) with
            {
                Along = [.. isWashed[true].Select(surface => surface.Surface)],
            };
    }

    /// <summary>A task without the surfaces that were only wanted for the sake of others which are not there; null when nothing is left.</summary>
    public TaskWork? OnlyNeeded(TaskWork work, IReadOnlyCollection<TaskWork> reached)
    {
        CareTask task = work.Status.Item.Task;
        var needed = reached
            .Where(other => other.Status.Item.Task.Requires == task.Id)
            .SelectMany(other => other.Status.Surfaces)
            .Select(surface => surface.Surface.Id)
            .ToHashSet();
        SurfaceStatus[] keep =
        [
            .. work.Status.Surfaces.Where(surface =>
                ready.IsWanted(task, surface) || needed.Contains(surface.Surface.Id)
            ),
        ];
        return keep.Length == work.Status.Surfaces.Count ? work
            : keep.Length == 0 ? null
            : workOn(work.Status.On(keep));
    }
}
