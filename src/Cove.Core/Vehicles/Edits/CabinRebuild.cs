using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Edits;

/// <summary>Gives a vehicle another layout without losing what its owner changed on single surfaces.</summary>
/// <remarks>What differs from the cabin that the old layout gives is the owner's own and stays; everything else follows the new layout.</remarks>
public static class CabinRebuild
{
    /// <summary>The vehicle with another layout.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="layout">The new layout.</param>
    /// <returns>The vehicle, or the problems of the layout.</returns>
    public static VehicleEdit Of(Vehicle vehicle, CabinLayout layout)
    {
        if (layout.Problems() is { Count: > 0 } errors)
        {
            return new VehicleEdit(null, errors);
        }

        var before = ById(CabinBuilder.Build(vehicle.Layout).Surfaces);
        Cabin cabin = CabinBuilder.Build(layout);
        var after = ById(cabin.Surfaces);
        var owned = ById(vehicle.Surfaces);
        var surfaces = new List<Surface>();
        foreach (Surface drawn in cabin.Surfaces)
        {
            surfaces.Add(
                owned.TryGetValue(drawn.Id, out Surface? old)
                && before.TryGetValue(drawn.Id, out Surface? was)
                    ? Merge(old, was, drawn)
                    : drawn
            );
        }

        // What the layout does not draw: parts, and surfaces the owner added. Parts go with a whole that is gone.
        foreach (Surface old in vehicle.Surfaces.Where(surface => !before.ContainsKey(surface.Id)))
        {
            Surface? next = old.PartOf is null ? old : Part(old);
            if (next is not null)
            {
                surfaces.Add(
                    cabin.Zones.Any(zone => zone.Id == next.ZoneId)
                        ? next
                        : next with
                        {
                            ZoneId = cabin.Zones[0].Id,
                        }
                );
            }
        }

        return VehicleEdit.Checked(vehicle with { Layout = layout, Surfaces = surfaces }, surfaces);

        Surface? Part(Surface part)
        {
            SurfaceId root = RootOf(part, owned);
            if (!before.TryGetValue(root, out Surface? was))
            {
                return part;
            }

            return after.TryGetValue(root, out Surface? now)
                ? Merge(
                    part,
                    was with
                    {
                        Name = string.Empty,
                        ShortName = string.Empty,
                        Area = part.Area,
                    },
                    now with
                    {
                        Area = part.Area,
                    }
                )
                : null;
        }
    }

    /// <summary>Field by field: the owner's value where it differs from what was drawn, otherwise what is drawn now.</summary>
    private static Surface Merge(Surface old, Surface was, Surface now)
    {
        SurfaceFacts toggled = old.Facts ^ was.Facts;
        return now with
        {
            Id = old.Id,
            Name = old.Name != was.Name ? old.Name : now.Name,
            ShortName = old.ShortName != was.ShortName ? old.ShortName : now.ShortName,
            Material = old.Material != was.Material ? old.Material : now.Material,
            Finish = old.Finish != was.Finish ? old.Finish : now.Finish,
            Facts = (now.Facts & ~toggled) | (old.Facts & toggled),
            Area = old.Area != was.Area ? old.Area : now.Area,
            PartOf = old.PartOf,
            Absent = old.Absent,
            Wear = old.Wear,
        };
    }

    private static SurfaceId RootOf(Surface part, Dictionary<SurfaceId, Surface> owned)
    {
        Surface at = part;
        while (at.PartOf is { } whole && owned.TryGetValue(whole, out Surface? next))
        {
            at = next;
        }

        return at.Id;
    }

    private static Dictionary<SurfaceId, Surface> ById(IEnumerable<Surface> surfaces) =>
        surfaces.ToDictionary(surface => surface.Id);
}
