using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>A vehicle with everything recorded of it, as one file.</summary>
/// <remarks>The schema that Cove publishes is generated from these records, and every file that is read in is held to them.</remarks>
public sealed record VehicleDocument
{
    /// <summary>What <see cref="Format"/> must be.</summary>
    public const string FormatName = "cove-vehicle";

    /// <summary>The most log entries of a vehicle: over fifty years of weekly sessions.</summary>
    public const int MostLogEntries = 20_000;

    /// <summary>The most runs of a vehicle: over fifty years of weekly sessions.</summary>
    public const int MostRuns = 3_000;

    /// <summary>The most changes of use of a vehicle.</summary>
    public const int MostUses = 2_000;

    /// <summary>The most readings of the odometer of a vehicle.</summary>
    public const int MostReadings = 5_000;

    /// <summary>The most makers' instructions of a vehicle.</summary>
    public const int MostInstructions = 1_000;

    /// <summary>The version that is written.</summary>
    public const int CurrentVersion = 2;

    /// <summary>Says what this file is; always <c>cove-vehicle</c>.</summary>
    [RegularExpression(
        "^cove-vehicle$",
        ErrorMessage = "This is not a vehicle of Cove: the format has to be cove-vehicle."
    )]
    public required string Format { get; init; }

    /// <summary>The version of the format. 2 is written; 1, which had neither runs nor instructions, is read as well.</summary>
    [Range(1, CurrentVersion, ErrorMessage = "This version of the format is not known here; 1 and 2 are.")]
    public required int Version { get; init; }

    /// <summary>Identifies the vehicle. Kept when no vehicle of that id is there; otherwise a new one is given.</summary>
    public Guid? Id { get; init; }

    /// <summary>What the owner calls it.</summary>
    [Name(Vehicle.LongestName)]
    public required string Name { get; init; }

    /// <summary>A line that tells it apart.</summary>
    [Note(Vehicle.LongestDescription)]
    public string Description { get; init; } = string.Empty;

    /// <summary>From when its record is kept; now, when it is left out.</summary>
    public DateTimeOffset? AddedAt { get; init; }

    /// <summary>When it was put into the archive; null while it is in use.</summary>
    public DateTimeOffset? ArchivedAt { get; init; }

    /// <summary>Looks before this teach nothing; null when all do.</summary>
    public DateTimeOffset? LearntSince { get; init; }

    /// <summary>The latest instant that the record names, by the clock of the Cove that wrote it; null when Cove did not. Up to then nothing counts as the future, whatever the clock shows where the file is read.</summary>
    public DateTimeOffset? RecordedUntil { get; init; }

    /// <summary>The answers its plan is drawn from.</summary>
    public required CabinLayout Layout { get; init; }

    /// <summary>Its surfaces in walking order; those of the layout, when they are left out.</summary>
    [MaxLength(SurfaceRules.MostSurfaces, ErrorMessage = "A vehicle has up to 200 surfaces.")]
    public IReadOnlyList<SurfaceDocument>? Surfaces { get; init; }

    /// <summary>How it was used, and from when; reference use, when it is left out.</summary>
    [MaxLength(MostUses, ErrorMessage = "Give up to 2,000 changes of use.")]
    public IReadOnlyList<UseEntryDocument> Use { get; init; } = [];

    /// <summary>Where its owner works on it; null while nobody has said.</summary>
    public SaidPlaceDocument? Place { get; init; }

    /// <summary>The routine that its owner keeps; null while there is none.</summary>
    public RoutineDocument? Routine { get; init; }

    /// <summary>What its odometer showed.</summary>
    [MaxLength(MostReadings, ErrorMessage = "Give up to 5,000 readings.")]
    public IReadOnlyList<ReadingDocument> Odometer { get; init; } = [];

    /// <summary>Where levels started; those left out start as lived in.</summary>
    [MaxLength(20_000, ErrorMessage = "Give up to 20,000 levels.")]
    public IReadOnlyList<LevelDocument> Levels { get; init; } = [];

    /// <summary>What a deep clean of it costs; null while nobody has said.</summary>
    public PricesDocument? Prices { get; init; }

