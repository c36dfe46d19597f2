namespace Cove.Core.Tests.Catalogue;

public sealed class DilutionTests
{
    private static readonly Gen<double> Millilitres = Gen.Choose(1, 200_000).Select(tenth => tenth / 10.0);

    // From 1:10,000 to neat, thin and strong alike.
    private static readonly Gen<double> Shares = Gen.Choose(0, 1000)
        .Select(step => Math.Pow(10_001, -step / 1000.0));

    // C1 V1 = C2 V2 (any text on general chemistry): 1:8 is 11.11 % by volume.
    [Fact]
    public void One_to_eight_is_a_ninth_whichever_way_it_is_written()
    {
        foreach (string text in new[] { "1:8", "8:1", "1 : 8", "1+8", "8/1" })
        {
            Strength read = Strength.Parse(text)!.Value;

            Assert.Equal(11.11, read.Percent, 0.005);
            Assert.Equal(8, read.WaterParts, 1e-9);
            Assert.Equal("1 part product to 8 parts water (11.1 %)", read.InWords());
        }
    }

    [Theory]
    [InlineData("neat", 100)]
    [InlineData("Ready to use", 100)]
    [InlineData("100 %", 100)]
    [InlineData("2 %", 2)]
    [InlineData("1,5%", 1.5)]
    [InlineData("1:1", 50)]
    [InlineData("1:5", 16.6667)]
    [InlineData("2:7", 22.2222)]
    public void Strengths_are_read_in_every_notation(string text, double percent) =>
        Assert.Equal(percent, Strength.Parse(text)!.Value.Percent, 0.001);

    [Theory]
    [InlineData("")]
    [InlineData("strong")]
    [InlineData("0:8")]
    [InlineData("0 %")]
    [InlineData("101 %")]
    [InlineData("-1:8")]
    [InlineData("1:8:2")]
    [InlineData("1:99999")]
    [InlineData("NaN %")]
    [InlineData("1e3 %")]
    public void What_is_no_strength_is_not_read(string text) => Assert.Null(Strength.Parse(text));

    // C1 V1 = C2 V2: 500 ml at 1:8 needs 55.6 ml.
    [Fact]
    public void Half_a_litre_at_one_to_eight_takes_55_6_ml()
    {
        Mixture mixture = Solved(
            new MixtureRequest { Total = Volume.FromMillilitres(500), Strength = Strength.FromWaterParts(8) }
        );

        Assert.Equal(55.6, mixture.Product.Millilitres, 0.05);
        Assert.Equal(444.4, mixture.Water.Millilitres, 0.05);
    }

    // C1 V1 = C2 V2: topping up 200 ml of 5 % to 500 ml at 10 % needs 40 ml of neat product and 260 ml of water.
    [Fact]
    public void A_part_full_bottle_is_topped_up()
    {
        Mixture added = DilutionBench
            .TopUp(
                Volume.FromMillilitres(200),
                Strength.FromPercent(5),
                Volume.FromMillilitres(500),
                Strength.FromPercent(10)
            )
            .Mixture!;

        Assert.Equal(40, added.Product.Millilitres, 1e-9);
        Assert.Equal(260, added.Water.Millilitres, 1e-9);
    }

    [Theory]
    // What is in it is stronger than the target can be reached by adding water.
    [InlineData(400, 20, 500, 10)]
    // What is in it is too thin, even if filled with neat product.
    [InlineData(450, 1, 500, 50)]
    // It holds more already.
    [InlineData(600, 10, 500, 10)]
    public void A_top_up_that_cannot_be_is_refused_with_a_reason(
        double held,
        double heldPercent,
        double total,
        double target
    )
    {
        MixtureOrError solved = DilutionBench.TopUp(
            Volume.FromMillilitres(held),
            Strength.FromPercent(heldPercent),
            Volume.FromMillilitres(total),
            Strength.FromPercent(target)
        );

        Assert.Null(solved.Mixture);
        Assert.EndsWith(".", solved.ValidationError!.Sentence, StringComparison.Ordinal);
    }

    [Property]
    public Property Any_two_of_the_four_give_the_same_mixture() =>
        Prop.ForAll(
            (
                from total in Millilitres
                from share in Shares.Where(share => share < 1)
                select (total, share)
            ).ToArbitrary(),
            given =>
            {
                Strength strength = Strength.FromShare(given.share);
                Volume product = Volume.FromMillilitres(given.total * given.share);
                Volume water = Volume.FromMillilitres(given.total * (1 - given.share));
                MixtureRequest[] pairs =
                [
                    new() { Product = product, Water = water },
                    new() { Product = product, Total = product + water },
                    new() { Water = water, Total = product + water },
                    new() { Product = product, Strength = strength },
                    new() { Water = water, Strength = strength },
                    new() { Total = product + water, Strength = strength },
                ];
                return pairs
                    .Select(Solved)
                    .All(mixture =>
                        Close(mixture.Product, product)
                        && Close(mixture.Water, water)
                        && Math.Abs(mixture.Strength.Share - strength.Share) < 1e-9
                    );
            }
        );

