using Cove.Core.Upkeep;

namespace Cove.Data.Rows;

internal sealed class UsageRow : OwnedRow
{
    public Guid VehicleId { get; set; }

    public DateTimeOffset From { get; set; }

    public double KilometresAWeek { get; set; }

    public UsageEntry ToEntry() => new(From, WeeklyDistance.FromKilometres(KilometresAWeek));
}
