using Cove.Core.Inspections;
using Cove.Core.Learning;
using Cove.Core.Log;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.DeepCleaning;

/// <summary>What has settled in the cloth and pile of a car by an instant, from its log.</summary>
/// <remarks>
/// Pure: the same log gives the same book. It reads the histories of the levels that lie above, and what the log says of
/// foam, deep cleans and looks. For what is still to come, see <see cref="DeepCleanForecast"/>.
/// </remarks>
public sealed class EmbeddedBook
{
    private EmbeddedBook(
        IReadOnlyList<EmbeddedSoil> surfaces,
        RateBelief pressing,
        DateTimeOffset? lastDeepClean
    )
    {
        Surfaces = surfaces;
        Pressing = pressing;
        LastDeepClean = lastDeepClean;
    }

    /// <summary>Each surface that soil settles in, in the order of the car.</summary>
    public IReadOnlyList<EmbeddedSoil> Surfaces { get; }

    /// <summary>How fast soil settles in this car beside the table, as far as looks have told.</summary>
    public RateBelief Pressing { get; }

    /// <summary>When the last deep clean was that took anything out; null when there was none.</summary>
    public DateTimeOffset? LastDeepClean { get; }

    /// <summary>The surface that has come furthest of those that decide; null where there is none.</summary>
    public EmbeddedSoil? Worst =>
        Surfaces.Where(soil => Embedding.Decides(soil.Surface)).MaxBy(soil => soil.Level);

    /// <summary>The same car just after a deep clean.</summary>
    public EmbeddedBook Fresh() =>
        new([.. Surfaces.Select(soil => new EmbeddedSoil(soil.Surface, 0, Share.All, 0))], Pressing, null);

    /// <summary>Reads a log.</summary>
    /// <param name="vehicle">The car.</param>
    /// <param name="histories">The whole histories of its levels, with what has been learnt; see <see cref="Replay.Histories"/>.</param>
    /// <param name="coats">The coats that were laid on it.</param>
    /// <param name="entries">The log, in any order; undone entries do not count.</param>
    /// <param name="now">Up to when.</param>
    public static EmbeddedBook Of(
        Vehicle vehicle,
        IReadOnlyDictionary<CareKey, CareHistory> histories,
        CoatBook coats,
        IEnumerable<LogEntry> entries,
        DateTimeOffset now
    )
    {
        LogEntry[] log =
        [
            .. entries.Where(entry => entry.Counts && entry.At <= now).OrderBy(entry => entry.At),
        ];
        DateTimeOffset taughtSince =
            log.OfType<LearningForgotten>().LastOrDefault()?.At ?? DateTimeOffset.MinValue;
        EmbeddedStock[] stocks =
        [
            .. vehicle
                .InCare()
                .Where(Embedding.TakesIn)
                .Where(surface => histories.ContainsKey(KeyOf(surface)))
                .Select(surface => new EmbeddedStock(surface, histories[KeyOf(surface)], coats, now)),
        ];
        var tally = new PressingTally();
        DateTimeOffset? lastDeepClean = null;
        foreach (LogEntry entry in log)
        {
            switch (entry)
            {
                case TaskDone done:
                    foreach (EmbeddedStock stock in stocks.Where(stock => Foams(done, stock.Surface)))
                    {
                        stock.Foam(done.At, done.Removed, tally.Belief);
                    }

                    break;
                case DeepCleaned deep:
                    lastDeepClean = deep.Parts.HasFlag(DeepCleanParts.Extracted) ? deep.At : lastDeepClean;
                    foreach (EmbeddedStock stock in stocks)
                    {
                        Clean(stock, deep, tally.Belief);
                    }

                    break;
                case Checked look
                    when InspectionTable.Find(look.InspectionId) is { TellsOfEmbedded: true } test:
                    Look(stocks, look, test, tally, look.At > taughtSince);
                    break;
                default:
                    break;
            }
        }

        return new EmbeddedBook(
            [.. stocks.Select(stock => stock.At(now, tally.Belief))],
            tally.Belief,
            lastDeepClean
        );
    }

    private static CareKey KeyOf(Surface surface) => new(Embedding.LyingOn(surface)!.Id, surface.Id);

    /// <summary>What was washed and not extracted was foamed.</summary>
    private static void Clean(EmbeddedStock stock, DeepCleaned deep, RateBelief pressing)
    {
        if (deep.Extracted(stock.Surface))
        {
            stock.Extract(deep.At);
        }
        else if (Embedding.FoamOf(stock.Surface) is { } foam && deep.Did(foam))
        {
            stock.Foam(deep.At, Share.All, pressing);
        }
    }

    private static bool Foams(TaskDone done, Surface surface) =>
        Embedding.FoamOf(surface) is { } foam
        && LevelChanges.TasksDoneBy(done).Contains(foam.Id)
        && done.TouchedSurface(surface.Id);

    private static void Look(
        IEnumerable<EmbeddedStock> stocks,
        Checked look,
        Inspection test,
        PressingTally tally,
        bool teaches
    )
    {
        if (test.Result(look.ResultId) is not { } result)
        {
            return;
        }

        var seen = new Observed(look.At, test.BandOf(result), test.LogStdDev);
        RateBelief before = tally.Belief;
        foreach (EmbeddedStock stock in stocks.Where(stock => look.SurfaceIds.Contains(stock.Surface.Id)))
        {
            RateEvidence evidence = stock.Look(seen, before);
            if (teaches)
            {
                tally.Add(evidence);
            }
        }
    }
}
