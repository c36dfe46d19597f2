namespace Cove.Core.Vehicles.Plan;

/// <summary>A place in the cabin that is reached from one door position.</summary>
/// <param name="Id">Short and stable within its vehicle, such as <c>driver</c> or <c>boot</c>.</param>
/// <param name="Name">The name in full, such as "Driver's door".</param>
/// <param name="Stand">Where a person stands to work there, in plan units on the walking loop.</param>
public sealed record Zone(ZoneId Id, string Name, PlanPoint Stand);
