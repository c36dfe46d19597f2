namespace Cove.Core;

/// <summary>Names a piece of work: a care task or a chore of a long session, such as <c>vacuum-carpets</c>.</summary>
/// <remarks>Tasks and chores share one set of names, so that a step of a run or a line of a plan may be either.</remarks>
/// <param name="Value">Letters, digits and hyphens; not empty.</param>
public readonly record struct TaskId(string Value) : IComparable<TaskId>
{
    /// <summary>A name written out in a definition, or one that was stored.</summary>
    public static implicit operator TaskId(string value) => new(value);

    /// <summary>Takes the name from an address.</summary>
    /// <returns>Whether there is one; it need not name anything.</returns>
    public static bool TryParse(string? text, out TaskId id)
    {
        id = new TaskId(text ?? string.Empty);
        return id.Value.Length > 0;
    }

    /// <inheritdoc/>
    public int CompareTo(TaskId other) => string.CompareOrdinal(Value, other.Value);

    /// <summary>The name, as it is stored.</summary>
    public override string ToString() => Value;
}
