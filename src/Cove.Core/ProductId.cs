namespace Cove.Core;

/// <summary>Identifies a product on the shelf of an owner.</summary>
/// <remarks>It is the product, not one of its bottles; see <see cref="BottleId"/>.</remarks>
/// <param name="Value">As it is stored.</param>
public readonly record struct ProductId(Guid Value)
{
    /// <summary>A new one that no other thing has. Those made later sort later.</summary>
    /// <param name="at">The instant it is made at.</param>
    public static ProductId New(DateTimeOffset at) => new(Guid.CreateVersion7(at));

    /// <summary>The bare number, for storing and asking a database.</summary>
    public static implicit operator Guid(ProductId id) => id.Value;

    /// <summary>Reads one that was written by <see cref="ToString"/>.</summary>
    /// <returns>Whether the text is such an id.</returns>
    public static bool TryParse(string? text, out ProductId id)
    {
        bool parsed = Guid.TryParse(text, out Guid value);
        id = new ProductId(value);
        return parsed;
    }

    /// <summary>Its usual form, 32 digits in five groups.</summary>
    public override string ToString() => Value.ToString();
}
