using Cove.Core.Catalogue.Tools;

namespace Cove.Core.Sessions.Runs;

/// <summary>What an owner says during a run.</summary>
public enum RunEventKind
{
    /// <summary>The step is done and clean.</summary>
    Done,

    /// <summary>The step is done but did not come clean; it is left for next time.</summary>
    NotClean,

    /// <summary>The step goes round once more before it is judged.</summary>
    Again,

    /// <summary>The step is left out.</summary>
    Skipped,

    /// <summary>The run is over, whatever steps are left.</summary>
    Finished,

    /// <summary>A towel is turned to its next face; after the last one comes a fresh towel.</summary>
    FaceTurned,

    /// <summary>A towel is finished before its last face: it touched the dash, or the floor. A fresh one is taken up.</summary>
    TowelRetired,

    /// <summary>The last answer to a step is taken back: the step stands open again, as if it had not been given.</summary>
    Undone,

    /// <summary>The clock of the step stops.</summary>
    Paused,

    /// <summary>The clock of the step goes on.</summary>
    Resumed,

    /// <summary>More or less time is at hand: the steps that were open are replaced by those from <see cref="RunEvent.Step"/> on.</summary>
    Replanned,
}

/// <summary>One answer an owner gave during a run.</summary>
/// <param name="Kind">What was answered.</param>
/// <param name="Step">Index of the step it is about. For <see cref="RunEventKind.Replanned"/> that of the first new step; any for <see cref="RunEventKind.Finished"/>, <see cref="RunEventKind.Paused"/> and <see cref="RunEventKind.Resumed"/>.</param>
/// <param name="At">When it was answered.</param>
/// <param name="Towel">The towel it is about; null unless it is about a towel.</param>
public sealed record RunEvent(RunEventKind Kind, int Step, DateTimeOffset At, TowelRole? Towel = null);
