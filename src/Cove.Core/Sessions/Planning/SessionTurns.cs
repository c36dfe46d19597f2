using Cove.Core.Methods;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Planning;

/// <summary>When each job of a session has its turn: stage after stage, but what an owner wants first before the rest and what they want last after it.</summary>
/// <remarks>
/// A request for first or last takes along what cannot be parted from it: before the first go what it requires, what it has to find dry,
/// and the mats of a floor; after the last go what requires it. Taking things out stays the beginning, bringing them back the end.
/// </remarks>
internal sealed class SessionTurns
{
    private readonly Dictionary<Stage, int> places;
    private readonly IReadOnlyCollection<TaskWork> works;
    private readonly HashSet<TaskId> first = [];
    private readonly HashSet<TaskId> last = [];

    /// <summary>Gives out turns.</summary>
    /// <param name="works">The tasks of the session.</param>
    /// <param name="stages">The order of the stages.</param>
    /// <param name="request">What the owner wants; nothing when null.</param>
    public SessionTurns(
        IReadOnlyCollection<TaskWork> works,
        IReadOnlyList<Stage> stages,
        SessionRequest? request
    )
    {
        this.works = works;
        places = stages.Index().ToDictionary(stage => stage.Item, stage => stage.Index);
        if (request?.First is { } begin && TaskOf(begin) is { } beginning)
        {
            TakeAlong(first, beginning, ComeBefore);
        }

        if (request?.Last is { } end && TaskOf(end) is { } ending)
        {
            TakeAlong(
                last,
                ending,
                task => works.Select(TaskOf).Where(other => ComeBefore(other).Contains(task))
            );
        }
    }

    /// <summary>The turn of a job: a part of the session, and a place in it.</summary>
    public (int Part, int Place) Of(OrderJob job) => (PartOf(job), places[job.Stage]);

    private int PartOf(OrderJob job) =>
        job.Stage == Stage.Prepare ? 0
        : job.Stage == Stage.SetBack || (job.PutsBack && job.Stage == Stage.PutBack) ? 4
        : first.Contains(job.TaskId) ? 1
        : last.Contains(job.TaskId) ? 3
        // Work that goes along with putting back stays there, unless something else is to be last.
        : job.Stage == Stage.PutBack && last.Count == 0 ? 4
        : 2;

    private static CareTask TaskOf(TaskWork work) => work.Status.Item.Task;

    private CareTask? TaskOf(TaskId taskId) => works.Select(TaskOf).FirstOrDefault(task => task.Id == taskId);

    /// <summary>What has to be over before a task, whatever the order of the stages.</summary>
    private IEnumerable<CareTask> ComeBefore(CareTask task) =>
        works
            .Select(TaskOf)
            .Where(other =>
                other.Id == task.Requires
                || task.AfterDryingOf.Contains(other.Id)
                || (other.Stage == Stage.MatsOut && task.Stage is Stage.VacuumFloor or Stage.WetFloor)
            );

    private static void TakeAlong(
        HashSet<TaskId> part,
        CareTask task,
        Func<CareTask, IEnumerable<CareTask>> along
    )
    {
        if (part.Add(task.Id))
        {
            foreach (CareTask other in along(task))
            {
                TakeAlong(part, other, along);
            }
        }
    }
}
