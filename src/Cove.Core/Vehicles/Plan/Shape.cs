namespace Cove.Core.Vehicles.Plan;

/// <summary>The outline of a surface on the cabin plan, seen from above.</summary>
/// <param name="SurfaceId">The surface it stands for.</param>
/// <param name="Outline">An SVG path in plan units; to be filled by the even-odd rule.</param>
/// <param name="Bounds">The box round the outline.</param>
/// <param name="Anchor">Where its sounding stands.</param>
/// <param name="Narrowest">Width of its narrowest part, in plan units; bands of tint must fit into half of it.</param>
/// <param name="Layer">How high it lies, so that what is above is drawn above.</param>
public sealed record Shape(
    SurfaceId SurfaceId,
    string Outline,
    PlanBox Bounds,
    PlanPoint Anchor,
    double Narrowest,
    PlanLayer Layer
);

/// <summary>A box on the plan with its sides along the axes.</summary>
/// <param name="X">Left side, towards the bonnet.</param>
/// <param name="Y">Upper side.</param>
/// <param name="Width">Length along the car; not negative.</param>
/// <param name="Height">Length across the car; not negative.</param>
public readonly record struct PlanBox(double X, double Y, double Width, double Height);

/// <summary>How high a surface lies in the cabin, lowest first. Only what is overhead lies over others on the plan.</summary>
public enum PlanLayer
{
    /// <summary>Floor, mats and load floor.</summary>
    Floor,

    /// <summary>Seats, dash, console, controls, doors and glass.</summary>
    Body,

    /// <summary>The roof lining, over everything; drawn as an outline only.</summary>
    Overhead,
}
