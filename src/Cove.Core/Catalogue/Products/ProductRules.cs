using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Hazards;

namespace Cove.Core.Catalogue.Products;

/// <summary>What every product of a shelf must hold to, whether an owner typed it or it was read from a file.</summary>
public static class ProductRules
{
    /// <summary>The most products on a shelf.</summary>
    public const int MostProducts = 200;

    /// <summary>The highest price of a bottle, in the owner's currency.</summary>
    public const decimal HighestPrice = 10_000;

    /// <summary>The most decimals of a price; no currency in use has more than four.</summary>
    private const int PriceDecimals = 4;

    private static readonly DateOnly Earliest = DateOnly.FromDateTime(RecordTime.Earliest.DateTime);

    /// <summary>Says what is wrong with a product; empty when nothing is.</summary>
    /// <param name="product">The product with its bottles.</param>
    /// <param name="today">The owner's present day: nothing is bought, opened or mixed after it.</param>
    /// <returns>Errors whose property is that of <see cref="Product"/>, <see cref="ProductMake"/> or <see cref="Chemistry"/>, or <c>Bottles[index].Property</c>.</returns>
    public static IEnumerable<ValidationError> Check(Product product, DateOnly today)
    {
        if (!PlainText.IsName(product.Name, Product.LongestName))
        {
            yield return new ValidationError(
                nameof(product.Name),
                $"Use 1 to {Product.LongestName} characters for the name, without control characters."
            );
        }

        if (!PlainText.IsNote(product.Note, Product.LongestNote))
        {
            yield return new ValidationError(
                nameof(product.Note),
                $"Use up to {Product.LongestNote} characters for the note, on one line."
            );
        }

        foreach (ValidationError error in CheckMake(product.Make))
        {
            yield return error;
        }

        if (product.Usual < product.Weakest || product.Usual > product.Strongest)
        {
            yield return new ValidationError(
                nameof(product.Usual),
                "The usual strength has to lie between the weakest and the strongest."
            );
        }

        if (product.ShelfLifeMonths is < 1 or > Product.LongestShelfLife)
        {
            yield return new ValidationError(
                nameof(product.ShelfLifeMonths),
                $"Say 1 to {Product.LongestShelfLife} months, or nothing when it keeps."
            );
        }

        if (product.Bottles.Count > Product.MostBottles)
        {
            yield return new ValidationError(
                nameof(product.Bottles),
                $"A product has up to {Product.MostBottles} bottles. Take the empty ones off."
            );
        }

        if (product.Bottles.DistinctBy(bottle => bottle.Id).Count() < product.Bottles.Count)
        {
            yield return new ValidationError(
                nameof(product.Bottles),
                "Two bottles have one id. Leave out that of a new one."
            );
        }

        for (int i = 0; i < product.Bottles.Count; i++)
        {
            foreach (ValidationError error in CheckBottle(product, product.Bottles[i], today))
            {
                yield return error with
                {
                    Property = $"Bottles[{i}].{error.Property}",
                };
            }
        }
    }

    private static IEnumerable<ValidationError> CheckMake(ProductMake make)
    {
        if (make.Chemistry.Ph is not (>= 0 and <= 14))
        {
            yield return new ValidationError(nameof(Chemistry.Ph), "Say a pH from 0 to 14.");
        }

        if (make.Chemistry.AlcoholPercent is not (>= 0 and <= 100))
        {
            yield return new ValidationError(
                nameof(Chemistry.AlcoholPercent),
                "Say a percentage of alcohol from 0 to 100."
            );
        }

        if (make.Hazards.FirstOrDefault(code => HazardStatements.Find(code) is null) is not null)
        {
            yield return new ValidationError(nameof(make.Hazards), HazardStatements.HowToGive);
        }
    }

    /// <summary>Says what is wrong with a bottle of a product; empty when nothing is.</summary>
    private static IEnumerable<ValidationError> CheckBottle(Product product, Bottle bottle, DateOnly today)
    {
        if (bottle.Size.Value is not (>= Quantity.Least and <= Quantity.Most))
        {
            yield return new ValidationError(
                nameof(bottle.Size),
                "Say how much it holds when full: from 0.1 ml to 100 litres."
            );
        }

        if (!(bottle.Left.Value >= 0 && bottle.Left <= bottle.Size))
        {
            yield return new ValidationError(
                nameof(bottle.Left),
                "Say how much is left: from 0 to what it holds."
            );
        }

        if (
            bottle.Price is { } price
            && (price is < 0 or > HighestPrice || decimal.Round(price, PriceDecimals) != price)
        )
        {
            yield return new ValidationError(
                nameof(bottle.Price),
                $"Say a price from 0 to {HighestPrice:0}, with up to {PriceDecimals} decimals."
            );
        }

        if (!RecordTime.IsFit(bottle.MeasuredAt, bottle.MeasuredAt))
        {
            yield return new ValidationError(nameof(bottle.MeasuredAt), RecordTime.HowToGive);
        }

        foreach (
            var (property, day) in new[]
            {
                (nameof(bottle.Bought), bottle.Bought),
                (nameof(bottle.Opened), bottle.Opened),
                (nameof(bottle.MixedOn), bottle.MixedOn),
            }
        )
        {
            if (day < Earliest || day > today)
            {
                yield return new ValidationError(
                    property,
                    $"Give a day from {Earliest.Year} on that is not in the future."
                );
            }
        }

        if (bottle.Opened < bottle.Bought)
        {
            yield return new ValidationError(
                nameof(bottle.Opened),
                "It cannot be opened before it was bought."
            );
        }

        if ((bottle.Mixed is null) != (bottle.MixedOn is null))
        {
            yield return new ValidationError(
                nameof(bottle.MixedOn),
                "A mixed bottle has both its strength and the day it was mixed."
            );
        }

        if (bottle.Mixed is { } strength && MixingAdvice.Refusal(product, strength) is { } refusal)
        {
            yield return new ValidationError(nameof(bottle.Mixed), refusal);
        }
    }
}
