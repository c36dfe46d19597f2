using System.ComponentModel.DataAnnotations.Schema;

namespace Cove.Data.Rows;

internal sealed class VehicleRow : OwnedRow
{
    public Guid Id { get; set; }

    public required string Name { get; set; }

    public required string Description { get; set; }

    public DateTimeOffset AddedAt { get; set; }

    public DateTimeOffset? ArchivedAt { get; set; }

    /// <summary>When it went into the wastebasket; null while it is in use or in the archive.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>Counts the changes of what the owner says of its use; apart from <see cref="Version"/>, so that the two forms do not disturb each other.</summary>
    public int UseVersion { get; set; }

    /// <summary>Looks before this teach nothing.</summary>
    public DateTimeOffset? LearntSince { get; set; }

    /// <summary>When it was said where the owner works on it; null while nobody has.</summary>
    public DateTimeOffset? PlaceSaidAt { get; set; }

    /// <summary>A <see cref="PlaceDocument"/> as JSON; empty while nobody has said.</summary>
    public string PlaceJson { get; set; } = string.Empty;

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

    /// <summary>What was said of the place; null while nobody has, or when it cannot be read.</summary>
    [NotMapped]
    public SaidPlaceDocument? Place
    {
        get =>
            PlaceSaidAt is { } at
            && UnreadableRowException.Try(() => StoredJson.Read<PlaceDocument>(PlaceJson, "Vehicles", Id))
                is { } place
                ? new SaidPlaceDocument { At = at, Place = place }
                : null;
        set
        {
            PlaceSaidAt = value?.At;
            PlaceJson = value is null ? string.Empty : StoredJson.Write(value.Place);
        }
    }

    [NotMapped]
    public CabinLayout Layout
    {
        get =>
            StoredJson.Read<CabinLayout, CabinLayout>(
                LayoutJson,
                "Vehicles",
                Id,
                layout =>
                    layout.Problems().Count == 0
                        ? layout
                        : throw new InvalidOperationException("No cabin can be built from this.")
            );
        set => LayoutJson = StoredJson.Write(value);
    }

    public Vehicle ToVehicle() =>
        new(
            new VehicleId(Id),
            Name,
            Description,
            Layout,
            [.. Surfaces.OrderBy(surface => surface.Position).Select(surface => surface.ToSurface())]
        );
}
