namespace Cove.Data.Rows;

/// <summary>What every row has in common: it belongs to an owner. The context stamps it on insert and filters by it on read.</summary>
internal abstract class OwnedRow
{
    public Guid OwnerId { get; set; }
}
