using System.Collections.Immutable;
using Cove.Core.Learning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;

namespace Cove.Core.Log;

/// <summary>What a log comes to: where every level of a car stands after its entries, and what they have taught.</summary>
/// <remarks>
/// Pure and unchanging: the same car, use and entries give the same replay, whether they were lived, read from a file
/// or imagined. Nothing is asked about the present; for levels at an instant put the states into a
/// <see cref="Cars.CareLedger"/>. To ask about the past, leave out what is later: <see cref="Of"/> does so.
/// For one more entry use <see cref="Then"/>, which need not begin again.
/// </remarks>
public sealed class Replay
{
    private readonly Vehicle vehicle;
    private readonly Usage usage;
    private readonly ImmutableDictionary<CareKey, LevelTrack> tracks;
    private readonly Chain? log;
    private readonly RateTally tally;
    private readonly DateTimeOffset lastLook;
    private readonly Lazy<LearntRates> learnt;

    private Replay(
        Vehicle vehicle,
        Usage usage,
        ImmutableDictionary<CareKey, LevelTrack> tracks,
        Chain? log,
        RateTally tally,
        DateTimeOffset lastLook,
        LearntResidues residues,
        CoatBook coats,
        Lazy<LearntRates>? learnt = null
    )
    {
        this.vehicle = vehicle;
        this.usage = usage;
        this.tracks = tracks;
        this.log = log;
        this.tally = tally;
        this.lastLook = lastLook;
        Residues = residues;
        Coats = coats;
        this.learnt = learnt ?? new Lazy<LearntRates>(() => RateLearning.Learn(tally));
    }

    /// <summary>What has been learnt of how fast its levels rise.</summary>
    public LearntRates Learnt => learnt.Value;

    /// <summary>What has been learnt of what cleaning leaves on its glass.</summary>
    public LearntResidues Residues { get; }

    /// <summary>The coats that were laid on it.</summary>
    public CoatBook Coats { get; }

    /// <summary>Every level of the car that is in care, as it stood just after its last change.</summary>
    public IReadOnlyDictionary<CareKey, CareState> States =>
        tracks.ToDictionary(
            pair => pair.Key,
            pair => pair.Value.Walk.StateWith(Learnt.Of(pair.Key.TaskId).Median)
        );

    /// <summary>Replays a log from nothing.</summary>
    /// <param name="vehicle">The car as it is.</param>
    /// <param name="usage">How it was and will be used.</param>
    /// <param name="entries">The log, in any order. Undone entries do not count.</param>
    /// <param name="until">What is later than this is left out; null for nothing.</param>
    public static Replay Of(
        Vehicle vehicle,
        Usage usage,
        IEnumerable<LogEntry> entries,
        DateTimeOffset? until = null
    )
    {
        var records = new LevelRecords(
            vehicle,
            until is { } last ? entries.Where(entry => entry.At <= last) : entries
        );
        CoatBook coats = CoatBook.Of(vehicle, usage, records.Entries);
        Usage used = coats.Over(usage);
        HashSet<SurfaceId> judged = records.Judged;
        LearntResidues residues =
            judged.Count > 0
                ? LearntResidues.Learn(
                    records
                        .Levels.Where(level =>
                            !level.Item.Task.BeginsAnew && judged.Contains(level.Surface.Id)
                        )
                        .SelectMany(level => HistoryOf(level, LearntResidues.Nothing).Residues())
                        .Where(evidence => evidence.At > records.TaughtSince)
                )
                : LearntResidues.Nothing;
        CareHistory[] histories = [.. records.Levels.Select(level => HistoryOf(level, residues))];
        var start = new Replay(
            vehicle,
            usage,
            records
                .Levels.Zip(histories)
                .ToImmutableDictionary(pair => pair.First.Key, pair => LevelTrack.From(pair.Second)),
            records.Entries.Aggregate((Chain?)null, (before, entry) => new Chain(entry, before)),
            RateTally.Empty,
            DateTimeOffset.MinValue,
            residues,
            coats
        );
        return start.Through(
            [.. records.Levels.Zip(histories, (level, history) => (level.Key, history.Changes))],
            records.TaughtSince
        );

        CareHistory HistoryOf(RecordedLevel level, LearntResidues left) =>
            records.HistoryOf(level, used, LearntRates.Nothing, left, coats);
    }

