using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Products;
using Cove.Core.Safety;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Choice;

/// <summary>Chooses what to do a care task with, from what is at hand.</summary>
/// <remarks>First nothing that harms, then the gentlest that suffices for the level. An owner who likes few products gets those of the smallest safe shelf where they are safe and suffice.</remarks>
/// <param name="ways">How the products at hand may be used.</param>
/// <param name="preferred">The products of the smallest safe shelf; empty when the owner has not chosen it.</param>
public sealed class ProductChooser(SafestWays ways, IReadOnlySet<ProductId> preferred)
{
    private readonly Shelf shelf = ways.Shelf;

    /// <summary>Makes a chooser for which nothing has been worked out yet.</summary>
    /// <param name="shelf">What is at hand.</param>
    /// <param name="records">What is on record for this car.</param>
    /// <param name="preferred">The products of the smallest safe shelf; empty when the owner has not chosen it.</param>
    public ProductChooser(Shelf shelf, ShelfRecords records, IReadOnlySet<ProductId> preferred)
        : this(new SafestWays(shelf, records), preferred) { }

    /// <summary>How a product would be used on a surface; see <see cref="SafestWays.Of"/>.</summary>
    public Pick Safest(Product product, Surface surface, UseContext context) =>
        ways.Of(product, surface, context);

    /// <summary>Chooses for one surface.</summary>
    /// <param name="task">The care task.</param>
    /// <param name="surface">A surface that it tends.</param>
    /// <param name="soil">The soil that is to come off.</param>
    /// <param name="here">What it has to fit; the usual circumstances when left out.</param>
    /// <param name="request">What the method asks for; null for whatever does the task.</param>
    /// <param name="together">All surfaces that are done in one go, for which there has to be enough; only this one when left out.</param>
    /// <returns>The choice; null for a task that is done dry.</returns>
    public ProductChoice? Choose(
        CareTask task,
        Surface surface,
        Level soil,
        Circumstances? here = null,
        ProductRequest? request = null,
        IReadOnlyList<Surface>? together = null
    )
    {
        IReadOnlyList<TaskOption> options = OptionsFor(task, request);
        if (options.Count == 0)
        {
            return null;
        }

        here ??= Circumstances.Usual;
        // However long a place was left, routine work takes what is strongest and goes round again.
        soil = soil > TaskOption.Always ? TaskOption.Always : soil;
        // What is worn is cleaned gently, even if that takes more than once.
        soil = task.Spares(surface) && soil > TaskOption.Gentle ? TaskOption.Gentle : soil;
        Surface touched = request?.Part is { } part ? surface with { Material = part } : surface;
        UseContext context = here.Context with
        {
            CoatWorn = surface.Wear is not null && touched.Material == Material.CoatedLeather,
            Screens = shelf.Ways.Screens,
            Session = here.Session,
        };
        Candidate[] all =
        [
            .. options.SelectMany(
                (option, rank) =>
                    shelf
                        .WithHomely.Where(product =>
                            product.Make.Class == option.Class
                            && product.Id == (request?.ProductId ?? product.Id)
                        )
                        .Select(product => new Candidate(
                            ways.Of(product, touched, context, request?.Way),
                            option,
                            rank
                        ))
            ),
        ];
        Pick[] picks =
        [
            .. all.Where(candidate =>
                    candidate.Option.UpTo >= soil
                    && candidate.Pick.Judgement.MayBeDone
                    && Covers(candidate.Pick)
                )
                .OrderBy(candidate => candidate.Pick.Product == Product.HomelySoap ? 1 : 0)
                .ThenBy(candidate =>
                    preferred.Count == 0 || candidate.Option.IsMadeForIt || IsPreferred(candidate.Pick)
                        ? 0
                        : 1
                )
                .ThenBy(candidate =>
                    TaskProducts.FinishGap(task, candidate.Pick.Product.Make.Sheen, shelf.Ways)
                )
                .ThenBy(candidate => candidate.Rank)
                .ThenBy(candidate => candidate.Pick.Judgement.Verdict)
                .ThenBy(candidate => candidate.Pick.Product.Name, StringComparer.Ordinal)
                .Select(candidate => candidate.Pick),
        ];
        return picks.Length > 0
            ? new ProductChoice(
                surface,
                picks[0],
                picks.Length > 1 ? picks[1] : null,
                picks.Length > 1 ? WhyNot(picks[0], picks[1], options) : null,
                null,
                null
            )
            : Nothing(task, surface, options, soil, context) with
            {
                Lack = LackOf(all, soil, context, touched, request, here.Supplies),
            };

        bool Covers(Pick pick) =>
            here.Supplies.Of(pick.Product).Covers(Consumption.Of(task, together ?? [surface], pick));
    }

