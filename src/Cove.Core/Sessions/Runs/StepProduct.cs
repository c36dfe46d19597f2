using Cove.Core.Cars;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Log;
using Cove.Core.Safety;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Runs;

/// <summary>A product as a step of a run uses it.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Strength">How strong.</param>
/// <param name="Application">How it gets onto the surface.</param>
/// <param name="Tool">What the hand works with.</param>
/// <param name="Surfaces">The short names of the surfaces done with it.</param>
/// <param name="Amount">How much of the product it takes, without water.</param>
/// <param name="Cautions">What has to be done otherwise than it might be, and what to wear, one sentence each.</param>
public sealed record StepProduct(
    ProductId ProductId,
    string Name,
    Strength Strength,
    Application Application,
    Tool Tool,
    IReadOnlyList<string> Surfaces,
    Quantity Amount,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>How much of the mixture it takes; null for what is counted in pieces.</summary>
    public Volume? Mixture =>
        Amount.Unit == QuantityUnit.Millilitres
            ? Volume.FromMillilitres(Amount.Value / Strength.Share)
            : null;

    /// <summary>What it leaves on the surface beside a plain coat.</summary>
    public CoatTraits Leaves { get; init; }

    /// <summary>Whether it is soap that is taken by the drop, in a bowl of water: its amount is that of the soapy water.</summary>
    public bool IsSoap { get; init; }

    /// <summary>Whether a bottle that was mixed to this strength stood on the shelf.</summary>
    public bool IsMixedAlready { get; init; }

    /// <summary>The product as the log names it once the step is done.</summary>
    public ProductUsed Used => new(ProductId, Name, Strength, Amount) { FromShelf = true };

    /// <summary>Fixes a choice; nothing when nothing was chosen.</summary>
    /// <param name="task">The task.</param>
    /// <param name="choice">What some of its surfaces are done with.</param>
    public static IEnumerable<StepProduct> Of(CareTask task, ChoiceForSurfaces choice) =>
        choice.Choice.Best is { } pick
            ?
            [
                new StepProduct(
                    pick.Product.Id,
                    pick.Product.Name,
                    pick.Strength,
                    pick.Way.Application,
                    pick.Way.Tool,
                    [.. choice.Surfaces.Select(surface => surface.ShortName)],
                    Consumption.Of(task, choice.Surfaces, pick),
                    SafetyWords.CautionsOf(pick.Judgement)
                )
                {
                    Leaves = LeftBy(pick.Product),
                    IsSoap = pick.Product.Make.Class == ProductClass.SoapWater && pick.Strength.IsNeat,
                    IsMixedAlready = StandsMixed(pick.Product, pick.Strength),
                },
            ]
            : [];

    /// <summary>Whether a bottle that was mixed at home to a strength stands on the shelf, and is not empty.</summary>
    public static bool StandsMixed(Product product, Strength strength) =>
        product.Bottles.Any(bottle => bottle.Mixed == strength && bottle.Left.Value > 0);

    /// <summary>What a product leaves on a surface beside a plain coat.</summary>
    public static CoatTraits LeftBy(Product product) =>
        (product.Uv ? CoatTraits.Uv : CoatTraits.None)
        | (product.Antistatic ? CoatTraits.Antistatic : CoatTraits.None)
        | (
            product.Make.Chemistry.Oil || product.Make.Sheen == Sheen.Gloss
                ? CoatTraits.Oily
                : CoatTraits.None
        );
}
