namespace Cove.Web.Features.Photos;

/// <summary>A photo of an entry.</summary>
/// <param name="Id">The photo.</param>
/// <param name="Side">Which side of the work it shows.</param>
/// <param name="Width">Its width in pixels.</param>
/// <param name="Height">Its height in pixels.</param>
internal sealed record PhotoView(Guid Id, PhotoSide Side, int Width, int Height)
{
    public static PhotoView Of(SavedPhoto photo) => new(photo.Id, photo.Side, photo.Width, photo.Height);
}

/// <summary>Photos that no car knows.</summary>
/// <param name="Files">How many files; a photo is one, and one more for its small copy.</param>
/// <param name="Bytes">How large they are together.</param>
/// <param name="Folder">Where they lie.</param>
internal sealed record SetAsideView(int Files, long Bytes, string Folder)
{
    public static SetAsideView Of(PhotoFiles files)
    {
        var (count, bytes) = files.SetAside();
        return new SetAsideView(count, bytes, files.AsideFolder);
    }
}

/// <summary>A photo that was sent. It is read and drawn anew before any change begins, so that nobody waits for it.</summary>
/// <param name="Reading">What came of reading it.</param>
internal sealed record SentPhoto(PhotoReading Reading)
{
    /// <summary>Unpacking takes much memory, so one is done after the other.</summary>
    private static readonly SemaphoreSlim Turn = new(1);

    public static async ValueTask<SentPhoto?> BindAsync(HttpContext http)
    {
        byte[] bytes = await JsonBodies.ReadAll(http.Request, http.RequestAborted);
        await Turn.WaitAsync(http.RequestAborted);
        try
        {
            return new SentPhoto(await Task.Run(() => PhotoIntake.Read(bytes), http.RequestAborted));
        }
        finally
        {
            Turn.Release();
        }
    }
}
