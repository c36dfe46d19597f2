namespace Cove.Data.Rows;

/// <summary>A level of one task on one surface: where it started, and where it stood when it last changed.</summary>
/// <remarks>The second pair is what replaying the log gives; it is kept so that reading the present does not read the whole log.</remarks>
internal sealed class CareStateRow : OwnedRow
{
    public Guid VehicleId { get; set; }

    public required string TaskId { get; set; }

    public required string SurfaceId { get; set; }

    public DateTimeOffset StartAt { get; set; }

    public double StartLevel { get; set; }

    public DateTimeOffset ChangedAt { get; set; }

    public double Level { get; set; }

    /// <summary>On glass, the share of the level that is oily film; null where nobody knows.</summary>
    public double? Oily { get; set; }

    public CareKey Key => new(TaskId, SurfaceId);

    /// <summary>The entry with which the record of the level begins.</summary>
    public LevelBegan Beginning => new(default, StartAt, Key, new Level(StartLevel));

    public CareState State
    {
        get => new(ChangedAt, new Level(Level), Oily is { } oily ? new Share(oily) : null);
        set => (ChangedAt, Level, Oily) = (value.At, value.Level.Value, value.Oily?.Value);
    }

    /// <summary>A level that has not changed since it started.</summary>
    public static CareStateRow Starting(CareKey key, Level level, DateTimeOffset from) =>
        new()
        {
            TaskId = key.TaskId.Value,
            SurfaceId = key.SurfaceId.Value,
            StartAt = from,
            StartLevel = level.Value,
            ChangedAt = from,
            Level = level.Value,
        };

    /// <summary>A level for every task and surface of a vehicle that has none yet.</summary>
    public static IReadOnlyList<CareStateRow> Missing(
        VehicleRow vehicle,
        Func<CareTask, Surface, Level> start,
        DateTimeOffset from
    )
    {
        var known = vehicle.CareStates.Select(state => state.Key).ToHashSet();
        return
        [
            .. CareBook
                .For(vehicle.ToVehicle())
                .SelectMany(item =>
                    item.Surfaces.Select(surface => (Key: new CareKey(item.Task.Id, surface.Id), surface))
                        .Where(level => !known.Contains(level.Key))
                        .Select(level => Starting(level.Key, start(item.Task, level.surface), from))
                ),
        ];
    }
}
