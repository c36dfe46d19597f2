namespace Cove.Core;

/// <summary>Names a way of doing a task, such as <c>glass-two-cloths</c>.</summary>
/// <remarks>It is stored with what was done, so that what a method leaves behind can be learnt.</remarks>
/// <param name="Value">Letters, digits and hyphens; not empty.</param>
public readonly record struct MethodId(string Value) : IComparable<MethodId>
{
    /// <summary>A name written out in a definition, or one that was stored.</summary>
    public static implicit operator MethodId(string value) => new(value);

    /// <inheritdoc/>
    public int CompareTo(MethodId other) => string.CompareOrdinal(Value, other.Value);

    /// <summary>The name, as it is stored.</summary>
    public override string ToString() => Value;
}
