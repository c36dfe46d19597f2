namespace Cove.Core.Catalogue.Products;

/// <summary>What a product is sold as. It decides what the product is meant for; what harms is decided by its <see cref="Chemistry"/>.</summary>
public enum ProductClass
{
    /// <summary>All-purpose cleaner: an alkaline concentrate, thinned a little for dirt and a lot for light soil.</summary>
    AllPurposeCleaner,

    /// <summary>Interior cleaner: mild, for plastics and vinyl, used neat to half and half.</summary>
    InteriorCleaner,

    /// <summary>Interior detailer: a light cleaner that leaves a thin, mostly UV-blocking film.</summary>
    InteriorDetailer,

    /// <summary>Detailer with a little alcohol, that dries without a film.</summary>
    AlcoholDetailer,

    /// <summary>Rinseless wash solution: a concentrate that is wiped off without rinsing.</summary>
    RinselessWash,

    /// <summary>Leather cleaner, mild.</summary>
    LeatherCleanerMild,

    /// <summary>Leather cleaner, strong: for heavy soil on a sound coat.</summary>
    LeatherCleanerStrong,

    /// <summary>Cleaner made for leather without a coat: nubuck, aniline, suede.</summary>
    UncoatedLeatherCleaner,

    /// <summary>Leather balm: cleans, conditions and protects in one; for good leather.</summary>
    LeatherBalm,

    /// <summary>Leather conditioner: oils for leather whose coat is old and worn.</summary>
    LeatherConditioner,

    /// <summary>Leather sealant: a protective film over a sound coat.</summary>
    LeatherSealant,

    /// <summary>Fabric and carpet cleaner, as liquid or foam.</summary>
    FabricCleaner,

    /// <summary>Fabric protector: makes cloth repel water and soil.</summary>
    FabricProtector,

    /// <summary>Water-based dressing or protectant for plastics and rubber.</summary>
    WaterBasedDressing,

    /// <summary>Solvent-based or oily dressing.</summary>
    SolventDressing,

    /// <summary>Silica spray: a sprayed-on protective film.</summary>
    SilicaSpray,

    /// <summary>Cleaner for rubber mats.</summary>
    RubberMatCleaner,

    /// <summary>Glass cleaner without ammonia.</summary>
    GlassCleaner,

    /// <summary>Glass cleaner with ammonia.</summary>
    GlassCleanerWithAmmonia,

    /// <summary>Glass cleaner with vinegar or another acid.</summary>
    GlassCleanerWithVinegar,

    /// <summary>Isopropyl alcohol, pure or thinned with water.</summary>
    IsopropylAlcohol,

    /// <summary>A few drops of mild, ammonia-free soap in water.</summary>
    SoapWater,

    /// <summary>Plain or deionised water.</summary>
    Water,

    /// <summary>Melamine sponge: a hard foam that takes dirt off by fine abrasion.</summary>
    MelamineSponge,

    /// <summary>Cleaning gel: a putty that lifts dust.</summary>
    CleaningGel,

    /// <summary>Scent, as pad, oil or spray.</summary>
    Scent,

    /// <summary>Degreaser: strongly alkaline, for engines, hinges and workshop floors.</summary>
    Degreaser,

    /// <summary>Solvent cleaner: for tar, glue and wax.</summary>
    SolventCleaner,

    /// <summary>Acid cleaner, such as household vinegar or a descaler.</summary>
    AcidCleaner,

    /// <summary>Stain remover or disinfectant with peroxide.</summary>
    PeroxideCleaner,

    /// <summary>Bleach or disinfectant with hypochlorite.</summary>
    ChlorineBleach,
}
