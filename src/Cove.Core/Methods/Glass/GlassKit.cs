using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;

namespace Cove.Core.Methods.Glass;

/// <summary>What an owner has for glass, and which of it may touch a pane.</summary>
/// <param name="ways">How the products at hand may be used on the car.</param>
/// <param name="records">What is on record of them on the car.</param>
/// <param name="supplies">What is left of them; enough when left out.</param>
public sealed class GlassKit(SafestWays ways, ShelfRecords records, Supplies? supplies = null)
{
    /// <summary>What the glass of a car takes of a mixture, at the most.</summary>
    private static readonly Volume ForAllPanes = Volume.FromMillilitres(15);

    private readonly Supplies supplies = supplies ?? Supplies.Unmeasured;

    /// <summary>How the owner likes to work.</summary>
    public WaysOfWorking Ways => ways.Shelf.Ways;

    /// <summary>Whether a tool is there. A steamer and a reach tool have to be listed; what everybody has is taken to be there.</summary>
    public bool Has(Tool tool) =>
        tool is Tool.Steamer or Tool.ReachTool ? ways.Shelf.Owns(tool) : ways.Shelf.Has(tool);

    /// <summary>Finds what to use for a step on a pane.</summary>
    /// <param name="step">A step that uses a product.</param>
    /// <param name="pane">The pane.</param>
    /// <param name="conditions">What it is like at the glass.</param>
    public GlassFind Find(MethodStep step, Pane pane, GlassConditions conditions)
    {
        var context = UseContext.Usual with
        {
            InSun = conditions.InSun,
            SurfaceHot = conditions.Touch == GlassTouch.Hot,
        };
        string? why = null;
        foreach (ProductClass wanted in step.Uses!.Classes)
        {
            foreach (Product product in ways.Shelf.WithHomely.Where(known => known.Make.Class == wanted))
            {
                Pick pick = ways.Of(product, pane.Surface, context, WayOf(step, product));
                if (!Covers(pick))
                {
                    why ??=
                        $"{product.Name}: {(supplies.Of(product).TooOld ? "it has been open too long" : "there is not enough left")}.";
                }
                else if (!pick.Judgement.MayBeDone)
                {
                    why ??= $"{product.Name}: {pick.Judgement.Decisive.Sentence}";
                }
                else if (pane.Tinted && !IsKnownForFilm(product, pick, pane))
                {
                    why ??=
                        $"{product.Name}: its label must say that it is safe on film. Try a corner, or record the maker's word.";
                }
                else
                {
                    return new GlassFind(pick, null);
                }
            }
        }

        return new GlassFind(
            null,
            why
                ?? $"There is no {ClassPresets.Of(step.Uses.Classes[0]).Name.ToLowerInvariant()} on the shelf."
        );
    }

    private bool Covers(Pick pick) =>
        supplies
            .Of(pick.Product)
            .Covers(
                pick.Product.Unit == QuantityUnit.Pieces
                    ? new Quantity(1, QuantityUnit.Pieces)
                    : Quantity.Of(ForAllPanes * pick.Strength.Share)
            );

    private static UsualWay WayOf(MethodStep step, Product product) =>
        product.Make.Class == ProductClass.MelamineSponge
            ? new UsualWay(Application.OnTowel, Tool.MelamineSponge)
            : new UsualWay(step.Uses!.Application, step.Tool ?? Tool.GlassTowel);

    /// <summary>Water and soap suit any film. Of everything else the owner has to know.</summary>
    private bool IsKnownForFilm(Product product, Pick pick, Pane pane)
    {
        if (product.Make.Class is ProductClass.Water or ProductClass.SoapWater)
        {
            return true;
        }

        UseContext known = records.Fill(UseContext.Usual, pane.Surface.Id, product.Id, pick.Strength);
        return known.Maker == MakerSays.Allows || known.SpotTest == SpotResult.Passed;
    }
}

/// <summary>What was found for a step.</summary>
/// <param name="Pick">The product; null when none is there that may touch the pane.</param>
/// <param name="WhyNot">Why none, as one sentence; null when one was found.</param>
public sealed record GlassFind(Pick? Pick, string? WhyNot);
