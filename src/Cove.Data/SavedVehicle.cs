namespace Cove.Data;

/// <summary>A vehicle as it is stored, without its surfaces and levels.</summary>
/// <param name="Id">Identifies it.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart; may be empty.</param>
/// <param name="Layout">The answers its plan is drawn from.</param>
/// <param name="AddedAt">From when its record is kept.</param>
/// <param name="ArchivedAt">When it was put into the archive; null while it is in use.</param>
/// <param name="Version">Counts its changes.</param>
public sealed record SavedVehicle(
    VehicleId Id,
    string Name,
    string Description,
    CabinLayout Layout,
    DateTimeOffset AddedAt,
    DateTimeOffset? ArchivedAt,
    int Version
)
{
    internal static SavedVehicle Of(VehicleRow row) =>
        new(
            new VehicleId(row.Id),
            row.Name,
            row.Description,
            row.Layout,
            row.AddedAt,
            row.ArchivedAt,
            row.Version
        );
}

/// <summary>The result of an attempt to change a vehicle.</summary>
/// <param name="Outcome">How it ended.</param>
/// <param name="Vehicle">The vehicle as it is now; set when the change was made.</param>
/// <param name="Errors">What is wrong with the request; set when it was refused.</param>
public sealed record EditedVehicle(
    ChangeOutcome Outcome,
    SavedVehicle? Vehicle = null,
    IReadOnlyList<ValidationError>? Errors = null
);
