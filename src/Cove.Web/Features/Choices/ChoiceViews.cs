using Cove.Web.Features.Shelf;

namespace Cove.Web.Features.Choices;

/// <summary>A product as it is to be used on some surfaces.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Strength">The strength in short.</param>
/// <param name="StrengthInWords">The strength in words that cannot be misread.</param>
/// <param name="How">How it is put on and with what.</param>
/// <param name="Surfaces">The surfaces done so, in short.</param>
/// <param name="Cautions">What to beware of and what to wear.</param>
/// <param name="Amount">How much of the product it takes, without water.</param>
/// <param name="Unit">The unit of it.</param>
/// <param name="MixtureMillilitres">How much of the mixture it takes, in millilitres; null for what is counted in pieces or taken by the drop.</param>
internal sealed record UsedProductView(
    Guid ProductId,
    string Name,
    string Strength,
    string StrengthInWords,
    string How,
    IReadOnlyList<string> Surfaces,
    IReadOnlyList<string> Cautions,
    double Amount,
    QuantityUnit Unit,
    double? MixtureMillilitres
)
{
    public static UsedProductView Of(StepProduct product) =>
        new(
            product.ProductId,
            product.Name,
            $"{product.Strength}",
            product.Strength.InWords(),
            Way(product.Application, product.Tool),
            product.Surfaces,
            product.Cautions,
            product.Amount.Value,
            product.Amount.Unit,
            // Soap is taken by the drop: millilitres of suds would be read as those of the bottle.
            product.IsSoap
                ? null
                : product.Mixture?.Millilitres
        );

    private static string Way(Application application, Tool tool) =>
        application == Application.Dry
            ? ToolWords.NameOf(tool)
            : $"{SafetyWords.NameOf(application)}, {ToolWords.NameOf(tool).ToLowerInvariant()}";
}

/// <summary>A task for which nothing on the shelf is both safe and enough, and the next safe way.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="TaskName">Its name.</param>
/// <param name="Surfaces">The surfaces, in short.</param>
/// <param name="Buy">The name of the class to buy; null when no class would do.</param>
/// <param name="Meanwhile">What to do until then.</param>
/// <param name="Test">The name of a product on the shelf that a spot test might clear; null when there is none.</param>
internal sealed record LackView(
    string TaskId,
    string TaskName,
    IReadOnlyList<string> Surfaces,
    string? Buy,
    string Meanwhile,
    string? Test
)
{
    /// <summary>What a task lacks; empty when it lacks nothing.</summary>
    public static IEnumerable<LackView> Of(TaskChoices task) =>
        task
            .Choices.Where(lacking => lacking.Choice.Best is null)
            .Select(lacking => new LackView(
                task.Task.Id.Value,
                task.Task.Name,
                [.. lacking.Surfaces.Select(surface => surface.ShortName)],
                lacking.Choice.Buy is { } buy ? ClassPresets.Of(buy).Name : null,
                lacking.Choice.Meanwhile!,
                lacking.Choice.RunnerUp?.Product.Name
            ));
}

/// <summary>What a task on a surface is best done with.</summary>
/// <param name="Best">The product to use; null when the task is done dry or nothing at hand is safe and enough.</param>
/// <param name="Verdict">The verdict on it.</param>
/// <param name="Why">The reason that decides.</param>
/// <param name="RunnerUp">The next best, by name; null when there is none.</param>
/// <param name="WhyNot">Why that is not the choice.</param>
/// <param name="Lack">What is lacking; null when nothing is.</param>
internal sealed record SurfaceChoiceView(
    UsedProductView? Best,
    Verdict? Verdict,
    string? Why,
    string? RunnerUp,
    string? WhyNot,
    LackView? Lack
)
{
    /// <summary>Writes a choice out; null for a task that is done dry.</summary>
    public static SurfaceChoiceView? Of(TaskChoices task) =>
        task.Choices.Count == 0 ? null : Of(task.Choices[0].Choice, task);

    private static SurfaceChoiceView Of(ProductChoice choice, TaskChoices task) =>
        new(
            StepProduct.Of(task.Task, task.Choices[0]).Select(UsedProductView.Of).FirstOrDefault(),
            choice.Best?.Judgement.Verdict,
            choice.Best?.Judgement.Decisive.Sentence,
            choice.RunnerUp?.Product.Name,
            choice.WhyNot,
            LackView.Of(task).FirstOrDefault()
        );
}

/// <summary>The fewest products that do every task of a car safely, and what the others are for.</summary>
/// <param name="Products">Every product of the shelf.</param>
/// <param name="Lacking">What lacks for this car, with reasons; the same as on the shopping list.</param>
internal sealed record SmallestShelfView(
    IReadOnlyList<ProductPartView> Products,
    IReadOnlyList<ShoppingItemView> Lacking
)
{
    public static SmallestShelfView Of(SmallestShelf smallest, IReadOnlyList<ShoppingItem> lacking)
    {
        var words = new JobWords(smallest.Jobs);
        return new SmallestShelfView(
            [.. smallest.Roles.Select(part => ProductPartView.Of(part, words))],
            [.. lacking.Select(ShoppingItemView.Of)]
        );
    }
}

/// <summary>Says jobs in a few words: the task, with the surfaces where it is only some of those it tends.</summary>
/// <param name="all">Every job of the car.</param>
internal sealed class JobWords(IReadOnlyList<ShelfJob> all)
{
    public IReadOnlyList<string> Of(IReadOnlyList<ShelfJob> jobs) =>
        [
            .. jobs.GroupBy(job => job.Task)
                .Select(task =>
                    task.Count() == all.Count(job => job.Task == task.Key)
                        ? task.Key.Name
                        : $"{task.Key.Name} ({string.Join("; ", task.Select(job => Together(job.Surfaces)))})"
                ),
        ];

    private static string Together(IReadOnlyList<Surface> surfaces) =>
        surfaces.Count == 1
            ? surfaces[0].Name.ToLowerInvariant()
            : SurfaceWords.NameTogether(surfaces).ToLowerInvariant();
}

/// <summary>What a product is for in a car.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="ClassName">The name of its class.</param>
/// <param name="Role">Whether it is needed.</param>
/// <param name="Does">What it does safely.</param>
/// <param name="Adds">What nothing else of the smallest shelf does.</param>
internal sealed record ProductPartView(
    Guid ProductId,
    string Name,
    string ClassName,
    ShelfRole Role,
    IReadOnlyList<string> Does,
    IReadOnlyList<string> Adds
)
{
    public static ProductPartView Of(ProductPart part, JobWords words) =>
        new(
            part.Product.Id,
            part.Product.Name,
            ClassPresets.Of(part.Product.Make.Class).Name,
            part.Role,
            words.Of(part.Does),
            words.Of(part.Adds)
        );
}
