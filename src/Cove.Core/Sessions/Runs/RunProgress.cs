using Cove.Core.Catalogue.Tools;
using Cove.Core.Schools;
using Cove.Core.Sessions.Planning;

namespace Cove.Core.Sessions.Runs;

/// <summary>How far a run has come: the planned steps and every answer so far, read together.</summary>
/// <remarks>The events are the truth; this is always computed from them, so a run resumes from whatever was saved.</remarks>
public sealed class RunProgress
{
    private readonly RunEvent?[] outcomes;
    private readonly TimeSpan[] taken;

    /// <summary>The events that count, and for each how things stood before it.</summary>
    private readonly List<Counted> counted = [];

    /// <summary>Reads the events of a run.</summary>
    /// <param name="steps">The planned steps.</param>
    /// <param name="startedAt">When the run began.</param>
    /// <param name="events">The answers, in order.</param>
    public RunProgress(IReadOnlyList<RunStep> steps, DateTimeOffset startedAt, IEnumerable<RunEvent> events)
    {
        Steps = steps;
        StartedAt = startedAt;
        StepStartedAt = startedAt;
        outcomes = new RunEvent?[steps.Count];
        taken = new TimeSpan[steps.Count];
        foreach (RunEvent answer in events)
        {
            Take(answer);
        }
    }

    /// <summary>The planned steps.</summary>
    public IReadOnlyList<RunStep> Steps { get; }

    /// <summary>When the run began.</summary>
    public DateTimeOffset StartedAt { get; }

    /// <summary>When the present step began: when the last one ended, put off by as long as the run was paused since.</summary>
    public DateTimeOffset StepStartedAt { get; private set; }

    /// <summary>When the run was paused; null while its clock goes.</summary>
    public DateTimeOffset? PausedAt { get; private set; }

    /// <summary>How long the run was paused, all pauses that are over together.</summary>
    public TimeSpan Paused { get; private set; }

    /// <summary>The step whose answer can be taken back; null when none can: nothing has been answered, the run is over, or it was planned anew since.</summary>
    public int? Undoable =>
        FinishedAt is null
        && counted.FindLastIndex(known =>
            IsAnswer(known.Event.Kind) || known.Event.Kind == RunEventKind.Replanned
        )
            is >= 0
                and var last
        && IsAnswer(counted[last].Event.Kind)
            ? counted[last].Event.Step
            : null;

    /// <summary>When the last event was.</summary>
    private DateTimeOffset Latest => counted.Count > 0 ? counted[^1].Event.At : StartedAt;

    /// <summary>When the run was ended; null while it goes on.</summary>
    public DateTimeOffset? FinishedAt { get; private set; }

    /// <summary>Further rounds given to the present step.</summary>
    public int Rounds { get; private set; }

    /// <summary>Index of the present step; the number of steps when all have an outcome.</summary>
    public int Current
    {
        get
        {
            int index = Array.FindIndex(outcomes, outcome => outcome is null);
            return index < 0 ? Steps.Count : index;
        }
    }

    /// <summary>The towels of the run.</summary>
    public TowelCount Towels { get; private set; } = TowelCount.None;

    /// <summary>How towels are folded in it.</summary>
    public FoldSchool Fold => Steps.Count > 0 ? Steps[0].Fold : FoldSchool.Quarters;

    /// <summary>The towel of a role that is in hand.</summary>
    public TowelInHand InHand(TowelRole role) => Towels.InHand(role, Fold);

    /// <summary>The towels that have been taken up: those of every step that was begun.</summary>
    public IReadOnlyList<TowelInHand> TowelsUsed =>
        [
            .. Enumerable
                .Range(0, Steps.Count)
                .Where(step =>
                    outcomes[step] is { Kind: RunEventKind.Done or RunEventKind.NotClean }
                    || (step == Current && FinishedAt is null)
                )
                .SelectMany(step => Steps[step].Towels)
                .Concat(Towels.Roles)
                .Distinct()
                .Order()
                .Select(InHand),
        ];

    /// <summary>How a step came out; null while it has not.</summary>
    public RunEvent? OutcomeOf(int step) => outcomes[step];

    /// <summary>How long a step took; zero while it has no outcome or when it was left out.</summary>
    public TimeSpan TakenBy(int step) => taken[step];

    /// <summary>What is drying or has dried: each step that left something wet, with the instant it is dry.</summary>
    public IReadOnlyList<DryingNow> Drying =>
        [
            .. Enumerable
                .Range(0, Steps.Count)
                .Where(step =>
                    Steps[step].Drying > TimeSpan.Zero
                    && outcomes[step] is { Kind: RunEventKind.Done or RunEventKind.NotClean }
                )
                .Select(step => new DryingNow(
                    step,
                    outcomes[step]!.At,
                    outcomes[step]!.At + Steps[step].Drying
                )),
        ];

    /// <summary>Says why an event cannot be taken now; null when it can.</summary>
    /// <param name="answer">The event.</param>
    public string? Refusal(RunEvent answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        if (FinishedAt is not null)
        {
            return "This run is over. Correct its entries in the log instead.";
        }

        switch (answer.Kind)
        {
            case RunEventKind.Finished:
                return null;
            case RunEventKind.Undone:
                return Undoable == answer.Step
                    ? null
                    : "There is no such answer to take back. Reload the run and go on from there.";
            case RunEventKind.Paused:
                return PausedAt is null ? null : "The run is paused already.";
            case RunEventKind.Resumed:
                return PausedAt is null ? "The run is not paused." : null;
            case RunEventKind.Replanned:
                return answer.Step > 0 && answer.Step < Steps.Count && answer.Step >= Current
                    ? null
                    : "A new plan needs steps that follow those there were.";
            default:
                return RefusalOfAnswer(answer);
        }
    }

