namespace Cove.Core.Tests.Cars;

public sealed class MethodBookTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly CabinLayout Fabric = CareBook.ReferenceLayout with
    {
        TintedRear = true,
        SeatMaterial = Material.WovenFabric,
    };

    private static (CareLedger Ledger, MethodBook Book) At(double level, WaysOfWorking? ways = null)
    {
        CareLedger ledger = AnyCar.Ledger(Fabric, Usage.Reference, Now, level);
        Shelf shelf = Panes.FullShelf(ways);
        return (ledger, new MethodBook(ledger, shelf, Panes.Advisor(shelf), Now));
    }

    private static TaskWork WorkOf(string taskId, double level, WaysOfWorking? ways = null)
    {
        (CareLedger ledger, MethodBook book) = At(level, ways);
        return book.Of(ledger.StatusOf(ledger.Items.Single(item => item.Task.Id == taskId), Now));
    }

    // Common practice: the brush takes about three times as long as the cloth.
    [Fact]
    public void Heavy_soil_takes_the_brush_and_three_times_the_minutes()
    {
        TaskWork light = WorkOf("clean-fabric-seats", 1);
        TaskWork heavy = WorkOf("clean-fabric-seats", 2);

        Assert.Equal("fabric-cloth", Assert.Single(light.Uses).Method.Id);
        Assert.Equal("fabric-brush", Assert.Single(heavy.Uses).Method.Id);
        Assert.InRange(heavy.Hands / light.Hands, 2.8, 3.2);
    }

    /// <summary>What takes the soil off is a matter of the soil. Taste only says when.</summary>
    [Theory]
    [InlineData(Tidiness.Relaxed)]
    [InlineData(Tidiness.Everyday)]
    [InlineData(Tidiness.Particular)]
    public void The_same_soil_takes_the_same_method_whatever_the_owners_taste(Tidiness taste)
    {
        var usage = new Usage([new UsageEntry(Now, CarUse.Reference with { Tidiness = taste })]);
        Shelf shelf = Panes.FullShelf(null);

        Assert.Equal("fabric-cloth", MethodAt(1.4));
        Assert.Equal("fabric-brush", MethodAt(1.6));

        MethodId MethodAt(double soil)
        {
            CareLedger ledger = AnyCar.Ledger(Fabric, usage, Now, soil);
            var book = new MethodBook(ledger, shelf, Panes.Advisor(shelf), Now);
            CareStatus seats = ledger.StatusOf(
                ledger.Items.Single(item => item.Task.Id == "clean-fabric-seats"),
                Now
            );
            return Assert.Single(book.Of(seats).Uses).Method.Id;
        }
    }

    [Fact]
    public void Every_surface_of_a_task_is_in_exactly_one_of_its_uses()
    {
        foreach (double level in new[] { 0.4, 1, 2.5 })
        {
            (CareLedger ledger, MethodBook book) = At(level);
            Assert.All(
                ledger.At(Now).Select(book.Of),
                work =>
                {
                    Assert.Equal(
                        work.Status.Surfaces.Select(one => one.Surface.Id).Order(),
                        work.Uses.SelectMany(use => use.Surfaces).Select(surface => surface.Id).Order()
                    );
                    Assert.True(work.Hands >= TimeSpan.FromMinutes(0.5));
                    Assert.Equal(0, work.Hands.TotalMinutes * 2 % 1);
                }
            );
        }
    }

    [Fact]
    public void Tinted_panes_take_another_method_than_clear_ones_in_one_task()
    {
        TaskWork glass = WorkOf("other-glass", 0.9);

        Assert.Contains(glass.Uses, use => use.Method.Id == "glass-soap");
        Assert.Contains(glass.Uses, use => use.Method.Id == "glass-two-towels");
        Assert.All(
            glass.Uses.Where(use => use.Method.Id == "glass-two-towels").SelectMany(use => use.Surfaces),
            pane => Assert.False(pane.Facts.HasFlag(SurfaceFacts.TintFilm))
        );
    }

    [Fact]
    public void Drying_follows_the_school_but_belts_keep_their_day()
    {
        WaysOfWorking air = WaysOfWorking.Default with { Drying = DryingSchool.Evaporate };
        WaysOfWorking blower = WaysOfWorking.Default with { Drying = DryingSchool.Blower };

        Assert.Equal(TimeSpan.FromMinutes(20), WorkOf("wash-rubber-mats", 1).Drying);
        Assert.Equal(TimeSpan.FromMinutes(30), WorkOf("wash-rubber-mats", 1, air).Drying);
        Assert.Equal(TimeSpan.FromMinutes(12), WorkOf("wash-rubber-mats", 1, blower).Drying);
        Assert.Equal(TimeSpan.FromHours(24), WorkOf("seat-belts", 1, blower).Drying);
    }

    [Fact]
    public void Gloss_is_chosen_only_where_it_is_wanted_and_never_on_the_dash()
    {
        Assert.DoesNotContain(Chosen(FinishSchool.Matte), choice => Shiny(choice));
        ChoiceForSurfaces[] gloss = Chosen(FinishSchool.Gloss);
        Assert.All(
            gloss.Where(Shiny).SelectMany(choice => choice.Surfaces),
            surface => Assert.NotEqual(SurfaceKind.Dash, surface.Kind)
        );

        static bool Shiny(ChoiceForSurfaces choice) => choice.Choice.Best?.Product.Make.Sheen == Sheen.Gloss;

        ChoiceForSurfaces[] Chosen(FinishSchool finish)
        {
            WaysOfWorking ways = WaysOfWorking.Default with
            {
                Finish = finish,
                Products = ProductSchool.OnePerMaterial,
            };
            TaskWork work = WorkOf("protect-plastics", 1, ways);
            var chooser = new ProductChooser(
                Panes.FullShelf(ways),
                ShelfRecords.None,
                new HashSet<ProductId>()
            );
            return [.. SessionProducts.Choose([work], chooser)[0].Choices];
        }
    }

    // Seen: the suede inserts of a seat were foamed in circles together with its leather.
    [Theory]
    [InlineData(Material.LeatherWithMicrosuede, "clean-leather", Material.CoatedLeather)]
    [InlineData(Material.LeatherWithMicrosuede, "raise-nap", Material.Microsuede)]
    [InlineData(Material.FabricWithMicrosuede, "clean-fabric-seats", Material.WovenFabric)]
    [InlineData(Material.FabricWithMicrosuede, "raise-nap", Material.Microsuede)]
    public void Of_a_seat_with_inserts_each_task_touches_its_own_part(
        Material seats,
        string taskId,
        Material part
    )
    {
        CareLedger ledger = AnyCar.Ledger(
            CareBook.ReferenceLayout with
            {
                SeatMaterial = seats,
            },
            Usage.Reference,
            Now,
            1
        );
        var shelf = new CarShelf(ledger, Shelf.Empty, ShelfRecords.None);
        CareStatus status = ledger.At(Now).First(one => one.Item.Task.Id == taskId);

        TaskWork work = shelf.MethodsAt(Now, OwnerPaces.Nothing).Of(status);

        Assert.All(work.Uses, use => Assert.Equal(part, use.Part));
        Assert.All(work.Uses.SelectMany(use => use.Requests), request => Assert.Equal(part, request.Part));
        if (part == Material.Microsuede)
        {
            Assert.All(
                work.Uses.SelectMany(use => use.Method.Steps),
                step => Assert.NotEqual(Stroke.Circles, step.Stroke)
            );
        }
    }
}
