using Cove.Core.Learning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Log;

/// <summary>A log sorted out by level: for each task and surface of a car, where its record begins and everything that changed it since, in order.</summary>
/// <remarks>Levels of surfaces that are absent, worn or of another material now have no record here; the log keeps them in case that is taken back. The owner's schools have no say: the level of a task that is done with another one goes on.</remarks>
internal sealed class LevelRecords
{
    private readonly LogEntry[] entries;
    private readonly ILookup<string, TaskDone> done;
    private readonly ILookup<string, LogEntry> onSurface;
    private readonly Dictionary<CareKey, LevelBegan> began;

    /// <summary>Sorts a log.</summary>
    /// <param name="vehicle">The car.</param>
    /// <param name="log">Its entries in any order; undone ones are left out.</param>
    public LevelRecords(Vehicle vehicle, IEnumerable<LogEntry> log)
    {
        entries = [.. log.Where(entry => entry.Counts).OrderBy(entry => entry.At).ThenBy(entry => entry.Id)];
        done = entries
            .OfType<TaskDone>()
            .SelectMany(entry => LevelChanges.TasksDoneBy(entry).Select(taskId => (taskId, entry)))
            .ToLookup(pair => pair.taskId, pair => pair.entry, StringComparer.Ordinal);
        onSurface = entries
            .SelectMany(entry => SurfacesOf(entry).Select(surfaceId => (surfaceId, entry)))
            .ToLookup(pair => pair.surfaceId, pair => pair.entry, StringComparer.Ordinal);
        began = [];
        foreach (LevelBegan entry in entries.OfType<LevelBegan>())
        {
            began[entry.Key] = entry;
        }

        Keys =
        [
            .. CareBook
                .For(vehicle)
                .SelectMany(item => item.Surfaces.Select(surface => (Item: item, Surface: surface)))
                .Where(level => began.ContainsKey(KeyOf(level.Item, level.Surface))),
        ];
    }

    /// <summary>Every level of the car that has a record.</summary>
    public IReadOnlyList<(CareItem Item, Surface Surface)> Keys { get; }

    /// <summary>The entries that count, in order.</summary>
    public IReadOnlyList<LogEntry> Entries => entries;

    /// <summary>Whether anybody judged a cleaning of its glass.</summary>
    public bool HasJudgements => entries.OfType<Checked>().Any(LevelChanges.JudgesCleaning);

    /// <summary>What was learnt before this teaches nothing any more.</summary>
    public DateTimeOffset TaughtSince =>
        entries.OfType<LearningForgotten>().LastOrDefault()?.At ?? DateTimeOffset.MinValue;

    /// <summary>The history of a level.</summary>
    /// <param name="item">The task on this car.</param>
    /// <param name="surface">One of its surfaces, of <see cref="Keys"/>.</param>
    /// <param name="usage">How the car is used.</param>
    /// <param name="learnt">How fast its levels rise.</param>
    /// <param name="residues">What cleaning leaves on its glass.</param>
    public CareHistory HistoryOf(
        CareItem item,
        Surface surface,
        Usage usage,
        LearntRates learnt,
        LearntResidues residues
    )
    {
        CareKey key = KeyOf(item, surface);
        LevelBegan start = began[key];
        return new CareHistory(
            new CareState(start.At, start.Level),
            item.SoilingOf(surface) with
            {
                Multiplier = learnt.Of(item.Task.Id).Median,
            },
            usage,
            ChangesOf(item.Task, key, residues),
            learnt.Of(item.Task.Id).Spread
        );
    }

    private IEnumerable<CareChange> ChangesOf(CareTask task, CareKey key, LearntResidues residues) =>
        done[task.Id]
            .Select(entry => (CareChange)LevelChanges.Of(entry, task, key.SurfaceId, residues))
            .Concat(
                onSurface[key.SurfaceId]
                    .SelectMany(entry =>
                        entry switch
                        {
                            Happened happened => LevelChanges.Of(happened, key),
                            Checked look => LevelChanges.Of(look, key),
                            _ => [],
                        }
                    )
            );

    public static CareKey KeyOf(CareItem item, Surface surface) => new(item.Task.Id, surface.Id);

    private static IEnumerable<string> SurfacesOf(LogEntry entry) =>
        entry switch
        {
            Happened happened => happened.SurfaceIds.Distinct(StringComparer.Ordinal),
            Checked look => look.SurfaceIds.Distinct(StringComparer.Ordinal),
            _ => [],
        };
}
