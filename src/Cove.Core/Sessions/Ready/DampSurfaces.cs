using Cove.Core.Log;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Ready;

/// <summary>What the work on record has left damp on a car, and until when.</summary>
/// <remarks>Times are those of the table at 20 °C and half humidity, so they are no measurement: dry to the hand comes first.</remarks>
public sealed class DampSurfaces
{
    private readonly IReadOnlyDictionary<SurfaceId, DateTimeOffset> dryAt;

    private DampSurfaces(IReadOnlyDictionary<SurfaceId, DateTimeOffset> dryAt) => this.dryAt = dryAt;

    /// <summary>How far back the log has to be read: nothing that routine work wets is damp for longer.</summary>
    public static readonly TimeSpan Reach = TimeSpan.FromHours(36);

    /// <summary>Nothing is damp.</summary>
    public static DampSurfaces None { get; } = new(new Dictionary<SurfaceId, DateTimeOffset>());

    /// <summary>Reads it from the log.</summary>
    /// <param name="log">The log of a car, at least what lies within <see cref="Reach"/>; in any order.</param>
    /// <param name="surfaces">The surfaces in care.</param>
    /// <param name="now">The present instant.</param>
    public static DampSurfaces Of(
        IEnumerable<LogEntry> log,
        IReadOnlyList<Surface> surfaces,
        DateTimeOffset now
    )
    {
        var until = new Dictionary<SurfaceId, DateTimeOffset>();
        foreach (TaskDone done in log.OfType<TaskDone>().Where(entry => entry.Counts))
        {
            if (CareTasks.Find(done.TaskId) is not { } task)
            {
                continue;
            }

            foreach (Surface surface in surfaces.Where(task.Tends))
            {
                DateTimeOffset dry = done.At + DryingTime.Of(done, task, surface.Id);
                if (done.TouchedSurface(surface.Id) && dry > now && dry > until.GetValueOrDefault(surface.Id))
                {
                    until[surface.Id] = dry;
                }
            }
        }

        return new DampSurfaces(until);
    }

    /// <summary>When a surface is dry; null when it is dry already.</summary>
    public DateTimeOffset? DryAt(SurfaceId surfaceId) =>
        dryAt.TryGetValue(surfaceId, out DateTimeOffset at) ? at : null;
}
