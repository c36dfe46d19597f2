namespace Cove.Data;

/// <summary>A run as it is stored: its plan and how far it has come.</summary>
/// <param name="Id">Identifies the run.</param>
/// <param name="VehicleId">The vehicle it is done on.</param>
/// <param name="Minutes">The minutes it was planned for.</param>
/// <param name="Progress">Steps, events and clock.</param>
/// <param name="Events">What was said, in order, each under the key it was sent with.</param>
public sealed record SavedRun(
    RunId Id,
    VehicleId VehicleId,
    int Minutes,
    RunProgress Progress,
    IReadOnlyList<(string Key, RunEvent Event)> Events
);
