namespace Cove.Core.Tests.Spots;

public sealed class FirstAidTests
{
    private static readonly SpotKind[] Kinds = Enum.GetValues<SpotKind>();

    /// <summary>Everything a car can be made of.</summary>
    private static readonly SurfaceMake[] Makes =
    [
        .. Enum.GetValues<SurfaceKind>()
            .Where(SpotGrounds.CanHappenTo)
            .SelectMany(kind =>
                SurfaceOptions.Of(kind).Materials.Select(material => new SurfaceMake(kind, material))
            ),
    ];

    private static readonly Shelf Everything = new(
        [
            .. Enum.GetValues<ProductClass>()
                .Where(known => known != ProductClass.Water)
                .Select(known => Product.OfClass(new(Guid.NewGuid()), $"{known}", known)),
        ],
        [],
        [],
        WaysOfWorking.Default
    );

    public static TheoryData<SpotKind> AllKinds => [.. Kinds];

    [Theory]
    [MemberData(nameof(AllKinds))]
    public void Every_spot_on_everything_a_car_is_made_of_has_an_answer(SpotKind kind) =>
        Assert.All(
            Makes,
            make =>
            {
                var aid = FirstAid.For(kind, make);

                Assert.NotEmpty(aid.First);
                Assert.NotEmpty(aid.Never);
                Assert.NotEmpty(aid.Cautions);
                Assert.Equal(aid.Closes, aid.Steps.Count == 0);
                Assert.Equal(aid.Closes, aid.LookAgain.Length == 0);
                Assert.True(aid.Closes || aid.Takes < TimeSpan.FromMinutes(10));
            }
        );

    [Fact]
    public void Every_product_it_leads_to_passes_the_verdicts()
    {
        Shelf[] shelves =
        [
            Everything,
            Shelf.Empty,
            .. Everything.Products.Select(only => Shelf.Empty with { Products = [only] }),
        ];
        foreach (Shelf shelf in shelves)
        {
            var ways = new SafestWays(shelf, ShelfRecords.None);
            foreach (SurfaceMake make in Makes)
            {
                var surface = new Surface(
                    "here",
                    "Here",
                    "Here",
                    make.Kind,
                    make.Material,
                    make.Finish,
                    Area.FromSquareMetres(1),
                    "driver",
                    Share.All
                );
                foreach (SpotKind kind in Kinds)
                {
                    var products = SpotProducts.For(
                        FirstAid.For(kind, make),
                        surface,
                        ways,
                        Supplies.Unmeasured
                    );

                    Assert.True(products.Cleaner?.Judgement.MayBeDone ?? true);
                    Assert.True(products.KeepOff is null or { Judgement.Verdict: Verdict.KeepOff });
                    Assert.True(
                        products.Cleaner is not null
                            || !FirstAid.For(kind, make).Cleaners.Contains(ProductClass.Water),
                        $"Nothing for {kind} on {make}."
                    );
                }
            }
        }
    }

    // Common practice: lift solids, blot with a dry light towel, press, never rub, from the edge inwards.
    [Theory]
    [InlineData(SpotKind.Spill)]
    [InlineData(SpotKind.SugaryDrink)]
    [InlineData(SpotKind.MilkOrFood)]
    [InlineData(SpotKind.Water)]
    public void What_is_wet_is_pressed_and_never_rubbed_and_never_vacuumed(SpotKind kind)
    {
        var aid = FirstAid.For(kind, SpotGround.Cloth);

        Assert.Equal("Press a dry, light towel on it", aid.First);
        Assert.Equal("Do not rub.", aid.Never);
        Assert.Contains(aid.Steps, step => step.Text.Contains("edge first", StringComparison.Ordinal));
        Assert.DoesNotContain(
            aid.Steps,
            step => step.Text.Contains("vacuum", StringComparison.OrdinalIgnoreCase)
        );
    }

    // Common practice: sugar takes lukewarm water, twice, or it turns sticky.
    [Theory]
    [InlineData(SpotGround.Cloth)]
    [InlineData(SpotGround.Leather)]
    [InlineData(SpotGround.Hard)]
    public void Sugar_takes_lukewarm_water_twice(SpotGround ground)
    {
        FirstAidStep[] water =
        [
            .. FirstAid.For(SpotKind.SugaryDrink, ground).Steps.Where(step => step.Water),
        ];

        Assert.Equal(2, water.Length);
        Assert.Contains("lukewarm", water[0].Text, StringComparison.Ordinal);
    }

