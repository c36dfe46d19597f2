namespace Cove.Core.Tests.Vehicles;

public sealed class LayoutRulesTests
{
    private static readonly CabinLayout Sound = CareBook.ReferenceLayout;

    /// <summary>Layouts of which most cannot be.</summary>
    private static readonly Gen<CabinLayout> Anything =
        from body in Gen.Choose(-1, 9)
        from size in Gen.Choose(-1, 3)
        from doors in Gen.Choose(0, 6)
        from front in Gen.Choose(-1, 4)
        from second in Gen.Choose(-1, 4)
        from third in Gen.Choose(-1, 4)
        from side in Gen.Choose(-1, 2)
        from materials in Gen.Choose(-1, 17).ArrayOf(9)
        from trim in Gen.Choose(-1, 8)
        from screens in Gen.Choose(-1, 5)
        from children in Gen.Choose(-1, 5)
        from pet in Gen.Elements(true, false)
        select new CabinLayout
        {
            Body = (BodyType)body,
            Size = (SizeClass)size,
            Doors = doors,
            FrontSeats = front,
            SecondRowSeats = second,
            ThirdRowSeats = third,
            DriverSide = (DriverSide)side,
            SeatMaterial = (Material)materials[0],
            DashMaterial = (Material)materials[1],
            HeadlinerMaterial = (Material)materials[2],
            WheelMaterial = (Material)materials[3],
            ClusterMaterial = (Material)materials[4],
            Floor = (Material)materials[5],
            FrontMats = (Material)materials[6],
            RearMats = (Material)materials[7],
            Boot = (Material)materials[8],
            Trim = (Finish)trim,
            Screens = screens,
            ChildSeats = children,
            PetCover = pet,
        };