    [Property]
    public Property A_top_up_comes_to_the_target_and_keeps_the_product() =>
        Prop.ForAll(
            (
                from held in Millilitres
                from more in Millilitres
                from heldPercent in Gen.Choose(1, 100)
                from target in Gen.Choose(1, 100)
                select (held, more, heldPercent, target)
            ).ToArbitrary(),
            given =>
            {
                Volume held = Volume.FromMillilitres(given.held);
                Volume total = Volume.FromMillilitres(given.held + given.more);
                Strength before = Strength.FromPercent(given.heldPercent);
                Strength target = Strength.FromPercent(given.target);
                double least = held.Millilitres * before.Share / total.Millilitres;
                double most = least + (given.more / total.Millilitres);
                MixtureOrError solved = DilutionBench.TopUp(held, before, total, target);
                if (solved.Mixture is not { } added)
                {
                    return target.Share < least + 1e-6 || target.Share > most - 1e-6;
                }

                double product = (held.Millilitres * before.Share) + added.Product.Millilitres;
                return Math.Abs((product / total.Millilitres) - target.Share) < 1e-9
                    && Math.Abs(added.Total.Millilitres - given.more) < 1e-6 * total.Millilitres;
            }
        );

    [Theory]
    [InlineData(0.2, "83.3 %")]
    [InlineData(0.5, "66.7 %")]
    [InlineData(1, "1:1")]
    [InlineData(8, "1:8")]
    public void More_product_than_water_is_written_in_percent(double waterParts, string written) =>
        Assert.Equal(written, $"{Strength.FromWaterParts(waterParts)}");

    [Property]
    public Property Strengths_survive_being_written_and_read() =>
        Prop.ForAll(
            Gen.Choose(0, 20_000).Select(tenth => tenth / 10.0).ToArbitrary(),
            parts =>
            {
                Strength strength = Strength.FromWaterParts(parts);
                Strength read = Strength.Parse($"{strength}")!.Value;
                // Three figures are written.
                return Math.Abs(read.Share - strength.Share) <= 0.006 * strength.Share
                    && Strength.Parse($"{read}") == read;
            }
        );

    [Property]
    public Property What_is_measured_by_hand_is_near_the_exact_mixture_and_says_its_true_strength() =>
        Prop.ForAll(
            (
                from total in Millilitres
                from share in Shares
                select (product: total * share, water: total * (1 - share))
            ).ToArbitrary(),
            given =>
            {
                var exact = new Mixture(
                    Volume.FromMillilitres(given.product),
                    Volume.FromMillilitres(given.water)
                );
                Measured hand = Measuring.ByHand(exact);
                double off = Math.Abs(hand.Mixture.Product.Millilitres - given.product);
                double unit = hand.Drops is null ? 5 : 0.05;
                bool isNearest = off <= (unit / 2) + 1e-9;
                // One unit less would be thinner than any strength that can be said.
                bool isThinnest =
                    off < unit
                    && (hand.Mixture.Product.Millilitres - unit) * 10_001 < given.water + given.product;
                bool counts =
                    hand.Drops is not { } drops
                    || Math.Abs((drops / 20.0) - hand.Mixture.Product.Millilitres) < 1e-9;
                return counts
                    && (isNearest || isThinnest || hand.Mixture.Product == exact.Total)
                    && Close(hand.Mixture.Total, exact.Total)
                    && Close(
                        hand.Mixture.Product,
                        Volume.FromMillilitres(hand.Mixture.Strength.Share * exact.Total.Millilitres)
                    );
            }
        );

    [Property]
    public Property A_bottle_topped_up_by_hand_still_has_a_strength() =>
        Prop.ForAll(
            (
                from held in Millilitres
                from more in Millilitres
                from before in Shares
                from after in Shares
                select (held, more, before, after)
            ).ToArbitrary(),
            given =>
            {
                Volume held = Volume.FromMillilitres(given.held);
                var bottle = new Mixture(held * given.before, held * (1 - given.before));
                if (
                    DilutionBench
                        .TopUp(
                            held,
                            Strength.FromShare(given.before),
                            held + Volume.FromMillilitres(given.more),
                            Strength.FromShare(given.after)
                        )
                        .Mixture
                    is not { } added
                )
                {
                    return true;
                }

                Mixture hand = Measuring.ByHand(added, bottle).Mixture;
                var whole = new Mixture(bottle.Product + hand.Product, bottle.Water + hand.Water);
                return Close(hand.Total, added.Total)
                    && (added.Product != Volume.Zero || hand.Product == Volume.Zero)
                    && Math.Abs(whole.Strength.Share - given.after) * whole.Total.Millilitres <= 5 + 1e-6;
            }
        );

