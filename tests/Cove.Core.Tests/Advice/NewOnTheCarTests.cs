namespace Cove.Core.Tests.Advice;

/// <summary>What cars, shelves and hands have beside the obvious. Common practice where a comment does not say otherwise.</summary>
public sealed class NewOnTheCarTests
{
    // Seen: no car had a stalk, a handle or a buckle to wipe.
    [Property]
    public Property Every_car_has_touch_points_and_switches_with_a_wipe_every_week_or_two() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout =>
            {
                IReadOnlyList<CareItem> items = CareBook.For(AnyCar.Of(layout));
                CareItem? wipe = items.FirstOrDefault(item => item.Task.Id == "touch-points");
                return wipe is not null
                    && wipe.Surfaces.Any(surface => surface.Kind == SurfaceKind.TouchPoints)
                    && wipe.Surfaces.Any(surface => surface.Kind == SurfaceKind.Switches)
                    && wipe.Task.Interval.TotalDays is >= 7 and <= 14;
            }
        );

    [Fact]
    public void Children_bring_the_touch_points_round_sooner()
    {
        TimeSpan Interval(int children)
        {
            CareLedger ledger = new Home { Use = CarUse.Reference with { Children = children } }
                .Day
                .Ledger;
            return ledger
                .IntervalOf(ledger.Items.First(item => item.Task.Id == "touch-points"), Home.Now)!
                .Value;
        }

        Assert.True(Interval(2) < Interval(0) * 0.9);
    }

    // Seen: a dog on fabric seats, and the nozzle pushed its hair about.
    [Theory]
    [InlineData(Material.WovenFabric, Often.Sometimes, true)]
    [InlineData(Material.WovenFabric, Often.Never, false)]
    [InlineData(Material.CoatedLeather, Often.Sometimes, false)]
    public void Hair_is_gathered_dry_in_one_direction_before_the_nozzle(
        Material seats,
        Often pets,
        bool gathered
    )
    {
        DayPlan day = new Home
        {
            Layout = CabinLayout.Usual(BodyType.Estate) with { SeatMaterial = seats },
            Use = CarUse.Reference with { Pets = pets },
        }.Day;
        Method method = Assert
            .Single(day.Session(120).Plan.Works, work => work.Status.Item.Task.Id == "vacuum-seats")
            .Uses[0]
            .Method;

        Assert.Equal(gathered, method.Id == "vacuum-hair");
        if (gathered)
        {
            Assert.True(
                method.Steps.Index().First(step => step.Item.Tool == Tool.RubberGlove).Index
                    < method.Steps.Index().First(step => step.Item.Tool == Tool.Vacuum).Index
            );
            Assert.DoesNotContain(method.Steps, step => step.Uses is not null);
        }
    }

    [Fact]
    public void Lines_in_the_pile_are_drawn_for_who_asks_for_them()
    {
        Method Floor(PileSchool pile) =>
            MethodLibrary.Choose(
                CareTasks.Find("vacuum-carpets")!,
                new SurfaceMake(SurfaceKind.Carpet, Material.Pile),
                new MethodAsk(Soil.Light, WaysOfWorking.Default with { Pile = pile }, _ => false)
            );

        Assert.Contains(Floor(PileSchool.Lines).Steps, step => step.Aim == "Draw the lines");
        Assert.DoesNotContain(Floor(PileSchool.AsItFalls).Steps, step => step.Aim == "Draw the lines");
    }

    // Seen: a rubber floor was to be foamed, or had nothing but the vacuum.
    [Fact]
    public void A_rubber_floor_is_wiped_wet_and_dried()
    {
        IReadOnlyList<CareItem> items = CareBook.For(
            AnyCar.Of(CabinLayout.Usual(BodyType.Estate) with { Floor = Material.Rubber })
        );
        Method method = MethodLibrary.Choose(
            CareTasks.Find("wash-rubber-floor")!,
            new SurfaceMake(SurfaceKind.Carpet, Material.Rubber),
            new MethodAsk(Soil.Light, WaysOfWorking.Default, _ => false)
        );

        Assert.Contains(items, item => item.Task.Id == "wash-rubber-floor");
        Assert.DoesNotContain(items, item => item.Task.Id == "foam-carpets");
        Assert.NotNull(method.Drying);
        Assert.Equal("Dry it", method.Steps[^1].Aim);
    }

    // Seen: synthetic leather was cleaned, and never protected.
    [Fact]
    public void Synthetic_leather_is_protected_with_a_dry_coat_that_blocks_the_sun()
    {
        var home = new Home
        {
            Layout = CabinLayout.Usual(BodyType.Estate) with { SeatMaterial = Material.SyntheticLeather },
            Shelf = [ProductClass.InteriorDetailer, ProductClass.SolventDressing],
        };
        TaskChoices choices = home.Session(120).Choices.First(task => task.Task.Id == "protect-synthetic");

        Assert.All(
            choices.Choices,
            choice =>
            {
                Assert.Equal(ProductClass.InteriorDetailer, choice.Choice.Best!.Product.Make.Class);
                Assert.True(choice.Choice.Best.Product.Uv);
            }
        );
    }

    [Theory]
    [InlineData(ScentSchool.Pad, "scent-pad")]
    [InlineData(ScentSchool.Clip, "scent-clip")]
    [InlineData(ScentSchool.Intake, "scent-intake")]
    public void A_scent_comes_by_pad_clip_or_intake_as_its_owner_likes(ScentSchool school, string method) =>
        Assert.Equal(
            method,
            MethodLibrary
                .Choose(
                    CareTasks.Find("scent")!,
                    new SurfaceMake(SurfaceKind.Air, Material.None),
                    new MethodAsk(Soil.Light, WaysOfWorking.Default with { Scent = school }, _ => false)
                )
                .Id.Value
        );

    // Seen: whoever owns a steamer and compressed air found no method with them but one for vents.
    [Fact]
    public void Steam_and_air_have_methods_where_they_are_sound_and_are_asked_for()
    {
        Method Of(TaskId task, SurfaceMake make, SteamSchool steam) =>
            MethodLibrary.Choose(
                CareTasks.Find(task)!,
                make,
                new MethodAsk(Soil.Heavy, WaysOfWorking.Default with { Steam = steam }, _ => true)
            );
        var cups = new SurfaceMake(SurfaceKind.CupHolders, Material.Plastic);
        var seat = new SurfaceMake(SurfaceKind.Seat, Material.CoatedLeather);

        Assert.Contains(Tool.Steamer, Of("cup-holders", cups, SteamSchool.Welcome).Tools);
        Assert.Contains(Tool.CompressedAir, Of("vacuum-seats", seat, SteamSchool.Welcome).Tools);
        Assert.DoesNotContain(Tool.Steamer, Of("cup-holders", cups, SteamSchool.Avoid).Tools);
        Assert.DoesNotContain(Tool.CompressedAir, Of("vacuum-seats", seat, SteamSchool.Avoid).Tools);
        Assert.All(
            MethodLibrary.All.Where(known => known.Method.Tools.Contains(Tool.Steamer)),
            known =>
                Assert.DoesNotContain(
                    known.TaskIds,
                    task => task.Value is "headliner" or "wipe-screens" or "cluster-lens" or "seat-belts"
                )
        );
        Assert.All(
            MethodLibrary.All.Where(known => known.Method.Tools.Contains(Tool.CompressedAir)),
            known => Assert.Contains(Gear.EyeProtection, known.Method.Gear)
        );
    }

    // Seen: a gel used for half a year, dark and sticky, was still pressed into seams.
    [Fact]
    public void Gel_brushes_and_towels_are_retired_by_record()
    {
        var shelf = new Shelf(
            [],
            [new OwnedTool(Tool.Gel, 1, string.Empty), new OwnedTool(Tool.Vacuum, 1, string.Empty)],
            [new OwnedTowels(TowelRole.Buff, "Grey", 4)],
            WaysOfWorking.Default
        );
        TaskDone[] log =
        [
            .. Enumerable
                .Range(0, 30)
                .Select(week => new TaskDone(
                    new(Guid.NewGuid()),
                    Home.Now.AddDays(-7 * week),
                    "brush-vents",
                    Share.All
                )
                {
                    Methods = [new MethodUsed("vents-brush", 1, ["vents"])],
                }),
        ];

        IReadOnlyList<ToolWear> wear = ToolWear.Of(shelf, log);
        ToolWear gel = Assert.Single(wear, one => one.Tool == Tool.Gel);
        Shelf renewed = shelf with
        {
            Tools =
            [
                new OwnedTool(Tool.Gel, 1, string.Empty)
                {
                    Since = DateOnly.FromDateTime(Home.Now.AddDays(-10).DateTime),
                },
            ],
        };

        Assert.Equal(30, gel.Sessions);
        Assert.True(gel.IsDue);
        Assert.Contains("dark or sticky", gel.Sentence, StringComparison.Ordinal);
        Assert.DoesNotContain(wear, one => one.Tool == Tool.Vacuum);
        Assert.Equal(0, Assert.Single(wear, one => one.Towels == TowelRole.Buff).Sessions);
        Assert.Equal(2, ToolWear.Of(renewed, log)[0].Sessions);
        Assert.False(ToolWear.Of(renewed, log)[0].IsDue);
    }

    // Seen: concentrate was mixed step by step, and ran out half way.
    [Fact]
    public void What_to_mix_before_starting_is_said_once_for_each_product_and_strength_with_what_is_left_after()
    {
        DayPlan day = new Home
        {
            Layout = CabinLayout.Usual(BodyType.Estate) with
            {
                FrontMats = Material.Rubber,
                RearMats = Material.Pile,
            },
            Soil = 1.4,
            Shelf = [ProductClass.AllPurposeCleaner],
            Place = Workplace.Usual with { Standing = Standing.UntilTomorrow },
        }.Day;
        IReadOnlyList<RunStep> steps = day.Session(120).Steps;

        IReadOnlyList<SessionMixture> mixtures = SessionMixture.Of(
            steps,
            _ => new Quantity(200, QuantityUnit.Millilitres)
        );

        SessionMixture[] mixed = [.. mixtures.Where(one => one.Name == "AllPurposeCleaner")];
        double taken = steps
            .SelectMany(step => step.Products)
            .Where(product => product.Name == "AllPurposeCleaner")
            .Sum(product => product.Amount.Value);
        Assert.NotEmpty(mixed);
        Assert.Equal(mixed.Length, mixed.DistinctBy(one => one.Strength).Count());
        Assert.All(mixed, one => Assert.True(one.IsMixed));
        Assert.All(mixed, one => Assert.Equal(200 - taken, one.LeftAfter!.Value.Value, 6));
        Assert.DoesNotContain(mixtures, one => one.ProductId == Product.TapWater.Id);
    }

    // Seen: "1 drop in 1 ml of water". Nobody can measure that.
    [Theory]
    [InlineData(0.05, 1)]
    [InlineData(0.4, 8)]
    [InlineData(14, 140)]
    public void What_is_mixed_can_be_measured_and_keeps_its_strength(double product, double mixture)
    {
        var step = new RunStep("wipe-dash", false, TimeSpan.FromMinutes(5), [], [], TimeSpan.Zero)
        {
            Products =
            [
                new StepProduct(
                    new(Guid.NewGuid()),
                    "Concentrate",
                    Strength.FromShare(product / mixture),
                    Application.OnTowel,
                    Tool.MicrofibreTowel,
                    [],
                    new Quantity(product, QuantityUnit.Millilitres),
                    []
                ),
            ],
        };

        SessionMixture mixed = Assert.Single(SessionMixture.Of([step], _ => null));

        Mixture measured = mixed.Measured.Mixture;
        Assert.True(mixed.Measured.Drops is null or >= 5);
        Assert.True(measured.Total.Millilitres >= Math.Max(29.9, mixture));
        Assert.InRange(
            measured.Product.Millilitres / measured.Total.Millilitres / (product / mixture),
            0.75,
            1.34
        );
    }

    // Seen: "Dish soap: 14 ml, as it is".
    [Fact]
    public void Soap_is_taken_by_the_drop_and_never_as_it_is()
    {
        DayPlan day = new Home
        {
            Soil = 1.4,
            Shelf = [ProductClass.SoapWater],
            Place = Workplace.Usual with { Standing = Standing.UntilTomorrow },
        }.Day;

        string[] soaps =
        [
            .. SessionMixture
                .Of(day.Session(120).Steps, _ => new Quantity(400, QuantityUnit.Millilitres))
                .Where(mixture => mixture.Name == "SoapWater")
                .Select(mixture => mixture.Sentence),
        ];

        Assert.NotEmpty(soaps);
        Assert.All(soaps, said => Assert.Contains("a few drops in a bowl", said, StringComparison.Ordinal));
        Assert.All(soaps, said => Assert.DoesNotContain(" ml", said, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void A_bottle_that_is_mixed_already_is_pointed_to(bool kept)
    {
        var strength = Strength.FromShare(0.1);
        Product product = Product.OfClass(
            new(Guid.NewGuid()),
            "Concentrate",
            ProductClass.AllPurposeCleaner
        ) with
        {
            Bottles =
            [
                new Bottle(
                    new(Guid.NewGuid()),
                    new Quantity(500, QuantityUnit.Millilitres),
                    new Quantity(kept ? 300 : 0, QuantityUnit.Millilitres),
                    Home.Now
                )
                {
                    Mixed = strength,
                },
            ],
        };

        Assert.Equal(kept, StepProduct.StandsMixed(product, strength));
        Assert.False(StepProduct.StandsMixed(product, Strength.FromShare(0.2)));
    }
}
