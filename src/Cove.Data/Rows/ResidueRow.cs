namespace Cove.Data.Rows;

/// <summary>What looks in the dark taught about what one method leaves on the glass of a vehicle. A copy of what replaying the log gives.</summary>
internal sealed class ResidueRow : OwnedRow
{
    public Guid VehicleId { get; set; }

    public required string MethodId { get; set; }

    public double LogMean { get; set; }

    public double Spread { get; set; }

    public int Looks { get; set; }

    public static IEnumerable<ResidueRow> Of(VehicleId vehicleId, LearntResidues learnt) =>
        learnt.Methods.Select(method => new ResidueRow
        {
            VehicleId = vehicleId,
            MethodId = method.Key.Value,
            LogMean = method.Value.LogMean,
            Spread = method.Value.LogStdDev,
            Looks = method.Value.Looks,
        });

    public static LearntResidues ToResidues(IEnumerable<ResidueRow> rows) =>
        new(
            rows.ToDictionary(
                row => new MethodId(row.MethodId),
                row => new RateBelief(row.LogMean, row.Spread, row.Looks)
            )
        );
}
