using Cove.Core.Schools;

namespace Cove.Core.Methods.Towels;

/// <summary>What folding a towel comes to. Common practice.</summary>
public static class TowelFold
{
    /// <summary>The faces of a folded towel: all that can be turned outwards, on either side.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such fold.</exception>
    public static int FacesOf(FoldSchool fold) =>
        fold switch
        {
            FoldSchool.Quarters => 8,
            FoldSchool.Thirds => 6,
            _ => throw new ArgumentOutOfRangeException(nameof(fold), fold, "There is no such fold."),
        };

    /// <summary>How many towels it takes.</summary>
    /// <param name="faces">The faces loaded; 0 or more.</param>
    /// <param name="fold">How towels are folded.</param>
    public static int TowelsFor(double faces, FoldSchool fold) =>
        (int)Math.Ceiling((faces / FacesOf(fold)) - 1e-9);
}
