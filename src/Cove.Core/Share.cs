using System.Globalization;

namespace Cove.Core;

/// <summary>A part of a whole, from 0 (nothing) to 1 (all of it).</summary>
/// <remarks>Use it where a number means "how much of", such as the part of a level that a method removes. It is not a ratio that may pass 1; for that use a plain factor with its own documentation.</remarks>
public readonly record struct Share : IComparable<Share>
{
    /// <summary>Makes a share.</summary>
    /// <param name="value">A number from 0 to 1, both included.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is below 0, above 1 or not a number.</exception>
    public Share(double value)
    {
        if (!(value >= 0 && value <= 1))
        {
            throw new ArgumentOutOfRangeException(nameof(value), value, "A share lies between 0 and 1.");
        }

        Value = value;
    }

    /// <summary>The share as a number from 0 to 1.</summary>
    public double Value { get; }

    /// <summary>Nothing of the whole.</summary>
    public static Share None => default;

    /// <summary>The whole.</summary>
    public static Share All => new(1);

    /// <summary>What is left of the whole: 1 less this share.</summary>
    public Share Rest => new(1 - Value);

    /// <inheritdoc/>
    public int CompareTo(Share other) => Value.CompareTo(other.Value);

    /// <summary>Whether the left share is smaller than the right one.</summary>
    public static bool operator <(Share left, Share right) => left.Value < right.Value;

    /// <summary>Whether the left share is larger than the right one.</summary>
    public static bool operator >(Share left, Share right) => left.Value > right.Value;

    /// <summary>Whether the left share is at most the right one.</summary>
    public static bool operator <=(Share left, Share right) => left.Value <= right.Value;

    /// <summary>Whether the left share is at least the right one.</summary>
    public static bool operator >=(Share left, Share right) => left.Value >= right.Value;

    /// <summary>The share as a number.</summary>
    public override string ToString() => Value.ToString(CultureInfo.InvariantCulture);
}
