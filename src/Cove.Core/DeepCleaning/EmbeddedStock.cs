using Cove.Core.Learning;
using Cove.Core.Log;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.DeepCleaning;

/// <summary>What has settled in one surface, while a log is followed. What it is told must come in order.</summary>
internal sealed class EmbeddedStock
{
    private readonly IReadOnlyList<Spell> spells;
    private int next;
    private LevelTrail trail;

    /// <summary>The part of it that came in since the last foam.</summary>
    private double upper = 1;

    public EmbeddedStock(Surface surface, CareHistory lying, CoatBook coats, DateTimeOffset until)
    {
        Surface = surface;
        double start = lying.Start.Level.Value * Embedding.InAtStart;
        trail = LevelTrail.Guessed(lying.Start.At, start);
        spells =
            until > lying.Start.At
                ? [.. Spells(lying, ShieldsOn(surface, coats), lying.Start.At, until)]
                : [];
    }

    public Surface Surface { get; }

    /// <summary>How it stands at an instant.</summary>
    public EmbeddedSoil At(DateTimeOffset instant, RateBelief pressing)
    {
        Follow(instant, pressing);
        return new EmbeddedSoil(
            Surface,
            trail.LevelWith(pressing.Median),
            new Share(upper),
            trail.StdDevWith(pressing.Median, pressing.LogStdDev)
        );
    }

    /// <summary>It was foamed: a part of what came in since the last time is out, the rest is out of reach.</summary>
    public void Foam(DateTimeOffset at, Share removed, RateBelief pressing)
    {
        if (at < trail.At)
        {
            return;
        }

        Follow(at, pressing);
        trail = trail.Scaled(1 - (Embedding.TakenByFoam.Value * removed.Value * upper));
        upper = 0;
    }

    /// <summary>It was extracted.</summary>
    public void Extract(DateTimeOffset at)
    {
        if (at >= trail.At)
        {
            Follow(at, new RateBelief(0, 0, 0));
            trail = LevelTrail.Fresh(at);
            upper = 1;
        }
    }

    /// <summary>Somebody looked.</summary>
    /// <returns>What that says of how fast soil settles.</returns>
    public RateEvidence Look(Observed look, RateBelief pressing)
    {
        Follow(look.At, pressing);
        RateEvidence evidence = trail.EvidenceOf(look, pressing.Median);
        trail = trail.After(look, pressing.Median, pressing.LogStdDev);
        return evidence;
    }

    private void Follow(DateTimeOffset instant, RateBelief pressing)
    {
        if (instant <= trail.At)
        {
            return;
        }

        double before = trail.LevelWith(pressing.Median);
        double rise = 0;
        while (next < spells.Count && spells[next].From < instant)
        {
            Spell spell = spells[next];
            rise += spell.PressedBetween(trail.At, instant);
            if (spell.To > instant)
            {
                break;
            }

            next++;
        }

        trail = trail with { At = instant, Rise = trail.Rise + rise };
        double after = trail.LevelWith(pressing.Median);
        upper = after > 0 ? Math.Clamp(1 - ((1 - upper) * before / after), 0, 1) : 1;
    }

    private static IReadOnlyList<ShieldSpell> ShieldsOn(Surface surface, CoatBook coats) =>
        Embedding.FoamOf(surface) is { } foam ? coats.SpellsOf(foam, surface.Id) : [];

    /// <summary>The level lying above, cut into spells in which it goes straight and the coat stays.</summary>
    private static IEnumerable<Spell> Spells(
        CareHistory lying,
        IReadOnlyList<ShieldSpell> shields,
        DateTimeOffset start,
        DateTimeOffset until
    )
    {
        IReadOnlyList<LevelPoint> corners = lying.Trace(start, until);
        foreach (var (from, to) in corners.Zip(corners.Skip(1)))
        {
            double level = from.Level.Value;
            foreach (UsageStretch stretch in lying.Usage.Between(from.At, to.At))
            {
                DateTimeOffset end = stretch.From.AddDays(stretch.Days);
                double risen = level + lying.Soiling.Rise(lying.Usage, stretch.From, end);
                foreach (Spell spell in Cut(new Spell(stretch.From, end, level, risen, 1), shields))
                {
                    yield return spell;
                }

                level = risen;
            }
        }
    }

    private static IEnumerable<Spell> Cut(Spell spell, IReadOnlyList<ShieldSpell> shields)
    {
        DateTimeOffset begin = spell.From;
        foreach (
            DateTimeOffset cut in shields
                .SelectMany(shield => new[] { shield.From, shield.Until })
                .Where(cut => cut > spell.From && cut < spell.To)
                .Append(spell.To)
                .Distinct()
                .Order()
        )
        {
            double kept = shields
                .Where(shield => shield.Holds(begin))
                .Aggregate(1.0, (product, shield) => product * shield.Shield.Kept.Value);
            yield return new Spell(begin, cut, spell.LevelAt(begin), spell.LevelAt(cut), kept);
            begin = cut;
        }
    }

    private readonly record struct Spell(
        DateTimeOffset From,
        DateTimeOffset To,
        double Before,
        double After,
        double Kept
    )
    {
        public double LevelAt(DateTimeOffset instant) =>
            To > From ? Before + ((After - Before) * ((instant - From) / (To - From))) : Before;

        /// <summary>What is pressed in within a span of time.</summary>
        public double PressedBetween(DateTimeOffset from, DateTimeOffset to)
        {
            DateTimeOffset begin = from > From ? from : From;
            DateTimeOffset end = to < To ? to : To;
            return end > begin
                ? Kept * Embedding.Pressed(LevelAt(begin), LevelAt(end), (end - begin).TotalDays)
                : 0;
        }
    }
}
