using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Tests.Safety;

/// <summary>Answers that were wrong once. Beside each stands what was seen. What is right is common practice, no single source.</summary>
public sealed class CorrectedVerdictTests
{
    private static Judgement Judge(
        ProductClass product,
        SurfaceKind kind,
        Application application,
        UseContext? context = null,
        SurfaceFacts facts = SurfaceFacts.None,
        Material? material = null,
        Tool tool = Tool.MicrofibreTowel,
        ProductForm? form = null
    )
    {
        ClassPreset preset = ClassPresets.Of(product);
        return SafetyRules.Judge(
            new SafetyCase(
                Cases.On(kind, material, facts),
                form is { } other ? preset.Make with { Form = other, Hazards = [] } : preset.Make,
                preset.Usual,
                application,
                tool,
                context ?? UseContext.Usual
            )
        );
    }

    // Seen: a rubber floor that stays in the car could be soaked; solvent was milder to heater lines than alcohol; gel
    // was good on a windscreen; a pet cover could not be hosed, nor carpet mats protected.
    [Theory]
    [InlineData(SoapWater, SurfaceKind.Carpet, Material.Rubber, Application.Soak, KeepOff)]
    [InlineData(SoapWater, SurfaceKind.Mat, Material.Rubber, Application.Soak, Good)]
    [InlineData(SoapWater, SurfaceKind.PetCover, Material.WovenFabric, Application.Soak, Good)]
    [InlineData(Water, SurfaceKind.PetCover, Material.WovenFabric, Application.Soak, Good)]
    [InlineData(FabricProtector, SurfaceKind.Mat, Material.Pile, Application.DirectSpray, Good)]
    [InlineData(FabricProtector, SurfaceKind.Mat, Material.Rubber, Application.DirectSpray, KeepOff)]
    [InlineData(CleaningGel, SurfaceKind.Windscreen, Material.Glass, Application.Dry, KeepOff)]
    public void What_is_hosed_protected_or_pressed_on(
        ProductClass product,
        SurfaceKind kind,
        Material material,
        Application application,
        Verdict expected
    ) => Assert.Equal(expected, Judge(product, kind, application, material: material).Verdict);

    [Fact]
    public void A_solvent_is_no_milder_to_heater_lines_than_alcohol() =>
        Assert.Equal(
            KeepOff,
            Judge(
                SolventCleaner,
                SurfaceKind.Glass,
                Application.OnTowel,
                facts: SurfaceFacts.HeaterLines
            ).Verdict
        );

    // Seen: fabric cleaner on a child seat was refused at its own strength, whatever the maker of the seat says.
    [Fact]
    public void Fabric_cleaner_on_a_child_seat_goes_by_its_maker()
    {
        ProductMake ready = ClassPresets.Of(FabricCleaner).Make;

        Assert.Equal(WithCare, At(MakerSays.Nothing));
        Assert.Equal(KeepOff, At(MakerSays.Forbids));

        Verdict At(MakerSays says) =>
            SafetyRules
                .Judge(
                    new SafetyCase(
                        Cases.On(SurfaceKind.ChildSeat),
                        ready,
                        Strength.Neat,
                        Application.OnTowel,
                        Tool.MicrofibreTowel,
                        UseContext.Usual with
                        {
                            Maker = says,
                        }
                    )
                )
                .Verdict;
    }

    // Seen: 10 % was stronger than 1:10, which people say of the same bottle.
    [Fact]
    public void Ten_percent_is_not_over_one_to_ten()
    {
        Assert.DoesNotContain("purpose.over-label", At(Strength.FromPercent(10)));
        Assert.Contains("purpose.over-label", At(Strength.FromWaterParts(8)));

        static IEnumerable<string> At(Strength strength) =>
            SafetyRules
                .Judge(
                    new SafetyCase(
                        Cases.On(SurfaceKind.Mat, Material.Rubber),
                        ClassPresets.Of(AllPurposeCleaner).Make,
                        strength,
                        Application.OnTowel,
                        Tool.MicrofibreTowel,
                        UseContext.Usual with
                        {
                            StrongestOnLabel = Strength.FromWaterParts(10),
                        }
                    )
                )
                .Reasons.Select(reason => reason.Rule);
    }

    // Seen: a product stronger than its label allows was good.
    [Fact]
    public void Stronger_than_the_label_is_to_be_tested_at_best()
    {
        ClassPreset cleaner = ClassPresets.Of(FabricCleaner);
        SurfaceMake seat = Cases.On(SurfaceKind.Seat, Material.WovenFabric, SurfaceFacts.None);

        Assert.Equal(TestFirst, At(Strength.FromWaterParts(2)).Verdict);
        Assert.Equal(Good, At(cleaner.Strongest).Verdict);

        Judgement At(Strength strength) =>
            SafetyRules.Judge(
                new SafetyCase(
                    seat,
                    cleaner.Make,
                    strength,
                    Application.OnTowel,
                    Tool.MicrofibreTowel,
                    UseContext.Usual with
                    {
                        StrongestOnLabel = cleaner.Strongest,
                    }
                )
            );
    }

