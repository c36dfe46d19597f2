using System.Globalization;
using Cove.Core.Learning;

namespace Cove.Core.Methods;

/// <summary>Says what was learnt of an owner's pace.</summary>
public static class PaceWords
{
    /// <summary>A difference of this much is none.</summary>
    private const double SamePace = 0.1;

    /// <summary>The person as a whole, as one sentence.</summary>
    public static string OfPerson(OwnerPaces paces) =>
        paces.Person.Looks == 0
            ? "Nothing is known of your pace yet; the first runs will tell."
            : $"{Of(paces.Person)} Learnt from {paces.Person.Looks} pieces of work.";

    /// <summary>One belief, as one sentence.</summary>
    public static string Of(RateBelief pace) =>
        Math.Abs(pace.Median - 1) < SamePace
            ? "You take about as long as is usual."
            : string.Create(
                CultureInfo.InvariantCulture,
                $"You take {pace.Median:0.0} times as long as is usual."
            );
}
