namespace Cove.Core.Vehicles.Plan;

/// <summary>A point on the cabin plan: seen from above, bonnet to the left, driver's side at the top.</summary>
/// <param name="X">Along the car, in plan units; see <see cref="PlanScale"/>.</param>
/// <param name="Y">Across the car, in plan units; see <see cref="PlanScale"/>.</param>
public readonly record struct PlanPoint(double X, double Y);
