using Cove.Core.Vehicles;

namespace Cove.Data.Rows;

internal sealed class VehicleRow : OwnedRow
{
    public Guid Id { get; set; }

    public required string Name { get; set; }

    public required string Description { get; set; }

    public DateTimeOffset AddedAt { get; set; }

    public BodyType Body { get; set; }

    public int Rows { get; set; }

    public DriverSide DriverSide { get; set; }

    public Material SeatMaterial { get; set; }

    public Material FrontMats { get; set; }

    public Material RearMats { get; set; }

    public bool GlossTrim { get; set; }

    public bool TintedRear { get; set; }

    public int ChildSeats { get; set; }

    public List<SurfaceRow> Surfaces { get; } = [];

    public List<UsageRow> Usage { get; } = [];

    public List<CareStateRow> CareStates { get; } = [];

    public CabinLayout Layout =>
        new(Body, Rows, DriverSide, SeatMaterial, FrontMats, RearMats, GlossTrim, TintedRear, ChildSeats);
}
