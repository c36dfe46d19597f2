namespace Cove.Data.Rows;

/// <summary>What an owner wants everywhere, whatever the vehicle.</summary>
internal sealed class WishRow : OwnedRow
{
    /// <summary>The sign or the letters of the owner's currency; empty for amounts without one.</summary>
    public string Currency { get; set; } = string.Empty;
}
