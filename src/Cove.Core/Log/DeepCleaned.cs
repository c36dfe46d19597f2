using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Log;

/// <summary>The car was cleaned deeply: what routine work cannot do was done, and with it much that it can.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When it was finished.</param>
/// <param name="By">By whom.</param>
/// <param name="Parts">What was done.</param>
public sealed record DeepCleaned(EntryId Id, DateTimeOffset At, DeepCleanBy By, DeepCleanParts Parts)
    : LogEntry(Id, At)
{
    /// <summary>The surfaces that were extracted; none for all that soil settles in. It says nothing where nothing was extracted.</summary>
    public IReadOnlyList<SurfaceId> SurfaceIds { get; init; } = [];

    /// <summary>What it cost, in the owner's currency, 0 or more; null when that is not known.</summary>
    public decimal? Cost { get; init; }

    /// <summary>How long it took, drying not included; zero when that is not known.</summary>
    public TimeSpan Taken { get; init; }

    /// <inheritdoc/>
    public override bool MovesLevels => true;

    /// <summary>Whether a surface was extracted.</summary>
    public bool Extracted(Surface surface) =>
        Parts.HasFlag(DeepCleanParts.Extracted) && (SurfaceIds.Count == 0 || SurfaceIds.Contains(surface.Id));

    /// <summary>Whether a task was done with it.</summary>
    public bool Did(CareTask task) => (Parts & PartOf(task)) != DeepCleanParts.None;

    /// <summary>The part of a deep clean in which a task is done as well; none for what is not part of one.</summary>
    public static DeepCleanParts PartOf(CareTask task) =>
        task.Stage switch
        {
            Stage.Dust or Stage.VacuumHigh or Stage.VacuumFloor => DeepCleanParts.Vacuumed,
            Stage.MatsOut or Stage.WetHigh or Stage.WetMiddle or Stage.WetLow or Stage.WetFloor =>
                DeepCleanParts.Washed,
            Stage.Glass => DeepCleanParts.Glass,
            Stage.Dress or Stage.Protect => DeepCleanParts.Protected,
            _ => task.Id == "door-shuts" ? DeepCleanParts.Washed : DeepCleanParts.None,
        };
}

/// <summary>Who does a deep clean.</summary>
public enum DeepCleanBy
{
    /// <summary>The owner, with a machine hired for the day.</summary>
    HiredMachine,

    /// <summary>The owner, with a machine of their own.</summary>
    OwnMachine,

    /// <summary>A licensed shop.</summary>
    Shop,
}

/// <summary>What is done in a deep clean.</summary>
[Flags]
public enum DeepCleanParts
{
    /// <summary>Nothing.</summary>
    None = 0,

    /// <summary>Dusted and vacuumed, twice.</summary>
    Vacuumed = 1,

    /// <summary>Everything washed that can be.</summary>
    Washed = 2,

    /// <summary>Cloth and pile extracted with hot water.</summary>
    Extracted = 4,

    /// <summary>The glass cleaned.</summary>
    Glass = 8,

    /// <summary>Protection laid when all was dry.</summary>
    Protected = 16,
}
