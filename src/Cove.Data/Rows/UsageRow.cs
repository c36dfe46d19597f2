using System.ComponentModel.DataAnnotations.Schema;

namespace Cove.Data.Rows;

internal sealed class UsageRow : OwnedRow
{
    public Guid VehicleId { get; set; }

    public DateTimeOffset From { get; set; }

    /// <summary>A <see cref="UseDocument"/> as JSON.</summary>
    public string UseJson { get; set; } = string.Empty;

    [NotMapped]
    public CarUse Use
    {
        get =>
            StoredJson.Read<UseDocument, CarUse>(
                UseJson,
                "Usage",
                $"{VehicleId}, from {From:O}",
                document => document.ToUse()
            );
        set => UseJson = StoredJson.Write(UseDocument.Of(value));
    }

    public UsageEntry ToEntry() => new(From, Use);
}
