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

    /// <summary>When it was first seen to be close to its time in the wastebasket; see <see cref="Wastebasket.GoesAt"/>.</summary>
    public DateTimeOffset? DueSeenAt { get; set; }

    /// <summary>Counts the changes of what the owner says of its use; apart from <see cref="Version"/>, so that the two forms do not disturb each other.</summary>
    public int UseVersion { get; set; }

    /// <summary>Looks before this teach nothing.</summary>
    public DateTimeOffset? LearntSince { get; set; }

    /// <summary>When it was said where the owner works on it; null while nobody has.</summary>
    public DateTimeOffset? PlaceSaidAt { get; set; }

    /// <summary>A <see cref="PlaceDocument"/> as JSON; empty while nobody has said.</summary>
    public string PlaceJson { get; set; } = string.Empty;

    /// <summary>A <see cref="RoutineDocument"/> as JSON; empty while there is none.</summary>
    public string RoutineJson { get; set; } = string.Empty;

    /// <summary>A <see cref="StandingDocument"/> as JSON; empty while there is none.</summary>
    public string StandingJson { get; set; } = string.Empty;

    /// <summary>Counts the changes of the routine.</summary>
    public int RoutineVersion { get; set; }

    /// <summary>The secret part of the address of its calendar; empty while there is none.</summary>
    public string FeedKey { get; set; } = string.Empty;

    /// <summary>A <see cref="CalendarDocument"/> as JSON; empty before its calendar was first asked for.</summary>
    public string CalendarJson { get; set; } = string.Empty;

    /// <summary>A <see cref="PricesDocument"/> as JSON; empty while nobody has said.</summary>
    public string PricesJson { get; set; } = string.Empty;

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

    /// <summary>What a deep clean of it costs; null while nobody has said, or when it cannot be read.</summary>
    [NotMapped]
    public PricesDocument? Prices
    {
        get =>
            PricesJson.Length == 0
                ? null
                : UnreadableRowException.Try(() =>
                    StoredJson.Read<PricesDocument>(PricesJson, "Vehicles", Id)
                );
        set => PricesJson = value is null ? string.Empty : StoredJson.Write(value);
    }

    /// <summary>The routine; null while there is none, or when it cannot be read.</summary>
    [NotMapped]
    public RoutineDocument? Routine
    {
        get =>
            RoutineJson.Length == 0
                ? null
                : UnreadableRowException.Try(() =>
                    StoredJson.Read<RoutineDocument, RoutineDocument>(
                        RoutineJson,
                        "Vehicles",
                        Id,
                        document =>
                            document.Slots.All(slot => RecurrenceRule.Read(slot.Rule, out _) is null)
                                ? document
                                : throw new InvalidOperationException("A rule cannot be read.")
                    )
                );
        set => RoutineJson = value is null ? string.Empty : StoredJson.Write(value);
    }

    /// <summary>The plan that stands; null while there is none, or when it cannot be read.</summary>
    [NotMapped]
    public StandingDocument? Standing
    {
        get =>
            StandingJson.Length == 0
                ? null
                : UnreadableRowException.Try(() =>
                    StoredJson.Read<StandingDocument>(StandingJson, "Vehicles", Id)
                );
        set => StandingJson = value is null ? string.Empty : StoredJson.Write(value);
    }

    /// <summary>What its calendar last said; nothing when it cannot be read.</summary>
    [NotMapped]
    public CalendarDocument Calendar
    {
        get =>
            CalendarJson.Length == 0
                ? new CalendarDocument()
                : UnreadableRowException.Try(() =>
                    StoredJson.Read<CalendarDocument>(CalendarJson, "Vehicles", Id)
                ) ?? new CalendarDocument();
        set => CalendarJson = StoredJson.Write(value);
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

    /// <summary>The vehicle, without surfaces that cannot be understood.</summary>
    /// <param name="unread">Takes a sentence for each surface that is left out; null when nobody asks.</param>
    /// <exception cref="UnreadableRowException">Its layout cannot be understood, so that nothing of it can be drawn.</exception>
    public Vehicle ToVehicle(ICollection<string>? unread = null)
    {
        CabinLayout layout = Layout;
        var zones = CabinBuilder.Build(layout).Zones.Select(zone => zone.Id).ToHashSet();
        return new Vehicle(
            new VehicleId(Id),
            Name,
            Description,
            layout,
            [
                .. Surfaces
                    .OrderBy(surface => surface.Position)
                    .Select(row =>
                        UnreadableRowException.Try(
                            () =>
                                row.ToSurface() is var surface && zones.Contains(surface.ZoneId)
                                    ? surface
                                    : throw new UnreadableRowException(
                                        "SurfaceRow",
                                        $"{Id}, {row.SurfaceId}"
                                    ),
                            unread
                        )
                    )
                    .OfType<Surface>(),
            ]
        );
    }
}
