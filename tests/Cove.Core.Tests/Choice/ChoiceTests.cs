namespace Cove.Core.Tests.Choice;

public sealed class ChoiceTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 10, 0, 0, TimeSpan.Zero);

    private static readonly CareLedger Ledger = AnyCar.Ledger(
        CareBook.ReferenceLayout,
        Usage.Reference,
        Now,
        1
    );

    [Fact]
    public void The_gentlest_that_suffices_is_chosen_and_more_soil_takes_more()
    {
        ProductChooser chooser = ChooserOf(ProductClass.InteriorCleaner, ProductClass.AllPurposeCleaner);

        Assert.Equal(ProductClass.Water, ClassChosen(chooser, "wipe-dash", level: 1));
        Assert.Equal(ProductClass.InteriorCleaner, ClassChosen(chooser, "wipe-dash", level: 2.5));
    }

    [Fact]
    public void More_soil_never_takes_something_gentler()
    {
        foreach (CareItem item in Ledger.Items)
        {
            IReadOnlyList<TaskOption> options = item.Task.Products;
            ProductChooser chooser = ChooserOf([.. Enum.GetValues<ProductClass>()]);
            int before = -1;
            foreach (double level in new[] { 0, 0.5, 0.9, 1, 1.4, 1.9, 2.5, 5, 9 })
            {
                if (chooser.Choose(item.Task, item.Surfaces[0], new Level(level))?.Best is { } pick)
                {
                    int rank = options.TakeWhile(option => option.Class != pick.Product.Make.Class).Count();
                    Assert.True(rank >= before, $"{item.Task.Id} at {level}");
                    before = rank;
                }
            }
        }
    }

    [Fact]
    public void Whatever_is_chosen_for_any_task_may_be_done()
    {
        ProductChooser chooser = ChooserOf([.. Enum.GetValues<ProductClass>()]);
        foreach (CareItem item in Ledger.Items)
        {
            foreach (ChoiceForSurfaces one in SessionProducts.AtMark(item, Level.Everyday, chooser).Choices)
            {
                Assert.NotNull(one.Choice.Best);
                Assert.All(
                    one.Surfaces,
                    surface =>
                        Assert.True(
                            chooser
                                .Safest(one.Choice.Best.Product, surface, UseContext.Usual)
                                .Judgement.MayBeDone,
                            $"{item.Task.Id} on {surface.Name} with {one.Choice.Best.Product.Name}"
                        )
                );
            }
        }
    }

    [Fact]
    public void With_nothing_safe_it_says_what_to_buy_and_what_to_do_until_then()
    {
        // A shelf with the wrong bottle only: ammonia is no cleaner for carpets.
        ProductChooser chooser = ChooserOf(ProductClass.GlassCleanerWithAmmonia);
        CareItem carpets = Ledger.Items.First(item => item.Task.Id == "foam-carpets");

        ProductChoice choice = chooser.Choose(carpets.Task, carpets.Surfaces[0], Level.Everyday)!;

        Assert.Null(choice.Best);
        Assert.Equal(ProductClass.FabricCleaner, choice.Buy);
        Assert.Equal(ProductLackKind.NoneOwned, choice.Lack!.Kind);
        Assert.Contains("damp towel", choice.Meanwhile, StringComparison.Ordinal);
    }

    // Common practice: belts take mild soapy water and nothing else; every kitchen has it.
    [Fact]
    public void With_a_bare_shelf_belts_are_cleaned_with_the_soap_that_every_household_has()
    {
        CareItem belts = Ledger.Items.First(item => item.Task.Id == "seat-belts");

        ProductChoice choice = ChooserOf().Choose(belts.Task, belts.Surfaces[0], Level.Everyday)!;

        Assert.Equal(Product.HomelySoap, choice.Best!.Product);
    }

    // Seen: an outdated, nearly empty soap was chosen before the right cleaner.
    [Theory]
    [InlineData(500, 800, ProductLackKind.TooOld)]
    [InlineData(0.5, 10, ProductLackKind.NotEnough)]
    public void What_is_outdated_or_nearly_empty_gives_way_to_what_is_not(
        double left,
        int daysOpen,
        ProductLackKind alone
    )
    {
        var today = new DateOnly(2026, 3, 14);
        Product soap = Product.OfClass(new(Guid.NewGuid()), "Soap", ProductClass.FabricCleaner) with
        {
            Bottles =
            [
                new Bottle(
                    new BottleId(Guid.NewGuid()),
                    new Quantity(500, QuantityUnit.Millilitres),
                    new Quantity(left, QuantityUnit.Millilitres),
                    new DateTimeOffset(2026, 3, 1, 0, 0, 0, TimeSpan.Zero)
                )
                {
                    Opened = today.AddDays(-daysOpen),
                },
            ],
        };
        Product other = Product.OfClass(new(Guid.NewGuid()), "Cleaner", ProductClass.AllPurposeCleaner);
        CareItem carpets = Ledger.Items.First(item => item.Task.Id == "foam-carpets");

        Assert.Equal(other, Chosen(soap, other).Best!.Product);
        Assert.Null(Chosen(soap).Best);
        Assert.Equal(alone, Chosen(soap).Lack!.Kind);

        ProductChoice Chosen(params Product[] products)
        {
            var shelf = new Shelf(products, [], [], WaysOfWorking.Default);
            return new ProductChooser(shelf, ShelfRecords.None, new HashSet<ProductId>()).Choose(
                carpets.Task,
                carpets.Surfaces[0],
                Level.Everyday,
                Circumstances.Usual with
                {
                    Supplies = Supplies.Of(
                        products,
                        Array.Empty<ProductUse>().ToLookup(use => use.ProductId),
                        today
                    ),
                }
            )!;
        }
    }

    [Fact]
    public void Dry_tasks_take_no_product()
    {
        CareItem seats = Ledger.Items.First(item => item.Task.Id == "vacuum-seats");

        Assert.Null(
            ChooserOf(ProductClass.InteriorCleaner).Choose(seats.Task, seats.Surfaces[0], Level.Everyday)
        );
    }

    [Fact]
    public void Products_that_must_not_meet_are_never_chosen_for_one_session()
    {
        // A mat cleaner with chlorine and a glass cleaner with vinegar: each is fine alone.
        Product bleachy = Product.OfClass(new(Guid.NewGuid()), "Mat cleaner", ProductClass.RubberMatCleaner);
        bleachy = bleachy with
        {
            Make = bleachy.Make with
            {
                Chemistry = new Chemistry { Ph = 9, Chlorine = true },
            },
        };
        Product vinegar = Product.OfClass(
            new(Guid.NewGuid()),
            "Vinegar",
            ProductClass.GlassCleanerWithVinegar
        );
        var records = new ShelfRecords(
            [],
            [new MakerInstruction(null, bleachy.Id, true, "Label: for rubber mats")]
        );
        var chooser = new ProductChooser(
            Shelf.Empty with
            {
                Products = [bleachy, vinegar],
            },
            records,
            new HashSet<ProductId>()
        );

        ProductMake[][] sessions =
        [
            .. Ledger
                .At(Now)
                .Chunk(40)
                .Select(statuses =>
                    SessionProducts
                        .Choose(statuses.Select(TaskWork.FromTable), chooser)
                        .SelectMany(task => task.Choices)
                        .Select(one => one.Choice.Best?.Product.Make)
                        .OfType<ProductMake>()
                        .ToArray()
                ),
        ];

        Assert.All(
            sessions,
            used =>
                Assert.False(used.Any(one => one.Chemistry.Chlorine) && used.Any(one => one.Chemistry.Acid))
        );
        Assert.Contains(sessions, used => used.Any(one => one.Chemistry.Chlorine || one.Chemistry.Acid));
    }

    [Fact]
    public void A_spot_test_speaks_for_its_surfaces_and_for_thinner_mixtures_only()
    {
        var product = new ProductId(Guid.NewGuid());
        var records = new ShelfRecords(
            [new SpotTest(["driver-seat"], product, Strength.FromWaterParts(8), true, Now)],
            []
        );

        Assert.Equal(SpotResult.Passed, Of("driver-seat", product, 8));
        Assert.Equal(SpotResult.Passed, Of("driver-seat", product, 20));
        Assert.Equal(SpotResult.None, Of("driver-seat", product, 4));
        Assert.Equal(SpotResult.None, Of("passenger-seat", product, 8));
        Assert.Equal(SpotResult.None, Of("driver-seat", new(Guid.NewGuid()), 8));

        SpotResult Of(string surface, ProductId id, double water) =>
            records.Fill(UseContext.Usual, surface, id, Strength.FromWaterParts(water)).SpotTest;
    }

    [Fact]
    public void A_failed_test_keeps_off_at_every_strength_until_a_thinner_one_passes()
    {
        var product = new ProductId(Guid.NewGuid());
        var failed = new SpotTest(["seat"], product, Strength.FromWaterParts(4), false, Now);
        var passed = new SpotTest(["seat"], product, Strength.FromWaterParts(20), true, Now);

        Assert.All([0, 4, 10, 20, 50], water => Assert.Equal(SpotResult.Failed, Of([failed], water)));
        Assert.All([20, 50], water => Assert.Equal(SpotResult.Passed, Of([failed, passed], water)));
        // Between the two nobody has tried.
        Assert.All([0, 4, 10], water => Assert.Equal(SpotResult.Failed, Of([failed, passed], water)));

        SpotResult Of(IReadOnlyList<SpotTest> tests, double water) =>
            new ShelfRecords(tests, [])
                .Fill(UseContext.Usual, "seat", product, Strength.FromWaterParts(water))
                .SpotTest;
    }

    [Fact]
    public void A_failed_test_outweighs_a_passed_one_and_a_maker_who_forbids_one_who_allows()
    {
        var product = new ProductId(Guid.NewGuid());
        var records = new ShelfRecords(
            [
                new SpotTest(["seat"], product, Strength.FromWaterParts(8), true, Now),
                new SpotTest(["seat"], product, Strength.FromWaterParts(20), false, Now),
            ],
            [
                new MakerInstruction("seat", null, true, "Handbook"),
                new MakerInstruction(null, product, false, "Label"),
            ]
        );

        UseContext filled = records.Fill(UseContext.Usual, "seat", product, Strength.FromWaterParts(10));

        Assert.Equal(SpotResult.Failed, filled.SpotTest);
        Assert.Equal(MakerSays.Forbids, filled.Maker);
        Assert.Equal(
            MakerSays.Allows,
            records.Fill(UseContext.Usual, "seat", new(Guid.NewGuid()), Strength.Neat).Maker
        );
    }

    [Fact]
    public void Missing_tools_lead_to_a_gentler_way()
    {
        Product cleaner = Product.OfClass(
            new(Guid.NewGuid()),
            "Leather cleaner",
            ProductClass.LeatherCleanerMild
        );
        Surface seat = new(
            "seat",
            "Seat",
            "Seat",
            SurfaceKind.Seat,
            Material.CoatedLeather,
            Finish.Plain,
            Area.FromSquareMetres(1),
            "front",
            Share.All
        );
        var bare = new ProductChooser(
            Shelf.Empty with
            {
                Products = [cleaner],
                Tools = [new OwnedTool(Tool.Vacuum, 1, "")],
            },
            ShelfRecords.None,
            new HashSet<ProductId>()
        );
        var equipped = new ProductChooser(
            Shelf.Empty with
            {
                Products = [cleaner],
                Tools = [new OwnedTool(Tool.SoftBrush, 1, "")],
            },
            ShelfRecords.None,
            new HashSet<ProductId>()
        );

        Assert.Equal(Tool.MicrofibreTowel, bare.Safest(cleaner, seat, UseContext.Usual).Way.Tool);
        Assert.Equal(Tool.SoftBrush, equipped.Safest(cleaner, seat, UseContext.Usual).Way.Tool);
    }

    private static ProductChooser ChooserOf(params ProductClass[] classes) =>
        new(
            Shelf.Empty with
            {
                Products = [.. classes.Select(one => Product.OfClass(new(Guid.NewGuid()), $"{one}", one))],
            },
            ShelfRecords.None,
            new HashSet<ProductId>()
        );

    private static ProductClass? ClassChosen(ProductChooser chooser, string taskId, double level)
    {
        CareItem item = Ledger.Items.First(item => item.Task.Id == taskId);
        return chooser.Choose(item.Task, item.Surfaces[0], new Level(level))?.Best?.Product.Make.Class;
    }
}
