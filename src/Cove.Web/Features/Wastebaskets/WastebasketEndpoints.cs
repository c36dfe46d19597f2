namespace Cove.Web.Features.Wastebaskets;

/// <summary>What was deleted in the last days, and its way back.</summary>
internal static class WastebasketEndpoints
{
    private const string NotThere = "This is not in the wastebasket any more. Reload the page.";

    public static void MapWastebasket(this RouteGroupBuilder api)
    {
        RouteGroupBuilder basket = api.MapGroup("/wastebasket");
        basket
            .MapGet("/", Contents)
            .WithName("ListWastebasket")
            .WithSummary("What was deleted in the last 30 days, latest first.")
            .Produces<IReadOnlyList<DiscardedView>>();
        basket
            .MapPost("/{kind}/{id:guid}/restore", Restore)
            .WithName("RestoreFromWastebasket")
            .WithSummary("Brings something back, whole and as it was.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
        basket
            .MapDelete("/{kind}/{id:guid}", DeleteForGood)
            .WithName("DeleteForGood")
            .WithSummary("Lets something in the wastebasket go for good.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Contents(
        Wastebasket basket,
        OwnerClock clock,
        CancellationToken cancel
    ) => Results.Ok((await basket.Contents(cancel)).Select(discarded => DiscardedView.Of(discarded, clock)));

    private static async Task<IResult> Restore(
        string kind,
        Guid id,
        Wastebasket basket,
        CancellationToken cancel
    )
    {
        if (KindOf(kind) is not { } what)
        {
            return Problems.NotFound(NotThere);
        }

        Changed<Discarded> restored = await basket.Restore(what, id, cancel);
        return restored.Outcome switch
        {
            ChangeOutcome.Made => Results.NoContent(),
            ChangeOutcome.Refused => Problems.Conflict(restored.Reason!),
            _ => Problems.NotFound(NotThere),
        };
    }

    private static async Task<IResult> DeleteForGood(
        string kind,
        Guid id,
        Wastebasket basket,
        OwnerClock clock,
        PhotoStore photos,
        Changes changes,
        CancellationToken cancel
    )
    {
        if (KindOf(kind) is not { } what || !await basket.DeleteForGood(what, id, clock.Now, cancel))
        {
            return Problems.NotFound(NotThere);
        }

        changes.Afterwards(() => photos.DeleteGone());
        return Results.NoContent();
    }

    private static DiscardedKind? KindOf(string kind) =>
        kind switch
        {
            "vehicle" => DiscardedKind.Vehicle,
            "product" => DiscardedKind.Product,
            _ => null,
        };
}

/// <summary>Something in the wastebasket.</summary>
/// <param name="Kind">What it is; the same word stands in its address.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the owner called it.</param>
/// <param name="DeletedAt">When it was deleted.</param>
/// <param name="GoesOn">The day on which it goes for good.</param>
internal sealed record DiscardedView(
    DiscardedKind Kind,
    Guid Id,
    string Name,
    DateTimeOffset DeletedAt,
    DateOnly GoesOn
)
{
    public static DiscardedView Of(Discarded discarded, OwnerClock clock) =>
        new(
            discarded.Kind,
            discarded.Id,
            discarded.Name,
            clock.OnTheWall(discarded.DeletedAt),
            DateOnly.FromDateTime(clock.OnTheWall(discarded.GoesAt).DateTime)
        );
}
