using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep;

/// <summary>How one care task of a vehicle stands at an instant.</summary>
/// <param name="Item">The task as it applies to the vehicle.</param>
/// <param name="Surfaces">How it stands on each of its surfaces, in their order.</param>
public sealed record CareStatus(CareItem Item, IReadOnlyList<SurfaceStatus> Surfaces)
{
    /// <summary>The surface that has come furthest; it decides when the task is due.</summary>
    public SurfaceStatus Worst => Surfaces.MaxBy(status => status.Due.Level.Value)!;

    /// <summary>The same task on some of its surfaces.</summary>
    /// <param name="some">Some of <see cref="Surfaces"/>; at least one.</param>
    public CareStatus On(IReadOnlyList<SurfaceStatus> some) =>
        some.Count == Surfaces.Count
            ? this
            : new CareStatus(Item.On([.. some.Select(status => status.Surface)]), some);

    /// <summary>How near the task is to being due: as near as its worst surface.</summary>
    public DueLevel Level => Worst.Due.Level;

    /// <summary>When the first of its surfaces reaches the mark; null when none ever does.</summary>
    public SurfaceStatus Earliest => Surfaces.MinBy(status => status.Due.DueAt ?? DateTimeOffset.MaxValue)!;
}

/// <summary>How one care task stands on one surface at an instant.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Due">Its level, its due instant and why.</param>
public sealed record SurfaceStatus(Surface Surface, Due Due);
