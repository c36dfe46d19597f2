using System.Collections.Immutable;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>How far the history of a level has been followed: where the level stands, and what its checks have said of cleanings on the way.</summary>
/// <remarks>A walk does not depend on what has been learnt, so one walk serves both to learn and, with what was learnt, to tell the level; see <see cref="LevelTrail"/>. Since looks are weighed against what was expected, it keeps what has happened from the first look on.</remarks>
internal sealed class LevelWalk
{
    /// <summary>When cleanings have left less than this of what a look saw, the look tells no more.</summary>
    private const double Forgotten = 1e-8;

    private readonly Soiling unlearnt;
    private readonly Usage usage;

    /// <summary>Where the level stands when no look counts: it depends on nothing that is learnt.</summary>
    private readonly LevelTrail bare;

    /// <summary>Where it stands when looks count and nothing has been learnt.</summary>
    private readonly LevelTrail plain;

    /// <summary>The first look that still tells, and all that came after it.</summary>
    private readonly ImmutableList<Step> since;

    /// <summary>The cleaning that a look the evening after would judge, and what it left.</summary>
    private readonly (FilmCleaning Cleaning, double Left)? judged;

    private LevelWalk(
        Soiling unlearnt,
        Usage usage,
        LevelTrail bare,
        LevelTrail plain,
        ImmutableList<Step> since,
        (FilmCleaning Cleaning, double Left)? judged,
        ImmutableList<ResidueEvidence> residues
    )
    {
        this.unlearnt = unlearnt;
        this.usage = usage;
        this.bare = bare;
        this.plain = plain;
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
    public static LevelWalk From(CareState start, Soiling unlearnt, Usage usage)
    {
        var trail = LevelTrail.From(start, unlearnt, usage);
        return new LevelWalk(unlearnt, usage, trail, trail, [], null, []);
    }

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
    public LevelTrail TrailWith(double multiplier, double logStdDev)
    {
        if (since.Count == 0)
        {
            return bare;
        }

        LevelTrail trail = since[0].Before;
        foreach (Step step in since)
        {
            trail = Moved(trail, step.Change.At).After(step.Change, multiplier, logStdDev);
        }

        return trail;
    }

    /// <summary>What a look that comes next would say of how fast the level rises.</summary>
    /// <param name="look">What was seen.</param>
    /// <param name="multiplier">What was believed before; above 0.</param>
    /// <param name="logStdDev">The standard deviation of its logarithm.</param>
    public RateEvidence EvidenceOf(Observed look, double multiplier, double logStdDev) =>
        Moved(TrailWith(multiplier, logStdDev), look.At).EvidenceOf(look, multiplier);

    /// <summary>The same walk on a surface that is coated from now on, or no longer.</summary>
    /// <param name="spells">The coats on it; those up to the last change as they were.</param>
    public LevelWalk Coated(IReadOnlyList<ShieldSpell> spells) =>
        new(unlearnt with { Spells = spells }, usage, bare, plain, since, judged, Residues);

    /// <summary>Goes on to the next change, which must not lie before the last one.</summary>
    public LevelWalk After(CareChange change)
    {
        if (change is Cleaned { Film: null } cleaned && cleaned.Removed == Share.All)
        {
            // What came clean begins anew, however it stood before.
            var fresh = LevelTrail.Fresh(change.At);
            return new LevelWalk(unlearnt, usage, fresh, fresh, [], null, Residues);
        }

        bool looked = since.Count > 0 || change is Observed;
        LevelTrail before = Moved(bare, change.At);
        LevelTrail seen = looked ? Moved(plain, change.At) : before;
        LevelTrail after = change is Observed ? before : before.After(change, 1, 0);
        ImmutableList<Step> steps = looked
            ? WithoutForgotten(since.Add(new Step(change, before, LeftBy(change))))
            : since;
        var next = new LevelWalk(
            unlearnt,
            usage,
            after,
            steps.Count > 0 ? seen.After(change, 1, 0) : after,
            steps,
            judged,
            Residues
        );
        return change switch
        {
            Cleaned { Film: { } film } => next.Judged((film, next.plain.LevelWith(1))),
            Cleaned => next.Judged(null),
            Observed look when look.JudgesCleaning && judged is { Left: > 0 } cleaning => next.Judging(
                ResidueEvidence.Of(cleaning.Cleaning, cleaning.Left, seen.LevelWith(1) - cleaning.Left, look)
            ),
            _ => next,
        };
    }

    private LevelTrail Moved(LevelTrail trail, DateTimeOffset to) => trail.Until(to, unlearnt, usage);

    /// <summary>How much of what was there before a change is there after it, at most.</summary>
    private static double LeftBy(CareChange change) =>
        change switch
        {
            Cleaned { Film: { } film } => film.Residue
                * Math.Pow(
                    Math.Max(film.Removal.Light.Rest.Value, film.Removal.Oily.Rest.Value),
                    film.Rounds
                ),
            Cleaned cleaned => cleaned.Removed.Rest.Value,
            _ => 1,
        };

    /// <summary>The steps from the first look on of which anything is left.</summary>
    private static ImmutableList<Step> WithoutForgotten(ImmutableList<Step> steps)
    {
        double left = 1;
        for (int at = steps.Count - 1; at >= 0; at--)
        {
            left *= steps[at].Left;
            if (left < Forgotten)
            {
                int first = at + 1;
                while (first < steps.Count && steps[first].Change is not Observed)
                {
                    first++;
                }

                return steps.RemoveRange(0, first);
            }
        }

        return steps;
    }

    private LevelWalk Judged((FilmCleaning Cleaning, double Left)? cleaning) =>
        new(unlearnt, usage, bare, plain, since, cleaning, Residues);

    private LevelWalk Judging(ResidueEvidence evidence) =>
        new(unlearnt, usage, bare, plain, since, null, Residues.Add(evidence));

    /// <summary>A change, with where the level stood before it when no look counts.</summary>
    /// <param name="Change">The change.</param>
    /// <param name="Before">The trail just before it.</param>
    /// <param name="Left">How much of what was there before is there after it, at most.</param>
    private sealed record Step(CareChange Change, LevelTrail Before, double Left);
}
