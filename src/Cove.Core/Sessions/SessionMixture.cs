using System.Globalization;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Dilution;
using Cove.Core.Catalogue.Products;
using Cove.Core.Sessions.Runs;

namespace Cove.Core.Sessions;

/// <summary>What a session takes of a product at one strength: what to mix before starting, and what is left after.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Strength">How strong.</param>
/// <param name="Measured">Product and water for all steps together, as it can be measured out by hand. No water in what is used as it is.</param>
/// <param name="LeftAfter">How much of the product is left when the whole session is done; null when it was never measured.</param>
public sealed record SessionMixture(
    ProductId ProductId,
    string Name,
    Strength Strength,
    Measured Measured,
    Quantity? LeftAfter
)
{
    /// <summary>The least of a product that is counted out, in millilitres: five drops. Cove's own choice.</summary>
    private const double LeastProduct = 0.25;

    /// <summary>The least that is mixed in a bottle or a cup, in millilitres. Cove's own choice.</summary>
    private const double LeastMixture = 30;

    /// <summary>Whether it has to be mixed: it is used with water.</summary>
    public bool IsMixed => IsSoap || Measured.Mixture.Water > Volume.Zero;

    /// <summary>Whether it is soap, which is taken by the drop and never as it is.</summary>
    public bool IsSoap { get; init; }

    /// <summary>Whether a bottle of it that was mixed to this strength stood on the shelf.</summary>
    public bool IsMixedAlready { get; init; }

    /// <summary>What to measure out, and what is left after, as one sentence.</summary>
    public string Sentence
    {
        get
        {
            if (IsSoap)
            {
                return ProductId == Product.HomelySoap.Id
                    ? $"{Name}: a few drops of dish soap in a bowl of lukewarm water."
                    : $"{Name}: a few drops in a bowl of lukewarm water, or from the bottle that is mixed already.";
            }

            string bottle = IsMixedAlready ? ", or from the bottle that is mixed already" : string.Empty;

            string left = LeftAfter is { } after
                ? $" {Millilitres(after.Value)} are left after."
                : string.Empty;
            string product = Measured.Drops is { } drops
                ? $"{drops} drops"
                : Millilitres(Measured.Mixture.Product.Millilitres);
            return IsMixed
                ? $"{Name} {Strength}: {product} in {Millilitres(Measured.Mixture.Water.Millilitres)} of water{bottle}.{left}"
                : $"{Name}: {product}, as it is.{left}";
        }
    }

    /// <summary>All that the steps of a session take, each product at each strength once, in the order in which it is first wanted.</summary>
    /// <param name="steps">The steps.</param>
    /// <param name="left">How much there is of a product before; null when it was never measured.</param>
    public static IReadOnlyList<SessionMixture> Of(
        IEnumerable<RunStep> steps,
        Func<ProductId, Quantity?> left
    )
    {
        StepProduct[] used =
        [
            .. steps
                .Where(step => !step.PutsBack)
                .SelectMany(step => step.Products)
                .Where(product => product.Mixture > Volume.Zero && product.ProductId != Product.TapWater.Id),
        ];
        return
        [
            .. used.GroupBy(product => (product.ProductId, product.Strength))
                .Select(group =>
                {
                    var all = new Mixture(
                        Volume.FromMillilitres(group.Sum(product => product.Amount.Value)),
                        Volume.FromMillilitres(
                            group.Sum(product =>
                                Math.Max(0, product.Mixture!.Value.Millilitres - product.Amount.Value)
                            )
                        )
                    );
                    Mixture mixed = LargeEnough(all);
                    double taken = used.Where(product => product.ProductId == group.Key.ProductId)
                        .Sum(product => product.Amount.Value);
                    return new SessionMixture(
                        group.Key.ProductId,
                        group.First().Name,
                        group.Key.Strength,
                        Measuring.ByHand(LargeEnough(all)),
                        left(group.Key.ProductId) is { } before
                            ? before with
                            {
                                Value = Math.Max(0, before.Value - taken),
                            }
                            : null
                    )
                    {
                        IsSoap = group.First().IsSoap,
                        IsMixedAlready = group.First().IsMixedAlready,
                    };
                }),
        ];
    }

    /// <summary>Nobody measures one drop into a thimble of water: what is less than that is mixed as the least that can be measured, and what is over is kept for next time.</summary>
    private static Mixture LargeEnough(Mixture mixture)
    {
        if (mixture.Product == Volume.Zero || mixture.Water == Volume.Zero)
        {
            return mixture;
        }

        double times = Math.Max(
            LeastProduct / mixture.Product.Millilitres,
            LeastMixture / mixture.Total.Millilitres
        );
        return times <= 1
            ? mixture
            : new Mixture(
                Volume.FromMillilitres(mixture.Product.Millilitres * times),
                Volume.FromMillilitres(mixture.Water.Millilitres * times)
            );
    }

    private static string Millilitres(double value) =>
        string.Create(CultureInfo.InvariantCulture, $"{Math.Max(value > 0 ? 1 : 0, Math.Round(value)):0} ml");
}
