namespace Cove.Core.Upkeep.Levels;

/// <summary>How far a care task has come since it was last done: 0 is fresh, 1 is the mark at which it is due.</summary>
/// <remarks>A level may pass 1; a task left for twice its interval stands at 2. It says when to act, not how dirty a surface looks.</remarks>
public readonly record struct Level : IComparable<Level>
{
    /// <summary>Makes a level.</summary>
    /// <param name="value">0 or more, finite.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is negative, infinite or not a number.</exception>
    public Level(double value)
    {
        if (!(value >= 0 && double.IsFinite(value)))
        {
            throw new ArgumentOutOfRangeException(nameof(value), value, "A level is 0 or more.");
        }

        Value = value;
    }

    /// <summary>The level as a number; 0 or more.</summary>
    public double Value { get; }

    /// <summary>Just done.</summary>
    public static Level Fresh => default;

    /// <summary>Due.</summary>
    public static Level Mark => new(1);

    /// <summary>Whether the task is due or past due.</summary>
    public bool IsAtMark => Value >= 1;

    /// <summary>The level after a rise.</summary>
    /// <param name="rise">How much it rises; 0 or more.</param>
    public Level Plus(double rise) => new(Value + rise);

    /// <summary>The level after a share of it has been removed.</summary>
    public Level Without(Share removed) => new(Value * removed.Rest.Value);

    /// <summary>This level as a share of the way to a mark that is not at 1.</summary>
    /// <param name="mark">The mark; above 0.</param>
    public Level Beside(double mark) => new(Value / mark);

    /// <inheritdoc/>
    public int CompareTo(Level other) => Value.CompareTo(other.Value);

    /// <summary>Whether the left level is lower.</summary>
    public static bool operator <(Level left, Level right) => left.Value < right.Value;

    /// <summary>Whether the left level is higher.</summary>
    public static bool operator >(Level left, Level right) => left.Value > right.Value;

    /// <summary>Whether the left level is at most the right one.</summary>
    public static bool operator <=(Level left, Level right) => left.Value <= right.Value;

    /// <summary>Whether the left level is at least the right one.</summary>
    public static bool operator >=(Level left, Level right) => left.Value >= right.Value;
}
