using System.Text;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Routines;

/// <summary>The routine as a calendar: a file, and an address that calendars can ask again and again.</summary>
internal static class CalendarEndpoints
{
    private const string Type = "text/calendar; charset=utf-8";

    public static void MapCalendars(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/routine/calendar", File)
            .WithName("GetRoutineCalendar")
            .WithSummary("The sessions of the next 26 weeks as a calendar file, RFC 5545.")
            .Produces<string>(StatusCodes.Status200OK, "text/calendar")
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapPost("/vehicles/{vehicleId:guid}/routine/feed", Renew)
            .WithName("RenewRoutineFeed")
            .WithSummary("Gives the calendar a new secret address. The old one is not answered any more.")
            .Produces<FeedView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    /// <summary>The secret addresses lie outside the interface: whoever knows one may read it.</summary>
    public static void MapCalendarFeeds(this IEndpointRouteBuilder app) =>
        app.MapGet("/calendar/{key:length(8,80)}.ics", Feed).ExcludeFromDescription();

    private static async Task<IResult> File(
        VehicleId vehicleId,
        HttpRequest http,
        PlannedRoutines routines,
        CancellationToken cancel
    ) =>
        await routines.Calendar(vehicleId, StartOf(http, vehicleId), cancel) is { } text
            ? Results.File(Encoding.UTF8.GetBytes(text), Type, "car-care.ics")
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Feed(
        string key,
        HttpRequest http,
        RoutineStore store,
        PlannedRoutines routines,
        CancellationToken cancel
    ) =>
        await store.ByFeedKey(key, cancel) is { } vehicleId
        && await routines.Calendar(vehicleId, StartOf(http, vehicleId), cancel) is { } text
            ? Results.Text(text, Type, Encoding.UTF8)
            : Problems.NotFound("There is no calendar at this address. Take the present one from Year.");

    private static async Task<IResult> Renew(
        VehicleId vehicleId,
        RoutineStore store,
        CancellationToken cancel
    ) =>
        await store.RenewFeed(vehicleId, cancel) is { } key
            ? Results.Ok(new FeedView(FeedView.PathOf(key)))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static Uri StartOf(HttpRequest http, VehicleId vehicleId) =>
        new($"{http.Scheme}://{http.Host}/cars/{vehicleId}/today");
}
