namespace Cove.Web.Hosting;

/// <summary>Gives the client's one page at every address that is a place of the client rather than a file or the API.</summary>
internal static class ClientPages
{
    public static void UseClientPages(this WebApplication app) =>
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

    private static bool IsPlace(HttpRequest request) =>
        HttpMethods.IsGet(request.Method)
        && !request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
        && !request.Path.StartsWithSegments("/openapi", StringComparison.Ordinal)
        && !Path.HasExtension(request.Path);
}
