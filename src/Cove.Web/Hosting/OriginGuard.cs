namespace Cove.Web.Hosting;

/// <summary>Refuses changes asked for by pages of other origins.</summary>
internal static class OriginGuard
{
    public static void UseOriginGuard(this WebApplication app) =>
        app.Use(
            (http, next) =>
                IsSafe(http.Request.Method) || ComesFromHere(http.Request)
                    ? next(http)
                    : Results
                        .Problem(
                            title: "This change was asked for by another site.",
                            detail: "Open Cove at its own address and try again there.",
                            statusCode: StatusCodes.Status403Forbidden
                        )
                        .ExecuteAsync(http)
        );

    private static bool IsSafe(string method) =>
        HttpMethods.IsGet(method) || HttpMethods.IsHead(method) || HttpMethods.IsOptions(method);

    private static bool ComesFromHere(HttpRequest request)
    {
        string? site = request.Headers["Sec-Fetch-Site"];
        if (site is not (null or "" or "same-origin" or "none"))
        {
            return false;
        }

        string? origin = request.Headers.Origin;
        return string.IsNullOrEmpty(origin)
            || string.Equals(
                origin,
                $"{request.Scheme}://{request.Host}",
                StringComparison.OrdinalIgnoreCase
            );
    }
}
