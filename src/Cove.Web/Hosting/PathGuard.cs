using Microsoft.AspNetCore.Http.Features;

namespace Cove.Web.Hosting;

/// <summary>Refuses addresses that would lead elsewhere than they read: a part of "..", written plainly or not, takes away the part before it.</summary>
internal static class PathGuard
{
    public static void UsePathGuard(this WebApplication app) =>
        app.Use(
            (http, next) =>
                LeadsElsewhere(http.Features.Get<IHttpRequestFeature>()?.RawTarget ?? string.Empty)
                    ? Results
                        .Problem(
                            title: "This address has a part of dots in it. Write it as it is meant.",
                            statusCode: StatusCodes.Status400BadRequest
                        )
                        .ExecuteAsync(http)
                    : next(http)
        );

    private static bool LeadsElsewhere(string target) =>
        target
            .Split('?')[0]
            .Split('/')
            .Any(part =>
                part.Contains('.') || part.Contains('%') ? Uri.UnescapeDataString(part) is "." or ".." : false
            );
}
