using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Log;

/// <summary>The record of a level begins: the car was added, a surface was, or a task that Cove has learnt since.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">From when on it is known. What is logged earlier does not touch it.</param>
/// <param name="Key">The task and the surface.</param>
/// <param name="Level">The level then.</param>
public sealed record LevelBegan(EntryId Id, DateTimeOffset At, CareKey Key, Level Level) : LogEntry(Id, At)
{
    /// <inheritdoc/>
    public override bool MovesLevels => true;
}

/// <summary>The owner had Cove forget what it had learnt of the car: earlier checks teach nothing any more. What was seen still corrects levels.</summary>
/// <param name="Id">Identifies the entry.</param>
/// <param name="At">When. A check at this very instant is forgotten too.</param>
public sealed record LearningForgotten(EntryId Id, DateTimeOffset At) : LogEntry(Id, At)
{
    /// <inheritdoc/>
    public override bool MovesLevels => true;
}
