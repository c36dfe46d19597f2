namespace Cove.Web.Hosting;

/// <summary>A body that is taken as a file. It is read before any change begins, so that a slow line holds nobody up.</summary>
/// <param name="Bytes">The file.</param>
internal sealed record SentFile(byte[] Bytes)
{
    public static async ValueTask<SentFile?> BindAsync(HttpContext http) =>
        new(await JsonBodies.ReadAll(http.Request, http.RequestAborted));
}
