using System.Net.Sockets;
using System.Text.Json;
using System.Text.Json.Serialization;
using Cove.Web.Features.Cabin;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Choices;
using Cove.Web.Features.DeepCleans;
using Cove.Web.Features.Dilutions;
using Cove.Web.Features.Finding;
using Cove.Web.Features.Glass;
using Cove.Web.Features.Health;
using Cove.Web.Features.Inspections;
using Cove.Web.Features.Log;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Outlooks;
using Cove.Web.Features.Photos;
using Cove.Web.Features.Places;
using Cove.Web.Features.Reminders;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Runs;
using Cove.Web.Features.Schools;
using Cove.Web.Features.Settings;
using Cove.Web.Features.Shelf;
using Cove.Web.Features.Spots;
using Cove.Web.Features.Today;
using Cove.Web.Features.Use;
using Cove.Web.Features.Vehicles;
using Cove.Web.Features.Verdicts;
using Cove.Web.Features.Wastebaskets;
using Cove.Web.Features.Work;
using Microsoft.AspNetCore.Connections;
using Microsoft.AspNetCore.HostFiltering;
using Microsoft.AspNetCore.Mvc.ApiExplorer;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Serilog.Core;
using Serilog.Events;

const long LargestRequest = 64 * 1024;

OwnFiles.KeepPrivate();
try
{
    var settings = CoveSettings.From(args);
    WebApplicationBuilder builder = WebApplication.CreateBuilder(
        new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory }
    );
    DataFolder folder = DataFolder.Open(settings.DataDirectory);
    LoggingLevelSwitch onScreen = builder.AddServerLog(folder);
    AddServices(builder, settings, folder);
    await using WebApplication app = builder.Build();
    UseMiddleware(app);
    MapApi(app);
    await Prepare(app, settings);
    app.Lifetime.ApplicationStarted.Register(() =>
    {
        onScreen.MinimumLevel = LogEventLevel.Warning;
        Console.WriteLine($"Cove: {string.Join("  ", settings.Addresses)}");
    });
    await app.RunAsync();
    return 0;
}
catch (CannotStartException error)
{
    return Refuse(error.Message);
}
catch (IOException error) when (error.InnerException is AddressInUseException)
{
    return Refuse("The address is in use already: stop what uses it, or choose another port with --port.");
}
catch (Exception error) when (error is SocketException || error.InnerException is SocketException)
{
    return Refuse(
        "Cove may not listen there: give an address of this machine with --listen, and a port from 1024 on with --port."
    );
}
catch (Exception error) when (DiskWords.Of(error) is not null)
{
    return Refuse(DiskWords.Of(error)!);
}

static int Refuse(string sentence)
{
    Console.Error.WriteLine(sentence);
    return 1;
}

static void AddServices(WebApplicationBuilder builder, CoveSettings settings, DataFolder folder)
{
    builder.WebHost.ConfigureKestrel(kestrel =>
    {
        kestrel.AddServerHeader = false;
        kestrel.Limits.MaxRequestBodySize = LargestRequest;
    });
    builder.WebHost.UseUrls([.. settings.Urls]);
    builder.Services.Configure<HostFilteringOptions>(hosts =>
    {
        hosts.AllowedHosts = [.. settings.AllowedHosts];
        hosts.AllowEmptyHosts = false;
    });
    builder.Services.AddCoveData(folder);
    builder.Services.AddSingleton(settings.Clock is { } start ? new SetClock(start) : TimeProvider.System);
    builder.Services.AddSingleton(settings);
    builder.Services.AddSingleton<OwnerClock>();
    builder.Services.AddSingleton<CarsAtHand>();
    builder.Services.AddScoped<CarSources>();
    builder.Services.AddScoped<PlannedRoutines>();
    builder.Services.AddScoped<PlannedYears>();
    builder.Services.AddSingleton<FrontierJobs>();
    builder.Services.AddSingleton<KeptDemand>();
    builder.Services.AddSingleton<IOdometerFeed, SimulatedOdometer>();
    builder.Services.AddHostedService<DailyTidy>();
    builder.Services.AddProblemDetails(Problems.Word);
    builder.Services.AddValidation();
    builder.Services.AddResponseCompression(compression =>
    {
        compression.MimeTypes =
        [
            .. ResponseCompressionDefaults.MimeTypes,
            "application/problem+json",
            "application/schema+json",
            "image/svg+xml",
        ];
    });
    builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
    builder.Services.ConfigureHttpJsonOptions(options =>
    {
        options.SerializerOptions.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
        options.SerializerOptions.AllowDuplicateProperties = false;
        options.SerializerOptions.RespectNullableAnnotations = true;
        options.SerializerOptions.Converters.Add(new SurfaceIdJson());
        options.SerializerOptions.Converters.Add(
            new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false)
        );
    });
    builder.Services.AddOpenApi(ApiDocument.Shape);
    builder.Services.TryAddEnumerable(
        ServiceDescriptor.Transient<IApiDescriptionProvider, BodilessOperations>()
    );
}

static void UseMiddleware(WebApplication app)
{
    app.UseServerTiming();
    app.UseServerLog();
    app.UseSecurityHeaders();
    app.UseResponseCompression();
    app.UseExceptionHandler(
        new ExceptionHandlerOptions
        {
            ExceptionHandler = Problems.Write,
            SuppressDiagnosticsCallback = failed => Problems.IsMistakeOfClient(failed.Exception),
        }
    );
    app.UseStatusCodePages();
    app.UsePathGuard();
    app.UseOriginGuard();
    app.UseJsonBodies();
    app.UseClientPages();
}

static void MapApi(WebApplication app)
{
    app.MapOpenApi();
    RouteGroupBuilder api = app.MapGroup("/api");
    api.MakeOneChange();
    api.MapHealth();
    api.MapVehicles();
    api.MapSurfaces();
    api.MapVehicleFiles();
    api.MapWastebasket();
    api.MapUse();
    api.MapInspections();
    api.MapToday();
    api.MapFinding();
    api.MapSettings();
    api.MapWork();
    api.MapPlaces();
    api.MapSpots();
    api.MapCabin();
    api.MapRuns();
    api.MapLog();
    api.MapRecord();
    api.MapPhotos();
    api.MapEvaluate();
    api.MapVerdicts();
    api.MapShelf();
    api.MapLabels();
    api.MapShelfFiles();
    api.MapStock();
    api.MapChoices();
    api.MapDilutions();
    api.MapMethods();
    api.MapGlass();
    api.MapSchools();
    api.MapReminders();
    api.MapThingsOut();
    api.MapRoutines();
    api.MapFrontier();
    api.MapCatchUp();
    api.MapSessionOrder();
    api.MapRoutineCard();
    api.MapBusyTimes();
    api.MapOutlook();
    api.MapApply();
    api.MapDeepCleans();
    api.MapCalendars();
    app.MapCalendarFeeds();
}

static async Task Prepare(WebApplication app, CoveSettings settings)
{
    var clock = app.Services.GetRequiredService<OwnerClock>();
    await CoveDatabase.Prepare(app.Services, settings.SetPhotosAside, clock.Today, Console.Error.WriteLine);
    await using AsyncServiceScope scope = app.Services.CreateAsyncScope();
    await scope.ServiceProvider.GetRequiredService<VehicleStore>().Backfill(clock.Now);
    if (settings.Demo)
    {
        await scope.ServiceProvider.GetRequiredService<DemoData>().LayDown(clock.Now, clock.Zone);
    }
}

/// <summary>The web application; named so that tests can start it in their own process.</summary>
public partial class Program;
