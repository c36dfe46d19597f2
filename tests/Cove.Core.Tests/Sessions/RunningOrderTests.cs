namespace Cove.Core.Tests.Sessions;

public sealed class RunningOrderTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    [Property(MaxTest = 60)]
    public Property Every_order_keeps_precedence_lags_and_one_pair_of_hands() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(0, int.MaxValue).ToArbitrary(),
            (layout, seed) =>
            {
                OrderProblem problem = SomeSession(layout, new Random(seed));
                RunningOrder order = RunningOrder.Solve(problem);
                TimeSpan[] ends = new TimeSpan[problem.Jobs.Count];
                TimeSpan[] begins = new TimeSpan[problem.Jobs.Count];
                foreach (OrderedJob step in order.Steps)
                {
                    ends[step.Job] = step.End;
                    begins[step.Job] = step.Begin;
                }

                bool eachOnce = order
                    .Steps.Select(step => step.Job)
                    .Order()
                    .SequenceEqual(Enumerable.Range(0, problem.Jobs.Count));
                bool oneAfterTheOther = order
                    .Steps.Zip(order.Steps.Skip(1))
                    .All(pair => pair.First.End <= pair.Second.Begin);
                bool inOrder = problem.Precedences.All(rule =>
                    begins[rule.After] >= ends[rule.Before] + rule.Lag
                );
                bool handsAreCounted = order.Steps.All(step =>
                    step.End - step.Work == problem.Jobs[step.Job].Hands && step.Work >= step.Begin
                );
                return eachOnce && oneAfterTheOther && inOrder && handsAreCounted;
            }
        );

    [Fact]
    public void Mats_come_first_and_go_back_dry_and_glass_is_last()
    {
        string[] staysWet = ["clean-fabric-seats", "protect-fabric", "foam-carpets"];
        List<OrderJob> order = OrderOf(task => !staysWet.Contains(task.Value, StringComparer.Ordinal));

        Assert.Equal("wash-rubber-mats", order.First(job => job.Stage != Stage.Prepare).TaskId);
        Assert.True(Place(order, "brush-vents") < Place(order, "vacuum-seats"));
        Assert.True(Place(order, "vacuum-seats") < Place(order, "vacuum-carpets"));
        Assert.True(Place(order, "vacuum-carpets") < Place(order, "wipe-dash"));
        Assert.True(Place(order, "wipe-dash") < Place(order, "protect-plastics"));
        Assert.True(Place(order, "protect-plastics") < Place(order, "windscreen"));
        Assert.All(
            order.Skip(Math.Max(Place(order, "windscreen"), Place(order, "other-glass")) + 1),
            job => Assert.True(job.Stage is Stage.PutBack or Stage.SetBack)
        );
    }

    // Seen: fabric seats were wetted before the windscreen, which is cleaned kneeling on them.
    [Fact]
    public void Glass_comes_before_seats_that_stay_wet()
    {
        List<OrderJob> order = OrderOf(_ => true);

        Assert.True(Place(order, "wipe-dash") < Place(order, "windscreen"));
        Assert.True(Place(order, "windscreen") < Place(order, "clean-fabric-seats"));
        Assert.True(Place(order, "other-glass") < Place(order, "clean-fabric-seats"));
        Assert.True(Place(order, "clean-fabric-seats") < Place(order, "protect-fabric"));
    }

    // Seen: carpets were foamed, and the windscreen cleaned afterwards with the feet in the foam.
    [Fact]
    public void Glass_comes_before_carpets_that_stay_wet()
    {
        List<OrderJob> order = OrderOf(task => task.Value is "foam-carpets" or "windscreen" or "other-glass");

        Assert.True(Place(order, "windscreen") < Place(order, "foam-carpets"));
        Assert.True(Place(order, "other-glass") < Place(order, "foam-carpets"));
    }

    // Common practice: what was moved is set back last of all.
    [Fact]
    public void Setting_back_is_last_of_all()
    {
        List<OrderJob> order = OrderOf(_ => true);

        Assert.All(order[^2..], job => Assert.Equal(Stage.SetBack, job.Stage));
        Assert.Equal("things-back", order[^1].TaskId);
        Assert.DoesNotContain(
            "free the belts",
            SessionChores.Find("set-back")!.Method.Steps[0].Text,
            StringComparison.OrdinalIgnoreCase
        );
    }

    private static List<OrderJob> OrderOf(Func<TaskId, bool> wanted)
    {
        OrderProblem problem = AnyCar.Session(
            CareBook.ReferenceLayout,
            CareBook.For(AnyCar.Of(CareBook.ReferenceLayout)).Where(item => wanted(item.Task.Id))
        );
        return [.. RunningOrder.Solve(problem).Steps.Select(step => problem.Jobs[step.Job])];
    }

    private static int Place(List<OrderJob> order, string taskId) =>
        order.FindIndex(job => job.TaskId == taskId && !job.PutsBack);

    [Fact]
    public void Mats_wait_twenty_minutes_and_the_waiting_is_not_counted_as_work()
    {
        OrderProblem problem = Session(CareBook.ReferenceLayout, "wash-rubber-mats");

        RunningOrder order = RunningOrder.Solve(problem);

        Assert.Equal(2, order.Steps.Count);
        Assert.Equal(TimeSpan.FromMinutes(20), order.Steps[1].Begin - order.Steps[0].End);
        Assert.Equal(order.Length - TimeSpan.FromMinutes(20), order.Busy);
    }

    [Fact]
    public void Work_on_the_spot_is_done_where_the_person_stands()
    {
        OrderJob Job(Zone[] places, Stage stage) =>
            new("scent", false, stage, TimeSpan.FromMinutes(1), [], places, TimeSpan.Zero);
        var problem = new OrderProblem(
            [Job([Ways.At(10)], Stage.Dust), Job([], Stage.VacuumHigh), Job([Ways.At(0)], Stage.VacuumFloor)],
            [new(0, 1, TimeSpan.Zero), new(1, 2, TimeSpan.Zero)],
            Ways.Round,
            Ways.At(0)
        );

        RunningOrder order = RunningOrder.Solve(problem);

        // Ten seconds there and, after the work on the spot, the same ten back: standing still moves nobody.
        Assert.Equal(TimeSpan.FromSeconds(20), order.Changeover);
        Assert.Empty(order.Steps[1].Tour);
    }

    [Fact]
    public void A_round_begins_at_the_nearest_door_and_takes_the_shorter_way()
    {
        var job = new OrderJob(
            "vacuum-seats",
            false,
            Stage.VacuumHigh,
            TimeSpan.FromMinutes(2),
            [],
            [Ways.At(2), Ways.At(14), Ways.At(26)],
            TimeSpan.Zero
        );

        RunningOrder order = RunningOrder.Solve(new OrderProblem([job], [], Ways.Round, Ways.At(25)));

        Assert.Equal([Ways.At(26), Ways.At(14), Ways.At(2)], order.Steps[0].Tour);
    }

    [Fact]
    public void Jobs_that_wait_for_each_other_are_refused()
    {
        OrderProblem sound = Session(CareBook.ReferenceLayout, "vacuum-seats", "scent");
        var circle = sound with { Precedences = [new(0, 1, TimeSpan.Zero), new(1, 0, TimeSpan.Zero)] };

        Assert.Throws<ArgumentException>(() => RunningOrder.Solve(circle));
    }

    private static OrderProblem SomeSession(CabinLayout layout, Random random)
    {
        var items = CareBook.For(AnyCar.Of(layout)).Where(_ => random.Next(2) == 0);
        return AnyCar.Session(layout, items);
    }

    private static OrderProblem WholeCar() =>
        Session(CareBook.ReferenceLayout, [.. CareTasks.All.Select(task => task.Id)]);

    private static OrderProblem Session(CabinLayout layout, params TaskId[] taskIds) =>
        AnyCar.Session(layout, CareBook.For(AnyCar.Of(layout)).Where(item => taskIds.Contains(item.Task.Id)));
}
