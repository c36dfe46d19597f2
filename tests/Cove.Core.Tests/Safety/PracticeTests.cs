using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Tests.Safety;

/// <summary>What the trade says of products on surfaces. Common practice, no single source.</summary>
public sealed class PracticeTests
{
    [Theory]
    // Tint film takes no ammonia, vinegar, alcohol or abrasive; soapy water or film-safe cleaner.
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.TintFilm, GlassCleanerWithAmmonia, KeepOff)]
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.TintFilm, GlassCleanerWithVinegar, KeepOff)]
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.TintFilm, IsopropylAlcohol, KeepOff)]
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.TintFilm, MelamineSponge, KeepOff)]
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.TintFilm, SoapWater, Good)]
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.TintFilm, GlassCleaner, WithCare)]
    [InlineData(SurfaceKind.Glass, null, SurfaceFacts.HeaterLines, MelamineSponge, KeepOff)]
    [InlineData(SurfaceKind.Windscreen, null, SurfaceFacts.None, GlassCleaner, Good)]
    [InlineData(SurfaceKind.Windscreen, null, SurfaceFacts.None, SolventDressing, KeepOff)]
    // Screens: the gentlest first.
    [InlineData(SurfaceKind.Screen, null, SurfaceFacts.None, Water, Good)]
    [InlineData(SurfaceKind.Screen, null, SurfaceFacts.None, RinselessWash, Good)]
    [InlineData(SurfaceKind.Screen, null, SurfaceFacts.None, AlcoholDetailer, TestFirst)]
    [InlineData(SurfaceKind.Screen, null, SurfaceFacts.None, InteriorCleaner, KeepOff)]
    [InlineData(SurfaceKind.Screen, null, SurfaceFacts.None, GlassCleanerWithAmmonia, KeepOff)]
    [InlineData(SurfaceKind.ClusterLens, null, SurfaceFacts.None, Water, WithCare)]
    [InlineData(SurfaceKind.ClusterLens, null, SurfaceFacts.None, GlassCleanerWithAmmonia, KeepOff)]
    // Gloss trim: gel, water, a detailer with little alcohol; nothing that rubs.
    [InlineData(SurfaceKind.Trim, null, SurfaceFacts.None, CleaningGel, Good)]
    [InlineData(SurfaceKind.Trim, null, SurfaceFacts.None, AlcoholDetailer, Good)]
    [InlineData(SurfaceKind.Trim, null, SurfaceFacts.None, MelamineSponge, KeepOff)]
    // No gloss on the dash; nothing slippery on wheel, pedals, mats.
    [InlineData(SurfaceKind.Dash, null, SurfaceFacts.None, SolventDressing, KeepOff)]
    [InlineData(SurfaceKind.Dash, null, SurfaceFacts.None, WaterBasedDressing, Good)]
    [InlineData(SurfaceKind.Wheel, null, SurfaceFacts.None, WaterBasedDressing, KeepOff)]
    [InlineData(SurfaceKind.ShifterSlot, null, SurfaceFacts.None, WaterBasedDressing, KeepOff)]
    [InlineData(SurfaceKind.Wheel, null, SurfaceFacts.None, InteriorCleaner, Good)]
    [InlineData(SurfaceKind.Pedals, null, SurfaceFacts.None, SilicaSpray, KeepOff)]
    [InlineData(SurfaceKind.Mat, Material.Rubber, SurfaceFacts.None, WaterBasedDressing, KeepOff)]
    [InlineData(SurfaceKind.Mat, Material.Rubber, SurfaceFacts.None, RubberMatCleaner, Good)]
    // Leather by its coat.
    [InlineData(SurfaceKind.Seat, Material.CoatedLeather, SurfaceFacts.None, LeatherCleanerMild, Good)]
    [InlineData(SurfaceKind.Seat, Material.CoatedLeather, SurfaceFacts.None, Degreaser, KeepOff)]
    [InlineData(SurfaceKind.Seat, Material.CoatedLeather, SurfaceFacts.None, SolventCleaner, KeepOff)]
    [InlineData(SurfaceKind.Seat, Material.CoatedLeather, SurfaceFacts.None, LeatherConditioner, WithCare)]
    [InlineData(SurfaceKind.Seat, Material.UncoatedLeather, SurfaceFacts.None, LeatherBalm, KeepOff)]
    [InlineData(SurfaceKind.Seat, Material.UncoatedLeather, SurfaceFacts.None, LeatherCleanerMild, TestFirst)]
    [InlineData(SurfaceKind.Seat, Material.SyntheticLeather, SurfaceFacts.None, InteriorCleaner, Good)]
    // Cloth takes no oil and no film that is not made for it.
    [InlineData(SurfaceKind.Seat, Material.WovenFabric, SurfaceFacts.None, FabricCleaner, Good)]
    [InlineData(SurfaceKind.Seat, Material.WovenFabric, SurfaceFacts.None, FabricProtector, Good)]
    [InlineData(SurfaceKind.Seat, Material.WovenFabric, SurfaceFacts.None, LeatherConditioner, KeepOff)]
    [InlineData(SurfaceKind.Seat, Material.Microsuede, SurfaceFacts.None, WaterBasedDressing, KeepOff)]
    [InlineData(SurfaceKind.Headliner, null, SurfaceFacts.None, FabricCleaner, WithCare)]
    [InlineData(SurfaceKind.Carpet, null, SurfaceFacts.None, FabricCleaner, Good)]
    // Belts and harness: soapy water, water.
    [InlineData(SurfaceKind.Belts, null, SurfaceFacts.None, SoapWater, Good)]
    [InlineData(SurfaceKind.Belts, null, SurfaceFacts.None, ChlorineBleach, KeepOff)]
    [InlineData(SurfaceKind.Belts, null, SurfaceFacts.None, SolventCleaner, KeepOff)]
    [InlineData(SurfaceKind.Belts, null, SurfaceFacts.None, AllPurposeCleaner, KeepOff)]
    [InlineData(SurfaceKind.ChildSeat, null, SurfaceFacts.None, Water, Good)]
    [InlineData(SurfaceKind.ChildSeat, null, SurfaceFacts.None, PeroxideCleaner, KeepOff)]
    [InlineData(SurfaceKind.DoorShuts, null, SurfaceFacts.None, AllPurposeCleaner, Good)]
    [InlineData(SurfaceKind.DoorSeals, null, SurfaceFacts.None, WaterBasedDressing, Good)]
    [InlineData(SurfaceKind.DoorSeals, null, SurfaceFacts.None, SolventDressing, KeepOff)]
    public void A_product_put_on_as_usual_gets_the_verdict_of_the_trade(
        SurfaceKind kind,
        Material? material,
        SurfaceFacts facts,
        ProductClass productClass,
        Verdict expected
    ) => Assert.Equal(expected, Cases.Usual(productClass, Cases.On(kind, material, facts)).Verdict);

    [Theory]
    [InlineData(SurfaceKind.Switches, InteriorCleaner, Application.DirectSpray, KeepOff)]
    [InlineData(SurfaceKind.Switches, InteriorCleaner, Application.OnBrush, Good)]
    [InlineData(SurfaceKind.Vents, InteriorCleaner, Application.DirectSpray, KeepOff)]
    [InlineData(SurfaceKind.Screen, Water, Application.DirectSpray, KeepOff)]
    [InlineData(SurfaceKind.Dash, InteriorCleaner, Application.DirectSpray, WithCare)]
    [InlineData(SurfaceKind.Windscreen, GlassCleaner, Application.DirectSpray, WithCare)]
    [InlineData(SurfaceKind.Headliner, FabricCleaner, Application.DirectSpray, KeepOff)]
    [InlineData(SurfaceKind.Headliner, FabricCleaner, Application.Soak, KeepOff)]
    [InlineData(SurfaceKind.Carpet, FabricCleaner, Application.Soak, KeepOff)]
    public void How_it_is_put_on_decides_where_liquid_runs_in(
        SurfaceKind kind,
        ProductClass productClass,
        Application application,
        Verdict expected
    ) =>
        Assert.Equal(
            expected,
            new SafetyCase(
                Cases.On(kind),
                ClassPresets.Of(productClass).Make,
                ClassPresets.Of(productClass).Usual,
                application,
                Tool.SoftBrush,
                UseContext.Usual
            ).VerdictOf()
        );

    [Theory]
    [InlineData(SurfaceKind.Glass, SurfaceFacts.TintFilm, Tool.Scraper, KeepOff)]
    [InlineData(SurfaceKind.Glass, SurfaceFacts.HeaterLines, Tool.Scraper, KeepOff)]
    [InlineData(SurfaceKind.Windscreen, SurfaceFacts.None, Tool.Scraper, WithCare)]
    [InlineData(SurfaceKind.Trim, SurfaceFacts.None, Tool.StiffBrush, KeepOff)]
    [InlineData(SurfaceKind.ClusterLens, SurfaceFacts.None, Tool.StiffBrush, KeepOff)]
    [InlineData(SurfaceKind.ClusterLens, SurfaceFacts.None, Tool.SoftBrush, Good)]
    [InlineData(SurfaceKind.Screen, SurfaceFacts.None, Tool.PaperTowel, KeepOff)]
    [InlineData(SurfaceKind.Screen, SurfaceFacts.None, Tool.MicrofibreTowel, Good)]
    [InlineData(SurfaceKind.Vents, SurfaceFacts.None, Tool.Steamer, KeepOff)]
    [InlineData(SurfaceKind.Switches, SurfaceFacts.None, Tool.Steamer, KeepOff)]
    [InlineData(SurfaceKind.Wheel, SurfaceFacts.AirbagBehind, Tool.Steamer, KeepOff)]
    [InlineData(SurfaceKind.Vents, SurfaceFacts.None, Tool.CompressedAir, WithCare)]
    [InlineData(SurfaceKind.Carpet, SurfaceFacts.None, Tool.StiffBrush, Good)]
    public void Tools_have_limits_without_any_product(
        SurfaceKind kind,
        SurfaceFacts facts,
        Tool tool,
        Verdict expected
    ) =>
        Assert.Equal(
            expected,
            new SafetyCase(
                Cases.On(kind, facts: facts),
                null,
                Strength.Neat,
                Application.Dry,
                tool,
                UseContext.Usual
            ).VerdictOf()
        );

    [Fact]
    public void Conditioner_is_for_worn_leather_and_protectants_for_what_is_clean_and_dry()
    {
        SurfaceMake leather = Cases.On(SurfaceKind.Seat, Material.CoatedLeather);
        SurfaceMake cloth = Cases.On(SurfaceKind.Seat, Material.WovenFabric);

        Assert.Equal(
            Good,
            Cases.Usual(LeatherConditioner, leather, new UseContext { CoatWorn = true }).Verdict
        );
        Assert.Equal(
            KeepOff,
            Cases.Usual(LeatherSealant, leather, new UseContext { Unclean = true }).Verdict
        );
        Assert.Equal(KeepOff, Cases.Usual(FabricProtector, cloth, new UseContext { Damp = true }).Verdict);
    }

    [Fact]
    public void What_burns_stays_out_of_hot_and_closed_cabins()
    {
        SurfaceMake glass = Cases.On(SurfaceKind.Windscreen);

        Assert.Equal(WithCare, Cases.Usual(IsopropylAlcohol, glass).Verdict);
        Assert.Contains(Gear.FreshAir, Cases.Usual(IsopropylAlcohol, glass).Gear);
        foreach (
            UseContext context in new[]
            {
                new UseContext { CabinHot = true },
                new UseContext { CabinClosed = true },
                new UseContext { SurfaceHot = true },
                new UseContext { IgnitionNear = true },
            }
        )
        {
            Assert.Equal(KeepOff, Cases.Usual(IsopropylAlcohol, glass, context).Verdict);
        }
    }

    [Fact]
    public void Water_and_chamois_work_where_the_sun_dries_cleaner_to_streaks()
    {
        SurfaceMake glass = Cases.On(SurfaceKind.Windscreen);
        var sun = new UseContext { InSun = true };

        Assert.Equal(Good, Cases.Usual(Water, glass, sun).Verdict);
        Assert.Equal(WithCare, Cases.Usual(GlassCleaner, glass, sun).Verdict);
    }

    // US EPA 600/2-80-076 and public-health guidance: never to be mixed.
    [Theory]
    [InlineData(ChlorineBleach, GlassCleanerWithAmmonia)]
    [InlineData(ChlorineBleach, AcidCleaner)]
    [InlineData(ChlorineBleach, GlassCleanerWithVinegar)]
    [InlineData(ChlorineBleach, IsopropylAlcohol)]
    [InlineData(ChlorineBleach, PeroxideCleaner)]
    [InlineData(PeroxideCleaner, AcidCleaner)]
    public void Products_that_must_not_meet_keep_each_other_out_of_a_session_and_a_bottle(
        ProductClass one,
        ProductClass other
    )
    {
        foreach (var (here, there) in new[] { (one, other), (other, one) })
        {
            ProductMake[] others = [ClassPresets.Of(there).Make];
            Judgement session = Cases.Usual(
                here,
                Cases.On(SurfaceKind.DoorShuts),
                new UseContext { Session = others }
            );
            Judgement bottle = Cases.Usual(
                here,
                Cases.On(SurfaceKind.DoorShuts),
                new UseContext { SameBottle = others, Maker = MakerSays.Allows }
            );

            Assert.Contains(
                session.Reasons,
                reason => reason is { Verdict: KeepOff, Harm: Harm.Person, Source.Kind: SourceKind.Published }
            );
            Assert.Equal(KeepOff, bottle.Verdict);
        }
    }

    // UN GHS: a pH of 2 or below, or 11.5 or above, counts as corrosive unless shown otherwise.
    [Theory]
    [InlineData(2.0, true)]
    [InlineData(2.1, false)]
    [InlineData(7.0, false)]
    [InlineData(11.4, false)]
    [InlineData(11.5, true)]
    public void Extremes_of_acidity_ask_for_gloves_and_glasses(double ph, bool corrosive)
    {
        ProductMake make = ClassPresets.Of(RubberMatCleaner).Make with
        {
            Chemistry = new Chemistry { Ph = ph },
        };

        Judgement judgement = SafetyRules.Judge(
            new SafetyCase(
                Cases.On(SurfaceKind.Mat, Material.Rubber),
                make,
                Strength.Neat,
                Application.OnBrush,
                Tool.StiffBrush,
                UseContext.Usual
            )
        );

        Assert.Equal(corrosive, judgement.Gear.Contains(Gear.Gloves));
        Assert.Equal(corrosive, judgement.Gear.Contains(Gear.EyeProtection));
    }

    [Fact]
    public void The_school_of_an_owner_moves_the_ladder_for_screens()
    {
        SurfaceMake screen = Cases.On(SurfaceKind.Screen);

        Assert.Equal(Good, Cases.Usual(RinselessWash, screen).Verdict);
        Assert.Equal(
            WithCare,
            Cases.Usual(RinselessWash, screen, new UseContext { Screens = ScreenSchool.DryOnly }).Verdict
        );
        Assert.Equal(
            WithCare,
            Cases
                .Usual(AlcoholDetailer, screen, new UseContext { Screens = ScreenSchool.AlcoholDetailer })
                .Verdict
        );
        Assert.Equal(
            Good,
            Cases
                .Usual(
                    GlassCleaner,
                    screen,
                    new UseContext { Screens = ScreenSchool.GlassCleaner, GentlerTried = true }
                )
                .Verdict
        );
        // Whatever the school: nothing strong.
        Assert.Equal(
            KeepOff,
            Cases
                .Usual(
                    GlassCleanerWithAmmonia,
                    screen,
                    new UseContext { Screens = ScreenSchool.GlassCleaner }
                )
                .Verdict
        );
    }
}
