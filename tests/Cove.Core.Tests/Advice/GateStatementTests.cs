namespace Cove.Core.Tests.Advice;

/// <summary>What is asked of every task before it may take minutes, a test for each question, in the situation in which the wrong answer was seen. That a practitioner does not start what cannot be finished is common practice.</summary>
public sealed class GateStatementTests
{
    private static readonly CabinLayout Leather = CabinLayout.Usual(BodyType.Estate) with
    {
        SeatMaterial = Material.CoatedLeather,
    };

    private static readonly Workplace Overnight = Workplace.Usual with { Standing = Standing.UntilTomorrow };

    // Seen: carpets were foamed with 43 of 60 days left.
    [Fact]
    public void Due_enough_carpets_are_not_foamed_with_most_of_their_days_left()
    {
        var home = new Home
        {
            Soil = 0.3,
            Shelf = [ProductClass.FabricCleaner],
            Place = Overnight,
        };

        Assert.Equal(HoldReason.NotDue, home.Held("foam-carpets")!.Reason);
        Assert.False(home.Session(120).Has("foam-carpets"));
    }

    [Fact]
    public void Due_enough_quick_dry_work_may_come_early_and_delicate_work_may_not()
    {
        Assert.All(
            CareTasks.All.Where(task =>
                task.Stage is Stage.Protect or Stage.Dress || task.Drying >= TimeSpan.FromHours(1)
            ),
            task => Assert.True(task.OfferedFrom >= 0.8, task.Name)
        );
        Assert.All(
            (TaskId[])["cluster-lens", "clean-leather", "seat-belts", "headliner", "shifter-slot"],
            task => Assert.True(CareTasks.Find(task)!.OfferedFrom >= 0.8, task.Value)
        );
        Assert.True(CareTasks.Find("vacuum-carpets")!.OfferedFrom < 0.5);
    }

    // Seen: a new owner with an empty shelf got 26 of 120 minutes of work that could not be done.
    [Fact]
    public void Owned_an_empty_shelf_gets_work_that_needs_nothing_from_it()
    {
        var home = new Home { Soil = 1.3 };

        Assert.All(
            home.Day.Offer.Plans.SelectMany(plan => plan.Choices.SelectMany(task => task.Choices)),
            choice => Assert.True(choice.Choice.Best is { Product.IsHomely: true })
        );
        Assert.All(
            home.Day.Offer.Held.Where(held => held.Reason == HoldReason.NoProduct),
            held => Assert.NotNull(held.WayOut)
        );
        Assert.NotEmpty(home.Session(120).Tasks);
    }

    // Seen: a scent was to be changed by somebody who owns none.
    [Fact]
    public void Owned_a_scent_is_changed_only_by_who_wants_one_and_has_one()
    {
        var wanted = new Home { Ways = WaysOfWorking.Default with { Scent = ScentSchool.Pad } };

        Assert.DoesNotContain(new Home().Day.Statuses, status => status.Item.Task.Id == "scent");
        Assert.Equal(HoldReason.NoProduct, wanted.Held("scent")!.Reason);
        Assert.Equal(ProductClass.Scent, wanted.Held("scent")!.Buy);
        Assert.True((wanted with { Shelf = [ProductClass.Scent] }).Session(120).Has("scent"));
    }

    // Seen: "None that is safe" to somebody who had none at all.
    [Fact]
    public void Owned_who_has_none_is_told_so()
    {
        HeldBack held = new Home { Layout = Leather, Place = Overnight }.Held("seal-leather")!;

        Assert.Equal(HoldReason.NoProduct, held.Reason);
        Assert.DoesNotContain("safe", held.Why, StringComparison.Ordinal);
        Assert.Equal(ProductClass.LeatherSealant, held.Buy);
    }

    // Seen: mats of a winter were to be washed with plain water.
    [Fact]
    public void Strong_enough_what_does_not_reach_the_soil_is_not_offered()
    {
        CabinLayout rubber = CabinLayout.Usual(BodyType.Estate) with { FrontMats = Material.Rubber };
        Assert.Equal(
            HoldReason.NoProduct,
            new Home { Layout = rubber, Soil = 2.5 }
                .Held("wash-rubber-mats")!
                .Reason
        );
        Assert.True(
            new Home
            {
                Layout = rubber,
                Soil = 2.5,
                Shelf = [ProductClass.RubberMatCleaner],
            }
                .Session(120)
                .Has("wash-rubber-mats")
        );
    }

    // Seen: carpets were begun with what covers a seat; and whoever had never measured was sent to buy.
    [Fact]
    public void Owned_what_is_left_covers_the_area_and_not_measured_counts_as_enough()
    {
        var unmeasured = new Home { Shelf = [ProductClass.FabricCleaner], Place = Overnight };

        Assert.True(unmeasured.Session(120).Has("foam-carpets"));
        Assert.True(
            (unmeasured with { LeftOfEach = Quantity.Of(Volume.FromMillilitres(900)) })
                .Session(120)
                .Has("foam-carpets")
        );
        Assert.Equal(
            HoldReason.NoProduct,
            (unmeasured with { LeftOfEach = Quantity.Of(Volume.FromMillilitres(4)) })
                .Held("foam-carpets")!
                .Reason
        );
    }

