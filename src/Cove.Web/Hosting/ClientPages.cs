namespace Cove.Web.Hosting;

/// <summary>Gives the files of the client, and its one page at every address that is a place of the client rather than a file or the API.</summary>
internal static class ClientPages
{
    /// <summary>Files below it have a digest of their contents in their name, so what a name stands for never changes.</summary>
    private const string Digested = "/assets";

    public static void UseClientPages(this WebApplication app)
    {
        app.Use(
            (http, next) =>
            {
                if (IsPlace(http.Request))
                {
                    http.Request.Path = "/index.html";
                }

                return next(http);
            }
        );
        app.UseStaticFiles(
            new StaticFileOptions
            {
                OnPrepareResponse = file =>
                    file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments(
                        Digested,
                        StringComparison.Ordinal
                    )
                        ? "public, max-age=31536000, immutable"
                        : "no-store",
            }
        );
    }

    private static bool IsPlace(HttpRequest request) =>
        HttpMethods.IsGet(request.Method)
        && !request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
        && !request.Path.StartsWithSegments("/openapi", StringComparison.Ordinal)
        && !Path.HasExtension(request.Path);
}
