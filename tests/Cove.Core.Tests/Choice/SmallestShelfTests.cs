using Google.OrTools.Sat;

namespace Cove.Core.Tests.Choice;

public sealed class SmallestShelfTests
{
    private static readonly int Shelves = LongRun.Of(60, 400);

    // Reference: CP-SAT of Google OR-Tools, an exact solver, on the same problem written as constraints.
    [Fact]
    public void The_smallest_shelf_weighs_what_an_exact_solver_finds()
    {
        var random = new Random(20261125);
        for (int round = 0; round < Shelves; round++)
        {
            CoverProblem problem = RandomProblem(
                random,
                products: random.Next(1, 41),
                tasks: random.Next(1, 81),
                density: 0.05 + (0.3 * random.NextDouble())
            );

            IReadOnlyList<int> chosen = SetCover.Solve(problem.Tasks, problem.Sets, problem.Weights);

            int[] coverable =
            [
                .. Enumerable
                    .Range(0, problem.Tasks)
                    .Where(task => problem.Sets.Any(set => set.Contains(task))),
            ];
            Assert.All(coverable, task => Assert.Contains(chosen, set => problem.Sets[set].Contains(task)));
            Assert.Equal(Optimum(problem, coverable), chosen.Sum(set => (long)problem.Weights[set]));
        }
    }

    [Property]
    public Property Whatever_is_chosen_is_needed() =>
        Prop.ForAll(
            Gen.Choose(0, 1_000_000).ToArbitrary(),
            seed =>
            {
                CoverProblem problem = RandomProblem(new Random(seed), 12, 20, 0.25);
                IReadOnlyList<int> chosen = SetCover.Solve(problem.Tasks, problem.Sets, problem.Weights);
                return chosen.All(set =>
                    problem
                        .Sets[set]
                        .Any(task => chosen.All(other => other == set || !problem.Sets[other].Contains(task)))
                );
            }
        );

    [Fact]
    public void A_shelf_with_two_of_everything_needs_one_of_each_and_says_what_the_others_add()
    {
        CareLedger ledger = AnyCar.Ledger(
            CareBook.ReferenceLayout,
            Usage.Reference,
            new DateTimeOffset(2026, 3, 14, 10, 0, 0, TimeSpan.Zero),
            1
        );
        Product[] products =
        [
            Owned("Glass cleaner", ProductClass.GlassCleaner),
            Owned("Another glass cleaner", ProductClass.GlassCleaner),
            Owned("Fabric cleaner", ProductClass.FabricCleaner),
            Owned("Gloss dressing", ProductClass.SolventDressing),
        ];
        var shelf = Shelf.Empty with { Products = products };

        var smallest = new SmallestShelf(ledger.Items, new SafestWays(shelf, ShelfRecords.None));

        Assert.Equal(["Glass cleaner", "Fabric cleaner"], smallest.Chosen.Select(product => product.Name));
        Assert.Equal(
            [ShelfRole.Needed, ShelfRole.Redundant, ShelfRole.Needed, ShelfRole.Useless],
            smallest.Roles.Select(part => part.Role)
        );
        Assert.Contains(smallest.Uncovered, job => job.Task.Id == "seat-belts");
    }

    private static Product Owned(string name, ProductClass productClass) =>
        Product.OfClass(new(Guid.NewGuid()), name, productClass);

    private static long Optimum(CoverProblem problem, int[] coverable)
    {
        var model = new CpModel();
        BoolVar[] take = [.. problem.Weights.Select((_, set) => model.NewBoolVar($"{set}"))];
        foreach (int task in coverable)
        {
            model.AddBoolOr(take.Where((_, set) => problem.Sets[set].Contains(task)));
        }

        model.Minimize(LinearExpr.WeightedSum(take, problem.Weights.Select(weight => (long)weight)));
        using var solver = new CpSolver();
        Assert.Equal(CpSolverStatus.Optimal, solver.Solve(model));
        return (long)Math.Round(solver.ObjectiveValue);
    }

    private static CoverProblem RandomProblem(Random random, int products, int tasks, double density) =>
        new(
            tasks,
            [
                .. Enumerable
                    .Range(0, products)
                    .Select(_ =>
                        (IReadOnlyList<int>)
                            [.. Enumerable.Range(0, tasks).Where(_ => random.NextDouble() < density)]
                    ),
            ],
            [.. Enumerable.Range(0, products).Select(_ => 1_000_000 - random.Next(80_000))]
        );

    private sealed record CoverProblem(
        int Tasks,
        IReadOnlyList<IReadOnlyList<int>> Sets,
        IReadOnlyList<int> Weights
    );
}
