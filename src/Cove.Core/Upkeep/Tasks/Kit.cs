namespace Cove.Core.Upkeep.Tasks;

/// <summary>A set of things that is fetched, used and put away together.</summary>
public enum Kit
{
    /// <summary>Vacuum cleaner with its nozzles.</summary>
    Vacuum,

    /// <summary>Damp and dry microfibre towels.</summary>
    DampTowels,

    /// <summary>Soft dry brushes and cleaning gel.</summary>
    DryBrushes,

    /// <summary>Interior cleaner, brushes and towels for wet work.</summary>
    WetKit,

    /// <summary>Fabric cleaner, upholstery brush and towels.</summary>
    FabricKit,

    /// <summary>Leather cleaner and sealant with brush and applicator.</summary>
    LeatherKit,

    /// <summary>Protectants with their applicators.</summary>
    ProtectKit,

    /// <summary>Glass cleaner and the towels kept for glass.</summary>
    GlassKit,

    /// <summary>Hose or bucket, mat cleaner and a stiff brush.</summary>
    MatWash,
}
