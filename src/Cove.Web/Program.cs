using System.Text.Json;
using System.Text.Json.Serialization;
using Cove.Core.Upkeep;
using Cove.Data;
using Cove.Web.Features.Cabin;
using Cove.Web.Features.Choices;
using Cove.Web.Features.Dilutions;
using Cove.Web.Features.Glass;
using Cove.Web.Features.Health;
using Cove.Web.Features.Inspections;
using Cove.Web.Features.Log;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Reminders;
using Cove.Web.Features.Runs;
using Cove.Web.Features.Schools;
using Cove.Web.Features.Shelf;
using Cove.Web.Features.Today;
using Cove.Web.Features.Use;
using Cove.Web.Features.Vehicles;
using Cove.Web.Features.Verdicts;
using Cove.Web.Hosting;
using Microsoft.AspNetCore.Connections;

const int StandardPort = 5117;
const long LargestRequest = 64 * 1024;

var builder = WebApplication.CreateBuilder(
    new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory }
);
var settings = CoveSettings.From(builder.Configuration);

builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxRequestBodySize = LargestRequest;
});
if (string.IsNullOrEmpty(builder.Configuration["urls"]))
{
    builder.WebHost.UseUrls($"http://127.0.0.1:{builder.Configuration.GetValue("port", StandardPort)}");
}

builder.Services.AddCoveData(settings.DataDirectory);
builder.Services.AddSingleton(settings.Clock is { } start ? new SetClock(start) : TimeProvider.System);
builder.Services.AddSingleton(settings);
builder.Services.AddSingleton<OwnerClock>();
builder.Services.AddSingleton<IOdometerFeed, SimulatedOdometer>();
builder.Services.AddProblemDetails(Problems.Word);
builder.Services.AddValidation();
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.ConfigureHttpJsonOptions(options =>
{
    options.SerializerOptions.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
    options.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    options.SerializerOptions.AllowDuplicateProperties = false;
    options.SerializerOptions.RespectNullableAnnotations = true;
    options.SerializerOptions.Converters.Add(
        new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false)
    );
});
builder.Services.AddOpenApi(ApiDescription.Shape);

WebApplication app = builder.Build();

app.UseServerTiming();
app.UseSecurityHeaders();
app.UseExceptionHandler(errors => errors.Run(Problems.Write));
app.UseStatusCodePages();
app.UseOriginGuard();
app.UseClientPages();
app.UseStaticFiles();

app.MapOpenApi();
RouteGroupBuilder api = app.MapGroup("/api");
api.MapHealth();
api.MapVehicles();
api.MapSurfaces();
api.MapVehicleFiles();
api.MapUse();
api.MapInspections();
api.MapToday();
api.MapCabin();
api.MapRuns();
api.MapLog();
api.MapEvaluate();
api.MapVerdicts();
api.MapShelf();
api.MapShelfFiles();
api.MapStock();
api.MapChoices();
api.MapDilutions();
api.MapMethods();
api.MapGlass();
api.MapSchools();
api.MapReminders();

CoveDatabase.Prepare(app.Services);
using (IServiceScope scope = app.Services.CreateScope())
{
    var clock = scope.ServiceProvider.GetRequiredService<OwnerClock>();
    await scope.ServiceProvider.GetRequiredService<VehicleStore>().Complete(clock.Now);
    if (settings.Demo)
    {
        await scope.ServiceProvider.GetRequiredService<DemoData>().LayDown(clock.Now, clock.Zone);
    }
}

try
{
    await app.RunAsync();
    return 0;
}
catch (IOException error) when (error.InnerException is AddressInUseException)
{
    await Console.Error.WriteLineAsync(
        "The address is in use already. Stop what uses it, or choose another port with --port."
    );
    return 1;
}

/// <summary>The web application; named so that tests can start it in their own process.</summary>
public partial class Program;
