using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Dilution;

/// <summary>Works out mixtures: any two of product, water, total and strength give the rest.</summary>
/// <remarks>C1 V1 = C2 V2, as in any text on general chemistry.</remarks>
public static class DilutionBench
{
    /// <summary>Works out the mixture.</summary>
    /// <param name="given">Exactly two of its four values.</param>
    /// <returns>The mixture, or what is wrong with what was given.</returns>
    public static MixtureOrError Solve(MixtureRequest given)
    {
        int count =
            (given.Product is null ? 0 : 1)
            + (given.Water is null ? 0 : 1)
            + (given.Total is null ? 0 : 1)
            + (given.Strength is null ? 0 : 1);
        if (count != 2)
        {
            return Refused(
                nameof(given.Total),
                "Give exactly two of product, water, total and strength; the rest follows."
            );
        }

        return given switch
        {
            { Product: { } product, Water: { } water } => Checked(
                product.Millilitres,
                water.Millilitres,
                nameof(given.Product)
            ),
            { Product: { } product, Total: { } total } => Checked(
                product.Millilitres,
                total.Millilitres - product.Millilitres,
                nameof(given.Total)
            ),
            { Water: { } water, Total: { } total } => Checked(
                total.Millilitres - water.Millilitres,
                water.Millilitres,
                nameof(given.Total)
            ),
            { Product: { } product, Strength: { } strength } => Checked(
                product.Millilitres,
                product.Millilitres * strength.WaterParts,
                nameof(given.Product)
            ),
            { Water: { } water, Strength: { } strength } => strength.IsNeat
                ? Refused(
                    nameof(given.Water),
                    "A neat product has no water in it. Give the product or the total."
                )
                : Checked(water.Millilitres / strength.WaterParts, water.Millilitres, nameof(given.Water)),
            { Total: { } total, Strength: { } strength } => Checked(
                total.Millilitres * strength.Share,
                total.Millilitres * (1 - strength.Share),
                nameof(given.Total)
            ),
            _ => throw new InvalidOperationException("Two of four values make six pairs."),
        };
    }

    /// <summary>What to add to a part-full bottle so that it holds a volume at a strength.</summary>
    /// <param name="held">What is in the bottle.</param>
    /// <param name="heldStrength">How strong that is.</param>
    /// <param name="total">What it should hold afterwards.</param>
    /// <param name="target">How strong that should be.</param>
    /// <returns>The product and water to add, or why it cannot be done by adding.</returns>
    public static MixtureOrError TopUp(Volume held, Strength heldStrength, Volume total, Strength target)
    {
        if (total == Volume.Zero)
        {
            return Refused(nameof(total), "Say how much the bottle should hold.");
        }

        if (total < held)
        {
            return Refused(
                nameof(total),
                "The bottle holds more than that already. Say how full it should be."
            );
        }

        double product = (target.Share * total.Millilitres) - (heldStrength.Share * held.Millilitres);
        double water = total.Millilitres - held.Millilitres - product;
        double tiny = total.Millilitres * 1e-9;
        if (product < -tiny)
        {
            double fits = held.Millilitres * heldStrength.Share / target.Share;
            return Refused(
                nameof(target),
                $"What is in the bottle is too strong for that: filled with water alone it would come to {Words(Strength.FromShare(heldStrength.Share * held.Millilitres / total.Millilitres))}. Fill to {fits:0} ml or more, or pour some out first."
            );
        }

        if (water < -tiny)
        {
            double strongest =
                ((heldStrength.Share * held.Millilitres) + (total.Millilitres - held.Millilitres))
                / total.Millilitres;
            return Refused(
                nameof(target),
                $"What is in the bottle is too thin for that: filled with neat product it would come to {Words(Strength.FromShare(strongest))}. Pour some out first, or aim lower."
            );
        }

        return new MixtureOrError(
            new Mixture(
                Volume.FromMillilitres(product < tiny ? 0 : product),
                Volume.FromMillilitres(water < tiny ? 0 : water)
            ),
            null
        );
    }

    private static string Words(Strength strength) => $"{strength.Percent:0.#} %";

    private static MixtureOrError Checked(double product, double water, string property)
    {
        if (water < -1e-9 || product <= 0)
        {
            return Refused(
                property,
                "That cannot be: the total has to be more than its parts, with some product in it."
            );
        }

        return product + water > Volume.MostMillilitres || product / (product + water) < Strength.LeastShare
            ? Refused(
                property,
                "That is more than Cove mixes: up to 100 litres, and up to 10,000 parts water to one of product."
            )
            : new MixtureOrError(
                new Mixture(Volume.FromMillilitres(product), Volume.FromMillilitres(Math.Max(0, water))),
                null
            );
    }

    private static MixtureOrError Refused(string property, string sentence) =>
        new(null, new ValidationError(property, sentence));
}

/// <summary>What is known of a mixture; two of the four.</summary>
public sealed record MixtureRequest
{
    /// <summary>The product in it.</summary>
    public Volume? Product { get; init; }

    /// <summary>The water in it.</summary>
    public Volume? Water { get; init; }

    /// <summary>Product and water together.</summary>
    public Volume? Total { get; init; }

    /// <summary>Its strength, whether given in parts or percent.</summary>
    public Strength? Strength { get; init; }
}

/// <summary>A mixture, or why there is none.</summary>
/// <param name="Mixture">The mixture; null when there is an error.</param>
/// <param name="ValidationError">What is wrong; null when nothing is.</param>
public sealed record MixtureOrError(Mixture? Mixture, ValidationError? ValidationError);
