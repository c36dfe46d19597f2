namespace Cove.Core;

/// <summary>Identifies an entry of the log.</summary>
/// <remarks>It stays the same when the entry is corrected, undone or restored.</remarks>
/// <param name="Value">As it is stored.</param>
public readonly record struct EntryId(Guid Value)
{
    /// <summary>A new one that no other thing has. Those made later sort later.</summary>
    /// <param name="at">The instant it is made at.</param>
    public static EntryId New(DateTimeOffset at) => new(Guid.CreateVersion7(at));

    /// <summary>The bare number, for storing and asking a database.</summary>
    public static implicit operator Guid(EntryId id) => id.Value;

    /// <summary>Reads one that was written by <see cref="ToString"/>.</summary>
    /// <returns>Whether the text is such an id.</returns>
    public static bool TryParse(string? text, out EntryId id)
    {
        bool parsed = Guid.TryParse(text, out Guid value);
        id = new EntryId(value);
        return parsed;
    }

    /// <summary>Its usual form, 32 digits in five groups.</summary>
    public override string ToString() => Value.ToString();
}