    [Fact]
    public void Owned_a_tool_that_is_not_listed_holds_the_work_back()
    {
        HeldBack held = new Home { Tools = [Tool.SoftBrush] }.Held("vacuum-carpets")!;

        Assert.Equal(HoldReason.NoTool, held.Reason);
        Assert.Contains("vacuum", held.Why, StringComparison.OrdinalIgnoreCase);
    }

    // Seen: leather was sealed three minutes after it was wiped.
    [Fact]
    public void Dry_nothing_is_sealed_before_the_gap_its_material_needs()
    {
        var home = new Home
        {
            Layout = Leather,
            Soil = 1.2,
            Shelf = [ProductClass.LeatherCleanerMild, ProductClass.LeatherSealant],
        };
        SessionPlan plan = home.Session(120);
        OrderedJob Of(TaskId task) => plan.Order.Steps.First(step => plan.Jobs[step.Job].TaskId == task);

        Assert.True(Of("seal-leather").Begin - Of("clean-leather").End >= TimeSpan.FromMinutes(10));

        var wiped = home with
        {
            SoilOf = key => key.TaskId == "clean-leather" ? 0 : null,
            Log =
            [
                new TaskDone(new(Guid.NewGuid()), Home.Now.AddMinutes(-3), "clean-leather", Share.All)
                {
                    Methods = [new MethodUsed("leather-brush", 1, ["driver-seat", "passenger-seat"])],
                    SurfaceIds = ["driver-seat", "passenger-seat"],
                },
            ],
        };
        HeldBack held = wiped.Day.Offer.Held.First(held =>
            held.Reason == HoldReason.Damp && held.Status.Item.Task.Id == "seal-leather"
        );
        Assert.True(held.From > Home.Now);
    }

    [Theory]
    [InlineData(false, true, "wash-rubber-mats", HoldReason.NoWater)]
    [InlineData(true, false, "vacuum-carpets", HoldReason.NoPower)]
    public void Possible_now_what_the_place_has_not_is_not_asked_for(
        bool tap,
        bool power,
        string task,
        HoldReason reason
    )
    {
        var home = new Home
        {
            Layout = CabinLayout.Usual(BodyType.Estate) with { FrontMats = Material.Rubber },
            Shelf = [ProductClass.RubberMatCleaner],
            Place = Workplace.Usual with { Tap = tap, Power = power },
        };

        Assert.Equal(reason, home.Held(task)!.Reason);
        Assert.NotNull(home.Held(task)!.WayOut);
    }

    // Seen: Glass was told of a hot pane, and the session dressed a hot dash.
    [Theory]
    [InlineData(GlassTouch.Hot)]
    [InlineData(GlassTouch.Cold)]
    public void Possible_now_heat_and_cold_told_to_glass_reach_the_session(GlassTouch touch)
    {
        var home = new Home
        {
            Shelf = [ProductClass.WaterBasedDressing, ProductClass.InteriorCleaner],
            Place = Workplace.Usual with { AtGlass = new GlassConditions(false, touch, false) },
        };

        Assert.Equal(HoldReason.Weather, home.Held("protect-seals")!.Reason);
        Assert.False(home.Session(120).Has("protect-seals"));
        Assert.False(home.Session(120).Has("protect-plastics"));
    }

    // Seen: belts were washed before the school run.
    [Theory]
    [InlineData("seat-belts", Standing.AnHour, false)]
    [InlineData("seat-belts", Standing.SomeHours, false)]
    [InlineData("seat-belts", Standing.UntilTomorrow, true)]
    [InlineData("foam-carpets", Standing.AnHour, false)]
    [InlineData("foam-carpets", Standing.SomeHours, true)]
    public void Time_to_stand_belts_and_foam_only_when_the_car_may_stand(
        string task,
        Standing standing,
        bool offered
    )
    {
        var home = new Home
        {
            Shelf = [ProductClass.FabricCleaner],
            Place = Workplace.Usual with { Standing = standing },
        };

        Assert.Equal(offered, home.Day.Offer.WorthDoing.Any(status => status.Item.Task.Id == task));
        if (!offered)
        {
            Assert.Equal(
                task == "seat-belts" ? HoldReason.WetWhenDriven : HoldReason.MustStand,
                home.Held(task)!.Reason
            );
            Assert.NotNull(home.Held(task)!.Stand);
        }
    }

    // Seen: a seat on which a child had been sick was vacuumed.
    [Fact]
    public void Not_closed_where_a_child_was_sick_nothing_routine_is_done()
    {
        var home = new Home();
        SurfaceId seat = home.Day.Ledger.Vehicle.InCare().First(one => one.Kind == SurfaceKind.Seat).Id;
        Home sick = home with
        {
            Log = [new Happened(new(Guid.NewGuid()), Home.Now.AddHours(-1), "sickness", [seat])],
        };

        Assert.All(
            sick.Day.Offer.Plans.SelectMany(plan => plan.Tasks),
            task => Assert.DoesNotContain(task.Surfaces, status => status.Surface.Id == seat)
        );
        Assert.Contains(
            sick.Day.Offer.Held,
            held =>
                held.Reason == HoldReason.Closed
                && held.Status.Surfaces.Any(status => status.Surface.Id == seat)
        );
    }
}
