using Cove.Core.Products;
using Cove.Core.Upkeep;

namespace Cove.Core.Sessions;

/// <summary>One step of a run as it was planned. Steps are fixed when a run starts, so that later changes to levels or tables do not move them.</summary>
/// <param name="TaskId">The care task.</param>
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
                return new RunStep(
                    job.TaskId,
                    job.PutsBack,
                    step.End - step.Begin,
                    [.. job.Kits.Where(fetched.Add)],
                    [.. step.Tour.Select(position => places.ZoneAt(position).Id)],
                    job.Drying
                )
                {
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
