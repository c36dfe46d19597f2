using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Outlook;

/// <summary>The parts of a cabin that an owner thinks of as one.</summary>
public enum OutlookGroup
{
    /// <summary>All panes, inside.</summary>
    Glass,

    /// <summary>What hands and eyes are on: wheel, controls, screens, pedals.</summary>
    Controls,

    /// <summary>Dash, console and door cards.</summary>
    Dash,

    /// <summary>Carpets and mats.</summary>
    Floor,

    /// <summary>Seats, and what lies on them.</summary>
    Seats,

    /// <summary>The boot.</summary>
    Boot,

    /// <summary>Belts, headliner, seals, door shuts and air: what is seldom thought of.</summary>
    Seldom,
}

/// <summary>Sorts tasks into groups.</summary>
public static class OutlookGroups
{
    /// <summary>The group of a task, by the first kind of surface that it tends.</summary>
    public static OutlookGroup Of(CareTask task) =>
        task.Kinds[0] switch
        {
            SurfaceKind.Windscreen or SurfaceKind.Glass => OutlookGroup.Glass,
            SurfaceKind.Wheel
            or SurfaceKind.Screen
            or SurfaceKind.ClusterLens
            or SurfaceKind.Vents
            or SurfaceKind.Switches
            or SurfaceKind.TouchPoints
            or SurfaceKind.ShifterSlot
            or SurfaceKind.Pedals => OutlookGroup.Controls,
            SurfaceKind.Dash
            or SurfaceKind.Trim
            or SurfaceKind.CupHolders
            or SurfaceKind.Armrest
            or SurfaceKind.DoorCard => OutlookGroup.Dash,
            SurfaceKind.Carpet or SurfaceKind.Mat => OutlookGroup.Floor,
            SurfaceKind.Seat or SurfaceKind.ChildSeat or SurfaceKind.PetCover => OutlookGroup.Seats,
            SurfaceKind.Boot => OutlookGroup.Boot,
            _ => OutlookGroup.Seldom,
        };
}
