namespace Cove.Core.Upkeep.Use;

/// <summary>Something that reads a car's odometer from afar.</summary>
public interface IOdometerFeed
{
    /// <summary>What this feed calls itself, so that an owner knows whether to trust it.</summary>
    string Name { get; }

    /// <summary>What the odometer of a vehicle shows at an instant.</summary>
    OdometerReading Read(VehicleId vehicleId, DateTimeOffset at);
}
