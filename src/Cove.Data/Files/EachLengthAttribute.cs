using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>Holds every text of a list to a length.</summary>
/// <param name="longest">The most characters each may have.</param>
[AttributeUsage(AttributeTargets.Property)]
public sealed class EachLengthAttribute(int longest) : ValidationAttribute
{
    /// <summary>The most characters each may have.</summary>
    public int Longest => longest;

    /// <inheritdoc/>
    public override bool IsValid(object? value) =>
        value is not IEnumerable<string> list || list.All(text => text is null || text.Length <= longest);
}
