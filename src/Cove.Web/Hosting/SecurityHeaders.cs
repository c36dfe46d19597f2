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
                IHeaderDictionary headers = http.Response.Headers;
                headers.ContentSecurityPolicy = Policy;
                headers.XContentTypeOptions = "nosniff";
                headers.XFrameOptions = "DENY";
                headers["Referrer-Policy"] = "no-referrer";
                headers["Cross-Origin-Opener-Policy"] = "same-origin";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                headers["Permissions-Policy"] = "camera=(), microphone=(), geolocation=()";
                // What changes is never kept; files with a digest in their name say otherwise themselves.
                headers.CacheControl = "no-store";

                return next(http);
            }
        );
}
