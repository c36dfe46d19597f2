namespace Cove.Core.Catalogue.Amounts;

/// <summary>How much of a product there is: in millilitres, or in pieces for what is solid.</summary>
/// <remarks>Millilitres and pieces cannot be added or compared; nothing at all is the same in both. For volumes that are mixed, use <see cref="Volume"/>.</remarks>
/// <param name="Value">The number; 0 or more.</param>
/// <param name="Unit">What is counted.</param>
public readonly record struct Quantity(double Value, QuantityUnit Unit) : IComparable<Quantity>
{
    /// <summary>The most that one bottle or pack can hold.</summary>
    public const double Most = 100_000;

    /// <summary>The least that a bottle or pack can hold; less cannot be measured.</summary>
    public const double Least = 0.1;

    /// <summary>Nothing.</summary>
    public static Quantity Zero => default;

    /// <summary>As much as a volume.</summary>
    public static Quantity Of(Volume volume) => new(volume.Millilitres, QuantityUnit.Millilitres);

    /// <inheritdoc/>
    /// <exception cref="InvalidOperationException">One is in millilitres, the other in pieces.</exception>
    public int CompareTo(Quantity other)
    {
        _ = UnitWith(other);
        return Value.CompareTo(other.Value);
    }

    /// <summary>Both together.</summary>
    /// <exception cref="InvalidOperationException">One is in millilitres, the other in pieces.</exception>
    public static Quantity operator +(Quantity left, Quantity right) =>
        new(left.Value + right.Value, left.UnitWith(right));

    /// <summary>What is left when the second is taken from the first; never below nothing.</summary>
    /// <exception cref="InvalidOperationException">One is in millilitres, the other in pieces.</exception>
    public static Quantity operator -(Quantity left, Quantity right) =>
        new(Math.Max(0, left.Value - right.Value), left.UnitWith(right));

    /// <summary>So many times as much.</summary>
    public static Quantity operator *(Quantity quantity, double factor) =>
        new(quantity.Value * factor, quantity.Unit);

    /// <summary>How many times the second goes into the first.</summary>
    /// <exception cref="InvalidOperationException">One is in millilitres, the other in pieces.</exception>
    public static double operator /(Quantity left, Quantity right)
    {
        _ = left.UnitWith(right);
        return left.Value / right.Value;
    }

    /// <summary>Whether the left one is less.</summary>
    public static bool operator <(Quantity left, Quantity right) => left.CompareTo(right) < 0;

    /// <summary>Whether the left one is more.</summary>
    public static bool operator >(Quantity left, Quantity right) => left.CompareTo(right) > 0;

    /// <summary>Whether the left one is at most the right one.</summary>
    public static bool operator <=(Quantity left, Quantity right) => left.CompareTo(right) <= 0;

    /// <summary>Whether the left one is at least the right one.</summary>
    public static bool operator >=(Quantity left, Quantity right) => left.CompareTo(right) >= 0;

    private QuantityUnit UnitWith(Quantity other) =>
        Unit == other.Unit || other.Value == 0 ? Unit
        : Value == 0 ? other.Unit
        : throw new InvalidOperationException("Millilitres and pieces cannot be reckoned together.");
}

/// <summary>The unit a product is counted in.</summary>
public enum QuantityUnit
{
    /// <summary>Millilitres.</summary>
    Millilitres,

    /// <summary>Pieces.</summary>
    Pieces,
}
