namespace Cove.Core.Vehicles.Surfaces;

/// <summary>What a surface is made of, as far as care differs by it.</summary>
public enum Material
{
    /// <summary>Soft-touch or moulded plastic and vinyl trim.</summary>
    Plastic,

    /// <summary>Clear plastic, such as an instrument lens.</summary>
    ClearPlastic,

    /// <summary>Woven cloth.</summary>
    WovenFabric,

    /// <summary>Woven cloth with centre panels of microsuede.</summary>
    FabricWithMicrosuede,

    /// <summary>Leather with a pigmented coat, as in most cars.</summary>
    CoatedLeather,

    /// <summary>Leather without a coat, with an open or raised face: nubuck, aniline.</summary>
    UncoatedLeather,

    /// <summary>Coated leather with centre panels of microsuede.</summary>
    LeatherWithMicrosuede,

    /// <summary>Microsuede: a synthetic cloth with a nap.</summary>
    Microsuede,

    /// <summary>Synthetic leather or vinyl.</summary>
    SyntheticLeather,

    /// <summary>Carpet pile.</summary>
    Pile,

    /// <summary>Rubber or rubber-like moulding.</summary>
    Rubber,

    /// <summary>The bonded cloth of a roof lining.</summary>
    LiningCloth,

    /// <summary>Mineral glass, bare on the inside.</summary>
    Glass,

    /// <summary>Woven belt webbing.</summary>
    Webbing,

    /// <summary>Painted or bare metal.</summary>
    Metal,

    /// <summary>Nothing solid: the air itself.</summary>
    None,
}
