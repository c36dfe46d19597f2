namespace Cove.Core.Tests.Sessions;

public sealed class OrderGroupingTests
{
    private static readonly TimeSpan Minute = TimeSpan.FromMinutes(1);

    [Fact]
    public void Within_a_stage_work_with_the_same_kit_stays_together()
    {
        OrderProblem problem = Problem(
            Job("a", Kit.WetKit, 0),
            Job("b", Kit.DampTowels, 0),
            Job("c", Kit.WetKit, 0),
            Job("d", Kit.DampTowels, 0)
        );

        string[] order = OrderOf(problem);

        Assert.Equal(["a", "c", "b", "d"], order);
        Assert.Equal(OrderProblem.KitSwap, RunningOrder.Solve(problem).Changeover);
    }

    [Fact]
    public void Within_a_stage_and_kit_the_nearest_door_comes_next()
    {
        OrderProblem problem = Problem(
            Job("far", Kit.WetKit, 18),
            Job("here", Kit.WetKit, 0),
            Job("near", Kit.WetKit, 6)
        );

        Assert.Equal(["here", "near", "far"], OrderOf(problem));
    }

    [Fact]
    public void A_kit_is_fetched_before_the_first_work_that_needs_it_and_never_again()
    {
        OrderProblem problem = Problem(Job("a", Kit.MatWash, 0), Job("b", Kit.MatWash, 0));

        RunningOrder order = RunningOrder.Solve(problem);

        Assert.Equal(Kit.MatWash.Facts().Fetch, order.Steps[0].Work - order.Steps[0].Begin);
        Assert.Equal(TimeSpan.Zero, order.Steps[1].Work - order.Steps[1].Begin);
    }

    [Fact]
    public void The_same_problem_has_the_same_order()
    {
        OrderProblem problem = Problem(
            Job("a", Kit.WetKit, 3),
            Job("b", Kit.WetKit, 3),
            Job("c", Kit.DampTowels, 9)
        );

        Assert.Equal(OrderOf(problem), OrderOf(problem));
    }

    [Fact]
    public void Nothing_to_do_takes_no_time()
    {
        RunningOrder order = RunningOrder.Solve(Problem());

        Assert.Empty(order.Steps);
        Assert.Equal(TimeSpan.Zero, order.Length);
        Assert.Equal(TimeSpan.Zero, order.Busy);
    }

    [Fact]
    public void While_something_dries_other_work_goes_on()
    {
        OrderProblem problem = Problem(
            Job("wash", Kit.MatWash, 0),
            Job("back", Kit.Vacuum, 0),
            Job("other", Kit.Vacuum, 0)
        ) with
        {
            Precedences = [new Precedence(0, 1, TimeSpan.FromMinutes(20))],
        };

        Assert.Equal(["wash", "other", "back"], OrderOf(problem));
    }

    private static OrderJob Job(string id, Kit kit, int place) =>
        new(id, false, Stage.WetMiddle, Minute, [kit], [Ways.At(place)], TimeSpan.Zero);

    private static OrderProblem Problem(params OrderJob[] jobs) => new(jobs, [], Ways.Round, Ways.At(0));

    private static string[] OrderOf(OrderProblem problem) =>
        [.. RunningOrder.Solve(problem).Steps.Select(step => problem.Jobs[step.Job].TaskId.Value)];
}