    // Common practice: wax and gum are let get cold and hard; mud dries first; pollen is lifted dry; grease takes no water first.
    [Fact]
    public void Each_kind_has_its_own_first_thing()
    {
        Assert.Contains("cold", Of(SpotKind.WaxOrGum).First, StringComparison.Ordinal);
        Assert.Contains("dry", Of(SpotKind.MudOrClay).First, StringComparison.Ordinal);
        Assert.Contains("rub", Of(SpotKind.Pollen).Never, StringComparison.Ordinal);
        Assert.Contains("water first", Of(SpotKind.GreaseOrCream).Never, StringComparison.Ordinal);
        Assert.Contains("solvent", Of(SpotKind.GlueOrSticker).Never, StringComparison.Ordinal);
        FirstAidStep[] mud = [.. Of(SpotKind.MudOrClay).Steps];
        Assert.True(
            Array.FindIndex(mud, step => step.Text.Contains("dry through", StringComparison.Ordinal))
                < Array.FindIndex(mud, step => step.Text.Contains("vacuum", StringComparison.Ordinal))
        );

        static FirstAid Of(SpotKind kind) => FirstAid.For(kind, SpotGround.Cloth);
    }

    // Common practice: biological and sharp soil is not the owner's work.
    [Theory]
    [InlineData(SpotKind.SicknessOrBlood, "licensed cleaners")]
    [InlineData(SpotKind.Mould, "licensed cleaners")]
    [InlineData(SpotKind.BrokenGlass, "glazier")]
    [InlineData(SpotKind.FuelOrOil, "workshop")]
    [InlineData(SpotKind.HarshChemical, "emergency number")]
    [InlineData(SpotKind.FloodWater, "workshop")]
    [InlineData(SpotKind.WaterAtElectrics, "workshop")]
    [InlineData(SpotKind.Needle, "authority")]
    [InlineData(SpotKind.Droppings, "licensed cleaners")]
    [InlineData(SpotKind.Medicine, "pharmacy")]
    public void What_hurts_people_is_not_treated_and_says_who_deals_with_it(SpotKind kind, string who)
    {
        var aid = FirstAid.For(kind, SpotGround.Cloth);

        Assert.Empty(aid.Steps);
        Assert.InRange(aid.Meanwhile.Count, 3, 6);
        Assert.All(aid.Meanwhile, step => Assert.EndsWith(".", step, StringComparison.Ordinal));
        Assert.Contains(who, aid.Who, StringComparison.Ordinal);
    }

    // Common practice of breakdown services, fire services and licensed cleaning; see also the first aid of each.
    [Theory]
    [InlineData(SpotKind.FuelOrOil, "spark", "No start", "doors")]
    [InlineData(SpotKind.HarshChemical, "Step back", "Mix nothing", "Gloves and eye protection")]
    [InlineData(SpotKind.FloodWater, "Do not start", "no charging", "Gloves, boots and a mask")]
    [InlineData(SpotKind.WaterAtElectrics, "do not start", "no seat motor", "Ignition off")]
    [InlineData(SpotKind.Needle, "Do not touch", "no cap", "hard container")]
    [InlineData(SpotKind.Droppings, "Wet it", "No brush, no vacuum", "no dust rises")]
    [InlineData(SpotKind.Medicine, "Gloves on", "no vacuum", "count them")]
    [InlineData(SpotKind.SicknessOrBlood, "air the car", "no vacuum", "Gloves and a mask")]
    [InlineData(SpotKind.Mould, "air the car", "no vacuum", "Mask and gloves")]
    [InlineData(SpotKind.BrokenGlass, "reach in", "No bare hand", "Thick gloves")]
    public void What_hurts_says_what_comes_first_what_never_and_what_until_help_comes(
        SpotKind kind,
        string first,
        string never,
        string meanwhile
    )
    {
        var aid = FirstAid.For(kind, SpotGround.Hard);

        Assert.Contains(first, aid.First, StringComparison.Ordinal);
        Assert.Contains(never, aid.Never, StringComparison.Ordinal);
        Assert.Contains(aid.Meanwhile, step => step.Contains(meanwhile, StringComparison.Ordinal));
    }

    // Common practice: harness and belt hold a person; neither is cleaned by guesswork.
    [Fact]
    public void A_child_seat_or_a_belt_that_took_what_hurts_is_named_as_such()
    {
        Assert.Contains(
            FirstAid
                .For(SpotKind.SicknessOrBlood, new SurfaceMake(SurfaceKind.ChildSeat, Material.WovenFabric))
                .Cautions,
            caution => caution.Contains("harness", StringComparison.Ordinal)
        );
        Assert.Contains(
            FirstAid
                .For(SpotKind.HarshChemical, new SurfaceMake(SurfaceKind.Belts, Material.Webbing))
                .Cautions,
            caution => caution.Contains("workshop", StringComparison.Ordinal)
        );
    }

    /// <summary>What a word in a step puts on the surface, as the verdicts know it.</summary>
    private static readonly (string Word, Tool Tool)[] ToolWords =
    [
        ("gel", Tool.Gel),
        ("vacuum", Tool.Vacuum),
        ("soft brush", Tool.SoftBrush),
    ];

