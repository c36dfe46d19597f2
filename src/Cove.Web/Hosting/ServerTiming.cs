using System.Diagnostics;

namespace Cove.Web.Hosting;

/// <summary>Says in a header how long the server worked on a request and how often it asked the database, for measurements.</summary>
internal static class ServerTiming
{
    public static void UseServerTiming(this WebApplication app) =>
        app.Use(
            (http, next) =>
            {
                long begun = Stopwatch.GetTimestamp();
                http.Response.OnStarting(() =>
                {
                    double spent = Stopwatch.GetElapsedTime(begun).TotalMilliseconds;
                    int queries = http.RequestServices.GetRequiredService<QueryCount>().Count;
                    http.Response.Headers["Server-Timing"] =
                        $"app;dur={spent:0.00}, queries;desc=\"{queries}\"";
                    return Task.CompletedTask;
                });
                return next(http);
            }
        );
}
