using System.ComponentModel;
using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Verdicts;

/// <summary>Cases to judge. Nothing is looked up or stored: all that counts stands in the request.</summary>
public sealed record EvaluateRequest
{
    /// <summary>The cases, answered in the same order.</summary>
    [MinLength(1, ErrorMessage = "Give at least one case.")]
    [MaxLength(EvaluateEndpoint.MostCases, ErrorMessage = "Give up to 1000 cases in one request.")]
    [Description("The cases, answered in the same order. 1 to 1000 of them.")]
    public required IReadOnlyList<CaseRequest> Cases { get; init; }
}

/// <summary>One case: a surface, a product at its strength, how it is put on and with what, and the circumstances.</summary>
public sealed record CaseRequest
{
    /// <summary>What is to be worked on.</summary>
    [Description("What is to be worked on.")]
    public required SurfaceRequest Surface { get; init; }

    /// <summary>The product; leave it out for work without one.</summary>
    [Description(
        "What is put on. Leave it out for work without a product, such as a dry brush, gel as a tool, air or steam."
    )]
    public ProductRequest? Product { get; init; }

    /// <summary>The strength in use.</summary>
    [StringLength(20, ErrorMessage = "Use up to 20 characters for the strength.")]
    [Description(
        "How strong the product is in use: 'neat', parts such as '1:8' or '8:1' (both eight parts of water to one of product), or a percentage by total volume such as '2 %'. Left out: the usual strength of its class for routine work inside (for example 1:50 for an all-purpose cleaner, 1:8 for a fabric cleaner, neat for what is ready to use)."
    )]
    public string? Strength { get; init; }

    /// <summary>How the product gets onto the surface.</summary>
    [Description(
        "How the product gets onto the surface, driest first: 'dry' (nothing wet), 'onTowel' (on the towel, cloth or pad of a tool), 'onApplicator', 'onBrush' (on the brush head), 'foam' (laid on the surface as foam), 'directSpray' (sprayed straight at the surface), 'soak' (poured, flooded, hosed, over-wetted). Left out: the usual gentle way for this product on this surface."
    )]
    public Application? Application { get; init; }

    /// <summary>What the hand works with.</summary>
    [Description(
        "What the hand works with. 'usedTowel' is a towel or face that has met cleaner or dirt already, 'softBrush' stands for detailing, upholstery and make-up brushes, 'stiffBrush' for carpet and scrubbing brushes, 'scraper' for plastic and blade alike. A melamine sponge may be given here or as the class of the product; cleaning gel likewise. Left out: the usual tool for this product on this surface; a soft towel without a product."
    )]
    public Tool? Tool { get; init; }

    /// <summary>The circumstances.</summary>
    [Description("The circumstances. What is left out does not hold.")]
    public ContextRequest? Context { get; init; }
}

/// <summary>A surface that need not belong to any vehicle.</summary>
public sealed record SurfaceRequest
{
    /// <summary>What it is.</summary>
    [Description(
        "What it is. 'dash' is the dashboard with its top, which mirrors in the windscreen; take 'doorCard' for door panels and for lower plastics. 'trim' is decorative console trim: set finish to 'gloss' for gloss black. 'clusterLens' is the clear cover over the instruments, 'screen' a touch or display screen. 'switches' are buttons, switches, the shifter gate, connectors and speaker grilles. 'wheel' is the steering wheel and the grip of the gear lever. 'windscreen' and 'glass' (every other pane) are the insides. 'boot' is the floor of the boot and its liner, 'doorShuts' the painted door edges and sills, 'doorSeals' their rubber seals, 'air' the air of the cabin, for scent."
    )]
    public required SurfaceKind Kind { get; init; }

    /// <summary>What it is made of.</summary>
    [Description(
        "What it is made of. Left out: the usual material of its kind (dash and trim plastic, wheel coated leather, seat woven fabric, carpet pile, mat rubber, panes glass, screens and lens clear plastic). 'coatedLeather' is pigmented leather, 'uncoatedLeather' aniline or nubuck, 'plastic' includes soft-touch and vinyl trim, 'microsuede' any napped synthetic."
    )]
    public Material? Material { get; init; }

    /// <summary>How it is finished.</summary>
    [Description(
        "How it is finished. Left out: 'gloss' for trim, 'coatedDisplay' for screens, otherwise 'plain'."
    )]
    public Finish? Finish { get; init; }

    /// <summary>Facts that hold of it.</summary>
    [Description(
        "Facts that hold: 'tintFilm' (film glued to the inside of the pane), 'heaterLines' and 'aerial' (printed lines on the inside of the pane), 'heated' (heating wires under the cover), 'airbagBehind'."
    )]
    [MaxLength(5, ErrorMessage = "Give each fact once.")]
    public IReadOnlyList<SurfaceFacts>? Facts { get; init; }
}

/// <summary>A product that need not be on any shelf. What is left out is as in the preset of its class.</summary>
public sealed record ProductRequest
{
    /// <summary>What it is sold as.</summary>
    [Description(
        "What it is sold as. The class fills in everything that is not given: a typical chemistry, form, sheen and hazard statements. 'glassCleaner' is free of ammonia; 'glassCleanerWithVinegar' stands for any acid one; 'alcoholDetailer' has about 15 % alcohol, 'isopropylAlcohol' 70 %; 'waterBasedDressing' is a water-based dressing or protectant for plastics, matte unless sheen says otherwise; 'solventDressing' a solvent or oily, glossy one; 'degreaser' is strongly alkaline; 'solventCleaner' is for tar and glue; 'acidCleaner' is household vinegar or descaler; 'melamineSponge' counts as an abrasive; 'leatherCleanerMild' and 'leatherCleanerStrong' differ in pH; 'soapWater' is a few drops of mild, ammonia-free soap in water; 'water' is plain or deionised water."
    )]
    public required ProductClass Class { get; init; }

