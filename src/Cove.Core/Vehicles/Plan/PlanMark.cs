namespace Cove.Core.Vehicles.Plan;

/// <summary>A line or patch that makes the plan readable without being a surface: a seat fold, a headrest, a louvre.</summary>
/// <param name="Outline">An SVG path in plan units.</param>
/// <param name="Kind">How to draw it.</param>
/// <param name="SurfaceId">The surface it belongs to, so that it is drawn just after that surface; null for the body itself.</param>
public sealed record PlanMark(string Outline, PlanMarkKind Kind, SurfaceId? SurfaceId);

/// <summary>How a <see cref="PlanMark"/> is drawn.</summary>
public enum PlanMarkKind
{
    /// <summary>A fine line.</summary>
    Line,

    /// <summary>An outlined patch of plain paper.</summary>
    Patch,
}
