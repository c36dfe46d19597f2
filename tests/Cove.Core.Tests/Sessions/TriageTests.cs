using Google.OrTools.Sat;

namespace Cove.Core.Tests.Sessions;

public sealed class TriageTests
{
    private const int Budget = 240;
    private const int Problems = 220;

    // Reference: CP-SAT of Google OR-Tools, an exact solver, on the same problem written as constraints.
    [Fact]
    public void Triage_finds_the_optimum_that_an_exact_solver_finds()
    {
        var random = new Random(20260314);
        for (int round = 0; round < Problems; round++)
        {
            TriageProblem problem = RandomProblem(random, tasks: random.Next(1, 26), kits: random.Next(1, 8));
            int budget = random.Next(4, Budget + 1);

            TriageCurve curve = Triage.Solve(problem, Budget);

            Assert.Equal(Optimum(problem, budget), curve.BenefitAt(budget));
        }
    }

    // Reference: CP-SAT, as above. Tasks in parts: each link requires the one before, a task that requires another hangs on one of its links.
    [Fact]
    public void With_chains_triage_finds_the_optimum_that_an_exact_solver_finds()
    {
        var random = new Random(20261126);
        for (int round = 0; round < Problems / 2; round++)
        {
            var (parts, _) = Chains(random, tasks: random.Next(2, 9), kits: random.Next(1, 6));
            int budget = random.Next(4, Budget + 1);

            Assert.Equal(Optimum(parts, budget), Triage.Solve(parts, Budget).BenefitAt(budget));
        }
    }

    [Fact]
    public void Parts_never_make_a_session_worse_than_whole_tasks()
    {
        var random = new Random(20261127);
        for (int round = 0; round < Problems; round++)
        {
            var (parts, whole) = Chains(random, tasks: random.Next(2, 20), kits: random.Next(1, 8));
            TriageCurve inParts = Triage.Solve(parts, Budget);
            TriageCurve asWhole = Triage.Solve(whole, Budget);

            Assert.All(
                Enumerable.Range(0, Budget + 1),
                budget => Assert.True(inParts.BenefitAt(budget) >= asWhole.BenefitAt(budget))
            );
        }
    }

    [Fact]
    public void Every_selection_keeps_the_rules_and_is_worth_what_the_curve_says()
    {
        var random = new Random(7);
        for (int round = 0; round < 60; round++)
        {
            TriageProblem problem = RandomProblem(
                random,
                tasks: random.Next(1, 60),
                kits: random.Next(1, 10)
            );
            TriageCurve curve = Triage.Solve(problem, Budget);
            for (int budget = 0; budget <= Budget; budget++)
            {
                IReadOnlyList<int> chosen = curve.SelectionAt(budget);
                int cost =
                    chosen.Sum(index => problem.Candidates[index].HalfMinutes)
                    + chosen
                        .SelectMany(index => problem.Candidates[index].Kits)
                        .Distinct()
                        .Sum(kit => problem.KitFetch[kit]);

                Assert.True(cost <= budget, $"{cost} half minutes do not fit {budget}.");
                Assert.Equal(curve.BenefitAt(budget), chosen.Sum(index => problem.Candidates[index].Benefit));
                Assert.All(
                    chosen,
                    index =>
                        Assert.True(
                            problem.Candidates[index].Requires is not { } required
                                || chosen.Contains(required)
                        )
                );
                Assert.True(budget == 0 || curve.BenefitAt(budget) >= curve.BenefitAt(budget - 1));
            }
        }
    }

    [Fact]
    public void A_kit_is_fetched_once_however_many_tasks_use_it()
    {
        var problem = new TriageProblem(
            [new(4, 10, [0], null), new(4, 10, [0], null), new(4, 12, [1], null)],
            [2, 2]
        );

        Assert.Equal([0, 1], Triage.Solve(problem, 10).SelectionAt(10));
    }

    [Fact]
    public void A_task_comes_only_together_with_the_one_it_requires()
    {
        var problem = new TriageProblem([new(10, 1, [], null), new(2, 100, [], 0)], []);

        TriageCurve curve = Triage.Solve(problem, 12);

        Assert.Empty(curve.SelectionAt(9));
        Assert.Equal([0], curve.SelectionAt(11));
        Assert.Equal([0, 1], curve.SelectionAt(12));
    }

