namespace Cove.Core.Tests.Methods;

public sealed class GlassAdvisorTests
{
    /// <summary>Written down apart from the advisor: what a method must not meet, whatever is on the shelf.</summary>
    private static bool MayTouch(GlassMethod glass, Pane pane, GlassConditions conditions, WaysOfWorking ways)
    {
        bool harsh = glass == GlassMethods.ThreeSteps || glass == GlassMethods.Steam;
        bool dries =
            (conditions.InSun || conditions.Touch == GlassTouch.Hot) && glass != GlassMethods.Chamois;
        bool cold = glass == GlassMethods.Steam && conditions.Touch == GlassTouch.Cold;
        bool steam = glass == GlassMethods.Steam && ways.Steam == SteamSchool.Avoid;
        bool water =
            ways.GlassLiquid == GlassLiquid.WaterOnly
            && (
                glass == GlassMethods.TwoTowels
                || glass == GlassMethods.SoapWaterWay
                || glass == GlassMethods.ThreeSteps
                || glass == GlassMethods.Zones
            );
        bool cleaner =
            ways.GlassLiquid == GlassLiquid.Cleaner
            && (
                glass == GlassMethods.Chamois
                || glass == GlassMethods.Steam
                || glass == GlassMethods.ZonesWithWater
            )
            && !(conditions.InSun || conditions.Touch == GlassTouch.Hot);
        // A cleaner on film has to be known as safe there, and nothing is on record.
        bool unknown = pane.Tinted && glass == GlassMethods.TwoTowels;
        return !(harsh && (pane.Tinted || pane.HasLines || pane.IsPlastic))
            && !dries
            && !cold
            && !steam
            && !water
            && !cleaner
            && !unknown;
    }

    // Seen: water by zones took off as much oily film as cleaner did. Common practice: liquid and hand together remove soil.
    [Fact]
    public void Water_takes_little_oil_and_a_stronger_liquid_never_removes_less_by_the_same_motion()
    {
        Removal soap = GlassMethods.SoapWaterWay.Method.Removal;
        Removal cleaner = GlassMethods.TwoTowels.Method.Removal;
        Removal twiceCleaner = GlassMethods.Zones.Method.Removal;
        Removal twiceWater = GlassMethods.ZonesWithWater.Method.Removal;
        Removal alcohol = GlassMethods.ThreeSteps.Method.Removal;

        Assert.True(twiceWater.Oily.Value < 0.5);
        Assert.True(
            Removes(soap, cleaner) && Removes(cleaner, twiceCleaner) && Removes(twiceCleaner, alcohol)
        );
        Assert.True(Removes(twiceWater, twiceCleaner));

        static bool Removes(Removal less, Removal more) =>
            less.Light.Value <= more.Light.Value && less.Oily.Value <= more.Oily.Value;
    }

    // Common practice: the edges first, whatever the method.
    [Fact]
    public void Every_method_does_the_edges_before_the_middle() =>
        Assert.All(
            GlassMethods.All,
            glass =>
            {
                MethodStep[] steps = [.. glass.Method.Steps];
                int edges = Array.FindIndex(steps, step => step.Stroke == Stroke.Box);
                int middle = Array.FindIndex(
                    steps,
                    step =>
                        step.Stroke is Stroke.Across or Stroke.CrissCross
                        || step.Uses?.Role == ProductRole.Degreaser
                );
                Assert.InRange(edges, 0, middle - 1);
            }
        );

    // Seen: double pass and two towels were counted as two kits, though they share cleaner and towels.
    [Fact]
    public void Two_methods_with_one_liquid_are_one_kit()
    {
        GlassAdvice light = Panes.Advisor().Advise(Panes.Side(0.6, 0.05), GlassConditions.Fair);
        GlassOption towels = light.Options.First(option => option.Glass == GlassMethods.TwoTowels);
        GlassOption zones = light.Options.First(option => option.Glass == GlassMethods.Zones);

        Assert.Equal(towels.Kit, zones.Kit);
    }

