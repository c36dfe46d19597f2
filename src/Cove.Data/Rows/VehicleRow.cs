using System.ComponentModel.DataAnnotations.Schema;
using System.Text.Json;
using Cove.Core.Vehicles;

namespace Cove.Data.Rows;

internal sealed class VehicleRow : OwnedRow
{
    public Guid Id { get; set; }

    public required string Name { get; set; }

    public required string Description { get; set; }

    public DateTimeOffset AddedAt { get; set; }

    public DateTimeOffset? ArchivedAt { get; set; }

    /// <summary>Looks before this teach nothing.</summary>
    public DateTimeOffset? LearntSince { get; set; }

    /// <summary>The answers of the layout, as JSON.</summary>
    public required string LayoutJson { get; set; }

    /// <summary>Counts the changes of vehicle and surfaces; a change that names an older number has lost the race.</summary>
    public int Version { get; set; }

    public List<SurfaceRow> Surfaces { get; } = [];

    public List<UsageRow> Usage { get; } = [];

    public List<OdometerRow> Odometer { get; } = [];

    public List<CareStateRow> CareStates { get; } = [];

    public List<LearntRow> Learnt { get; } = [];

    public List<ResidueRow> Residues { get; } = [];

    [NotMapped]
    public CabinLayout Layout
    {
        get => JsonSerializer.Deserialize<CabinLayout>(LayoutJson, CoveJson.Column)!;
        set => LayoutJson = JsonSerializer.Serialize(value, CoveJson.Column);
    }

    public Vehicle ToVehicle() =>
        new(
            Id,
            Name,
            Description,
            Layout,
            [.. Surfaces.OrderBy(surface => surface.Position).Select(surface => surface.ToSurface())]
        );
}
