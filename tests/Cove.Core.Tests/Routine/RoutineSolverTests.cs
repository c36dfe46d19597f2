namespace Cove.Core.Tests.Routine;

public sealed class RoutineSolverTests(ITestOutputHelper output)
{
    // Reference: CP-SAT of Google OR-Tools, an exact solver, on the same problem written as constraints.
    [Fact]
    public void Small_problems_cost_what_an_exact_solver_proves()
    {
        var random = new Random(20261127);
        int equal = 0;
        var gaps = new List<double>();
        for (int round = 0; round < 100; round++)
        {
            RoutineProblem problem = AnyYear.Small(random);
            long least = ExactRoutine.Optimum(problem);

            SolvedRoutine ours = RoutineSolver.Solve(problem, 20_000);

            Assert.True(ours.Cost >= least, $"{round}: {ours.Cost} below the proved {least}");
            equal += ours.Cost == least ? 1 : 0;
            // Gaps beside a cost near zero mean nothing: a day at level 2 of weight 1 is the floor.
            gaps.Add((ours.Cost - least) / (double)Math.Max(least, RoutineProblem.UnitsPerDay));
        }

        output.WriteLine($"equal {equal} of 100, mean gap {gaps.Average():P2}, largest {gaps.Max():P2}");
        Assert.True(equal >= 93, $"Only {equal} of 100 are equal.");
        Assert.True(gaps.Average() < 0.005, $"The mean gap is {gaps.Average():P2}.");
    }

    [Fact]
    public void Full_years_are_never_worse_than_slot_by_slot()
    {
        var random = new Random(14);
        var parts = new List<double>();
        int years = LongRun.Of(5, 100);
        for (int round = 0; round < years; round++)
        {
            RoutineProblem problem = AnyYear.Full(random);
            SolvedRoutine single = RoutineSolver.SlotAfterSlot(problem);

            SolvedRoutine planned = RoutineSolver.Solve(problem, 50_000);

            Assert.True(planned.Cost <= single.Cost);
            parts.Add(planned.WeightedOverdue / Math.Max(single.WeightedOverdue, 1e-6));
        }

        parts.Sort();
        output.WriteLine($"median {parts[parts.Count / 2]:P1}, from {parts[0]:P1} to {parts[^1]:P1}");
    }

    [Fact]
    public void Every_plan_keeps_the_words_of_its_problem()
    {
        var random = new Random(3);
        for (int round = 0; round < 15; round++)
        {
            RoutineProblem problem = round % 3 == 0 ? AnyYear.Full(random) : AnyYear.Small(random);
            SolvedRoutine plan = RoutineSolver.Solve(problem, 5_000);
            Holds(problem, plan);
            Assert.Equal(plan.Cost, RoutineSolver.Weigh(problem, plan.Visits).Cost);
        }
    }

    private static void Holds(RoutineProblem problem, SolvedRoutine plan)
    {
        for (int slot = 0; slot < problem.Slots.Count; slot++)
        {
            IReadOnlyList<int> tasks = plan.Visits[slot];
            int minutes =
                tasks.Sum(task => problem.Tasks[task].HalfMinutes)
                + tasks
                    .SelectMany(task => problem.Tasks[task].Kits)
                    .Distinct()
                    .Sum(kit => problem.KitFetch[kit]);
            Assert.Equal(minutes, plan.Used[slot]);
            Assert.True(minutes <= problem.Slots[slot].HalfMinutes);
            foreach (int task in tasks)
            {
                RoutineTask of = problem.Tasks[task];
                Assert.DoesNotContain(slot, of.Closed);
                Assert.True(of.Requires is not { } required || tasks.Contains(required));
                int? before = Enumerable
                    .Range(0, slot)
                    .Where(other => plan.Visits[other].Contains(task))
                    .Select(other => (int?)other)
                    .LastOrDefault();
                double level =
                    (before is null ? of.LevelAtStart : of.LevelAfter)
                    + of.Rise.RisenBy(problem.Slots[slot].Day)
                    - of.Rise.RisenBy(before is { } last ? problem.Slots[last].Day : 0);
                Assert.True(
                    level >= of.EarliestLevel - 1e-6
                        || tasks.Any(other => problem.Tasks[other].Requires == task)
                );
            }
        }
    }
}
