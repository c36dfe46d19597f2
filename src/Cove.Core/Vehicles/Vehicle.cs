using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles;

/// <summary>One vehicle, with every surface its owner cares for.</summary>
/// <param name="Id">Identifies the vehicle across the owner's data.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart, such as "2021 five-door estate". May be empty.</param>
/// <param name="Layout">The answers its plan is drawn from.</param>
/// <param name="Surfaces">Every surface on record, in the order an owner would walk past them; absent ones and those cut into parts included.</param>
public sealed record Vehicle(
    VehicleId Id,
    string Name,
    string Description,
    CabinLayout Layout,
    IReadOnlyList<Surface> Surfaces
)
{
    /// <summary>The longest name, in characters.</summary>
    public const int LongestName = 60;

    /// <summary>The longest description, in characters.</summary>
    public const int LongestDescription = 120;

    /// <summary>The surfaces that are there and are cared for: neither absent nor cut into parts.</summary>
    public IReadOnlyList<Surface> InCare()
    {
        var cut = Surfaces.Select(surface => surface.PartOf).OfType<SurfaceId>().ToHashSet();
        return [.. Surfaces.Where(surface => !surface.Absent && !cut.Contains(surface.Id))];
    }

    /// <summary>The surfaces in care with the plan and the zones, fitted to what the owner changed.</summary>
    public Cabin ToCabin() => OwnedCabin.Of(this);
}