    private string? RefusalOfAnswer(RunEvent answer) =>
        Current == Steps.Count ? "Every step has been answered. Finish the run."
        : answer.Step == Current ? null
        : $"The run stands at step {Current + 1}. Reload it and go on from there.";

    /// <summary>The same answer, given no earlier than the last one: the clock of the machine may have been set back meanwhile.</summary>
    public RunEvent InOrder(RunEvent answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        DateTimeOffset earliest = StepStartedAt > Latest ? StepStartedAt : Latest;
        return answer.At < earliest ? answer with { At = earliest } : answer;
    }

    /// <summary>What the outcome of a step does to the levels of its task.</summary>
    /// <returns>The share of the level removed; null when the step changes no level: it was left out, is a chore or only puts things back.</returns>
    public Share? RemovedBy(int step) =>
        Steps[step].PutsBack || Steps[step].IsChore
            ? null
            : outcomes[step]?.Kind switch
            {
                RunEventKind.Done => Share.All,
                RunEventKind.NotClean => SessionRules.RemovedWhenNotClean,
                _ => null,
            };

    /// <summary>Goes on by one event, which <see cref="Refusal"/> must not refuse.</summary>
    public void Take(RunEvent answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        if (answer.Kind == RunEventKind.Undone)
        {
            TakeBack();
            return;
        }

        if (PausedAt is not null && answer.Kind is not (RunEventKind.Paused or RunEventKind.Resumed))
        {
            // Who works again has forgotten to say so.
            Resume(answer.At);
        }

        counted.Add(new Counted(answer, StepStartedAt, Rounds, Paused));
        switch (answer.Kind)
        {
            case RunEventKind.Finished:
                FinishedAt = answer.At;
                return;
            case RunEventKind.Again:
                Rounds++;
                return;
            case RunEventKind.FaceTurned or RunEventKind.TowelRetired:
                Towels = Towels.After(answer);
                return;
            case RunEventKind.Paused:
                PausedAt = answer.At;
                return;
            case RunEventKind.Resumed:
                Resume(answer.At);
                return;
            case RunEventKind.Replanned:
                Replace(answer);
                return;
            default:
                Conclude(answer);
                return;
        }
    }

    /// <summary>Takes back the last answer. The step goes on since it began: what was done meanwhile counts to it.</summary>
    private void TakeBack()
    {
        int last = counted.FindLastIndex(known => IsAnswer(known.Event.Kind));
        RunEvent answer = counted[last].Event;
        // A rest taken since then is not work on the step either.
        StepStartedAt = counted[last].StepStartedAt + (Paused - counted[last].Paused);
        Rounds = counted[last].Rounds;
        counted.RemoveAt(last);
        if (answer.Kind == RunEventKind.Again)
        {
            return;
        }

        Reopen(answer.Step);
        for (int step = answer.Step + 1; step < Steps.Count; step++)
        {
            // With a step that was left out goes its putting back.
            if (
                answer.Kind == RunEventKind.Skipped
                && PutsBack(step, answer.Step)
                && outcomes[step]?.Kind == RunEventKind.Skipped
            )
            {
                Reopen(step);
            }
        }
    }

    private void Reopen(int step)
    {
        outcomes[step] = null;
        taken[step] = TimeSpan.Zero;
    }

    private void Resume(DateTimeOffset at)
    {
        TimeSpan rest = at - PausedAt!.Value;
        if (rest > TimeSpan.Zero)
        {
            StepStartedAt += rest;
            Paused += rest;
        }

        PausedAt = null;
    }

    private void Replace(RunEvent answer)
    {
        for (int step = 0; step < answer.Step; step++)
        {
            outcomes[step] ??= answer with { Step = step };
        }

        Rounds = 0;
    }

    /// <summary>An event, and how things stood before it.</summary>
    private sealed record Counted(RunEvent Event, DateTimeOffset StepStartedAt, int Rounds, TimeSpan Paused);

    private static bool IsAnswer(RunEventKind kind) =>
        kind is RunEventKind.Done or RunEventKind.NotClean or RunEventKind.Skipped or RunEventKind.Again;

    private void Conclude(RunEvent answer)
    {
        outcomes[answer.Step] = answer;
        if (answer.Kind == RunEventKind.Skipped)
        {
            SkipPutBackOf(answer);
        }
        else
        {
            TimeSpan since = InOrder(answer).At - StepStartedAt;
            taken[answer.Step] = since < SessionRules.LongestStep ? since : SessionRules.LongestStep;
        }

        StepStartedAt = InOrder(answer).At;
        Rounds = 0;
    }

    /// <summary>Whether a step comes back to the task of an earlier one.</summary>
    private bool PutsBack(int step, int earlier) =>
        Steps[step].PutsBack && Steps[step].TaskId == Steps[earlier].TaskId;

    /// <summary>What was never taken out need not be put back.</summary>
    private void SkipPutBackOf(RunEvent answer)
    {
        for (int step = answer.Step + 1; step < Steps.Count; step++)
        {
            if (PutsBack(step, answer.Step))
            {
                outcomes[step] = answer with { Step = step };
            }
        }
    }
}

/// <summary>Something that dries during a run.</summary>
/// <param name="Step">Index of the step that left it wet.</param>
/// <param name="From">When it was left.</param>
/// <param name="DryAt">When it should be dry.</param>
public sealed record DryingNow(int Step, DateTimeOffset From, DateTimeOffset DryAt);
