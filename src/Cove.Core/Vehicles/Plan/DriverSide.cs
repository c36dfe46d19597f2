namespace Cove.Core.Vehicles.Plan;

/// <summary>The side of the car the driver sits on, looking forward.</summary>
public enum DriverSide
{
    /// <summary>The right-hand side.</summary>
    Right,

    /// <summary>The left-hand side.</summary>
    Left,
}
