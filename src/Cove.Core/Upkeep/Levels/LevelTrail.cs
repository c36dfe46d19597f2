using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>A level while its history is followed, kept apart into what is known and what depends on the learnt multiplier.</summary>
/// <remarks>The level is <c>Known + multiplier x Rise</c>. Keeping the two apart shows what a look says about the multiplier, whatever happened before it.</remarks>
/// <param name="At">The instant.</param>
/// <param name="Known">The part that does not depend on the multiplier: what was there at the start, what events added, what was last seen.</param>
/// <param name="Rise">What has risen since, for a multiplier of 1.</param>
/// <param name="Variance">Variance of the known part.</param>
/// <param name="KnownOily">The part of <paramref name="Known"/> that is oily film; 0 but on glass.</param>
/// <param name="RiseOily">The part of <paramref name="Rise"/> that is oily film; 0 but on glass.</param>
internal readonly record struct LevelTrail(
    DateTimeOffset At,
    double Known,
    double Rise,
    double Variance,
    double KnownOily,
    double RiseOily
)
{
    /// <summary>How far off a level that nobody looked at may be, as a share of it. Cove's own choice.</summary>
    private const double GuessStdDev = 0.5;

    /// <summary>Nothing is learnt from a look before the level has risen by this much.</summary>
    private const double LeastRise = 0.1;

    /// <summary>The standard deviation of the logarithm beyond which a look is still counted, but for next to nothing.</summary>
    private const double MostStdDev = 5;

    public static LevelTrail From(CareState start, Soiling unlearnt, Usage usage) =>
        new(
            start.At,
            start.Level.Value,
            0,
            Square(start.Level.Value * GuessStdDev),
            start.Level.Value * (start.Oily ?? unlearnt.OilyMix(usage.ConditionsAt(start.At))).Value,
            0
        );

    /// <summary>A level that has just come clean.</summary>
    public static LevelTrail Fresh(DateTimeOffset at) => new(at, 0, 0, 0, 0, 0);

    public double LevelWith(double multiplier) => Known + (multiplier * Rise);

    /// <summary>The film on a pane.</summary>
    public Film FilmWith(double multiplier) =>
        Film.Of(LevelWith(multiplier), KnownOily + (multiplier * RiseOily));

    /// <summary>The standard deviation of the logarithm of the level.</summary>
    /// <param name="multiplier">The learnt multiplier.</param>
    /// <param name="logStdDev">The standard deviation of its logarithm.</param>
    public double StdDevWith(double multiplier, double logStdDev)
    {
        double level = LevelWith(multiplier);
        return level > 0 ? Math.Sqrt(Variance + Square(multiplier * Rise * logStdDev)) / level : 0;
    }

    public LevelTrail Until(DateTimeOffset instant, Soiling unlearnt, Usage usage) =>
        instant <= At
            ? this
            : this with
            {
                At = instant,
                Rise = Rise + unlearnt.Rise(usage, At, instant),
                RiseOily = RiseOily + unlearnt.OilyRise(usage, At, instant),
            };

    public LevelTrail After(CareChange change) =>
        change switch
        {
            Cleaned { Film: { } film } => Wiped(film),
            Cleaned cleaned => Scaled(cleaned.Removed.Rest.Value),
            Jumped jumped => this with
            {
                Known = Known + jumped.Amount,
                Variance = Variance + Square(jumped.Amount * GuessStdDev),
                KnownOily = KnownOily + (jumped.Amount * jumped.Oily.Value),
            },
            Observed seen => new(
                At,
                seen.Level.Value,
                0,
                Square(seen.Level.Value * seen.LogStdDev),
                seen.Level.Value * FilmWith(1).OilyShare.Value,
                0
            ),
            _ => this,
        };

    /// <summary>What a look at this point says about the multiplier; null when too little has risen to say anything.</summary>
    public RateEvidence? EvidenceOf(Observed look)
    {
        if (Rise < LeastRise)
        {
            return null;
        }

        // A result at or below what is known to be there cannot be put down to the rate. It is kept, and damped:
        // the scatter of the test, carried over to the small difference, makes it weigh little.
        double risen = Math.Max(look.Level.Value - Known, 0.25 * Rise);
        double expected = Math.Max(risen, Rise);
        double logStdDev = Math.Sqrt(
            Square(look.LogStdDev * (Known + expected) / expected) + (Variance / Square(expected))
        );
        return new RateEvidence(look.At, Math.Log(risen / Rise), Math.Min(logStdDev, MostStdDev), look.Looks);
    }

    private LevelTrail Scaled(double left) =>
        this with
        {
            Known = Known * left,
            Rise = Rise * left,
            Variance = Variance * left * left,
            KnownOily = KnownOily * left,
            RiseOily = RiseOily * left,
        };

    /// <summary>A pane after a cleaning: light soil and oily film go in different shares.</summary>
    private LevelTrail Wiped(FilmCleaning film)
    {
        Film known = Film.Of(Known, KnownOily).After(film.Removal, film.Rounds).Times(film.Residue);
        Film rise = Film.Of(Rise, RiseOily).After(film.Removal, film.Rounds).Times(film.Residue);
        double left = Known > 0 ? known.Whole.Value / Known : 0;
        return this with
        {
            Known = known.Whole.Value,
            KnownOily = known.Oily.Value,
            Rise = rise.Whole.Value,
            RiseOily = rise.Oily.Value,
            Variance = Variance * left * left,
        };
    }

    private static double Square(double value) => value * value;
}

/// <summary>What one look says about how fast a level rises.</summary>
/// <param name="At">When it was looked at.</param>
/// <param name="LogRatio">Natural logarithm of the rate seen over the rate of the table.</param>
/// <param name="LogStdDev">Standard deviation of that logarithm; above 0.</param>
/// <param name="Looks">How many looks it sums up.</param>
public sealed record RateEvidence(DateTimeOffset At, double LogRatio, double LogStdDev, int Looks = 1);