    /// <summary>Follows all levels: those that were looked at side by side, since a look anywhere says what to expect everywhere after it.</summary>
    private Replay Through(
        IReadOnlyList<(CareKey Key, IReadOnlyList<CareChange> Changes)> histories,
        DateTimeOffset taughtSince
    )
    {
        var next = new Dictionary<CareKey, LevelTrack>(tracks);
        var looked = new List<(CareKey Key, CareChange Change)>();
        foreach (var (key, changes) in histories)
        {
            if (changes.Any(change => change is Observed))
            {
                looked.AddRange(changes.Select(change => (key, change)));
                continue;
            }

            next[key] = changes.Aggregate(next[key], (track, change) => track.Go(change));
        }

        RateTally known = tally;
        // A look that is handed over later teaches only when it is later than all of these.
        DateTimeOffset last = taughtSince;
        foreach (
            var instant in looked
                .OrderBy(step => step.Change.At)
                .ThenBy(step => step.Change.Turn)
                .GroupBy(step => (step.Change.At, step.Change.Turn))
        )
        {
            if (instant.First().Change is Observed look)
            {
                last = look.At > last ? look.At : last;
                known = look.At > taughtSince ? known.With(Evidence(next, instant, known)) : known;
            }

            foreach (var (key, change) in instant)
            {
                next[key] = next[key].Go(change);
            }
        }

        return new Replay(vehicle, usage, next.ToImmutableDictionary(), log, known, last, Residues, Coats);
    }

    /// <summary>What looks of one instant say, each weighed against what was expected before it.</summary>
    private static IEnumerable<(TaskId TaskId, RateEvidence Evidence)> Evidence(
        IReadOnlyDictionary<CareKey, LevelTrack> tracks,
        IEnumerable<(CareKey Key, CareChange Change)> looks,
        RateTally known
    )
    {
        LearntRates before = RateLearning.Learn(known);
        return
        [
            .. looks.Select(step =>
            {
                RateBelief belief = before.Of(step.Key.TaskId);
                return (
                    step.Key.TaskId,
                    tracks[step.Key].Walk.EvidenceOf((Observed)step.Change, belief.Median, belief.LogStdDev)
                );
            }),
        ];
    }

    /// <summary>The histories of the levels of a car, with what has been learnt already.</summary>
    /// <param name="vehicle">The car as it is.</param>
    /// <param name="usage">How it was and will be used.</param>
    /// <param name="entries">The log, or a part of it that tells as much.</param>
    /// <param name="learnt">How fast its levels rise.</param>
    /// <param name="residues">What cleaning leaves on its glass.</param>
    /// <param name="coats">The coats that were laid on it.</param>
    public static IReadOnlyDictionary<CareKey, CareHistory> Histories(
        Vehicle vehicle,
        Usage usage,
        IEnumerable<LogEntry> entries,
        LearntRates learnt,
        LearntResidues residues,
        CoatBook coats
    )
    {
        var records = new LevelRecords(vehicle, entries);
        Usage used = coats.Over(usage);
        return records.Levels.ToDictionary(
            level => level.Key,
            level => records.HistoryOf(level, used, learnt, residues, coats)
        );
    }

    /// <summary>The replay with one entry more.</summary>
    /// <remarks>Where the entry only goes on from what is here, just the levels it touches are followed, and the result is exactly that of replaying everything: thousands of such steps are cheap. Where it reaches back, because it is earlier than what is known of a level, belongs to a check of the same occasion, lays an oily coat, was a deep clean, or teaches what a cleaning left, everything is replayed.</remarks>
    public Replay Then(LogEntry entry)
    {
        if (!entry.Counts)
        {
            return this;
        }

        return StepBy(entry) ?? Of(vehicle, usage, Chain.Entries(new Chain(entry, log)));
    }

