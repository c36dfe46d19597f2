namespace Cove.Core.Tests.Sessions;

/// <summary>What each answer of a run means for the log.</summary>
public sealed class RunLogTests
{
    private static readonly RunId Run = new(new Guid("00000000-0000-0000-0000-00000000000a"));
    private static readonly DateTimeOffset Start = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly RunStep[] Steps =
    [
        new("set-up", false, TimeSpan.FromMinutes(1), [], [], TimeSpan.Zero),
        new("wash-rubber-mats", false, TimeSpan.FromMinutes(4), [], [], TimeSpan.FromMinutes(20)),
        new("wash-rubber-mats", true, TimeSpan.FromMinutes(1), [], [], TimeSpan.Zero),
    ];

    [Fact]
    public void Done_takes_all_and_not_clean_takes_half()
    {
        TaskDone done = Assert.IsType<TaskDone>(Answer(1, RunEventKind.Done));
        TaskDone half = Assert.IsType<TaskDone>(Answer(1, RunEventKind.NotClean));

        Assert.Equal(("wash-rubber-mats", Share.All), (done.TaskId, done.Removed));
        Assert.True(done.CameClean);
        Assert.Equal(SessionRules.RemovedWhenNotClean, half.Removed);
        Assert.Equal((Run, TimeSpan.FromMinutes(4)), (done.RunId!.Value, done.Planned));
        Assert.Equal(TimeSpan.FromMinutes(3), done.Taken);
    }

    [Theory]
    [InlineData(1, RunEventKind.Skipped)]
    [InlineData(1, RunEventKind.Again)]
    [InlineData(0, RunEventKind.Skipped)]
    [InlineData(2, RunEventKind.Done)]
    public void What_leaves_every_level_as_it_is_writes_nothing(int step, RunEventKind kind) =>
        Assert.Null(Answer(step, kind));

    [Fact]
    public void A_chore_is_on_record_for_its_minutes_only()
    {
        LogEntry chore = Answer(0, RunEventKind.Done)!;

        Assert.Equal("set-up", Assert.IsType<ChoreDone>(chore).ChoreId);
        Assert.False(chore.MovesLevels);
    }

    [Fact]
    public void Putting_back_adds_its_minutes_to_the_entry_of_the_task()
    {
        RunProgress progress = After(2, RunEventKind.Done, out RunEvent back);
        var done = (TaskDone)Answer(1, RunEventKind.Done)!;

        Assert.True(RunLog.AddsMinutes(progress, back));
        TaskDone whole = RunLog.WithPutBack(done, progress, back);
        Assert.Equal(TimeSpan.FromMinutes(5), whole.Planned);
        Assert.Equal(TimeSpan.FromMinutes(6), whole.Taken);
        Assert.Equal(done.At, whole.At);
    }

    private static LogEntry? Answer(int step, RunEventKind kind)
    {
        RunProgress progress = After(step, kind, out RunEvent answer);
        return RunLog.EntryOf(Run, progress, answer, default);
    }

    /// <summary>A run in which every step before one was done, three minutes each, and that one is answered.</summary>
    private static RunProgress After(int step, RunEventKind kind, out RunEvent answer)
    {
        answer = new RunEvent(kind, step, Start.AddMinutes(3 * (step + 1)));
        return new RunProgress(
            Steps,
            Start,
            [
                .. Enumerable
                    .Range(0, step)
                    .Select(before => new RunEvent(
                        RunEventKind.Done,
                        before,
                        Start.AddMinutes(3 * (before + 1))
                    )),
                answer,
            ]
        );
    }
}