    // At least forty panes and conditions, each against every method and number of rounds there is.
    [Property(MaxTest = 400)]
    public Property The_choice_is_the_cheapest_that_gets_there_of_all_methods_and_rounds() =>
        Prop.ForAll(
            Panes.Any.ToArbitrary(),
            Panes.Ways.ToArbitrary(),
            (asked, ways) =>
            {
                (Pane pane, GlassConditions conditions) = asked;
                GlassAdvice advice = Panes.Advisor(ways).Advise(pane, conditions);
                double cheapest = double.PositiveInfinity;
                foreach (GlassMethod glass in GlassMethods.All)
                {
                    double light = pane.Film.Light.Value;
                    double oily = pane.Film.Oily.Value;
                    for (int rounds = 1; rounds <= glass.MostRounds; rounds++)
                    {
                        light *= 1 - glass.Method.Removal.Light.Value;
                        oily *= 1 - glass.Method.Removal.Oily.Value;
                        if (Math.Abs(light + oily - 0.2) < 1e-9)
                        {
                            // Just on the line rounding decides, and either answer is right.
                            return true;
                        }

                        double minutes =
                            glass.SetUp.TotalMinutes
                            + (
                                pane.Reach(reachTool: true)
                                * pane.Surface.Area.SquareMetres
                                * glass.PerSquareMetre.TotalMinutes
                                * rounds
                            );
                        if (
                            MayTouch(glass, pane, conditions, ways)
                            && light + oily <= 0.2
                            && minutes < cheapest
                        )
                        {
                            cheapest = minutes;
                        }
                    }
                }

                return double.IsPositiveInfinity(cheapest)
                    ? advice.Chosen is null or { Enough: null }
                    : advice.Chosen is { IsEnough: true } chosen
                        && Math.Abs(chosen.Takes.TotalMinutes - cheapest) < 1e-6;
            }
        );

    [Property]
    public Property More_oily_film_never_takes_fewer_rounds_of_any_method_nor_less_time_in_all() =>
        Prop.ForAll(
            Panes.Any.ToArbitrary(),
            Gen.Choose(0, 150).ToArbitrary(),
            (asked, more) =>
            {
                (Pane pane, GlassConditions conditions) = asked;
                Pane oilier = pane with
                {
                    Film = pane.Film with { Oily = pane.Film.Oily.Plus(more / 100.0) },
                };
                GlassAdvice before = Panes.Advisor().Advise(pane, conditions);
                GlassAdvice after = Panes.Advisor().Advise(oilier, conditions);
                bool rounds = before
                    .Options.Zip(after.Options)
                    .All(pair => (pair.First.Enough ?? int.MaxValue) <= (pair.Second.Enough ?? int.MaxValue));
                bool minutes =
                    after.Chosen is not { IsEnough: true } then
                    || before.Chosen is { IsEnough: true } now && now.Takes <= then.Takes;
                return rounds && minutes;
            }
        );

    [Property(MaxTest = 300)]
    public Property Nothing_that_harms_tint_film_ever_reaches_it_whatever_the_school_and_whatever_was_recorded() =>
        Prop.ForAll(
            Panes.Any.ToArbitrary(),
            Panes.Ways.ToArbitrary(),
            Gen.Elements(Enum.GetValues<ProductClass>()).ToArbitrary(),
            (asked, ways, tested) =>
            {
                Pane pane = asked.Pane with
                {
                    Surface = asked.Pane.Surface with
                    {
                        Facts = asked.Pane.Surface.Facts | SurfaceFacts.TintFilm,
                    },
                };
                var records = new ShelfRecords(
                    [new SpotTest(["pane"], Panes.Id(tested), Strength.Neat, true, DateTimeOffset.UnixEpoch)],
                    []
                );
                GlassAdvice advice = Panes.Advisor(ways, records).Advise(pane, asked.Conditions);
                return advice
                    .Options.Where(option => option.Gate is null)
                    .SelectMany(option => option.Picks)
                    .All(pick =>
                        pick.Product.Make.Chemistry.At(pick.Strength) is var used
                        && !used.Ammonia
                        && !used.Acid
                        && !used.Abrasive
                        && used.AlcoholPercent == 0
                        && pick.Way.Tool is not (Tool.Scraper or Tool.MelamineSponge)
                    );
            }
        );

