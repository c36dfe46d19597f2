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
}

/// <summary>One answer an owner gave during a run.</summary>
/// <param name="Kind">What was answered.</param>
/// <param name="Step">Index of the step it is about; the number of steps for <see cref="RunEventKind.Finished"/> counts for none and is ignored.</param>
/// <param name="At">When it was answered.</param>
/// <param name="Towel">The towel it is about; null unless it is about a towel.</param>
public sealed record RunEvent(RunEventKind Kind, int Step, DateTimeOffset At, TowelRole? Towel = null);
