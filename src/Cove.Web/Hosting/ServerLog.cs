using Cove.Data;
using Serilog;
using Serilog.Events;
using Serilog.Filters;

namespace Cove.Web.Hosting;

/// <summary>The log of the server: one line a request in files of limited size beside the data; on the screen only what went wrong.</summary>
internal static class ServerLog
{
    private const long LargestFile = 1024 * 1024;
    private const int FilesKept = 5;

    private const string Line =
        "{Timestamp:yyyy-MM-dd'T'HH:mm:ss.fffzzz} {Level:u4} {RequestId} {Message:lj}{NewLine}{Exception}";

    public static void AddServerLog(this WebApplicationBuilder builder, DataFolder folder)
    {
        builder.Services.AddSerilog(
            (_, log) =>
                log.MinimumLevel.Information()
                    .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
                    .MinimumLevel.Override("System", LogEventLevel.Warning)
                    .Enrich.FromLogContext()
                    .WriteTo.File(
                        Path.Combine(folder.LogFolder, "cove.log"),
                        outputTemplate: Line,
                        fileSizeLimitBytes: LargestFile,
                        rollOnFileSizeLimit: true,
                        retainedFileCountLimit: FilesKept
                    )
                    .WriteTo.Logger(screen =>
                        screen
                            .MinimumLevel.Warning()
                            // Why a start failed is said in one sentence instead.
                            .Filter.ByExcluding(Matching.FromSource("Microsoft.Extensions.Hosting"))
                            .Filter.ByExcluding(Matching.FromSource("Microsoft.AspNetCore.Server.Kestrel"))
                            .WriteTo.Console(
                                outputTemplate: Line,
                                standardErrorFromLevel: LogEventLevel.Verbose
                            )
                    ),
            preserveStaticLogger: true
        );
    }

    public static void UseServerLog(this WebApplication app) =>
        app.UseSerilogRequestLogging(options =>
        {
            options.MessageTemplate = "{RequestMethod} {RequestPath} {StatusCode} in {Elapsed:0.0} ms";
            // As it was sent, so that nothing in it can begin a line of its own.
            options.IncludeQueryInRequestPath = true;
            options.GetLevel = (http, _, error) =>
                error is not null || http.Response.StatusCode >= StatusCodes.Status500InternalServerError
                    ? LogEventLevel.Error
                    : LogEventLevel.Information;
        });
}
