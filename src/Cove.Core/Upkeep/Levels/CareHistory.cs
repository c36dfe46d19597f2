namespace Cove.Core.Upkeep;

/// <summary>The level of one care task on one surface through time: where it started and everything that changed it since.</summary>
/// <remarks>
/// A level is always computed from the whole history, so correcting or undoing an old entry needs no
/// special case. To keep only the result, store a <see cref="CareState"/>.
/// </remarks>
public sealed class CareHistory
{
    private readonly IReadOnlyList<CareChange> changes;

    /// <summary>Makes a history.</summary>
    /// <param name="start">The level at the instant from which the history is kept.</param>
    /// <param name="soiling">How fast the level rises.</param>
    /// <param name="usage">How the car is used.</param>
    /// <param name="changes">What changed the level, in any order; changes before the start are left out.</param>
    public CareHistory(CareState start, Soiling soiling, Usage usage, IEnumerable<CareChange> changes)
    {
        Start = start;
        Soiling = soiling;
        Usage = usage;
        this.changes = [.. changes.Where(change => change.At >= start.At).OrderBy(change => change.At)];
    }

    /// <summary>The level at the beginning.</summary>
    public CareState Start { get; }

    /// <summary>How fast the level rises.</summary>
    public Soiling Soiling { get; }

    /// <summary>How the car is used.</summary>
    public Usage Usage { get; }

    /// <summary>The level just after the last change up to an instant.</summary>
    /// <param name="until">Changes at or before this instant count.</param>
    public CareState StateAt(DateTimeOffset until)
    {
        CareState state = Start;
        foreach (CareChange change in changes)
        {
            if (change.At > until)
            {
                break;
            }

            state = After(state, change);
        }

        return state;
    }

    /// <summary>The level at an instant.</summary>
    /// <param name="instant">At or after the start; earlier gives the level at the start.</param>
    public Level LevelAt(DateTimeOffset instant) => StateAt(instant).LevelAt(instant, Soiling, Usage);

    /// <summary>The saw-tooth of the level between two instants: the corners in order, two at each change.</summary>
    public IReadOnlyList<LevelPoint> Trace(DateTimeOffset from, DateTimeOffset to)
    {
        DateTimeOffset begin = from > Start.At ? from : Start.At;
        var points = new List<LevelPoint> { new(begin, LevelAt(begin)) };
        CareState state = StateAt(begin);
        foreach (CareChange change in changes.Where(change => change.At > begin && change.At <= to))
        {
            points.Add(new LevelPoint(change.At, state.LevelAt(change.At, Soiling, Usage)));
            state = After(state, change);
            points.Add(new LevelPoint(change.At, state.Level));
        }

        points.Add(new LevelPoint(to, state.LevelAt(to, Soiling, Usage)));
        return points;
    }

    private CareState After(CareState state, CareChange change)
    {
        Level before = state.LevelAt(change.At, Soiling, Usage);
        Level after = change switch
        {
            Cleaned cleaned => before.Without(cleaned.Removed),
            Jumped jumped => before.Plus(jumped.Amount),
            _ => before,
        };
        return new CareState(change.At, after);
    }
}

/// <summary>A level at an instant.</summary>
/// <param name="At">The instant.</param>
/// <param name="Level">The level.</param>
public readonly record struct LevelPoint(DateTimeOffset At, Level Level);
