using Cove.Data.Photos;

namespace Cove.Data.Rows;

/// <summary>A photo of an entry of the log. The picture lies in files beside the database, named by its id.</summary>
internal sealed class PhotoRow : OwnedRow
{
    public Guid Id { get; set; }

    public Guid EntryId { get; set; }

    public PhotoSide Side { get; set; }

    public DateTimeOffset AddedAt { get; set; }

    public int Width { get; set; }

    public int Height { get; set; }

    public int Bytes { get; set; }

    /// <summary>The digest of its file, in hexadecimal: tells whether a file that was kept elsewhere is this one.</summary>
    public string Sha256 { get; set; } = string.Empty;

    public SavedPhoto ToSaved() => new(Id, Side, AddedAt, Width, Height, Bytes);
}