    private Replay? StepBy(LogEntry entry) =>
        entry switch
        {
            TaskDone done => CoatBook.Lays(done) ? Doing(done)?.Coated(done) : Doing(done),
            Happened happened => Step(
                happened,
                On(happened.SurfaceIds)
                    .SelectMany(key => LevelChanges.Of(happened, key).Select(change => (key, change)))
            ),
            Checked look when !LevelChanges.JudgesCleaning(look) && look.At > lastLook => Step(
                look,
                On(look.SurfaceIds)
                    .SelectMany(key => LevelChanges.Of(look, key).Select(change => (key, change)))
            ),
            Checked or DeepCleaned or LevelBegan or LearningForgotten => null,
            _ => new Replay(
                vehicle,
                usage,
                tracks,
                new Chain(entry, log),
                tally,
                lastLook,
                Residues,
                Coats,
                learnt
            ),
        };

    private Replay? Doing(TaskDone done) =>
        Step(
            done,
            LevelChanges
                .TasksDoneBy(done)
                .SelectMany(taskId => tracks.Keys.Where(key => key.TaskId == taskId))
                .Where(key => done.TouchedSurface(key.SurfaceId))
                .Select(key =>
                    (
                        key,
                        (CareChange)
                            LevelChanges.Of(done, CareTasks.Find(key.TaskId)!, key.SurfaceId, Residues)
                    )
                )
        );

    /// <summary>The replay with a coat more; null when the coat belongs before what is known of a level, or tells on more than the surface that it lies on.</summary>
    private Replay? Coated(TaskDone done)
    {
        if (Coats.With(done, vehicle, usage) is not { } coats)
        {
            return null;
        }

        ImmutableDictionary<CareKey, LevelTrack>.Builder next = tracks.ToBuilder();
        foreach (
            CareKey key in tracks.Keys.Where(key =>
                done.TouchedSurface(key.SurfaceId) && CoatBook.Tells(done, CareTasks.Find(key.TaskId)!)
            )
        )
        {
            LevelTrack track = next[key];
            if (track.Last?.At > done.At)
            {
                return null;
            }

            next[key] = track with
            {
                Walk = track.Walk.Coated(coats.SpellsOf(CareTasks.Find(key.TaskId)!, key.SurfaceId)),
            };
        }

        return new Replay(vehicle, usage, next.ToImmutable(), log, tally, lastLook, Residues, coats, learnt);
    }

    private IEnumerable<CareKey> On(IReadOnlyList<SurfaceId> surfaceIds) =>
        tracks.Keys.Where(key => surfaceIds.Contains(key.SurfaceId));

    /// <summary>The replay after some levels have changed; null when one of them cannot simply go on.</summary>
    private Replay? Step(LogEntry entry, IEnumerable<(CareKey Key, CareChange Change)> changes)
    {
        ImmutableDictionary<CareKey, LevelTrack>.Builder next = tracks.ToBuilder();

        // What lies before the record of a level does not touch it.
        (CareKey Key, CareChange Change)[] steps =
        [
            .. changes.Where(step => step.Change.At >= tracks[step.Key].StartAt),
        ];
        foreach (var (key, change) in steps)
        {
            if (next[key].After(change) is not { } after)
            {
                return null;
            }

            next[key] = after;
        }

        bool taught = steps.Length > 0 && entry is Checked;
        return new Replay(
            vehicle,
            usage,
            next.ToImmutable(),
            new Chain(entry, log),
            taught ? tally.With(Evidence(tracks, steps, tally)) : tally,
            taught ? entry.At : lastLook,
            Residues,
            Coats,
            taught ? null : learnt
        );
    }

    /// <summary>The entries of a log, the latest first.</summary>
    private sealed record Chain(LogEntry Entry, Chain? Before)
    {
        public static IEnumerable<LogEntry> Entries(Chain? last)
        {
            for (Chain? next = last; next is not null; next = next.Before)
            {
                yield return next.Entry;
            }
        }
    }
}
