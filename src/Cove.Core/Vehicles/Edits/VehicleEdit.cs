using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Edits;

/// <summary>What became of a request to change a vehicle: the vehicle as it would be, or what is wrong with the request.</summary>
/// <param name="Vehicle">The changed vehicle; null when the request is refused.</param>
/// <param name="Errors">What is wrong; empty when it is granted.</param>
public sealed record VehicleEdit(Vehicle? Vehicle, IReadOnlyList<ValidationError> Errors)
{
    internal static VehicleEdit Refused(string property, string sentence) =>
        new(null, [new ValidationError(property, sentence)]);

    /// <summary>Grants a vehicle if its surfaces hold to the rules.</summary>
    /// <param name="vehicle">The vehicle as it would be.</param>
    /// <param name="changed">The surfaces that the request touched; the others were held to the rules before.</param>
    internal static VehicleEdit Checked(Vehicle vehicle, params IReadOnlyList<Surface> changed)
    {
        ValidationError[] errors =
        [
            .. changed.SelectMany(SurfaceRules.Check),
            .. SurfaceRules.CheckTogether(vehicle.Surfaces, vehicle.ToCabin().Zones),
        ];
        return errors.Length > 0 ? new VehicleEdit(null, errors) : new VehicleEdit(vehicle, []);
    }
}
