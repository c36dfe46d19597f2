namespace Cove.Core.Tests.Stock;

public sealed class StockTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 10, 0, 0, TimeSpan.Zero);
    private static readonly DateOnly Today = new(2026, 3, 14);

    // Common practice: fabric cleaner takes about 150 ml for the seats and 100 ml for the floor of a mid-size
    // car, so a bottle of 500 ml gives two full cleanings.
    [Fact]
    public void Half_a_litre_of_fabric_cleaner_gives_two_full_cleanings()
    {
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Now, 1);
        double seats = MixtureOf("clean-fabric-seats");
        double floor = MixtureOf("foam-carpets");

        Assert.Equal(150, seats, 0.5);
        Assert.Equal(100, floor, 0.5);
        Assert.Equal(2, 500 / (seats + floor), 0.05);

        double MixtureOf(string taskId)
        {
            CareItem item = ledger.Items.First(item => item.Task.Id == taskId);
            return Consumption.MixtureOf(item.Task, item.Surfaces).Millilitres;
        }
    }

    [Fact]
    public void Every_task_that_takes_a_liquid_takes_some_of_it()
    {
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Now, 1);

        Assert.All(
            ledger.Items.Where(item => item.Task.Products.Count > 0 && item.Task.Id != "scent"),
            item =>
                Assert.True(Consumption.MixtureOf(item.Task, item.Surfaces) > Volume.Zero, item.Task.Id.Value)
        );
    }

    [Fact]
    public void Use_is_taken_from_what_was_mixed_first_then_from_what_is_open()
    {
        Product product = Owned(
            Bottle(500, 500) with
            {
                Opened = null,
            },
            Bottle(500, 300) with
            {
                Opened = Today.AddDays(-30),
            },
            Bottle(400, 100) with
            {
                Mixed = Strength.FromPercent(10),
                MixedOn = Today.AddDays(-3),
            }
        );

        // 10 ml of product are in the mixed bottle; 15 ml come from the open one.
        IReadOnlyList<Quantity> left = BottleStock.Left(product, [Use(25)]);

        Assert.Equal([500, 285, 0], left.Select(one => one.Value));
    }

    [Fact]
    public void What_was_used_before_a_bottle_was_measured_is_not_taken_from_it()
    {
        Product product = Owned(Bottle(500, 300));

        Assert.Equal(300, BottleStock.Left(product, [Use(50, daysAgo: 40)])[0].Value);
        Assert.Equal(250, BottleStock.Left(product, [Use(50, daysAgo: 1)])[0].Value);
    }

    [Property]
    public Property No_product_appears_or_vanishes_while_bottles_hold_enough() =>
        Prop.ForAll(
            (
                from sizes in Gen.Choose(1, 500).NonEmptyListOf()
                from percents in Gen.Choose(1, 100).ListOf(sizes.Count)
                from uses in Gen.Choose(0, 60).ListOf()
                select (sizes, percents, uses)
            ).ToArbitrary(),
            given =>
            {
                Product product = Owned([
                    .. given.sizes.Select(
                        (size, i) =>
                            i % 2 == 0
                                ? Bottle(size, size)
                                : Bottle(size, size) with
                                {
                                    Mixed = Strength.FromPercent(given.percents[i]),
                                    MixedOn = Today,
                                }
                    ),
                ]);
                double before = product.Bottles.Sum(bottle => bottle.ProductLeft.Value);
                double used = given.uses.Sum();
                IReadOnlyList<Quantity> left = BottleStock.Left(
                    product,
                    given.uses.Select(amount => Use(amount))
                );
                double after = product
                    .Bottles.Select((bottle, i) => left[i].Value * (bottle.Mixed?.Share ?? 1))
                    .Sum();
                return left.All(one => one.Value >= 0)
                    && Math.Abs(after - Math.Max(0, before - used)) < 1e-6 * Math.Max(1, before);
            }
        );

    [Fact]
    public void A_product_runs_out_when_what_is_left_is_used_at_the_rate_of_the_routine()
    {
        Product product = Owned(Bottle(500, 90) with { Price = 10 });

        StockOutlook outlook = StockOutlook.Of(product, [], new Quantity(3, QuantityUnit.Millilitres), Today);

        Assert.Equal(Today.AddDays(30), outlook.RunsOut);
        // 10 for 500 ml is 0.02 a millilitre; 3 ml a day are 0.06.
        Assert.Equal(0.06m * 365.25m, outlook.CostPerYear);
        Assert.Null(StockOutlook.Of(product, [], Quantity.Zero, Today).RunsOut);
        Assert.Equal(
            Today,
            StockOutlook.Of(product, [Use(500)], new Quantity(3, QuantityUnit.Millilitres), Today).RunsOut
        );
    }

    [Fact]
    public void The_shopping_list_names_what_runs_out_and_what_is_lacking_the_most_urgent_first()
    {
        Product soon = Owned(Bottle(500, 90));
        Product later = Owned(Bottle(500, 499));
        StockOutlook[] outlooks =
        [
            StockOutlook.Of(soon, [], new Quantity(3, QuantityUnit.Millilitres), Today),
            StockOutlook.Of(later, [], new Quantity(3, QuantityUnit.Millilitres), Today),
        ];
        CareTask belts = CareTasks.Find("seat-belts")!;

        IReadOnlyList<ShoppingItem> list = ShoppingList.Make(
            outlooks,
            [
                new MissingProduct(belts, ProductClass.InteriorCleaner),
                // What a household mixes by itself is mixed, not bought.
                new MissingProduct(belts, ProductClass.SoapWater),
            ],
            Today
        );

        Assert.Equal([null, soon.Id], list.Select(item => item.ProductId));
        Assert.Equal([Today, Today.AddDays(30)], list.Select(item => item.By));
    }

    [Fact]
    public void Twice_the_distance_uses_no_less()
    {
        var usage = new Usage([
            new UsageEntry(
                Now.AddDays(-1),
                CarUse.Reference with
                {
                    Distance = WeeklyDistance.FromKilometres(480),
                }
            ),
        ]);
        Shelf shelf = Shelf.Empty with
        {
            Products =
            [
                .. Enum.GetValues<ProductClass>()
                    .Select(one => Product.OfClass(new(Guid.NewGuid()), $"{one}", one)),
            ],
        };

        RoutineDemand usual = DemandOf(Usage.Reference);
        RoutineDemand busy = DemandOf(usage);

        Assert.NotEmpty(usual.PerDay);
        Assert.All(usual.PerDay, entry => Assert.True(busy.PerDay[entry.Key] >= entry.Value));

        RoutineDemand DemandOf(Usage use)
        {
            CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, use, Now, 1);
            return RoutineDemand.Of(ledger, new CarShelf(ledger, shelf, ShelfRecords.None).Chooser, Now);
        }
    }

    [Fact]
    public void A_bottle_mixed_at_home_takes_its_product_from_those_it_was_bought_in()
    {
        Product product = Owned(
            Bottle(500, 10) with
            {
                Opened = Today.AddDays(-30),
            },
            Bottle(500, 500),
            Bottle(500, 100) with
            {
                Mixed = Strength.FromPercent(2),
                MixedOn = Today,
            }
        );
        IReadOnlyList<Quantity> left = BottleStock.Left(product, []);

        Product mixed = Bottling.Mix(
            product,
            left,
            Volume.FromMillilitres(500),
            Strength.FromPercent(4),
            new(Guid.NewGuid()),
            Now,
            Today
        );

        Assert.Equal([0, 490, 100, 500], mixed.Bottles.Select(bottle => bottle.Left.Value));
        Assert.Equal(
            product.Bottles.Sum(bottle => bottle.ProductLeft.Value),
            mixed.Bottles.Sum(bottle => bottle.ProductLeft.Value),
            9
        );
        Assert.Equal(Today, mixed.Bottles[^1].MixedOn);
        Assert.Empty(ProductRules.Check(mixed, Today));
    }

    [Fact]
    public void A_mixture_keeps_for_half_a_year_at_most()
    {
        Bottle mixed = Bottle(500, 500) with
        {
            Mixed = Strength.FromWaterParts(8),
            MixedOn = new DateOnly(2026, 1, 10),
        };

        Assert.Equal(new DateOnly(2026, 7, 10), mixed.TooOldFrom(24));
        Assert.Equal(new DateOnly(2026, 4, 10), mixed.TooOldFrom(3));
        Assert.Null(Bottle(500, 500).TooOldFrom(24));
    }

    [Fact]
    public void What_was_counted_in_pieces_takes_nothing_from_a_bottle_of_liquid()
    {
        var wipes = new ProductUse(default, Now, new Quantity(3, QuantityUnit.Pieces));

        Quantity left = Assert.Single(BottleStock.Left(Owned(Bottle(500, 300)), [wipes, Use(20)]));

        Assert.Equal(new Quantity(280, QuantityUnit.Millilitres), left);
    }

    [Property]
    public void Millilitres_and_pieces_cannot_be_reckoned_together(PositiveInt one, PositiveInt other)
    {
        var liquid = new Quantity(one.Get, QuantityUnit.Millilitres);
        var solid = new Quantity(other.Get, QuantityUnit.Pieces);

        Assert.Throws<InvalidOperationException>(() => liquid + solid);
        Assert.Throws<InvalidOperationException>(() => solid - liquid);
        Assert.Throws<InvalidOperationException>(() => liquid < solid);
        Assert.Throws<InvalidOperationException>(() => liquid / solid);
        Assert.Equal(solid, Quantity.Zero + solid);
        Assert.True(solid > Quantity.Zero);
    }

    private static Product Owned(params Bottle[] bottles) =>
        Product.OfClass(new(Guid.NewGuid()), "Concentrate", ProductClass.AllPurposeCleaner) with
        {
            Bottles = bottles,
        };

    private static Bottle Bottle(double size, double left) =>
        new(
            new(Guid.NewGuid()),
            new Quantity(size, QuantityUnit.Millilitres),
            new Quantity(left, QuantityUnit.Millilitres),
            Now.AddDays(-10)
        );

    private static ProductUse Use(double amount, int daysAgo = 0) =>
        new(default, Now.AddDays(-daysAgo), new Quantity(amount, QuantityUnit.Millilitres));
}