    // Seen: fabric protector sprayed with doors shut, or beside a flame, was good.
    [Fact]
    public void A_mist_in_a_closed_cabin_or_near_a_flame_is_kept_off()
    {
        Assert.Equal(KeepOff, Sprayed(new UseContext { CabinClosed = true }).Verdict);
        Assert.Equal(KeepOff, Sprayed(new UseContext { IgnitionNear = true }).Verdict);
        Assert.Equal(Good, Sprayed(UseContext.Usual).Verdict);

        static Judgement Sprayed(UseContext context) =>
            Judge(
                FabricProtector,
                SurfaceKind.Seat,
                Application.DirectSpray,
                context,
                material: Material.WovenFabric
            );
    }

    // Seen: an aerosol near a flame was good where its label's statements were not given.
    [Fact]
    public void An_aerosol_near_a_flame_is_kept_off_whatever_its_label_says() =>
        Assert.Equal(
            KeepOff,
            Judge(
                InteriorCleaner,
                SurfaceKind.Dash,
                Application.OnTowel,
                new UseContext { IgnitionNear = true },
                form: ProductForm.Aerosol
            ).Verdict
        );

    // Seen: a detailer that leaves a film was allowed with care on mats, pedals and wheel.
    [Theory]
    [InlineData(SurfaceKind.Mat)]
    [InlineData(SurfaceKind.Pedals)]
    [InlineData(SurfaceKind.Wheel)]
    [InlineData(SurfaceKind.Carpet)]
    public void What_leaves_a_film_is_kept_off_what_is_held_pressed_or_stood_on(SurfaceKind kind) =>
        Assert.Equal(KeepOff, Judge(InteriorDetailer, kind, Application.OnTowel).Verdict);

    // Seen: alcohol was allowed on heater lines, which its own method forbids.
    [Fact]
    public void Alcohol_is_kept_off_heater_lines() =>
        Assert.Equal(
            KeepOff,
            Judge(
                IsopropylAlcohol,
                SurfaceKind.Glass,
                Application.OnTowel,
                facts: SurfaceFacts.HeaterLines
            ).Verdict
        );

    // Seen: gel as a product was allowed where gel as a tool was not.
    [Theory]
    [InlineData(SurfaceKind.Seat, Material.WovenFabric)]
    [InlineData(SurfaceKind.Seat, Material.Microsuede)]
    [InlineData(SurfaceKind.Carpet, Material.Pile)]
    [InlineData(SurfaceKind.Headliner, Material.LiningCloth)]
    [InlineData(SurfaceKind.Belts, Material.Webbing)]
    public void Gel_is_judged_alike_as_product_and_as_tool(SurfaceKind kind, Material material)
    {
        SurfaceMake surface = Cases.On(kind, material, SurfaceFacts.None);

        Assert.Equal(KeepOff, Cases.Usual(CleaningGel, surface).Verdict);
        Assert.Equal(
            KeepOff,
            SafetyRules
                .Judge(
                    new SafetyCase(surface, null, Strength.Neat, Application.Dry, Tool.Gel, UseContext.Usual)
                )
                .Verdict
        );
    }

    // Seen: a dry vacuum on a damp carpet was good.
    [Fact]
    public void A_dry_vacuum_does_not_go_on_damp_pile()
    {
        SurfaceMake carpet = Cases.On(SurfaceKind.Carpet, Material.Pile, SurfaceFacts.None);

        Assert.Equal(KeepOff, With(new UseContext { Damp = true }).Verdict);
        Assert.Equal(Good, With(UseContext.Usual).Verdict);

        Judgement With(UseContext context) =>
            SafetyRules.Judge(
                new SafetyCase(carpet, null, Strength.Neat, Application.Dry, Tool.Vacuum, context)
            );
    }

    // Seen: a bottle topped up with water was called a mixture of two products.
    [Fact]
    public void Water_topped_up_is_no_second_product()
    {
        Assert.Equal(Good, Beside(Water).Verdict);
        Assert.Equal(KeepOff, Beside(SoapWater).Verdict);

        static Judgement Beside(ProductClass other) =>
            Judge(
                InteriorCleaner,
                SurfaceKind.Dash,
                Application.OnTowel,
                new UseContext { SameBottle = [ClassPresets.Of(other).Make] }
            );
    }

