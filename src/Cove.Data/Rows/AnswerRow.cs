namespace Cove.Data.Rows;

/// <summary>The answer to a request that carried a key, for whoever sends it again.</summary>
internal sealed class AnswerRow : OwnedRow
{
    public required string Key { get; set; }

    public DateTimeOffset At { get; set; }

    /// <summary>The method and the path it was sent to.</summary>
    public required string Request { get; set; }

    public int Status { get; set; }

    public string? Location { get; set; }

    public string? ContentType { get; set; }

    public byte[] Body { get; set; } = [];
}
