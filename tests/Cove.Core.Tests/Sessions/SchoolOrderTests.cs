namespace Cove.Core.Tests.Sessions;

public sealed class SchoolOrderTests
{
    private static readonly Gen<WaysOfWorking> Ways =
        from dust in Gen.Elements(Enum.GetValues<DustSchool>())
        from glass in Gen.Elements(Enum.GetValues<GlassTurn>())
        from zones in Gen.Elements(Enum.GetValues<ZoneSchool>())
        select WaysOfWorking.Default with
        {
            Dust = dust,
            Glass = glass,
            Zones = zones,
        };

    [Property(MaxTest = 40)]
    public Property Whatever_the_school_mats_dry_first_and_only_what_is_clean_is_protected() =>
        Prop.ForAll(
            Ways.ToArbitrary(),
            ways =>
            {
                IReadOnlyList<Stage> order = StageOrder.For(ways);
                int at(Stage stage) => order.ToList().IndexOf(stage);
                return order.Count == Enum.GetValues<Stage>().Length
                    && order.Distinct().Count() == order.Count
                    && order[0] == Stage.Prepare
                    && order[1] == Stage.MatsOut
                    && at(Stage.WetHigh) < at(Stage.WetMiddle)
                    && at(Stage.WetMiddle) < at(Stage.WetLow)
                    && at(Stage.WetFloor) < at(Stage.Protect)
                    && at(Stage.VacuumHigh) < at(Stage.VacuumFloor)
                    && at(Stage.VacuumFloor) < at(Stage.WetHigh)
                    && order[^1] == Stage.SetBack;
            }
        );

    [Property(MaxTest = 40)]
    public Property A_running_order_keeps_to_the_stages_of_the_school() =>
        Prop.ForAll(
            Ways.ToArbitrary(),
            ways =>
            {
                OrderProblem problem = AnyCar.Session(
                    CareBook.ReferenceLayout,
                    CareBook.For(AnyCar.Of(CareBook.ReferenceLayout)),
                    ways
                );
                // Every task of the car, wet fabric seats among them: the glass comes before those.
                List<Stage> stages = [.. StageOrder.For(ways, glassBeforeWet: true)];
                int[] turns =
                [
                    .. RunningOrder
                        .Solve(problem)
                        .Steps.Select(step => stages.IndexOf(problem.Jobs[step.Job].Stage)),
                ];
                return turns.SequenceEqual(turns.Order());
            }
        );

    [Theory]
    [InlineData(ZoneSchool.NoseToTail, false)]
    [InlineData(ZoneSchool.BootForward, true)]
    public void The_boot_comes_last_or_first(ZoneSchool school, bool first)
    {
        Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout);
        var zones = new SessionPlaces(cabin, school).Zones;

        Assert.Equal("boot", first ? zones[0].Id : zones[^1].Id);
        Assert.Equal(cabin.Zones.Select(zone => zone.Id).Order(), zones.Select(zone => zone.Id).Order());
    }

    [Fact]
    public void A_fixed_order_is_walked_as_it_stands()
    {
        OrderProblem problem = AnyCar.Session(
            CareBook.ReferenceLayout,
            CareBook.For(AnyCar.Of(CareBook.ReferenceLayout)).Where(item => item.Task.Id == "other-glass"),
            WaysOfWorking.Default with
            {
                Zones = ZoneSchool.BootForward,
            }
        );

        Assert.Equal(problem.Jobs[0].Places, RunningOrder.Solve(problem).Steps[0].Tour);
    }

    [Fact]
    public void Every_school_reads_back_what_was_chosen_and_starts_from_its_first_choice()
    {
        Assert.All(
            SchoolTable.All,
            school =>
            {
                Assert.Same(school.Choices[0], school.In(WaysOfWorking.Default));
                Assert.All(
                    school.Choices,
                    choice =>
                    {
                        WaysOfWorking ways = school.With(WaysOfWorking.Default, choice);
                        Assert.Same(choice, school.In(ways));
                        Assert.All(
                            SchoolTable.All.Where(other => other != school),
                            other => Assert.Same(other.Choices[0], other.In(ways))
                        );
                    }
                );
            }
        );
    }

    [Fact]
    public void Chores_come_in_long_sessions_only_and_where_their_tasks_are()
    {
        SessionChore cover = SessionChores.Find("cover-finished")!;

        Assert.True(cover.IsNeededFor(["headliner"], TimeSpan.FromMinutes(40), WaysOfWorking.Default));
        Assert.False(cover.IsNeededFor(["headliner"], TimeSpan.FromMinutes(5), WaysOfWorking.Default));
        Assert.False(cover.IsNeededFor(["wipe-dash"], TimeSpan.FromMinutes(40), WaysOfWorking.Default));
        Assert.All(SessionChores.All, chore => Assert.Null(CareTasks.Find(chore.Id)));
    }

    [Theory]
    [InlineData(OutsideSchool.InsideFirst, true)]
    [InlineData(OutsideSchool.OutsideFirst, false)]
    [InlineData(OutsideSchool.Ask, false)]
    public void The_panes_are_wiped_outside_first_where_the_car_is_not_washed_before(
        OutsideSchool school,
        bool wiped
    )
    {
        OrderProblem problem = AnyCar.Session(
            CareBook.ReferenceLayout,
            CareBook.For(AnyCar.Of(CareBook.ReferenceLayout)).Where(item => item.Task.Id == "windscreen"),
            WaysOfWorking.Default with
            {
                Outside = school,
            }
        );

        string[] order =
        [
            .. RunningOrder.Solve(problem).Steps.Select(step => problem.Jobs[step.Job].TaskId.Value),
        ];

        Assert.Equal(wiped ? ["outside-panes", "windscreen"] : ["windscreen"], order);
    }
}
