namespace Cove.Core.Vehicles;

/// <summary>The drawing of one cabin: body outline, one shape for each surface that shows from above, and the way round the car.</summary>
/// <param name="Body">The outline of the car, an SVG path in plan units.</param>
/// <param name="Bounds">The box round the body with its mirrors.</param>
/// <param name="Shapes">The shapes, lowest layer first.</param>
/// <param name="Marks">Fine detail.</param>
/// <param name="Loop">The way round the outside of the car.</param>
/// <remarks>A surface without a shape (seals, shuts, the air) is not on the plan and has to be listed beside it.</remarks>
public sealed record CabinPlan(
    string Body,
    PlanBox Bounds,
    IReadOnlyList<Shape> Shapes,
    IReadOnlyList<PlanMark> Marks,
    WalkLoop Loop
)
{
    /// <summary>Centimetres of car that one plan unit stands for, along the car.</summary>
    public const double CentimetresAlong = 0.39;

    /// <summary>Centimetres of car that one plan unit stands for, across the car. The plan is opened out across the car so that narrow places can be read.</summary>
    public const double CentimetresAcross = 0.33;

    /// <summary>Metres of walking that one unit of <see cref="Loop"/> stands for, the mean of both directions.</summary>
    public const double MetresOfLoop = 0.0036;
}

/// <summary>A generated cabin: its surfaces, the zones they are reached from, and the plan of them.</summary>
/// <param name="Surfaces">The surfaces, in walking order.</param>
/// <param name="Zones">The zones, in walking order.</param>
/// <param name="Plan">The drawing.</param>
public sealed record Cabin(IReadOnlyList<Surface> Surfaces, IReadOnlyList<Zone> Zones, CabinPlan Plan);
