using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>A run as it stands in a file: the session as it was planned, and its answers.</summary>
public sealed record RunDocument
{
    /// <summary>The most answers of one run.</summary>
    public const int MostEvents = 2_000;

    /// <summary>The most steps of one run.</summary>
    public const int MostSteps = 200;

    /// <summary>The longest session that is kept, in minutes: two hours, and whatever an owner keeps in beside that.</summary>
    public const int MostMinutes = 600;

    /// <summary>The minutes it was planned for.</summary>
    [Range(1, MostMinutes, ErrorMessage = "Say between 1 and 600 minutes.")]
    public required int Minutes { get; init; }

    /// <summary>When the session was planned.</summary>
    public required DateTimeOffset PlannedAt { get; init; }

    /// <summary>When the run began.</summary>
    public required DateTimeOffset StartedAt { get; init; }

    /// <summary>When it was ended; null while it goes on.</summary>
    public DateTimeOffset? FinishedAt { get; init; }

    /// <summary>The steps.</summary>
    [MaxLength(MostSteps, ErrorMessage = "Give up to 200 steps.")]
    public required IReadOnlyList<StepDocument> Steps { get; init; }

    /// <summary>The answers, in order.</summary>
    [MaxLength(MostEvents, ErrorMessage = "Give up to 2,000 events.")]
    public IReadOnlyList<RunEventDocument> Events { get; init; } = [];
}

/// <summary>An answer given during a run.</summary>
public sealed record RunEventDocument
{
    /// <summary>What was answered.</summary>
    public required RunEventKind Kind { get; init; }

    /// <summary>The step it was about, by its place from 0.</summary>
    [Range(0, RunDocument.MostSteps, ErrorMessage = "Use the place of a step, from 0.")]
    public required int Step { get; init; }

    /// <summary>When.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>The towel it was about; null unless it was about a towel.</summary>
    public TowelRole? Towel { get; init; }

    /// <summary>Writes an event down.</summary>
    public static RunEventDocument Of(RunEvent answer) =>
        new()
        {
            Kind = answer.Kind,
            Step = answer.Step,
            At = answer.At,
            Towel = answer.Towel,
        };

    /// <summary>Reads it back.</summary>
    public RunEvent ToEvent() => new(Kind, Step, At, Towel);
}
