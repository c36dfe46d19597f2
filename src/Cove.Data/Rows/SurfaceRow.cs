using Cove.Core;
using Cove.Core.Vehicles;

namespace Cove.Data.Rows;

internal sealed class SurfaceRow : OwnedRow
{
    public Guid VehicleId { get; set; }

    public required string SurfaceId { get; set; }

    public int Position { get; set; }

    public required string Name { get; set; }

    public required string ShortName { get; set; }

    public SurfaceKind Kind { get; set; }

    public Material Material { get; set; }

    public Finish Finish { get; set; }

    public double SquareMetres { get; set; }

    public required string ZoneId { get; set; }

    public double Exposure { get; set; }

    public SurfaceFacts Facts { get; set; }

    public static SurfaceRow Of(Surface surface, int position) =>
        new()
        {
            SurfaceId = surface.Id,
            Position = position,
            Name = surface.Name,
            ShortName = surface.ShortName,
            Kind = surface.Kind,
            Material = surface.Material,
            Finish = surface.Finish,
            SquareMetres = surface.Area.SquareMetres,
            ZoneId = surface.ZoneId,
            Exposure = surface.Exposure.Value,
            Facts = surface.Facts,
        };

    public Surface ToSurface() =>
        new(
            SurfaceId,
            Name,
            ShortName,
            Kind,
            Material,
            Finish,
            Area.FromSquareMetres(SquareMetres),
            ZoneId,
            new Share(Exposure),
            Facts
        );
}
