using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Safety;
using Cove.Core.Safety.Rules;
using Cove.Core.Schools;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Choice;

/// <summary>How products may be used on the surfaces of a car: in their usual way, or more gently where that is not safe or the tool is missing.</summary>
/// <remarks>Answers are kept, since many surfaces are of one make and pages ask for all of them.</remarks>
public sealed class SafestWays
{
    private readonly Shelf shelf;
    private readonly ShelfRecords records;

    /// <summary>Only answers in which nothing on record has a part, so that other cars may share them.</summary>
    private readonly Dictionary<
        (ProductId Product, ProductClass Class, SurfaceMake Make, ScreenSchool Screens, UsualWay? Asked),
        Pick
    > known;

    /// <summary>Begins with no answers.</summary>
    /// <param name="shelf">What is at hand.</param>
    /// <param name="records">What is on record for the car.</param>
    public SafestWays(Shelf shelf, ShelfRecords records)
        : this(shelf, records, []) { }

    private SafestWays(
        Shelf shelf,
        ShelfRecords records,
        Dictionary<
            (ProductId Product, ProductClass Class, SurfaceMake Make, ScreenSchool Screens, UsualWay? Asked),
            Pick
        > known
    )
    {
        this.shelf = shelf;
        this.records = records;
        this.known = known;
    }

    /// <summary>What is at hand.</summary>
    public Shelf Shelf => shelf;

    /// <summary>The same for another car: it shares every answer in which nothing on record has a part. Not for use by two threads at once.</summary>
    /// <param name="others">What is on record for that car.</param>
    public SafestWays For(ShelfRecords others) => new(shelf, others, known);

    /// <summary>The safest way for a product on a surface.</summary>
    /// <param name="product">The product.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="context">The circumstances, without what is on record.</param>
    /// <param name="asked">How a method wants it put on; null for the usual way. Where that may not be, the usual way is tried, and a gentler one.</param>
    public Pick Of(Product product, Surface surface, UseContext context, UsualWay? asked = null)
    {
        // Only the plain question is the same for every surface of a make.
        bool isPlain =
            context == UseContext.Usual with { Screens = context.Screens, Session = context.Session }
            && context.Session.Count == 0
            && !records.Mention(surface.Id, product.Id);
        var key = (product.Id, product.Make.Class, surface.Make, context.Screens, asked);
        if (!isPlain)
        {
            return Find(product, surface, context, asked);
        }

        if (!known.TryGetValue(key, out Pick? pick))
        {
            pick = Find(product, surface, context, asked);
            known[key] = pick;
        }

        return pick;
    }

    private Pick Find(Product product, Surface surface, UseContext context, UsualWay? asked)
    {
        UsualWay usual = UsualWay.Of(product.Make, surface.Make);
        var gentle = new UsualWay(Application.OnTowel, Tool.MicrofibreTowel);
        Pick[] ways =
        [
            // What is done dry, and a sponge, are put on in one way only.
            .. new[]
            {
                usual.Application == Application.Dry || usual.Tool == Tool.MelamineSponge
                    ? usual
                    : asked ?? usual,
                usual,
                gentle,
            }
                .Distinct()
                .Where(way => shelf.Has(way.Tool))
                .DefaultIfEmpty(gentle)
                .Select(way => Judge(product, product.Usual, way, surface, context)),
        ];
        Pick best = ways[0].Judgement.MayBeDone ? ways[0] : ways.MinBy(way => way.Judgement.Verdict)!;
        if (best.Judgement.MayBeDone || product.Weakest == product.Usual)
        {
            return best;
        }

        Pick thin = Judge(product, product.Weakest, best.Way, surface, context);
        return thin.Judgement.Verdict < best.Judgement.Verdict ? thin : best;
    }

    private Pick Judge(
        Product product,
        Strength strength,
        UsualWay way,
        Surface surface,
        UseContext context
    ) =>
        new(
            product,
            strength,
            way,
            SafetyRules.Judge(
                new SafetyCase(
                    surface.Make,
                    product.Make,
                    strength,
                    way.Application,
                    way.Tool,
                    records.Fill(context, surface.Id, product.Id, strength) with
                    {
                        LabelForbids = product.Limits.Forbid(surface.Make),
                    }
                )
            )
        );
}

/// <summary>A product at a strength, put on in a way, and what the rules say to that.</summary>
/// <param name="Product">The product.</param>
/// <param name="Strength">The strength.</param>
/// <param name="Way">How it is put on, and with what.</param>
/// <param name="Judgement">What the rules say.</param>
public sealed record Pick(Product Product, Strength Strength, UsualWay Way, Judgement Judgement);
