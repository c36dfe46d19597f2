using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Choices;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Routines;

/// <summary>A coming session step by step.</summary>
internal static class OrderEndpoints
{
    public static void MapSessionOrder(this RouteGroupBuilder api) =>
        api.MapPost("/vehicles/{vehicleId:guid}/routine/order", Order)
            .WithName("OrderSession")
            .WithSummary(
                "Some tasks as a session at a place: running order, products, what to mix, what dries. Nothing is stored."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<SessionOrderView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Order(
        VehicleId vehicleId,
        SessionOrderRequest request,
        PlannedRoutines routines,
        CancellationToken cancel
    ) =>
        await routines.Order(vehicleId, request.Place, request.TaskIds, request.Minutes, cancel)
            is { } session
            ? Results.Ok(SessionOrderView.Of(session))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}

/// <summary>A session to put in order.</summary>
public sealed record SessionOrderRequest
{
    /// <summary>The tasks.</summary>
    [MaxLength(64, ErrorMessage = "Name up to 64 tasks.")]
    [EachLength(60)]
    public required IReadOnlyList<string> Tasks { get; init; }

    /// <summary>How long it is, in minutes.</summary>
    [Range(Slot.ShortestMinutes, Slot.LongestMinutes, ErrorMessage = "Say 5 to 120 minutes.")]
    public required int Minutes { get; init; }

    /// <summary>Whether water runs there.</summary>
    public bool Tap { get; init; } = true;

    /// <summary>Whether there is power.</summary>
    public bool Power { get; init; } = true;

    /// <summary>Whether the car is out of the sun.</summary>
    public bool Shade { get; init; } = true;

    /// <summary>How long the car may stand afterwards.</summary>
    public Standing Standing { get; init; }

    internal SlotPlace Place => new(SlotGround.Drive, Tap, Power, Shade, Standing);

    internal TaskId[] TaskIds => [.. Tasks.Select(task => new TaskId(task))];
}

/// <summary>A session step by step.</summary>
/// <param name="Minutes">How long it takes in all.</param>
/// <param name="Steps">The steps.</param>
/// <param name="Mixtures">What it takes of each product.</param>
/// <param name="LeftOut">The tasks that do not fit after all.</param>
internal sealed record SessionOrderView(
    double Minutes,
    IReadOnlyList<OrderStepView> Steps,
    IReadOnlyList<string> Mixtures,
    IReadOnlyList<string> LeftOut
)
{
    public static SessionOrderView Of(OrderedSession session) =>
        new(
            Math.Ceiling(session.Session.Plan.Order.Length.TotalMinutes),
            [
                .. session.Session.Steps.Select(step => new OrderStepView(
                    step.TaskId.Value,
                    step.PutsBack,
                    step.Name,
                    Math.Round(step.Planned.TotalMinutes, 1),
                    [
                        .. step
                            .MethodsOrUsual.Select(used => MethodLibrary.Find(used.MethodId)?.Name)
                            .OfType<string>()
                            .Distinct(StringComparer.Ordinal),
                    ],
                    [.. step.Products.Select(UsedProductView.Of)],
                    step.Drying > TimeSpan.Zero ? Math.Round(step.Drying.TotalMinutes) : null
                )),
            ],
            session.Mixtures,
            session.LeftOut
        );
}

/// <summary>A step of a coming session.</summary>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="PutsBack">Whether it only puts things back.</param>
/// <param name="Name">What to do.</param>
/// <param name="Minutes">How long the hands are busy, walking and fetching included.</param>
/// <param name="Methods">How, in a few words; none for a chore.</param>
/// <param name="Products">With what; none for what is done dry.</param>
/// <param name="DryingMinutes">How long something dries after it; null when nothing does.</param>
internal sealed record OrderStepView(
    string TaskId,
    bool PutsBack,
    string Name,
    double Minutes,
    IReadOnlyList<string> Methods,
    IReadOnlyList<UsedProductView> Products,
    double? DryingMinutes
);
