using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>The steps of a planned session, as they stand in the database.</summary>
/// <remarks>Version 1 was a bare list with numbers for choices; <see cref="StoredSessions"/> turns it into this.</remarks>
public sealed record SessionDocument
{
    /// <summary>The version this code writes.</summary>
    public const int Current = 2;

    /// <summary>The version of the format.</summary>
    public required int Version { get; init; }

    /// <summary>The steps.</summary>
    public required IReadOnlyList<StepDocument> Steps { get; init; }

    /// <summary>Writes steps down.</summary>
    public static SessionDocument Of(IEnumerable<RunStep> steps) =>
        new() { Version = Current, Steps = [.. steps.Select(StepDocument.Of)] };
}

/// <summary>One step of a run.</summary>
public sealed record StepDocument
{
    private const int LongestText = 400;

    /// <summary>The id of the care task or the chore.</summary>
    [StringLength(40, MinimumLength = 1, ErrorMessage = "Use the id of a care task or a chore.")]
    public required string Task { get; init; }

    /// <summary>What to do.</summary>
    [StringLength(80, MinimumLength = 1, ErrorMessage = "Use 1 to 80 characters for the name.")]
    public required string Name { get; init; }

    /// <summary>Whether it only puts things back.</summary>
    public bool PutsBack { get; init; }

    /// <summary>What it was planned to take.</summary>
    [Range(0.0, 86_400.0, ErrorMessage = "Say seconds from 0 to 86,400.")]
    public required double PlannedSeconds { get; init; }

    /// <summary>The pace of the owner that it was planned with, beside that of the table.</summary>
    [Range(0.01, 100.0, ErrorMessage = "Say a pace from 0.01 to 100.")]
    public double Pace { get; init; } = 1;

    /// <summary>How towels are folded in the run.</summary>
    public FoldSchool Fold { get; init; }

    /// <summary>The kits to get out before it, in order.</summary>
    [MaxLength(20, ErrorMessage = "Name each kit once.")]
    public IReadOnlyList<Kit> Kits { get; init; } = [];

    /// <summary>Names of the places to go to, in walking order.</summary>
    [MaxLength(40, ErrorMessage = "Name up to 40 places.")]
    public IReadOnlyList<string> Places { get; init; } = [];

    /// <summary>How long something dries after it.</summary>
    [Range(0.0, 864_000.0, ErrorMessage = "Say seconds from 0 to 864,000.")]
    public double DryingSeconds { get; init; }

    /// <summary>What dries after it.</summary>
    [StringLength(80, ErrorMessage = "Use up to 80 characters.")]
    public string DryingWhat { get; init; } = string.Empty;

    /// <summary>The surfaces it is done on.</summary>
    [MaxLength(SurfaceRules.MostSurfaces, ErrorMessage = "Name up to 200 surfaces.")]
    public IReadOnlyList<StepSurfaceDocument> Surfaces { get; init; } = [];

    /// <summary>How it is done.</summary>
    [MaxLength(40, ErrorMessage = "Give up to 40 methods.")]
    public IReadOnlyList<LoggedMethodDocument> Methods { get; init; } = [];

    /// <summary>The ids of surfaces on which an earlier step does its work along.</summary>
    [MaxLength(SurfaceRules.MostSurfaces, ErrorMessage = "Name up to 200 surfaces.")]
    [EachLength(SurfaceRules.LongestName, ErrorMessage = "Use the ids of surfaces.")]
    public IReadOnlyList<string> Along { get; init; } = [];

    /// <summary>What it is done with.</summary>
    [MaxLength(40, ErrorMessage = "Give up to 40 products.")]
    public IReadOnlyList<StepProductDocument> Products { get; init; } = [];

    /// <summary>What to do for want of a product, one sentence each.</summary>
    [MaxLength(40, ErrorMessage = "Give up to 40 sentences.")]
    [EachLength(LongestText, ErrorMessage = "Use up to 400 characters for each sentence.")]
    public IReadOnlyList<string> Lacks { get; init; } = [];

    /// <summary>Writes a step down.</summary>
    public static StepDocument Of(RunStep step) =>
        new()
        {
            Task = step.TaskId.Value,
            Name = step.Name,
            PutsBack = step.PutsBack,
            PlannedSeconds = Seconds(step.Planned),
            Pace = Math.Round(step.Pace, 4),
            Fold = step.Fold,
            Kits = step.Fetch,
            Places = step.Zones,
            DryingSeconds = Seconds(step.Drying),
            DryingWhat = step.DryingWhat,
            Surfaces = [.. step.Surfaces.Select(StepSurfaceDocument.Of)],
            Methods = [.. step.Methods.Select(LoggedMethodDocument.Of)],
            Along = [.. step.Along.Select(surface => surface.Value)],
            Products = [.. step.Products.Select(StepProductDocument.Of)],
            Lacks = step.Lacks,
        };

