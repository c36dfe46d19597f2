namespace Cove.Core.Vehicles.Surfaces;

/// <summary>What a surface is, whatever it is made of.</summary>
/// <remarks>Care tasks are chosen by kind first and by <see cref="Material"/> second. To add a kind, add it here, let <see cref="Plan.CabinBuilder"/> make surfaces of it, and name it in the care tasks that tend it.</remarks>
public enum SurfaceKind
{
    /// <summary>The top and face of the dashboard.</summary>
    Dash,

    /// <summary>A touch or display screen with a finished front.</summary>
    Screen,

    /// <summary>The lens over the instruments: clear plastic that marks at the lightest pressure.</summary>
    ClusterLens,

    /// <summary>Air outlets with louvres.</summary>
    Vents,

    /// <summary>Console trim with a decorative finish, and the switches set in it.</summary>
    Trim,

    /// <summary>Switches, buttons and the gate of the gear lever, where they are cared for by themselves; also connectors and speaker grilles.</summary>
    Switches,

    /// <summary>What hands find first: stalks, handles, pulls, window switches, buckles, visors, headrests.</summary>
    TouchPoints,

    /// <summary>Cup holders and open bins.</summary>
    CupHolders,

    /// <summary>The armrest with the bin below it.</summary>
    Armrest,

    /// <summary>The slot or gaiter round the gear lever.</summary>
    ShifterSlot,

    /// <summary>The steering wheel and the grip of the gear lever.</summary>
    Wheel,

    /// <summary>The pedals.</summary>
    Pedals,

    /// <summary>A seat, or one place of a bench.</summary>
    Seat,

    /// <summary>Seat belts with their buckles.</summary>
    Belts,

    /// <summary>A child's seat with its harness.</summary>
    ChildSeat,

    /// <summary>A washable cover spread over the rear seats for an animal.</summary>
    PetCover,

    /// <summary>The inner side of a door, its armrest and pocket.</summary>
    DoorCard,

    /// <summary>Door shuts and sills: painted edges that show when a door is open.</summary>
    DoorShuts,

    /// <summary>Rubber seals of doors and tailgate.</summary>
    DoorSeals,

    /// <summary>Fixed carpet.</summary>
    Carpet,

    /// <summary>A loose mat.</summary>
    Mat,

    /// <summary>The floor of the boot, with its liner where there is one.</summary>
    Boot,

    /// <summary>The lining of the roof.</summary>
    Headliner,

    /// <summary>The inside of the windscreen.</summary>
    Windscreen,

    /// <summary>The inside of any other pane.</summary>
    Glass,

    /// <summary>The air of the cabin, for scent.</summary>
    Air,
}
