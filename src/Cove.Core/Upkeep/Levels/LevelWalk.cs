using System.Collections.Immutable;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>How far the history of a level has been followed: where the level stands, and what its checks have said of cleanings on the way.</summary>
/// <remarks>A walk does not depend on what has been learnt, so one walk serves both to learn and, with what was learnt, to tell the level; see <see cref="LevelTrail"/>. Since looks are weighed against what was expected, it keeps what has happened from the first look on.</remarks>
internal sealed class LevelWalk
{
    private readonly Soiling unlearnt;
    private readonly Usage usage;

    /// <summary>Where the level stood before the first look that still tells on it.</summary>
    private readonly LevelTrail settled;

    /// <summary>That look and all that came after it.</summary>
    private readonly ImmutableList<CareChange> since;

    /// <summary>The cleaning that a look the evening after would judge, and what it left.</summary>
    private readonly (FilmCleaning Cleaning, double Left)? judged;

    private LevelWalk(
        Soiling unlearnt,
        Usage usage,
        LevelTrail settled,
        ImmutableList<CareChange> since,
        (FilmCleaning Cleaning, double Left)? judged,
        ImmutableList<ResidueEvidence> residues
    )
    {
        this.unlearnt = unlearnt;
        this.usage = usage;
        this.settled = settled;
        this.since = since;
        this.judged = judged;
        Residues = residues;
    }

    /// <summary>What looks the evening after said of the cleanings they judge. A look that nothing was cleaned before says nothing.</summary>
    public ImmutableList<ResidueEvidence> Residues { get; }

    /// <summary>Sets out.</summary>
    /// <param name="start">Where the level stood.</param>
    /// <param name="unlearnt">How fast it rises, for a multiplier of 1.</param>
    /// <param name="usage">How the car is used.</param>
    public static LevelWalk From(CareState start, Soiling unlearnt, Usage usage) =>
        new(unlearnt, usage, LevelTrail.From(start, unlearnt, usage), [], null, []);

    /// <summary>The level just after the last change, with what has been learnt.</summary>
    /// <param name="multiplier">How many times as fast as the table it rises; above 0.</param>
    public CareState StateWith(double multiplier)
    {
        LevelTrail trail = TrailWith(multiplier, 0);
        return new CareState(
            trail.At,
            new Level(trail.LevelWith(multiplier)),
            unlearnt.OnGlass ? trail.FilmWith(multiplier).OilyShare : null
        );
    }

    /// <summary>Where the level stands just after the last change.</summary>
    /// <param name="multiplier">How many times as fast as the table it rises; above 0.</param>
    /// <param name="logStdDev">The standard deviation of its logarithm; tells on the variance only.</param>
    public LevelTrail TrailWith(double multiplier, double logStdDev) =>
        since.Aggregate(
            settled,
            (trail, change) => trail.Until(change.At, unlearnt, usage).After(change, multiplier, logStdDev)
        );

    /// <summary>What a look that comes next would say of how fast the level rises.</summary>
    /// <param name="look">What was seen.</param>
    /// <param name="multiplier">What was believed before; above 0.</param>
    /// <param name="logStdDev">The standard deviation of its logarithm.</param>
    public RateEvidence EvidenceOf(Observed look, double multiplier, double logStdDev) =>
        TrailWith(multiplier, logStdDev).Until(look.At, unlearnt, usage).EvidenceOf(look, multiplier);

    /// <summary>Goes on to the next change, which must not lie before the last one.</summary>
    public LevelWalk After(CareChange change)
    {
        if (change is Cleaned { Film: null } cleaned && cleaned.Removed == Share.All)
        {
            // What came clean begins anew, however it stood before.
            return new LevelWalk(unlearnt, usage, LevelTrail.Fresh(change.At), [], null, Residues);
        }

        LevelWalk next =
            since.Count > 0 || change is Observed
                ? With(settled, since.Add(change), judged)
                : With(settled.Until(change.At, unlearnt, usage).After(change, 1, 0), since, judged);
        return change switch
        {
            Cleaned { Film: { } film } => next.With(next.settled, next.since, (film, next.LevelUnlearnt)),
            Cleaned => next.With(next.settled, next.since, null),
            Observed look when look.JudgesCleaning && judged is { Left: > 0 } before => next.Judging(
                ResidueEvidence.Of(
                    before.Cleaning,
                    before.Left,
                    TrailWith(1, 0).Until(look.At, unlearnt, usage).LevelWith(1) - before.Left,
                    look
                )
            ),
            _ => next,
        };
    }

    private double LevelUnlearnt => TrailWith(1, 0).LevelWith(1);

    private LevelWalk Judging(ResidueEvidence evidence) =>
        new(unlearnt, usage, settled, since, null, Residues.Add(evidence));

    private LevelWalk With(
        LevelTrail trail,
        ImmutableList<CareChange> changes,
        (FilmCleaning Cleaning, double Left)? cleaning
    ) => new(unlearnt, usage, trail, changes, cleaning, Residues);
}