    // Common practice: the side panes of a car kept up take two towels and about a minute each.
    [Fact]
    public void Light_soil_on_side_glass_takes_two_towels_and_about_a_minute()
    {
        GlassAdvice advice = Panes.Advisor().Advise(Panes.Side(0.6, 0.2), GlassConditions.Fair);

        Assert.Equal(GlassMethods.TwoTowels, advice.Chosen!.Glass);
        Assert.Equal(1, advice.Chosen.Rounds);
        Assert.InRange(advice.Chosen.Takes.TotalMinutes, 0.5, 1.3);
    }

    // Common practice: fatty film wants a second pass by zones, heavy film and smoke a degreaser.
    [Theory]
    [InlineData(0.4, 0.8, "glass-zones")]
    [InlineData(0.5, 1.1, "glass-zones")]
    [InlineData(0.3, 1.6, "glass-three-steps")]
    [InlineData(0.5, 2.2, "glass-three-steps")]
    public void An_oily_windscreen_takes_two_passes_by_zones_or_three_steps(
        double light,
        double oily,
        string method
    ) =>
        Assert.Equal(
            method,
            Panes
                .Advisor()
                .Advise(Panes.Windscreen(light, oily), GlassConditions.Fair)
                .Chosen!.Glass.Method.Id
        );

    // Common practice: in strong sun water and chamois, or wait.
    [Fact]
    public void In_strong_sun_light_soil_takes_chamois_and_film_waits_for_shade()
    {
        var sun = new GlassConditions(InSun: true, Touch: GlassTouch.Hot);

        GlassAdvice light = Panes.Advisor().Advise(Panes.Side(0.7, 0.2), sun);
        GlassAdvice oily = Panes.Advisor().Advise(Panes.Windscreen(0.4, 1.8), sun);

        Assert.Equal(GlassMethods.Chamois, light.Chosen!.Glass);
        Assert.Null(light.Wait);
        Assert.Null(oily.Chosen);
        Assert.Contains("shade", oily.Wait, StringComparison.Ordinal);
    }

    // Common practice: tint film takes mild soap water; heater lines are wiped along.
    [Fact]
    public void A_tinted_rear_pane_with_heater_lines_takes_soap_water_along_the_lines()
    {
        Pane rear = Panes.Of(
            SurfaceKind.Glass,
            SurfaceFacts.TintFilm | SurfaceFacts.HeaterLines,
            0.7,
            0.3,
            0.6
        );

        GlassOption chosen = Panes.Advisor().Advise(rear, GlassConditions.Fair).Chosen!;

        Assert.Equal(GlassMethods.SoapWaterWay, chosen.Glass);
        Ground ground = Grounds.Of(rear.Surface.Make);
        Assert.All(
            chosen
                .Glass.Method.Steps.Select(step => step.On(ground))
                .Where(step => step.Stroke != Stroke.Box),
            step => Assert.Equal(Stroke.Along, step.Stroke)
        );
    }

    [Fact]
    public void A_cleaner_that_passed_a_spot_test_on_the_film_comes_in()
    {
        var passed = new ShelfRecords(
            [
                new SpotTest(
                    ["pane"],
                    Panes.Id(ProductClass.GlassCleaner),
                    Strength.Neat,
                    true,
                    DateTimeOffset.UnixEpoch
                ),
            ],
            []
        );
        Pane tinted = Panes.Side(0.7, 0.2, SurfaceFacts.TintFilm);

        GlassOption before = Panes.Advisor().Advise(tinted, GlassConditions.Fair).Options[0];
        GlassAdvice after = Panes.Advisor(records: passed).Advise(tinted, GlassConditions.Fair);

        Assert.Equal(GateKind.Kit, before.Gate!.Kind);
        Assert.Equal(GlassMethods.TwoTowels, after.Chosen!.Glass);
    }

