using Cove.Core.Inspections;
using Cove.Core.Learning;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Log;

/// <summary>Says what an entry of the log does to levels.</summary>
internal static class LevelChanges
{
    /// <summary>The tasks that an entry did: its own, and those that its methods do as well.</summary>
    public static IEnumerable<TaskId> TasksDoneBy(TaskDone done) =>
        done
            .Methods.SelectMany(method => MethodLibrary.Find(method.MethodId)?.AlsoDoes ?? [])
            .Prepend(done.TaskId)
            .Distinct();

    /// <summary>What doing a task did on a surface.</summary>
    /// <param name="done">The entry.</param>
    /// <param name="task">The task: the entry's own, or one done with it.</param>
    /// <param name="surfaceId">The surface.</param>
    /// <param name="residues">What has been learnt of what cleaning leaves on glass.</param>
    public static Cleaned Of(TaskDone done, CareTask task, SurfaceId surfaceId, LearntResidues residues) =>
        new(done.At, done.Removed)
        {
            Film = task.BeginsAnew || !done.CameClean ? null : FilmBy(done, surfaceId, residues),
        };

    /// <summary>What an event did to a level; none when it does not touch it.</summary>
    public static IEnumerable<CareChange> Of(Happened entry, CareKey key) =>
        CareEvents.Find(entry.EventId) is { } happening
            ? happening
                .Jumps.Where(jump => jump.TaskId == key.TaskId)
                .Select(jump => new Jumped(entry.At, jump.Amount, happening.Name) { Oily = jump.Oily })
            : [];

    /// <summary>What a check says of a level; none when it says nothing of it.</summary>
    public static IEnumerable<CareChange> Of(Checked entry, CareKey key) =>
        InspectionTable.Find(entry.InspectionId) is { } inspection
        && inspection.Tasks.Any(task => task.Id == key.TaskId)
        && inspection.Result(entry.ResultId) is { } result
            ?
            [
                new Observed(entry.At, inspection.BandOf(result), inspection.LogStdDev)
                {
                    JudgesCleaning = inspection.JudgesCleaning,
                },
            ]
            : [];

    /// <summary>Whether a check judges the cleaning before it, so that what it teaches changes what that cleaning left.</summary>
    public static bool JudgesCleaning(Checked entry) =>
        InspectionTable.Find(entry.InspectionId) is { JudgesCleaning: true };

    /// <summary>What a cleaning took of the film on a pane; null where the method is not known or none for glass.</summary>
    private static FilmCleaning? FilmBy(TaskDone done, SurfaceId surfaceId, LearntResidues residues) =>
        done
            .Methods.Where(method => method.SurfaceIds.Contains(surfaceId))
            .Select(method =>
                GlassMethods.Find(method.MethodId) is { } glass
                    ? new FilmCleaning(
                        method.MethodId,
                        glass.Method.Removal,
                        method.Rounds,
                        residues.Of(method.MethodId).Median
                    )
                    : null
            )
            .FirstOrDefault(film => film is not null);
}
