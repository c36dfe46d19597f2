using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods.Glass;

/// <summary>A pane as it stands: what it is and what lies on it.</summary>
/// <param name="Surface">The pane.</param>
/// <param name="Film">What lies on its inside.</param>
public sealed record Pane(Surface Surface, Film Film)
{
    /// <summary>How much longer a hand takes for each square metre than within easy reach; 1 or more. Cove's own choice.</summary>
    /// <param name="reachTool">Whether a pad on a long handle is there.</param>
    public double Reach(bool reachTool) =>
        Surface.Kind == SurfaceKind.Windscreen ? (reachTool ? 1.25 : 1.5)
        : HasLines ? (reachTool ? 1.1 : 1.2)
        : 1;

    /// <summary>Whether tint film is glued to it.</summary>
    public bool Tinted => Surface.Facts.HasFlag(SurfaceFacts.TintFilm);

    /// <summary>Whether heater or aerial lines run across it.</summary>
    public bool HasLines =>
        (Surface.Facts & (SurfaceFacts.HeaterLines | SurfaceFacts.Aerial)) != SurfaceFacts.None;

    /// <summary>Whether it is of clear plastic.</summary>
    public bool IsPlastic => Surface.Material == Material.ClearPlastic;

    /// <summary>How to get at all of it, as one sentence.</summary>
    public string HowToReach =>
        Surface.Kind == SurfaceKind.Windscreen
            ? "From the passenger's side; for the lower part back of the hand down, palm to the glass."
        : Surface.Facts.HasFlag(SurfaceFacts.HeaterLines)
            ? "From the rear seat or through the tailgate, the arm along the lines."
        : "If it opens, lower it a little for its top edge, then raise it and do the rest.";
}
