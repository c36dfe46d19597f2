namespace Cove.Core.Catalogue.Tools;

/// <summary>What the hand works with.</summary>
public enum Tool
{
    /// <summary>A clean, soft microfibre towel.</summary>
    MicrofibreTowel,

    /// <summary>A towel kept for glass and screens, of waffle or glass weave.</summary>
    GlassTowel,

    /// <summary>A towel or face that has been used already.</summary>
    UsedTowel,

    /// <summary>Paper, from the kitchen or the workshop.</summary>
    PaperTowel,

    /// <summary>Synthetic chamois.</summary>
    Chamois,

    /// <summary>Foam or microfibre applicator pad.</summary>
    Applicator,

    /// <summary>Soft brush, such as for detailing, upholstery or make-up.</summary>
    SoftBrush,

    /// <summary>Stiff brush, such as for carpets or scrubbing.</summary>
    StiffBrush,

    /// <summary>A dry rubber glove, or a brush with rubber teeth, for hair.</summary>
    RubberGlove,

    /// <summary>Cleaning gel, pressed on and lifted.</summary>
    Gel,

    /// <summary>Vacuum nozzle, with or without a brush.</summary>
    Vacuum,

    /// <summary>Blower without pressure.</summary>
    Blower,

    /// <summary>Compressed air.</summary>
    CompressedAir,

    /// <summary>Steamer.</summary>
    Steamer,

    /// <summary>Extractor: sprays water in and sucks it out.</summary>
    Extractor,

    /// <summary>Pad on a long pivoting handle.</summary>
    ReachTool,

    /// <summary>Scraper, of plastic or with a blade.</summary>
    Scraper,

    /// <summary>Melamine sponge.</summary>
    MelamineSponge,
}
