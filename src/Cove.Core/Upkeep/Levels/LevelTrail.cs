using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>A level while its history is followed, kept apart into what is known and what depends on the learnt multiplier.</summary>
/// <remarks>The level is <c>Known + multiplier x Rise</c>. Keeping the two apart shows what a look says about the multiplier, whatever happened before it. Up to the first look neither part depends on what has been learnt; from there on both do, since whether a look agrees depends on what was expected.</remarks>
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

    /// <summary>How doubtful a forecast is when a look is weighed against it: the standard deviation of its logarithm. Cove's own choice, and the same for every car, so that what is learnt later never moves a level that a look agreed with.</summary>
    private const double ForecastStdDev = 0.5;

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

    /// <summary>A level that nobody looked at, as it is guessed to be. None of it is oily film.</summary>
    public static LevelTrail Guessed(DateTimeOffset at, double level) =>
        new(at, level, 0, Square(level * GuessStdDev), 0, 0);

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

    /// <summary>The level after a change.</summary>
    /// <param name="change">What changed it, now.</param>
    /// <param name="multiplier">The learnt multiplier. Only a look asks for it.</param>
    /// <param name="logStdDev">The standard deviation of its logarithm.</param>
    public LevelTrail After(CareChange change, double multiplier, double logStdDev) =>
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
            Observed look => Seen(look, multiplier, logStdDev),
            _ => this,
        };

    /// <summary>What a look at this point says about the multiplier.</summary>
    /// <param name="look">What was seen, now.</param>
    /// <param name="multiplier">What was believed of it before; above 0.</param>
    /// <remarks>A look that agrees says that the multiplier is what it was believed to be. One before enough has risen says next to nothing, and is counted.</remarks>
    public RateEvidence EvidenceOf(Observed look, double multiplier)
    {
        double expected = LevelWith(multiplier);
        double nearest = look.Band.Nearest(expected);
        double rise = multiplier * Rise;
        if (Rise < LeastRise)
        {
            return new RateEvidence(look.At, Math.Log(multiplier), MostStdDev, look.Looks);
        }

        if (nearest == expected)
        {
            return Evidence(
                multiplier,
                Hypotenuse(look.DoubtWhenItAgrees * expected, Math.Sqrt(Variance)) / rise
            );
        }

        // A result at or below what is known to be there cannot be put down to the rate. It is kept, and damped:
        // the scatter of the test, carried over to the small difference, makes it weigh little.
        double risen = Math.Max(nearest - Known, 0.25 * rise);
        double most = Math.Max(risen, rise);
        return Evidence(
            risen / Rise,
            Hypotenuse(look.DoubtWhenItDiffers * (Known + most), Math.Sqrt(Variance)) / most
        );

        RateEvidence Evidence(double ratio, double stdDev) =>
            new(look.At, Math.Log(ratio), Math.Min(stdDev, MostStdDev), look.Looks);
    }

    /// <summary>The level after a look: as it was when the look agrees, otherwise between what was expected and the nearest level of the band.</summary>
    private LevelTrail Seen(Observed look, double multiplier, double logStdDev)
    {
        double expected = LevelWith(multiplier);
        double nearest = look.Band.Nearest(expected);
        double doubt = StdDevWith(multiplier, logStdDev);
        double level = expected;
        double left = Either(doubt, look.DoubtWhenItAgrees);
        if (nearest != expected)
        {
            // A forecast that is off by more than it was thought to be is as doubtful as it was off:
            // something happened that nobody told of.
            double off = expected > 0 ? Math.Abs(Math.Log(nearest / expected)) : double.PositiveInfinity;
            double trust = 1 / (1 + Square(look.DoubtWhenItDiffers / Math.Max(ForecastStdDev, off)));
            level = expected > 0 ? expected * Math.Exp(trust * Math.Log(nearest / expected)) : nearest;
            left = Either(Math.Max(doubt, off), look.DoubtWhenItDiffers);
        }

        return new LevelTrail(
            At,
            level,
            0,
            Square(level * left),
            level * FilmWith(multiplier).OilyShare.Value,
            0
        );
    }

    /// <summary>The level when only a part of it is left.</summary>
    public LevelTrail Scaled(double left) =>
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

    private static double Hypotenuse(double one, double other) => Math.Sqrt(Square(one) + Square(other));

    /// <summary>The standard deviation of what two independent sources say together.</summary>
    private static double Either(double one, double other) =>
        one > 0 && other > 0 ? 1 / Hypotenuse(1 / one, 1 / other) : 0;
}

/// <summary>What one look says about how fast a level rises.</summary>
/// <param name="At">When it was looked at.</param>
/// <param name="LogRatio">Natural logarithm of the rate seen over the rate of the table.</param>
/// <param name="LogStdDev">Standard deviation of that logarithm; above 0.</param>
/// <param name="Looks">How many looks it sums up.</param>
public sealed record RateEvidence(DateTimeOffset At, double LogRatio, double LogStdDev, int Looks = 1);
