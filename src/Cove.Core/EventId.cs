namespace Cove.Core;

/// <summary>Names a kind of happening that raises levels at once, such as <c>salted-road</c>.</summary>
/// <remarks>It is the kind, not the entry in the log that tells of one.</remarks>
/// <param name="Value">Letters, digits and hyphens; not empty.</param>
public readonly record struct EventId(string Value) : IComparable<EventId>
{
    /// <summary>A name written out in a definition, or one that was stored.</summary>
    public static implicit operator EventId(string value) => new(value);

    /// <inheritdoc/>
    public int CompareTo(EventId other) => string.CompareOrdinal(Value, other.Value);

    /// <summary>The name, as it is stored.</summary>
    public override string ToString() => Value;
}
