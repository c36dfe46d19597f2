namespace Cove.Core.Vehicles.Surfaces;

/// <summary>How a surface is finished, where that changes how it may be touched.</summary>
public enum Finish
{
    /// <summary>Nothing special.</summary>
    Plain,

    /// <summary>Dull, without reflection; the state to keep most plastics in.</summary>
    Matte,

    /// <summary>Gloss black or similar: shows hairline marks from dry rubbing.</summary>
    Gloss,

    /// <summary>Half-dull plastic or paint.</summary>
    Satin,

    /// <summary>Metal, or a film like it, with fine lines in one direction.</summary>
    BrushedMetal,

    /// <summary>Wood veneer, open-pored or lacquered.</summary>
    WoodVeneer,

    /// <summary>A display with a coated front.</summary>
    CoatedDisplay,
}
