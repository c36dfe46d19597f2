namespace Cove.Core.Upkeep.Levels;

/// <summary>How much soil of one care task lies on a surface: 0 is fresh, 1 is what calls for the task to everyday taste.</summary>
/// <remarks>Which method and which product are strong enough is a matter of this. How near a task is to being due is a <see cref="DueLevel"/>, since owners differ in how much soil is too much: at the same soil a particular owner's task is due before a relaxed one's.</remarks>
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

    /// <summary>What calls for a task to everyday taste.</summary>
    public static Level Everyday => new(1);

    /// <summary>The level after a rise.</summary>
    /// <param name="rise">How much it rises; 0 or more.</param>
    public Level Plus(double rise) => new(Value + rise);

    /// <summary>The level after a share of it has been removed.</summary>
    public Level Without(Share removed) => new(Value * removed.Rest.Value);

    /// <summary>How near a task is to being due at this soil.</summary>
    /// <param name="mark">The soil at which it is due; above fresh.</param>
    public DueLevel Beside(Level mark) => new(Value / mark.Value);

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
