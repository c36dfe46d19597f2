namespace Cove.Data.Rows;

/// <summary>A spell in which the owner has something else to do.</summary>
internal sealed class BusyRow : OwnedRow
{
    public DateTimeOffset StartsAt { get; set; }

    public DateTimeOffset EndsAt { get; set; }
}
