using Cove.Core.Routine.Card;
using Cove.Web.Features.Choices;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Routines;

/// <summary>The routine on paper.</summary>
internal static class CardEndpoints
{
    public static void MapRoutineCard(this RouteGroupBuilder api) =>
        api.MapGet("/vehicles/{vehicleId:guid}/routine/card", Get)
            .WithName("GetRoutineCard")
            .WithSummary("The routine as a card to print: what is done how often, with what, and how.")
            .Produces<RoutineCardView>()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is var (saved, plan)
            ? Results.Ok(RoutineCardView.Of(RoutineCard.Of(plan), saved.Routine, clock))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}

/// <summary>The routine as a card to print.</summary>
/// <param name="Printed">The owner's present day.</param>
/// <param name="Slots">When there are sessions, in words.</param>
/// <param name="Groups">The lines by how often they come.</param>
/// <param name="Cautions">What to beware of.</param>
internal sealed record RoutineCardView(
    DateOnly Printed,
    IReadOnlyList<string> Slots,
    IReadOnlyList<CardGroupView> Groups,
    IReadOnlyList<CardCautionView> Cautions
)
{
    public static RoutineCardView Of(RoutineCard card, CarRoutine routine, OwnerClock clock) =>
        new(
            clock.Today,
            [.. routine.Slots.Select(slot => WordsOf(slot, clock))],
            [
                .. card.Groups.Select(group => new CardGroupView(
                    group.Rhythm,
                    [.. group.Lines.Select(CardLineView.Of)]
                )),
            ],
            [.. card.Cautions.Select(caution => new CardCautionView(caution.Sentence, caution.Lines))]
        );

    private static string WordsOf(Slot slot, OwnerClock clock)
    {
        IReadOnlyList<SlotDay> days = new CarRoutine([slot]).Days(
            clock.Today,
            clock.Today.AddYears(1),
            clock.Zone
        );
        return days.Count == 0
            ? RecurrenceWords.Of(slot.Rule)
            : $"{RecurrenceWords.Of(slot.Rule)}, {days[0].Day.DayOfWeek} {slot.Time:HH\\:mm}, {slot.Minutes} min";
    }
}

/// <summary>What comes round as often.</summary>
/// <param name="Rhythm">How often.</param>
/// <param name="Lines">The lines.</param>
internal sealed record CardGroupView(Rhythm Rhythm, IReadOnlyList<CardLineView> Lines);

/// <summary>A task on the card.</summary>
/// <param name="Number">Its number.</param>
/// <param name="TaskId">The task.</param>
/// <param name="Name">What to do.</param>
/// <param name="Minutes">The minutes of hands.</param>
/// <param name="DryingMinutes">How long it has to dry; 0 when it is dry at once.</param>
/// <param name="Products">With what; none for what is done dry.</param>
/// <param name="How">How, in a few words.</param>
/// <param name="Next">When it is done next.</param>
/// <param name="SurfaceIds">Where.</param>
internal sealed record CardLineView(
    int Number,
    string TaskId,
    string Name,
    double Minutes,
    double DryingMinutes,
    IReadOnlyList<UsedProductView> Products,
    string How,
    DateOnly Next,
    IReadOnlyList<string> SurfaceIds
)
{
    public static CardLineView Of(CardLine line) =>
        new(
            line.Number,
            line.Item.Task.Id.Value,
            line.Item.Task.Name,
            line.Minutes,
            line.Drying.TotalMinutes,
            [.. line.Products.Select(UsedProductView.Of)],
            line.Methods.Count == 0 ? string.Empty : line.Methods[0].Name,
            line.Next,
            [.. line.Item.Surfaces.Select(surface => surface.Id.Value)]
        );
}

/// <summary>Something to beware of.</summary>
/// <param name="Sentence">What.</param>
/// <param name="Lines">The numbers of the lines it is for.</param>
internal sealed record CardCautionView(string Sentence, IReadOnlyList<int> Lines);