    /// <summary>Reads it back.</summary>
    public RunStep ToStep() =>
        new(Task, PutsBack, Span(PlannedSeconds), Kits, Places, Span(DryingSeconds))
        {
            Name = Name,
            Pace = Pace,
            Fold = Fold,
            DryingWhat = DryingWhat,
            Surfaces = [.. Surfaces.Select(surface => surface.ToSurface())],
            Methods = [.. Methods.Select(method => method.ToMethod())],
            Along = [.. Along.Select(id => new SurfaceId(id))],
            Products = [.. Products.Select(product => product.ToProduct())],
            Lacks = Lacks,
        };

    /// <summary>Whole milliseconds, so that what is written reads back as the same number.</summary>
    private static double Seconds(TimeSpan span) => Math.Round(span.TotalMilliseconds) / 1000;

    private static TimeSpan Span(double seconds) => TimeSpan.FromMilliseconds(Math.Round(seconds * 1000));
}

/// <summary>A surface as a step of a run shows it.</summary>
public sealed record StepSurfaceDocument
{
    /// <summary>The id of the surface. The car may have lost it since.</summary>
    [StringLength(SurfaceRules.LongestName, MinimumLength = 1, ErrorMessage = "Use the id of a surface.")]
    public required string Id { get; init; }

    /// <summary>Its short name.</summary>
    [Name(SurfaceRules.LongestName)]
    public required string ShortName { get; init; }

    /// <summary>What a stroke on it is drawn on.</summary>
    public required Ground Ground { get; init; }

    /// <summary>How to get at all of a pane; null for anything else.</summary>
    [Note(200)]
    public string? HowToReach { get; init; }

    /// <summary>Writes a surface down.</summary>
    public static StepSurfaceDocument Of(StepSurface surface) =>
        new()
        {
            Id = surface.Id.Value,
            ShortName = surface.ShortName,
            Ground = surface.Ground,
            HowToReach = surface.HowToReach,
        };

    /// <summary>Reads it back.</summary>
    public StepSurface ToSurface() => new(Id, ShortName, Ground, HowToReach);
}

/// <summary>A product as a step of a run uses it.</summary>
public sealed record StepProductDocument
{
    /// <summary>The product on the owner's shelf. It need not be there any more.</summary>
    public required Guid Id { get; init; }

    /// <summary>What it was called.</summary>
    [Name(Product.LongestName)]
    public required string Name { get; init; }

    /// <summary>The product's share of the mixture.</summary>
    [Range(
        Core.Catalogue.Amounts.Strength.LeastShare,
        1.0,
        ErrorMessage = "Say the share of the mixture that is product, from 0.0001 to 1."
    )]
    public required double Strength { get; init; }

    /// <summary>How it gets onto the surface.</summary>
    public required Application Application { get; init; }

    /// <summary>What the hand works with.</summary>
    public required Tool Tool { get; init; }

    /// <summary>Short names of the surfaces done with it.</summary>
    [MaxLength(SurfaceRules.MostSurfaces, ErrorMessage = "Name up to 200 surfaces.")]
    [EachLength(SurfaceRules.LongestName, ErrorMessage = "Use up to 60 characters for each name.")]
    public IReadOnlyList<string> Surfaces { get; init; } = [];

    /// <summary>How much of the product it takes, without water, in millilitres or pieces.</summary>
    [Range(0.0, Quantity.Most, ErrorMessage = "Say 0 to 100,000.")]
    public double Amount { get; init; }

    /// <summary>What the amount counts.</summary>
    public QuantityUnit Unit { get; init; }

    /// <summary>What it leaves on the surface beside a plain coat, as a sum: 1 keeps ultraviolet light off, 2 keeps dust off, 4 is oily.</summary>
    [Range(0, 7, ErrorMessage = "Say a sum of 1, 2 and 4, or 0.")]
    public int Leaves { get; init; }

    /// <summary>Whether it is soap that is taken by the drop, in a bowl of water.</summary>
    public bool Soap { get; init; }

    /// <summary>Whether a bottle that was mixed to this strength stood on the shelf.</summary>
    public bool Mixed { get; init; }

    /// <summary>What to beware of, one sentence each.</summary>
    [MaxLength(40, ErrorMessage = "Give up to 40 cautions.")]
    [EachLength(600, ErrorMessage = "Use up to 600 characters for each caution.")]
    public IReadOnlyList<string> Cautions { get; init; } = [];

    /// <summary>Writes a product down.</summary>
    public static StepProductDocument Of(StepProduct product) =>
        new()
        {
            Id = product.ProductId,
            Name = product.Name,
            Strength = product.Strength.Share,
            Application = product.Application,
            Tool = product.Tool,
            Surfaces = product.Surfaces,
            Amount = product.Amount.Value,
            Unit = product.Amount.Unit,
            Leaves = (int)product.Leaves,
            Soap = product.IsSoap,
            Mixed = product.IsMixedAlready,
            Cautions = product.Cautions,
        };

    /// <summary>Reads it back.</summary>
    public StepProduct ToProduct() =>
        new(
            new ProductId(Id),
            Name,
            Core.Catalogue.Amounts.Strength.FromShare(Strength),
            Application,
            Tool,
            Surfaces,
            new Quantity(Amount, Unit),
            Cautions
        )
        {
            Leaves = (CoatTraits)Leaves,
            IsSoap = Soap || Id == Product.HomelySoap.Id.Value,
            IsMixedAlready = Mixed,
        };
}