    [Fact]
    public void With_nothing_on_the_shelf_and_no_chamois_listed_water_and_mild_soap_are_left()
    {
        var shelf = new Shelf([], [new OwnedTool(Tool.Vacuum, 1, string.Empty)], [], WaysOfWorking.Default);

        GlassAdvice advice = Panes.Advisor(shelf).Advise(Panes.Side(0.6, 0.2), GlassConditions.Fair);

        Assert.True(advice.Chosen!.IsEnough);
        Assert.All(advice.Chosen.Picks, pick => Assert.True(pick.Product.IsHomely));
        Assert.All(
            advice.Options.Where(option => option.Gate is not null),
            option =>
                Assert.True(
                    option.Gate is { Kind: GateKind.Kit or GateKind.School },
                    option.Glass.Method.Id.Value
                )
        );
    }

    [Fact]
    public void A_method_that_leaves_more_on_this_car_needs_more_rounds_or_gives_way()
    {
        Pane pane = Panes.Windscreen(0.6, 0.4);
        LearntResidues worse = LearntResidues.Learn([
            .. Enumerable
                .Range(0, 4)
                .Select(day => new ResidueEvidence(
                    GlassMethods.TwoTowels.Method.Id,
                    DateTimeOffset.UnixEpoch.AddDays(day),
                    Math.Log(3),
                    Math.Log(3),
                    0.3
                )),
        ]);

        GlassAdvice before = Panes.Advisor().Advise(pane, GlassConditions.Fair);
        GlassAdvice after = Panes.Advisor(residues: worse).Advise(pane, GlassConditions.Fair);

        Assert.Equal(GlassMethods.TwoTowels, before.Chosen!.Glass);
        Assert.NotEqual(GlassMethods.TwoTowels, after.Chosen!.Glass);
        Assert.True(after.Options[0].Enough is null or > 1);
    }

    [Theory]
    [InlineData(GlassLiquid.WaterOnly)]
    [InlineData(GlassLiquid.Cleaner)]
    public void The_liquid_is_a_matter_of_school(GlassLiquid liquid)
    {
        GlassAdvice advice = Panes
            .Advisor(WaysOfWorking.Default with { GlassLiquid = liquid })
            .Advise(Panes.Windscreen(0.6, 0.9), GlassConditions.Fair);

        Assert.All(
            advice.Chosen!.Picks,
            pick =>
                Assert.Equal(liquid == GlassLiquid.WaterOnly, pick.Product.Make.Class == ProductClass.Water)
        );
    }

    // Seen: whoever works with water only was sent to a specialist with a cleaner on the shelf.
    [Fact]
    public void Film_that_only_the_owners_own_way_leaves_there_says_so()
    {
        GlassAdvice advice = Panes
            .Advisor(WaysOfWorking.Default with { GlassLiquid = GlassLiquid.WaterOnly })
            .Advise(Panes.Windscreen(0.6, 2.5), GlassConditions.Fair);

        Assert.StartsWith("You work with water only.", advice.Hold!.Why, StringComparison.Ordinal);
        Assert.Equal("Let the film decide, in Ways of working.", advice.Hold.WayOut);
        Assert.Null(advice.Hold.Buy);
    }

    // Common practice: the two sides of a pane end crosswise, so that a streak tells its side.
    [Fact]
    public void The_inside_ends_crosswise_to_the_outside()
    {
        Stroke outside = SessionChores.Find("outside-panes")!.Method.Steps[^1].Stroke;
        MethodStep[] test = [.. StreakTest.Steps];

        Assert.Equal(Stroke.Upright, outside);
        Assert.Equal(outside, test.Single(step => step.Aim == "Outside").Stroke);
        Assert.NotEqual(outside, test.Single(step => step.Aim == "Inside").Stroke);
        Assert.All(
            GlassMethods.All,
            glass =>
                Assert.Equal(
                    Stroke.Across,
                    glass.Method.Steps.Last(step => step.Towel?.Role == TowelRole.GlassDry).Stroke
                )
        );
    }
}
