using Cove.Core.Methods;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Ready;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions;

/// <summary>Plans what is left of a run anew, because less time is left than was thought, or more.</summary>
/// <remarks>
/// With less time the open tasks are chosen among; with more they all stay and others join them. What was answered is
/// not asked again, what is out is not got out again, and what was taken out is brought back at the end, whatever the time.
/// What is still wet is minded because the day knows of it.
/// </remarks>
public static class Replan
{
    /// <summary>The steps that take the place of the open ones; none when nothing more fits.</summary>
    /// <param name="day">The car at this instant, with all that the run has put on record.</param>
    /// <param name="progress">The run.</param>
    /// <param name="minutes">How long the owner has from now on; see <see cref="SessionPlanner.Plan"/>.</param>
    public static IReadOnlyList<RunStep> Of(DayPlan day, RunProgress progress, int minutes)
    {
        ArgumentNullException.ThrowIfNull(day);
        ArgumentNullException.ThrowIfNull(progress);
        RunStep[] open = [.. Indexes(progress).Where(IsOpen).Select(step => progress.Steps[step])];
        RunStep[] owed = [.. open.Where(step => IsOwed(step, progress))];
        TimeSpan left = TimeSpan.FromMinutes(minutes) - Sum(owed);
        int whole = Math.Min((int)left.TotalMinutes, SessionRules.LongestMinutes);
        if (whole < SessionRules.ShortestMinutes)
        {
            return owed;
        }

        TaskId[] wanted =
        [
            .. open.Where(step => !step.IsChore && !step.PutsBack).Select(step => step.TaskId),
        ];
        SessionPlan plan = PlanOf(day, progress, wanted, whole);
        var known = progress.Steps.Where((_, step) => !IsOpen(step)).Concat(owed).ToArray();
        HashSet<Kit> outside =
        [
            .. progress.Steps.Where((_, step) => WasDone(progress, step)).SelectMany(step => step.Fetch),
        ];
        return
        [
            .. plan.Tasks.Count == 0
                ? []
                : RunStep
                    .Of(plan, progress.Fold)
                    // A chore that was done, or is owed, is not done twice.
                    .Where(step => !step.IsChore || !known.Any(other => other.TaskId == step.TaskId))
                    .Select(step => WithoutFetching(step, outside)),
            .. owed,
        ];

        bool IsOpen(int step) => progress.OutcomeOf(step) is null;
    }

    /// <summary>All of the open tasks and what else fits; where they do not all fit, the best of them.</summary>
    private static SessionPlan PlanOf(DayPlan day, RunProgress progress, TaskId[] wanted, int minutes)
    {
        HashSet<TaskId> answered =
        [
            .. Indexes(progress)
                .Where(step => progress.OutcomeOf(step) is { Kind: not RunEventKind.Replanned })
                .Select(step => progress.Steps[step].TaskId)
                .Where(id => CareTasks.Find(id) is not null),
        ];
        SessionPlan more = day.Planned(new SessionRequest { LeftOut = [.. answered], KeptIn = [.. wanted] })
            .Plan(minutes);
        return more.Order.Length <= TimeSpan.FromMinutes(minutes)
            ? more
            : day.Planned(
                    new SessionRequest
                    {
                        LeftOut =
                        [
                            .. day
                                .Statuses.Select(status => status.Item.Task.Id)
                                .Where(id => !wanted.Contains(id) || answered.Contains(id)),
                        ],
                    }
                )
                .Plan(minutes);
    }

    /// <summary>Whether an open step has to be done because of what was done: it brings back, or sets back.</summary>
    private static bool IsOwed(RunStep step, RunProgress progress) =>
        step.PutsBack
            ? Indexes(progress)
                .Any(other =>
                    progress.Steps[other].TaskId == step.TaskId
                    && !progress.Steps[other].PutsBack
                    && WasDone(progress, other)
                )
            : SessionChores.Find(step.TaskId) is { Stage: Stage.SetBack }
                && Indexes(progress).Any(other => progress.Steps[other].IsChore && WasDone(progress, other));

    private static bool WasDone(RunProgress progress, int step) =>
        progress.OutcomeOf(step) is { Kind: RunEventKind.Done or RunEventKind.NotClean };

    private static RunStep WithoutFetching(RunStep step, HashSet<Kit> outside)
    {
        Kit[] already = [.. step.Fetch.Where(outside.Contains)];
        TimeSpan saved = already.Aggregate(TimeSpan.Zero, (sum, kit) => sum + kit.Facts().Fetch);
        return already.Length == 0
            ? step
            : step with
            {
                Fetch = [.. step.Fetch.Except(already)],
                Planned = step.Planned > saved ? step.Planned - saved : step.Planned,
            };
    }

    private static TimeSpan Sum(IEnumerable<RunStep> steps) =>
        steps.Aggregate(TimeSpan.Zero, (sum, step) => sum + step.Planned);

    private static IEnumerable<int> Indexes(RunProgress progress) =>
        Enumerable.Range(0, progress.Steps.Count);
}
