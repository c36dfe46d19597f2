namespace Cove.Core;

/// <summary>Identifies a slot of a routine: a time that recurs.</summary>
/// <remarks>One of its days is named by this and the day on which the rule has it, even when that one was moved.</remarks>
/// <param name="Value">As it is stored.</param>
public readonly record struct SlotId(Guid Value)
{
    /// <summary>A new one that no other thing has. Those made later sort later.</summary>
    /// <param name="at">The instant it is made at.</param>
    public static SlotId New(DateTimeOffset at) => new(Guid.CreateVersion7(at));

    /// <summary>The bare number, for storing and asking a database.</summary>
    public static implicit operator Guid(SlotId id) => id.Value;

    /// <inheritdoc/>
    public override string ToString() => Value.ToString();
}
