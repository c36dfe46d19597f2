using System.Globalization;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>One cause that makes an interval longer or shorter than its baseline.</summary>
/// <param name="Cause">The cause in a few words.</param>
/// <param name="Adds">What it adds; negative when it shortens the interval.</param>
public sealed record DueEffect(string Cause, TimeSpan Adds);

/// <summary>Divides the difference between a baseline and an interval among its causes.</summary>
/// <remarks>Each cause is switched on in turn, in a fixed order, so the parts add up to the whole exactly. Another order would divide them a little otherwise.</remarks>
internal static class DueEffects
{
    private static readonly TimeSpan WorthSaying = TimeSpan.FromDays(0.005);

    public static IReadOnlyList<DueEffect> Of(Soiling soiling, Conditions here, Level mark)
    {
        var effects = new List<DueEffect>();
        var reached = soiling with { Exposure = Share.All, Multiplier = 1, Preventions = [], Shields = [] };
        CarUse use = CarUse.Reference;
        TimeSpan before = soiling.Baseline;

        reached = reached with { Exposure = soiling.Exposure };
        Step("Place in the car", Level.Everyday);
        foreach (var (cause, change) in Causes)
        {
            use = change(use, here.Use);
            Step(cause(here), Level.Everyday);
        }

        reached = reached with { Preventions = soiling.Preventions };
        use = here.Use;
        Step("Prevention in place", Level.Everyday);
        reached = reached with { Shields = soiling.Shields };
        Step("Coat on it", Level.Everyday);
        Step("How tidy is tidy enough here", mark);
        reached = soiling;
        Step("What checks say of this car", mark);
        return effects;

        void Step(string cause, Level upTo)
        {
            TimeSpan after = Due.IntervalTo(upTo, reached, here with { Use = use }) ?? Due.Longest;
            if ((after - before).Duration() > WorthSaying)
            {
                effects.Add(new DueEffect(cause, after - before));
            }

            before = after;
        }
    }

    private static readonly (Func<Conditions, string> Cause, Func<CarUse, CarUse, CarUse> Change)[] Causes =
    [
        (
            here =>
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"Distance, {here.Use.Distance.Kilometres:0} km a week"
                ),
            (use, to) => use with { Distance = to.Distance }
        ),
        (_ => "People in the car", (use, to) => use with { People = to.People }),
        (_ => "Children", (use, to) => use with { Children = to.Children }),
        (_ => "Eating in the car", (use, to) => use with { Eating = to.Eating }),
        (_ => "Pets", (use, to) => use with { Pets = to.Pets }),
        (_ => "Smoke", (use, to) => use with { Smoke = to.Smoke }),
        (_ => "Dust and pollen", (use, to) => use with { OpenWindows = to.OpenWindows }),
        (_ => "Grit and salt season", (use, to) => use with { GritMonths = to.GritMonths }),
        (_ => "Sun on the parked car", (use, to) => use with { ParkedInSun = to.ParkedInSun }),
        (_ => "Sun cream season", (use, to) => use with { SunCreamMonths = to.SunCreamMonths }),
        (_ => "Dusty work or hobby", (use, to) => use with { DustyWork = to.DustyWork }),
        (_ => "Colour of the cabin", (use, to) => use with { Colour = to.Colour }),
        (_ => "Haze from the dash", (use, to) => use with { Plastics = to.Plastics }),
        (_ => "Town air and heater", (use, to) => use with { TownDriving = to.TownDriving }),
    ];
}
