using System.Text.Json.Serialization;
using Cove.Core.Methods;
using Cove.Core.Products;
using Cove.Core.Upkeep;

namespace Cove.Core.Sessions;

/// <summary>A method as a step of a run uses it.</summary>
/// <param name="MethodId">The method.</param>
/// <param name="Rounds">How often it is gone through; 1 or more.</param>
/// <param name="SurfaceIds">The surfaces; none for a chore.</param>
public sealed record StepMethod(string MethodId, int Rounds, IReadOnlyList<string> SurfaceIds)
{
    /// <summary>Fixes a use.</summary>
    public static StepMethod Of(MethodUse use) =>
        new(use.Method.Id, use.Rounds, [.. use.Surfaces.Select(surface => surface.Id)]);
}

/// <summary>One step of a run as it was planned. Steps are fixed when a run starts, so that later changes to levels or tables do not move them.</summary>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="PutsBack">Whether the step only puts things back once they are dry.</param>
/// <param name="Planned">Walking, fetching and hands, all together.</param>
/// <param name="Fetch">The kits to fetch before it, in order.</param>
/// <param name="Zones">Ids of the zones to go to, in walking order; empty for work on the spot.</param>
/// <param name="Drying">How long something dries after it.</param>
public sealed record RunStep(
    string TaskId,
    bool PutsBack,
    TimeSpan Planned,
    IReadOnlyList<Kit> Fetch,
    IReadOnlyList<string> Zones,
    TimeSpan Drying
)
{
    /// <summary>What it is done with; none for a step that is done dry, that puts back, or for which nothing at hand was safe.</summary>
    public IReadOnlyList<StepProduct> Products { get; init; } = [];

    /// <summary>What to do for want of a product, one sentence each; none when nothing is lacking.</summary>
    public IReadOnlyList<string> Lacks { get; init; } = [];

    /// <summary>How it is done; none in runs from before methods were kept, and for a step that puts back.</summary>
    public IReadOnlyList<StepMethod> Methods { get; init; } = [];

    /// <summary>Whether it gets ready or sets back, and tends no surface.</summary>
    [JsonIgnore]
    public bool IsChore => SessionChores.Find(TaskId) is not null;

    /// <summary>The roles of the towels it loads.</summary>
    [JsonIgnore]
    public IEnumerable<TowelRole> Towels =>
        Methods
            .SelectMany(method => MethodLibrary.Find(method.MethodId)?.Steps ?? [])
            .Select(step => step.Towel?.Role)
            .OfType<TowelRole>()
            .Distinct();

    /// <summary>The method of a step that has none of its own: putting back, or a step of an old run.</summary>
    [JsonIgnore]
    public IReadOnlyList<StepMethod> MethodsOrUsual =>
        Methods.Count > 0 ? Methods
        : PutsBack ? [new StepMethod(PuttingBack.Mats.Id, 1, [])]
        : [];

    /// <summary>Fixes the steps of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="places">Where its work is done.</param>
    /// <param name="choices">What its tasks are done with.</param>
    public static IReadOnlyList<RunStep> Of(
        SessionPlan plan,
        SessionPlaces places,
        IReadOnlyList<TaskChoices> choices
    )
    {
        var fetched = new HashSet<Kit>();
        return
        [
            .. plan.Order.Steps.Select(step =>
            {
                OrderJob job = plan.Jobs[step.Job];
                TaskChoices? task = job.PutsBack
                    ? null
                    : choices.FirstOrDefault(one => one.Task.Id == job.TaskId);
                IReadOnlyList<ChoiceForSurfaces> made = task?.Choices ?? [];
                TaskWork? work = job.PutsBack
                    ? null
                    : plan.Works.FirstOrDefault(one => one.Status.Item.Task.Id == job.TaskId);
                return new RunStep(
                    job.TaskId,
                    job.PutsBack,
                    step.End - step.Begin,
                    [.. job.Kits.Where(fetched.Add)],
                    [.. step.Tour.Select(position => places.ZoneAt(position).Id)],
                    job.Drying
                )
                {
                    Methods =
                        work is not null ? [.. work.Uses.Select(StepMethod.Of)]
                        : SessionChores.Find(job.TaskId) is { } chore
                            ? [new StepMethod(chore.Method.Id, 1, [])]
                        : [],
                    Products = [.. made.SelectMany(one => StepProduct.Of(task!.Task, one))],
                    Lacks =
                    [
                        .. made.Where(one => one.Choice.Best is null).Select(one => one.Choice.Meanwhile!),
                    ],
                };
            }),
        ];
    }
}
