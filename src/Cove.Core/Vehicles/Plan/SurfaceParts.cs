using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>Shortens the making of surfaces in the generator.</summary>
internal static class SurfaceParts
{
    public static Surface Make(
        SurfaceId id,
        string name,
        string shortName,
        SurfaceKind kind,
        Material material,
        double squareMetres,
        ZoneId zone,
        double exposure = 1
    ) =>
        new(
            id,
            name,
            shortName,
            kind,
            material,
            Finish.Plain,
            Area.FromSquareMetres(squareMetres),
            zone,
            new Share(exposure)
        );
}
