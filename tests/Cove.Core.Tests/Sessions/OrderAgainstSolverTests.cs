using Google.OrTools.Sat;

namespace Cove.Core.Tests.Sessions;

/// <summary>Reference: CP-SAT of Google OR-Tools, scheduling the same jobs with the same precedences and lags, walking and swapping left out.</summary>
public sealed class OrderAgainstSolverTests
{
    private const int Sessions = 40;

    // The first rule is not proven shortest; on sessions of the table it should still stay close to the shortest.
    [Fact]
    public void A_running_order_ends_close_to_the_shortest_there_is()
    {
        var random = new Random(5);
        double worst = 1;
        for (int round = 0; round < Sessions; round++)
        {
            OrderProblem problem = SomeSession(random);
            if (problem.Jobs.Count == 0)
            {
                continue;
            }

            RunningOrder order = RunningOrder.Solve(problem);
            TimeSpan fetch = problem
                .Jobs.SelectMany(job => job.Kits)
                .Distinct()
                .Aggregate(TimeSpan.Zero, (sum, kit) => sum + kit.Facts().Fetch);
            double ours = (order.Length - order.Changeover - fetch).TotalSeconds;
            double shortest = Shortest(problem);

            Assert.True(ours >= shortest - fetch.TotalSeconds - order.Changeover.TotalSeconds - 1);
            worst = Math.Max(worst, ours / shortest);
        }

        Assert.InRange(worst, 1, 1.15);
    }

    private static OrderProblem SomeSession(Random random)
    {
        CabinLayout layout = CareBook.ReferenceLayout with { RearMats = Material.Pile };
        return AnyCar.Session(
            layout,
            CareBook.For(AnyCar.Of(layout)).Where(item => item.Task.Id != "seat-belts" && random.Next(5) < 2)
        );
    }

    private static double Shortest(OrderProblem problem)
    {
        var model = new CpModel();
        int horizon = (int)
            problem.Jobs.Aggregate(TimeSpan.Zero, (sum, job) => sum + job.Hands + job.Drying).TotalSeconds;
        IntVar[] begins = [.. problem.Jobs.Select((_, job) => model.NewIntVar(0, horizon, $"begin {job}"))];
        IntVar end = model.NewIntVar(0, horizon, "end");
        var hands = new List<IntervalVar>();
        for (int job = 0; job < begins.Length; job++)
        {
            int length = (int)problem.Jobs[job].Hands.TotalSeconds;
            hands.Add(model.NewFixedSizeIntervalVar(begins[job], length, $"job {job}"));
            model.Add(end >= begins[job] + length);
        }

        model.AddNoOverlap(hands);
        foreach (Precedence rule in problem.Precedences)
        {
            int wait = (int)(problem.Jobs[rule.Before].Hands + rule.Lag).TotalSeconds;
            model.Add(begins[rule.After] >= begins[rule.Before] + wait);
        }

        model.Minimize(end);
        var solver = new CpSolver { StringParameters = "num_workers:1,max_time_in_seconds:10" };
        Assert.Equal(CpSolverStatus.Optimal, solver.Solve(model));
        return solver.ObjectiveValue;
    }
}
