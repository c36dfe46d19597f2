using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Hazards;
using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Safety;

/// <summary>A question to the rules: this product, at this strength, put on so, with this tool, on this surface, in these circumstances.</summary>
/// <remarks>It offers the rules what they ask about in the words they use. All of it is computed from what it was made of.</remarks>
public sealed class SafetyCase
{
    private readonly HashSet<string> hazards;

    /// <summary>Makes a case.</summary>
    /// <param name="surface">What the surface is.</param>
    /// <param name="product">What the product is; null for work without one.</param>
    /// <param name="strength">The strength in use; ignored without a product.</param>
    /// <param name="application">How it gets onto the surface. A liquid cannot be dry: it counts as on the towel at least.</param>
    /// <param name="tool">What the hand works with.</param>
    /// <param name="context">The circumstances.</param>
    public SafetyCase(
        SurfaceMake surface,
        ProductMake? product,
        Strength strength,
        Application application,
        Tool tool,
        UseContext context
    )
    {
        Surface = surface;
        Product = product;
        Strength = product is null ? Strength.Neat : strength;
        Application =
            product is null ? Application.Dry
            : application == Application.Dry && product.Form is not (ProductForm.Solid or ProductForm.Gel)
                ? Application.OnTowel
            : application;
        Tool = tool;
        Context = context;
        InUse = product?.Chemistry.At(Strength) ?? Chemistry.Water;
        hazards = product is null
            ? []
            : ThinnedHazards.At(product.Hazards, Strength).ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>What the surface is.</summary>
    public SurfaceMake Surface { get; }

    /// <summary>What the product is; null for work without one.</summary>
    public ProductMake? Product { get; }

    /// <summary>The strength in use.</summary>
    public Strength Strength { get; }

    /// <summary>How it gets onto the surface.</summary>
    public Application Application { get; }

    /// <summary>What the hand works with.</summary>
    public Tool Tool { get; }

    /// <summary>The circumstances.</summary>
    public UseContext Context { get; }

    /// <summary>The chemistry at the strength in use; that of water without a product.</summary>
    internal Chemistry InUse { get; }

    /// <summary>Whether the surface is of one of these kinds.</summary>
    internal bool On(params ReadOnlySpan<SurfaceKind> kinds) => kinds.Contains(Surface.Kind);

    /// <summary>Whether the surface is wholly or partly made of one of these.</summary>
    internal bool Of(params ReadOnlySpan<Material> materials)
    {
        foreach (Material part in Surface.Parts)
        {
            if (materials.Contains(part))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Whether the product is of one of these classes.</summary>
    internal bool Is(params ReadOnlySpan<ProductClass> classes) =>
        Product is { } product && classes.Contains(product.Class);

    /// <summary>Whether the surface has a fact.</summary>
    internal bool Has(SurfaceFacts fact) => (Surface.Facts & fact) != SurfaceFacts.None;

    /// <summary>Whether the work is done with one of these.</summary>
    internal bool With(params ReadOnlySpan<Tool> tools) => tools.Contains(Tool);

    /// <summary>Whether the mixture carries one of these statements.</summary>
    internal bool HasHazard(params ReadOnlySpan<string> codes)
    {
        foreach (string code in codes)
        {
            if (hazards.Contains(code))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Whether a pane of glass, bare or of plastic.</summary>
    internal bool IsPane => On(SurfaceKind.Windscreen, SurfaceKind.Glass);

    /// <summary>Whether cloth of any kind.</summary>
    internal bool IsTextile =>
        Of(Material.WovenFabric, Material.Microsuede, Material.Pile, Material.LiningCloth, Material.Webbing);

    /// <summary>Whether anything wet or any product reaches the surface.</summary>
    internal bool IsWet => Product is not null && Application >= Application.OnTowel;

    /// <summary>Whether it is put on the surface itself and can run: laid on as foam or more.</summary>
    internal bool RunsOn => IsWet && Application >= Application.Foam;

    /// <summary>Whether it is sprayed or poured on.</summary>
    internal bool IsDirect => IsWet && Application >= Application.DirectSpray;

    /// <summary>Whether it is sprayed or poured, so that a mist of it stands in the air. A mist of plain water hurts nobody.</summary>
    internal bool IsMist => IsDirect && !Is(ProductClass.Water);

    /// <summary>Whether it comes out of a can under pressure.</summary>
    internal bool IsAerosol => Product is { Form: ProductForm.Aerosol };

    /// <summary>Whether it is gel, as a product or as a tool.</summary>
    internal bool IsGel =>
        Is(ProductClass.CleaningGel) || Product is { Form: ProductForm.Gel } || With(Tool.Gel);

    /// <summary>Whether it is poured on.</summary>
    internal bool IsSoaked => (IsWet && Application == Application.Soak) || With(Tool.Extractor);

    /// <summary>Whether something is used that rubs material away.</summary>
    internal bool IsAbrasive => InUse.Abrasive || With(Tool.MelamineSponge);

    /// <summary>Whether the mixture is alkaline enough to dull coats in time.</summary>
    internal bool IsAlkaline => InUse.Ph >= 9;

    /// <summary>Whether the mixture is strong enough to strip coats.</summary>
    internal bool IsStrong => InUse.Ph is >= 10 or <= 4;

    /// <summary>Whether the mixture is alkaline enough to strip coats.</summary>
    internal bool IsStronglyAlkaline => InUse.Ph >= 10;

    /// <summary>Whether the mixture is acid enough to etch and to bleach.</summary>
    internal bool IsStronglyAcid => InUse.Ph <= 4;

    /// <summary>Whether the mixture counts as corrosive by its acidity alone.</summary>
    internal bool IsExtreme => InUse.Ph is >= 11.5 or <= 2;

    /// <summary>Whether enough alcohol is in the mixture to act on coats and clear plastics.</summary>
    internal bool HasMuchAlcohol => InUse.AlcoholPercent >= 30;

    /// <summary>Whether the mixture takes colour out.</summary>
    internal bool Bleaches => InUse.Chlorine || InUse.Peroxide;

    /// <summary>Whether the mixture burns easily. A tenth of alcohol is enough for a flash point under 60 °C (from memory).</summary>
    internal bool BurnsWhenHot => InUse.AlcoholPercent >= 10 || BurnsEasily;

    /// <summary>Whether the mixture burns easily even in a cool car.</summary>
    internal bool BurnsEasily =>
        InUse.AlcoholPercent >= 20 || InUse.Solvent || HasHazard("H222", "H225", "H226");

    /// <summary>Whether the mixture gives off vapour that should not be breathed for long.</summary>
    internal bool GivesVapour =>
        BurnsEasily || InUse.Ammonia || InUse.Chlorine || InUse.Solvent || HasHazard("H335", "H336", "P271");

    /// <summary>Whether the product is shiny.</summary>
    internal bool Shines => Product is { Sheen: not Sheen.None };

    /// <summary>Whether the product stays on the surface: as film, oil or shine.</summary>
    internal bool Stays => InUse.LeavesFilm || InUse.Oil || Shines;

    /// <summary>Whether what stays is more than the thin film of a detailer.</summary>
    internal bool Dresses => InUse.Oil || Shines || (InUse.LeavesFilm && !Is(ProductClass.InteriorDetailer));

    /// <summary>Whether the tool is moved over the surface with some pressure.</summary>
    internal bool Rubs =>
        !With(Tool.Gel, Tool.Vacuum, Tool.Blower, Tool.CompressedAir, Tool.Steamer, Tool.Extractor);
}
