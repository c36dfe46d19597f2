namespace Cove.Core.Vehicles;

/// <summary>One vehicle, with every surface its owner cares for.</summary>
/// <param name="Id">Identifies the vehicle across the owner's data.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart, such as "2021 five-door estate". May be empty.</param>
/// <param name="Layout">The answers its plan is drawn from.</param>
/// <param name="Zones">The places it is worked from, in walking order.</param>
/// <param name="Surfaces">The surfaces, in the order an owner would walk past them.</param>
public sealed record Vehicle(
    Guid Id,
    string Name,
    string Description,
    CabinLayout Layout,
    IReadOnlyList<Zone> Zones,
    IReadOnlyList<Surface> Surfaces
);
