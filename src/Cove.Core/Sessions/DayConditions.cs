using System.Collections.Frozen;
using Cove.Core.Choice;
using Cove.Core.Log;
using Cove.Core.Methods;
using Cove.Core.Safety;
using Cove.Core.Sessions.Ready;
using Cove.Core.Spots;

namespace Cove.Core.Sessions;

/// <summary>What a day brings beside the car itself: where the owner works, what is left in the bottles, and what is still damp.</summary>
/// <param name="Place">Where the owner works.</param>
/// <param name="Supplies">What is left of each product.</param>
/// <param name="Damp">What routine work has left damp on the car.</param>
/// <param name="Spots">The spots and closed surfaces of the car.</param>
public sealed record DayConditions(Workplace Place, Supplies Supplies, DampSurfaces Damp, SpotBook Spots)
{
    /// <summary>The usual place, nothing measured, nothing damp.</summary>
    public static DayConditions Usual { get; } =
        new(Workplace.Usual, Supplies.Unmeasured, DampSurfaces.None, SpotBook.Empty);

    /// <summary>Where an animal left hair that nobody has vacuumed yet; see <see cref="AnimalHair"/>.</summary>
    public IReadOnlySet<SurfaceId> Hair { get; init; } = FrozenSet<SurfaceId>.Empty;

    /// <summary>What the choice of products has to fit.</summary>
    public Circumstances Circumstances =>
        Circumstances.Usual with
        {
            Supplies = Supplies,
            Context = UseContext.Usual with { InSun = Place.AtGlass.InSun, SurfaceHot = Place.Hot },
        };
}
