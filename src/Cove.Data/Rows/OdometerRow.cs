namespace Cove.Data.Rows;

internal sealed class OdometerRow : OwnedRow
{
    public Guid VehicleId { get; set; }

    public DateTimeOffset At { get; set; }

    public double Kilometres { get; set; }

    /// <summary>Whether it came from the simulated feed.</summary>
    public bool Simulated { get; set; }

    public OdometerReading ToReading() => new(At, Kilometres);
}
