namespace Cove.Data.Rows;

/// <summary>A photo that was let go and whose files may still be there. It goes once they are gone.</summary>
internal sealed class GonePhotoRow : OwnedRow
{
    public Guid Id { get; set; }
}
