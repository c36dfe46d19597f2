namespace Cove.Core.Catalogue.Amounts;

/// <summary>A volume of liquid.</summary>
/// <remarks>Kept in millilitres. For the contents of something that is counted in pieces, see <see cref="Quantity"/>.</remarks>
public readonly record struct Volume : IComparable<Volume>
{
    /// <summary>The largest volume that can be said, in millilitres: more than any bucket holds.</summary>
    public const double MostMillilitres = 100_000;

    private Volume(double millilitres) => Millilitres = millilitres;

    /// <summary>The volume in millilitres; never negative.</summary>
    public double Millilitres { get; }

    /// <summary>No volume.</summary>
    public static Volume Zero => default;

    /// <summary>Makes a volume from millilitres.</summary>
    /// <param name="millilitres">From 0 to <see cref="MostMillilitres"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is negative, too large or not a number.</exception>
    public static Volume FromMillilitres(double millilitres) =>
        millilitres is >= 0 and <= MostMillilitres
            ? new Volume(millilitres)
            : throw new ArgumentOutOfRangeException(
                nameof(millilitres),
                millilitres,
                "A volume lies between 0 and 100 litres."
            );

    /// <summary>Makes a volume from another unit.</summary>
    /// <param name="amount">How many of the unit; 0 or more, up to the largest volume.</param>
    /// <param name="unit">The unit.</param>
    /// <exception cref="ArgumentOutOfRangeException">The volume is negative, too large or not a number, or there is no such unit.</exception>
    public static Volume From(double amount, VolumeUnit unit) =>
        FromMillilitres(amount * unit.InMillilitres());

    /// <summary>The volume in another unit.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such unit.</exception>
    public double In(VolumeUnit unit) => Millilitres / unit.InMillilitres();

    /// <inheritdoc/>
    public int CompareTo(Volume other) => Millilitres.CompareTo(other.Millilitres);

    /// <summary>Both volumes together.</summary>
    public static Volume operator +(Volume left, Volume right) =>
        FromMillilitres(left.Millilitres + right.Millilitres);

    /// <summary>What is left of the first volume when the second is taken out.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The second is the larger one.</exception>
    public static Volume operator -(Volume left, Volume right) =>
        FromMillilitres(left.Millilitres - right.Millilitres);

    /// <summary>A share of a volume.</summary>
    public static Volume operator *(Volume volume, double factor) =>
        FromMillilitres(volume.Millilitres * factor);

    /// <summary>Whether the left volume is smaller.</summary>
    public static bool operator <(Volume left, Volume right) => left.Millilitres < right.Millilitres;

    /// <summary>Whether the left volume is larger.</summary>
    public static bool operator >(Volume left, Volume right) => left.Millilitres > right.Millilitres;

    /// <summary>Whether the left volume is at most the right one.</summary>
    public static bool operator <=(Volume left, Volume right) => left.Millilitres <= right.Millilitres;

    /// <summary>Whether the left volume is at least the right one.</summary>
    public static bool operator >=(Volume left, Volume right) => left.Millilitres >= right.Millilitres;
}
