using Cove.Core.Vehicles;

namespace Cove.Core.Upkeep;

/// <summary>Everything needed to say how a vehicle stands: its tasks, its use, and the last change of every level.</summary>
public sealed class CareLedger
{
    private readonly IReadOnlyDictionary<CareKey, CareState> states;

    /// <summary>Makes a ledger.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="usage">How it is used.</param>
    /// <param name="states">The last change of each level. A level that is missing counts as fresh for ever since the present, so callers store one for every task and surface when a vehicle is added.</param>
    public CareLedger(Vehicle vehicle, Usage usage, IReadOnlyDictionary<CareKey, CareState> states)
    {
        Vehicle = vehicle;
        Usage = usage;
        this.states = states;
        Items = CareBook.For(vehicle);
    }

    /// <summary>The vehicle.</summary>
    public Vehicle Vehicle { get; }

    /// <summary>How it is used.</summary>
    public Usage Usage { get; }

    /// <summary>The tasks that apply to it.</summary>
    public IReadOnlyList<CareItem> Items { get; }

    /// <summary>How every task stands at an instant.</summary>
    public IReadOnlyList<CareStatus> At(DateTimeOffset now) => [.. Items.Select(item => StatusOf(item, now))];

    /// <summary>How one task stands at an instant.</summary>
    public CareStatus StatusOf(CareItem item, DateTimeOffset now) =>
        new(
            item,
            [
                .. item.Surfaces.Select(surface => new SurfaceStatus(
                    surface,
                    Due.Compute(
                        states.TryGetValue(new CareKey(item.Task.Id, surface.Id), out CareState state)
                            ? state
                            : new CareState(now, Level.Fresh),
                        item.SoilingOf(surface),
                        Usage,
                        now
                    )
                )),
            ]
        );
}

/// <summary>Names a level: a care task on a surface of one vehicle.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="SurfaceId">The surface.</param>
public readonly record struct CareKey(string TaskId, string SurfaceId);
