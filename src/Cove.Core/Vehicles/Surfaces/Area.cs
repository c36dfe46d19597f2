namespace Cove.Core.Vehicles.Surfaces;

/// <summary>The area of a surface as a hand meets it, in square metres.</summary>
/// <remarks>It counts what has to be wiped or vacuumed, folds and sides included. It is not the outline seen from above; that is a <see cref="Plan.Shape"/>.</remarks>
public readonly record struct Area
{
    private Area(double squareMetres) => SquareMetres = squareMetres;

    /// <summary>The area in square metres; never negative.</summary>
    public double SquareMetres { get; }

    /// <summary>Makes an area from square metres.</summary>
    /// <param name="squareMetres">From 0 to 1000.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is negative, over 1000 or not a number.</exception>
    public static Area FromSquareMetres(double squareMetres) =>
        squareMetres is >= 0 and <= 1000
            ? new Area(squareMetres)
            : throw new ArgumentOutOfRangeException(
                nameof(squareMetres),
                squareMetres,
                "An area lies between 0 and 1000 square metres."
            );

    /// <summary>The two areas together.</summary>
    public static Area operator +(Area left, Area right) => new(left.SquareMetres + right.SquareMetres);

    /// <summary>How many times the right area goes into the left one.</summary>
    /// <exception cref="DivideByZeroException">The right area is zero.</exception>
    public static double operator /(Area left, Area right) =>
        right.SquareMetres == 0
            ? throw new DivideByZeroException("An area of zero cannot be compared with.")
            : left.SquareMetres / right.SquareMetres;
}
