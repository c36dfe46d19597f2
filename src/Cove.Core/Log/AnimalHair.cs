using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Log;

/// <summary>Where an animal rode and nobody has vacuumed since, so that there is hair even in a car in which animals do not usually ride.</summary>
public static class AnimalHair
{
    /// <summary>The event that an animal rode along.</summary>
    public static readonly EventId Rode = "pet";

    /// <summary>How far back the log has to be read: hair that nobody vacuumed for so long is soil like any other. Cove's own choice.</summary>
    public static readonly TimeSpan Reach = TimeSpan.FromDays(60);

    /// <summary>Reads it from the log.</summary>
    /// <param name="log">The log of a car, at least the rides of animals and the work within <see cref="Reach"/>; in any order.</param>
    /// <param name="surfaces">The surfaces in care.</param>
    public static IReadOnlySet<SurfaceId> On(IEnumerable<LogEntry> log, IReadOnlyList<Surface> surfaces)
    {
        LogEntry[] counted = [.. log.Where(entry => entry.Counts)];
        Happened[] rides = [.. counted.OfType<Happened>().Where(entry => entry.EventId == Rode)];
        return surfaces
            .Where(surface =>
                rides
                    .Where(ride => ride.SurfaceIds.Contains(surface.Id))
                    .Max(ride => (DateTimeOffset?)ride.At)
                    is { } rode
                && !counted
                    .OfType<TaskDone>()
                    .Any(done => done.At > rode && Vacuums(done, surface) && done.TouchedSurface(surface.Id))
            )
            .Select(surface => surface.Id)
            .ToHashSet();
    }

    private static bool Vacuums(TaskDone done, Surface surface) =>
        CareTasks.Find(done.TaskId) is { Stage: Stage.VacuumHigh or Stage.VacuumFloor } task
        && task.Tends(surface);
}
