using Cove.Core.Upkeep;

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

    public CareKey Key => new(TaskId, SurfaceId);

    public CareState Start => new(StartAt, new Level(StartLevel));

    public CareState State
    {
        get => new(ChangedAt, new Level(Level));
        set => (ChangedAt, Level) = (value.At, value.Level.Value);
    }
}
