namespace Cove.Web.Hosting;

/// <summary>Headers that keep a browser from doing what Cove never asks of it.</summary>
internal static class SecurityHeaders
{
    // Styles may stand on elements: the dialogs and sliders place themselves that way. Scripts may not.
    private const string Policy =
        "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
        + "font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; "
        + "frame-ancestors 'none'";

    public static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (http, next) =>
            {
                // Last of all: an answer that becomes another on the way, as an error does, begins without headers.
                http.Response.OnStarting(() =>
                {
                    Put(http.Response.Headers);
                    return Task.CompletedTask;
                });
                return next(http);
            }
        );

    private static void Put(IHeaderDictionary headers)
    {
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers.XFrameOptions = "DENY";
        headers["Referrer-Policy"] = "no-referrer";
        headers["Cross-Origin-Opener-Policy"] = "same-origin";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        headers["Permissions-Policy"] = "camera=(), microphone=(), geolocation=()";
        // Tells a page that Cove has spoken, and not a proxy or the sign-in page of a network on the way to it.
        headers["Cove-Answer"] = "1";
        if (headers.CacheControl.Count == 0)
        {
            // What changes is never kept; files with a digest in their name say otherwise themselves.
            headers.CacheControl = "no-store";
        }
    }
}
