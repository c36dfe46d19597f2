using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Products;

/// <summary>One container of a product: as it was bought, or mixed at home.</summary>
/// <param name="Id">Identifies it among the owner's bottles.</param>
/// <param name="Size">How much it holds when full; above nothing.</param>
/// <param name="Left">How much was in it when that was last measured.</param>
/// <param name="MeasuredAt">When that was.</param>
public sealed record Bottle(BottleId Id, Quantity Size, Quantity Left, DateTimeOffset MeasuredAt)
{
    /// <summary>What it cost, in the owner's currency; null when unknown or mixed at home.</summary>
    public decimal? Price { get; init; }

    /// <summary>The day it was bought; null when unknown.</summary>
    public DateOnly? Bought { get; init; }

    /// <summary>The day it was opened; null while it is shut.</summary>
    public DateOnly? Opened { get; init; }

    /// <summary>The strength to which it was mixed at home; null for product as it was bought.</summary>
    public Strength? Mixed { get; init; }

    /// <summary>The day it was mixed; null for product as it was bought.</summary>
    public DateOnly? MixedOn { get; init; }

    /// <summary>The product in what is left: all of it, or its share of a mixture.</summary>
    public Quantity ProductLeft => Left * (Mixed?.Share ?? 1);

    /// <summary>The first day on which it is too old, null when it keeps or its age is unknown.</summary>
    /// <param name="shelfLifeMonths">How long the product keeps once opened.</param>
    public DateOnly? TooOldFrom(int? shelfLifeMonths) =>
        (MixedOn ?? Opened) is { } begun && shelfLifeMonths is { } months
            ? begun.AddMonths(Mixed is null ? months : Math.Min(months, MixedKeepsMonths))
            : null;

    /// <summary>How long a mixture keeps, in months. From memory: thinned products lose what preserves them.</summary>
    public const int MixedKeepsMonths = 6;
}
