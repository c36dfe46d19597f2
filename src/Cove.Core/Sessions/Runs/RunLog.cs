using Cove.Core.Log;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Sessions.Runs;

/// <summary>What the answers of a run put on record.</summary>
/// <remarks>
/// <i>Done</i> takes all of the level, <i>not clean yet</i> takes what <see cref="Planning.SessionRules.RemovedWhenNotClean"/> says and
/// leaves the rest for next time, and <i>skipped</i> leaves the level as it is, so nothing is written. Putting back belongs
/// to the task it puts back: its minutes go on that entry, and levels have followed already when the task was answered.
/// </remarks>
public static class RunLog
{
    /// <summary>The entry that the answer to a step puts on record; null when it puts none there, or only adds minutes to one.</summary>
    /// <param name="runId">The run.</param>
    /// <param name="progress">The run, the answer taken.</param>
    /// <param name="answer">The answer.</param>
    /// <param name="entryId">The id for the entry.</param>
    public static LogEntry? EntryOf(RunId runId, RunProgress progress, RunEvent answer, EntryId entryId)
    {
        if (!IsWork(answer))
        {
            return null;
        }

        RunStep step = progress.Steps[answer.Step];
        TimeSpan taken = progress.TakenBy(answer.Step);
        if (step.IsChore)
        {
            return new ChoreDone(entryId, answer.At, step.TaskId)
            {
                RunId = runId,
                Planned = step.Planned,
                Taken = taken,
                Pace = step.Pace,
            };
        }

        return progress.RemovedBy(answer.Step) is { } removed
            ? new TaskDone(entryId, answer.At, step.TaskId, removed)
            {
                RunId = runId,
                Planned = step.Planned,
                Taken = taken,
                Pace = step.Pace,
                SurfaceIds =
                [
                    .. step
                        .Methods.SelectMany(method => method.SurfaceIds)
                        .Concat(step.Along.Where(surface => WasWashed(progress, answer.Step, surface)))
                        .Distinct(),
                ],
                Methods = step.Methods,
                Products = [.. step.Products.Select(product => product.Used)],
                Coat = step.Products.Aggregate(CoatTraits.None, (all, product) => all | product.Leaves),
            }
            : null;
    }

    private static bool WasWashed(RunProgress progress, int before, SurfaceId surface) =>
        Enumerable
            .Range(0, before)
            .Any(step =>
                progress.RemovedBy(step) is not null
                && progress.Steps[step].Methods.Any(method => method.SurfaceIds.Contains(surface))
            );

    /// <summary>Whether an answer only puts back, so that its minutes go on the entry of the task in the same run.</summary>
    public static bool AddsMinutes(RunProgress progress, RunEvent answer) =>
        IsWork(answer) && progress.Steps[answer.Step].PutsBack;

    /// <summary>The entry of a task with the minutes of putting back added; nobody has to be reminded of it any more.</summary>
    /// <param name="done">The entry of the task.</param>
    /// <param name="progress">The run, the answer taken.</param>
    /// <param name="answer">An answer for which <see cref="AddsMinutes"/> holds.</param>
    public static TaskDone WithPutBack(TaskDone done, RunProgress progress, RunEvent answer) =>
        done with
        {
            Planned = done.Planned + progress.Steps[answer.Step].Planned,
            Taken = done.Taken + progress.TakenBy(answer.Step),
            // Nothing has to be brought back later any more.
            AnsweredAt = answer.At,
        };

    /// <summary>The entry of a task with the minutes of putting back taken off again, because that answer was taken back.</summary>
    /// <param name="done">The entry of the task.</param>
    /// <param name="before">The run before the answer was taken back.</param>
    /// <param name="step">The step that put back.</param>
    public static TaskDone WithoutPutBack(TaskDone done, RunProgress before, int step) =>
        done with
        {
            Planned = done.Planned - before.Steps[step].Planned,
            Taken = done.Taken - before.TakenBy(step),
            AnsweredAt = null,
        };

    /// <summary>Whether an answer is of work that is on record: taking it back takes it off the record.</summary>
    public static bool IsWork(RunEvent answer) => answer.Kind is RunEventKind.Done or RunEventKind.NotClean;
}
