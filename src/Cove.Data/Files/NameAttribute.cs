using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>Holds a text to what makes a name; see <see cref="PlainText.IsName"/>.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class NameAttribute : StringLengthAttribute
{
    /// <summary>Limits a name.</summary>
    /// <param name="longest">The most characters it may have.</param>
    public NameAttribute(int longest)
        : base(longest)
    {
        MinimumLength = 1;
        ErrorMessage = $"Use 1 to {longest} characters for the name, on one line.";
    }

    /// <inheritdoc/>
    public override bool IsValid(object? value) =>
        value is null || (value is string text && PlainText.IsName(text, MaximumLength));
}
