namespace Cove.Core.Upkeep.Levels;

/// <summary>How near a care task is to being due: 0 is just done, 1 is due, 2 is twice what is due.</summary>
/// <remarks>It says when to act and what to do first. What it takes to get the surface clean is a matter of the soil on it; that is a <see cref="Levels.Level"/>.</remarks>
public readonly record struct DueLevel : IComparable<DueLevel>
{
    /// <summary>Makes one.</summary>
    /// <param name="value">0 or more, finite.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is negative, infinite or not a number.</exception>
    public DueLevel(double value)
    {
        if (!(value >= 0 && double.IsFinite(value)))
        {
            throw new ArgumentOutOfRangeException(
                nameof(value),
                value,
                "How near a task is to being due is 0 or more."
            );
        }

        Value = value;
    }

    /// <summary>The number; 0 or more.</summary>
    public double Value { get; }

    /// <summary>Due.</summary>
    public static DueLevel Due => new(1);

    /// <summary>Whether the task is due or overdue.</summary>
    public bool IsDue => Value >= 1;

    /// <inheritdoc/>
    public int CompareTo(DueLevel other) => Value.CompareTo(other.Value);

    /// <summary>Whether the left one is further from being due.</summary>
    public static bool operator <(DueLevel left, DueLevel right) => left.Value < right.Value;

    /// <summary>Whether the left one is nearer to being due.</summary>
    public static bool operator >(DueLevel left, DueLevel right) => left.Value > right.Value;

    /// <summary>Whether the left one is no nearer to being due.</summary>
    public static bool operator <=(DueLevel left, DueLevel right) => left.Value <= right.Value;

    /// <summary>Whether the left one is at least as near to being due.</summary>
    public static bool operator >=(DueLevel left, DueLevel right) => left.Value >= right.Value;
}
