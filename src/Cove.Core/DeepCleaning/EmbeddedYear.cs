using Cove.Core.Cars;
using Cove.Core.Routine.Planning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.DeepCleaning;

/// <summary>What a plan does to the soil in one surface, day by day.</summary>
internal sealed class EmbeddedYear
{
    /// <summary>Whole weeks, so that a weekly slot goes on in its own step.</summary>
    private const int Round = 364;

    /// <summary>What is pressed in on each day of the plan, in a car as the table has it.</summary>
    private readonly double[] pressed;

    /// <summary>Whether it is foamed at the end of a day.</summary>
    private readonly bool[] foamed;

    public EmbeddedYear(EmbeddedSoil soil, CareLedger ledger, RoutinePlan plan, DateTimeOffset now, int days)
    {
        Soil = soil;
        Surface surface = soil.Surface;
        pressed = new double[days];
        foamed = new bool[days];
        Func<int, (double After, double NextBefore)> lying = LyingOn(surface, ledger, plan, now, days);
        Func<int, bool> coated = Coat(surface, ledger, plan, now);
        double kept = Embedding.ShieldOf(surface)?.Kept.Value ?? 1;
        for (int day = 0; day < days; day++)
        {
            var (after, before) = lying(day);
            pressed[day] = Embedding.Pressed(after, before, 1) * (coated(day) ? kept : 1);
        }

        if (Embedding.FoamOf(surface) is { } foam && Find(plan, foam) is { } planned)
        {
            foreach (int visit in planned.Course.Visits.Where(visit => visit < days))
            {
                foamed[visit] = true;
            }
        }
    }

    /// <summary>What is in it today.</summary>
    public EmbeddedSoil Soil { get; }

    /// <summary>The day on which it comes to its mark; null when that is beyond the reckoning.</summary>
    /// <param name="multiplier">How fast soil settles beside the table.</param>
    /// <param name="deviations">How far the present level is off, in ends of its band: 0 for as it stands.</param>
    public int? DueAt(double multiplier, int deviations)
    {
        int day = 0;
        foreach (double level in Path(multiplier, deviations))
        {
            if (level >= 1)
            {
                return day;
            }

            day++;
        }

        return null;
    }

    /// <summary>How far it has come on each day, from today to the end of the reckoning.</summary>
    public IEnumerable<double> Path(double multiplier, int deviations)
    {
        double level = deviations switch
        {
            < 0 => Soil.Low,
            > 0 => Soil.High,
            _ => Soil.Level,
        };
        double upper = level * Soil.Upper.Value;
        for (int day = 0; day <= DeepCleanForecast.MostDays; day++)
        {
            yield return level;
            int at = InPlan(day);
            if (foamed[at])
            {
                level -= upper * Embedding.TakenByFoam.Value;
                upper = 0;
            }

            double more = multiplier * pressed[at];
            level += more;
            upper += more;
        }
    }

    private int InPlan(int day)
    {
        int round = Math.Min(Round, pressed.Length);
        return day < pressed.Length ? day : pressed.Length - round + ((day - pressed.Length) % round);
    }

    /// <summary>What lies on it just after a day's work, and just before that of the next day.</summary>
    private static Func<int, (double, double)> LyingOn(
        Surface surface,
        CareLedger ledger,
        RoutinePlan plan,
        DateTimeOffset now,
        int days
    )
    {
        CareTask task = Embedding.LyingOn(surface)!;
        CareItem item = ledger.Items.First(item => item.Task.Id == task.Id);
        double own = Rise(surface);
        if (Find(plan, task) is not { } planned)
        {
            double level = ledger.StandingOf(new CareKey(task.Id, surface.Id), now)?.Value ?? 0;
            return day => (level + (own * day / days), level + (own * (day + 1) / days));
        }

        double most = item.Surfaces.Max(Rise);
        double beside = most > 0 ? own / most * ledger.MarkOf(task, now).Value : 0;
        return day => (planned.Course.After(day) * beside, planned.Course.Before(day + 1) * beside);

        double Rise(Surface one) => ledger.SoilingOf(item, one).Rise(ledger.Usage, now, now.AddDays(days));
    }

    /// <summary>Whether a coat keeps soil from settling on a day.</summary>
    private static Func<int, bool> Coat(
        Surface surface,
        CareLedger ledger,
        RoutinePlan plan,
        DateTimeOffset now
    )
    {
        if (Embedding.FoamOf(surface) is not { } foam || Embedding.ShieldOf(surface) is not { } shield)
        {
            return _ => false;
        }

        ShieldSpell? spell = ledger
            .Coats.SpellsOf(foam, surface.Id)
            .FirstOrDefault(spell => spell.Holds(now));
        PlannedTask? planned = plan.Tasks.FirstOrDefault(task => task.Item.Task.Id == shield.Coat);
        bool laysIt = planned?.Item.Surfaces.Any(one => one.Id == surface.Id) == true;
        return day =>
            (spell is not null && spell.Holds(now.AddDays(day)))
            || (laysIt && planned!.Course.Visits.Any(visit => visit <= day) && planned.Course.After(day) < 1);
    }

    private static PlannedTask? Find(RoutinePlan plan, CareTask task) =>
        plan.Tasks.FirstOrDefault(planned => planned.Item.Task.Id == task.Id);
}
