namespace Cove.Core;

/// <summary>Identifies a run: one session as it is carried out.</summary>
/// <remarks>What was done in it stands in the log under ids of its own; see <see cref="EntryId"/>.</remarks>
/// <param name="Value">As it is stored.</param>
public readonly record struct RunId(Guid Value)
{
    /// <summary>A new one that no other thing has. Those made later sort later.</summary>
    /// <param name="at">The instant it is made at.</param>
    public static RunId New(DateTimeOffset at) => new(Guid.CreateVersion7(at));

    /// <summary>The bare number, for storing and asking a database.</summary>
    public static implicit operator Guid(RunId id) => id.Value;

    /// <summary>Reads one that was written by <see cref="ToString"/>.</summary>
    /// <returns>Whether the text is such an id.</returns>
    public static bool TryParse(string? text, out RunId id)
    {
        bool parsed = Guid.TryParse(text, out Guid value);
        id = new RunId(value);
        return parsed;
    }

    /// <summary>Its usual form, 32 digits in five groups.</summary>
    public override string ToString() => Value.ToString();
}
