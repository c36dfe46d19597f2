using Cove.Core.Cars;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Log;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Methods.Library;
using Cove.Core.Methods.Steps;
using Cove.Core.Schools;
using Cove.Core.Sessions.Planning;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Runs;

/// <summary>A surface as a step of a run shows it.</summary>
/// <param name="Id">The surface. The car may have lost it since.</param>
/// <param name="ShortName">Its short name.</param>
/// <param name="Ground">What a stroke on it is drawn on.</param>
/// <param name="HowToReach">How to get at all of a pane, as one sentence; null for anything else.</param>
public sealed record StepSurface(SurfaceId Id, string ShortName, Ground Ground, string? HowToReach)
{
    /// <summary>Fixes a surface.</summary>
    /// <param name="surface">The surface.</param>
    /// <param name="part">The only part of it that is worked on; null for all of it.</param>
    public static StepSurface Of(Surface surface, Material? part) =>
        new(
            surface.Id,
            part is { } only ? SurfaceWords.NameOfPart(surface, only) : surface.ShortName,
            Grounds.Of(surface.Make),
            surface.Kind is SurfaceKind.Windscreen or SurfaceKind.Glass
                ? new Pane(surface, default).HowToReach
                : null
        );
}

/// <summary>One step of a run as it was planned. Steps are fixed when a run starts, with every word that shows them: what changes later on the car, in the owner's ways of working or in the tables neither moves nor breaks them.</summary>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="PutsBack">Whether the step comes back to a task once something is dry: it puts back what was taken out, or lays on the second coat.</param>
/// <param name="Planned">Walking, fetching and hands, all together.</param>
/// <param name="Fetch">The kits to fetch before it, in order.</param>
/// <param name="Zones">Names of the zones to go to, in walking order; empty for work on the spot.</param>
/// <param name="Drying">How long something dries after it.</param>
public sealed record RunStep(
    TaskId TaskId,
    bool PutsBack,
    TimeSpan Planned,
    IReadOnlyList<Kit> Fetch,
    IReadOnlyList<string> Zones,
    TimeSpan Drying
)
{
    /// <summary>What to do, as an owner would say it.</summary>
    public string Name { get; init; } = string.Empty;

    /// <summary>The pace of the owner that it was planned with, beside that of the table; 1 for chores and old runs.</summary>
    public double Pace { get; init; } = 1;

    /// <summary>How towels are folded in the run.</summary>
    public FoldSchool Fold { get; init; }

    /// <summary>What dries after it, as a heading; empty when nothing does.</summary>
    public string DryingWhat { get; init; } = string.Empty;

    /// <summary>The surfaces of its methods.</summary>
    public IReadOnlyList<StepSurface> Surfaces { get; init; } = [];

    /// <summary>What it is done with; none for a step that is done dry, that puts back, or for which nothing at hand was safe.</summary>
    public IReadOnlyList<StepProduct> Products { get; init; } = [];

    /// <summary>What to do for want of a product, one sentence each; none when nothing is lacking.</summary>
    public IReadOnlyList<string> Lacks { get; init; } = [];

    /// <summary>How it is done; none in runs from before methods were kept, and for a step that puts back.</summary>
    public IReadOnlyList<MethodUsed> Methods { get; init; } = [];

    /// <summary>Surfaces that it need not touch because an earlier step of the run does its work there along; they count as done with it once that step was.</summary>
    public IReadOnlyList<SurfaceId> Along { get; init; } = [];

    /// <summary>Whether it gets ready or sets back, and tends no surface.</summary>
    public bool IsChore => SessionChores.Find(TaskId) is not null;

    /// <summary>The roles of the towels it loads.</summary>
    public IEnumerable<TowelRole> Towels =>
        Methods
            .SelectMany(method => MethodLibrary.Find(method.MethodId)?.Steps ?? [])
            .Select(step => step.Towel?.Role)
            .OfType<TowelRole>()
            .Distinct();

    /// <summary>The method of a step that has none of its own: putting back, or a step of an old run.</summary>
    public IReadOnlyList<MethodUsed> MethodsOrUsual =>
        Methods.Count > 0 ? Methods
        : PutsBack ? [new MethodUsed(PuttingBack.MethodOf(CareTasks.Find(TaskId)).Id, 1, [])]
        : [];

    /// <summary>What to call a step; the id of a task that the tables no longer have.</summary>
    /// <param name="taskId">The care task, or the chore.</param>
    /// <param name="putsBack">Whether the step only puts things back.</param>
    public static string NameOf(TaskId taskId, bool putsBack) =>
        SessionChores.Find(taskId) is { } chore ? chore.Name
        : CareTasks.Find(taskId) is not { } task ? taskId.Value
        : putsBack ? PuttingBack.NameOf(task)
        : task.Name;

    /// <summary>Fixes the steps of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="fold">How the owner folds towels.</param>
    public static IReadOnlyList<RunStep> Of(SessionPlan plan, FoldSchool fold = FoldSchool.Quarters)
    {
        var fetched = new HashSet<Kit>();
        return
        [
            .. plan.Order.Steps.Select(step =>
            {
                OrderJob job = plan.Jobs[step.Job];
                TaskChoices? task = job.PutsBack
                    ? null
                    : plan.Choices.FirstOrDefault(choice => choice.Task.Id == job.TaskId);
                IReadOnlyList<ChoiceForSurfaces> made = task?.Choices ?? [];
                TaskWork? work = job.PutsBack
                    ? null
                    : plan.Works.FirstOrDefault(work => work.Status.Item.Task.Id == job.TaskId);
                return new RunStep(
                    job.TaskId,
                    job.PutsBack,
                    step.End - step.Begin,
                    [.. job.Kits.Where(fetched.Add)],
                    [.. step.Tour.Select(zone => zone.Name)],
                    job.Drying
                )
                {
                    Name = job.ChoreName.Length > 0 ? job.ChoreName : NameOf(job.TaskId, job.PutsBack),
                    Pace = work?.Pace ?? job.ChorePace,
                    Fold = fold,
                    DryingWhat =
                        job.Drying > TimeSpan.Zero
                            ? CareTasks.Find(job.TaskId)?.DryingWhat ?? string.Empty
                            : string.Empty,
                    Surfaces = work is null
                        ? []
                        :
                        [
                            .. work
                                .Uses.SelectMany(use =>
                                    use.Surfaces.Select(surface => StepSurface.Of(surface, use.Part))
                                )
                                .DistinctBy(surface => surface.Id),
                        ],
                    Along = work is null ? [] : [.. work.Along.Select(surface => surface.Id)],
                    Methods =
                        work is not null ? [.. work.Uses.Select(MethodUsed.Of)]
                        : SessionChores.Find(job.TaskId) is { } chore
                            ? [new MethodUsed(chore.Method.Id, 1, [])]
                        : [],
                    Products = [.. made.SelectMany(choice => StepProduct.Of(task!.Task, choice))],
                    Lacks =
                    [
                        .. made.Where(choice => choice.Choice.Best is null)
                            .Select(choice => choice.Choice.Meanwhile!),
                    ],
                };
            }),
        ];
    }
}