    [Fact]
    public void Water_alone_is_added_as_it_is()
    {
        Mixture added = DilutionBench
            .TopUp(
                Volume.FromMillilitres(200),
                Strength.FromPercent(10),
                Volume.FromMillilitres(500),
                Strength.FromPercent(4)
            )
            .Mixture!;
        Measured hand = Measuring.ByHand(added, null);

        Assert.Equal(0, hand.Mixture.Product.Millilitres, 9);
        Assert.Equal(300, hand.Mixture.Water.Millilitres, 6);
        Assert.Null(hand.Drops);
    }

    [Fact]
    public void Anything_but_two_values_is_refused()
    {
        Volume some = Volume.FromMillilitres(100);

        Assert.NotNull(DilutionBench.Solve(new MixtureRequest { Total = some }).ValidationError);
        Assert.NotNull(
            DilutionBench
                .Solve(
                    new MixtureRequest
                    {
                        Total = some,
                        Product = some,
                        Water = some,
                    }
                )
                .ValidationError
        );
        // Neat product has no water in it.
        Assert.NotNull(
            DilutionBench.Solve(new MixtureRequest { Water = some, Strength = Strength.Neat }).ValidationError
        );
        // More water than there is in all.
        Assert.NotNull(
            DilutionBench
                .Solve(new MixtureRequest { Total = some, Water = Volume.FromMillilitres(101) })
                .ValidationError
        );
    }

    // Common practice: rinseless wash for screens is 1 fl oz in 32 fl oz; soap water 6 to 10 drops in 32 fl oz.
    [Fact]
    public void Recipes_of_the_trade_come_out_in_any_unit()
    {
        Mixture rinseless = Solved(
            new MixtureRequest
            {
                Product = Volume.From(1, VolumeUnit.UsFluidOunce),
                Water = Volume.From(32, VolumeUnit.UsFluidOunce),
            }
        );
        Mixture soap = Solved(
            new MixtureRequest
            {
                Product = Volume.From(8, VolumeUnit.Drop),
                Water = Volume.From(32, VolumeUnit.UsFluidOunce),
            }
        );

        Assert.Equal(32, rinseless.Strength.WaterParts, 1e-9);
        Assert.Equal(8, Measuring.ByHand(soap).Drops);
    }

    // NIST Handbook 44, appendix C, and UK Weights and Measures Act 1985.
    [Theory]
    [InlineData(VolumeUnit.UsFluidOunce, 29.57353)]
    [InlineData(VolumeUnit.ImperialFluidOunce, 28.41306)]
    [InlineData(VolumeUnit.Litre, 1000)]
    [InlineData(VolumeUnit.Drop, 0.05)]
    public void Units_are_worth_what_is_published(VolumeUnit unit, double millilitres)
    {
        Assert.Equal(millilitres, Volume.From(1, unit).Millilitres, 0.000005 * millilitres);
        Assert.Equal(1, Volume.From(1, unit).In(unit), 1e-12);
    }

    // NIST Handbook 44: a US gallon of 128 fl oz is 3.785412 l, five of them 18.93 l.
    [Fact]
    public void Five_us_gallons_are_18_93_litres()
    {
        Assert.Equal(3.785412, Volume.From(128, VolumeUnit.UsFluidOunce).In(VolumeUnit.Litre), 0.000001);
        Assert.Equal(18.93, Volume.From(5 * 128, VolumeUnit.UsFluidOunce).In(VolumeUnit.Litre), 0.005);
    }

    [Fact]
    public void What_is_ready_to_use_is_not_thinned_and_nothing_is_mixed_stronger_than_its_label()
    {
        Product ready = Product.OfClass(new(Guid.NewGuid()), "Glass cleaner", ProductClass.GlassCleaner);
        Product concentrate = Product.OfClass(
            new(Guid.NewGuid()),
            "Concentrate",
            ProductClass.AllPurposeCleaner
        );

        Assert.NotNull(MixingAdvice.Refusal(ready, Strength.FromWaterParts(8)));
        Assert.Null(MixingAdvice.Refusal(ready, Strength.Neat));
        Assert.NotNull(MixingAdvice.Refusal(concentrate, Strength.FromWaterParts(2)));
        Assert.Null(MixingAdvice.Refusal(concentrate, Strength.FromPercent(2)));
        Assert.NotNull(MixingAdvice.Remark(concentrate, Strength.FromWaterParts(500)));
        Assert.NotNull(
            MixingAdvice.Refusal(
                Product.OfClass(new(Guid.NewGuid()), "Sponge", ProductClass.MelamineSponge),
                Strength.Neat
            )
        );
    }

    private static Mixture Solved(MixtureRequest request) => DilutionBench.Solve(request).Mixture!;

    private static bool Close(Volume one, Volume other) =>
        Math.Abs(one.Millilitres - other.Millilitres) <= 1e-6 * Math.Max(1, one.Millilitres);
}
