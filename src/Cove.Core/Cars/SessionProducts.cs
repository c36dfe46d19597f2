using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Cars;

/// <summary>Chooses what the tasks of a session are done with, one task after the other. Products that must not meet are never chosen for one session, and nothing is promised twice out of one bottle.</summary>
/// <param name="chooser">Chooses one by one.</param>
/// <param name="here">The circumstances, and what is left of each product.</param>
public sealed class SessionProducts(ProductChooser chooser, Circumstances here)
{
    private readonly List<ProductMake> used = [];
    private readonly Dictionary<ProductId, Quantity> promised = [];

    /// <summary>Chooses for the tasks of a session as if nothing had been measured.</summary>
    /// <param name="works">The tasks with their methods, in the order they are done.</param>
    /// <param name="chooser">Chooses one by one.</param>
    /// <returns>For each task its choices, one for each group of surfaces that are done alike; none for a task that is done dry.</returns>
    public static IReadOnlyList<TaskChoices> Choose(IEnumerable<TaskWork> works, ProductChooser chooser)
    {
        var session = new SessionProducts(chooser, Circumstances.Usual);
        return [.. works.Select(work => session.Take(session.For(work)))];
    }

    /// <summary>What a task would be done with, after all that has been taken so far.</summary>
    public TaskChoices For(TaskWork work)
    {
        CareTask task = work.Status.Item.Task;
        // One mixture for the whole task: the dirtiest of its surfaces decides.
        Level soil = work.Status.Surfaces.Max(surface => surface.Due.Soil);
        var together = new Dictionary<ProductId, Quantity>(promised);
        var choices = new List<ProductChoice?>();
        foreach (MethodUse use in work.Uses)
        {
            foreach (ProductRequest request in use.Requests)
            {
                Circumstances now = here with { Session = used, Supplies = here.Supplies.Without(together) };
                ProductChoice?[] made =
                [
                    .. use.Surfaces.Select(surface =>
                        chooser.Choose(task, surface, soil, now, request, use.Surfaces)
                    ),
                ];
                choices.AddRange(made);
                Promise(together, Of(task, made));
            }
        }

        return Of(task, choices);
    }

    /// <summary>Reckons with these choices from now on.</summary>
    public TaskChoices Take(TaskChoices choices)
    {
        Promise(promised, choices);
        used.AddRange(
            choices
                .Choices.Select(choice => choice.Choice.Best?.Product.Make)
                .OfType<ProductMake>()
                .Except(used)
        );
        return choices;
    }

    private static void Promise(Dictionary<ProductId, Quantity> promises, TaskChoices choices)
    {
        foreach (ChoiceForSurfaces choice in choices.Choices)
        {
            if (choice.Choice.Best is { } pick)
            {
                promises[pick.Product.Id] =
                    promises.GetValueOrDefault(pick.Product.Id)
                    + Consumption.Of(choices.Task, choice.Surfaces, pick);
            }
        }
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
public sealed record TaskChoices(CareTask Task, IReadOnlyList<ChoiceForSurfaces> Choices)
{
    /// <summary>The same for some of the surfaces.</summary>
    public TaskChoices On(IEnumerable<SurfaceId> surfaceIds)
    {
        var some = surfaceIds.ToHashSet();
        return new TaskChoices(
            Task,
            [
                .. Choices
                    .Select(choice =>
                        choice with
                        {
                            Surfaces = [.. choice.Surfaces.Where(surface => some.Contains(surface.Id))],
                        }
                    )
                    .Where(choice => choice.Surfaces.Count > 0),
            ]
        );
    }
}

/// <summary>What some surfaces are done with.</summary>
/// <param name="Choice">The choice, with the gravest verdict among the surfaces.</param>
/// <param name="Surfaces">The surfaces.</param>
public sealed record ChoiceForSurfaces(ProductChoice Choice, IReadOnlyList<Surface> Surfaces);
