namespace Cove.Core.Tests.Sessions;

public sealed class RunPropertyTests
{
    private static readonly DateTimeOffset Start = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    [Property(MaxTest = 100)]
    public Property However_a_run_is_answered_it_comes_to_an_end_and_its_minutes_add_up() =>
        Prop.ForAll(
            Gen.Choose(0, int.MaxValue).ToArbitrary(),
            seed =>
            {
                var random = new Random(seed);
                RunStep[] steps = SomeSteps(random);
                var events = new List<RunEvent>();
                DateTimeOffset at = Start;
                var progress = new RunProgress(steps, Start, events);
                for (int said = 0; said < 500 && progress.Current < steps.Length; said++)
                {
                    at += TimeSpan.FromSeconds(random.Next(1, 400));
                    RunEventKind kind = random.Next(5) switch
                    {
                        0 => RunEventKind.Skipped,
                        1 => RunEventKind.NotClean,
                        2 => RunEventKind.Again,
                        _ => RunEventKind.Done,
                    };
                    var next = new RunEvent(kind, progress.Current, at);
                    if (progress.Refusal(next) is not null)
                    {
                        return false;
                    }

                    events.Add(next);
                    progress = new RunProgress(steps, Start, events);
                }

                int[] all = [.. Enumerable.Range(0, steps.Length)];
                double taken = all.Sum(step => progress.TakenBy(step).TotalSeconds);
                bool ended = progress.Current == steps.Length;
                bool addsUp = taken <= (at - Start).TotalSeconds + 1e-6;
                bool dryingIsOfWork = progress.Drying.All(one =>
                    steps[one.Step].Drying > TimeSpan.Zero
                    && progress.OutcomeOf(one.Step)!.Kind != RunEventKind.Skipped
                );
                bool levelsFollow = all.All(step =>
                    (progress.RemovedBy(step) is not null)
                    == (
                        !steps[step].PutsBack
                        && progress.OutcomeOf(step)!.Kind is RunEventKind.Done or RunEventKind.NotClean
                        && !steps[step].PutsBack
                    )
                );
                return ended && addsUp && dryingIsOfWork && levelsFollow;
            }
        );

    [Fact]
    public void The_steps_of_a_run_are_those_of_the_plan_and_fetch_each_kit_once()
    {
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Start, 1);
        Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout);
        SessionPlan plan = new SessionPlanner(ledger.At(Start), cabin).Plan(60);

        IReadOnlyList<RunStep> steps = RunStep.Of(plan);

        Assert.Equal(plan.Order.Steps.Count, steps.Count);
        Assert.Equal(plan.Order.Busy, steps.Aggregate(TimeSpan.Zero, (sum, step) => sum + step.Planned));
        Kit[] fetched = [.. steps.SelectMany(step => step.Fetch)];
        Assert.Equal(fetched.Distinct(), fetched);
        Assert.Equal(plan.Jobs.SelectMany(job => job.Kits).Distinct().Order(), fetched.Order());
        Assert.All(
            steps.SelectMany(step => step.Zones),
            zone => Assert.Contains(zone, cabin.Zones.Select(one => one.Name))
        );
    }

    private static RunStep[] SomeSteps(Random random)
    {
        CareTask[] tasks = [.. CareTasks.All.Where(_ => random.Next(3) == 0)];
        return
        [
            .. tasks.Select(task => new RunStep(
                task.Id,
                false,
                task.Work,
                task.Kits,
                ["driver"],
                task.Drying
            )),
            .. tasks
                .Where(task => task.PutBack > TimeSpan.Zero)
                .Select(task => new RunStep(task.Id, true, task.PutBack, [], ["driver"], TimeSpan.Zero)),
        ];
    }
}
