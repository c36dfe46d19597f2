namespace Cove.Core.Schools;

/// <summary>How an owner likes to work: one choice for each question on which sound practice differs.</summary>
/// <remarks>The default of each is Cove's own. What a choice means, and the reasons of both sides, stand in <see cref="SchoolTable"/>. A school never overrules a verdict: it chooses among what is safe.</remarks>
public sealed record WaysOfWorking
{
    /// <summary>Cove's own choice on every question.</summary>
    public static WaysOfWorking Default { get; } = new();

    /// <summary>Whether dust or crumbs go first.</summary>
    public DustSchool Dust { get; init; }

    /// <summary>When in a session glass is done.</summary>
    public GlassTurn Glass { get; init; }

    /// <summary>In which order the places of a car are visited.</summary>
    public ZoneSchool Zones { get; init; }

    /// <summary>How many products to work with.</summary>
    public ProductSchool Products { get; init; }

    /// <summary>How far to go with screens.</summary>
    public ScreenSchool Screens { get; init; }

    /// <summary>What goes on glass.</summary>
    public GlassLiquid GlassLiquid { get; init; }

    /// <summary>What fabric is cleaned with.</summary>
    public FabricSchool Fabric { get; init; }

    /// <summary>How plastics look when they are done.</summary>
    public FinishSchool Finish { get; init; }

    /// <summary>How leather is kept.</summary>
    public LeatherSchool Leather { get; init; }

    /// <summary>How what was washed gets dry.</summary>
    public DryingSchool Drying { get; init; }

    /// <summary>Whether steam and compressed air may be used.</summary>
    public SteamSchool Steam { get; init; }

    /// <summary>How carpets are left.</summary>
    public PileSchool Pile { get; init; }

    /// <summary>Whether the cabin is scented, and by what.</summary>
    public ScentSchool Scent { get; init; }

    /// <summary>How towels are folded.</summary>
    public FoldSchool Fold { get; init; }

    /// <summary>Whether the inside or the outside of the car is done first.</summary>
    public OutsideSchool Outside { get; init; }
}

/// <summary>Whether dust or crumbs go first.</summary>
public enum DustSchool
{
    /// <summary>Dust from the top down, vacuum after it.</summary>
    DustFirst,

    /// <summary>Vacuum first, dust and wipe after it.</summary>
    VacuumFirst,
}

/// <summary>When in a session glass is done.</summary>
public enum GlassTurn
{
    /// <summary>After everything that could smear it.</summary>
    Last,

    /// <summary>Before everything else but the mats, while the towels are clean.</summary>
    First,

    /// <summary>After the vacuum, before the dash is wiped.</summary>
    AfterVacuum,
}

/// <summary>In which order the places of a car are visited.</summary>
public enum ZoneSchool
{
    /// <summary>The shortest way round.</summary>
    ShortestWalk,

    /// <summary>From the front doors to the boot.</summary>
    NoseToTail,

    /// <summary>Boot, middle, front.</summary>
    BootForward,

    /// <summary>Driver's side, passenger's side, then what lies behind, the boot last.</summary>
    DriverFirst,
}

/// <summary>What goes on glass.</summary>
public enum GlassLiquid
{
    /// <summary>Whatever the film, the tint and the heat ask for.</summary>
    ByFilm,

    /// <summary>A cleaner or soap water; plain water only where nothing else is safe.</summary>
    Cleaner,

    /// <summary>Nothing but water.</summary>
    WaterOnly,
}

/// <summary>What fabric is cleaned with.</summary>
public enum FabricSchool
{
    /// <summary>The cloth for light soil, the brush for heavy.</summary>
    BySoil,

    /// <summary>Always the brush.</summary>
    Brush,

    /// <summary>Never more than the cloth.</summary>
    Cloth,
}

/// <summary>How plastics look when they are done.</summary>
public enum FinishSchool
{
    /// <summary>Matte, as new.</summary>
    Matte,

    /// <summary>A silky shine.</summary>
    Satin,

    /// <summary>Shiny where that is safe: never on wheel, pedals or upper dash.</summary>
    Gloss,
}

/// <summary>How leather is kept.</summary>
public enum LeatherSchool
{
    /// <summary>A cleaner, and a sealant every few months.</summary>
    CleanerThenSealant,

    /// <summary>One balm that cleans, conditions and protects.</summary>
    Balm,
}

/// <summary>How what was washed gets dry.</summary>
public enum DryingSchool
{
    /// <summary>Towelled off, then left to the air.</summary>
    TowelThenAir,

    /// <summary>Left to the air alone.</summary>
    Evaporate,

    /// <summary>Blown dry.</summary>
    Blower,
}

/// <summary>Whether steam and compressed air may be used.</summary>
public enum SteamSchool
{
    /// <summary>Without.</summary>
    Avoid,

    /// <summary>Where the car and the owner are up to it, with cautions.</summary>
    Welcome,
}

/// <summary>How carpets are left.</summary>
public enum PileSchool
{
    /// <summary>As the nozzle leaves them.</summary>
    AsItFalls,

    /// <summary>With lines drawn in the pile.</summary>
    Lines,
}

/// <summary>Whether the cabin is scented, and by what.</summary>
public enum ScentSchool
{
    /// <summary>Not at all.</summary>
    None,

    /// <summary>A pad under a seat.</summary>
    Pad,

    /// <summary>A clip at a vent.</summary>
    Clip,

    /// <summary>A spray into the intake of the fan.</summary>
    Intake,
}

/// <summary>How towels are folded.</summary>
public enum FoldSchool
{
    /// <summary>Twice in half.</summary>
    Quarters,

    /// <summary>In three, once.</summary>
    Thirds,
}

/// <summary>Whether the inside or the outside of the car is done first.</summary>
public enum OutsideSchool
{
    /// <summary>Not said: Cove reminds of the outside of the panes.</summary>
    Ask,

    /// <summary>The outside has been washed when the inside begins.</summary>
    OutsideFirst,

    /// <summary>The inside comes first, so the outside of the panes is wiped before their inside.</summary>
    InsideFirst,
}