    /// <summary>How it leaves its container.</summary>
    [Description("How it leaves its container; matters for aerosols.")]
    public ProductForm? Form { get; init; }

    /// <summary>Acidity as sold.</summary>
    [Range(0, 14, ErrorMessage = "Say a pH from 0 to 14.")]
    [Description("pH as sold, before thinning: 0 (acid) to 14 (alkaline).")]
    public double? Ph { get; init; }

    /// <summary>Contains ammonia.</summary>
    [Description("Contains ammonia.")]
    public bool? Ammonia { get; init; }

    /// <summary>Contains an acid.</summary>
    [Description("Contains an acid such as vinegar or citric acid.")]
    public bool? Acid { get; init; }

    /// <summary>Alcohol by volume as sold.</summary>
    [Range(0, 100, ErrorMessage = "Say a percentage of alcohol from 0 to 100.")]
    [Description("Alcohol by volume as sold, before thinning, in percent.")]
    public double? AlcoholPercent { get; init; }

    /// <summary>Contains chlorine bleach.</summary>
    [Description("Contains chlorine bleach (hypochlorite).")]
    public bool? Chlorine { get; init; }

    /// <summary>Contains peroxide.</summary>
    [Description("Contains peroxide or another oxygen bleach.")]
    public bool? Peroxide { get; init; }

    /// <summary>Contains a solvent.</summary>
    [Description("Contains an organic solvent other than alcohol.")]
    public bool? Solvent { get; init; }

    /// <summary>Contains oil, wax or silicone that stays.</summary>
    [Description("Contains oil, wax or silicone that stays behind.")]
    public bool? Oil { get; init; }

    /// <summary>Rubs.</summary>
    [Description("Is an abrasive: a polish, a scouring agent or a hard foam.")]
    public bool? Abrasive { get; init; }

    /// <summary>Leaves a film on purpose.</summary>
    [Description("Leaves a film on purpose, as protectants, dressings and sealants do.")]
    public bool? LeavesFilm { get; init; }

    /// <summary>The look it leaves behind.</summary>
    [Description("The look it leaves behind: 'none' (bare or matte), 'satin' or 'gloss'.")]
    public Sheen? Sheen { get; init; }

    /// <summary>Codes of the statements on its label.</summary>
    [MaxLength(16, ErrorMessage = "Give up to 16 statements.")]
    [Description(
        "Codes of the GHS statements on its label, such as 'H225'. Those Cove knows: H222, H225, H226, H229, H304, H314, H315, H317, H318, H319, H335, H336, P102, P210, P271, P280."
    )]
    public IReadOnlyList<string>? Hazards { get; init; }
}

/// <summary>The circumstances of the work.</summary>
public sealed record ContextRequest
{
    /// <summary>The surface is hot.</summary>
    [Description("The surface is hot to the touch.")]
    public bool SurfaceHot { get; init; }

    /// <summary>The sun shines on it.</summary>
    [Description("The sun shines on the surface.")]
    public bool InSun { get; init; }

    /// <summary>The cabin is hot.</summary>
    [Description("The cabin is hot.")]
    public bool CabinHot { get; init; }

    /// <summary>The cabin is closed.</summary>
    [Description("Doors and windows are shut and no fan runs.")]
    public bool CabinClosed { get; init; }

    /// <summary>Something near can set vapour alight.</summary>
    [Description("A flame, a spark or a smoker is near.")]
    public bool IgnitionNear { get; init; }

    /// <summary>Dust or grit lies on the surface.</summary>
    [Description("Dust or grit still lies on the surface: it was not vacuumed or cleaned first.")]
    public bool Unclean { get; init; }

    /// <summary>The surface is damp.</summary>
    [Description("The surface is still damp.")]
    public bool Damp { get; init; }

    /// <summary>The leather's coat is worn.</summary>
    [Description("The coat of the leather is old and worn.")]
    public bool CoatWorn { get; init; }

    /// <summary>Something gentler was tried.</summary>
    [Description("Something gentler was tried first and the mark stays.")]
    public bool GentlerTried { get; init; }

    /// <summary>What kind of soil is to come off.</summary>
    [Description(
        "What is to come off: 'light' or 'heavy' soil, 'biological' (blood, vomit, droppings, wide mould, sewage) or 'sharp' (broken glass, needles)."
    )]
    public Soil Soil { get; init; }

    /// <summary>How far the owner goes with screens.</summary>
    [Description("How far the owner goes with screens; 'gentlestFirst' when left out.")]
    public ScreenSchool Screens { get; init; }

    /// <summary>What the maker says.</summary>
    [Description(
        "What a maker's instruction on record says of this product on this surface. 'allows' overrides harm to the surface, never harm to a person."
    )]
    public MakerSays Maker { get; init; }

    /// <summary>What a spot test came to.</summary>
    [Description(
        "What a spot test of this product at this strength on this surface came to. 'passed' lifts a 'testFirst', 'failed' makes it 'keepOff'."
    )]
    public SpotResult SpotTest { get; init; }

    /// <summary>Other products of the same session.</summary>
    [MaxLength(20, ErrorMessage = "Give up to 20 other products.")]
    [Description("Other products used in the same session, as sold.")]
    public IReadOnlyList<ProductRequest>? Session { get; init; }

    /// <summary>Other products in the same bottle.</summary>
    [MaxLength(20, ErrorMessage = "Give up to 20 other products.")]
    [Description("Other products that are or were in the same bottle.")]
    public IReadOnlyList<ProductRequest>? SameBottle { get; init; }
}
