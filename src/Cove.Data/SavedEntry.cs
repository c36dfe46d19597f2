namespace Cove.Data;

/// <summary>An entry of the log as it is stored.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="VehicleId">The vehicle.</param>
/// <param name="Version">Counts its changes.</param>
public sealed record SavedEntry(LogEntry Entry, VehicleId VehicleId, int Version);
