namespace Cove.Core.Methods.Towels;

/// <summary>How towels are folded. Common practice.</summary>
public static class TowelFold
{
    /// <summary>Faces of a towel folded to quarters: four on either side of the fold.</summary>
    public const int Faces = 8;

    /// <summary>How many towels it takes.</summary>
    /// <param name="faces">The faces loaded; 0 or more.</param>
    public static int TowelsFor(double faces) => (int)Math.Ceiling((faces / Faces) - 1e-9);
}
