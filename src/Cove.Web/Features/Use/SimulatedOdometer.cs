namespace Cove.Web.Features.Use;

/// <summary>Stands in for a car that reports its odometer. Everything it says is invented.</summary>
/// <remarks>The same vehicle and instant always give the same reading: a starting figure and a weekly distance drawn from the vehicle's id, driven mostly on working days.</remarks>
internal sealed class SimulatedOdometer : IOdometerFeed
{
    private static readonly DateTimeOffset Start = new(2020, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>How the distance of a week is spread over its days, Sunday first.</summary>
    private static readonly double[] Days = [0.08, 0.16, 0.15, 0.16, 0.15, 0.17, 0.13];

    public string Name => "Simulated odometer";

    public OdometerReading Read(VehicleId vehicleId, DateTimeOffset at)
    {
        byte[] seed = vehicleId.Value.ToByteArray();
        double first = 4000 + (seed[15] * 90);
        double aWeek = 140 + (seed[14] * 0.9);
        double days = Math.Max(0, (at - Start).TotalDays);
        double weeks = Math.Floor(days / 7);
        double driven = weeks * aWeek;
        for (int day = 0; day < 7; day++)
        {
            double share = Math.Clamp(days - (weeks * 7) - day, 0, 1);
            driven += aWeek * Days[((int)Start.DayOfWeek + day) % 7] * share;
        }

        return new OdometerReading(at, Math.Round(first + driven, 1));
    }
}
