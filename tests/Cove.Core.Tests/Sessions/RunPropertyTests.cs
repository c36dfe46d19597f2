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

    [Property(MaxTest = 200)]
    public Property An_answer_taken_back_leaves_the_run_as_if_it_had_not_been_given() =>
        Prop.ForAll(
            Gen.Choose(0, int.MaxValue).ToArbitrary(),
            seed =>
            {
                var random = new Random(seed);
                RunStep[] steps = SomeSteps(random);
                // What is left of the events when each answer that was taken back is struck out.
                var kept = new List<RunEvent>();
                var all = new List<RunEvent>();
                DateTimeOffset at = Start;
                for (int said = 0; said < 40; said++)
                {
                    // Answers that waited for a network may all have come to the same instant.
                    at += TimeSpan.FromSeconds(random.Next(3) * 100);
                    var progress = new RunProgress(steps, Start, all);
                    int last = kept.FindLastIndex(known => known.Kind != RunEventKind.FaceTurned);
                    RunEvent next =
                        random.Next(3) == 0 && last >= 0
                            ? new RunEvent(RunEventKind.Undone, kept[last].Step, at)
                            : Something(random, progress.Current, at);
                    if (progress.Refusal(next) is not null)
                    {
                        continue;
                    }

                    all.Add(next);
                    if (next.Kind == RunEventKind.Undone)
                    {
                        kept.RemoveAt(last);
                    }
                    else
                    {
                        kept.Add(next);
                    }
                }

                return SameAs(new RunProgress(steps, Start, kept), new RunProgress(steps, Start, all));
            }
        );

    private static RunEvent Something(Random random, int step, DateTimeOffset at) =>
        random.Next(5) switch
        {
            0 => new RunEvent(RunEventKind.Skipped, step, at),
            1 => new RunEvent(RunEventKind.NotClean, step, at),
            2 => new RunEvent(RunEventKind.Again, step, at),
            3 => new RunEvent(RunEventKind.FaceTurned, step, at, TowelRole.InteriorClean),
            _ => new RunEvent(RunEventKind.Done, step, at),
        };

    private static bool SameAs(RunProgress one, RunProgress other) =>
        one.Current == other.Current
        && one.Rounds == other.Rounds
        && one.StepStartedAt == other.StepStartedAt
        && one.Undoable == other.Undoable
        && Enumerable
            .Range(0, one.Steps.Count)
            .All(step =>
                one.OutcomeOf(step) == other.OutcomeOf(step) && one.TakenBy(step) == other.TakenBy(step)
            )
        && one.TowelsUsed.SequenceEqual(other.TowelsUsed);

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
