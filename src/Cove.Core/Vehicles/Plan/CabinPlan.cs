using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>The drawing of one cabin: body outline, one shape for each surface that shows from above, and the way round the car.</summary>
/// <param name="Body">The outline of the car, an SVG path in plan units.</param>
/// <param name="Bounds">The box round the body with its mirrors.</param>
/// <param name="Shapes">The shapes, lowest layer first.</param>
/// <param name="Marks">Fine detail.</param>
/// <param name="Loop">The way round the outside of the car.</param>
/// <param name="Scale">What a plan unit stands for.</param>
/// <remarks>A surface without a shape (seals, shuts, the air) is not on the plan and has to be listed beside it.</remarks>
public sealed record CabinPlan(
    string Body,
    PlanBox Bounds,
    IReadOnlyList<Shape> Shapes,
    IReadOnlyList<PlanMark> Marks,
    WalkLoop Loop,
    PlanScale Scale
);

/// <summary>What one plan unit stands for, in centimetres of car. The plan is opened out across the car so that narrow places can be read.</summary>
/// <param name="CentimetresAlong">Along the car.</param>
/// <param name="CentimetresAcross">Across the car.</param>
public sealed record PlanScale(double CentimetresAlong, double CentimetresAcross)
{
    /// <summary>The scale of a plan for a size class; that of a mid-size car is Cove's own choice.</summary>
    public static PlanScale For(SizeClass size) =>
        new(0.39 * size.LengthFactor(), 0.33 * size.LengthFactor());

    /// <summary>Metres of walking for one unit of the way round, the mean of both directions.</summary>
    public double MetresOfLoop => (CentimetresAlong + CentimetresAcross) / 200;
}

/// <summary>A generated cabin: its surfaces, the zones they are reached from, and the plan of them.</summary>
/// <param name="Surfaces">The surfaces, in walking order.</param>
/// <param name="Zones">The zones, in walking order.</param>
/// <param name="Plan">The drawing.</param>
public sealed record Cabin(IReadOnlyList<Surface> Surfaces, IReadOnlyList<Zone> Zones, CabinPlan Plan);