    // Seen: vinegar on plastic was told to be thinned to one or two percent, as for alkali.
    [Fact]
    public void A_reason_speaks_of_the_hazard_at_hand()
    {
        Reason[] reasons =
        [
            .. Judge(AcidCleaner, SurfaceKind.Dash, Application.OnTowel)
                .Reasons.Where(reason => reason.Counts),
        ];

        Assert.Contains(reasons, reason => reason.Sentence.Contains("Acid", StringComparison.Ordinal));
        Assert.DoesNotContain(
            reasons,
            reason => reason.Change?.Contains("1 to 2 %", StringComparison.Ordinal) ?? false
        );
    }

    // Seen: water on the scent was answered with what one may breathe.
    [Fact]
    public void Water_on_the_scent_is_answered_with_sense()
    {
        Judgement judgement = Judge(Water, SurfaceKind.Air, Application.OnTowel);

        Assert.Contains("nothing to wipe", judgement.Decisive.Sentence, StringComparison.Ordinal);
        Assert.Contains("what smells", judgement.Decisive.Change, StringComparison.Ordinal);
    }

    // Seen: leather without a coat had no product of its own, and not even a damp cloth.
    [Fact]
    public void Uncoated_leather_takes_a_damp_cloth_and_its_own_cleaner_and_no_other()
    {
        Assert.Equal(WithCare, On(Water).Verdict);
        Assert.Equal(WithCare, On(UncoatedLeatherCleaner).Verdict);
        Assert.Equal(TestFirst, On(LeatherCleanerMild).Verdict);
        Assert.Equal(KeepOff, On(LeatherBalm).Verdict);

        static Judgement On(ProductClass product) =>
            Judge(product, SurfaceKind.Seat, Application.OnTowel, material: Material.UncoatedLeather);
    }

    // Seen: air on vents was advised by a method and forbidden by its own caution.
    [Fact]
    public void Air_on_vents_is_one_truth()
    {
        Judgement judgement = SafetyRules.Judge(
            new SafetyCase(
                Cases.On(SurfaceKind.Vents, null, SurfaceFacts.None),
                null,
                Strength.Neat,
                Application.Dry,
                Tool.CompressedAir,
                UseContext.Usual
            )
        );

        Assert.Equal(WithCare, judgement.Verdict);
        Assert.All(
            MethodLibrary.All.Where(known => known.Method.Tools.Contains(Tool.CompressedAir)),
            known =>
                Assert.DoesNotContain(
                    known.Method.Cautions,
                    caution => caution.Contains("Never into vents", StringComparison.Ordinal)
                )
        );
    }

    // Seen: a bleach without chlorine, to which the mixing rules had nothing to say.
    [Theory]
    [InlineData(ChlorineBleach)]
    [InlineData(PeroxideCleaner)]
    [InlineData(GlassCleanerWithAmmonia)]
    [InlineData(AcidCleaner)]
    [InlineData(IsopropylAlcohol)]
    [InlineData(SolventCleaner)]
    [InlineData(WaterBasedDressing)]
    public void A_product_contains_what_makes_its_class(ProductClass known)
    {
        ProductMake bare = new(known, ProductForm.Liquid, new Chemistry(), Sheen.None, []);
        Chemistry usual = ClassPresets.Of(known).Make.Chemistry;
        Chemistry complete = ClassTraits.Complete(bare).Chemistry;

        Assert.Equal(
            (usual.Chlorine, usual.Peroxide, usual.Ammonia, usual.Acid, usual.Solvent, usual.LeavesFilm),
            (
                complete.Chlorine,
                complete.Peroxide,
                complete.Ammonia,
                complete.Acid,
                complete.Solvent,
                complete.LeavesFilm
            )
        );
        Assert.Equal(usual.AlcoholPercent > 0, complete.AlcoholPercent > 0);
    }

    // Seen: leather sealant on leather with suede inserts was simply kept off, though it is just what the leather wants.
    [Fact]
    public void Leather_with_inserts_is_judged_part_by_part()
    {
        ClassPreset sealant = ClassPresets.Of(ProductClass.LeatherSealant);
        SafetyCase On(Material material)
        {
            var make = new SurfaceMake(SurfaceKind.Seat, material);
            UsualWay way = UsualWay.Of(sealant.Make, make);
            return new SafetyCase(
                make,
                sealant.Make,
                sealant.Usual,
                way.Application,
                way.Tool,
                UseContext.Usual
            );
        }

        SafetyCase question = On(Material.LeatherWithMicrosuede);

        var parts = SafetyRules.JudgeParts(question).ToDictionary(part => part.Part, part => part.Judgement);

        Assert.Equal(Verdict.Good, parts[Material.CoatedLeather].Verdict);
        Assert.Equal(Verdict.KeepOff, parts[Material.Microsuede].Verdict);
        Assert.Equal(Verdict.KeepOff, SafetyRules.Judge(question).Verdict);
        Assert.Empty(SafetyRules.JudgeParts(On(Material.CoatedLeather)));
    }
}
