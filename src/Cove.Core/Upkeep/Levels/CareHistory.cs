using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>The level of one care task on one surface through time: where it started and everything that changed it since.</summary>
/// <remarks>
/// A level is always computed from the whole history, so correcting or undoing an old entry needs no
/// special case. To keep only the result, store a <see cref="CareState"/>.
/// </remarks>
public sealed class CareHistory
{
    /// <summary>Standard normal quantile that leaves 5 % on either side: the band holds 90 %.</summary>
    private const double BandWidth = 1.6449;

    private readonly IReadOnlyList<CareChange> changes;
    private readonly Soiling unlearnt;

    /// <summary>Makes a history.</summary>
    /// <param name="start">The level at the instant from which the history is kept.</param>
    /// <param name="soiling">How fast the level rises.</param>
    /// <param name="usage">How the car is used.</param>
    /// <param name="changes">What changed the level, in any order; changes before the start are left out.</param>
    /// <param name="rateStdDev">How uncertain the multiplier of <paramref name="soiling"/> is: the standard deviation of its logarithm; 0 when it is certain.</param>
    public CareHistory(
        CareState start,
        Soiling soiling,
        Usage usage,
        IEnumerable<CareChange> changes,
        double rateStdDev = 0
    )
    {
        Start = start;
        Soiling = soiling;
        Usage = usage;
        RateStdDev = rateStdDev;
        unlearnt = soiling with { Multiplier = 1 };
        this.changes = ChangeList.InOrder(changes.Where(change => change.At >= start.At));
    }

    /// <summary>The level at the beginning.</summary>
    public CareState Start { get; }

    /// <summary>How fast the level rises.</summary>
    public Soiling Soiling { get; }

    /// <summary>How the car is used.</summary>
    public Usage Usage { get; }

    /// <summary>The standard deviation of the logarithm of the multiplier.</summary>
    public double RateStdDev { get; }

    /// <summary>The level just after the last change up to an instant.</summary>
    /// <param name="until">Changes at or before this instant count.</param>
    public CareState StateAt(DateTimeOffset until) => WalkTo(until).StateWith(Soiling.Multiplier);

    /// <summary>When the level was last looked at; null when it never was.</summary>
    public DateTimeOffset? LookedAt => changes.OfType<Observed>().LastOrDefault()?.At;

    /// <summary>The history before anything has changed it.</summary>
    internal LevelWalk SetOut => LevelWalk.From(Start, unlearnt, Usage);

    /// <summary>The history followed to its end.</summary>
    private LevelWalk Walk => WalkTo(DateTimeOffset.MaxValue);

    /// <summary>What changed the level, oldest first, with the looks of one occasion made one.</summary>
    internal IReadOnlyList<CareChange> Changes => changes;

    /// <summary>The film on a pane at an instant.</summary>
    /// <param name="instant">At or after the start; earlier gives the film at the start.</param>
    public Film FilmAt(DateTimeOffset instant) =>
        TrailAt(instant).Until(instant, unlearnt, Usage).FilmWith(Soiling.Multiplier);

    /// <summary>The level at an instant.</summary>
    /// <param name="instant">At or after the start; earlier gives the level at the start.</param>
    public Level LevelAt(DateTimeOffset instant) => PointAt(instant).Level;

    /// <summary>The level at an instant with its band.</summary>
    /// <param name="instant">At or after the start; earlier gives the level at the start.</param>
    public LevelPoint PointAt(DateTimeOffset instant) =>
        Point(TrailAt(instant).Until(instant, unlearnt, Usage));

    /// <summary>The saw-tooth of the level between two instants: the corners in order, two at each change.</summary>
    public IReadOnlyList<LevelPoint> Trace(DateTimeOffset from, DateTimeOffset to)
    {
        DateTimeOffset begin = from > Start.At ? from : Start.At;
        LevelTrail trail = TrailAt(begin).Until(begin, unlearnt, Usage);
        var points = new List<LevelPoint> { Point(trail) };
        foreach (CareChange change in changes.Where(change => change.At > begin && change.At <= to))
        {
            trail = trail.Until(change.At, unlearnt, Usage);
            points.Add(Point(trail));
            trail = trail.After(change, Soiling.Multiplier, RateStdDev);
            points.Add(Point(trail));
        }

        points.Add(Point(trail.Until(to, unlearnt, Usage)));
        return points;
    }

    /// <summary>What a look just after all that has changed says about how fast the level rises.</summary>
    /// <param name="look">What was seen; not before the last change.</param>
    /// <remarks>It is weighed against what was expected with the multiplier of <see cref="Soiling"/>. A look that agrees says that it is right; one that comes too soon after a change is counted for next to nothing.</remarks>
    public RateEvidence EvidenceOf(Observed look) => Walk.EvidenceOf(look, Soiling.Multiplier, RateStdDev);

    /// <summary>What looks the evening after say about the cleanings they judge: what was left beside what the table leaves. A look that nothing was cleaned before says nothing.</summary>
    /// <remarks>To be asked of a history in which nothing has been learnt of cleanings yet.</remarks>
    public IReadOnlyList<ResidueEvidence> Residues() => Walk.Residues;

    private LevelTrail TrailAt(DateTimeOffset until) =>
        WalkTo(until).TrailWith(Soiling.Multiplier, RateStdDev);

    private LevelWalk WalkTo(DateTimeOffset until) =>
        changes
            .TakeWhile(change => change.At <= until)
            .Aggregate(SetOut, (walk, change) => walk.After(change));

    private LevelPoint Point(LevelTrail trail)
    {
        double level = trail.LevelWith(Soiling.Multiplier);
        double logStdDev = trail.StdDevWith(Soiling.Multiplier, RateStdDev);
        return new LevelPoint(
            trail.At,
            new Level(level),
            new Level(level * Math.Exp(-BandWidth * logStdDev)),
            new Level(level * Math.Exp(BandWidth * logStdDev)),
            logStdDev
        );
    }
}

/// <summary>A level at an instant, with the band in which it lies in nine cases of ten.</summary>
/// <param name="At">The instant.</param>
/// <param name="Level">The level.</param>
/// <param name="Low">The lower end of the band.</param>
/// <param name="High">The upper end of the band.</param>
/// <param name="LogStdDev">The standard deviation of the logarithm of the level.</param>
public readonly record struct LevelPoint(
    DateTimeOffset At,
    Level Level,
    Level Low,
    Level High,
    double LogStdDev
);
