using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods.Steps;

/// <summary>What a stroke is drawn on: the shape of thing that lies under the hand.</summary>
public enum Ground
{
    /// <summary>A raked windscreen, seen from inside.</summary>
    Windscreen,

    /// <summary>Another pane.</summary>
    Pane,

    /// <summary>A pane with lines across it.</summary>
    LinedPane,

    /// <summary>A panel of trim, a door card, a dash.</summary>
    Panel,

    /// <summary>A display or lens.</summary>
    Display,

    /// <summary>A seat, seen from the front.</summary>
    Seat,

    /// <summary>A long narrow thing: a belt, a seal, a slot, an edge.</summary>
    Strip,

    /// <summary>A steering wheel.</summary>
    Rim,

    /// <summary>A footwell, a mat, a load floor.</summary>
    Floor,

    /// <summary>Louvres and buttons.</summary>
    Louvres,

    /// <summary>The lining overhead.</summary>
    Roof,

    /// <summary>A cup holder or bin.</summary>
    Cup,

    /// <summary>Pads under the feet.</summary>
    Pedals,

    /// <summary>The air, or the car as a whole.</summary>
    Cabin,
}

/// <summary>Says what a stroke on a surface is drawn on.</summary>
public static class Grounds
{
    /// <summary>The ground of a surface.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The kind is not known here.</exception>
    public static Ground Of(SurfaceMake surface) =>
        surface.Kind switch
        {
            SurfaceKind.Windscreen => Ground.Windscreen,
            SurfaceKind.Glass
                when (surface.Facts & (SurfaceFacts.HeaterLines | SurfaceFacts.Aerial))
                    != SurfaceFacts.None => Ground.LinedPane,
            SurfaceKind.Glass => Ground.Pane,
            SurfaceKind.Screen or SurfaceKind.ClusterLens => Ground.Display,
            SurfaceKind.Seat or SurfaceKind.ChildSeat or SurfaceKind.PetCover => Ground.Seat,
            SurfaceKind.Belts or SurfaceKind.DoorSeals or SurfaceKind.DoorShuts or SurfaceKind.ShifterSlot =>
                Ground.Strip,
            SurfaceKind.Wheel => Ground.Rim,
            SurfaceKind.Carpet or SurfaceKind.Mat or SurfaceKind.Boot => Ground.Floor,
            SurfaceKind.Vents or SurfaceKind.Switches => Ground.Louvres,
            SurfaceKind.Headliner => Ground.Roof,
            SurfaceKind.CupHolders => Ground.Cup,
            SurfaceKind.Pedals => Ground.Pedals,
            SurfaceKind.Air => Ground.Cabin,
            SurfaceKind.Dash
            or SurfaceKind.Trim
            or SurfaceKind.Armrest
            or SurfaceKind.DoorCard
            or SurfaceKind.TouchPoints => Ground.Panel,
            _ => throw new ArgumentOutOfRangeException(nameof(surface), surface.Kind, "No such kind."),
        };
}
