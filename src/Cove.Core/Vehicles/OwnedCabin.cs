using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles;

/// <summary>Fits the generated plan of a cabin to the surfaces its owner has: what is absent goes, what was cut shows its parts.</summary>
internal static class OwnedCabin
{
    public static Cabin Of(Vehicle vehicle)
    {
        Cabin drawn = CabinBuilder.Build(vehicle.Layout);
        var byId = vehicle.Surfaces.ToDictionary(surface => surface.Id);
        var parts = vehicle
            .Surfaces.Where(surface => surface.PartOf is not null)
            .ToLookup(surface => surface.PartOf!.Value, surface => surface.Id);
        Shape[] shapes =
        [
            .. drawn.Plan.Shapes.SelectMany(shape => Leaves(shape)).Where(shape => IsThere(shape.SurfaceId)),
        ];
        var shown = shapes.Select(shape => shape.SurfaceId).ToHashSet();
        PlanMark[] marks =
        [
            .. drawn.Plan.Marks.Where(mark => mark.SurfaceId is null || shown.Contains(mark.SurfaceId.Value)),
        ];
        return new Cabin(vehicle.InCare(), drawn.Zones, drawn.Plan with { Shapes = shapes, Marks = marks });

        IEnumerable<Shape> Leaves(Shape shape)
        {
            SurfaceId[] ids = [.. parts[shape.SurfaceId]];
            return ids.Length == 0 ? [shape] : PlanCut.Cut(shape, ids).SelectMany(Leaves);
        }

        bool IsThere(SurfaceId id) => byId.TryGetValue(id, out Surface? surface) && !surface.Absent;
    }
}
