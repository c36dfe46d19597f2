namespace Cove.Core.Catalogue.Amounts;

/// <summary>How much of a product there is: in millilitres, or in pieces for what is solid.</summary>
/// <remarks>The unit belongs to the product (<see cref="Products.Product.Unit"/>), so that quantities of one product can always be added. For volumes that are mixed, use <see cref="Volume"/>.</remarks>
/// <param name="Value">The number; 0 or more.</param>
public readonly record struct Quantity(double Value) : IComparable<Quantity>
{
    /// <summary>The most that one bottle or pack can hold.</summary>
    public const double Most = 100_000;

    /// <summary>The least that a bottle or pack can hold; less cannot be measured.</summary>
    public const double Least = 0.1;

    /// <summary>Nothing.</summary>
    public static Quantity Zero => default;

    /// <inheritdoc/>
    public int CompareTo(Quantity other) => Value.CompareTo(other.Value);

    /// <summary>Both together.</summary>
    public static Quantity operator +(Quantity left, Quantity right) => new(left.Value + right.Value);

    /// <summary>What is left when the second is taken from the first; never below nothing.</summary>
    public static Quantity operator -(Quantity left, Quantity right) =>
        new(Math.Max(0, left.Value - right.Value));

    /// <summary>So many times as much.</summary>
    public static Quantity operator *(Quantity quantity, double factor) => new(quantity.Value * factor);

    /// <summary>Whether the left one is less.</summary>
    public static bool operator <(Quantity left, Quantity right) => left.Value < right.Value;

    /// <summary>Whether the left one is more.</summary>
    public static bool operator >(Quantity left, Quantity right) => left.Value > right.Value;

    /// <summary>Whether the left one is at most the right one.</summary>
    public static bool operator <=(Quantity left, Quantity right) => left.Value <= right.Value;

    /// <summary>Whether the left one is at least the right one.</summary>
    public static bool operator >=(Quantity left, Quantity right) => left.Value >= right.Value;
}

/// <summary>The unit a product is counted in.</summary>
public enum QuantityUnit
{
    /// <summary>Millilitres.</summary>
    Millilitres,

    /// <summary>Pieces.</summary>
    Pieces,
}
