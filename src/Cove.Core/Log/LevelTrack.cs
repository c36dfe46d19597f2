using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Log;

/// <summary>A level as a replay follows it.</summary>
/// <param name="Walk">How far it has been followed.</param>
/// <param name="StartAt">Where its record begins.</param>
/// <param name="Last">What changed it last; null when nothing has.</param>
internal sealed record LevelTrack(LevelWalk Walk, DateTimeOffset StartAt, CareChange? Last)
{
    /// <summary>Where a history sets out, before anything has changed it.</summary>
    public static LevelTrack From(CareHistory history) => new(history.SetOut, history.Start.At, null);

    /// <summary>The level after one change more; null when it cannot simply go on: the change belongs before what is known already, or to a look that was taken in.</summary>
    public LevelTrack? After(CareChange change) =>
        Last is { } last
        && (
            ChangeList.IsBefore(change, last)
            || (change is Observed look && last is Observed first && ChangeList.AreOfOneOccasion(first, look))
        )
            ? null
            : Go(change);

    /// <summary>The level after one change more, which comes after all that is known already.</summary>
    public LevelTrack Go(CareChange change) => this with { Walk = Walk.After(change), Last = change };
}
