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
    /// <summary>How fast the level of this task rises on one of its surfaces, before anything has been learnt of the car.</summary>
    /// <param name="surface">One of <see cref="Surfaces"/>.</param>
    /// <remarks>The baseline interval is that of the most used surface of the task, so exposure counts beside that one. For what has been learnt as well, ask the <see cref="Cars.CareLedger"/>.</remarks>
    public Soiling SoilingOf(Surface surface)
    {
        double most = Surfaces.Max(other => other.Exposure.Value);
        return new Soiling(Task.Interval, Task.Shares, new Share(surface.Exposure.Value / most))
        {
            Preventions = PreventionTable.Of(Task.HeldBackBy),
            OnGlass = Task.Stage == Stage.Glass,
        };
    }
}
