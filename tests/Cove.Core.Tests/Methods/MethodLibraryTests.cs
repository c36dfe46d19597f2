namespace Cove.Core.Tests.Methods;

public sealed class MethodLibraryTests
{
    private static readonly Shelf Everything = Panes.FullShelf();

    /// <summary>Every make of surface that some car can have, with the tasks that tend it.</summary>
    private static readonly (CareTask Task, Surface Surface)[] Cases =
    [
        .. Makes()
            .SelectMany(surface =>
                CareTasks.All.Where(task => task.Tends(surface)).Select(task => (task, surface))
            ),
    ];

    private static IEnumerable<Surface> Makes()
    {
        SurfaceFacts[] facts =
        [
            SurfaceFacts.None,
            SurfaceFacts.TintFilm,
            SurfaceFacts.HeaterLines,
            SurfaceFacts.TintFilm | SurfaceFacts.HeaterLines,
        ];
        return from kind in Enum.GetValues<SurfaceKind>()
            from material in SurfaceOptions.Of(kind).Materials
            from finish in Enum.GetValues<Finish>()
            from fact in kind is SurfaceKind.Windscreen or SurfaceKind.Glass ? facts : [SurfaceFacts.None]
            select new Surface(
                "one",
                "One",
                "One",
                kind,
                material,
                finish,
                Area.FromSquareMetres(1),
                "driver",
                Share.All,
                fact
            );
    }

    [Fact]
    public void Every_task_on_every_material_has_a_method_of_which_no_product_is_kept_off()
    {
        var ways = new SafestWays(Everything, ShelfRecords.None);
        Assert.True(Cases.Length > 200);
        Assert.All(
            Cases,
            one =>
                Assert.Contains(
                    MethodLibrary.For(one.Task, one.Surface.Make),
                    method =>
                        MethodRequests
                            .Of(method)
                            .All(request =>
                                OptionsOf(one.Task, request)
                                    .Any(able =>
                                        ways.Of(
                                            Everything.AtHand.First(product => product.Make.Class == able),
                                            request.Part is { } part
                                                ? one.Surface with
                                                {
                                                    Material = part,
                                                }
                                                : one.Surface,
                                            UseContext.Usual,
                                            request.Way
                                        ).Judgement.Verdict < Verdict.KeepOff
                                    )
                            )
                )
        );
    }

    private static IEnumerable<ProductClass> OptionsOf(CareTask task, ProductRequest request) =>
        request.Classes.Count > 0 ? request.Classes : task.Products.Select(option => option.Class);

    [Fact]
    public void Every_method_says_everything_there_is_to_say()
    {
        Method[] all =
        [
            .. MethodLibrary.All.Select(one => one.Method),
            .. GlassMethods.All.Select(glass => glass.Method),
            .. SessionChores.All.Select(chore => chore.Method),
            PuttingBack.Mats,
        ];
        Assert.Equal(all.Length, all.Select(method => method.Id).Distinct().Count());
        Assert.All(
            all,
            method =>
            {
                Assert.Same(method, MethodLibrary.Find(method.Id));
                Assert.NotEmpty(method.Steps);
                Assert.NotEmpty(method.Cautions);
                Assert.True(method.Ladder.Count > 1, method.Id.Value);
                Assert.True(method.HeavyTimes >= method.LightTimes && method.LightTimes > 0, method.Id.Value);
                Assert.All(
                    method
                        .Cautions.Concat(method.Ladder)
                        .Append(method.Good)
                        .Concat(method.Steps.Select(s => s.Text)),
                    sentence => Assert.EndsWith(".", sentence, StringComparison.Ordinal)
                );
                Assert.All(
                    method.Steps,
                    step => Assert.True(step.Passes >= 1 && step.Aim.Length is > 0 and <= 24)
                );
            }
        );
    }

    // Practice: what is rubbed needs a tool, and what is wetted overhead is never sprayed.
    [Fact]
    public void A_hand_that_rubs_holds_something_and_nothing_is_sprayed_overhead()
    {
        Assert.All(
            MethodLibrary.All.SelectMany(one => one.Method.Steps),
            step =>
                Assert.True(
                    step.Stroke is Stroke.Still or Stroke.Across or Stroke.Upright || step.Tool is not null
                )
        );
        Assert.All(
            MethodLibrary
                .All.Where(one => one.TaskIds.Contains("headliner"))
                .SelectMany(one => one.Method.Steps),
            step => Assert.True(step.Uses is null or { Application: <= Application.OnBrush })
        );
    }

    // Common practice: a brush on fabric costs about three times the effort of a cloth.
    [Fact]
    public void Fabric_takes_the_cloth_while_soil_is_light_and_the_brush_at_three_times_the_minutes_when_it_is_heavy()
    {
        CareTask task = CareTasks.Find("clean-fabric-seats")!;
        var seat = new SurfaceMake(SurfaceKind.Seat, Material.WovenFabric);

        Method light = MethodLibrary.Choose(task, seat, Ask(Soil.Light));
        Method heavy = MethodLibrary.Choose(task, seat, Ask(Soil.Heavy));

        Assert.Equal("fabric-cloth", light.Id);
        Assert.Equal("fabric-brush", heavy.Id);
        Assert.InRange(heavy.HeavyTimes / light.LightTimes, 2.5, 3.5);
        Assert.Equal(
            3,
            MethodEffort.Of(task, heavy).HeavyPerSquareMetre
                / MethodEffort.Of(task, light).LightPerSquareMetre,
            6
        );
    }

