using System.Collections;
using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>Holds every whole number of a list to a range.</summary>
/// <param name="minimum">The least.</param>
/// <param name="maximum">The most.</param>
[AttributeUsage(AttributeTargets.Property)]
public sealed class EachRangeAttribute(int minimum, int maximum) : ValidationAttribute
{
    /// <summary>The least each may be.</summary>
    public int Minimum => minimum;

    /// <summary>The most each may be.</summary>
    public int Maximum => maximum;

    /// <inheritdoc/>
    public override bool IsValid(object? value) =>
        value is not IEnumerable list
        || list.OfType<int>().All(number => number >= minimum && number <= maximum);
}
