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
    public void What_hurts_people_is_not_treated_and_says_who_deals_with_it(SpotKind kind, string who)
    {
        var aid = FirstAid.For(kind, SpotGround.Cloth);

        Assert.Empty(aid.Steps);
        Assert.Contains(who, aid.Who, StringComparison.Ordinal);
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