    [Theory]
    [InlineData(FabricSchool.Brush, Soil.Light, "fabric-brush")]
    [InlineData(FabricSchool.Cloth, Soil.Heavy, "fabric-cloth")]
    public void The_school_of_fabric_decides_between_cloth_and_brush(
        FabricSchool school,
        Soil soil,
        string method
    ) =>
        Assert.Equal(
            method,
            MethodLibrary
                .Choose(
                    CareTasks.Find("clean-fabric-seats")!,
                    new SurfaceMake(SurfaceKind.Seat, Material.WovenFabric),
                    Ask(soil, WaysOfWorking.Default with { Fabric = school })
                )
                .Id
        );

    // Common practice: two thin coats, 15 to 20 minutes apart, on fabric dry for half an hour.
    [Fact]
    public void Fabric_protector_goes_on_in_two_coats()
    {
        CareTask task = CareTasks.Find("protect-fabric")!;
        OrderProblem problem = AnyCar.Session(
            CareBook.ReferenceLayout,
            CareBook.For(AnyCar.Of(CareBook.ReferenceLayout)).Where(item => item.Task == task)
        );
        IReadOnlyList<OrderedJob> steps = RunningOrder.Solve(problem).Steps;

        Assert.Equal([false, true], steps.Select(step => problem.Jobs[step.Job].PutsBack));
        Assert.InRange((steps[1].Begin - steps[0].End).TotalMinutes, 15, 20);
        Assert.Equal("fabric-second-coat", PuttingBack.MethodOf(task).Id);
        Assert.Equal("Fabric protector, second coat", PuttingBack.NameOf(task));
    }

    // Common practice: belts are brushed along the weave and stay out for a day.
    [Fact]
    public void Belts_are_brushed_along_and_stay_out()
    {
        Method belts = MethodLibrary.Find("belts")!;

        Assert.All(
            belts.Steps.Where(step => step.Tool is not null),
            step => Assert.Equal(Stroke.Along, step.Stroke)
        );
        Assert.Contains("24 hours", belts.Drying!.NotBefore, StringComparison.Ordinal);
    }

    [Fact]
    public void A_balm_does_the_sealing_as_well()
    {
        Method balm = MethodLibrary.Choose(
            CareTasks.Find("clean-leather")!,
            new SurfaceMake(SurfaceKind.Seat, Material.CoatedLeather),
            Ask(Soil.Light, WaysOfWorking.Default with { Leather = LeatherSchool.Balm })
        );

        Assert.Equal(["seal-leather"], balm.AlsoDoes);
        Vehicle car = AnyCar.Of(CareBook.ReferenceLayout with { SeatMaterial = Material.CoatedLeather });
        Assert.Contains(CareBook.For(car), item => item.Task.Id == "seal-leather");
        Assert.DoesNotContain(
            CareBook.For(car, WaysOfWorking.Default with { Leather = LeatherSchool.Balm }),
            item => item.Task.Id == "seal-leather"
        );
    }

    // Common practice: conditioner is for leather whose coat is old and worn, and for no other.
    [Fact]
    public void Only_worn_leather_is_conditioned()
    {
        CareTask condition = CareTasks.Find("condition-leather")!;
        Surface sound = AnyCar
            .Of(CareBook.ReferenceLayout with { SeatMaterial = Material.CoatedLeather })
            .Surfaces.First(one => one.Id == "driver-seat");
        Surface worn = sound with { Wear = "rubbed side" };
        Assert.False(condition.Tends(sound));
        Assert.True(condition.Tends(worn));
        Assert.Contains("condition-leather", CareTasks.Find("seal-leather")!.AfterDryingOf);

        var chooser = new ProductChooser(Everything, ShelfRecords.None, new HashSet<ProductId>());
        ProductChoice choice = chooser.Choose(
            condition,
            worn,
            Level.Everyday,
            null,
            MethodRequests.Of(MethodLibrary.Choose(condition, worn.Make, Ask(Soil.Light)))[0]
        )!;
        Assert.Equal(ProductClass.LeatherConditioner, choice.Best!.Product.Make.Class);
        Assert.Equal(Verdict.Good, choice.Best.Judgement.Verdict);
    }

    // Common practice: worn is not dirty. What is worn is cleaned gently and never brushed for its look.
    [Theory]
    [InlineData("clean-leather", Material.CoatedLeather)]
    [InlineData("clean-synthetic", Material.SyntheticLeather)]
    [InlineData("clean-fabric-seats", Material.WovenFabric)]
    [InlineData("foam-carpets", Material.Pile)]
    [InlineData("foam-fabric-mats", Material.Pile)]
    public void What_is_worn_is_cleaned_without_a_brush(string taskId, Material material)
    {
        CareTask task = CareTasks.Find(taskId)!;
        var make = new SurfaceMake(task.Kinds[0], material);
        Assert.All(
            from soil in Enum.GetValues<Soil>()
            from fabric in Enum.GetValues<FabricSchool>()
            from leather in Enum.GetValues<LeatherSchool>()
            select Ask(soil, WaysOfWorking.Default with { Fabric = fabric, Leather = leather }) with
            {
                Worn = true,
            },
            ask =>
                Assert.DoesNotContain(
                    MethodLibrary.Choose(task, make, ask).Tools,
                    tool => tool is Tool.SoftBrush or Tool.StiffBrush
                )
        );
    }

    private static MethodAsk Ask(Soil soil, WaysOfWorking? ways = null) =>
        new(soil, ways ?? WaysOfWorking.Default, _ => false);

    // Seen: raising the nap was a step without a word of how it is done.
    [Fact]
    public void Everything_that_comes_back_to_a_task_says_how_it_is_done() =>
        Assert.All(
            CareTasks.All.Where(task => task.PutBack > TimeSpan.Zero || task.SecondCoatAfter > TimeSpan.Zero),
            task => Assert.NotNull(MethodLibrary.Find(PuttingBack.MethodOf(task).Id))
        );
}