    [Fact]
    public void No_step_names_a_tool_that_the_verdicts_refuse_on_a_part_of_the_surface() =>
        Assert.All(
            from make in Makes.SelectMany(make => new[] { make, make with { Facts = SurfaceFacts.TintFilm } })
            from kind in Kinds
            from step in FirstAid.For(kind, make).Steps
            from word in ToolWords
            where step.Text.Contains(word.Word, StringComparison.OrdinalIgnoreCase)
            from part in make.Parts
            // Soapy water goes onto a belt on the brush; dry, the brush is judged as what it does to the weave.
            where !step.Cleaner
            select (make, kind, step, word.Tool, part),
            asked =>
                Assert.True(
                    SafetyRules
                        .Judge(
                            new SafetyCase(
                                asked.make with
                                {
                                    Material = asked.part,
                                },
                                null,
                                Strength.Neat,
                                Application.Dry,
                                asked.Tool,
                                UseContext.Usual
                            )
                        )
                        .MayBeDone,
                    $"{asked.kind} on {asked.make}: {asked.step.Text}"
                )
        );

    // Common practice: the lightest edge marks a lens, a screen and film; gel pulls nap and linings off and leaves oil on a windscreen.
    [Theory]
    [InlineData(SurfaceKind.Screen, Material.Glass, SurfaceFacts.None)]
    [InlineData(SurfaceKind.ClusterLens, Material.ClearPlastic, SurfaceFacts.None)]
    [InlineData(SurfaceKind.Glass, Material.Glass, SurfaceFacts.TintFilm)]
    [InlineData(SurfaceKind.Seat, Material.LeatherWithMicrosuede, SurfaceFacts.None)]
    [InlineData(SurfaceKind.Headliner, Material.LiningCloth, SurfaceFacts.None)]
    public void Neither_card_nor_nail_nor_gel_on_what_they_mark(
        SurfaceKind kind,
        Material material,
        SurfaceFacts facts
    ) =>
        Assert.All(
            Kinds.SelectMany(spot =>
                FirstAid.For(spot, new SurfaceMake(kind, material, Finish.Plain, facts)).Steps
            ),
            step =>
            {
                Assert.DoesNotContain("card", step.Text, StringComparison.Ordinal);
                Assert.DoesNotContain("nail", step.Text, StringComparison.Ordinal);
                Assert.DoesNotContain("gel", step.Text, StringComparison.Ordinal);
            }
        );

    [Fact]
    public void A_seat_of_leather_with_suede_gets_the_answers_of_both()
    {
        var aid = FirstAid.For(
            SpotKind.SugaryDrink,
            new SurfaceMake(SurfaceKind.Seat, Material.LeatherWithMicrosuede)
        );

        Assert.Contains(ProductClass.LeatherCleanerMild, aid.Cleaners);
        Assert.Contains(aid.Steps, step => step.Cleaner);
        Assert.Contains(aid.Steps, step => step.Text.Contains("suede only water", StringComparison.Ordinal));
        Assert.Equal(TimeSpan.FromMinutes(30), aid.Drying);
    }

    // Common practice: what was spilled on top runs through; a white line that stays is salt; nothing slippery stays on a wheel.
    [Theory]
    [InlineData(SurfaceKind.Mat, Material.Pile, "look under it")]
    [InlineData(SurfaceKind.Boot, Material.Pile, "Liner out")]
    [InlineData(SurfaceKind.CupHolders, Material.Plastic, "Inserts out")]
    [InlineData(SurfaceKind.Carpet, Material.Pile, "padding below")]
    public void What_runs_through_is_looked_for_first(SurfaceKind kind, Material material, string where) =>
        Assert.Contains(
            where,
            FirstAid.For(SpotKind.SugaryDrink, new SurfaceMake(kind, material)).Steps[0].Text,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_heated_seat_is_switched_off_a_wheel_stays_bare_and_salt_shows()
    {
        Assert.Contains(
            FirstAid
                .For(
                    SpotKind.Spill,
                    new SurfaceMake(
                        SurfaceKind.Seat,
                        Material.CoatedLeather,
                        Finish.Plain,
                        SurfaceFacts.Heated
                    )
                )
                .Steps,
            step => step.Text.Contains("Seat heating off", StringComparison.Ordinal)
        );
        Assert.Contains(
            FirstAid
                .For(SpotKind.GreaseOrCream, new SurfaceMake(SurfaceKind.Wheel, Material.CoatedLeather))
                .Cautions,
            caution => caution.Contains("bare", StringComparison.Ordinal)
        );
        Assert.Contains(
            "salt",
            FirstAid.For(SpotKind.Water, SpotGround.Cloth).LookAgain,
            StringComparison.Ordinal
        );
    }

    // Common practice: belts take mild soap and water only, and a day to dry.
    [Fact]
    public void A_belt_takes_soap_only_and_a_day()
    {
        var aid = FirstAid.For(SpotKind.GreaseOrCream, SpotGround.Webbing);

        Assert.Equal([ProductClass.SoapWater], aid.Cleaners);
        Assert.Equal(TimeSpan.FromHours(24), aid.Drying);
    }
}
