using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Routines;

/// <summary>What slipped, and the kindest way back.</summary>
internal static class CatchUpEndpoints
{
    public static void MapCatchUp(this RouteGroupBuilder api) =>
        api.MapGet("/vehicles/{vehicleId:guid}/routine/catch-up", Get)
            .WithName("GetCatchUp")
            .WithSummary(
                "What slipped where slots passed without a session, and the cheapest way to make it good."
            )
            .Produces<CatchUpView>()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await routines.CatchUp(vehicleId, cancel) is { } found
            ? Results.Ok(CatchUpView.Of(found, clock.Today))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}

/// <summary>What slipped, and what can be done about it.</summary>
/// <param name="Missed">The days of slots that passed without a session since the car was last cared for.</param>
/// <param name="Words">What slipped and when it is done, in words; empty when nothing slipped.</param>
/// <param name="Longer">A session that is made longer for it; null when that is not needed.</param>
/// <param name="Smaller">A smaller routine; null when this one is kept well enough.</param>
internal sealed record CatchUpView(
    IReadOnlyList<DateOnly> Missed,
    string Words,
    LongerView? Longer,
    SmallerView? Smaller
)
{
    public static CatchUpView Of(FoundCatchUp found, DateOnly today) =>
        new(
            found.Missed,
            found.CatchUp?.InWords(today) ?? string.Empty,
            found.CatchUp?.Offer is { } offer
                ? new LongerView(
                    offer.Day.Slot.Id,
                    offer.Day.RuleDay,
                    offer.Day.Day,
                    offer.More,
                    RoutineDocument.Of(offer.In(found.Routine))
                )
                : null,
            found.Smaller is { } smaller
                ? new SmallerView(
                    $"{smaller.InWords()} {found.Difference}".TrimEnd(),
                    RoutineDocument.Of(smaller.Routine)
                )
                : null
        );
}

/// <summary>A session that is made longer.</summary>
/// <param name="SlotId">Its slot.</param>
/// <param name="RuleDay">Its day, as the rule has it.</param>
/// <param name="Day">The day on which it takes place.</param>
/// <param name="More">How many minutes more.</param>
/// <param name="Routine">The routine with that.</param>
internal sealed record LongerView(
    Guid SlotId,
    DateOnly RuleDay,
    DateOnly Day,
    int More,
    RoutineDocument Routine
);

/// <summary>A smaller routine.</summary>
/// <param name="Words">Why, and what it would change.</param>
/// <param name="Routine">The routine.</param>
internal sealed record SmallerView(string Words, RoutineDocument Routine);
