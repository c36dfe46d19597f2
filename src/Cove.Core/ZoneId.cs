namespace Cove.Core;

/// <summary>Names a place to stand at, from which surfaces are reached, such as <c>boot</c>.</summary>
/// <remarks>It is not a surface: one zone reaches many.</remarks>
/// <param name="Value">Letters, digits and hyphens; not empty.</param>
public readonly record struct ZoneId(string Value) : IComparable<ZoneId>
{
    /// <summary>A name written out in a definition, or one that was stored.</summary>
    public static implicit operator ZoneId(string value) => new(value);

    /// <inheritdoc/>
    public int CompareTo(ZoneId other) => string.CompareOrdinal(Value, other.Value);

    /// <summary>The name, as it is stored.</summary>
    public override string ToString() => Value;
}
