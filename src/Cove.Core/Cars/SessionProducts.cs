using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Cars;

/// <summary>What the tasks of a session are done with. Products that must not meet are never chosen for one session.</summary>
public static class SessionProducts
{
    /// <summary>Chooses for the tasks of a session.</summary>
    /// <param name="works">The tasks with their methods, in the order they are done.</param>
    /// <param name="chooser">Chooses one by one.</param>
    /// <returns>For each task its choices, one for each group of surfaces that are done alike; none for a task that is done dry.</returns>
    public static IReadOnlyList<TaskChoices> Choose(IEnumerable<TaskWork> works, ProductChooser chooser)
    {
        var used = new List<ProductMake>();
        var all = new List<TaskChoices>();
        foreach (TaskWork work in works)
        {
            CareTask task = work.Status.Item.Task;
            // One mixture for the whole task: the dirtiest of its surfaces decides.
            Level soil = work.Status.Surfaces.Max(surface => surface.Due.Soil);
            TaskChoices choices = Of(
                task,
                work.Uses.SelectMany(use =>
                    use.Requests.SelectMany(request =>
                        use.Surfaces.Select(surface => chooser.Choose(task, surface, soil, used, request))
                    )
                )
            );
            used.AddRange(
                choices
                    .Choices.Select(choice => choice.Choice.Best?.Product.Make)
                    .OfType<ProductMake>()
                    .Except(used)
            );
            all.Add(choices);
        }

        return all;
    }

    /// <summary>Chooses for a task by itself, as it stands when it has just come due.</summary>
    /// <param name="item">The task.</param>
    /// <param name="mark">The soil at which it is due.</param>
    /// <param name="chooser">Chooses one by one.</param>
    /// <param name="book">How it is done; when left out, whatever does the task is chosen from.</param>
    public static TaskChoices AtMark(
        CareItem item,
        Level mark,
        ProductChooser chooser,
        MethodBook? book = null
    ) =>
        Of(
            item.Task,
            book is null
                ? item.Surfaces.Select(surface => chooser.Choose(item.Task, surface, mark))
                : book.UsesAtMark(item)
                    .SelectMany(use =>
                        use.Requests.SelectMany(request =>
                            use.Surfaces.Select(surface =>
                                chooser.Choose(item.Task, surface, mark, null, request)
                            )
                        )
                    )
        );

    private static TaskChoices Of(CareTask task, IEnumerable<ProductChoice?> choices) =>
        new(
            task,
            [
                .. choices
                    .OfType<ProductChoice>()
                    .GroupBy(choice => (choice.Best?.Product.Id, choice.Best?.Strength, choice.Best?.Way))
                    .Select(group => new ChoiceForSurfaces(
                        group.MaxBy(choice => choice.Best?.Judgement.Verdict ?? default)!,
                        [.. group.Select(choice => choice.Surface)]
                    )),
            ]
        );
}

/// <summary>What a task is done with.</summary>
/// <param name="Task">The task.</param>
/// <param name="Choices">One for each group of surfaces that are done alike; none for a task that is done dry.</param>
public sealed record TaskChoices(CareTask Task, IReadOnlyList<ChoiceForSurfaces> Choices);

/// <summary>What some surfaces are done with.</summary>
/// <param name="Choice">The choice, with the gravest verdict among the surfaces.</param>
/// <param name="Surfaces">The surfaces.</param>
public sealed record ChoiceForSurfaces(ProductChoice Choice, IReadOnlyList<Surface> Surfaces);
