namespace Cove.Core;

/// <summary>Identifies one bottle of a product.</summary>
/// <remarks>Several bottles of one product have one <see cref="ProductId"/> and each an id of their own.</remarks>
/// <param name="Value">As it is stored.</param>
public readonly record struct BottleId(Guid Value)
{
    /// <summary>A new one that no other thing has. Those made later sort later.</summary>
    /// <param name="at">The instant it is made at.</param>
    public static BottleId New(DateTimeOffset at) => new(Guid.CreateVersion7(at));

    /// <summary>The bare number, for storing and asking a database.</summary>
    public static implicit operator Guid(BottleId id) => id.Value;

    /// <inheritdoc/>
    public override string ToString() => Value.ToString();
}