    [Fact]
    public void A_problem_that_makes_no_sense_is_refused()
    {
        Assert.Throws<ArgumentException>(() =>
            Triage.Solve(new TriageProblem([new(1, 1, [], 1), new(1, 1, [], 0)], []), 10)
        );
        Assert.Throws<ArgumentException>(() =>
            Triage.Solve(new TriageProblem([new(0, 1, [], null)], []), 10)
        );
        Assert.Throws<ArgumentException>(() =>
            Triage.Solve(new TriageProblem([new(1, 1, [3], null)], [1]), 10)
        );
    }

    /// <summary>Tasks of several links, some requiring another task as far as one of its links; and the same tasks undivided.</summary>
    private static (TriageProblem Parts, TriageProblem Whole) Chains(Random random, int tasks, int kits)
    {
        var parts = new List<TriageCandidate>();
        var whole = new List<TriageCandidate>();
        var first = new List<int>();
        for (int task = 0; task < tasks; task++)
        {
            int? other = task > 0 && random.Next(3) == 0 ? random.Next(task) : null;
            int links = random.Next(1, 7);
            int[] needed = [.. Enumerable.Range(0, kits).Where(_ => random.Next(4) == 0)];
            first.Add(parts.Count);
            for (int link = 0; link < links; link++)
            {
                int? requires =
                    link > 0 ? parts.Count - 1
                    : other is { } one
                        ? random.Next(first[one], one + 1 < first.Count ? first[one + 1] : parts.Count)
                    : null;
                // The first link pays for setting to; what is less soiled is worth less.
                parts.Add(
                    new TriageCandidate(
                        random.Next(1, 8) + (link == 0 ? 4 : 0),
                        random.Next(1, 4000) / (link + 1) + 1,
                        needed,
                        requires
                    )
                );
            }

            TriageCandidate[] mine = [.. parts.Skip(first[task])];
            whole.Add(
                new TriageCandidate(
                    mine.Sum(link => link.HalfMinutes),
                    mine.Sum(link => link.Benefit),
                    needed,
                    other
                )
            );
        }

        int[] fetch = [.. Enumerable.Range(0, kits).Select(_ => random.Next(0, 5))];
        return (new TriageProblem(parts, fetch), new TriageProblem(whole, fetch));
    }

    private static TriageProblem RandomProblem(Random random, int tasks, int kits) =>
        new(
            [
                .. Enumerable
                    .Range(0, tasks)
                    .Select(index => new TriageCandidate(
                        random.Next(1, 40),
                        random.Next(1, 5000),
                        [.. Enumerable.Range(0, kits).Where(_ => random.Next(4) == 0)],
                        index > 0 && random.Next(3) == 0 ? random.Next(index) : null
                    )),
            ],
            [.. Enumerable.Range(0, kits).Select(_ => random.Next(0, 5))]
        );

    private static int Optimum(TriageProblem problem, int budget)
    {
        var model = new CpModel();
        BoolVar[] fetched = [.. problem.KitFetch.Select((_, kit) => model.NewBoolVar($"kit {kit}"))];
        BoolVar[] chosen = [.. problem.Candidates.Select((_, task) => model.NewBoolVar($"task {task}"))];
        for (int task = 0; task < chosen.Length; task++)
        {
            foreach (int kit in problem.Candidates[task].Kits)
            {
                model.AddImplication(chosen[task], fetched[kit]);
            }

            if (problem.Candidates[task].Requires is { } required)
            {
                model.AddImplication(chosen[task], chosen[required]);
            }
        }

        model.Add(
            LinearExpr.WeightedSum(chosen, problem.Candidates.Select(task => (long)task.HalfMinutes))
                + LinearExpr.WeightedSum(fetched, problem.KitFetch.Select(cost => (long)cost))
                <= budget
        );
        model.Maximize(LinearExpr.WeightedSum(chosen, problem.Candidates.Select(task => (long)task.Benefit)));
        var solver = new CpSolver { StringParameters = "num_workers:1" };
        Assert.Equal(CpSolverStatus.Optimal, solver.Solve(model));
        return (int)solver.ObjectiveValue;
    }
}
