using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>Holds a text to what makes a note, which may be empty; see <see cref="PlainText.IsNote"/>.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class NoteAttribute : StringLengthAttribute
{
    /// <summary>Limits a note.</summary>
    /// <param name="longest">The most characters it may have.</param>
    public NoteAttribute(int longest)
        : base(longest) => ErrorMessage = $"Use up to {longest} characters, none of them control characters.";

    /// <summary>Whether it may have several lines.</summary>
    public bool Lines { get; init; }

    /// <inheritdoc/>
    public override bool IsValid(object? value) =>
        value is null || (value is string text && PlainText.IsNote(text, MaximumLength, Lines));
}