    /// <summary>Why none of the candidates will do, what is easiest mended first.</summary>
    private ProductLack LackOf(
        Candidate[] all,
        Level soil,
        UseContext context,
        Surface touched,
        ProductRequest? request,
        Supplies supplies
    )
    {
        Candidate[] owned = [.. all.Where(candidate => !candidate.Pick.Product.IsHomely)];
        Candidate[] strong = [.. owned.Where(candidate => candidate.Option.UpTo >= soil)];
        Candidate[] safe = [.. strong.Where(candidate => candidate.Pick.Judgement.MayBeDone)];
        if (safe.FirstOrDefault() is { } scarce)
        {
            Product product = scarce.Pick.Product;
            return supplies.Of(product).TooOld
                ? new ProductLack(
                    ProductLackKind.TooOld,
                    $"{product.Name} has been open too long to rely on."
                )
                : new ProductLack(
                    ProductLackKind.NotEnough,
                    $"There is not enough {product.Name} left for this."
                );
        }

        if (
            context.Session.Count > 0
            && strong.FirstOrDefault(candidate =>
                ways.Of(
                    candidate.Pick.Product,
                    touched,
                    context with
                    {
                        Session = [],
                    },
                    request?.Way
                ).Judgement.MayBeDone
            )
                is { } other
        )
        {
            return new ProductLack(
                ProductLackKind.MustNotMeet,
                $"{other.Pick.Product.Name} must not meet what else this session uses."
            );
        }

        return strong.FirstOrDefault(candidate => candidate.Pick.Judgement.Verdict == Verdict.TestFirst)
                is { } untested
                ? new ProductLack(
                    ProductLackKind.Untested,
                    $"{untested.Pick.Product.Name} has to be tried on a hidden spot first."
                )
            : strong.FirstOrDefault() is { } harmful
                ? new ProductLack(
                    ProductLackKind.Unsafe,
                    $"{harmful.Pick.Product.Name}: {harmful.Pick.Judgement.Decisive.Sentence}"
                )
            : owned.FirstOrDefault() is { } weak
                ? new ProductLack(
                    ProductLackKind.TooWeak,
                    $"{weak.Pick.Product.Name} is too weak for soil like this."
                )
            : new ProductLack(ProductLackKind.NoneOwned, "There is nothing for it on your shelf.");
    }

    /// <summary>The classes a method asks for; otherwise those that do the task. None for a task that is done dry.</summary>
    private IReadOnlyList<TaskOption> OptionsFor(CareTask task, ProductRequest? request)
    {
        IReadOnlyList<TaskOption> options = TaskProducts.Of(task, shelf.Ways);
        return options.Count == 0 || request is not { Classes.Count: > 0 }
            ? options
            : [.. request.Classes.Select(known => new TaskOption(known, TaskOption.Always))];
    }

    private bool IsPreferred(Pick pick) =>
        preferred.Contains(pick.Product.Id) || pick.Product == Product.TapWater;

    /// <summary>A product as it would be used, with how it stands among those that do the task.</summary>
    private sealed record Candidate(Pick Pick, TaskOption Option, int Rank);

    private string WhyNot(Pick best, Pick other, IReadOnlyList<TaskOption> options)
    {
        int rank(Pick pick) => options.TakeWhile(option => option.Class != pick.Product.Make.Class).Count();
        return preferred.Count > 0 && IsPreferred(best) && !IsPreferred(other)
                ? "It is safe too, but your smallest shelf does without it."
            : rank(best) < rank(other) ? "It is safe too, but stronger than this needs."
            : best.Judgement.Verdict < other.Judgement.Verdict ? "It would do too, but with more care."
            : "It would do as well.";
    }

    private ProductChoice Nothing(
        CareTask task,
        Surface surface,
        IReadOnlyList<TaskOption> options,
        Level soil,
        UseContext context
    )
    {
        TaskOption[] enough =
        [
            .. options.Where(option => option.UpTo >= (soil > Level.Everyday ? soil : Level.Everyday)),
        ];
        ProductClass? buy = enough
            .Select(option => (ProductClass?)option.Class)
            .FirstOrDefault(wanted =>
                ways.Of(
                    Product.OfClass(default, string.Empty, wanted!.Value),
                    surface,
                    context
                ).Judgement.MayBeDone
            );
        Pick water = ways.Of(Product.TapWater, surface, context);
        string meanwhile =
            task.Protects ? "Leave it unprotected until then; keep it clean and dry."
            : task.Stage == Stage.PutBack && surface.Kind == SurfaceKind.Air ? "Air the car."
            : water.Judgement.MayBeDone ? "Until then a damp towel takes off the worst."
            : "Until then vacuum or dust it, and leave it at that.";
        // Something owned may do but for a test.
        Pick? untested = options
            .SelectMany(option => shelf.Products.Where(product => product.Make.Class == option.Class))
            .Select(product => ways.Of(product, surface, context))
            .FirstOrDefault(pick => pick.Judgement.Verdict == Verdict.TestFirst);
        return new ProductChoice(surface, null, untested, null, buy, meanwhile);
    }
}

/// <summary>What to do a task on a surface with.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Best">The choice; null when nothing at hand is safe and suffices.</param>
/// <param name="RunnerUp">The next best; without a best, one that a spot test might clear. Null when there is none.</param>
/// <param name="WhyNot">Why the runner-up is not the choice; null without both.</param>
/// <param name="Buy">The class of product to buy; null when something is at hand or nothing would do.</param>
/// <param name="Meanwhile">What to do until then; null when something is at hand.</param>
public sealed record ProductChoice(
    Surface Surface,
    Pick? Best,
    Pick? RunnerUp,
    string? WhyNot,
    ProductClass? Buy,
    string? Meanwhile
)
{
    /// <summary>Why there is nothing; null when there is.</summary>
    public ProductLack? Lack { get; init; }
}