    /// <summary>The photos of its log: a list of what lies beside the database, not the pictures themselves. It is not read.</summary>
    [MaxLength(2_000, ErrorMessage = "Name up to 2,000 photos.")]
    public IReadOnlyList<PhotoDocument> Photos { get; init; } = [];

    /// <summary>The log, oldest first.</summary>
    [MaxLength(MostLogEntries, ErrorMessage = "Give up to 20,000 log entries.")]
    public IReadOnlyList<LogDocument> Log { get; init; } = [];

    /// <summary>Makers' instructions about surfaces of this vehicle, oldest first.</summary>
    [MaxLength(MostInstructions, ErrorMessage = "Give up to 1,000 instructions.")]
    public IReadOnlyList<InstructionDocument> Instructions { get; init; } = [];

    /// <summary>The runs, oldest first.</summary>
    [MaxLength(MostRuns, ErrorMessage = "Give up to 3,000 runs.")]
    public IReadOnlyList<RunDocument> Runs { get; init; } = [];
}

/// <summary>A use and from when it holds.</summary>
public sealed record UseEntryDocument
{
    /// <summary>From when.</summary>
    public required DateTimeOffset From { get; init; }

    /// <summary>The use.</summary>
    public required UseDocument Use { get; init; }
}

/// <summary>A reading of the odometer.</summary>
public sealed record ReadingDocument
{
    /// <summary>When it was read.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>What it showed.</summary>
    [Range(
        0,
        Odometer.MostKilometres,
        ErrorMessage = "Give what the odometer shows. No odometer shows less than 0 or as much as that."
    )]
    public required double Kilometres { get; init; }

    /// <summary>Whether it came from the simulated feed rather than from the owner.</summary>
    public bool Simulated { get; init; }
}

/// <summary>Where a level started.</summary>
public sealed record LevelDocument
{
    /// <summary>The care task.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a care task.")]
    public required string Task { get; init; }

    /// <summary>The surface.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Use the id of a surface of this vehicle.")]
    public required string Surface { get; init; }

    /// <summary>From when its history is kept.</summary>
    public required DateTimeOffset From { get; init; }

    /// <summary>The level then.</summary>
    [Range(0.0, 100.0, ErrorMessage = "A level lies between 0 and 100.")]
    public required double Level { get; init; }
}

/// <summary>An entry of the log.</summary>
public sealed record LogDocument
{
    /// <summary>When.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>What it records.</summary>
    public required LogEntryKind Kind { get; init; }

    /// <summary>The run it was made in, by its place among the runs from 0; null when it was not made in one.</summary>
    [Range(0, VehicleDocument.MostRuns, ErrorMessage = "Use the place of a run in this file, from 0.")]
    public int? Run { get; init; }

    /// <summary>Id of the care task, the event, the inspection, the product tested, the test or the chore, by kind.</summary>
    [StringLength(
        40,
        ErrorMessage = "Use the id of a care task, an event, an inspection or a product, by kind."
    )]
    public required string Subject { get; init; }

    /// <summary>Ids of the surfaces; none for everything the task tends.</summary>
    [MaxLength(SurfaceRules.MostSurfaces, ErrorMessage = "Name up to 200 surfaces.")]
    public IReadOnlyList<string> Surfaces { get; init; } = [];

    /// <summary>Id of the result of an inspection, "passed" or "failed" for a spot test; empty for other kinds.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a result of the inspection.")]
    public string Result { get; init; } = string.Empty;

    /// <summary>The products that were used, or the one that was tested.</summary>
    [MaxLength(40, ErrorMessage = "Name up to 40 products.")]
    public IReadOnlyList<LoggedProductDocument> Products { get; init; } = [];

    /// <summary>Planned seconds; 0 for other kinds than care.</summary>
    [Range(0, 360_000, ErrorMessage = "Say 0 to 360,000 seconds.")]
    public int PlannedSeconds { get; init; }

    /// <summary>Seconds taken; 0 for other kinds than care.</summary>
    [Range(0, 360_000, ErrorMessage = "Say 0 to 360,000 seconds.")]
    public int TakenSeconds { get; init; }

