namespace Cove.Core.Vehicles.Surfaces;

/// <summary>Facts about a surface that change how it is cared for. Several may hold at once.</summary>
[Flags]
public enum SurfaceFacts
{
    /// <summary>Nothing of note.</summary>
    None = 0,

    /// <summary>A tint film is glued to the inside of the pane.</summary>
    TintFilm = 1,

    /// <summary>Heater lines are printed on the inside of the pane.</summary>
    HeaterLines = 2,

    /// <summary>Heating elements lie under the cover.</summary>
    Heated = 4,

    /// <summary>An airbag sits behind the surface; its seams must stay dry and undisturbed.</summary>
    AirbagBehind = 8,

    /// <summary>Aerial lines are printed or glued on the inside of the pane.</summary>
    Aerial = 16,
}
