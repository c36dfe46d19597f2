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
    private readonly ILookup<TaskId, TaskDone> done;
    private readonly ILookup<SurfaceId, LogEntry> onSurface;
    private readonly Dictionary<CareKey, LevelBegan> began = [];
    private readonly DeepCleaned[] deepCleans;

    /// <summary>The cleanings of each task that do the same on every surface they touched.</summary>
    private readonly Dictionary<TaskId, (TaskDone Entry, Cleaned Change)[]> cleanings = [];

    /// <summary>Sorts a log.</summary>
    /// <param name="vehicle">The car.</param>
    /// <param name="log">Its entries in any order; undone ones are left out.</param>
    public LevelRecords(Vehicle vehicle, IEnumerable<LogEntry> log)
    {
        entries = [.. log.Where(entry => entry.Counts).OrderBy(entry => entry.At)];
        done = entries
            .OfType<TaskDone>()
            .SelectMany(entry => LevelChanges.TasksDoneBy(entry).Select(taskId => (taskId, entry)))
            .ToLookup(pair => pair.taskId, pair => pair.entry);
        onSurface = entries
            .SelectMany(entry => SurfacesOf(entry).Select(surfaceId => (surfaceId, entry)))
            .ToLookup(pair => pair.surfaceId, pair => pair.entry);
        deepCleans = [.. entries.OfType<DeepCleaned>()];
        foreach (LevelBegan entry in entries.OfType<LevelBegan>())
        {
            began[entry.Key] = entry;
        }

        TaughtSince = entries.OfType<LearningForgotten>().LastOrDefault()?.At ?? DateTimeOffset.MinValue;
        Levels =
        [
            .. CareBook
                .For(vehicle)
                .SelectMany(item => item.Surfaces.Select(surface => new RecordedLevel(item, surface)))
                .Where(level => began.ContainsKey(level.Key)),
        ];
    }

    /// <summary>Every level of the car that has a record.</summary>
    public IReadOnlyList<RecordedLevel> Levels { get; }

    /// <summary>The entries that count, in order.</summary>
    public IReadOnlyList<LogEntry> Entries => entries;

    /// <summary>The panes of which anybody judged a cleaning.</summary>
    public HashSet<SurfaceId> Judged =>
        [.. entries.OfType<Checked>().Where(LevelChanges.JudgesCleaning).SelectMany(look => look.SurfaceIds)];

    /// <summary>What was learnt before this teaches nothing any more.</summary>
    public DateTimeOffset TaughtSince { get; }

    /// <summary>The history of a level.</summary>
    /// <param name="level">One of <see cref="Levels"/>.</param>
    /// <param name="usage">How the car is used.</param>
    /// <param name="learnt">How fast its levels rise.</param>
    /// <param name="residues">What cleaning leaves on its glass.</param>
    /// <param name="coats">The coats that were laid.</param>
    public CareHistory HistoryOf(
        RecordedLevel level,
        Usage usage,
        LearntRates learnt,
        LearntResidues residues,
        CoatBook coats
    )
    {
        LevelBegan start = began[level.Key];
        RateBelief rate = learnt.Of(level.Key.TaskId);
        return new CareHistory(
            new CareState(start.At, start.Level),
            level.Item.SoilingOf(level.Surface) with
            {
                Multiplier = rate.Median,
                Spells = coats.SpellsOf(level.Item.Task, level.Surface.Id),
            },
            usage,
            Merged(CleaningsOf(level, residues), OthersOf(level)),
            rate.LogStdDev
        );
    }

    private Cleaned[] CleaningsOf(RecordedLevel level, LearntResidues residues)
    {
        CareTask task = level.Item.Task;
        SurfaceId surfaceId = level.Surface.Id;
        if (!task.BeginsAnew)
        {
            return
            [
                .. done[task.Id]
                    .Where(entry => entry.TouchedSurface(surfaceId))
                    .Select(entry => LevelChanges.Of(entry, task, surfaceId, residues)),
            ];
        }

        if (!cleanings.TryGetValue(task.Id, out (TaskDone Entry, Cleaned Change)[]? known))
        {
            known =
            [
                .. done[task.Id].Select(entry => (entry, LevelChanges.Of(entry, task, surfaceId, residues))),
            ];
            cleanings[task.Id] = known;
        }

        return
        [
            .. known
                .Where(cleaning => cleaning.Entry.TouchedSurface(surfaceId))
                .Select(cleaning => cleaning.Change),
        ];
    }

    private CareChange[] OthersOf(RecordedLevel level)
    {
        CareChange[] others =
        [
            .. onSurface[level.Key.SurfaceId]
                .SelectMany(entry =>
                    entry switch
                    {
                        Happened happened => LevelChanges.Of(happened, level.Key),
                        Checked look => LevelChanges.Of(look, level.Key),
                        _ => [],
                    }
                ),
        ];
        CareChange[] cleaned =
        [
            .. deepCleans
                .Where(deep => deep.Did(level.Item.Task))
                .Select(deep => new Cleaned(deep.At, Share.All)),
        ];
        return cleaned.Length == 0
            ? others
            : [.. others.Concat(cleaned).OrderBy(change => change.At).ThenBy(change => change.Turn)];
    }

    /// <summary>Two lists that are in order as one that is.</summary>
    private static IEnumerable<CareChange> Merged(Cleaned[] cleanings, CareChange[] others)
    {
        int next = 0;
        foreach (Cleaned cleaned in cleanings)
        {
            while (next < others.Length && ChangeList.IsBefore(others[next], cleaned))
            {
                yield return others[next++];
            }

            yield return cleaned;
        }

        while (next < others.Length)
        {
            yield return others[next++];
        }
    }

    private static IEnumerable<SurfaceId> SurfacesOf(LogEntry entry) =>
        entry switch
        {
            Happened happened => happened.SurfaceIds.Distinct(),
            Checked look => look.SurfaceIds.Distinct(),
            _ => [],
        };
}

/// <summary>A level of a car that has a record.</summary>
/// <param name="Item">The task on this car.</param>
/// <param name="Surface">One of its surfaces.</param>
internal sealed record RecordedLevel(CareItem Item, Surface Surface)
{
    /// <summary>Names the level.</summary>
    public CareKey Key { get; } = new(Item.Task.Id, Surface.Id);
}
