using Cove.Core.Tests.Advice;

namespace Cove.Core.Tests.Sessions;

/// <summary>What is left of a run, planned anew in the middle of it.</summary>
public sealed class ReplanTests
{
    private static readonly int Households = LongRun.Of(60, 1_000);

    [Fact]
    public void Whatever_was_answered_the_new_steps_fit_ask_nothing_twice_and_bring_back_what_is_outside() =>
        Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    var random = new Random(household.Seed);
                    IReadOnlyList<RunStep> steps = household.Day.Session(20 + random.Next(80)).Steps;
                    if (steps.Count == 0)
                    {
                        return true.ToProperty();
                    }

                    RunProgress progress = Answered(steps, household.Now, random);
                    int minutes = random.Next(1, 60);
                    IReadOnlyList<RunStep> next = Replan.Of(household.Day, progress, minutes);
                    string[] wrong = [.. Complaints(progress, next, minutes)];
                    return (wrong.Length == 0).Label(string.Join('\n', wrong));
                }
            )
            .Check(Draws.Of(Households));

    [Fact]
    public void With_more_time_the_open_tasks_stay_and_others_join_them()
    {
        DayPlan day = Dirty.Day;
        IReadOnlyList<RunStep> steps = day.Session(15).Steps;
        var progress = new RunProgress(steps, Home.Now, []);

        IReadOnlyList<RunStep> next = Replan.Of(day, progress, 60);

        Assert.Subset(Tasks(next), Tasks(steps));
        Assert.True(Tasks(next).Count > Tasks(steps).Count);
    }

    [Fact]
    public void With_less_time_only_open_tasks_are_left()
    {
        DayPlan day = Dirty.Day;
        IReadOnlyList<RunStep> steps = day.Session(60).Steps;
        var progress = new RunProgress(steps, Home.Now, []);

        IReadOnlyList<RunStep> next = Replan.Of(day, progress, 12);

        Assert.NotEmpty(next);
        Assert.Subset(Tasks(steps), Tasks(next));
        Assert.True(Tasks(next).Count < Tasks(steps).Count);
    }

    private static readonly Home Dirty = new() { Soil = 1.2, Tools = [.. Enum.GetValues<Tool>()] };

    private static HashSet<TaskId> Tasks(IReadOnlyList<RunStep> steps) =>
        [.. steps.Where(step => !step.IsChore).Select(step => step.TaskId)];

    /// <summary>Some of the steps, answered one way or another.</summary>
    private static RunProgress Answered(IReadOnlyList<RunStep> steps, DateTimeOffset start, Random random)
    {
        var events = new List<RunEvent>();
        var progress = new RunProgress(steps, start, events);
        for (int count = random.Next(steps.Count); count > 0 && progress.Current < steps.Count; count--)
        {
            RunEventKind kind = random.Next(4) == 0 ? RunEventKind.Skipped : RunEventKind.Done;
            progress.Take(new RunEvent(kind, progress.Current, start));
        }

        return progress;
    }

    private static IEnumerable<string> Complaints(
        RunProgress progress,
        IReadOnlyList<RunStep> next,
        int minutes
    )
    {
        var outcomes = Enumerable
            .Range(0, progress.Steps.Count)
            .Select(step => (Step: progress.Steps[step], Kind: progress.OutcomeOf(step)?.Kind))
            .ToArray();
        foreach (
            var (step, _) in outcomes.Where(known =>
                known.Kind is not null
                && next.Any(other =>
                    other.TaskId == known.Step.TaskId && other.PutsBack == known.Step.PutsBack
                )
            )
        )
        {
            yield return $"{step.TaskId} is asked again";
        }

        RunStep[] owed =
        [
            .. outcomes
                .Where(known =>
                    known.Kind is null
                    && known.Step.PutsBack
                    && outcomes.Any(first =>
                        first.Step.TaskId == known.Step.TaskId
                        && !first.Step.PutsBack
                        && first.Kind == RunEventKind.Done
                    )
                )
                .Select(known => known.Step),
        ];
        foreach (
            RunStep step in owed.Where(step =>
                next.Count(other => other.TaskId == step.TaskId && other.PutsBack) != 1
            )
        )
        {
            yield return $"{step.TaskId} is not brought back once";
        }

        foreach (RunStep step in next.Where(step => step.PutsBack && !owed.Contains(step)))
        {
            if (!next.Any(other => other.TaskId == step.TaskId && !other.PutsBack))
            {
                yield return $"{step.TaskId} is brought back though it was not taken out";
            }
        }

        double takes = next.Where(step => !step.PutsBack && !step.IsChore)
            .Sum(step => step.Planned.TotalMinutes);
        if (takes > minutes)
        {
            yield return $"{takes} minutes of work in {minutes}";
        }

        string[] kits =
        [
            .. outcomes
                .Where(known => known.Kind == RunEventKind.Done)
                .SelectMany(known => known.Step.Fetch)
                .Select(kit => $"{kit}"),
        ];
        if (next.SelectMany(step => step.Fetch).Any(kit => kits.Contains($"{kit}")))
        {
            yield return "something that is out is got out again";
        }
    }
}
