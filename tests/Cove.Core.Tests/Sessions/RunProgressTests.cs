namespace Cove.Core.Tests.Sessions;

public sealed class RunProgressTests
{
    private static readonly DateTimeOffset Start = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly RunStep[] Steps =
    [
        new(
            "wash-rubber-mats",
            false,
            TimeSpan.FromMinutes(6),
            [Kit.MatWash],
            ["driver"],
            TimeSpan.FromMinutes(20)
        ),
        new("vacuum-seats", false, TimeSpan.FromMinutes(3), [Kit.Vacuum], ["driver"], TimeSpan.Zero),
        new("wash-rubber-mats", true, TimeSpan.FromMinutes(1), [], ["driver"], TimeSpan.Zero),
    ];

    [Fact]
    public void A_run_goes_on_from_whatever_was_saved()
    {
        RunProgress progress = After(Said(RunEventKind.Done, 0, 5), Said(RunEventKind.NotClean, 1, 9));

        Assert.Equal(2, progress.Current);
        Assert.Equal(TimeSpan.FromMinutes(5), progress.TakenBy(0));
        Assert.Equal(TimeSpan.FromMinutes(4), progress.TakenBy(1));
        Assert.Equal(Share.All, progress.RemovedBy(0));
        Assert.Equal(SessionRules.RemovedWhenNotClean, progress.RemovedBy(1));
        Assert.Equal(Start.AddMinutes(25), Assert.Single(progress.Drying).DryAt);
    }

    [Fact]
    public void What_was_left_out_need_not_be_put_back()
    {
        RunProgress progress = After(Said(RunEventKind.Skipped, 0, 1), Said(RunEventKind.Done, 1, 4));

        Assert.Equal(Steps.Length, progress.Current);
        Assert.Null(progress.RemovedBy(0));
        Assert.Empty(progress.Drying);
        Assert.Equal(TimeSpan.FromMinutes(3), progress.TakenBy(1));
    }

    [Fact]
    public void Another_round_keeps_the_step_and_counts_its_whole_time()
    {
        RunProgress progress = After(Said(RunEventKind.Again, 0, 5), Said(RunEventKind.Done, 0, 8));

        Assert.Equal(1, progress.Current);
        Assert.Equal(TimeSpan.FromMinutes(8), progress.TakenBy(0));
        Assert.Equal(0, progress.Rounds);
    }

    [Fact]
    public void A_pause_counts_neither_to_the_step_nor_to_what_is_taken_back()
    {
        RunProgress paused = After(
            Said(RunEventKind.Done, 0, 5),
            Said(RunEventKind.Paused, 1, 6),
            Said(RunEventKind.Resumed, 1, 16),
            Said(RunEventKind.Done, 1, 18)
        );
        Assert.Equal(TimeSpan.FromMinutes(3), paused.TakenBy(1));
        Assert.Equal(TimeSpan.FromMinutes(10), paused.Paused);

        RunProgress undone = After(
            Said(RunEventKind.Done, 0, 5),
            Said(RunEventKind.Paused, 1, 6),
            Said(RunEventKind.Resumed, 1, 16),
            Said(RunEventKind.Undone, 0, 17),
            Said(RunEventKind.Done, 0, 18)
        );
        Assert.Equal(TimeSpan.FromMinutes(8), undone.TakenBy(0));
    }

    [Fact]
    public void Who_answers_while_the_run_is_paused_has_gone_on()
    {
        RunProgress progress = After(Said(RunEventKind.Paused, 0, 2), Said(RunEventKind.Done, 0, 9));

        Assert.Null(progress.PausedAt);
        Assert.Equal(TimeSpan.FromMinutes(2), progress.TakenBy(0));
    }

    [Fact]
    public void Only_the_last_answer_of_a_run_that_goes_on_is_taken_back()
    {
        RunProgress progress = After(Said(RunEventKind.Done, 0, 5), Said(RunEventKind.Done, 1, 9));
        Assert.Equal(1, progress.Undoable);
        Assert.NotNull(progress.Refusal(Said(RunEventKind.Undone, 0, 10)));
        Assert.Null(progress.Refusal(Said(RunEventKind.Undone, 1, 10)));

        RunProgress over = After(Said(RunEventKind.Done, 0, 5), Said(RunEventKind.Finished, 0, 6));
        Assert.Null(over.Undoable);
        Assert.NotNull(over.Refusal(Said(RunEventKind.Undone, 0, 10)));
    }

    [Fact]
    public void A_new_plan_replaces_what_was_open_and_nothing_that_was_answered()
    {
        RunStep[] replanned =
        [
            .. Steps,
            new("boot", false, TimeSpan.FromMinutes(2), [], ["tail"], TimeSpan.Zero),
        ];
        var progress = new RunProgress(
            replanned,
            Start,
            [Said(RunEventKind.Done, 0, 5), Said(RunEventKind.Replanned, 3, 6)]
        );

        Assert.Equal(3, progress.Current);
        Assert.Equal(RunEventKind.Done, progress.OutcomeOf(0)!.Kind);
        Assert.Equal(RunEventKind.Replanned, progress.OutcomeOf(1)!.Kind);
        Assert.Null(progress.Undoable);
        Assert.Null(progress.RemovedBy(1));
    }

    [Fact]
    public void Putting_back_changes_no_level()
    {
        RunProgress progress = After(
            Said(RunEventKind.Done, 0, 5),
            Said(RunEventKind.Done, 1, 8),
            Said(RunEventKind.Done, 2, 30)
        );

        Assert.Null(progress.RemovedBy(2));
        Assert.Equal(Steps.Length, progress.Current);
    }

    [Fact]
    public void Only_the_present_step_can_be_answered_and_nothing_after_the_end()
    {
        RunProgress atSecond = After(Said(RunEventKind.Done, 0, 5));
        RunProgress over = After(Said(RunEventKind.Finished, 0, 5));

        Assert.Null(atSecond.Refusal(Said(RunEventKind.Done, 1, 6)));
        Assert.Contains("step 2", atSecond.Refusal(Said(RunEventKind.Done, 0, 6)), StringComparison.Ordinal);
        Assert.Contains("log", over.Refusal(Said(RunEventKind.Done, 0, 6)), StringComparison.Ordinal);
    }

    private static RunEvent Said(RunEventKind kind, int step, double minute) =>
        new(kind, step, Start.AddMinutes(minute));

    private static RunProgress After(params RunEvent[] events) => new(Steps, Start, events);
}
