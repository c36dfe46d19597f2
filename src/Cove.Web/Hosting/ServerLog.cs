using Serilog;
using Serilog.Core;
using Serilog.Events;

namespace Cove.Web.Hosting;

/// <summary>The log of the server: one line a request in files of limited size beside the data; on the screen only what went wrong.</summary>
internal static class ServerLog
{
    private const long LargestFile = 1024 * 1024;
    private const int FilesKept = 5;

    private const string Line =
        "{Timestamp:yyyy-MM-dd'T'HH:mm:ss.fffzzz} {Level:u4} {Client}{RequestId} {Message:lj}{NewLine}{Exception}";

    /// <summary>More than anything is.</summary>
    private const LogEventLevel Nothing = LogEventLevel.Fatal + 1;

    /// <summary>Sets the log up. The screen stays quiet until the switch is turned: why a start failed is said there in one sentence instead.</summary>
    public static LoggingLevelSwitch AddServerLog(this WebApplicationBuilder builder, DataFolder folder)
    {
        var onScreen = new LoggingLevelSwitch(Nothing);
        builder.Services.AddSerilog(
            (_, log) =>
                log
                    .MinimumLevel.Information()
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
                            .MinimumLevel.ControlledBy(onScreen)
                            .WriteTo.Console(
                                outputTemplate: Line,
                                standardErrorFromLevel: LogEventLevel.Verbose
                            )
                    ),
            preserveStaticLogger: true
        );
        return onScreen;
    }

    public static void UseServerLog(this WebApplication app) =>
        app.UseSerilogRequestLogging(options =>
        {
            options.Logger = app.Services.GetRequiredService<Serilog.ILogger>();
            options.MessageTemplate = "{RequestMethod} {Address} {StatusCode} in {Elapsed:0.0} ms";
            options.EnrichDiagnosticContext = (request, http) =>
            {
                request.Set("Client", $"{http.Connection.RemoteIpAddress?.ToString() ?? "local"}/");
                request.Set("Address", LoggedAddress.Of(http));
            };
            options.GetLevel = (http, _, error) =>
                error is not null || http.Response.StatusCode >= StatusCodes.Status500InternalServerError
                    ? LogEventLevel.Error
                    : LogEventLevel.Information;
        });
}
