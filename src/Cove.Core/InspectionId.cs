namespace Cove.Core;

/// <summary>Names a way of looking at a surface, such as <c>white-cloth</c>.</summary>
/// <remarks>It is the kind of check, not the entry in the log that tells of one.</remarks>
/// <param name="Value">Letters, digits and hyphens; not empty.</param>
public readonly record struct InspectionId(string Value) : IComparable<InspectionId>
{
    /// <summary>A name written out in a definition, or one that was stored.</summary>
    public static implicit operator InspectionId(string value) => new(value);

    /// <inheritdoc/>
    public int CompareTo(InspectionId other) => string.CompareOrdinal(Value, other.Value);

    /// <summary>The name, as it is stored.</summary>
    public override string ToString() => Value;
}
