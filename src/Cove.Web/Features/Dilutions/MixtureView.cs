namespace Cove.Web.Features.Dilutions;

/// <summary>A mixture, exactly and as it can be measured by hand.</summary>
/// <param name="Strength">The strength in short, water last.</param>
/// <param name="InWords">The strength in words: parts and percent.</param>
/// <param name="Product">The product to take.</param>
/// <param name="Water">The water to take.</param>
/// <param name="Total">What the bottle holds in the end.</param>
/// <param name="ByHand">What can be measured out, and what comes of it.</param>
/// <param name="Fill">The bottle from the bottom up, by hand.</param>
/// <param name="MixedOn">The day it is mixed.</param>
/// <param name="GoodUntil">The day until which it keeps.</param>
/// <param name="Remark">What to bear in mind; null when there is nothing.</param>
/// <param name="DropsToTheMillilitre">How many drops count as a millilitre.</param>
internal sealed record MixtureView(
    string Strength,
    string InWords,
    VolumeView Product,
    VolumeView Water,
    VolumeView Total,
    ByHandView ByHand,
    IReadOnlyList<FillView> Fill,
    DateOnly MixedOn,
    DateOnly GoodUntil,
    string? Remark,
    int DropsToTheMillilitre
)
{
    public static MixtureView Of(
        Mixture added,
        Mixture? held,
        Strength strength,
        DateOnly today,
        string? remark
    )
    {
        Measured measured = Measuring.ByHand(added, held);
        Volume holds = held?.Total ?? Volume.Zero;
        Volume inBottle = holds + added.Total;
        Mixture hand = measured.Mixture;
        var result = new Mixture(
            (held?.Product ?? Volume.Zero) + hand.Product,
            (held?.Water ?? Volume.Zero) + hand.Water
        );
        return new MixtureView(
            $"{strength}",
            strength.InWords(),
            VolumeView.Of(added.Product),
            VolumeView.Of(added.Water),
            VolumeView.Of(inBottle),
            new ByHandView(
                hand.Product.Millilitres,
                hand.Water.Millilitres,
                measured.Drops,
                $"{result.Strength}",
                result.Strength.InWords()
            ),
            [
                .. Layers(
                    inBottle,
                    [
                        (FillKind.Held, "In the bottle already", holds),
                        (FillKind.Water, "Water", hand.Water),
                        (FillKind.Product, "Product", hand.Product),
                    ]
                ),
            ],
            today,
            today.AddMonths(Bottle.MixedKeepsMonths),
            remark,
            VolumeUnits.DropsToTheMillilitre
        );
    }

    /// <summary>Water before product: it foams less.</summary>
    private static IEnumerable<FillView> Layers(
        Volume total,
        IEnumerable<(FillKind Kind, string What, Volume Volume)> parts
    )
    {
        Volume level = Volume.Zero;
        foreach (var (kind, what, volume) in parts.Where(part => part.Volume > Volume.Zero))
        {
            double from = level.Millilitres / total.Millilitres;
            level += volume;
            yield return new FillView(
                kind,
                what,
                volume.Millilitres,
                level.Millilitres,
                from,
                Math.Min(1, level.Millilitres / total.Millilitres)
            );
        }
    }
}

/// <summary>A volume in every unit.</summary>
/// <param name="Millilitres">In millilitres.</param>
/// <param name="UsFluidOunces">In US fluid ounces.</param>
/// <param name="ImperialFluidOunces">In imperial fluid ounces.</param>
/// <param name="Drops">In drops, at twenty to the millilitre.</param>
internal sealed record VolumeView(
    double Millilitres,
    double UsFluidOunces,
    double ImperialFluidOunces,
    double Drops
)
{
    public static VolumeView Of(Volume volume) =>
        new(
            volume.Millilitres,
            volume.In(VolumeUnit.UsFluidOunce),
            volume.In(VolumeUnit.ImperialFluidOunce),
            volume.In(VolumeUnit.Drop)
        );
}

/// <summary>What can be measured out by hand.</summary>
/// <param name="ProductMillilitres">The product, in steps of 5 ml or in drops.</param>
/// <param name="WaterMillilitres">The water.</param>
/// <param name="Drops">The product in drops; null when it is measured in steps.</param>
/// <param name="Strength">The strength that results.</param>
/// <param name="InWords">The same in words.</param>
internal sealed record ByHandView(
    double ProductMillilitres,
    double WaterMillilitres,
    int? Drops,
    string Strength,
    string InWords
);

/// <summary>What a layer of the drawn bottle is.</summary>
internal enum FillKind
{
    /// <summary>What the bottle holds already.</summary>
    Held,

    /// <summary>Water.</summary>
    Water,

    /// <summary>The product.</summary>
    Product,
}

/// <summary>A layer of the drawn bottle.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="What">The same in words.</param>
/// <param name="Millilitres">How much.</param>
/// <param name="UpTo">The fill line at its top, in millilitres.</param>
/// <param name="From">Where it begins, as a share of the filled height.</param>
/// <param name="To">Where it ends.</param>
internal sealed record FillView(
    FillKind Kind,
    string What,
    double Millilitres,
    double UpTo,
    double From,
    double To
);
