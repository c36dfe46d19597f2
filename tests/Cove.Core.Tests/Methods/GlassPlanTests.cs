namespace Cove.Core.Tests.Methods;

public sealed class GlassPlanTests
{
    private static readonly GlassAdvisor Advisor = Panes.Advisor();

    private static readonly Gen<GlassAdvice[]> Cars = Panes
        .Any.Select(asked => Advisor.Advise(asked.Pane, GlassConditions.Fair))
        .ArrayOf()
        .Where(panes => panes.Length is > 0 and < 5);

    /// <summary>Tries every method for every pane, one combination after the other.</summary>
    private static TimeSpan Cheapest(GlassAdvice[] advices, int from, HashSet<string> kits)
    {
        if (from == advices.Length)
        {
            return kits.Count * GlassPlan.KitChange;
        }

        GlassAdvice pane = advices[from];
        TimeSpan least = TimeSpan.MaxValue;
        foreach (GlassOption option in pane.Options.Where(one => one.IsEnough || one == pane.Chosen))
        {
            bool fresh = kits.Add(option.Kit);
            TimeSpan takes = option.Takes + Cheapest(advices, from + 1, kits);
            least = takes < least ? takes : least;
            if (fresh)
            {
                kits.Remove(option.Kit);
            }
        }

        return least;
    }

    [Property(MaxTest = 60)]
    public Property The_plan_of_a_car_is_the_cheapest_of_all_ways_to_share_kits() =>
        Prop.ForAll(
            Cars.ToArbitrary(),
            advices =>
            {
                GlassAdvice[] able = [.. advices.Where(advice => advice.Chosen is not null)];
                GlassPlan plan = GlassPlan.Of(advices);
                return plan.Panes.Count == able.Length
                    && (able.Length == 0 || plan.Takes == Cheapest(able, 0, []));
            }
        );

    [Property(MaxTest = 40)]
    public Property Panes_of_one_kit_are_done_one_after_the_other() =>
        Prop.ForAll(
            Cars.ToArbitrary(),
            advices =>
            {
                string[] kits = [.. GlassPlan.Of(advices).Panes.Select(pane => pane.Option.Kit)];
                int changes = kits.Zip(kits.Skip(1)).Count(pair => pair.First != pair.Second);
                return changes == Math.Max(0, kits.Distinct().Count() - 1);
            }
        );

    // Common practice: two towels, one wet, one dry; eight faces each when folded to quarters.
    [Fact]
    public void A_windscreen_kept_up_takes_one_wet_and_one_dry_towel()
    {
        GlassPlan plan = GlassPlan.Of([
            Panes.Advisor().Advise(Panes.Windscreen(0.5, 0.3), GlassConditions.Fair),
        ]);

        Assert.Equal(1, plan.Towels[TowelRole.GlassWet]);
        Assert.Equal(1, plan.Towels[TowelRole.GlassDry]);
    }

    [Fact]
    public void Without_panes_there_is_nothing_to_plan()
    {
        GlassPlan plan = GlassPlan.Of([]);

        Assert.Empty(plan.Panes);
        Assert.Equal(TimeSpan.Zero, plan.Takes);
        Assert.Empty(plan.Towels);
    }
}
