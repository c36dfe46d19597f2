using Cove.Core.Catalogue.Amounts;
using Cove.Core.Methods;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Log;

/// <summary>A care task was done, wherever it applies on the car or on some of its surfaces. What was left out is not on record: its level just goes on.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When it was finished.</param>
/// <param name="TaskId">The task.</param>
/// <param name="Removed">The share of the level that went: all of it when the surfaces came clean.</param>
public sealed record TaskDone(EntryId Id, DateTimeOffset At, TaskId TaskId, Share Removed) : LogEntry(Id, At)
{
    /// <summary>The surfaces it was done on; none for wherever the task applies.</summary>
    public IReadOnlyList<SurfaceId> SurfaceIds { get; init; } = [];

    /// <summary>How long it was planned to take.</summary>
    public TimeSpan Planned { get; init; }

    /// <summary>How long it took, putting back included.</summary>
    public TimeSpan Taken { get; init; }

    /// <summary>The pace of the owner that it was planned with, beside that of the table; above 0.</summary>
    public double Pace { get; init; } = 1;

    /// <summary>How it was done; none where that is not known.</summary>
    public IReadOnlyList<MethodUsed> Methods { get; init; } = [];

    /// <summary>What was used.</summary>
    public IReadOnlyList<ProductUsed> Products { get; init; } = [];

    /// <summary>What the products that were used leave on the surface beside a plain coat.</summary>
    public CoatTraits Coat { get; init; }

    /// <summary>When the owner answered what there was to ask after it; null while nothing was answered. See <see cref="Reminders"/>.</summary>
    public DateTimeOffset? AnsweredAt { get; init; }

    /// <summary>Whether it came clean.</summary>
    public bool CameClean => Removed == Share.All;

    /// <summary>Whether it was done on a surface.</summary>
    public bool TouchedSurface(SurfaceId surfaceId) =>
        SurfaceIds.Count == 0 || SurfaceIds.Contains(surfaceId);

    /// <inheritdoc/>
    public override bool MovesLevels => true;
}

/// <summary>A chore of a session was done: getting ready or setting back. It changes no level.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When it was finished.</param>
/// <param name="ChoreId">The chore.</param>
public sealed record ChoreDone(EntryId Id, DateTimeOffset At, TaskId ChoreId) : LogEntry(Id, At)
{
    /// <summary>How long it was planned to take.</summary>
    public TimeSpan Planned { get; init; }

    /// <summary>How long it took.</summary>
    public TimeSpan Taken { get; init; }

    /// <summary>How many times as long as the table it was planned to take, by what was known of the owner's pace then; above 0.</summary>
    public double Pace { get; init; } = 1;
}

/// <summary>A method as it was used.</summary>
/// <param name="MethodId">The method.</param>
/// <param name="Rounds">How often it was gone through; 1 or more.</param>
/// <param name="SurfaceIds">The surfaces; none for a chore.</param>
public sealed record MethodUsed(MethodId MethodId, int Rounds, IReadOnlyList<SurfaceId> SurfaceIds)
{
    /// <summary>A method that was used as planned.</summary>
    public static MethodUsed Of(MethodUse use) =>
        new(use.Method.Id, use.Rounds, [.. use.Surfaces.Select(surface => surface.Id)]);
}

/// <summary>A product as it was used.</summary>
/// <param name="ProductId">The product. It may have left the shelf since.</param>
/// <param name="Name">What it was called then.</param>
/// <param name="Strength">The strength.</param>
/// <param name="Amount">How much of the product, without water.</param>
public sealed record ProductUsed(ProductId ProductId, string Name, Strength Strength, Quantity Amount)
{
    /// <summary>Whether it came out of the bottles on the shelf. What a file brings in was taken elsewhere, or is counted already.</summary>
    public bool FromShelf { get; init; }
}