    public static TheoryData<string, CabinLayout> Wrong() =>
        new()
        {
            { nameof(CabinLayout.Body), Sound with { Body = (BodyType)99 } },
            { nameof(CabinLayout.Size), Sound with { Size = (SizeClass)9 } },
            { nameof(CabinLayout.Doors), Sound with { Doors = 5 } },
            { nameof(CabinLayout.FrontSeats), Sound with { FrontSeats = 3 } },
            { nameof(CabinLayout.FrontSeats), CabinLayout.Usual(BodyType.Mpv) with { FrontSeats = 4 } },
            { nameof(CabinLayout.SecondRowSeats), Sound with { SecondRowSeats = 1 } },
            { nameof(CabinLayout.SecondRowSeats), Sound with { SecondRowSeats = 0, ChildSeats = 0 } },
            {
                nameof(CabinLayout.SecondRowSeats),
                CabinLayout.Usual(BodyType.CityCar) with
                {
                    SecondRowSeats = 2,
                }
            },
            {
                nameof(CabinLayout.SecondRowSeats),
                CabinLayout.Usual(BodyType.Roadster) with
                {
                    SecondRowSeats = 3,
                }
            },
            { nameof(CabinLayout.ThirdRowSeats), Sound with { ThirdRowSeats = 3 } },
            {
                nameof(CabinLayout.ThirdRowSeats),
                CabinLayout.Usual(BodyType.Suv) with
                {
                    SecondRowSeats = 0,
                    ThirdRowSeats = 2,
                }
            },
            { nameof(CabinLayout.SeatMaterial), Sound with { SeatMaterial = Material.Glass } },
            { nameof(CabinLayout.DashMaterial), Sound with { DashMaterial = Material.Pile } },
            { nameof(CabinLayout.HeadlinerMaterial), Sound with { HeadlinerMaterial = Material.Rubber } },
            { nameof(CabinLayout.WheelMaterial), Sound with { WheelMaterial = Material.WovenFabric } },
            { nameof(CabinLayout.ClusterMaterial), Sound with { ClusterMaterial = Material.Plastic } },
            { nameof(CabinLayout.Floor), Sound with { Floor = Material.WovenFabric } },
            { nameof(CabinLayout.FrontMats), Sound with { FrontMats = Material.WovenFabric } },
            { nameof(CabinLayout.RearMats), Sound with { RearMats = Material.Glass } },
            { nameof(CabinLayout.Boot), Sound with { Boot = Material.None } },
            { nameof(CabinLayout.Trim), Sound with { Trim = Finish.Matte } },
            { nameof(CabinLayout.Screens), Sound with { Screens = 4 } },
            { nameof(CabinLayout.ChildSeats), Sound with { ChildSeats = 4 } },
            { nameof(CabinLayout.ChildSeats), Sound with { SecondRowSeats = 2, ChildSeats = 3 } },
            { nameof(CabinLayout.PetCover), Sound with { ChildSeats = 3, PetCover = true } },
            { nameof(CabinLayout.PetCover), CabinLayout.Usual(BodyType.CityCar) with { PetCover = true } },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_cannot_be_is_named_with_what_to_choose_instead(string property, CabinLayout layout)
    {
        ValidationError error = Assert.Single(layout.Problems());

        Assert.Equal(property, error.Property);
        Assert.EndsWith(".", error.Sentence, StringComparison.Ordinal);
        Assert.Throws<ArgumentException>(() => CabinBuilder.Build(layout));
    }

    [Property(MaxTest = 500)]
    public Property A_layout_has_problems_or_can_be_built_and_never_anything_else() =>
        Prop.ForAll(
            Anything.ToArbitrary(),
            layout =>
            {
                IReadOnlyList<ValidationError> problems = layout.Problems();
                return problems.Count > 0
                    ? problems.All(error => typeof(CabinLayout).GetProperty(error.Property) is not null)
                    : CabinBuilder.Build(layout).Surfaces.Count > 20;
            }
        );

    [Fact]
    public void The_usual_car_of_every_body_can_be_built_and_its_sizes_grow_with_the_class()
    {
        foreach (BodyShape body in BodyShape.All)
        {
            CabinLayout usual = CabinLayout.Usual(body.Body);
            Assert.Empty(usual.Problems());
            double[] areas =
            [
                .. Enum.GetValues<SizeClass>()
                    .Select(size =>
                        CabinBuilder
                            .Build(usual with { Size = size })
                            .Surfaces.Sum(surface => surface.Area.SquareMetres)
                    ),
            ];
            Assert.Equal(areas.Order(), areas);
            Assert.True(areas[0] < areas[^1]);
        }
    }

    [Fact]
    public void Every_kind_of_work_has_tasks_and_every_task_a_kind()
    {
        var kinds = CareTasks.All.Select(task => task.Stage.KindOfWork()).ToHashSet();

        Assert.Equal(Enum.GetValues<WorkKind>().ToHashSet(), kinds);
        Assert.Equal(WorkKind.Glass, CareTasks.Find("windscreen")!.Stage.KindOfWork());
        Assert.Equal(WorkKind.Dry, CareTasks.Find("vacuum-seats")!.Stage.KindOfWork());
    }

    [Property]
    public Property Another_body_or_other_rows_make_a_cabin_that_can_be_built() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Elements<BodyShape>(BodyShape.All).ToArbitrary(),
            (layout, body) =>
                layout.InBody(body.Body) is var moved
                && moved.Problems().Count == 0
                && moved.SeatMaterial == layout.SeatMaterial
                && body.AllowedRows.All(rows =>
                    moved.WithRows(rows) is var changed
                    && changed.Rows == rows
                    && changed.Problems().Count == 0
                )
        );

    [Fact]
    public void Mats_go_with_the_bench_come_with_it_and_stay_away_where_the_owner_has_none()
    {
        CabinLayout family = CabinLayout.Usual(BodyType.Mpv).WithRows(2) with { RearMats = Material.Rubber };
        CabinLayout bare = family with { RearMats = Material.None };

        Assert.Equal(Material.None, family.WithRows(1).RearMats);
        Assert.Equal(Material.Pile, family.WithRows(1).WithRows(2).RearMats);
        Assert.Equal(Material.Rubber, family.WithRows(3).RearMats);
        Assert.Equal(Material.None, bare.WithRows(3).RearMats);
        Assert.Equal(Material.Rubber, family.InBody(BodyType.Estate).RearMats);
        Assert.Equal(Material.None, family.InBody(BodyType.Roadster).RearMats);
    }
}
