using System.ComponentModel.DataAnnotations.Schema;
using System.Text.Json;
using Cove.Core.Upkeep;

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
        get => JsonSerializer.Deserialize<UseDocument>(UseJson, CoveJson.Column)!.ToUse();
        set => UseJson = JsonSerializer.Serialize(UseDocument.Of(value), CoveJson.Column);
    }

    public UsageEntry ToEntry() => new(From, Use);
}
