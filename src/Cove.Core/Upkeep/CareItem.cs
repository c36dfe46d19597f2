using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep;

/// <summary>A care task as it applies to one vehicle: which surfaces it tends there, and how long that takes.</summary>
/// <param name="Task">The task.</param>
/// <param name="Surfaces">The surfaces it tends; at least one.</param>
/// <param name="Work">Minutes of hands on this vehicle, in whole half minutes; fetching not included.</param>
public sealed record CareItem(CareTask Task, IReadOnlyList<Surface> Surfaces, TimeSpan Work)
{
    /// <summary>How much the most used surface of the task is used on this vehicle; the same where only some of its surfaces are looked at.</summary>
    public Share MostUsed { get; private init; } = new(Surfaces.Max(surface => surface.Exposure.Value));

    private int WholeCount { get; init; } = Surfaces.Count;

    /// <summary>All that the task tends on this vehicle, in square metres; the same where only some of its surfaces are looked at.</summary>
    public Area WholeArea { get; private init; } =
        Surfaces.Select(surface => surface.Area).Aggregate((sum, next) => sum + next);

    /// <summary>The part of the task that one surface is; all of them together are 1.</summary>
    /// <param name="surface">One of <see cref="Surfaces"/>.</param>
    public double PartOf(Surface surface) =>
        WholeArea.SquareMetres > 0 ? surface.Area.SquareMetres / WholeArea.SquareMetres : 1.0 / WholeCount;

    /// <summary>The same task on some of its surfaces: it takes setting to, and the rest by area.</summary>
    /// <param name="some">Some of <see cref="Surfaces"/>; at least one.</param>
    public CareItem On(IReadOnlyList<Surface> some) =>
        this with
        {
            Surfaces = some,
            Work = CareBook.WorkOf(Task, some),
        };

    /// <summary>How fast the level of this task rises on one of its surfaces, before anything has been learnt of the car, on bare surfaces.</summary>
    /// <param name="surface">One of <see cref="Surfaces"/>.</param>
    /// <remarks>The baseline interval is that of the most used surface of the task, so exposure counts beside that one. For what has been learnt as well, and for coats, ask the <see cref="Cars.CareLedger"/>.</remarks>
    public Soiling SoilingOf(Surface surface)
    {
        return new Soiling(Task.Interval, Task.Shares, new Share(surface.Exposure.Value / MostUsed.Value))
        {
            Preventions = PreventionTable.Of(Task.HeldBackBy),
            OnGlass = Task.Stage == Stage.Glass,
        };
    }
}
