using System.Collections.Immutable;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>How far the history of a level has been followed: where the level stands, and what its checks have said on the way.</summary>
/// <remarks>Nothing here depends on what has been learnt, so one walk serves both to learn and, with what was learnt, to tell the level; see <see cref="LevelTrail"/>.</remarks>
internal sealed class LevelWalk
{
    private readonly Soiling unlearnt;
    private readonly Usage usage;

    /// <summary>The cleaning that a look the evening after would judge, and what it left.</summary>
    private readonly (FilmCleaning Cleaning, double Left)? judged;

    private LevelWalk(
        Soiling unlearnt,
        Usage usage,
        LevelTrail trail,
        (FilmCleaning Cleaning, double Left)? judged,
        ImmutableList<RateEvidence> evidence,
        ImmutableList<ResidueEvidence> residues
    )
    {
        this.unlearnt = unlearnt;
        this.usage = usage;
        this.judged = judged;
        Trail = trail;
        Evidence = evidence;
        Residues = residues;
    }

    /// <summary>Where the level stands just after the last change.</summary>
    public LevelTrail Trail { get; }

    /// <summary>What the looks said of how fast the level rises; those that came too soon after a change to say anything are left out.</summary>
    public ImmutableList<RateEvidence> Evidence { get; }

    /// <summary>What looks the evening after said of the cleanings they judge. A look that nothing was cleaned before says nothing.</summary>
    public ImmutableList<ResidueEvidence> Residues { get; }

    /// <summary>Sets out.</summary>
    /// <param name="start">Where the level stood.</param>
    /// <param name="unlearnt">How fast it rises, for a multiplier of 1.</param>
    /// <param name="usage">How the car is used.</param>
    public static LevelWalk From(CareState start, Soiling unlearnt, Usage usage) =>
        new(unlearnt, usage, LevelTrail.From(start, unlearnt, usage), null, [], []);

    /// <summary>The level just after the last change, with what has been learnt.</summary>
    /// <param name="multiplier">How many times as fast as the table it rises; above 0.</param>
    public CareState StateWith(double multiplier) =>
        new(
            Trail.At,
            new Level(Trail.LevelWith(multiplier)),
            unlearnt.OnGlass ? Trail.FilmWith(multiplier).OilyShare : null
        );

    /// <summary>Goes on to the next change, which must not lie before the last one.</summary>
    public LevelWalk After(CareChange change)
    {
        if (change is Cleaned { Film: null } cleaned && cleaned.Removed == Share.All)
        {
            // What came clean begins anew, however it stood before.
            return With(LevelTrail.Fresh(change.At), null);
        }

        LevelTrail before = Trail.Until(change.At, unlearnt, usage);
        LevelTrail after = before.After(change);
        return change switch
        {
            Cleaned { Film: { } film } => With(after, (film, after.LevelWith(1))),
            Cleaned => With(after, null),
            Observed look => Seen(look, before, after),
            _ => With(after, judged),
        };
    }

    private LevelWalk Seen(Observed look, LevelTrail before, LevelTrail after)
    {
        bool judges = look.JudgesCleaning && judged is { Left: > 0 };
        return new LevelWalk(
            unlearnt,
            usage,
            after,
            judges ? null : judged,
            before.EvidenceOf(look) is { } rate ? Evidence.Add(rate) : Evidence,
            judges ? Residues.Add(Judgement(look, before, judged!.Value)) : Residues
        );
    }

    private static ResidueEvidence Judgement(
        Observed look,
        LevelTrail before,
        (FilmCleaning Cleaning, double Left) judged
    ) => ResidueEvidence.Of(judged.Cleaning.MethodId, judged.Left, before.LevelWith(1) - judged.Left, look);

    private LevelWalk With(LevelTrail trail, (FilmCleaning Cleaning, double Left)? left) =>
        new(unlearnt, usage, trail, left, Evidence, Residues);
}
