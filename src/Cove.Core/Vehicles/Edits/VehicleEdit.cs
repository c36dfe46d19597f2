using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Edits;

/// <summary>What became of a wish to change a vehicle: the vehicle as it would be, or what is wrong with the wish.</summary>
/// <param name="Vehicle">The changed vehicle; null when the wish is refused.</param>
/// <param name="Flaws">What is wrong; empty when it is granted.</param>
public sealed record VehicleEdit(Vehicle? Vehicle, IReadOnlyList<Flaw> Flaws)
{
    internal static VehicleEdit Refused(string property, string sentence) =>
        new(null, [new Flaw(property, sentence)]);

    /// <summary>Grants a vehicle if its surfaces hold to the rules.</summary>
    /// <param name="vehicle">The vehicle as it would be.</param>
    /// <param name="changed">The surfaces that the wish touched; the others were held to the rules before.</param>
    internal static VehicleEdit Checked(Vehicle vehicle, params IReadOnlyList<Surface> changed)
    {
        Flaw[] flaws =
        [
            .. changed.SelectMany(SurfaceRules.Check),
            .. SurfaceRules.CheckTogether(vehicle.Surfaces, vehicle.ToCabin().Zones),
        ];
        return flaws.Length > 0 ? new VehicleEdit(null, flaws) : new VehicleEdit(vehicle, []);
    }
}
