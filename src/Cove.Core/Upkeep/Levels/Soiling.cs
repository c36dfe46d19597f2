using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>How fast the level of one care task rises on one surface.</summary>
/// <remarks>
/// The rate is <c>multiplier x exposure / baseline x sum over drivers of (share x pace x what prevention lets through)</c>,
/// per day. It is additive in time, never falls when a driver runs faster, and reaches a level of 1 after exactly the
/// baseline at reference use with exposure and multiplier 1.
/// </remarks>
/// <param name="Baseline">The interval at reference use; longer than zero.</param>
/// <param name="Shares">How the soiling divides among the drivers.</param>
/// <param name="Exposure">Use of this surface beside the most used one that the task tends; above 0.</param>
/// <param name="Multiplier">What has been learnt of this car; 1 until something has. Above 0.</param>
public sealed record Soiling(TimeSpan Baseline, DriverShares Shares, Share Exposure, double Multiplier = 1)
{
    /// <summary>How far ahead a crossing is looked for. Later than that counts as never.</summary>
    public static readonly TimeSpan Horizon = TimeSpan.FromDays(3650);

    /// <summary>What can hold soil back from this task. A prevention works only while the use says that it is in place.</summary>
    public IReadOnlyList<PreventionEffect> Preventions { get; init; } = [];

    /// <summary>The coats that lie on the surface, lay there or will, each while it lasts. <see cref="Rise"/> and <see cref="WhenRisenBy"/> take them in; for a rate at one instant ask <see cref="AsAt"/>.</summary>
    public IReadOnlyList<ShieldSpell> Spells { get; init; } = [];

    /// <summary>The coats that hold for good.</summary>
    public IReadOnlyList<Shield> Shields { get; init; } = [];

    /// <summary>The same as if the coats of one instant held for good.</summary>
    public Soiling AsAt(DateTimeOffset instant) =>
        Spells.Count == 0
            ? this
            : this with
            {
                Spells = [],
                Shields = [.. Spells.Where(spell => spell.Holds(instant)).Select(spell => spell.Shield)],
            };

    /// <summary>Whether it is the inside of a pane, where part of what settles is oily film; see <see cref="FilmDrivers"/>.</summary>
    public bool OnGlass { get; init; }

    /// <summary>The rise of the level in a day.</summary>
    public double PerDay(Conditions conditions) => PerDay(conditions, _ => 1);

    /// <summary>The part of <see cref="PerDay(Conditions)"/> that is oily film; 0 but on glass.</summary>
    public double OilyPerDay(Conditions conditions) =>
        OnGlass ? PerDay(conditions, driver => FilmDrivers.OilyPartOf(driver).Value) : 0;

    private double PerDay(Conditions conditions, Func<Driver, double> part)
    {
        double sum = 0;
        foreach (Driver driver in Drivers)
        {
            sum +=
                Shares.Of(driver).Value
                * conditions.Pace(driver)
                * KeptOf(driver, conditions.Use.Preventions)
                * KeptByCoats(driver)
                * part(driver);
        }

        return Multiplier * Exposure.Value / Baseline.TotalDays * sum;
    }

    private static readonly Driver[] Drivers = Enum.GetValues<Driver>();

    /// <summary>The rise of the level over a span of time.</summary>
    /// <param name="usage">How the car is used.</param>
    /// <param name="from">The beginning.</param>
    /// <param name="to">The end; before the beginning counts as no rise.</param>
    public double Rise(Usage usage, DateTimeOffset from, DateTimeOffset to) =>
        Pieces(from, to)
            .Sum(piece =>
                usage
                    .Between(piece.From, piece.To)
                    .Sum(stretch => stretch.Days * piece.Soiling.PerDay(stretch.Conditions))
            );

    /// <summary>The part of <see cref="Rise"/> that is oily film; 0 but on glass.</summary>
    public double OilyRise(Usage usage, DateTimeOffset from, DateTimeOffset to) =>
        OnGlass
            ? Pieces(from, to)
                .Sum(piece =>
                    usage
                        .Between(piece.From, piece.To)
                        .Sum(stretch => stretch.Days * piece.Soiling.OilyPerDay(stretch.Conditions))
                )
            : 0;

    /// <summary>The share of what settles under some conditions that is oily film; none where nothing settles.</summary>
    public Share OilyMix(Conditions conditions) =>
        PerDay(conditions) is > 0 and var all
            ? new Share(Math.Min(1, OilyPerDay(conditions) / all))
            : Share.None;

    /// <summary>When the level will have risen by an amount.</summary>
    /// <param name="usage">How the car is used.</param>
    /// <param name="from">The instant to count from.</param>
    /// <param name="amount">How much it has to rise; 0 or less is reached at once.</param>
    /// <returns>The instant, or null when it lies beyond <see cref="Horizon"/>.</returns>
    public DateTimeOffset? WhenRisenBy(Usage usage, DateTimeOffset from, double amount)
    {
        if (amount <= 0)
        {
            return from;
        }

        double left = amount;
        foreach (var (begin, end, soiling) in Pieces(from, from + Horizon))
        {
            foreach (UsageStretch stretch in usage.Between(begin, end))
            {
                double perDay = soiling.PerDay(stretch.Conditions);
                double rise = stretch.Days * perDay;
                if (rise >= left)
                {
                    return stretch.From + TimeSpan.FromDays(left / perDay);
                }

                left -= rise;
            }
        }

        return null;
    }

    /// <summary>A span of time, cut where a coat begins or ends.</summary>
    private IEnumerable<(DateTimeOffset From, DateTimeOffset To, Soiling Soiling)> Pieces(
        DateTimeOffset from,
        DateTimeOffset to
    )
    {
        DateTimeOffset begin = from;
        foreach (
            DateTimeOffset cut in Spells
                .SelectMany(spell => new[] { spell.From, spell.Until })
                .Where(cut => cut > from && cut < to)
                .Distinct()
                .Order()
        )
        {
            yield return (begin, cut, AsAt(begin));
            begin = cut;
        }

        yield return (begin, to, AsAt(begin));
    }

    private double KeptByCoats(Driver driver)
    {
        double kept = 1;
        foreach (Shield shield in Shields)
        {
            kept *= shield.HoldsBack(driver) ? shield.Kept.Value : 1;
        }

        return kept;
    }

    private double KeptOf(Driver driver, Preventions inPlace)
    {
        double kept = 1;
        if (inPlace != Use.Preventions.None)
        {
            foreach (PreventionEffect effect in Preventions)
            {
                if (inPlace.HasFlag(effect.Prevention) && effect.Drivers.Contains(driver))
                {
                    kept *= effect.Kept.Value;
                }
            }
        }

        return kept;
    }
}
