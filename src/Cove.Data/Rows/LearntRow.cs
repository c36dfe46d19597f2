namespace Cove.Data.Rows;

/// <summary>What the looks of a vehicle taught about one task, or about the car as a whole. A copy of what replaying the log gives.</summary>
internal sealed class LearntRow : OwnedRow
{
    /// <summary>Stands in place of a task for the car as a whole.</summary>
    public const string Car = "";

    public Guid VehicleId { get; set; }

    public required string TaskId { get; set; }

    public double LogMean { get; set; }

    public double Spread { get; set; }

    public int Looks { get; set; }

    public static IEnumerable<LearntRow> Of(LearntRates learnt) =>
        learnt.Car.Looks == 0
            ? []
            : learnt
                .Tasks.Select(task => (Id: task.Key, Belief: task.Value))
                .Append((Id: Car, Belief: learnt.Car))
                .Select(rate => new LearntRow
                {
                    TaskId = rate.Id.Value,
                    LogMean = rate.Belief.LogMean,
                    Spread = rate.Belief.LogStdDev,
                    Looks = rate.Belief.Looks,
                });

    public static LearntRates ToRates(IReadOnlyList<LearntRow> rows) =>
        rows.FirstOrDefault(row => row.TaskId == Car) is { } car
            ? new LearntRates(
                car.ToBelief(),
                rows.Where(row => row.TaskId != Car)
                    .ToDictionary(row => new TaskId(row.TaskId), row => row.ToBelief())
            )
            : LearntRates.Nothing;

    private RateBelief ToBelief() => new(LogMean, Spread, Looks);
}
