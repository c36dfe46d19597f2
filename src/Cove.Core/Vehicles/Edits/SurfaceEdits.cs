using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Edits;

/// <summary>Changes an owner makes to single surfaces. Each gives a new vehicle; none changes the one it is given.</summary>
public static class SurfaceEdits
{
    /// <summary>The most parts a surface can be cut into at once.</summary>
    public const int MostParts = 4;

    private const string Unknown = "This vehicle has no such surface. Choose one from its chart.";

    /// <summary>Changes a surface. Id, kind, zone and what it is a part of stay as they are.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="surfaceId">The surface.</param>
    /// <param name="change">Makes it as it should be.</param>
    public static VehicleEdit Change(Vehicle vehicle, SurfaceId surfaceId, Func<Surface, Surface> change)
    {
        if (vehicle.Surfaces.FirstOrDefault(surface => surface.Id == surfaceId) is not { } old)
        {
            return VehicleEdit.Refused(nameof(Surface.Id), Unknown);
        }

        Surface next = change(old) with
        {
            Id = old.Id,
            Kind = old.Kind,
            ZoneId = old.ZoneId,
            PartOf = old.PartOf,
        };
        return next.Absent && vehicle.InCare().All(surface => surface.Id == next.Id)
            ? VehicleEdit.Refused(
                nameof(Surface.Absent),
                "A vehicle needs at least one surface that is there."
            )
            : VehicleEdit.Checked(
                vehicle with
                {
                    Surfaces =
                    [
                        .. vehicle.Surfaces.Select(surface => surface.Id == next.Id ? next : surface),
                    ],
                },
                next
            );
    }

    /// <summary>Adds a surface that the generated cabin does not have. It is listed beside the plan, not drawn on it.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="added">The surface; its id is chosen here.</param>
    public static VehicleEdit Add(Vehicle vehicle, Surface added)
    {
        Surface named = added with { Id = FreeIds(vehicle, "own").First(), PartOf = null };
        return VehicleEdit.Checked(vehicle with { Surfaces = [.. vehicle.Surfaces, named] }, named);
    }

    /// <summary>Takes an added surface away for good. One that the cabin was drawn with can only be marked absent.</summary>
    public static VehicleEdit Remove(Vehicle vehicle, SurfaceId surfaceId)
    {
        if (!vehicle.Surfaces.Any(surface => surface.Id == surfaceId))
        {
            return VehicleEdit.Refused(nameof(Surface.Id), Unknown);
        }

        if (CabinBuilder.Build(vehicle.Layout).Surfaces.Any(surface => surface.Id == surfaceId))
        {
            return VehicleEdit.Refused(
                nameof(Surface.Id),
                "This surface follows from the layout of the car. Mark it absent instead."
            );
        }

        if (vehicle.Surfaces.First(surface => surface.Id == surfaceId).PartOf is not null)
        {
            return VehicleEdit.Refused(
                nameof(Surface.Id),
                "This is a part. Join the parts of the whole again instead."
            );
        }

        HashSet<SurfaceId> gone = [surfaceId, .. PartsOf(vehicle, surfaceId)];
        return VehicleEdit.Checked(
            vehicle with
            {
                Surfaces = [.. vehicle.Surfaces.Where(surface => !gone.Contains(surface.Id))],
            }
        );
    }

    /// <summary>Cuts a surface into equal parts, each cared for by itself from now on.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="surfaceId">The surface.</param>
    /// <param name="names">The names of the parts, from the front of the car backwards or from the driver's side across; 2 to <see cref="MostParts"/>.</param>
    public static VehicleEdit Split(Vehicle vehicle, SurfaceId surfaceId, IReadOnlyList<string> names)
    {
        if (vehicle.Surfaces.FirstOrDefault(surface => surface.Id == surfaceId) is not { } whole)
        {
            return VehicleEdit.Refused(nameof(Surface.Id), Unknown);
        }

        if (names.Count is < 2 or > MostParts)
        {
            return VehicleEdit.Refused("Names", $"Name 2 to {MostParts} parts.");
        }

        if (PartsOf(vehicle, surfaceId).Count > 0)
        {
            return VehicleEdit.Refused("Names", "It is cut into parts already. Join them first.");
        }

        Surface[] parts =
        [
            .. names.Zip(
                FreeIds(vehicle, $"{surfaceId}-part"),
                (name, id) =>
                    whole with
                    {
                        Id = id,
                        Name = name.Trim(),
                        ShortName = Shorten(name),
                        Area = Area.FromSquareMetres(whole.Area.SquareMetres / names.Count),
                        PartOf = surfaceId,
                        Wear = null,
                    }
            ),
        ];
        int at = vehicle.Surfaces.ToList().FindIndex(surface => surface.Id == surfaceId);
        return VehicleEdit.Checked(
            vehicle with
            {
                Surfaces = [.. vehicle.Surfaces.Take(at + 1), .. parts, .. vehicle.Surfaces.Skip(at + 1)],
            },
            parts
        );
    }

    /// <summary>Puts the parts of a surface together again.</summary>
    public static VehicleEdit Join(Vehicle vehicle, SurfaceId surfaceId)
    {
        HashSet<SurfaceId> parts = PartsOf(vehicle, surfaceId);
        return parts.Count == 0
            ? VehicleEdit.Refused(nameof(Surface.Id), "This surface is not cut into parts.")
            : VehicleEdit.Checked(
                vehicle with
                {
                    Surfaces = [.. vehicle.Surfaces.Where(surface => !parts.Contains(surface.Id))],
                }
            );
    }

    /// <summary>A name cut to what fits on the chart.</summary>
    public static string Shorten(string name)
    {
        string trimmed = name.Trim();
        return trimmed.Length <= SurfaceRules.LongestShortName
            ? trimmed
            : trimmed[..SurfaceRules.LongestShortName].TrimEnd();
    }

    /// <summary>The parts of a surface, their own parts included.</summary>
    private static HashSet<SurfaceId> PartsOf(Vehicle vehicle, SurfaceId surfaceId)
    {
        var parts = new HashSet<SurfaceId>();
        var open = new Queue<SurfaceId>([surfaceId]);
        while (open.TryDequeue(out SurfaceId id))
        {
            foreach (
                Surface part in vehicle.Surfaces.Where(surface =>
                    surface.PartOf == id && parts.Add(surface.Id)
                )
            )
            {
                open.Enqueue(part.Id);
            }
        }

        return parts;
    }

    /// <summary>The first ids of the form <c>stem-number</c> that the vehicle has not. Ids have a greatest length, which the stem makes room for.</summary>
    private static IEnumerable<SurfaceId> FreeIds(Vehicle vehicle, string stem)
    {
        var taken = vehicle.Surfaces.Select(surface => surface.Id).ToHashSet();
        int room = SurfaceRules.LongestName - 4;
        string kept = stem.Length <= room ? stem : stem[..room];
        return Enumerable
            .Range(1, 2 * SurfaceRules.MostSurfaces)
            .Select(number => new SurfaceId($"{kept}-{number}"))
            .Where(id => !taken.Contains(id));
    }
}