    /// <summary>The pace of the owner that it was planned with, beside that of the table.</summary>
    [Range(0.01, 100.0, ErrorMessage = "Say a pace from 0.01 to 100.")]
    public double Pace { get; init; } = 1;

    /// <summary>What was left on the surfaces beside a plain coat, as a sum: 1 keeps ultraviolet light off, 2 keeps dust off, 4 is oily.</summary>
    [Range(0, 7, ErrorMessage = "Say a sum of 1, 2 and 4, or 0.")]
    public int Coat { get; init; }

    /// <summary>What was done in a deep clean, as a sum: 1 vacuumed, 2 washed, 4 extracted, 8 glass, 16 protected; 0 for other kinds.</summary>
    [Range(0, 31, ErrorMessage = "Say a sum of 1, 2, 4, 8 and 16, or 0.")]
    public int Parts { get; init; }

    /// <summary>What a deep clean cost, in the owner's currency; null when that is not known.</summary>
    [Range(0, 1_000_000, ErrorMessage = "Say a price from 0 to 1,000,000.")]
    public decimal? Cost { get; init; }

    /// <summary>The share of the level that was removed; 0 for other kinds than care.</summary>
    [Range(0.0, 1.0, ErrorMessage = "Say a share from 0 to 1.")]
    public double Removed { get; init; }

    /// <summary>The owner's note.</summary>
    [Note(500, Lines = true)]
    public string Note { get; init; } = string.Empty;

    /// <summary>How it was done; none for other kinds than care.</summary>
    [MaxLength(60, ErrorMessage = "Name up to 60 methods.")]
    public IReadOnlyList<LoggedMethodDocument> Methods { get; init; } = [];

    /// <summary>When the owner answered what there was to ask after it; null while nothing was answered.</summary>
    public DateTimeOffset? SettledAt { get; init; }

    /// <summary>When the owner undid it; null while it counts.</summary>
    public DateTimeOffset? UndoneAt { get; init; }
}

/// <summary>A method as an entry of the log names it.</summary>
public sealed record LoggedMethodDocument
{
    /// <summary>The id of the method.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a method.")]
    public required string Method { get; init; }

    /// <summary>How often it was gone through.</summary>
    [Range(1, 20, ErrorMessage = "Say 1 to 20 rounds.")]
    public int Rounds { get; init; } = 1;

    /// <summary>Ids of the surfaces; none for a chore.</summary>
    [MaxLength(SurfaceRules.MostSurfaces, ErrorMessage = "Name up to 200 surfaces.")]
    public IReadOnlyList<string> Surfaces { get; init; } = [];

    /// <summary>Writes a method down.</summary>
    public static LoggedMethodDocument Of(MethodUsed method) =>
        new()
        {
            Method = method.MethodId.Value,
            Rounds = method.Rounds,
            Surfaces = [.. method.SurfaceIds.Select(surface => surface.Value)],
        };

    /// <summary>Reads it back.</summary>
    public MethodUsed ToMethod() =>
        new(Method, Rounds, [.. Surfaces.Select(surface => new SurfaceId(surface))]);
}

/// <summary>A product as an entry of the log names it.</summary>
public sealed record LoggedProductDocument
{
    /// <summary>The product on the owner's shelf. It need not be there any more.</summary>
    public required Guid Id { get; init; }

    /// <summary>What it was called.</summary>
    [Name(Core.Catalogue.Products.Product.LongestName)]
    public required string Name { get; init; }

    /// <summary>The product's share of the mixture.</summary>
    [Range(
        Core.Catalogue.Amounts.Strength.LeastShare,
        1.0,
        ErrorMessage = "Say the share of the mixture that is product, from 0.0001 to 1."
    )]
    public required double Strength { get; init; }

    /// <summary>How much of the product was used, without water, in millilitres or pieces.</summary>
    [Range(0.0, Core.Catalogue.Amounts.Quantity.Most, ErrorMessage = "Say 0 to 100,000.")]
    public double Amount { get; init; }

    /// <summary>What the amount counts.</summary>
    public Core.Catalogue.Amounts.QuantityUnit Unit { get; init; }
}
