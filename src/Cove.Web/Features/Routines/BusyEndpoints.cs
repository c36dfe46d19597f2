using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Routines;

/// <summary>When the owner has something else to do.</summary>
internal static class BusyEndpoints
{
    public static void MapBusyTimes(this RouteGroupBuilder api)
    {
        api.MapGet("/busy", Get)
            .WithName("GetBusyTimes")
            .WithSummary("How many busy times are known, and how far ahead.")
            .Produces<BusyView>();
        api.MapPost("/busy", Replace)
            .WithMetadata(new RequestSizeLimitAttribute(BusyCalendar.LargestBytes), new ReadsItself())
            .WithName("ReplaceBusyTimes")
            .WithSummary(
                "Reads busy times from a calendar file, RFC 5545, in the place of those that were known. Only beginnings and ends are kept."
            )
            .Accepts<string>(SentCalendar.Type)
            .Produces<BusyView>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status415UnsupportedMediaType);
        api.MapDelete("/busy", Forget)
            .WithName("ForgetBusyTimes")
            .WithSummary("Forgets all busy times.")
            .Produces<BusyView>();
    }

    private static async Task<IResult> Get(BusyStore store, OwnerClock clock, CancellationToken cancel) =>
        Results.Ok(ViewOf(await store.All(cancel), clock));

    private static async Task<IResult> Replace(
        SentCalendar sent,
        BusyStore store,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (sent.File.Content is not { } busy)
        {
            return sent.File.Refusal!;
        }

        await store.Replace(busy, cancel);
        return Results.Ok(ViewOf(busy, clock));
    }

    private static async Task<IResult> Forget(BusyStore store, OwnerClock clock, CancellationToken cancel)
    {
        await store.Replace(BusyTimes.None, cancel);
        return Results.Ok(ViewOf(BusyTimes.None, clock));
    }

    private static BusyView ViewOf(BusyTimes busy, OwnerClock clock) =>
        new(
            busy.Spans.Count,
            busy.Spans.Count == 0
                ? null
                : DateOnly.FromDateTime(clock.OnTheWall(busy.Spans.Max(span => span.Start)).DateTime)
        );
}

/// <summary>The busy times that are known.</summary>
/// <param name="Times">How many.</param>
/// <param name="Until">The day of the last; null when there are none.</param>
internal sealed record BusyView(int Times, DateOnly? Until);
