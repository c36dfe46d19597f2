namespace Cove.Core.Upkeep.Tasks;

/// <summary>Where in a session a kind of work belongs. Earlier stages come first.</summary>
/// <remarks>
/// Mats must dry while the rest is done; dust falls, so dry work comes before the floor is vacuumed, and
/// wet work follows from the top down; only what is clean and dry is protected; glass last, so that nothing
/// smears it again. Common practice; other sound orders exist.
/// </remarks>
public enum Stage
{
    /// <summary>Getting ready: piles, seats, doors, covers.</summary>
    Prepare,

    /// <summary>Mats taken out and washed.</summary>
    MatsOut,

    /// <summary>Dusting above the floor, dry.</summary>
    Dust,

    /// <summary>Vacuuming seats and load floor.</summary>
    VacuumHigh,

    /// <summary>Vacuuming the floor, after what falls on it.</summary>
    VacuumFloor,

    /// <summary>Damp and wet cleaning, overhead.</summary>
    WetHigh,

    /// <summary>Damp and wet cleaning at the height of dash and doors.</summary>
    WetMiddle,

    /// <summary>Laying a coat on plastics that are clean and dry. Its mist settles on glass, which comes later, and nobody treads on a wet carpet for it.</summary>
    Dress,

    /// <summary>Damp and wet cleaning of seats, belts and what lies low.</summary>
    WetLow,

    /// <summary>Wet cleaning of the fixed floor.</summary>
    WetFloor,

    /// <summary>Protecting seats and seals that are clean and dry.</summary>
    Protect,

    /// <summary>The outsides of the panes, where they are not washed before.</summary>
    GlassOutside,

    /// <summary>The insides of the panes.</summary>
    Glass,

    /// <summary>Door edges, scent, and mats back when dry.</summary>
    PutBack,

    /// <summary>Seats and things to where they were.</summary>
    SetBack,
}
